import { expect, newPlan, openTab, saved, stored, tally, test, type, unfold } from './kitchen';

type Parts = { id: string; g: number }[];

test('a sticky dough is told the small steps, and what is done is written down at the bench', async ({
  page,
}) => {
  const id = await newPlan(page, 'Too wet', {
    dough: {
      parts: [
        { id: 'flour-00', g: 400 },
        { id: 'egg-whole', g: 260 },
      ],
    },
  });
  await page.goto(`/plans/${id}?at=dough`);
  await expect(tally(page)).toContainText('Dough is wet');
  await openTab(page, 'How the dough feels');
  await page.getByRole('button', { name: 'Sticky' }).click();
  const steps = page.getByRole('list', { name: 'What to do about: Sticky' });
  await expect(steps.getByRole('listitem').first()).toContainText(/\d+ g of the flour held back/);
  const document = await stored(page, id);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.waitForURL(/\/runs\//);
  await page.goto(`${page.url().split('?')[0]}?step=knead`);
  await page.getByRole('button', { name: 'Sticky' }).click();
  // Held-back flour first, pinch by pinch; then flour of one's own.
  const heldBack = page.getByRole('button', { name: /^Done: \d+(\.\d)? g of the flour held back/ });
  while (await heldBack.isVisible()) await heldBack.click();
  await page.getByRole('button', { name: /^Done: \d+(\.\d)? g flour/ }).click();
  await expect(
    page.getByText(/^So far: \d+ g of the flour held back, \d+(\.\d)? g flour/),
  ).toBeVisible();
  // The plan stays what was planned.
  expect(await stored(page, id)).toEqual(document);
});

test('the batch is weighed in whole eggs, and another count is taken at a tap', async ({
  page,
}) => {
  const id = await newPlan(page, 'Whole eggs');
  await page.goto(`/plans/${id}?at=dough`);
  const weigh = page.getByRole('table').first();
  await expect(weigh).toContainText('13 eggs');
  await expect(weigh).not.toContainText(/\d\.\d+ eggs/);
  await openTab(page, 'Whole eggs');
  const options = page.getByRole('list', { name: /Doughs in whole eggs/ });
  await expect(options.getByRole('listitem')).toHaveCount(6);
  await page.getByRole('button', { name: 'Use 13 eggs', exact: true }).click();
  await saved(page);
  const parts = (await stored(page, id)).dough?.parts as Parts;
  expect(parts.find((part) => part.id === 'egg-whole')?.g).toBe(650);
  expect(parts.find((part) => part.id === 'egg-yolk')).toBeUndefined();
  await expect(page.getByRole('button', { name: 'Dough' }).first()).toContainText(/39\.\d %/);

  // From the eggs there are: the dough they make is what is in hand.
  await page.getByRole('radio', { name: 'Eggs I have' }).click();
  await type(page, 'Eggs to crack', '5');
  await page.getByRole('button', { name: 'Use 5 eggs', exact: true }).click();
  await saved(page);
  expect((await stored(page, id)).batch).toMatchObject({ wayIn: 'dough' });
});

test('a small batch is made up to whole eggs, or beaten and weighed when asked', async ({
  page,
}) => {
  const id = await newPlan(page, 'Small', { batch: { portions: 5 } });
  await page.goto(`/plans/${id}?at=dough`);
  const up = page.getByRole('checkbox', { name: /Make it up to whole eggs/ });
  await expect(up).toBeChecked();
  await up.uncheck();
  await expect(page.getByText('beat the eggs together and weigh them')).toBeVisible();
  await up.check();
  await expect(page.getByRole('table').first()).toContainText(/, \d eggs?/);
  await expect(page.getByText(/more than the pieces need/)).toBeVisible();
});

test('a flour is swapped, and the diet and the target say so', async ({ page }) => {
  const id = await newPlan(page, 'Swap');
  await page.goto(`/plans/${id}?at=dough`);
  await page.getByRole('button', { name: 'Soft wheat flour fine (00)', exact: true }).click();
  await page.getByPlaceholder('Find an ingredient').fill('buckwheat');
  await page.getByRole('option', { name: 'Buckwheat flour' }).click();
  await openTab(page, 'How it rolls');
  await expect(page.getByRole('region', { name: 'What to watch for' })).toContainText(
    'Weak gluten',
  );
  await page.getByRole('button', { name: 'Start from a style' }).click();
  await page.getByRole('button', { name: /Plant egg/ }).click();
  await expect(page.getByText(/No longer contains egg/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByText(/Now contains egg/)).toBeVisible();
});

test('weather and rest move the dough, each with its working', async ({ page }) => {
  const id = await newPlan(page, 'Weather');
  await page.goto(`/plans/${id}?at=dough`);
  await unfold(page, 'Flour and air');
  await page.getByRole('radio', { name: 'Open to the air' }).click();
  await type(page, 'Air humidity', '85');
  await expect(page.getByText(/Damp air has/)).toContainText(/put\s*\d+ g/);
  await page.getByRole('radio', { name: 'Sealed' }).click();
  await type(page, 'Rested', '4');
  await expect(tally(page)).toContainText('Dough wants rest: 24 min in all');
  await openTab(page, 'Mix and rest');
  await expect(page.getByText('At the earliest')).toContainText('34 min');
});
