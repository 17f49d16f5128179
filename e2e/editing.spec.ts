import { expect, newPlan, openTab, saved, stored, tally, test, type } from './kitchen';

test('changing anything answers at once, and undo takes it back', async ({ page }) => {
  const id = await newPlan(page, 'Edit test');
  await page.goto(`/plans/${id}?at=count`);
  await expect(tally(page)).toContainText('302');
  await type(page, 'Portions', '24');
  await expect(tally(page)).toContainText('24 portions of 6');
  await expect(tally(page)).toContainText('154');
  await saved(page);
  expect((await stored(page, id)).batch?.portions).toBe(24);

  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tally(page)).toContainText('302');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(tally(page)).toContainText('154');
  await saved(page);
  await page.reload();
  await expect(tally(page)).toContainText('154');
});

test('the check figures stand on the page', async ({ page }) => {
  const id = await newPlan(page, 'Check figures', {
    batch: {
      portions: 10,
      piecesPerPortion: 10,
      tasted: 0,
      breakageShare: 0,
      usedShare: 0.86,
      rerolls: 1,
    },
    sheet: { thicknessMm: 0.8 },
  });
  await page.goto(`/plans/${id}`);
  await expect(tally(page)).toContainText('100');
  await expect(tally(page)).toContainText('616');
  await expect(tally(page)).toContainText('928');
  await tally(page).getByRole('button', { name: /616/ }).click();
  const working = page.getByRole('dialog');
  await expect(working).toContainText(
    'pieces × dough per piece ÷ (yield × (1 − stuck)) + end trim',
  );
  await expect(working).toContainText('5.8 g');
  await expect(working).toContainText('Law');
});

for (const [typed, message] of [
  ['-5', 'Portions must be a whole number from 1 to 5000. Still 48.'],
  ['0', 'Portions must be a whole number from 1 to 5000. Still 48.'],
  ['999999', 'Portions must be a whole number from 1 to 5000. Still 48.'],
  ['lots', 'Portions must be a whole number from 1 to 5000. Still 48.'],
  ['6 g', 'Portions is a count: give a number alone, not “g”. Still 48.'],
] as const) {
  test(`“${typed}” portions is refused by name and range, and nothing is lost`, async ({
    page,
  }) => {
    const id = await newPlan(page, `Bad input ${typed}`);
    await page.goto(`/plans/${id}?at=count`);
    await type(page, 'Portions', typed);
    await expect(page.getByRole('main').getByRole('alert')).toHaveText(message);
    await expect(page.getByRole('textbox', { name: 'Portions' })).toHaveValue(typed);
    await expect(tally(page)).toContainText('48 portions of 6');
    expect((await stored(page, id)).batch?.portions).toBe(48);
  });
}

test('the weakest link offers remedies, and one tap makes one', async ({ page }) => {
  const id = await newPlan(page, 'Remedy test', { shape: { doseG: 22 } });
  await page.goto(`/plans/${id}`);
  const verdict = page.getByTestId('verdict');
  await expect(verdict).toContainText('Fails');
  const wider = verdict.getByRole('button', { name: /^Wider by/ });
  // What it gives, as a cook says it.
  await expect(wider).toContainText('a third to spare');
  await wider.click();
  await expect(verdict).toContainText('Holds');
  await expect(verdict).toContainText('A third to spare');
});

test('using both up turns the dose, and a held dose stays', async ({ page }) => {
  const id = await newPlan(page, 'Dead heat test');
  await page.goto(`/plans/${id}?at=count`);
  await page.getByRole('radio', { name: 'Use both up' }).click();
  await type(page, 'Dough in hand', '700');
  await type(page, 'Filling in hand', '1 kg');
  await expect(page.getByText(/Both used up:/)).toContainText('110 pieces of 8.8 g');
  await page.getByRole('button', { name: /Shape/ }).click();
  await expect(page.getByRole('slider', { name: 'Dose' })).toHaveAttribute(
    'aria-valuetext',
    /^8\.8 g/,
  );
  await page.getByRole('slider', { name: 'Dose' }).press('ArrowLeft');
  await expect(page.getByRole('slider', { name: 'Dose' })).toHaveAttribute(
    'aria-valuetext',
    /^8\.5 g/,
  );
  await page.getByRole('button', { name: /How many/ }).click();
  await expect(page.getByRole('checkbox', { name: 'Dose' })).not.toBeChecked();
});

test('a ruler is dragged by touch or mouse and falls into the cook’s own cutters', async ({
  page,
}) => {
  const id = await newPlan(page, 'Drag test');
  await page.goto(`/plans/${id}?at=shape`);
  const ruler = page.getByRole('slider', { name: 'Blank' });
  const box = (await ruler.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 22, box.y + 20, { steps: 6 });
  await page.mouse.up();
  await expect(ruler).toHaveAttribute('aria-valuenow', '60');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(ruler).toHaveAttribute('aria-valuenow', '55');
});

