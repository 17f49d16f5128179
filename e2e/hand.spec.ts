import type { Locator, Page } from '@playwright/test';
import { expect, newPlan, openTab, press, saved, stored, tally, test, type } from './kitchen';

/** A finger put down at a place, moved and lifted, as the browser itself would see it. */
async function swipe(page: Page, from: { x: number; y: number }, by: { x: number; y: number }) {
  const client = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x: number, y: number) =>
    client.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [{ x, y }],
    });
  await touch('touchStart', from.x, from.y);
  for (let i = 1; i <= 12; i += 1) {
    await touch('touchMove', from.x + (by.x * i) / 12, from.y + (by.y * i) / 12);
  }
  await touch('touchEnd', 0, 0);
}

/** Waits until a thing stands where it is: a page that was swiped glides on for a while. */
async function still(thing: Locator) {
  let before = '';
  await expect
    .poll(
      async () => {
        const now = JSON.stringify(await thing.boundingBox());
        const same = now === before;
        before = now;
        return same;
      },
      { intervals: [150] },
    )
    .toBe(true);
}

test.describe('by finger', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a swipe over a ruler scrolls the page and changes nothing; a drag along it does', async ({
    page,
  }) => {
    const id = await newPlan(page, 'Swipe test');
    await page.goto(`/plans/${id}?at=shape`);
    const ruler = page.getByRole('slider', { name: 'Dose' });
    await ruler.evaluate((each) => each.scrollIntoView({ block: 'center' }));
    const box = (await ruler.boundingBox())!;
    const before = await page.evaluate(() => window.scrollY);
    await swipe(page, { x: box.x + 120, y: box.y + 20 }, { x: 3, y: -220 });
    await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(before + 100);
    await expect(ruler).toHaveAttribute('aria-valuenow', '9');

    await still(ruler);
    await ruler.evaluate((each) => each.scrollIntoView({ block: 'center' }));
    await still(ruler);
    const again = (await ruler.boundingBox())!;
    await swipe(page, { x: again.x + again.width / 2, y: again.y + 20 }, { x: 60, y: 2 });
    await expect(ruler).not.toHaveAttribute('aria-valuenow', '9');
    await saved(page);
    // One drag is one step back, and the way back is in reach.
    await page.getByRole('button', { name: 'Undo the last change' }).click();
    await expect(ruler).toHaveAttribute('aria-valuenow', '9');
  });

  test('from an empty list, five touches give the first answer', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('link', { name: 'New plan' }).tap();
    await page.getByRole('radio', { name: /^Mushroom and barley/ }).tap();
    await page.getByRole('button', { name: 'Make the plan' }).tap();
    await expect(page).toHaveURL(/at=count|[0-9a-f-]{36}$/);
    await expect(page.getByRole('link', { name: /28\s*pieces/ })).toBeVisible();
    await expect(page.getByRole('link', { name: /28\s*pieces/ })).toContainText('holds');
  });

  test('what has the focus is never under the tally', async ({ page }) => {
    const id = await newPlan(page, 'Covered test');
    await page.setViewportSize({ width: 390, height: 600 });
    await page.goto(`/plans/${id}?at=dough`);
    const line = (await page.getByRole('link', { name: /pieces/ }).boundingBox())!;
    expect(line.height).toBeLessThanOrEqual(600 / 6);
    for (let stop = 0; stop < 45; stop += 1) {
      await page.keyboard.press('Tab');
      const under = await page.evaluate(() => {
        const at = document.activeElement as HTMLElement;
        const foot = document.querySelector('a[href="#tally"]')!.closest('div')!;
        if (!at || at === document.body || foot.contains(at)) return 0;
        const [a, b] = [at.getBoundingClientRect(), foot.getBoundingClientRect()];
        return a.top >= b.top - 4 ? a.top - b.top : -1;
      });
      expect(under, `stop ${stop}`).toBeLessThanOrEqual(0);
    }
  });
});

