import { expect, newPlan, test } from './kitchen';

test('a batch is written down and set beside the plan', async ({ page }) => {
  const id = await newPlan(page, 'Log test');
  await page.goto(`/plans/${id}/log`);
  await expect(page.getByText('Nothing written down yet.')).toBeVisible();
  await page.getByLabel('Pieces made').fill('300');
  await page.getByLabel('Burst').fill('30');
  await page.getByLabel('Dough left, g').fill('40');
  await page.getByLabel('Filling left, g').fill('0.5 kg');
  await page.getByLabel('Measured dose, g').fill('9.4');
  await page.getByLabel('Note').fill('Bursts along the wheel.');
  await page.getByRole('button', { name: 'Save' }).click();
  const entries = page.getByRole('region', { name: 'Entries' });
  await expect(entries).toContainText('270 whole of 300, 30 burst (10 %)');
  await expect(
    entries.getByRole('row', { name: /Burst planned 2.2 % actual 10 % ▲ more/ }),
  ).toBeVisible();
  await expect(
    entries.getByRole('row', { name: /Filling left planned 0 g actual 500 g ▲ more/ }),
  ).toBeVisible();
  await expect(entries).toContainText('Bursts along the wheel.');
  await expect(page.getByLabel('Pieces made')).toHaveValue('');

  await entries.getByRole('button', { name: 'Delete' }).click();
  await expect(entries).toContainText('Nothing written down yet.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(entries).toContainText('270 whole of 300');
  await page.goto('/');
  await expect(page.getByRole('listitem').filter({ hasText: 'Log test' })).toContainText(
    'made once',
  );
});

test('what cannot be is named, and what was typed stays, over a reload too', async ({ page }) => {
  const id = await newPlan(page, 'Log errors');
  await page.goto(`/plans/${id}/log`);
  await page.getByLabel('Pieces made').fill('20');
  await page.getByLabel('Burst').fill('25');
  await page.getByLabel('Measured thickness, mm').fill('9 g');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(
    page.getByText('Burst must be a whole number from 0 to 20, the pieces made'),
  ).toBeVisible();
  await expect(
    page.getByText('Measured thickness is a length: use mm, cm, in, not “g”'),
  ).toBeVisible();
  await expect(page.getByLabel('Burst')).toBeFocused();
  await page.reload();
  await expect(page.getByLabel('Burst')).toHaveValue('25');
  await page.getByLabel('Burst').fill('2');
  await page.getByLabel('Measured thickness, mm').fill('');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('region', { name: 'Entries' })).toContainText('18 whole of 20');
});

test.describe('with no server', () => {
  test.use({ expectedErrors: [/ERR_FAILED/] });
  test('an entry that cannot be sent is kept and can be sent again', async ({ page }) => {
    const id = await newPlan(page, 'Log offline');
    await page.goto(`/plans/${id}/log`);
    await page.getByLabel('Pieces made').fill('50');
    await page.route(`**/plans/${id}/log`, (route) =>
      route.request().method() === 'POST' ? route.abort() : route.continue(),
    );
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('No answer from the server.')).toBeVisible();
    await expect(page.getByLabel('Pieces made')).toHaveValue('50');
    await page.unroute(`**/plans/${id}/log`);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('region', { name: 'Entries' })).toContainText('50 whole of 50');
  });
});
