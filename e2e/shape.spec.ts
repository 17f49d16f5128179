import { readdirSync } from 'node:fs';
import {
  choose,
  expect,
  newPlan,
  openTab,
  saved,
  stored,
  tally,
  test,
  type,
  unfold,
} from './kitchen';

test('another shape brings its own measures, pattern and folding, and undo takes it back', async ({
  page,
}) => {
  const id = await newPlan(page, 'Shape test');
  await page.goto(`/plans/${id}?at=shape`);
  await choose(page, 'Half-moon');
  await expect(page.getByRole('slider', { name: 'Disc' })).toHaveAttribute('aria-valuenow', '80');
  const sheet = page.getByRole('region', { name: 'One sheet' });
  await expect(sheet).toContainText('one layer, each blank folded by itself');
  await openTab(page, 'Folding');
  await expect(page.getByRole('region', { name: 'Folding' }).getByRole('listitem')).toHaveCount(4);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('slider', { name: 'Blank' })).toHaveAttribute('aria-valuenow', '55');
});

test('every family draws its piece and its pattern', async ({ page }) => {
  test.slow();
  const id = await newPlan(page, 'All shapes');
  await page.goto(`/plans/${id}?at=shape`);
  const names = await page.getByRole('radiogroup', { name: 'Family' }).getByRole('radio').all();
  expect(names).toHaveLength(13);
  for (const radio of names) {
    await radio.check({ force: true });
    await expect(page.getByRole('region', { name: 'The piece' }).getByRole('group')).toBeVisible();
    await expect(page.getByRole('region', { name: 'One sheet' })).toContainText(
      /pieces a (pair of sheets|sheet)/,
    );
  }
});

test('a blank is picked for its place, and the drawing zooms', async ({ page }) => {
  const id = await newPlan(page, 'Place test');
  await page.goto(`/plans/${id}?at=shape`);
  const sheet = page.getByRole('region', { name: 'One sheet' });
  await expect(sheet.getByRole('status')).toContainText(
    'First mound 33 mm from the end and 30 mm from the edge, every 55 mm along; rows 55 mm apart.',
  );
  const drawing = sheet.getByRole('group', { name: /^One sheet, 890 mm/ }).first();
  const box = (await drawing.boundingBox())!;
  await page.mouse.click(box.x + box.width * 0.16, box.y + box.height * 0.45);
  await expect(sheet.getByRole('status')).toContainText('Blank 1 along, 1 across');
  const blanks = sheet.getByRole('group', { name: /^Blanks/ });
  await blanks.press('ArrowRight');
  await blanks.press('ArrowUp');
  await expect(sheet.getByRole('status')).toContainText('Blank 2 along, 2 across');
  await sheet.getByRole('button', { name: 'Larger' }).click();
  expect((await drawing.boundingBox())!.width).toBeGreaterThan(box.width * 1.5);
  await sheet.getByRole('button', { name: 'The whole sheet' }).click();
  expect((await drawing.boundingBox())!.width).toBeCloseTo(box.width, 0);
  // It stays the same blank, at its new place, when the pattern moves under it.
  await expect(sheet.getByRole('status')).toContainText('its mound 88 mm from the left end');
  await type(page, 'Blank', '50');
  await expect(sheet.getByRole('status')).toContainText('its mound 80 mm from the left end');
});

test('sheets two by two, folded long, or cut first change what a sheet gives', async ({ page }) => {
  const id = await newPlan(page, 'Ways test');
  await page.goto(`/plans/${id}?at=shape`);
  const sheet = page.getByRole('region', { name: 'One sheet' });
  await expect(sheet).toContainText('16 pieces a sheet');
  await unfold(page, 'Line, sheets and gaps');
  await choose(page, 'Two sheets');
  await expect(sheet).toContainText('32 pieces a pair of sheets');
  await choose(page, 'Folded long');
  await expect(sheet).toContainText('16 pieces a sheet');
  await choose(page, 'Cut blanks');
  await expect(sheet).toContainText('16 pieces a sheet');
  await saved(page);
  expect((await stored(page, id)).shape?.sheets).toBe('cutBlanks');
});

