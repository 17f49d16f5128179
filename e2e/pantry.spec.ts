import { readFileSync } from 'node:fs';
import { expect, newPlan, tally, test, type } from './kitchen';

// These change the one pantry there is, each only rows of its own.
const HEAD = readFileSync('data/ingredients.csv', 'utf8').split('\n')[0]!;

test('an ingredient is added, used, changed with a look at its plans, and kept while it is used', async ({
  page,
}, { retry }) => {
  // What an earlier try left stands there still.
  const name = `Island curd ${retry}`;
  await page.goto('/kitchen/pantry');
  await page.getByRole('button', { name: 'New ingredient' }).click();
  const form = page.getByRole('dialog', { name: 'New ingredient' });
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert')).toContainText('Name must be text of 1 to 80 characters');
  await form.getByRole('textbox', { name: 'Name' }).fill(name);
  await form.getByRole('textbox', { name: 'Water' }).fill('300');
  await form.getByRole('textbox', { name: 'Water' }).press('Enter');
  await expect(form.getByRole('alert')).toContainText('Water must be a number from 0 to 100 %');
  await form.getByRole('textbox', { name: 'Water' }).fill('70');
  await form.getByRole('textbox', { name: 'Holding' }).fill('2');
  await form.getByRole('textbox', { name: 'Holding' }).press('Enter');
  await form.getByRole('checkbox', { name: 'milk' }).check();
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toHaveCount(0);

  const id = await newPlan(page, `Island plan ${retry}`, {
    filling: { parts: [{ id: `island-curd-${retry}`, g: 400 }] },
  });
  await page.goto(`/plans/${id}?at=filling`);
  await expect(page.getByRole('button', { name, exact: true })).toBeVisible();

  await page.goto('/kitchen/pantry');
  await page.getByRole('searchbox', { name: 'Find' }).fill(name);
  await page.getByRole('button', { name: `${name} yours` }).click();
  const edit = page.getByRole('dialog', { name });
  await edit.getByRole('textbox', { name: 'Water' }).fill('78');
  await edit.getByRole('textbox', { name: 'Water' }).press('Enter');
  await expect(edit.getByRole('region', { name: 'Plans that use it' })).toContainText(
    /Island plan \d: .*free water 10 % → 34 %/,
  );
  await edit.getByRole('button', { name: 'Save' }).click();
  await expect(edit).toHaveCount(0);
  await page.goto(`/plans/${id}?at=filling`);
  await expect(tally(page)).toContainText('Filling will seep');

  await page.goto('/kitchen/pantry');
  await page.getByRole('searchbox', { name: 'Find' }).fill(name);
  await page.getByRole('button', { name: `${name} yours` }).click();
  await edit.getByRole('button', { name: 'Remove' }).click();
  await expect(edit.getByRole('alert')).toContainText('is used by 1 plan');
});

test.describe('a row that two windows change', () => {
  test.use({ expectedErrors: [/409/] });

  test('is joined by field, and the cook is asked where both changed the same', async ({
    page,
  }) => {
    await page.goto('/kitchen/pantry');
    await page.getByRole('searchbox', { name: 'Find' }).fill('nettle');
    await page.getByRole('button', { name: /nettle/i }).click();
    const form = page.getByRole('dialog');
    const name = await form.getByRole('textbox', { name: 'Name' }).inputValue();
    await form.getByRole('textbox', { name: 'Name' }).fill(`${name} of ours`);
    // Meanwhile, from another window.
    const theirs = {
      id: 'nettle-raw',
      name: 'Theirs',
      group: 'vegetable',
      water: 0.85,
      protein: 0.03,
      fat: 0.005,
      carbohydrate: 0.06,
      fibre: 0.04,
      densityGPerMl: 0.1,
      holding: 4.5,
      gluten: 0,
      absorption: 0,
      allergens: [],
      diet: 'plant',
    };
    const put = (row: object, baseEdition: number) =>
      page.request.put('/api/pantry/ingredients/nettle-raw', { data: { row, baseEdition } });
    expect((await put(theirs, 0)).status()).toBe(200);
    const stale = await put({ ...theirs, holding: 3 }, 0);
    expect([stale.status(), (await stale.json()).row]).toEqual([409, theirs]);
    await form.getByRole('button', { name: 'Save' }).click();
    await expect(form.getByRole('alert')).toContainText(`Name: ${name} of ours here, Theirs there`);
    await expect(form.getByRole('textbox', { name: 'Holding' })).toHaveValue('4.5');
    await form.getByRole('button', { name: 'Take Theirs' }).click();
    await expect(form.getByRole('textbox', { name: 'Name' })).toHaveValue('Theirs');
    await form.getByRole('button', { name: 'Save' }).click();
    await expect(form).toHaveCount(0);
  });
});

