import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { anotherPage, expect, newPlan, test } from './kitchen';

const small = { batch: { portions: 4, piecesPerPortion: 7, tasted: 0, breakageShare: 0 } };

/** Opens a run of a plan of its own; gives its address. */
async function atBench(page: Page, name: string): Promise<string> {
  const id = await newPlan(page, name, small);
  await page.goto(`/plans/${id}`);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.waitForURL(/\/runs\//);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  return page.url().split('?')[0]!;
}

const step = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Steps' }).getByRole('button', { name });

/** A step's key while the bench is at that step. */
const hereAt = (page: Page, name: string) => step(page, name).and(page.locator('[aria-current]'));

const runOf = (url: string) => url.split('/').at(-1)!;

/** What the server has of a run. */
const eventsOf = async (page: Page, url: string) =>
  (
    (await (await page.request.get(`/api/runs/${runOf(url)}/events`)).json()) as {
      events: { kind: string; pieces?: number }[];
    }
  ).events;

/** Makes a whole batch by touch, from the first bowl to the account; `after` is called as each step is done. */
async function makeBatch(page: Page, after: (step: string) => Promise<void> = async () => {}) {
  const key = (name: RegExp | string) => page.getByRole('button', { name }).first();
  const at = (name: string) => hereAt(page, name);
  for (const line of await page.getByRole('checkbox').all()) await line.tap();
  await expect(page.getByRole('checkbox', { checked: false })).toHaveCount(0);
  await key(/^It is mixed/).tap();
  await after('mixed');
  await key(/^Start the clock/).tap();
  await expect(page.getByRole('list', { name: 'Clocks' })).toContainText('kneading');
  await key(/^It is kneaded/).tap();
  await after('kneaded');
  await expect(page.getByRole('list', { name: 'Clocks' })).toHaveCount(0);
  await key(/^It rests now/).tap();
  // Something can be made while it rests.
  await page.getByRole('button', { name: /^Meanwhile: filling/ }).tap();
  await key(/^The filling is made/).tap();
  await after('filling');
  await step(page, 'Rest').tap();
  await key(/^It has rested/).tap();
  await after('rested');
  await step(page, 'Roll').tap();
  await expect(at('Roll')).toBeVisible();
  // The address follows a little later than the page: the page says where it is.
  while (await at('Roll').isVisible()) await page.locator('[data-next]').tap();
  await expect(page.getByText(/^Open \d+:\d\d more/)).toBeVisible();
  await after('rolled');
  const made = page.getByRole('status').filter({ hasText: 'pieces' });
  while (!(await page.getByRole('button', { name: /^All \d+ are made/ }).isVisible())) {
    await key(/sealed:/).tap();
  }
  await expect(made).toContainText('28');
  await key(/^All 28 are made/).tap();
  await after('made');
  await key(/^They lie on trays/).tap();
  await after('trays');
  await step(page, 'Boil').tap();
  // Round by round from the pot through the sauce to the plates; the last one leads on.
  await expect(key(/^In: /)).toBeVisible();
  while (await key(/^In: /).isVisible()) {
    await key(/^In: /).tap();
    await key(/^Out: /).tap();
    await key(/^They are in the sauce/).tap();
    await key(/^Plated: \d+ plates?/).tap();
  }
  await after('plated');
  await step(page, 'Look back').tap();
  await key(/^Opened at the lip/).tap();
  await key(/^Opened at the lip/).tap();
  await key(/^Popped/).tap();
  await page.getByRole('button', { name: 'Take back' }).tap();
  await key(/^Dough left/).tap();
  await page.getByRole('textbox', { name: /Dough left/ }).fill('12');
  await key('Save').tap();
  await key('Just right').tap();
  await after('looked back');
  await key(/^Close the batch/).tap();
}

test.describe('by touch on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a whole batch, from the first bowl to the account', async ({ page }) => {
    const url = await atBench(page, 'Whole batch');
    await makeBatch(page);
    await page.waitForURL(/\/logbook\//);
    await expect(page.locator('main')).toContainText('26 whole of 28');
    await expect(page.locator('main')).toContainText('Opened at the lip: 2');
    const events = await eventsOf(page, url);
    expect(events.filter(({ kind }) => kind === 'burst')).toHaveLength(3);
    expect(events.at(-1)).toMatchObject({ kind: 'finished' });
  });

  test('a test that finds what the plan did not reckon with is told, and one tap mends it', async ({
    page,
  }) => {
    const url = await atBench(page, 'Runny filling');
    await page.goto(`${url}?step=filling`);
    await page.getByRole('button', { name: /^Spoon test/ }).tap();
    await page.getByRole('textbox', { name: /It has spread to/ }).fill('42');
    await page.getByRole('button', { name: 'Save' }).tap();
    const tested = page.getByRole('region', { name: 'As it was tested' });
    await expect(tested).toContainText(/As it was tested, it (fails|stands on the edge)/);
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(390);
    await tested.getByRole('button', { name: /less filling/ }).tap();
    await expect(tested).toHaveCount(0);
    // A tap counts here at once and goes up after it.
    await expect
      .poll(() => eventsOf(page, url))
      .toEqual(
        expect.arrayContaining([
          expect.objectContaining({ kind: 'measured', test: 'spoonMm', value: 42, of: 15 }),
          expect.objectContaining({ kind: 'changed' }),
        ]),
      );
    // A wrong tap is taken back: the plan and its tests stand as before.
    await page.getByRole('button', { name: 'Take back' }).tap();
    await expect(tested).toBeVisible();
  });
});