test('a mould of the kitchen is taken with all its measures; one too wide is explained', async ({
  page,
}) => {
  const id = await newPlan(page, 'Mould test', {}, 'barley-and-mushroom-ravioli');
  await page.goto(`/plans/${id}?at=shape`);
  await page.getByRole('combobox', { name: /^Mould/ }).selectOption('Old round tray');
  await expect(page.getByRole('region', { name: 'One sheet' })).toContainText(
    'The mould needs a sheet 164 mm wide; this one is 145 mm: lap two sheets, or take a narrower mould.',
  );
  await openTab(page, 'Tools');
  const tools = page.getByRole('region', { name: 'Tools' });
  await expect(tools.getByRole('listitem').filter({ hasText: 'Old round tray' })).toContainText(
    'does not fit the sheet',
  );
  await tools.getByRole('button', { name: 'Use Hall plate' }).click();
  await saved(page);
  expect((await stored(page, id)).shape).toMatchObject({
    mould: 'Hall plate',
    rows: 3,
    sizeMm: 42,
  });
});

test('the kitchen’s cutters say which of them suit the dose', async ({ page }) => {
  const id = await newPlan(page, 'Tools test');
  await page.goto(`/plans/${id}?at=shape`);
  await openTab(page, 'Tools');
  const tools = page.getByRole('region', { name: 'Tools' });
  await expect(tools.getByRole('listitem').filter({ hasText: '45 cutter' })).toContainText(
    /fails\s*4\.\d+ mm lip of 4\.8 mm/,
  );
  await tools
    .getByRole('listitem')
    .filter({ hasText: '60 cutter' })
    .getByRole('button', { name: /^Use / })
    .click();
  await expect(page.getByRole('slider', { name: 'Blank' })).toHaveAttribute('aria-valuenow', '60');
});

test('templates are printed at true size, after what is on the page is stored', async ({
  page,
}) => {
  const id = await newPlan(page, 'Template test');
  await page.goto(`/plans/${id}?at=shape`);
  await choose(page, 'Round');
  await openTab(page, 'Templates');
  const panel = page.getByRole('region', { name: 'Templates' });
  await expect(panel).toContainText(/PDF over \d pages/);
  for (const [link, start] of [
    ['PDF of the sheet', '%PDF-'],
    ['SVG of the sheet', '<svg'],
    ['PDF of the gauge', '%PDF-'],
    ['SVG of the gauge', '<svg'],
  ] as const) {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      panel.getByRole('link', { name: link }).click(),
    ]);
    const chunks: Buffer[] = [];
    for await (const chunk of await file.createReadStream()) chunks.push(chunk as Buffer);
    expect(Buffer.concat(chunks).toString('latin1')).toMatch(new RegExp(`^${start}`));
  }
  // The disc of the change just made, in millimetres.
  const svg = await (
    await page.request.get(`/api/plans/${id}/template?template=sheet&format=svg`)
  ).text();
  const xs = [...svg.matchAll(/<polygon points="([^"]+)"/g)][1]![1]!
    .split(' ')
    .map((pair) => Number(pair.split(',')[0]));
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(62, 1);
});

test('a template asked for wrongly is refused by name', async ({ page }) => {
  const id = await newPlan(page, 'Template refused');
  const answer = await page.request.get(`/api/plans/${id}/template?paper=a3`);
  expect(answer.status()).toBe(400);
  expect((await answer.json()).error).toContain('paper must be one of: a4, letter');
});

