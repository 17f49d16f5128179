import { writeFileSync } from 'node:fs';
import { expect, newPlan, saved, stored, tally, test, unfold } from './kitchen';

const row = (page: import('@playwright/test').Page, name: string) =>
  page.getByRole('listitem').filter({ has: page.getByRole('link', { name, exact: true }) });

async function choose(page: import('@playwright/test').Page, name: string, item: string) {
  await page.getByRole('button', { name: `What to do with ${name}`, exact: true }).click();
  await page.getByRole('menuitem', { name: item }).click();
}

test('a new plan starts from one that holds, and answers at once', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'New plan' }).click();
  await unfold(page, 'Or begin from a shape');
  await page.getByRole('button', { name: /^Tortelloni/ }).click();
  await expect(page).toHaveURL(/\/plans\/[0-9a-f-]{36}/);
  await expect(tally(page)).toContainText('6 portions of 6');
  await expect(page.getByTestId('verdict')).toContainText('Holds');
  // The kitchen's own roller, not a generic one.
  await page.getByRole('button', { name: /Sheet/ }).click();
  await expect(page.getByLabel('Rolled on')).toHaveValue('hall-crank');
});

test('duplicate, rename, archive, delete and bring back', async ({ page }, { retry }) => {
  // What an earlier try left stands there still.
  const name = `Shelf test ${retry}`;
  await newPlan(page, name);
  await page.goto('/');
  await choose(page, name, 'Duplicate');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`${name}, copy`);

  await page.goto('/');
  await choose(page, `${name}, copy`, 'Rename');
  await page.getByLabel('New name').fill('   ');
  await page.getByRole('button', { name: 'Rename', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Name' })).toHaveText(
    'Name must be text of 1 to 120 characters',
  );
  await page.getByLabel('New name').fill(`${name}, second`);
  await page.getByRole('button', { name: 'Rename', exact: true }).click();
  await expect(row(page, `${name}, second`)).toBeVisible();

  await choose(page, name, 'Archive');
  await expect(row(page, name)).toHaveCount(0);
  await page.getByRole('link', { name: /Archived/ }).click();
  await choose(page, name, 'Bring back');
  await expect(row(page, name)).toHaveCount(0);

  await page.goto('/');
  await choose(page, name, 'Delete');
  await expect(row(page, name)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(row(page, name)).toBeVisible();
  // The message goes with its button: the next Tab goes on in the page.
  await expect(page.locator('#main:focus, #main :focus')).toHaveCount(1);
});

test('a plan goes out as a file and comes in again the same', async ({ page }, info) => {
  const id = await newPlan(page, 'Out and in');
  const document = await stored(page, id);
  const file = info.outputPath('out-and-in.json');
  writeFileSync(file, JSON.stringify(document));
  await page.goto('/');
  await page.getByLabel('Plan file').setInputFiles(file);
  await expect(page).toHaveURL(/\/plans\/[0-9a-f-]{36}/);
  const copy = page.url().split('/').pop() ?? '';
  expect(copy).not.toBe(id);
  expect(await stored(page, copy)).toEqual(document);
});

for (const [what, text, message] of [
  ['broken JSON', '{"format":', /not JSON/],
  [
    'a later version',
    '{"format":"mortar-sheet/plan","version":99}',
    /written by a later version of the product \(99\)/,
  ],
  ['an unknown format', '{"format":"soup"}', /format: must be "mortar-sheet\/plan"/],
] as const) {
  test(`a file with ${what} is refused with its reason`, async ({ page }, info) => {
    const file = info.outputPath('bad.json');
    writeFileSync(file, text);
    await page.goto('/plans/new');
    await page.getByLabel('Plan file').setInputFiles(file);
    await expect(page.getByRole('main').getByRole('alert')).toHaveText(message);
    await expect(page).toHaveURL(/\/plans\/new/);
  });
}

test.describe('what is not there', () => {
  test.use({ expectedErrors: [/404/] });
  test('says so and shows the way back', async ({ page }) => {
    await page.goto('/plans/no-such-plan');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing is kept here');
    await page.getByRole('link', { name: 'All plans' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Filled pasta, planned');
  });
});

test('the route refuses what is no plan and harms nothing', async ({ page }) => {
  const id = await newPlan(page, 'Route test');
  const before = await stored(page, id);
  const put = (data: unknown) => page.request.put(`/api/plans/${id}`, { data: data as object });
  const plan = { ...before, shape: { ...before.shape, doseG: -5 } };
  const bad = await put({ plan, baseEdition: 1, sitting: 's' });
  expect(bad.status()).toBe(400);
  expect(await bad.json()).toEqual({
    error: 'shape.doseG: Dose must be a number from 0.1 to 300 g',
    path: 'shape.doseG',
  });
  expect((await put({ plan: before, sitting: 's' })).status()).toBe(400);
  expect(
    (
      await page.request.put(`/api/plans/${id}`, {
        headers: { 'content-type': 'application/json' },
        data: Buffer.from('{"plan":'),
      })
    ).status(),
  ).toBe(400);
  expect(
    (
      await page.request.put('/api/plans/none', {
        data: { plan: before, baseEdition: 1, sitting: 's' },
      })
    ).status(),
  ).toBe(404);
  expect(await stored(page, id)).toEqual(before);
});

test('a revision can be compared with the newest and gone back to', async ({ page }) => {
  await page.goto('/plans/beetroot-tortelloni/revisions');
  await page.getByRole('link', { name: 'Compare' }).click();
  const compared = page.getByRole('region', { name: 'Compared' });
  await expect(compared.getByRole('row', { name: /Shape: Dose 8.5 g 7 g/ })).toBeVisible();
  await expect(compared.getByRole('row', { name: /Filling: Texture mixed blended/ })).toBeVisible();

  const id = await newPlan(page, 'Go back');
  await page.goto(`/plans/${id}?at=shape`);
  await page.getByRole('slider', { name: 'Dose' }).press('ArrowRight');
  await saved(page);
  await page.getByRole('button', { name: 'Revisions' }).click();
  await page.getByRole('button', { name: 'Go back to it' }).click();
  await expect(page).toHaveURL(new RegExp(`/plans/${id}$`));
  expect((await stored(page, id)).shape?.doseG).toBe(9);
});

test('plans are found by words and tags, and sorted', async ({ page }) => {
  const name = `Findable ${Date.now()}`;
  await newPlan(page, name);
  await page.goto('/');
  const find = page.getByRole('searchbox', { name: 'Find a plan' });
  await find.pressSequentially(name.toLowerCase());
  await expect(page.getByRole('link', { name })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Ox-cheek pinched agnolotti' })).toHaveCount(0);
  await page.getByRole('button', { name: `What to do with ${name}` }).click();
  await page.getByRole('menuitem', { name: 'Tags' }).click();
  await expect(page.getByRole('textbox', { name: /^Tags/ })).toBeFocused();
  await page.keyboard.type('stall, cold');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listitem').filter({ hasText: name })).toContainText('stall, cold');
  await find.fill('');
  await page.getByLabel('Tag', { exact: true }).selectOption('cold');
  await expect(page.getByRole('link', { name })).toBeVisible();
  await expect(page).toHaveURL(/tag=cold/);
  await page.getByRole('button', { name: `What to do with ${name}` }).click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await expect(page.getByRole('textbox', { name: 'New name' })).toBeFocused();
  await page.keyboard.press('Escape');
  await find.fill('no such plan anywhere');
  await expect(page.getByText('No plans match.')).toBeVisible();
});

test('a plan is deleted for ever from inside it, asked once', async ({ page }) => {
  const id = await newPlan(page, 'Gone for ever');
  await page.goto(`/plans/${id}`);
  await page.getByRole('button', { name: 'What to do with Gone for ever' }).click();
  await page.getByRole('menuitem', { name: 'Delete for ever' }).click();
  const asked = page.getByRole('alertdialog');
  await expect(asked.getByRole('button', { name: 'Keep it' })).toBeFocused();
  await asked.getByRole('button', { name: 'Delete for ever' }).click();
  await expect(page).toHaveURL(/\/$/);
  expect((await page.request.get(`/api/plans/${id}`)).status()).toBe(404);
});

test('a revision has a name and a log entry is put right', async ({ page }) => {
  const id = await newPlan(page, 'Named revision');
  await page.goto(`/plans/${id}/revisions`);
  await page.getByRole('button', { name: /^Name it/ }).click();
  await page.keyboard.type('As at the supper');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^As at the supper/ })).toBeVisible();

  await page.goto(`/plans/${id}/log`);
  await page.getByLabel('Pieces made').fill('40');
  await page.getByLabel('Burst').fill('3');
  await page.getByRole('button', { name: 'Clear' }).click();
  await expect(page.getByLabel('Pieces made')).toHaveValue('');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Pieces made')).toHaveValue('40');
  await page.getByRole('button', { name: 'Save' }).click();
  const entries = page.getByRole('region', { name: 'Entries' });
  await expect(entries).toContainText('37 whole of 40');
  await entries.getByRole('button', { name: /^Change/ }).click();
  await entries.getByLabel('Burst').fill('2');
  await entries.getByRole('button', { name: 'Save' }).click();
  await expect(entries).toContainText('38 whole of 40');
});

test('ticks, what is in hand and own lines of a shopping list stay', async ({ page }) => {
  const id = await newPlan(page, 'Shop for it');
  await page.goto(`/shopping?plans=${id}`);
  const list = page.getByRole('region', { name: 'Shopping list' });
  await list.getByRole('checkbox', { name: /13 eggs/ }).check();
  await list.getByRole('button', { name: 'Already have Butter' }).click();
  await list.getByRole('textbox', { name: 'A line of your own' }).fill('Napkins');
  await page.keyboard.press('Enter');
  await expect(list.getByRole('checkbox', { name: 'Napkins' })).toBeVisible();
  await page.reload();
  await expect(list.getByRole('checkbox', { name: /13 eggs/ })).toBeChecked();
  await expect(list.getByRole('region', { name: 'Already have' })).toContainText('Butter');
  await expect(list.getByRole('checkbox', { name: 'Napkins' })).not.toBeChecked();
  // Another list begins with nothing ticked.
  await page.goto('/shopping?plans=ox-cheek-agnolotti');
  await expect(list.getByRole('checkbox', { checked: true })).toHaveCount(0);
});

test('a plan goes out as recipe data, and makes a new plan again', async ({ page }) => {
  const id = await newPlan(page, 'Recipe data there and back');
  const answer = await page.request.get(`/api/plans/${id}/recipe`);
  expect(answer.headers()['content-type']).toContain('application/ld+json');
  const recipe = await answer.text();
  expect(JSON.parse(recipe)).toMatchObject({
    '@type': 'Recipe',
    name: 'Recipe data there and back',
  });
  await page.goto('/plans/new');
  await page.getByRole('radio', { name: 'I have a recipe' }).click();
  await page.getByLabel('Recipe file').setInputFiles({
    name: 'supper.jsonld',
    mimeType: 'application/ld+json',
    buffer: Buffer.from(recipe),
  });
  await expect(page.getByText('From structured data:')).toContainText('Recipe data there and back');
  await expect(page.getByText(/^Not used/)).toContainText('recipeInstructions');
  await expect(page.getByRole('textbox', { name: 'For how many?' })).toHaveValue(
    String((await stored(page, id)).batch?.portions),
  );
  // What is no recipe is said, and stays to be put right.
  await page.getByLabel('Recipe file').setInputFiles({
    name: 'other.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"@type":"Person"}'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'Recipe data' })).toContainText(
    'must hold a Recipe',
  );
  await page.getByLabel('Recipe file').setInputFiles({
    name: 'supper.jsonld',
    mimeType: 'application/ld+json',
    buffer: Buffer.from(recipe),
  });
  await page.getByRole('button', { name: 'Make the plan' }).click();
  await page.waitForURL(/\/plans\/[^/]+\?at=count/);
  const made = await stored(page, page.url().split('/').at(-1)!.split('?')[0]!);
  expect(made.name).toBe('Recipe data there and back');
  expect((made.filling?.parts as { id: string }[]).map((part) => part.id)).toContain(
    'celeriac-raw',
  );
});

test.describe('without a line', () => {
  test.use({
    expectedErrors: [/Failed to load resource|ERR_INTERNET_DISCONNECTED|Failed to fetch/],
  });

  test('what cannot be done is said, and the plan stands as it was', async ({ page, context }) => {
    const name = 'Without a line';
    await newPlan(page, name);
    await page.goto('/');
    const menu = page.getByRole('button', { name: `What to do with ${name}` });
    // The menu and what says messages are there; then the line goes.
    await page.getByLabel(/^Notifications/).waitFor({ state: 'attached' });
    await menu.click();
    await expect(page.getByRole('menuitem', { name: 'Delete', exact: true })).toBeVisible();
    await context.setOffline(true);
    await page.getByRole('menuitem', { name: 'Delete', exact: true }).click();
    await expect(page.getByText('No answer from the server; nothing was changed.')).toBeVisible();
    await expect(page.getByRole('link', { name })).toBeVisible();
    await context.setOffline(false);
  });
});
