import type { Locator, Page } from '@playwright/test';
import { expect, newPlan, press, stored, saved, tally, test } from './kitchen';

test('a plan is made, changed and printed without a mouse', async ({ page }) => {
  await page.goto('/');
  const palette = page.getByPlaceholder('What would you like to do?');
  await press(page, 'Control+k', palette);
  await expect(palette).toBeFocused();
  await page.keyboard.type('new plan');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/plans\/new/);
  await tabTo(page, page.getByRole('radio', { name: 'Any shape', exact: true }));
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'Square' })).toBeChecked();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/plans\/[0-9a-f-]{36}/);
  const id = /[0-9a-f-]{36}/.exec(page.url())![0];

  const portions = page.getByRole('textbox', { name: 'Portions' });
  await tabTo(page, portions);
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(tally(page)).toContainText('6 portions of 6');

  await page.keyboard.press('Tab');
  await page.keyboard.press('Escape');
  await tabTo(page, page.getByRole('button', { name: /^Seal and hold/ }), 'Shift+Tab');
  await page.keyboard.press('5');
  await expect(page.getByRole('heading', { name: 'Shape' })).toBeFocused();
  const dose = page.getByRole('slider', { name: 'Dose' });
  await tabTo(page, dose);
  await page.keyboard.press('ArrowRight');
  await expect(dose).toHaveAttribute('aria-valuenow', '10.5');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(dose).toHaveAttribute('aria-valuenow', '10.55');
  // Two quick nudges are one step back; on a slow machine they may be two.
  await expect(async () => {
    await page.keyboard.press('Control+z');
    await expect(dose).toHaveAttribute('aria-valuenow', '10', { timeout: 1000 });
  }).toPass();
  await expect(async () => {
    await page.keyboard.press('Control+Shift+z');
    await expect(dose).toHaveAttribute('aria-valuenow', '10.55', { timeout: 1000 });
  }).toPass();
  await saved(page);
  expect((await stored(page, id)).shape?.doseG).toBe(10.55);

  // The ruler takes letters for itself; away from it they are the page's again.
  await tabTo(page, page.getByRole('button', { name: 'Log' }), 'Shift+Tab');
  await page.keyboard.press('c');
  await expect(page.getByRole('article', { name: 'Bench card' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page).toHaveURL(new RegExp(`/plans/${id}$`));
});

/** Goes by Tab until something has the focus, as a hand without a mouse does. */
async function tabTo(page: Page, what: Locator, by = 'Tab') {
  for (let stops = 0; stops < 80; stops += 1) {
    if (await what.evaluate((each) => each === document.activeElement)) return;
    await page.keyboard.press(by);
  }
  await expect(what).toBeFocused();
}

test('the list of keys opens by ? and closes by Escape', async ({ page }) => {
  const id = await newPlan(page, 'Keys test');
  await page.goto(`/plans/${id}`);
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await press(page, '?', keys);
  await expect(keys).toContainText('Ctrl Z');
  await expect(keys).toContainText('nudge finely');
  await page.keyboard.press('Escape');
  await expect(keys).toHaveCount(0);
});

test('a figure opens its working by key and gives the focus back', async ({ page }) => {
  const id = await newPlan(page, 'Working test');
  await page.goto(`/plans/${id}`);
  const figure = tally(page).getByRole('button', { name: /302/ });
  await figure.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toContainText('Pieces to make');
  await page.keyboard.press('Escape');
  await expect(figure).toBeFocused();
});

test('keys typed into a field stay in the field', async ({ page }) => {
  const id = await newPlan(page, 'Field keys');
  await page.goto(`/plans/${id}?at=count`);
  await page.getByRole('textbox', { name: 'Portions' }).fill('');
  await page.keyboard.type('57');
  await page.keyboard.press('Enter');
  await expect(tally(page)).toContainText('57 portions of 6');
  await expect(page.getByRole('button', { name: /How many/ })).toHaveAttribute(
    'aria-current',
    'step',
  );
});

test('wherever words of the craft are used, each is a key from its meaning', async ({ page }) => {
  const pages: readonly (readonly [path: string, word: string, says: string])[] = [
    ['/plans/celeriac-friday?at=shape', 'Lip', 'dough is pressed on dough'],
    ['/plans/celeriac-friday?at=seal', 'Open time', 'seal'],
    ['/plans/new', 'Hydration', 'All the water in the dough'],
    ['/plans/crab-half-moons/log', 'Trim', 'What is left of the sheet'],
    ['/sums/cook-off', 'Free water', 'nothing in it holds'],
    ['/faults', 'Bench dust', 'strewn'],
    ['/logbook/learnt', 'Spring-back', 'sheet'],
    ['/days/friday-supper-and-saturday-stall', 'Dose', 'one piece, by weight'],
    ['/kitchen', 'Strength of the sheet', 'sheet'],
    ['/kitchen/pantry', 'Free water', 'nothing in it holds'],
  ];
  for (const [path, word, says] of pages) {
    await page.goto(path);
    const term = page.getByRole('button', { name: `${word} what is that?` });
    await term.focus();
    await term.press('Enter');
    const meaning = page.getByRole('dialog', { name: word });
    await expect(meaning, path).toContainText(says);
    await page.keyboard.press('Escape');
    await expect(meaning, path).toHaveCount(0);
    await expect(term, path).toBeFocused();
  }
});
