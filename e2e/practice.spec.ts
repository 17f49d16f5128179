import type { Page } from '@playwright/test';
import { anotherPage, expect, test } from './kitchen';

const told = (page: Page) => page.getByRole('group', { name: 'What it is' });

/** Goes on with Tab until what has the focus says so. */
async function tabTo(page: Page, words: string) {
  for (let i = 0; i < 60; i += 1) {
    await page.keyboard.press('Tab');
    const here = await page.evaluate(
      () =>
        document.activeElement?.textContent || document.activeElement?.getAttribute('aria-label'),
    );
    if (here?.includes(words)) return;
  }
  throw new Error(`No way by Tab to ${words}`);
}

for (const [kind, answer] of [
  ['opens', 'A'],
  ['hand', 'Nothing: roll it'],
  ['left', 'They end together'],
  ['firstSheet', 'Change nothing'],
] as const) {
  test(`${kind} is answered by keys alone, and another comes`, async ({ page }) => {
    await page.goto(`/practice/${kind}?seed=11`);
    const before = await page.locator('main').innerText();
    await tabTo(page, answer);
    await page.keyboard.press('Enter');
    await expect(told(page)).toBeFocused();
    await expect(told(page)).toContainText(/Right|Not so/);
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await expect(told(page)).toHaveCount(0);
    expect(await page.locator('main').innerText()).not.toBe(before);
  });
}

for (const [kind, label, value] of [
  ['light', 'Thickness', '0.8'],
  ['dose', 'Dose', '9'],
] as const) {
  test(`${kind} is answered by keys alone, with how sure, and counts`, async ({ page }) => {
    await page.goto(`/practice/${kind}?seed=11`);
    await page.getByRole('radio', { name: 'I am sure' }).focus();
    await page.keyboard.press('Space');
    await page.getByRole('textbox', { name: label }).focus();
    await page.keyboard.type(value);
    await page.keyboard.press('Enter');
    await expect(told(page)).toContainText(`you said ${value}`);
    await page.goto('/practice');
    await expect(page.getByText(/of the last 1 right/)).toHaveCount(1);
    await expect(page.getByRole('region', { name: 'How sure you were' })).toContainText(
      'I am sure',
    );
  });
}

test('a piece is lifted out by keys while the clock runs', async ({ page }) => {
  await page.goto('/practice/now?seed=11');
  await tabTo(page, 'Put it in');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Lift it out' }).focus();
  await page.keyboard.press('Enter');
  // At once is too soon.
  await expect(told(page)).toContainText('Not so');
  await expect(told(page)).toContainText(/It is done at \d+:\d\d/);
});

test('a batch on paper is played through by keys alone, and tells what each decision cost', async ({
  page,
}) => {
  await page.goto('/practice/paper?seed=3');
  const ways = page.getByRole('group', { name: 'Ways' });
  for (let n = 1; n <= 9; n += 1) {
    await expect(page.getByText(`, ${n} of 9`)).toBeVisible();
    // The first way of each, by the key that follows its head.
    if (n === 1) await ways.getByRole('button').first().focus();
    else await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('heading', { name: /of \d+ on the plates/ })).toBeFocused();
  await expect(page.getByRole('region', { name: 'What was hidden' })).toContainText('eggs');
  const costs = page.getByRole('region', { name: 'What each decision cost' });
  await expect(costs.getByRole('listitem')).toHaveCount(9);
  await expect(costs).toContainText(/\d+ pieces/);
  const [came] = await page.getByRole('heading', { name: /on the plates/ }).allInnerTexts();

  // The same kitchen, one decision made otherwise, and back again at it.
  await page.getByRole('button', { name: 'The same kitchen again' }).click();
  await ways.getByRole('button', { name: 'A third over' }).click();
  await page
    .getByRole('region', { name: 'Decided so far' })
    .getByRole('button', { name: 'Decide again' })
    .click();
  await expect(page.getByText('How much, 1 of 9')).toBeVisible();
  for (let n = 1; n <= 9; n += 1) await ways.getByRole('button').first().click();
  await expect(page.getByRole('heading', { name: /on the plates/ })).toHaveText(came!);
});