test('keys and a pedal go on; a wrong tap is taken back by one', async ({ page }) => {
  const url = await atBench(page, 'Keys');
  await page.goto(`${url}?step=fill`);
  const count = page.getByRole('status').filter({ hasText: 'pieces' });
  await expect(count).toContainText('0of 28');
  await page.locator('main').focus();
  await page.keyboard.press('PageDown');
  await expect(count).toContainText('16');
  await page.keyboard.press('Space');
  await expect(count).toContainText('28');
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(count).toContainText('16');
  await page.getByRole('button', { name: /^One fewer/ }).click();
  await page.getByRole('button', { name: /sealed: 11 pieces/ }).click();
  await expect(count).toContainText('27');
});

/** Waits until the browser's own worker has the page. */
async function kept(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect
    .poll(() =>
      page.evaluate(async () => (await (await caches.open('mortar-benches')).keys()).length),
    )
    .toBeGreaterThan(0);
  await page.reload();
}

test.describe('with the line cut', () => {
  // The line goes while a part may be on its way ahead of its need; nothing else may fail.
  test.use({
    expectedErrors: [
      /ERR_INTERNET_DISCONNECTED|Failed to fetch|ERR_FAILED .*\/_next\/static\/chunks\//,
    ],
  });

  test('the bench goes on, over a reload too, and nothing is lost', async ({ page, context }) => {
    const url = await atBench(page, 'Offline');
    await page.goto(`${url}?step=fill`);
    await kept(page);
    await context.setOffline(true);
    await page.getByRole('button', { name: /sealed: 16/ }).click();
    await expect(page.locator('[data-line]')).toContainText('1 tap waits');
    await page.reload();
    const count = page.getByRole('status').filter({ hasText: 'pieces' });
    await expect(count).toContainText('16');
    await page.getByRole('button', { name: /sealed: 12/ }).click();
    await expect(page.locator('[data-line]')).toContainText('2 taps wait');
    await expect(count).toContainText('28');
    expect((await eventsOf(page, url)).filter(({ kind }) => kind === 'sheetDone')).toEqual([]);
    await context.setOffline(false);
    await expect(page.locator('[data-line="up"]')).toHaveText('✓ saved');
    await expect
      .poll(async () =>
        (await eventsOf(page, url))
          .filter(({ kind }) => kind === 'sheetDone')
          .map(({ pieces }) => pieces),
      )
      .toEqual([16, 12]);
  });

  test.describe('at every step, by touch on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('no tap is lost, none counts twice, and the batch is closed', async ({
      page,
      context,
    }) => {
      const url = await atBench(page, 'Cut at every step');
      await kept(page);
      const sent = async () => (await eventsOf(page, url)).length;
      let before = await sent();
      await context.setOffline(true);
      await makeBatch(page, async (done) => {
        // What was tapped without a line waits here; with one it goes up, and the next step is made without.
        await expect(page.locator('[data-line]'), done).toContainText(
          /[1-9]\d* taps? waits? for the line/,
        );
        await context.setOffline(false);
        // Saved here is said without a line too: it is the server that must have them.
        await expect(page.locator('[data-line="up"]'), done).toHaveText('✓ saved');
        const now = await sent();
        expect(now, done).toBeGreaterThan(before);
        before = now;
        if (done !== 'looked back') await context.setOffline(true);
      });
      await page.waitForURL(/\/logbook\//);
      await expect(page.locator('main')).toContainText('26 whole of 28');
      const events = await eventsOf(page, url);
      const made = events.filter(({ kind }) => kind === 'sheetDone');
      expect(made.reduce((sum, { pieces = 0 }) => sum + pieces, 0)).toBe(28);
      expect(events.at(-1)).toMatchObject({ kind: 'finished' });
    });
  });
});