test('a recipe is read as it is written, and asked about where it is not plain', async ({
  page,
}) => {
  await page.goto('/plans/new');
  await page.getByRole('radio', { name: 'I have a recipe' }).check();
  await page
    .getByLabel(/Paste or type it/)
    .fill(
      [
        'Dough:',
        '2 ½ cups flour',
        '3 large eggs + 2 yolks',
        'Filling:',
        '500 g ricotta, drained overnight',
        'a can of pumpkin (425 g)',
        'half a jar of frobnitz',
      ].join('\n'),
    );
  const read = page.getByRole('region', { name: 'As it was read' });
  await expect(
    read.getByRole('textbox', { name: 'Amount of All-purpose wheat flour' }),
  ).toHaveValue('331');
  await expect(read).toContainText('Which one is it?');
  await page.getByRole('radio', { name: 'Scooped' }).check();
  await expect(
    read.getByRole('textbox', { name: 'Amount of All-purpose wheat flour' }),
  ).toHaveValue('398');
  await expect(read.getByRole('textbox', { name: 'Amount of Hen egg yolk' })).toHaveValue('34');
  await page.getByRole('button', { name: 'Make the plan' }).click();
  await expect(page.getByRole('main').getByRole('alert')).toContainText('Some lines are not told');
  await read.getByRole('button', { name: /Leave out half a jar/ }).click();
  await page.getByRole('checkbox', { name: /what I have/ }).check();
  await page.getByRole('button', { name: 'Make the plan' }).click();
  await expect(page).toHaveURL(/[0-9a-f-]{36}/);
  await expect(page.getByRole('radio', { name: 'Use both up' })).toBeChecked();
  const made = await stored(page, /[0-9a-f-]{36}/.exec(page.url())![0]);
  expect(made.dough?.parts).toEqual([
    { id: 'flour-all-purpose', g: 397.5 },
    { id: 'egg-whole', g: 174 },
    { id: 'egg-yolk', g: 34 },
  ]);
  expect(made.filling?.parts).toContainEqual({
    id: 'ricotta-fresh',
    g: 500,
    preparation: 'drain-overnight',
  });
});

test('a drag brought back to where it began lets go, and the ruler follows again', async ({
  page,
}) => {
  const id = await newPlan(page, 'Back again');
  await page.goto(`/plans/${id}?at=shape`);
  const ruler = page.getByRole('slider', { name: 'Dose' });
  const box = (await ruler.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + 20];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 60, y, { steps: 5 });
  await expect(ruler).not.toHaveAttribute('aria-valuenow', '9');
  await page.mouse.move(x, y, { steps: 5 });
  await expect(ruler).toHaveAttribute('aria-valuenow', '9');
  await page.mouse.up();
  // The page has caught up with the hand: what is typed then is not typed into a field that still changes.
  await saved(page);
  await expect(page.getByRole('textbox', { name: 'Dose', exact: true })).toHaveValue('9');
  await type(page, 'Dose', '7');
  await expect(ruler).toHaveAttribute('aria-valuenow', '7');
  await saved(page);
  expect((await stored(page, id)).shape?.doseG).toBe(7);
});

test('the answer is said once, when the hand rests', async ({ page }) => {
  const id = await newPlan(page, 'Spoken test');
  await page.goto(`/plans/${id}?at=count`);
  const spoken = page.getByTestId('spoken-answer');
  await expect(spoken).toHaveText('');
  await type(page, 'Portions', '10');
  await type(page, 'Portions', '12');
  await expect(spoken).toHaveText(/^79 pieces, .* dough, .* filling, holds$/);
  // Saving is not spoken while it goes well.
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toHaveCount(0);
});

test('focus has a home after every action', async ({ page }) => {
  const id = await newPlan(page, 'Focus test', { shape: { doseG: 22 } });
  await page.goto(`/plans/${id}?at=dough`);
  const focused = () => page.evaluate(() => document.activeElement?.tagName ?? '');
  const verdict = page.getByRole('group', { name: 'Verdict' });
  await verdict.getByRole('button', { name: /^Wider by/ }).press('Enter');
  await expect(verdict).toBeFocused();

  // Arrow keys in a row's field stay in it.
  const amount = page.getByRole('textbox', { name: 'Amount of Hen egg whole without shell' });
  await amount.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(amount).toBeFocused();

  // What opens over the page gives it back.
  await press(page, 'Control+k', page.getByPlaceholder('What would you like to do?'));
  await page.keyboard.press('Escape');
  await expect(amount).toBeFocused();
  const log = page.getByRole('button', { name: 'Log', exact: true });
  await log.focus();
  await press(page, '?', page.getByRole('dialog', { name: 'Keys' }));
  await page.keyboard.press('Escape');
  await expect(log).toBeFocused();

  // A new row takes the focus to its amount; the picker takes typing at once.
  await page.getByRole('button', { name: 'Add to the dough' }).press('Enter');
  await expect(page.getByPlaceholder('Find an ingredient')).toBeFocused();
  await page.keyboard.type('olive');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Amount of Olive oil' })).toBeFocused();
  await page.getByRole('button', { name: 'Remove Olive oil' }).press('Enter');
  await expect(page.getByRole('textbox', { name: 'Amount of Olive oil' })).toHaveCount(0);
  await expect.poll(focused).toBe('BUTTON');

  // The last undo leaves the focus on its button.
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  for (let i = 0; i < 12; i += 1) await undo.press('Enter');
  await expect(undo).toHaveAttribute('aria-disabled', 'true');
  await expect(undo).toBeFocused();

  await openTab(page, 'Whole eggs');
  await page.getByRole('button', { name: /^Use / }).first().press('Enter');
  await expect.poll(focused).not.toBe('BODY');

  await page.getByTitle('Rename', { exact: true }).press('Enter');
  await page.keyboard.type('Renamed by key');
  await page.keyboard.press('Enter');
  await expect(page.getByTitle('Rename', { exact: true })).toBeFocused();
  await expect(page).toHaveTitle(/Renamed by key/);
});

