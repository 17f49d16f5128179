import { expect, newPlan, test } from './kitchen';

test('runs are found by plan, cook and word, read in full and set side by side', async ({
  page,
}) => {
  await page.goto('/logbook');
  await page.getByRole('searchbox', { name: 'Find a batch' }).fill('agnolotti');
  await expect(page.getByRole('status').filter({ hasText: 'batches' })).toHaveText('3 batches');
  await page.getByRole('combobox', { name: 'Cook' }).selectOption('Maren');
  await expect(page.getByRole('status').filter({ hasText: 'batch' })).toHaveText('1 batch');
  await page.getByRole('link', { name: /Ox-cheek pinched agnolotti/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ox-cheek pinched agnolotti');
  await expect(page.getByRole('region', { name: 'As it went' })).toContainText('A sheet sealed');
  await expect(page.getByRole('region', { name: 'Where it went' })).toContainText(
    'Does not add up',
  );
  await page.getByRole('button', { name: 'Set them side by side' }).click();
  await expect(page.getByRole('heading', { name: 'Side by side' })).toBeVisible();
  await expect(page.getByRole('row', { name: /differs: Pieces/ })).toBeVisible();
});

test('plans stand on what was learnt until the typical values are used', async ({ page }) => {
  const id = await newPlan(page, 'Learnt');
  const filling = async () => {
    await page.goto(`/plans/${id}?at=count`);
    return page.getByRole('region', { name: 'Tally' }).innerText();
  };
  const typical = await filling();
  await page.goto('/logbook/learnt');
  await page.getByRole('button', { name: 'Use what we’ve learned' }).click();
  await expect(
    page.getByRole('button', { name: 'Use typical values for everything' }),
  ).toBeVisible();
  const here = await filling();
  expect(here).not.toBe(typical);
  await page
    .getByRole('region', { name: 'Tally' })
    .locator('dl > div')
    .filter({ hasText: /^Filling/ })
    .getByRole('button')
    .click();
  await expect(page.getByRole('dialog')).toContainText(/From \d+ batches: doses run over/);
  await page.goto('/logbook/learnt');
  const hold = page.getByRole('button', {
    name: /Use the typical value ?: Dose in a piece.*all cooks/,
  });
  await hold.click();
  await expect(page.getByText(/using typical; here 1\.0/)).toBeVisible();
  await page.getByRole('button', { name: 'Use typical values for everything' }).click();
  await expect(page.getByRole('button', { name: 'Use what we’ve learned' })).toBeVisible();
  expect(await filling()).toBe(typical);
});

test('the evidence is said in words, with a table behind every chart', async ({ page }) => {
  await page.goto('/logbook/trends');
  await expect(page.getByRole('region', { name: 'What the evidence says' })).toContainText(
    /Celeriac and smoked curd: pieces lost fell from/,
  );
  for (const summary of await page.locator('summary').all()) await summary.click();
  await expect(page.getByRole('table').first()).toContainText('2026-09');
});

test('a run that found something out opens a revision with it', async ({ page }) => {
  const id = await newPlan(page, 'Again');
  await page.goto(`/plans/${id}`);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.waitForURL(/\/runs\//);
  await page.goto(`${page.url().split('?')[0]}?step=knead`);
  await page.getByRole('button', { name: 'Crumbly' }).click();
  await page
    .getByRole('button', { name: /^Done: .* water/ })
    .first()
    .click();
  await page.goto(`${page.url().split('?')[0]}?step=close`);
  await page.getByRole('button', { name: /^Close the batch/ }).click();
  await page.waitForURL(/\/logbook\//);
  const again = page.getByRole('region', { name: 'Plan again' });
  await expect(again).toContainText('Water in the recipe');
  await again.getByRole('button', { name: 'Plan again with these' }).click();
  await page.waitForURL(/\/plans\//);
  await page.goto(`/plans/${id}/revisions`);
  await expect(page.getByRole('main')).toContainText('2');
});

test('a chart that has not measured itself anew never widens its page', async ({ page }) => {
  // It is told its width once, and of no change: as on a busy machine, for good.
  await page.addInitScript(() => {
    const Measured = window.ResizeObserver;
    window.ResizeObserver = class extends Measured {
      constructor(told: ResizeObserverCallback) {
        super((entries, observer) => {
          told(entries, observer);
          observer.disconnect();
        });
      }
    };
  });
  await page.goto('/logbook/trends');
  const chart = page.locator('.recharts-surface').first();
  await expect(chart).toBeVisible();
  await page.setViewportSize({ width: 360, height: 740 });
  expect((await chart.boundingBox())!.width).toBeGreaterThan(600);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
});
