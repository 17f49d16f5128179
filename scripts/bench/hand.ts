/** How the plan page answers the hand, and how it opens, on a processor four times slower. */
import type { BrowserContext, CDPSession, Locator, Page } from '@playwright/test';
import { CHROMIUM, CHROMIUM_ARGS } from '../setup.mjs';
import type { Row } from './rows';

const INTERACTION_MS = 100;
/** Two frames at sixty a second. */
const FRAME_MS = 33.4;
const FRAME_UNTHROTTLED_MS = 17;
const LCP_MS = 1800;
const BLOCKED_MS = 300;
const SHIFT = 0.02;
const SLOWER = 4;

/** What a telephone's browser says it is. */
const PHONE =
  'Mozilla/5.0 (Linux; Android 14; K) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Mobile Safari/537.36';

/** Written by the page: how long each interaction took to its next paint, tasks, paint, shifts. */
interface Seen {
  events: { id: number; ms: number }[];
  tasks: { at: number; ms: number }[];
  lcp: number;
  fcp: number;
  shift: number;
  gaps: number[];
}

/** Runs an expression in the page. As text: what this script is built with is not there. */
const read = <T>(page: Page, expression: string) => page.evaluate(expression) as Promise<T>;

const settle = (page: Page) => page.waitForTimeout(700);

/** A click by place alone: what finds the place must not be counted with what follows. */
async function click(page: Page, what: Locator): Promise<void> {
  await what.scrollIntoViewIfNeeded();
  const box = (await what.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2] as const;
  await page.mouse.move(x, y);
  await page.waitForTimeout(250);
  await page.mouse.click(x, y);
}

/** What a cook does, each several times. */
const ACTS: Readonly<Record<string, (page: Page, turn: number) => Promise<void>>> = {
  'typing a dose': async (page, turn) => {
    await click(page, page.getByRole('textbox', { name: 'Dose' }));
    await page.keyboard.type(String(8 + (turn % 3) / 2));
    await page.keyboard.press('Enter');
  },
  'nudging a ruler': async (page) => {
    await page.getByRole('slider', { name: 'Dose' }).focus();
    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowLeft']) {
      await page.keyboard.press(key);
      await page.waitForTimeout(120);
    }
  },
  'changing shape': async (page, turn) => {
    const name = ['Round', 'Square', 'Tortelloni', 'Square'][turn % 4] ?? 'Square';
    await click(page, page.getByRole('radio', { name }).first());
  },
  'changing station': async (page, turn) => {
    const names = ['Dough', 'Filling', 'Sheet', 'Shape'];
    const stations = page.getByRole('navigation', { name: 'Stations' });
    await click(page, stations.getByRole('button', { name: names[turn % 4]! }));
  },
  'changing the way in': async (page, turn) => {
    const names = ['Dough I have', 'Filling I have', 'Use both up', 'Portions'];
    await click(page, page.getByRole('radio', { name: names[turn % 4]! }));
  },
};

const START: Readonly<Record<string, string>> = { 'changing the way in': 'count' };
const TURNS = 8;
/** A page is at rest after so long. */
const OPENED_MS = 4000;
/** The page is opened so often; the middle counts. */
const OPENINGS = 5;

async function slowed(page: Page, rate: number): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate });
  return session;
}

/** The value below which a share of all lie. */
const quantile = (values: readonly number[], share: number): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
};

const row = (what: string, value: number, budget: number, unit = 'ms'): Row => ({
  what,
  [unit === 'ms' ? 'p98 ms' : 'value']: value.toFixed(unit === 'ms' ? 0 : 3),
  budget: `${budget} ${unit}`.trim(),
  within: value <= budget ? 'yes' : 'NO',
});

/** How a page opened. */
interface Opening {
  readonly lcp: number;
  readonly shift: number;
  /** What it kept the hand waiting from its first paint on: of each long task what is over 50 ms. */
  readonly blocked: number;
}

async function watched(context: BrowserContext): Promise<Page> {
  const page = await context.newPage();
  await page.addInitScript({ path: 'scripts/bench/watchPage.js' });
  return page;
}

