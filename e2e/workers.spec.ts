import type { Page } from '@playwright/test';
import { expect, newPlan, test } from './kitchen';

/** The map of a plan, worked out by its worker. */
async function plans(page: Page, id: string): Promise<void> {
  await page.goto(`/plans/${id}?at=seal`);
  const region = page.getByRole('region', { name: 'Where it holds' });
  await region.getByText('The map as a table').click();
  await expect(region).toContainText(/lost; make \d+/);
}

/** A day put on the clock by its own. */
async function days(page: Page): Promise<void> {
  await page.goto('/days/friday-supper-and-saturday-stall');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/ready in time/, {
    timeout: 60_000,
  });
}

/** A batch on paper, played out by another. */
async function practises(page: Page): Promise<void> {
  await page.goto('/practice/paper?seed=3');
  const ways = page.getByRole('group', { name: 'Ways' });
  for (let n = 1; n <= 9; n += 1) {
    await expect(page.getByText(`, ${n} of 9`)).toBeVisible();
    await ways.getByRole('button').first().click();
  }
  await expect(page.getByRole('region', { name: 'What each decision cost' })).toBeVisible();
}

/** Until the browser’s own worker has this page in hand. */
async function installed(page: Page): Promise<void> {
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await expect
    .poll(() => page.evaluate(async () => (await caches.keys()).includes('mortar-benches')))
    .toBe(true);
  await page.reload();
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null))
    .toBe(true);
}

test('bench, plan, day and practice go on beside each other in one browser, to and fro', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const id = await newPlan(page, 'To and fro');
  await page.goto(`/plans/${id}`);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.waitForURL(/\/runs\//);
  await installed(page);
  const bench = page.url();
  await plans(page, id);
  await days(page);
  await practises(page);
  await days(page);
  await plans(page, id);
  await page.goto(bench);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});
