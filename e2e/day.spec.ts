import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import ICAL from 'ical.js';
import { anotherPage, expect, newPlan, openTab, saved, test, type } from './kitchen';

const DEMO = '/days/friday-supper-and-saturday-stall';

/** The clock stands still: nothing better is looked for. */
const settled = (page: Page) =>
  expect(page.getByTestId('says')).not.toHaveText(/Looking|^$/, { timeout: 60_000 });

const block = (page: Page, id: string) => page.locator(`[data-block="${id}"]`);

/** A kind of work on the clock. */
const work = (page: Page, kind: string) => page.locator(`[data-block$="/${kind}"]`);

/** A day with one plan for eight, its own, on a date that does not move. */
async function oneSupper(page: Page, name: string): Promise<string> {
  const planId = await newPlan(page, `${name}, plan`, { batch: { portions: 8 } });
  await page.goto('/days');
  await page.getByRole('textbox', { name: 'What is it?' }).fill(name);
  await page.getByLabel('First day of work').fill('2026-11-27');
  await page.getByRole('button', { name: 'New day' }).click();
  await page.waitForURL(/\/days\/[0-9a-f-]{36}$/);
  await page.getByRole('combobox', { name: 'Plan' }).selectOption(planId);
  await page.getByRole('button', { name: 'Add to day' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/On the plates at 19:00/, {
    timeout: 60_000,
  });
  await settled(page);
  await saved(page);
  return page.url();
}

test('a day is made, a plan put on it, and is there again after a reload', async ({ page }) => {
  await oneSupper(page, 'Supper by the ferry');
  await expect(page.getByText(/Work begins/)).toBeVisible();
  await type(page, 'Portions', '10');
  await settled(page);
  await saved(page);
  const portions = page.getByRole('textbox', { name: 'Portions' });
  await page.keyboard.press('Control+z');
  await expect(portions).toHaveValue('8');
  await page.keyboard.press('Control+Shift+z');
  await expect(portions).toHaveValue('10');
  await settled(page);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Name of the day' })).toHaveValue(
    'Supper by the ferry',
  );
  await expect(page.getByRole('textbox', { name: 'Portions' })).toHaveValue('10');
  await page.goto('/days');
  await page.getByRole('button', { name: 'Delete Supper by the ferry' }).click();
  await expect(page.getByRole('link', { name: 'Supper by the ferry' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Supper by the ferry' })).toBeVisible();
});

test('a clash is told with what would mend it, and one tap mends it', async ({ page }) => {
  await page.goto('/days/ferry-lunch-with-one-pot');
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('This day doesn’t fit yet', { timeout: 60_000 });
  await expect(page.getByText(/would wait \d+ min too long in its sauce/)).toBeVisible();
  const mend = page.getByRole('button', { name: /serve over 1 h/ });
  await mend.click({ timeout: 60_000 });
  await expect(heading).toHaveText(/On the plates at/, { timeout: 60_000 });
  await settled(page);
  await openTab(page, 'How many hands');
  await expect(page.getByRole('rowheader', { name: '4 people' })).toBeVisible({ timeout: 60_000 });
  // Put back, for whoever comes after.
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await saved(page);
});

test('the demo’s Friday fits, two plans on one dough', async ({ page }) => {
  await page.goto(DEMO);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/All 3 ready in time/, {
    timeout: 60_000,
  });
  await openTab(page, 'Bowls');
  await expect(page.getByText(/to Celeriac and smoked curd, stall trays/).first()).toBeVisible();
});

test('a task is moved by keys and by drag: what breaks is said, and it stays', async ({ page }) => {
  await oneSupper(page, 'Moved about');
  const knead = work(page, 'knead');
  const label = (await knead.getAttribute('aria-label'))!;
  const [, hour, min] = /(\d\d):(\d\d) to/.exec(label)!;
  const at = (minutes: number) => {
    const all = Number(hour) * 60 + Number(min) + minutes;
    return `${String(Math.floor(all / 60)).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`;
  };
  await knead.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(knead).toHaveAttribute('aria-label', new RegExp(`${at(-5)} to .*kept at its time`));
  await settled(page);
  await expect(page.getByRole('region', { name: /^Chosen: Knead/ })).toBeVisible();
  // Far to the right: it would come after what needs it.
  const box = (await knead.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 300, y, { steps: 8 });
  await expect(page.getByTestId('breaks')).toHaveText(/too soon after/);
  await page.mouse.move(x - 40, y, { steps: 4 });
  await page.mouse.up();
  await expect(knead).toHaveAttribute('aria-label', /kept at its time/);
  await settled(page);
  await saved(page);
  await page.reload();
  await expect(knead).toHaveAttribute('aria-label', /kept at its time/, { timeout: 60_000 });
  await knead.click();
  await page.getByRole('button', { name: 'Let it move again' }).click();
  await expect(knead).not.toHaveAttribute('aria-label', /kept at its time/);
});

test('what comes late is gone round, and everybody sees it', async ({ page, context }) => {
  const url = await oneSupper(page, 'Late at the bench');
  await openTab(page, 'Lists');
  const first = page.getByRole('button', { name: /^Done: / }).first();
  await expect(first).toBeVisible();
  const bind = work(page, 'bind');
  const [, hour, min] = /(\d\d):(\d\d) to/.exec((await bind.getAttribute('aria-label'))!)!;
  // The filling is only bound half an hour after it should have been.
  await page.clock.setFixedTime(new Date(`2026-11-27T${hour}:${min}:00`).getTime() + 45 * 60_000);
  await page.reload();
  await settled(page);
  await expect(page.getByTestId('now')).toBeVisible();
  const other = await anotherPage(context);
  await other.clock.setFixedTime(new Date(`2026-11-27T${hour}:${min}:00`).getTime() + 45 * 60_000);
  await other.goto(url);
  await settled(other);
  await bind.click();
  await page.getByRole('button', { name: 'It is done' }).click();
  await expect(bind).toHaveAttribute('aria-label', /, done$/, { timeout: 60_000 });
  await expect(page.getByRole('region', { name: 'What changes for whom' })).toContainText(
    /later|from \d\d:\d\d/,
    { timeout: 60_000 },
  );
  await expect(work(other, 'bind')).toHaveAttribute('aria-label', /, done$/, {
    timeout: 60_000,
  });
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(bind).not.toHaveAttribute('aria-label', /, done$/, { timeout: 60_000 });
});

test('a service goes to the bench, and what is ticked there is done on the clock', async ({
  page,
}) => {
  const url = await oneSupper(page, 'To the bench');
  // Made on its own day, whenever this is run.
  await page.clock.setFixedTime(new Date('2026-11-27T17:40:00'));
  await page.getByRole('button', { name: 'At the bench' }).click();
  await page.waitForURL(/\/runs\//);
  await page.getByRole('button', { name: 'It is mixed' }).click();
  await expect(page.getByRole('button', { name: 'It is mixed' })).toBeHidden();
  const run = page.url().match(/\/runs\/([^?]+)/)![1]!;
  const events = async () =>
    ((await (await page.request.get(`/api/runs/${run}/events`)).json()) as { events: unknown[] })
      .events.length;
  await expect.poll(events).toBeGreaterThan(0);
  await page.goto(url);
  await expect(work(page, 'mix')).toHaveAttribute('aria-label', /, done$/, {
    timeout: 60_000,
  });
});

test('its papers and calendars are files that can be read', async ({ page }) => {
  await page.goto(`${DEMO}?at=paper`);
  const at = async (name: string) => (await page.getByRole('link', { name }).getAttribute('href'))!;
  for (const name of [
    'Everybody’s list',
    'Bowls (PDF)',
    'Shopping list',
    'Allergen sheet',
    'Labels',
    'Bench card: Barley',
  ]) {
    const answer = await page.request.get(await at(name));
    expect(answer.status()).toBe(200);
    expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Everybody (iCalendar)' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/\.ics$/);
  const calendar = new ICAL.Component(
    ICAL.parse(readFileSync(await download.path(), 'utf8')) as never,
  );
  const events = calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
  expect(events.map(({ summary }) => summary)).toContain('48 × Celeriac and smoked curd');
  expect(events.some(({ summary }) => summary.startsWith('Ivo: '))).toBe(true);
  // The whole day as a file opens as another day.
  const file = (await (await page.request.get(await at('The day as a file'))).json()) as object;
  await page.goto('/days');
  await page.getByLabel('Day file').setInputFiles({
    name: 'week-end.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...file, name: 'The same week-end' })),
  });
  await page.waitForURL(/\/days\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('textbox', { name: 'Name of the day' })).toHaveValue(
    'The same week-end',
  );
});

test.describe('what a day refuses', () => {
  test.use({ expectedErrors: [/409|400/] });

  test('is said, and a change made elsewhere comes in', async ({ page }) => {
    const url = await oneSupper(page, 'In two windows');
    const id = url.split('/').at(-1)!;
    const { plans: _, ...day } = (await (await page.request.get(`/api/days/${id}`)).json()) as {
      plans: object;
      note: string;
      services: { portions: number }[];
    };
    const put = (data: object) => page.request.put(`/api/days/${id}`, { data });
    const bad = await put({
      day: { ...day, services: [{ ...day.services[0], portions: 0 }] },
      baseEdition: 1,
    });
    expect(bad.status()).toBe(400);
    expect(await bad.json()).toMatchObject({
      error: expect.stringMatching(/Portions must be a whole number from 1 to 5000/),
    });
    // The same again is no conflict: it says which edition it is.
    const { edition } = (await (await put({ day, baseEdition: 1 })).json()) as { edition: number };
    expect(
      (await put({ day: { ...day, note: 'From elsewhere' }, baseEdition: edition })).status(),
    ).toBe(200);
    // It comes in by itself, and what is changed here after it joins it.
    await openTab(page, 'About');
    await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('From elsewhere');
    await openTab(page, 'Served');
    await type(page, 'Portions', '9');
    await expect(page.getByRole('textbox', { name: 'Portions' })).toHaveValue('9');
    await saved(page);
    const after = (await (await page.request.get(`/api/days/${id}`)).json()) as typeof day;
    expect([after.note, after.services[0]!.portions]).toEqual(['From elsewhere', 9]);
  });
});

test('on a phone a block is chosen by touch and moved by its buttons', async ({ page }) => {
  await oneSupper(page, 'On a phone');
  await page.setViewportSize({ width: 390, height: 800 });
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  const mix = work(page, 'mix');
  await mix.scrollIntoViewIfNeeded();
  await mix.click();
  await page.getByRole('button', { name: '5 min sooner' }).click();
  await expect(mix).toHaveAttribute('aria-label', /kept at its time/, { timeout: 60_000 });
  await expect(block(page, (await mix.getAttribute('data-block'))!)).toBeVisible();
});

test('the clock is printed whole: every date under its name, and nothing to tap', async ({
  page,
}) => {
  await page.goto('/days/friday-supper-and-saturday-stall');
  await expect(page.getByTestId('lanes')).toBeVisible();
  await expect(page.getByTestId('lanes-on-paper').first()).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  const dates = page.getByRole('heading', { level: 2, name: /\d/ });
  const onPaper = page.getByTestId('lanes-on-paper');
  await expect(onPaper.first()).toBeVisible();
  expect(await dates.count()).toBe((await onPaper.count()) + 1);
  await expect(page.getByRole('group', { name: 'Day shown' })).toBeHidden();
  await expect(page.getByRole('checkbox', { name: 'Show what may slip' })).toBeHidden();
  // Nothing runs off a sheet of paper laid across.
  await page.setViewportSize({ width: 1040, height: 720 });
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(1040);
});

test.describe('the clock on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('opens at the hour of serving', async ({ page }) => {
    await page.goto('/days/friday-supper-and-saturday-stall');
    await expect(page.getByTestId('lanes')).toBeVisible();
    const scrolled = () =>
      page
        .getByRole('group', { name: 'The clock' })
        .first()
        .evaluate((box) => box.scrollLeft);
    await expect.poll(scrolled).toBeGreaterThan(50);
    // Whose work it is stays beside it.
    const lanes = page.getByTestId('lanes');
    await expect(lanes.getByText('Maren', { exact: true })).toBeInViewport();
  });
});
