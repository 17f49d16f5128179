import { defineConfig } from '@playwright/test';
import { CHROMIUM, CHROMIUM_ARGS } from './scripts/setup.mjs';

export default defineConfig({
  testDir: 'e2e',
  // How long a thing takes is for `npm run bench`: a busy machine is no defect.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 2,
  // A test that passes at the second try is a defect found.
  retries: 0,
  fullyParallel: true,
  forbidOnly: true,
  outputDir: '.cache/e2e-results',
  reporter: [['list'], ['json', { outputFile: '.cache/playwright.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // Its clock has 24 hours; where a test is of twelve, it says so.
    locale: 'en-GB',
    // Drawing every step costs a sixth of the time: `npx playwright test NAME --trace on` looks closer.
    trace: 'off',
    launchOptions: { executablePath: CHROMIUM, args: CHROMIUM_ARGS },
  },
});
