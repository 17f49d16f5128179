import type { Page } from '@playwright/test';
import { anotherPage, expect, listens, newPlan, saved, stored, tally, test, type } from './kitchen';

/** Opens a page whose scripts are on their way, as on a slow line, and gives the way to let them come. */
async function openSlowly(page: Page, url: string): Promise<() => Promise<void>> {
  let come = () => {};
  const coming = new Promise<void>((resolve) => (come = resolve));
  await page.route('**/*.js', async (route) => {
    await coming;
    await route.continue();
  });
  // Not by `goto`, which waits until it listens.
  await page.evaluate((to) => void (location.href = to), url);
  await page.waitForURL(`**${url}`, { waitUntil: 'commit' });
  return async () => {
    come();
    await listens(page);
  };
}

test('what is typed and chosen before the page listens is not lost', async ({ page }) => {
  const id = await newPlan(page, 'Early hands');
  await page.goto('/words');
  const come = await openSlowly(page, `/plans/${id}?at=count`);
  await page.getByRole('textbox', { name: 'Portions' }).fill('20');
  await page.getByRole('textbox', { name: 'Pieces each' }).fill('7');
  await page.getByRole('textbox', { name: 'Pieces each' }).press('Enter');
  await page.getByRole('textbox', { name: /^Note/ }).fill('thin edge');
  await page.getByRole('radio', { name: 'main' }).check();
  expect(await page.evaluate(() => 'listens' in document.documentElement.dataset)).toBe(false);
  await come();
  await expect(tally(page)).toContainText('20 portions of 7');
  await expect(page.getByRole('textbox', { name: /^Note/ })).toHaveValue('thin edge');
  await expect(page.getByRole('radio', { name: 'main' })).toBeChecked();
  await expect
    .poll(async () => (await stored(page, id)) as unknown)
    .toMatchObject({
      note: 'thin edge',
      serving: 'main',
      batch: { portions: 20, piecesPerPortion: 7 },
    });
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
});

test('a choice made before the page listens is the one it goes by', async ({ page }) => {
  await page.goto('/words');
  const come = await openSlowly(page, '/practice');
  await page.getByLabel('Cook').selectOption('Maren');
  await come();
  await expect
    .poll(() => page.evaluate(() => localStorage.getItem('mortar-practice')))
    .toContain('"cook":"Maren"');
  await expect(page.getByLabel('Cook')).toHaveValue('Maren');
});

test('a button pressed before the page listens does what it says, once', async ({ page }) => {
  const id = await newPlan(page, 'Early press');
  await page.goto('/words');
  const come = await openSlowly(page, `/plans/${id}?at=count`);
  const boil = page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('button', { name: /Boil/ });
  await boil.click();
  await boil.click();
  await come();
  await expect(page).toHaveURL(/at=boil/);
  await expect(page.getByRole('heading', { name: 'Boil', level: 2 })).toBeAttached();
});

test('a form sent off before the page listens stays, and goes off with what was typed', async ({
  page,
}) => {
  await page.goto('/words');
  const come = await openSlowly(page, '/plans/new');
  await page.getByRole('textbox', { name: /^For how many/ }).fill('7');
  await page.getByRole('button', { name: 'Make the plan' }).click();
  expect(page.url()).not.toContain('?');
  await come();
  await expect(page).toHaveURL(/[0-9a-f-]{36}/);
  await expect(tally(page)).toContainText('7 portions');
});

test('what a browser puts back into a field by itself is no hand’s doing', async ({
  page,
  context,
}) => {
  const id = await newPlan(page, 'Late hands');
  await page.goto(`/plans/${id}?at=count`);
  await type(page, 'Portions', '33');
  await saved(page);
  const other = await anotherPage(context);
  await other.goto(`/plans/${id}?at=count`);
  await type(other, 'Portions', '60');
  await saved(other);
  await page.reload();
  await expect(tally(page)).toContainText('60 portions of 6');
  await expect(page.getByRole('textbox', { name: 'Portions' })).toHaveValue('60');
  expect((await stored(page, id)).batch?.portions).toBe(60);
});
