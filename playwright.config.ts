import { defineConfig } from '@playwright/test';
import { CHROMIUM, CHROMIUM_ARGS } from './scripts/setup.mjs';

const port = 4174;
const database = '.cache/e2e.db';

export default defineConfig({
  testDir: 'e2e',
  timeout: 60_000,
  expect: { timeout: 7_000 },
  workers: 2,
  // A test that passes at the second try is a defect found.
  retries: 0,
  fullyParallel: true,
  forbidOnly: true,
  outputDir: '.cache/e2e-results',
  reporter: [['list'], ['json', { outputFile: '.cache/playwright.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
    launchOptions: { executablePath: CHROMIUM, args: CHROMIUM_ARGS },
  },
  webServer: {
    // Connections stay open between a test's own requests: one closed as it is used again would be reset.
    command: `rm -f ${database}* && tsx demo/seed.ts ${database} && next start -H 127.0.0.1 -p ${port} --keepAliveTimeout 600000`,
    url: `http://127.0.0.1:${port}/api/plans/celeriac-friday`,
    env: { MORTAR_DB: database, NEXT_TELEMETRY_DISABLED: '1' },
    reuseExistingServer: false,
    timeout: 60_000,
  },
});
