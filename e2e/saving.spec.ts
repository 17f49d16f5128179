import { anotherPage, expect, newPlan, saved, stored, tally, test, type } from './kitchen';

test.use({ expectedErrors: [/ERR_FAILED|ERR_INTERNET_DISCONNECTED|status of 409|status of 500/] });

test('a save that fails says why, loses nothing over a reload, and goes through in the end', async ({
  page,
}) => {
  const id = await newPlan(page, 'Failing save');
  await page.goto(`/plans/${id}?at=count`);
  await page.route(`**/api/plans/${id}`, (route) => route.abort());
  await type(page, 'Portions', '30');
  await expect(page.getByTestId('save-state')).toHaveText('▲ Not saved');
  await expect(page.getByRole('alert').first()).toContainText(
    'Cannot save: no answer from the server',
  );
  await expect(tally(page)).toContainText('30 portions of 6');
  expect((await stored(page, id)).batch?.portions).toBe(48);

  await page.reload();
  await expect(tally(page)).toContainText('30 portions of 6');
  await expect(page.getByTestId('save-state')).toHaveText('▲ Not saved');

  await page.unroute(`**/api/plans/${id}`);
  await page.getByRole('button', { name: 'Try now' }).click();
  await saved(page);
  expect((await stored(page, id)).batch?.portions).toBe(30);
});

test('it goes on by itself when the line is back', async ({ page, context }) => {
  const id = await newPlan(page, 'Lost line');
  await page.goto(`/plans/${id}?at=count`);
  await context.setOffline(true);
  await type(page, 'Portions', '12');
  await expect(page.getByTestId('save-state')).toHaveText('▲ Not saved');
  await type(page, 'Pieces each', '8');
  await context.setOffline(false);
  await saved(page);
  expect((await stored(page, id)).batch).toMatchObject({ portions: 12, piecesPerPortion: 8 });
});

test('what is typed and not yet left is there after a reload', async ({ page }) => {
  const id = await newPlan(page, 'Half typed');
  await page.goto(`/plans/${id}?at=count`);
  await page.getByRole('textbox', { name: 'Portions', exact: true }).fill('23');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Portions', exact: true })).toHaveValue('23');
  await saved(page);
  expect((await stored(page, id)).batch?.portions).toBe(23);
});

test('two windows: what each changes by itself is joined, and said', async ({ page, context }) => {
  const id = await newPlan(page, 'Two hands');
  const other = await anotherPage(context);
  await page.goto(`/plans/${id}?at=count`);
  await other.goto(`/plans/${id}?at=count`);
  await type(page, 'Portions', '20');
  await saved(page);
  await type(other, 'Pieces each', '7');
  await expect(other.getByText(/Another window changed .*Portions/)).toBeVisible();
  await saved(other);
  expect((await stored(page, id)).batch).toMatchObject({ portions: 20, piecesPerPortion: 7 });
});

test('two windows: the later one is asked, and nothing is written over unseen', async ({
  page,
  context,
}) => {
  const id = await newPlan(page, 'Two windows');
  const other = await anotherPage(context);
  await page.goto(`/plans/${id}?at=count`);
  await other.goto(`/plans/${id}?at=count`);
  await type(page, 'Portions', '20');
  await saved(page);
  await type(other, 'Portions', '60');
  await expect(other.getByText('This plan was changed in another window.')).toBeVisible();
  expect((await stored(page, id)).batch?.portions).toBe(20);
  await other.getByRole('button', { name: 'Take the other' }).click();
  await expect(tally(other)).toContainText('20 portions of 6');
  await other.getByRole('button', { name: 'Undo' }).click();
  await expect(tally(other)).toContainText('60 portions of 6');
  await saved(other);
  expect((await stored(page, id)).batch?.portions).toBe(60);
});
