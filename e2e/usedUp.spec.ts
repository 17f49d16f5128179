import { expect, newPlan, saved, stored, tally, test, unfold } from './kitchen';

test('dough and filling that came made are used up, and split among shapes in one tap', async ({
  page,
}) => {
  await page.goto('/plans/new');
  await page.getByRole('radio', { name: 'I have it made' }).check();
  await page.getByRole('textbox', { name: 'Filling in hand' }).fill('600');
  await page.getByRole('radio', { name: 'Firm', exact: true }).check();
  await page.getByRole('radio', { name: /^Flour and eggs I have/ }).check();
  await page.getByRole('button', { name: 'Make the plan' }).click();
  await expect(page).toHaveURL(/at=count/);
  await expect(tally(page)).toContainText('600');
  await unfold(page, 'Split among shapes');
  await page.getByRole('button', { name: 'Find the best second shape' }).click();
  const split = page.getByRole('button', { name: 'Make these 2 plans' }).first();
  await expect(split).toBeVisible();
  await split.click();
  await expect(page.getByText(/^Now 2 plans/)).toBeVisible();
  await saved(page);
  await page.goto('/');
  await expect(page.getByRole('link', { name: /^Square ravioli, / }).first()).toBeVisible();
});

test('flour that is short fails the dough until what there is gets made', async ({ page }) => {
  const id = await newPlan(page, 'Short of flour');
  await page.goto(`/plans/${id}?at=dough`);
  await unfold(page, 'Flour you have');
  const have = page.getByRole('textbox', { name: /^All there is of/ }).first();
  await have.fill('100');
  await have.press('Tab');
  await expect(page.getByText(/you have 100 g/)).toBeVisible();
  await page.getByRole('button', { name: 'Make what this flour gives' }).click();
  await expect(page.getByText(/you have 100 g/)).toHaveCount(0);
  await saved(page);
  expect((await stored(page, id)).batch).toMatchObject({ wayIn: 'dough' });
});

test('what a kitchen has is said on one screen, and kept', async ({ page }) => {
  await page.goto('/kitchen/gear');
  const pins = page.getByRole('textbox', { name: 'How many: Pin with guide sticks' });
  await pins.fill('1');
  await pins.press('Tab');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  await page.reload();
  await expect(pins).toHaveValue('1');
  await pins.fill('0');
  await pins.press('Tab');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
});

test('a quick sum says how many pieces a dough gives, two sheets in pairs', async ({ page }) => {
  await page.goto('/sums/pieces');
  await page.getByRole('radio', { name: 'Two sheets' }).check();
  const answer = page.getByRole('status').filter({ hasText: 'of filling' });
  await expect(answer).toContainText(/\d+ sheets in \d+ pairs?/);
});
