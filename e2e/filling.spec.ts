import { expect, newPlan, openTab, saved, stored, tally, test, type } from './kitchen';

const WET = {
  filling: {
    parts: [
      { id: 'ricotta-fresh', g: 500, preparation: 'raw' },
      { id: 'spinach-raw', g: 400, preparation: 'wilt-drain' },
      { id: 'salt-fine', g: 6 },
    ],
    texture: 'mixed',
  },
};

test('a wet filling is dried by one remedy, or by two together', async ({ page }) => {
  const id = await newPlan(page, 'Wet', WET);
  await page.goto(`/plans/${id}?at=filling`);
  await expect(tally(page)).toContainText(/Filling (is wet|will seep)/);
  await openTab(page, 'Make it right');
  const remedies = page.getByRole('list', { name: 'Remedies' });
  await remedies.getByRole('button', { name: /^Do it: Cook off/ }).click();
  await expect(page.getByText('Dry enough already')).toBeVisible();
  await expect(tally(page)).not.toContainText('Filling is wet');
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(tally(page)).toContainText(/Filling (is wet|will seep)/);

  await remedies.getByRole('checkbox', { name: /Combine: .*breadcrumbs/ }).check();
  await remedies.getByRole('checkbox', { name: /Combine: Cook off/ }).check();
  await page.getByRole('button', { name: 'Do both' }).click();
  await expect(page.getByText('Dry enough already')).toBeVisible();
  await saved(page);
  const filling = (await stored(page, id)).filling as { cookedOffG: number; parts: unknown[] };
  expect(filling.cookedOffG).toBeGreaterThan(0);
  expect(filling.parts).toHaveLength(4);
  await expect(page.getByText(/Now contains gluten/)).toHaveCount(0);
});

test('a spoon and a towel replace the estimates in the batch, and give them back', async ({
  page,
}) => {
  const id = await newPlan(page, 'Tests', WET);
  await page.goto(`/plans/${id}?at=filling`);
  await openTab(page, 'Home tests');
  const spoon = page.getByRole('region', { name: 'Spoon test' });
  await spoon.getByRole('textbox', { name: 'Level spoon' }).fill('15');
  await spoon.getByRole('textbox', { name: 'Spread across' }).fill('70');
  await spoon.getByRole('textbox', { name: 'Spread across' }).press('Enter');
  await spoon.getByRole('button', { name: 'Use what I measured' }).click();
  await expect(page.getByText('by your spoon test')).toBeVisible();
  await page.getByTitle('Stiffness: show the working').click();
  await expect(page.getByRole('dialog')).toContainText('225 ρ g V² ÷ (128 π² R⁵)');
  await page.keyboard.press('Escape');
  // The plan stays what was planned.
  expect((await stored(page, id)).filling).not.toHaveProperty('spoonTest');

  // A filling mixed otherwise is no longer the one that was tested.
  await type(page, 'Amount of Spinach raw', '300');
  await expect(spoon).toContainText('of another recipe than this: not counted');
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(spoon).toContainText('counted until that is closed');

  // The batch that is made has it, and was made from nothing older than the plan.
  await spoon.getByRole('link', { name: 'To its bench' }).click();
  await expect(page).toHaveURL(/\/runs\//);
  await page.goBack();
  await openTab(page, 'Home tests');
  await spoon.getByRole('button', { name: 'Back to the estimate' }).click();
  await expect(spoon).toContainText('the plan stays as planned');
  await expect(page.getByText('an estimate', { exact: false }).first()).toBeVisible();

  const towel = page.getByRole('region', { name: 'Towel test' });
  await towel.getByRole('textbox', { name: 'The towel took' }).fill('30');
  await towel.getByRole('textbox', { name: 'The towel took' }).press('Enter');
  await expect(towel).toContainText('The towel cannot take more than the spoonful');
  await expect(towel.getByRole('button', { name: 'Use what the towel took' })).toBeDisabled();
  await towel.getByRole('textbox', { name: 'The towel took' }).fill('1.5');
  await towel.getByRole('textbox', { name: 'The towel took' }).press('Enter');
  await towel.getByRole('button', { name: 'Use what the towel took' }).click();
  await expect(page.getByRole('button', { name: /^Filling|3.*Filling/ }).first()).toContainText(
    '7.5 %',
  );
});

test('an allergen that comes in by a substitution is said, and stands in the table', async ({
  page,
}) => {
  const id = await newPlan(page, 'Allergen');
  await page.goto(`/plans/${id}?at=filling`);
  await page.getByRole('button', { name: 'Add to the filling' }).click();
  await page.getByPlaceholder('Find an ingredient').fill('crab');
  await page.getByRole('option', { name: /crab/i }).click();
  await expect(page.getByText(/Now contains crustaceans\. Diet is now: with fish\./)).toBeVisible();
  await openTab(page, 'Safety');
  const contents = page.getByRole('region', { name: 'Allergens and diet' });
  await expect(contents.getByRole('row', { name: /Whole piece/ })).toContainText('crustaceans');
  await expect(contents.getByRole('row', { name: /Dough/ })).not.toContainText('crustaceans');
  await expect(page.getByRole('region', { name: 'Safe core' })).toContainText('74 °C');
});

test('a dose is taken from a spoon and from a piped length', async ({ page }) => {
  const id = await newPlan(page, 'Dose');
  await page.goto(`/plans/${id}?at=filling`);
  await openTab(page, 'Dose and bowl');
  await page.getByRole('button', { name: 'Use heaped 1 tsp' }).click();
  await saved(page);
  expect((await stored(page, id)).shape?.doseG).toBe(8.3);
  await type(page, 'Piping tip', '14');
  await type(page, 'Piped length', '50');
  await page.getByRole('button', { name: /^Dose 8 g/ }).click();
  await saved(page);
  expect((await stored(page, id)).shape?.doseG).toBe(8);
});

test('hot filling spread too deep is warned of', async ({ page }) => {
  const id = await newPlan(page, 'Hot');
  await page.goto(`/plans/${id}?at=filling`);
  await openTab(page, 'Safety');
  const cooling = page.getByRole('region', { name: 'Cooling' });
  await type(page, 'Spread to cool', '10');
  await expect(cooling).toContainText(/deep it fills \d trays?/);
  await type(page, 'Spread to cool', '60');
  await expect(cooling).toContainText(/Too slow to cool.*Spread it 2\d mm deep or less/);
  await cooling.getByRole('radio', { name: 'Ice bath' }).click();
  await expect(page.getByRole('region', { name: 'Tally' })).toContainText('Filling fails');
});
