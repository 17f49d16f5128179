import { expect, newPlan, pressUntil, stored, saved, tally, test } from './kitchen';

test('a plan is made, changed and printed without a mouse', async ({ page }) => {
  await page.goto('/');
  const palette = page.getByPlaceholder('What would you like to do?');
  await pressUntil(page, 'Control+k', palette);
  await expect(palette).toBeFocused();
  await page.keyboard.type('new plan');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/plans\/new/);
  await page.getByRole('button', { name: /Square ravioli/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/plans\/[0-9a-f-]{36}/);
  const id = page.url().split('/').pop() ?? '';

  const portions = page.getByRole('textbox', { name: 'Portions' });
  await pressUntil(page, '1', portions);
  await expect(page.getByRole('button', { name: /How many/ })).toHaveAttribute(
    'aria-current',
    'step',
  );
  await portions.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(tally(page)).toContainText('8 portions of 6');

  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: /How many/ }).focus();
  await page.keyboard.press('5');
  const dose = page.getByRole('slider', { name: 'Dose' });
  await dose.focus();
  await page.keyboard.press('ArrowRight');
  await expect(dose).toHaveAttribute('aria-valuenow', '10.5');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(dose).toHaveAttribute('aria-valuenow', '10.55');
  // Two quick nudges are one step back; on a slow machine they may be two.
  await expect(async () => {
    await page.keyboard.press('Control+z');
    await expect(dose).toHaveAttribute('aria-valuenow', '10', { timeout: 1000 });
  }).toPass();
  await expect(async () => {
    await page.keyboard.press('Control+Shift+z');
    await expect(dose).toHaveAttribute('aria-valuenow', '10.55', { timeout: 1000 });
  }).toPass();
  await saved(page);
  expect((await stored(page, id)).shape?.doseG).toBe(10.55);

  await page.keyboard.press('c');
  await expect(page.getByRole('article', { name: 'Bench card' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page).toHaveURL(new RegExp(`/plans/${id}$`));
});

test('the list of keys opens by ? and closes by Escape', async ({ page }) => {
  const id = await newPlan(page, 'Keys test');
  await page.goto(`/plans/${id}`);
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await pressUntil(page, '?', keys);
  await expect(keys).toContainText('Ctrl Z');
  await expect(keys).toContainText('nudge finely');
  await page.keyboard.press('Escape');
  await expect(keys).toHaveCount(0);
});

test('a figure opens its working by key and gives the focus back', async ({ page }) => {
  const id = await newPlan(page, 'Working test');
  await page.goto(`/plans/${id}`);
  const figure = tally(page).getByRole('button', { name: /303/ });
  await figure.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toContainText('Pieces to make');
  await page.keyboard.press('Escape');
  await expect(figure).toBeFocused();
});

test('keys typed into a field stay in the field', async ({ page }) => {
  const id = await newPlan(page, 'Field keys');
  await page.goto(`/plans/${id}?at=count`);
  await page.getByRole('textbox', { name: 'Portions' }).fill('');
  await page.keyboard.type('57');
  await page.keyboard.press('Enter');
  await expect(tally(page)).toContainText('57 portions of 6');
  await expect(page.getByRole('button', { name: /How many/ })).toHaveAttribute(
    'aria-current',
    'step',
  );
});
