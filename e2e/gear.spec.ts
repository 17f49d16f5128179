import { expect, newPlan, saved, test, type } from './kitchen';

// These change the one kitchen there is, so they go one after the other.
test.describe.configure({ mode: 'serial' });

test('gear is edited, kept, and shown on the rulers', async ({ page }) => {
  const id = await newPlan(page, 'Gear test');
  await page.goto('/kitchen');
  const cutters = page.getByRole('region', { name: 'Square cutters' });
  await cutters.getByRole('button', { name: 'Add' }).click();
  await type(page, 'Side of New cutter', '52');
  await expect(page.getByTestId('save-state')).toHaveText('✓ Saved');
  await page.reload();
  await expect(cutters.getByRole('textbox', { name: 'Side of New cutter' })).toHaveValue('52');

  await page.goto(`/plans/${id}?at=shape`);
  const ruler = page.getByRole('slider', { name: 'Blank' });
  const box = (await ruler.boundingBox())!;
  const track = (await ruler
    .locator('xpath=ancestor::*[@data-orientation][last()]')
    .boundingBox())!;
  // 55 stands under the thumb; a touch near the new cutter's mark falls into it.
  const perMm = (track.width - 44) / 65;
  await page.mouse.click(box.x + box.width / 2 - 2.4 * perMm, box.y + 22);
  await expect(ruler).toHaveAttribute('aria-valuenow', '52');

  await page.goto('/kitchen');
  await cutters.getByRole('button', { name: 'Remove New cutter' }).click();
  await expect(cutters.getByRole('textbox', { name: 'Side of New cutter' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cutters.getByRole('textbox', { name: 'Side of New cutter' })).toBeVisible();
  await cutters.getByRole('button', { name: 'Remove New cutter' }).click();
});

test('a step must lie between its neighbours, and a plan takes newer figures when asked', async ({
  page,
}) => {
  const id = await newPlan(page, 'Roller test');
  await page.goto('/kitchen');
  const rollers = page.getByRole('region', { name: 'Rollers' });
  await rollers.getByRole('button', { name: 'Edit' }).first().click();
  await type(page, 'Dial 8 leaves', '1.4');
  await expect(
    page.getByText('Dial 8 leaves must be a number from 0.63 to 0.99 mm. Still 0.8 mm.'),
  ).toBeVisible();
  await type(page, 'Dial 8 leaves', '0.84');
  await expect(page.getByTestId('save-state')).toHaveText('✓ Saved');

  await page.goto(`/plans/${id}?at=sheet`);
  await expect(page.getByText('Your kitchen has newer figures for this roller.')).toBeVisible();
  await page.getByRole('button', { name: 'Use them' }).click();
  // Dial 8 opens to 0.84 mm now, and the sheet springs back to more.
  await expect(page.getByRole('slider', { name: 'Thickness' })).toHaveAttribute(
    'aria-valuenow',
    '0.89',
  );
  await saved(page);

  await page.goto('/kitchen');
  await rollers.getByRole('button', { name: 'Edit' }).first().click();
  await type(page, 'Dial 8 leaves', '0.8');
  await expect(page.getByTestId('save-state')).toHaveText('✓ Saved');
});

test('a roller is added from a typical one and removed with undo', async ({ page }) => {
  await page.goto('/kitchen');
  const rollers = page.getByRole('region', { name: 'Rollers' });
  await page.getByLabel('Add a roller, from a typical one').selectOption('seven-step-7-widest');
  const added = rollers.getByRole('listitem').filter({ hasText: 'Seven-step roller' });
  await expect(added.getByRole('img')).toHaveAttribute(
    'aria-label',
    /7 leaves 4\.0 mm, 6 leaves 3\.2 mm/,
  );
  await added
    .getByRole('button', { name: /^Remove / })
    .first()
    .click();
  await expect(added).toHaveCount(0);
});

test('a roller is measured by weighed strips, and the whole dial follows', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByLabel('Add a roller, from a typical one').selectOption('six-step-1-widest');
  const rollers = page.getByRole('region', { name: 'Rollers' });
  const own = rollers.getByRole('listitem').filter({ hasText: 'Six-step roller' });
  await own.getByRole('button', { name: 'Measure it' }).click();
  const test = own.getByRole('region', { name: 'Strip test' });
  const strip = async (setting: string, lengthMm: string) => {
    await test.getByLabel('Setting').selectOption(setting);
    await type(page, 'Strip weighs', '100');
    await type(page, 'Strip width', '140');
    await type(page, 'Strip length', lengthMm);
    await test.getByRole('button', { name: 'Add this strip' }).click();
  };
  // 100 g, 140 mm wide: 500 mm long is 1.19 mm thick, so a gap of 1.15 where 0.9 was taken.
  await strip('5', '500');
  await strip('3', '230');
  const fit = own.getByRole('region', { name: 'The fit' });
  await expect(fit).toContainText('Dial 5: strip 1.19 mm, gap 1.15 mm');
  await expect(fit).toContainText(/Strips lie within \d/);
  await fit.getByRole('button', { name: 'Use this dial' }).click();
  await expect(fit).toContainText('This is the dial your plans see.');
  await expect(own.getByRole('img').first()).toHaveAttribute('aria-label', /5 leaves 1\.1\d mm/);
  await page.getByLabel('A hand shows first at').selectOption('5');
  await expect(own.getByRole('status')).toContainText('the sheet must be thinner than that');
  await page.reload();
  await expect(own.getByRole('img').first()).toHaveAttribute('aria-label', /5 leaves 1\.1\d mm/);
  await own.getByRole('button', { name: 'Measure it' }).click();
  await own.getByRole('button', { name: 'Back to the typical dial' }).click();
  await expect(own.getByRole('img').first()).toHaveAttribute('aria-label', /5 leaves 0\.90 mm/);
  await own
    .getByRole('button', { name: /^Remove / })
    .first()
    .click();
  await expect(own).toHaveCount(0);
});

test('a dial gains and loses steps, and is numbered the other way', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByLabel('Add a roller, from a typical one').selectOption('eight-step-1-widest');
  const own = page
    .getByRole('region', { name: 'Rollers' })
    .getByRole('listitem')
    .filter({ hasText: 'Eight-step roller' });
  await own.getByRole('button', { name: 'Edit' }).click();
  await own.getByRole('button', { name: 'A thinner step' }).click();
  await expect(own.getByRole('textbox', { name: 'Dial 9 leaves' })).toHaveValue('0.48');
  await own.getByRole('button', { name: 'Number it the other way' }).click();
  await expect(own.getByRole('textbox', { name: 'Dial 9 leaves' })).toHaveValue('4');
  await own.getByRole('button', { name: 'Remove step 1' }).click();
  await expect(own.getByRole('textbox', { name: 'Dial 1 leaves' })).toHaveCount(0);
  await own
    .getByRole('button', { name: /^Remove / })
    .first()
    .click();
  await expect(own).toHaveCount(0);
});

test('a mould is drawn, kept, and warned of when no roller is wide enough', async ({ page }) => {
  await page.goto('/kitchen');
  const moulds = page.getByRole('region', { name: 'Moulds' });
  await moulds.getByRole('button', { name: 'Add a mould' }).click();
  const own = moulds.getByRole('listitem').last();
  await own.getByRole('textbox', { name: 'Rows' }).fill('5');
  await own.getByRole('textbox', { name: 'Rows' }).press('Enter');
  await expect(own).toContainText('It needs a sheet 180 mm wide; your widest roller gives 145 mm');
  await expect(own.getByRole('img')).toHaveAttribute('aria-label', 'New mould: 5 by 4 pockets');
  await page.reload();
  await expect(moulds.getByRole('listitem').last()).toContainText('180 mm');
  await moulds.getByRole('button', { name: 'Remove New mould' }).click();
  await expect(page.getByText('New mould removed')).toBeVisible();
});