test('the card has a back when it is asked for, on paper and as a PDF', async ({ page }) => {
  await page.goto('/plans/celeriac-friday/card');
  const back = page.getByRole('article', { name: 'Back of the card' });
  await expect(back).toHaveCount(0);
  await page.getByRole('checkbox', { name: /With its back/ }).check();
  await expect(back).toContainText('Pieces pop, full of air');
  const href = (await page.getByRole('link', { name: /PDF A4/ }).getAttribute('href'))!;
  expect(href).toContain('back=1');
  const file = await (await page.request.get(href)).body();
  expect(file.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(2);
});

test('the bench card comes as a PDF of one page', async ({ page }) => {
  const id = await newPlan(
    page,
    'Card as PDF, with a long name: Łosoś, žampiony and Grüße to all at the landing',
  );
  await page.goto(`/plans/${id}/card`);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'PDF A4' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/\.pdf$/);
  const chunks: Buffer[] = [];
  for await (const chunk of await file.createReadStream()) chunks.push(chunk as Buffer);
  const pdf = Buffer.concat(chunks).toString('latin1');
  expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
});

test('the browser’s own print of a card is one page, of either paper', async ({ page }) => {
  for (const name of readdirSync('demo/plans').map((file) => file.replace('.json', ''))) {
    const id = await newPlan(page, `Printed ${name}`, {}, name);
    await page.goto(`/plans/${id}/card`);
    for (const format of ['A4', 'Letter']) {
      const pdf = (await page.pdf({ format })).toString('latin1');
      expect([name, format, pdf.match(/\/Type \/Page\b/g)?.length]).toEqual([name, format, 1]);
    }
  }
});

test('shapes are compared for the same dough and filling, and one is taken', async ({ page }) => {
  const id = await newPlan(page, 'Compare test');
  await page.goto(`/plans/${id}?at=shape`);
  await openTab(page, 'Compare shapes');
  const panel = page.getByRole('region', { name: 'Compare shapes' });
  await expect(panel.getByRole('row')).toHaveCount(14);
  await expect(panel.getByRole('status')).toHaveText('13 shapes compared');
  await expect(panel.getByRole('row', { name: /Square/ })).toContainText('In use');
  await panel.getByRole('button', { name: 'Use tortelloni' }).click();
  await expect(page.getByRole('radio', { name: 'Tortelloni' })).toBeChecked();
});

test('other ways to use both up are searched for, ranked, and one is adopted', async ({ page }) => {
  const id = await newPlan(
    page,
    'Dead heat search',
    { batch: { wayIn: 'both', doughInHandG: 640, fillingInHandG: 820 } },
    'celeriac-and-smoked-curd-stall',
  );
  await page.goto(`/plans/${id}?at=count`);
  const panel = page.getByRole('region', { name: 'Other ways to use both up' });
  await panel.getByRole('button', { name: 'Search every thickness and blank' }).click();
  const rows = panel.getByRole('row').filter({ has: page.getByRole('button', { name: /^Use / }) });
  await expect(rows.first()).toBeVisible();
  const pieces = await rows.first().getByRole('rowheader').innerText();
  await rows.first().getByRole('button', { name: /^Use / }).click();
  await expect(tally(page)).toContainText(new RegExp(`Pieces\\s*${pieces}`));
  await saved(page);
  expect((await stored(page, id)).batch?.mayChange).toMatchObject({
    thickness: false,
    size: false,
  });
});

test('the batch counts by the pattern, or by a share of the cook’s own', async ({ page }) => {
  const id = await newPlan(page, 'Share test');
  await page.goto(`/plans/${id}?at=sheet`);
  await unfold(page, 'Dust and trim');
  await type(page, 'Sheet used, by your own count', '60 %');
  await openTab(page, 'One sheet');
  const sheet = page.getByRole('region', { name: 'One sheet' });
  await expect(sheet).toContainText('The batch uses 60 %, your own figure');
  await sheet.getByRole('button', { name: 'Count by the pattern' }).click();
  await expect(sheet).not.toContainText('your own figure');
  await saved(page);
  expect((await stored(page, id)).batch?.usedShare).toBeUndefined();
});