test('undo is still there after a look at another page, and after a reload', async ({ page }) => {
  const id = await newPlan(page, 'Stays after a look');
  await page.goto(`/plans/${id}?at=count`);
  await type(page, 'Portions', '20');
  await expect(tally(page)).toContainText('20 portions');
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Results' })).toBeVisible();
  await page.getByRole('link', { name: 'Stays after a look' }).click();
  await expect(tally(page)).toContainText('20 portions');
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  await expect(undo).not.toHaveAttribute('aria-disabled', 'true');
  await page.reload();
  await expect(undo).not.toHaveAttribute('aria-disabled', 'true');
  await undo.click();
  await expect(tally(page)).toContainText('48 portions');
  await saved(page);
});

test('Ctrl Z in a field takes back the plan’s last change, unless something is being typed', async ({
  page,
}) => {
  const id = await newPlan(page, 'Back in a field');
  await page.goto(`/plans/${id}?at=count`);
  await type(page, 'Portions', '20');
  const portions = page.getByRole('textbox', { name: 'Portions' });
  await portions.focus();
  await page.keyboard.press('Control+z');
  await expect(portions).toHaveValue('48');
  await expect(tally(page)).toContainText('48 portions');
  await page.keyboard.type('31');
  await page.keyboard.press('Control+z');
  await expect(tally(page)).toContainText('48 portions');
});

test('single keys can be turned off, and a ruler keeps its own', async ({ page }) => {
  const id = await newPlan(page, 'Letters test');
  await page.goto(`/plans/${id}?at=shape`);
  await page.getByRole('slider', { name: 'Dose' }).press('1');
  await expect(page).toHaveURL(/at=shape/);
  await page.getByRole('button', { name: /Units and look/ }).click();
  await page.getByRole('radio', { name: 'Off' }).check();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Log', exact: true }).focus();
  await page.keyboard.press('1');
  await expect(page.getByRole('slider', { name: 'Dose' })).toBeVisible();
  await page.reload();
  await page.keyboard.press('c');
  await expect(page.getByRole('slider', { name: 'Dose' })).toBeVisible();
});

test('the first stop leads past the bar, and the leaf that was open stays open', async ({
  page,
}) => {
  const id = await newPlan(page, 'Stops test');
  await page.goto(`/plans/${id}?at=dough`);
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Past the bar, to the page' })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  const first = await page.evaluate(
    () => document.querySelector('main')?.contains(document.activeElement) ?? false,
  );
  expect(first).toBe(true);

  await openTab(page, 'How it rolls');
  await page.keyboard.press('Escape');
  const stations = page.getByRole('navigation', { name: 'Stations' });
  await stations.getByRole('button', { name: /^3?\s*Filling/ }).click();
  await expect(page.getByRole('heading', { name: 'Filling', exact: true })).toBeFocused();
  await stations.getByRole('button', { name: /^2?\s*Dough/ }).click();
  await expect(page.getByRole('tab', { name: 'How it rolls' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
});

test('a station opened by its address stands in the page from the first drawing on', async ({
  page,
}) => {
  await page.addInitScript(() => {
    new MutationObserver(() => {
      if (document.querySelector('main p[data-asleep]')) Object.assign(window, { waited: true });
    }).observe(document, { subtree: true, childList: true });
  });
  for (const at of ['dough', 'filling', 'sheet', 'shape', 'seal', 'boil']) {
    const url = `/plans/celeriac-friday?at=${at}`;
    expect(await (await page.request.get(url)).text(), at).not.toContain('Fetching…');
    await page.goto(url);
    expect(await page.evaluate(() => 'waited' in window), at).toBe(false);
  }
  // What a station opens into, and the leaf in its address, come after it.
  await page.goto('/plans/celeriac-friday?at=dough&dough=rolls');
  await expect(page.getByRole('tabpanel')).toContainText('Springs back');
});

test('nothing runs off the side of a narrow page', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  for (const path of [
    '/',
    '/plans/new',
    '/shopping',
    '/kitchen',
    '/plans/celeriac-friday?at=sheet',
  ]) {
    await page.goto(path);
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBe(320);
  }
});

test('in forced colours what is open and what is chosen are still told apart', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto('/plans/celeriac-friday?at=shape');
  const outlined = (each: Locator) =>
    each.evaluate((element) => getComputedStyle(element).outlineStyle);
  const nav = page.getByRole('navigation', { name: 'Stations' });
  expect(await outlined(nav.locator('[aria-current=step]'))).toBe('solid');
  expect(await outlined(nav.getByRole('button', { name: /Dough/ }))).not.toBe('solid');
  const edges = page.getByRole('radiogroup', { name: 'Edge', exact: true }).locator('.choice');
  expect(
    (await Promise.all((await edges.all()).map(outlined))).filter((s) => s === 'solid'),
  ).toHaveLength(1);
});
