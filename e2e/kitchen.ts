import { readFileSync } from 'node:fs';
import {
  expect,
  test as base,
  type BrowserContext,
  type Locator,
  type Page,
} from '@playwright/test';
import { startServer, type Served } from './server';

const LOOK_MS = 10_000;
const FRAME_MS = 3_000;

/**
 * The browser without a screen now and then stops drawing a page for good, though the page itself answers; whatever
 * waits for a frame then waits for ever. Where none came for seconds, one is asked for. Gives the way to end it.
 */
function keepsDrawing(page: Page): () => void {
  let looking = false;
  const timer = setInterval(() => {
    if (looking || page.isClosed()) return;
    looking = true;
    page
      .evaluate(
        (ms) =>
          new Promise<boolean>((resolve) => {
            requestAnimationFrame(() => resolve(true));
            setTimeout(() => resolve(false), ms);
          }),
        FRAME_MS,
      )
      .then(async (draws) => {
        if (draws) return;
        await page.bringToFront();
        await page.screenshot();
      })
      // A page that goes meanwhile needs no frame.
      .catch(() => {})
      .finally(() => {
        looking = false;
      });
  }, LOOK_MS);
  return () => clearInterval(timer);
}

/** A page whose opening ends when it listens. */
function thereOnceItListens(page: Page): Page {
  const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)];
  page.goto = async (...how) => {
    const answer = await goto(...how);
    await listens(page);
    return answer;
  };
  page.reload = async (...how) => {
    const answer = await reload(...how);
    await listens(page);
    return answer;
  };
  return page;
}

/** Another window beside the test's own, of the same browser or of another device's. */
export const anotherPage = async (context: BrowserContext): Promise<Page> =>
  thereOnceItListens(await context.newPage());

/** Every test fails when the page writes an error to the console that it did not ask for. */
export const test = base.extend<
  { expectedErrors: RegExp[]; quiet: void; database: string },
  { server: Served }
>({
  // Each worker has a kitchen of its own: what one removes, another never sees vanish under its hand.
  server: [
    async ({}, hand, { parallelIndex }) => {
      const server = await startServer(parallelIndex);
      await hand(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  baseURL: ({ server }, hand) => hand(server.url),
  database: ({ server }, hand) => hand(server.database),
  // A page is there once it listens: nothing is pressed before, and nothing tried twice.
  page: async ({ page }, hand) => {
    const stop = keepsDrawing(thereOnceItListens(page));
    await hand(page);
    stop();
  },
  expectedErrors: [async ({}, use) => use([]), { option: true }],
  quiet: [
    async ({ page, expectedErrors }, use) => {
      const errors: string[] = [];
      page.on('console', (message) => {
        if (message.type() === 'error') errors.push(`${message.text()} ${message.location().url}`);
      });
      page.on('pageerror', (error) => errors.push(error.message));
      await use();
      expect(errors.filter((text) => !expectedErrors.some((each) => each.test(text)))).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

type Document = Record<string, Record<string, unknown>> & { name: string };

/** Puts a plan of its own into the database for a test, from a demo plan with some fields changed. */
export async function newPlan(
  page: Page,
  name: string,
  change: Record<string, Record<string, unknown>> = {},
  file = 'celeriac-and-smoked-curd-ravioli',
): Promise<string> {
  const document = JSON.parse(readFileSync(`demo/plans/${file}.json`, 'utf8')) as Document;
  for (const [part, fields] of Object.entries(change))
    document[part] = { ...document[part], ...fields };
  const response = await page.request.post('/api/plans', { data: { ...document, name } });
  expect(response.status()).toBe(201);
  return ((await response.json()) as { id: string }).id;
}

/** What is stored of a plan now. */
export const stored = async (page: Page, id: string) =>
  (await (await page.request.get(`/api/plans/${id}`)).json()) as Document;

export const tally = (page: Page) => page.getByRole('region', { name: 'Tally' });

/** Waits until the page, and all that the server drew of it, listens. */
export const listens = (page: Page) =>
  page.locator('html[data-listens]:not(:has([data-asleep]))').waitFor({ state: 'attached' });

export const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveText('✓ Saved');

/** Types into a field and leaves it. */
export async function type(page: Page, label: string, text: string) {
  const field = page.getByRole('textbox', { name: label, exact: true });
  await field.fill(text);
  await field.press('Enter');
}

/** Presses keys that open something. */
export async function press(page: Page, keys: string, opened: Locator) {
  await page.keyboard.press(keys);
  await expect(opened).toBeVisible();
}

/** Takes one of a few. */
export const choose = (page: Page, name: string) =>
  page.getByRole('radio', { name, exact: true }).click();

/** Opens a leaf of a station. */
export async function openTab(page: Page, name: string) {
  const tab = page.getByRole('tab', { name, exact: true });
  await tab.click();
  await expect(tab).toHaveAttribute('aria-selected', 'true');
}

/** Opens settings that are folded away. */
export const unfold = (page: Page, title: string) =>
  page.locator('summary').filter({ hasText: title }).click();