test('what was missed comes back, on another device of the same cook too', async ({
  page,
  browser,
  baseURL,
}) => {
  await page.clock.install({ time: new Date('2026-11-20T10:00:00') });
  await page.goto('/practice');
  await page.getByLabel('Cook').selectOption('Maren');
  await page.goto('/practice/dose?seed=11');
  await page.getByRole('textbox', { name: 'Dose' }).fill('39');
  const kept = page.waitForResponse((response) => response.url().endsWith('/api/practice'));
  await page.getByRole('button', { name: 'Check answer' }).click();
  await expect(told(page)).toContainText('Not so');
  expect((await kept).ok()).toBe(true);
  await page.goto('/practice');
  await expect(page.getByRole('region', { name: 'What comes back' })).toContainText(
    'Nothing comes back today',
  );

  // The day after, at another device.
  const other = await anotherPage(await browser.newContext({ baseURL }));
  await other.clock.install({ time: new Date('2026-11-21T11:00:00') });
  await other.goto('/practice');
  await other.getByLabel('Cook').selectOption('Maren');
  await other.getByRole('link', { name: 'Take it' }).click();
  await expect(other.getByText('1 of 1, missed once')).toBeVisible();
  await expect(other.getByRole('textbox', { name: 'Dose' })).toBeVisible();
  await other.getByRole('textbox', { name: 'Dose' }).fill('39');
  await other.getByRole('button', { name: 'Check answer' }).click();
  await other.getByRole('button', { name: 'Done' }).click();
  await expect(other.getByRole('heading', { name: 'That was all for today' })).toBeVisible();
  await other.context().close();
});

test.describe('without a line', () => {
  test.use({ expectedErrors: [/Failed to load resource|Failed to fetch/] });

  test('practice opened once goes on, keeps its answers, and hands them over later', async ({
    page,
    context,
  }) => {
    await page.goto('/practice');
    await page.getByLabel('Cook').selectOption('Ivo');
    // Every exercise that is left from here has been kept.
    await expect
      .poll(() =>
        page.evaluate(async () => (await (await caches.open('mortar-practice')).keys()).length),
      )
      .toBe(10);
    await context.setOffline(true);
    await page.goto('/practice/opens');
    await page.getByRole('group', { name: 'Answers' }).getByRole('button', { name: 'A' }).click();
    await expect(told(page)).toContainText(/Right|Not so/);
    await page.getByRole('button', { name: 'Another' }).click();
    await page.getByRole('group', { name: 'Answers' }).getByRole('button', { name: 'B' }).click();
    await page.goto('/practice');
    await expect(page.getByText('2 answers wait for the line.')).toBeVisible();
    // The whole batch too, worker or none.
    await page.goto('/practice/paper');
    const ways = page.getByRole('group', { name: 'Ways' });
    for (let n = 1; n <= 9; n += 1) await ways.getByRole('button').first().click();
    await expect(page.getByRole('heading', { name: /on the plates/ })).toBeVisible();

    await context.setOffline(false);
    await page.goto('/practice');
    await expect(page.getByText('What you answer is kept in the kitchen.')).toBeVisible();
    await expect(page.getByText(/of the last 2 right/)).toBeVisible();
  });
});

test('a set for a class is the same for its number, and prints with its answers', async ({
  page,
}) => {
  await page.goto('/practice');
  await page.getByRole('textbox', { name: 'Number of the set' }).fill('42');
  await page.getByRole('button', { name: 'Make the set' }).click();
  await page.waitForURL(/seed=42/);
  const items = page.getByRole('listitem').filter({ has: page.getByRole('heading', { level: 2 }) });
  const first = await items.allInnerTexts();
  expect(first).toHaveLength(8);
  await page.reload();
  expect(await items.allInnerTexts()).toEqual(first);
  const answers = page.getByRole('region', { name: 'Answers' });
  await expect(answers).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(answers).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  expect(await answers.getByRole('listitem').count()).toBe(8);
});

test('what is no exercise, and no set, is not found', async ({ page }) => {
  for (const path of ['/practice/juggling', '/practice/set?seed=x']) {
    expect((await page.request.get(path)).status()).toBe(404);
  }
});
