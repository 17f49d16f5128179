import { expect, newPlan, saved, test, type } from './kitchen';

// These change the one kitchen there is, so they go one after the other.
test.describe.configure({ mode: 'serial' });

test('gear is edited, kept, and shown on the rulers', async ({ page }) => {
  const id = await newPlan(page, 'Gear test');
  await page.goto('/kitchen');
  const cutters = page.getByRole('region', { name: 'Square cutters' });
  await cutters.getByRole('button', { name: 'Add' }).click();
  await type(page, 'Side of New cutter', '52');
  await expect(page.getByRole('status')).toHaveText('✓ Saved');
  await page.reload();
  await expect(cutters.getByRole('textbox', { name: 'Side of New cutter' })).toHaveValue('52');

  await page.goto(`/plans/${id}`);
  const ruler = page.getByRole('slider', { name: 'Blank' });
  const box = (await ruler.boundingBox())!;
  // A touch near the new cutter's mark falls into it.
  await page.mouse.click(
    box.x + box.width * (10 / 320 + (300 / 320) * ((52.6 - 25) / 65)),
    box.y + 22,
  );
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
  await expect(page.getByRole('status')).toHaveText('✓ Saved');

  await page.goto(`/plans/${id}?at=sheet`);
  await expect(page.getByText('Your kitchen has newer figures for this roller.')).toBeVisible();
  await page.getByRole('button', { name: 'Use them' }).click();
  await expect(page.getByRole('slider', { name: 'Thickness' })).toHaveAttribute(
    'aria-valuenow',
    '0.84',
  );
  await saved(page);

  await page.goto('/kitchen');
  await rollers.getByRole('button', { name: 'Edit' }).first().click();
  await type(page, 'Dial 8 leaves', '0.8');
  await expect(page.getByRole('status')).toHaveText('✓ Saved');
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
  await added.getByRole('button', { name: 'Remove' }).click();
  await expect(added).toHaveCount(0);
});
