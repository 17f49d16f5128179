import { readFileSync } from 'node:fs';
import Sqlite from 'better-sqlite3';
import { expect, listens, newPlan, test } from './kitchen';

/** Spoils a plan's newest document, as a careless hand or a failing disk would. */
function spoil(database: string, planId: string, text: string): void {
  const client = new Sqlite(database);
  client.prepare('update plan_revisions set document = ? where plan_id = ?').run(text, planId);
  client.close();
}

test('a copy is made, and put back over what came after', async ({ page }) => {
  await page.goto('/kitchen/keeping');
  await page.getByRole('button', { name: 'Make a copy now' }).click();
  await expect(page.getByText('Copied')).toBeVisible();
  const made = page.getByRole('listitem').filter({ hasText: 'by hand' }).first();
  await expect(made).toBeVisible();
  const id = await newPlan(page, 'Made after the copy');
  await made.getByRole('button', { name: 'Restore' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Restore' }).click();
  const status = async () => (await page.request.get(`/api/plans/${id}`)).status();
  await expect.poll(status).toBe(404);
  // And back again: what stood there was copied first.
  const before = page.getByRole('listitem').filter({ hasText: 'before restoring' }).first();
  await before.getByRole('button', { name: 'Restore' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Restore' }).click();
  await expect.poll(status).toBe(200);
});

test('everything goes out as one archive, and what it would bring back is shown first', async ({
  page,
}) => {
  const id = await newPlan(page, 'In the archive');
  await page.goto('/kitchen/keeping');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save everything' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/\.mortar\.zip$/);
  const file = await download.path();
  const renamed = await page.request.get(`/api/plans/${id}`);
  const plan = (await renamed.json()) as { name: string };
  const saved = await page.request.put(`/api/plans/${id}`, {
    data: { plan: { ...plan, name: 'Changed since' }, baseEdition: 1, sitting: 'e2e' },
  });
  expect(saved.status()).toBe(200);
  await page.getByLabel('An archive').setInputFiles(file);
  await expect(page.getByText(/1 different \(In the archive\)/)).toBeVisible();
  await page.getByRole('radio', { name: 'Take the archive’s' }).click();
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText('Taken in')).toBeVisible();
  await page.goto(`/plans/${id}`);
  await expect(page).toHaveTitle(/In the archive/);
});

test('a copy of many megabytes comes in whole', async ({ page, database }, info) => {
  const [small, large] = ['small', 'large'].map((name) => info.outputPath(`${name}.db`));
  const client = new Sqlite(database, { readonly: true });
  await client.backup(small!);
  await client.backup(large!);
  client.close();
  const grown = new Sqlite(large);
  grown.exec('create table padding (x); insert into padding values (zeroblob(14000000))');
  grown.close();
  // What was grown goes again: the other tests of this kitchen go on as before.
  for (const file of [large!, small!]) {
    const sent = await page.request.post('/api/copies', {
      data: readFileSync(file),
      headers: { 'content-type': 'application/vnd.sqlite3' },
    });
    expect([sent.status(), await sent.text()]).toEqual([200, expect.stringContaining('before')]);
  }
});

test.describe('a file that is no archive', () => {
  test.use({ expectedErrors: [/400/] });

  test('is refused, and says why', async ({ page }) => {
    await page.goto('/kitchen/keeping');
    await page.getByLabel('An archive').setInputFiles({
      name: 'no.zip',
      mimeType: 'application/zip',
      buffer: Buffer.from('no zip'),
    });
    await expect(page.getByText(/no\.zip was not taken: archive is not a zip file/)).toBeVisible();
  });
});

test.describe('what cannot be read', () => {
  test.use({ expectedErrors: [/400/] });

  test('is named in the list, and mended, gone back from, or removed', async ({
    page,
    database,
  }) => {
    const id = await newPlan(page, 'To be spoilt');
    const whole = await (await page.request.get(`/api/plans/${id}`)).text();
    spoil(database, id, whole.replace('"doseG": 9', '"doseG": -9'));
    await page.goto('/');
    await expect(page.getByText('One item is damaged.')).toBeVisible();
    // The others stand as they did.
    await expect(page.getByRole('listitem').filter({ hasText: 'pieces' }).first()).toBeVisible();
    await page.getByRole('link', { name: 'To be spoilt' }).click();
    await expect(page.getByText(/Dose must be a number/)).toBeVisible();
    await listens(page);
    const text = page.getByRole('textbox', { name: /The document/ });
    await page.getByRole('button', { name: 'Put this in its place' }).click();
    await expect(page.getByText(/cannot be read yet/)).toBeVisible();
    await text.fill((await text.inputValue()).replace('"doseG": -9', '"doseG": 7'));
    await page.getByRole('button', { name: 'Put this in its place' }).click();
    await expect(page).toHaveURL(new RegExp(`/plans/${id}$`));
    expect((await (await page.request.get(`/api/plans/${id}`)).json()) as object).toMatchObject({
      shape: { doseG: 7 },
    });
    spoil(database, id, '{ half');
    await page.goto(`/plans/${id}`);
    await expect(page.getByText('It is not JSON.')).toBeVisible();
    await page.getByRole('button', { name: 'Remove it' }).click();
    await page.getByRole('alertdialog').getByRole('button', { name: 'Remove' }).click();
    await expect(page).toHaveURL(/\/kitchen\/keeping$/);
    await page.goto('/');
    await expect(page.getByText(/is damaged/)).toHaveCount(0);
  });
});