test('dough and filling are edited by ingredient, and the stations tell', async ({ page }) => {
  const id = await newPlan(page, 'Ingredient test');
  await page.goto(`/plans/${id}?at=dough`);
  await type(page, 'Amount of Hen egg whole without shell', '6 eggs');
  await expect(
    page.getByRole('textbox', { name: 'Amount of Hen egg whole without shell' }),
  ).toHaveValue('300');
  await expect(tally(page)).toContainText('Dough is wet');
  await page.getByRole('button', { name: 'Add to the dough' }).click();
  await page.getByPlaceholder('Find an ingredient').fill('wholemeal');
  await page.getByRole('option', { name: 'Wholemeal wheat flour' }).click();
  await type(page, 'Amount of Wholemeal wheat flour', '150');
  await expect(tally(page)).not.toContainText('Dough is wet');

  await page
    .getByRole('button', { name: /Filling/ })
    .first()
    .click();
  await page.getByLabel('Preparation of Celeriac raw').first().selectOption('boil-drain');
  await expect(tally(page)).toContainText('Filling will seep');
  const weighed = page.getByRole('textbox', { name: 'Weighed result of Celeriac raw' }).first();
  await weighed.fill('3');
  await weighed.press('Enter');
  await expect(
    page.getByText(/Weighed result of Celeriac raw must be at least .* g, the dry solids/),
  ).toBeVisible();
  await expect(weighed).toHaveValue('3');
});

test('another shape keeps dough and filling and holds as it comes', async ({ page }) => {
  const id = await newPlan(page, 'Shape test');
  await page.goto(`/plans/${id}?at=shape`);
  await page.getByRole('radio', { name: 'Pinched' }).click();
  await expect(
    page.getByRole('group', { name: /Pinched agnolotti cut through/ }).first(),
  ).toBeVisible();
  await expect(page.getByRole('slider', { name: 'Pinch to pinch' })).toBeVisible();
  await saved(page);
  const after = await stored(page, id);
  expect(after.shape?.family).toBe('agnolottiPinched');
  expect(after.filling?.texture).toBe('mixed');
});

test('units are the user’s own and stay', async ({ page }) => {
  const id = await newPlan(page, 'Units test');
  await page.goto(`/plans/${id}?at=shape`);
  await page.getByRole('button', { name: /Units and look/ }).click();
  await page.getByRole('radio', { name: 'oz, in' }).click();
  await page.keyboard.press('Escape');
  await expect(tally(page)).toContainText('4 lb 4.8');
  await type(page, 'Blank', '2.5');
  await expect(page.getByRole('slider', { name: 'Blank' })).toHaveAttribute(
    'aria-valuenow',
    '63.5',
  );
  await type(page, 'Blank', '60 mm');
  await expect(page.getByRole('slider', { name: 'Blank' })).toHaveAttribute('aria-valuenow', '60');
  await page.reload();
  await expect(page.getByRole('button', { name: /Units and look: oz · in · °F/ })).toBeVisible();
});

test('the bench card has all that is needed on the bench, and prints without the bar', async ({
  page,
}) => {
  await page.goto('/plans/ox-cheek-agnolotti/card');
  const card = page.getByRole('article', { name: 'Bench card' });
  for (const text of [
    '400',
    'dial 1',
    '2.8 g',
    '74 °C inside',
    'egg, gluten and milk',
    'Do not eat raw flour',
    'local food codes',
  ]) {
    await expect(card).toContainText(text);
  }
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('banner')).toBeHidden();
  await expect(card).toBeVisible();
});

test('a figure in the drawing opens its working', async ({ page }) => {
  await page.goto('/plans/celeriac-friday?at=shape');
  await page.getByRole('button', { name: 'Lip: show the working' }).first().click();
  const working = page.getByRole('dialog', { name: 'Working: Lip' });
  await expect(working).toContainText('side ÷ 2 − radius of the settled mound');
  await expect(working).toContainText('55 mm');
});

test('the largest plan that can be typed is answered and laid out', async ({ page }) => {
  const id = await newPlan(page, 'Huge');
  await page.goto(`/plans/${id}?at=count`);
  await type(page, 'Portions', '2000');
  await type(page, 'Pieces each', '100');
  await expect(tally(page)).toContainText('2000 portions of 100');
  await expect(tally(page)).toContainText('kg');
  const width = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(1280);
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: /Sheet/ }).first().click();
  await expect(page.getByRole('region', { name: 'Passes' })).toBeVisible();
  await openTab(page, 'One sheet');
  await expect(page.getByRole('region', { name: 'One sheet' })).toContainText(/pieces a sheet/);
});