test('a preparation is changed with a look at the plans that use it', async ({ page }) => {
  const id = await newPlan(page, 'Sieved curd', {
    filling: { parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'drain-sieve' }] },
  });
  expect(id).toBeTruthy();
  await page.goto('/kitchen/pantry');
  await page.getByRole('radio', { name: 'Preparations' }).click();
  await page.getByRole('searchbox', { name: 'Find' }).fill('sieve');
  const row = page.getByRole('rowheader').getByRole('button').first();
  const name = (await row.textContent())!;
  await row.click();
  const form = page.getByRole('dialog', { name });
  const yields = form.getByRole('textbox', { name: 'Weight after, of before' });
  await yields.fill('80');
  await yields.press('Enter');
  await expect(form.getByRole('region', { name: 'Plans that use it' })).toContainText(
    /Sieved curd: .*free water \d+(\.\d+)? % → /,
  );
  await form.getByRole('button', { name: 'Cancel' }).click();
});

test('a table with a bad row names it, and the others are taken, or nothing', async ({ page }, {
  retry,
}) => {
  const id = `quay-${retry}-flour`;
  const rows = [
    HEAD,
    `${id},Quay flour ${retry},flour,13,11,1,73,3,0.55,0,0.9,0,gluten,plant`,
    'quay-salt-cod,Quay salt cod,fish,heavy,30,1,0,0,1,1,0,0,fish,fish',
  ];
  const file = {
    name: 'quay.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(rows.join('\n')),
  };
  await page.goto('/kitchen/pantry');
  const chooser = page.getByLabel('A CSV table to take in');
  await chooser.setInputFiles(file);
  const offer = page.getByRole('dialog');
  await expect(offer).toContainText('1 line cannot be taken');
  await expect(offer).toContainText('Line 3, water: Water must be a number from 0 to 1');
  await offer.getByRole('button', { name: 'Take nothing' }).click();
  await page.getByRole('searchbox', { name: 'Find' }).fill(`Quay flour ${retry}`);
  await expect(page.getByText('Nothing by that name')).toBeVisible();

  await chooser.setInputFiles(file);
  await offer.getByRole('button', { name: 'Take the 1 good row' }).click();
  await expect(page.getByRole('button', { name: `Quay flour ${retry} yours` })).toBeVisible();

  await chooser.setInputFiles({ ...file, buffer: Buffer.from('a,b\n1,2\n') });
  await expect(page.getByText(/line 1 must name the columns/)).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const saved = readFileSync((await (await download).path()) ?? '', 'utf8');
  expect(saved.split('\n')[0]).toBe(HEAD);
  expect(saved).toContain(`${id},Quay flour ${retry},flour,13`);
});

test('a shopping list merges plans, rounds to packets, and goes out as a file', async ({ page }, {
  retry,
}) => {
  const a = await newPlan(page, `Shop A${retry}`);
  const b = await newPlan(page, `Shop B${retry}`);
  await page.goto(`/shopping?plans=${a},${b}`);
  const list = page.getByRole('region', { name: 'Shopping list' });
  await expect(list.getByRole('listitem').filter({ hasText: 'Soft wheat flour' })).toContainText(
    '2 bags of 1 kg',
  );
  await expect(list.getByRole('listitem').filter({ hasText: 'Hen eggs' })).toContainText('26 eggs');
  await page.getByRole('checkbox', { name: new RegExp(`Shop B${retry}`) }).uncheck();
  await expect(list.getByRole('listitem').filter({ hasText: 'Hen eggs' })).toContainText('13 eggs');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Text' }).click();
  expect(readFileSync((await (await download).path()) ?? '', 'utf8')).toContain(
    '13 eggs  Hen eggs',
  );
});

test('quick sums answer without a plan, and refuse by name and range', async ({ page }) => {
  await page.goto('/sums');
  await expect(page).toHaveURL(/\/sums\/pieces$/);
  await page.getByRole('link', { name: /^Hydration/ }).click();
  await expect(page.getByRole('status')).toContainText('38.1');
  await type(page, 'Amount of Soft wheat flour fine (00)', '300');
  await expect(page.getByRole('status')).toContainText('Wet.');
  await page.getByRole('link', { name: /Whole eggs/ }).click();
  await expect(page.getByRole('status')).toContainText('4 eggs');
  await type(page, 'Flour, in all', '-3');
  await expect(page.getByRole('alert').first()).toContainText(
    'Flour, in all must be a number from 1 to 20000 g',
  );
  await page.getByRole('link', { name: /Cups to grams/ }).click();
  await type(page, 'Cups', '2');
  await expect(page.getByRole('status')).toContainText('265');
  await page.getByRole('link', { name: /Water to cook off/ }).click();
  await expect(page.getByRole('status')).toContainText(/stop when it weighs \d+ g/);
});