test.describe('taps that waited', () => {
  test.use({ expectedErrors: [/ERR_FAILED|Failed to fetch/] });

  test('are sent from another page, which says so', async ({ page }) => {
    const url = await atBench(page, 'Sent from elsewhere');
    await page.goto(`${url}?step=fill`);
    await expect(page.locator('[data-line]')).toHaveText('✓ saved');
    await page.route('**/api/runs/*/events*', (route) => route.abort());
    await page.getByRole('button', { name: /sealed: 16/ }).click();
    await expect(page.locator('[data-line]')).toContainText('1 tap waits');
    await page.goto('/days');
    await expect(page.getByText('One tap from a bench still on this device')).toBeVisible();
    await page.unroute('**/api/runs/*/events*');
    await page.goto('/logbook');
    await expect(page.getByText('One tap from a bench sent.')).toBeVisible();
    const events = await eventsOf(page, url);
    expect(events).toContainEqual(expect.objectContaining({ kind: 'sheetDone', pieces: 16 }));
  });
});

test.describe('a kitchen that will not take a tap, or has the batch no more', () => {
  test.use({ expectedErrors: [/status of 40[04]/] });

  test('is said, and the taps are kept, and saved as a file', async ({ page }) => {
    const url = await atBench(page, 'Not taken');
    await page.goto(`${url}?step=fill`);
    const line = page.locator('[data-line]');
    await expect(line).toHaveText('✓ saved');
    const answer = { status: 400 };
    await page.route('**/api/runs/*/events*', (route) =>
      route.request().method() === 'POST' || answer.status === 404
        ? route.fulfill({ status: answer.status, json: { error: 'no' } })
        : route.continue(),
    );
    await page.getByRole('button', { name: /sealed: 16/ }).click();
    await expect(line).toContainText('the kitchen did not take one tap');
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the taps as a file' }).click(),
    ]);
    const taps = JSON.parse(readFileSync(await file.path(), 'utf8')) as {
      events: { kind: string; pieces?: number }[];
    };
    expect(taps.events).toContainEqual(expect.objectContaining({ kind: 'sheetDone', pieces: 16 }));
    answer.status = 404;
    await expect(line).toContainText('the kitchen no longer has this batch');
    await page.reload();
    await expect(page.getByRole('status').filter({ hasText: 'pieces' })).toContainText('16');
  });
});

test('two devices on one run see each other’s taps, and two taps at once both count', async ({
  page,
  browser,
  baseURL,
}) => {
  const url = await atBench(page, 'Two devices');
  await page.goto(`${url}?step=fill`);
  const other = await browser.newContext({ baseURL });
  const second = await anotherPage(other);
  await second.goto(`${url}?step=fill`);
  const count = (on: Page) => on.getByRole('status').filter({ hasText: 'pieces' });
  await expect(second.getByRole('button', { name: /sealed: 16/ })).toBeVisible();
  await Promise.all([
    page.getByRole('button', { name: /sealed: 16/ }).click(),
    second.getByRole('button', { name: /sealed: 16/ }).click(),
  ]);
  await expect(count(page)).toContainText('32');
  await expect(count(second)).toContainText('32');
  await other.close();
});

test('the scale takes a weight by itself when it is steady, and never twice', async ({ page }) => {
  await atBench(page, 'Scale');
  await page.getByRole('button', { name: 'Scale and probe' }).click();
  await page.getByRole('button', { name: 'Simulated devices' }).click();
  await expect(page.getByText('Simulated. No scale')).toBeVisible();
  const lines = page.getByRole('checkbox');
  const wanted = Number((await lines.first().innerText()).match(/(\d+) g/)![1]);
  for (const [load, times] of [
    [100, Math.floor(wanted / 100)],
    [10, Math.floor((wanted % 100) / 10)],
    [1, wanted % 10],
  ] as const) {
    const more = page.getByRole('button', { name: `+ ${load} g` });
    for (let i = 0; i < times; i += 1) await more.click();
  }
  await expect(lines.first()).toBeChecked();
  // The pan stands as it is: the next line is not taken from it.
  await expect(page.getByText(/of .* wanted/)).toBeVisible();
  await page.waitForTimeout(2500);
  await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(1);
  await page.getByRole('button', { name: 'Broken lines' }).click();
  await expect(page.getByText(/[1-9]\d* broken/)).toBeVisible();
});

test('an overfilled first sheet is seen, and what is adopted makes both bowls end together', async ({
  page,
}) => {
  const url = await atBench(page, 'Overfilled');
  await page.goto(`${url}?step=fill`);
  await page.getByRole('button', { name: /sealed: 16/ }).click();
  await page.getByRole('button', { name: 'Weigh some doses' }).click();
  await page.getByRole('textbox', { name: /Together they weigh/ }).fill('36');
  await page.getByRole('button', { name: 'Save' }).click();
  const rest = page.getByRole('region', { name: 'The rest of the batch' });
  await expect(rest).toContainText('of dough left over');
  await rest.getByRole('button', { name: /^Aim for [\d.]+ g in each/ }).click();
  await expect(rest).toHaveCount(0);
  await expect(page.getByText(/^[\d.]+g$/).first()).toBeVisible();
});