async function opening(page: Page, url: string): Promise<Opening> {
  await page.goto(url);
  await page.waitForTimeout(OPENED_MS);
  const { lcp, fcp, shift, tasks } = await read<Seen>(page, 'window.seen');
  const blocked = tasks
    .filter(({ at }) => at >= fcp)
    .reduce((sum, { ms }) => sum + Math.max(0, ms - 50), 0);
  return { lcp, shift, blocked };
}

/** The middle of several openings; of what shifts, the worst. */
function openingRows(which: string, openings: readonly Opening[]): Row[] {
  const middle = (of: (each: Opening) => number) => quantile(openings.map(of), 0.5);
  const shift = Math.max(...openings.map((each) => each.shift));
  return [
    row(
      `${which}: largest paint`,
      middle(({ lcp }) => lcp),
      LCP_MS,
    ),
    row(
      `${which}: blocked while opening`,
      middle(({ blocked }) => blocked),
      BLOCKED_MS,
    ),
    row(`${which}: layout shift`, shift, SHIFT, ''),
  ];
}

/** Measures a served plan page at two widths. */
export async function handRows(origin: string, plan: string): Promise<Row[]> {
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS });
  const rows: Row[] = [];
  try {
    for (const width of [1280, 390]) {
      const phone = width < 500 && { isMobile: true, hasTouch: true, userAgent: PHONE };
      const asNew = () => browser.newContext({ viewport: { width, height: 800 }, ...phone });
      const url = `${origin}/plans/${plan}`;
      const first: Opening[] = [];
      for (let turn = 0; turn < OPENINGS; turn += 1) {
        const context = await asNew();
        const page = await watched(context);
        await slowed(page, SLOWER);
        first.push(await opening(page, url));
        await context.close();
      }
      rows.push(...openingRows(`${width}, first visit`, first));
      const context = await asNew();
      const page = await watched(context);
      // What was fetched and compiled once is at hand, as on any day but the first.
      await opening(page, url);
      const session = await slowed(page, SLOWER);
      const later: Opening[] = [];
      for (let turn = 0; turn < OPENINGS; turn += 1) later.push(await opening(page, url));
      rows.push(...openingRows(`${width}`, later));
      // A reload leads back to the station that was open.
      const again: Opening[] = [];
      for (let turn = 0; turn < OPENINGS; turn += 1) {
        again.push(await opening(page, `${url}?at=filling`));
      }
      rows.push(...openingRows(`${width}, at the filling`, again));
      for (const [what, act] of Object.entries(ACTS)) {
        await page.goto(`${origin}/plans/${plan}?at=${START[what] ?? 'shape'}`);
        await page.waitForSelector('[data-listens]');
        await page.waitForTimeout(2500);
        for (let turn = 0; turn < TURNS; turn += 1) {
          await act(page, turn);
          await settle(page);
        }
        const longest = new Map<number, number>();
        for (const { id, ms } of await read<Seen['events']>(page, 'window.seen.events')) {
          longest.set(id, Math.max(ms, longest.get(id) ?? 0));
        }
        rows.push(row(`${width}: ${what}`, quantile([...longest.values()], 0.98), INTERACTION_MS));
      }
      for (const rate of [SLOWER, 1]) {
        await session.send('Emulation.setCPUThrottlingRate', { rate });
        const p95 = quantile(await dragFrames(page, `${origin}/plans/${plan}?at=shape`), 0.95);
        const budget = rate === 1 ? FRAME_UNTHROTTLED_MS : FRAME_MS;
        rows.push(row(`${width}: frame of a drag, ${rate} × slower`, p95, budget));
      }
      await context.close();
    }
  } finally {
    await browser.close();
  }
  return rows;
}

/** Times between frames while the dose is dragged to and fro. */
async function dragFrames(page: Page, url: string): Promise<number[]> {
  await page.goto(url);
  await page.waitForSelector('[data-listens]');
  await page.waitForTimeout(2000);
  const ruler = page.getByRole('slider', { name: 'Dose' });
  await ruler.scrollIntoViewIfNeeded();
  const box = (await ruler.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 12);
  await page.mouse.down();
  await page.evaluate('watchFrames()');
  for (let i = 0; i < 90; i += 1) {
    await page.mouse.move(box.x + 40 * Math.sin(i / 8), box.y + 12);
    await page.waitForTimeout(8);
  }
  await page.mouse.up();
  const gaps = await read<number[]>(page, '(window.watching = false, window.seen.gaps)');
  return gaps.slice(3);
}
