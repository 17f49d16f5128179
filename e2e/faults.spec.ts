import type { Page } from '@playwright/test';
import { expect, newPlan, stored, test } from './kitchen';

const small = { batch: { portions: 4, piecesPerPortion: 7, tasted: 0, breakageShare: 0 } };

const causes = (page: Page) => page.getByRole('region', { name: 'Causes' }).getByRole('listitem');
const asked = (page: Page) => page.getByRole('region', { name: 'Questions' });

/** Taps the answer to whatever is asked, until nothing is. */
async function answer(page: Page, known: Readonly<Record<string, string>>) {
  for (let i = 0; i < 6; i += 1) {
    const group = asked(page).getByRole('group');
    if ((await group.count()) === 0) return;
    const question = (await group.getAttribute('aria-label'))!;
    const own = Object.entries(known).find(([words]) => question.includes(words))?.[1];
    await group.getByRole('button', { name: own ?? 'I don’t know', exact: true }).click();
    await expect(asked(page).getByRole('group', { name: question })).toHaveCount(0);
  }
}

test('a fault at the bench leads to its cause, into the log, and to a changed plan', async ({
  page,
}) => {
  const id = await newPlan(page, 'Fault at the bench', {
    ...small,
    hold: { air: 'none', surface: 'semolina', phases: [{ place: 'fridge', minutes: 30 }] },
  });
  await page.goto(`/plans/${id}`);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.waitForURL(/\/runs\//);
  const run = page.url().split('?')[0]!.split('/').at(-1)!;
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('button', { name: 'Boil' })
    .click();
  await page.getByRole('button', { name: 'Something is wrong' }).click();
  await page.getByRole('button', { name: /^Pieces pop, full of air/ }).click();
  await expect(page.getByRole('region', { name: 'What can be saved' })).toContainText('Prick');
  await answer(page, { 'is there air': 'A bubble beside the filling' });
  await expect(causes(page).first()).toContainText('Air left in the pocket');
  await expect(causes(page).first()).toContainText('as good as sure');
  await page.getByRole('button', { name: 'It was this' }).first().click();
  await expect(page.getByRole('button', { name: '✓ It was this' })).toBeVisible();
  await page.getByRole('button', { name: /^(Press the air out|Prick the bubbles)/ }).click();
  await expect(page.getByText('The plan is changed for next time')).toBeVisible();
  expect((await stored(page, id)).hold?.air).not.toBe('none');
  // It stands in the log of the batch, and counts in the next.
  await page.goto(`/logbook/${run}`);
  await expect(page.getByText('Why, as it was found:')).toContainText('air left in the pocket');
  await page.goto('/faults?sign=pops');
  await expect(causes(page).first()).toContainText('found in this kitchen');
});

test('what burst is asked after where a batch is closed', async ({ page }) => {
  const id = await newPlan(page, 'Fault at closing', small);
  await page.goto(`/plans/${id}`);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.waitForURL(/\/runs\//);
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('button', { name: 'Look back' })
    .click();
  await page.getByRole('button', { name: 'Opened at the lip', exact: true }).click();
  await page.getByRole('button', { name: /^Why\?/ }).click();
  await expect(page.getByRole('list', { name: 'What you see' })).toContainText('open at the lip');
  // On a phone nothing runs off the side.
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.getByRole('button', { name: 'Back to the work' }).click();
  await expect(page.getByRole('button', { name: /^Opened at the lip/ })).toBeVisible();
});

test('a plan is asked what went wrong, by keys alone', async ({ page }) => {
  const id = await newPlan(page, 'Fault by keys', {
    hold: { surface: 'semolina', phases: [{ place: 'fridge', minutes: 120 }] },
  });
  await page.goto(`/plans/${id}`);
  await page.keyboard.press('w');
  await page.waitForURL(/\/faults\?plan=/);
  const sign = page.getByRole('button', { name: /^Wet patches on the tray/ });
  await sign.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'What can be saved' })).toContainText('Freeze');
  const question = (await asked(page).getByRole('group').getAttribute('aria-label'))!;
  const inAnswers = () =>
    page.evaluate(() => document.activeElement?.closest('[role="group"]')?.ariaLabel ?? '');
  for (let i = 0; i < 40 && (await inAnswers()) !== question; i += 1) {
    await page.keyboard.press('Tab');
  }
  await page.keyboard.press('Enter');
  const answered = page.getByRole('list', { name: 'What you answered' });
  await expect(answered).toContainText(question);
  // The focus goes on to what is asked next; taken back, the first is asked again.
  await expect(asked(page).locator(':focus')).toHaveCount(1);
  await answered.getByRole('button').first().press('Enter');
  await expect(asked(page)).toContainText(question);
  await expect(answered).toHaveCount(0);
});

test('without a plan a burst is explained, and what is found counts next time', async ({
  page,
}) => {
  await page.goto('/sums/burst');
  await page.getByRole('button', { name: /^The skin tears over the filling/ }).click();
  await answer(page, { 'pot go': 'It boiled hard' });
  await expect(causes(page).first()).toContainText('Boiled too hard');
  await page.getByRole('button', { name: 'It was this' }).first().click();
  await expect(page.getByText(/It counts next time/).first()).toBeVisible();
  await page.goto('/faults?sign=tearsInPot');
  await expect(
    causes(page)
      .filter({ hasText: 'Boiled too hard' })
      .getByText(/found in this kitchen/),
  ).toBeAttached();
});

test.describe('without a line', () => {
  test.use({
    expectedErrors: [/ERR_INTERNET_DISCONNECTED|Failed to fetch|fetching the script|ERR_FAILED/],
  });

  test('the bench finds the cause, and sends it when the line is back', async ({
    page,
    context,
  }) => {
    const id = await newPlan(page, 'Fault offline', small);
    await page.goto(`/plans/${id}`);
    await page.getByRole('button', { name: 'To the bench' }).click();
    await page.waitForURL(/\/runs\//);
    const run = page.url().split('?')[0]!.split('/').at(-1)!;
    // The bench is kept on the device a moment after it was first opened.
    await expect
      .poll(() =>
        page.evaluate(async () => (await (await caches.open('mortar-benches')).keys()).length),
      )
      .toBeGreaterThan(0);
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Something is wrong' }).click();
    await page.getByRole('button', { name: /^The dough crumbles/ }).click();
    await answer(page, { 'true of this dough': 'The eggs are small ones' });
    await expect(causes(page).first()).toContainText('Eggs smaller than counted');
    await page.getByRole('button', { name: 'It was this' }).first().click();
    await context.setOffline(false);
    await expect
      .poll(async () => (await page.request.get(`/api/runs/${run}/events`)).text(), {
        timeout: 30_000,
      })
      .toContain('smallEggs');
  });
});
