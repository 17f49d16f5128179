/** npm run shots: retakes docs/screenshots from the demo data, 1280 × 800 and one phone. */
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import {
  build,
  CHROMIUM,
  CHROMIUM_ARGS,
  installChromium,
  installDependencies,
  quietEnv,
  run,
  tool,
} from './setup.mjs';

/** The batch that the demo has at the bench; `demo/openRun.ts`. */
const OPEN_RUN = /'([0-9a-f-]{36})'/.exec(readFileSync('demo/openRun.ts', 'utf8'))[1];

const port = '4176';
const database = '.cache/shots.db';
const folder = 'docs/screenshots';

/** [file, path, what differs from a light desktop] */
const views = [
  ['plans', '/'],
  ['new-plan', '/plans/new'],
  ['plan-count', '/plans/celeriac-stall?at=count'],
  ['plan-dough', '/plans/celeriac-friday?at=dough'],
  ['plan-filling', '/plans/celeriac-friday?at=filling'],
  ['plan-sheet', '/plans/ox-cheek-agnolotti?at=sheet'],
  ['plan-shape', '/plans/celeriac-friday?at=shape'],
  ['plan-seal', '/plans/celeriac-late?at=seal', { height: 1240 }],
  ['plan-boil', '/plans/celeriac-friday?at=boil', { height: 1130 }],
  ['day', '/days/friday-supper-and-saturday-stall', { height: 1010, waits: 'ready in time' }],
  ['bench-card', '/plans/celeriac-friday/card', { height: 1130 }],
  ['bench', `/runs/${OPEN_RUN}?step=fill`, { width: 1180, height: 820 }],
  ['logbook', '/logbook/trends', { height: 1000 }],
  ['logbook-learnt-dark', '/logbook/learnt', { dark: true }],
  ['kitchen', '/kitchen', { open: 'Measure it', height: 1130 }],
  ['pantry', '/kitchen/pantry'],
  ['shopping', '/shopping'],
  ['faults', '/faults?plan=celeriac-bare-tray&sign=sticksToTray', { height: 1000 }],
  ['practice', '/practice/opens?seed=11', { height: 900 }],
];

installDependencies();
installChromium();
// Only now is it surely there.
const { chromium } = await import('@playwright/test');
build();
for (const end of ['', '-wal', '-shm']) rmSync(database + end, { force: true });
run(tool('tsx'), ['demo/seed.ts', database]);
mkdirSync(folder, { recursive: true });

const server = spawn(process.execPath, ['scripts/serve.mjs'], {
  stdio: 'ignore',
  env: { ...quietEnv, MORTAR_DB: database, MORTAR_LISTEN: `127.0.0.1:${port}` },
});
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: CHROMIUM_ARGS,
});
try {
  for (let ready = false; !ready;) {
    ready = await fetch(`http://127.0.0.1:${port}/`)
      .then((r) => r.ok)
      .catch(() => false);
    if (!ready) await new Promise((resolve) => setTimeout(resolve, 250));
  }
  for (const [
    name,
    path,
    { dark = false, width = 1280, height = 800, leaf, open, waits } = {},
  ] of views) {
    const page = await browser.newPage({
      viewport: { width, height },
      locale: 'en-GB',
      colorScheme: dark ? 'dark' : 'light',
    });
    await page.goto(`http://127.0.0.1:${port}${path}`, { waitUntil: 'networkidle' });
    if (waits) await page.getByText(waits).first().waitFor();
    if (open) await page.getByRole('button', { name: open }).first().click();
    if (leaf) {
      await page.getByRole('tab', { name: leaf }).click();
      await page.getByText('Fetching…').waitFor({ state: 'detached' });
      await page.getByRole('tab', { name: leaf }).evaluate((tab) => {
        tab.blur();
        tab.scrollIntoView({ block: 'center' });
      });
    }
    await page.screenshot({ path: `${folder}/${name}.png` });
    await page.close();
    console.log(`${folder}/${name}.png`);
  }
} finally {
  await browser.close();
  server.kill();
}
