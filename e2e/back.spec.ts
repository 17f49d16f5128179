import type { Page } from '@playwright/test';
import { expect, newPlan, saved, tally, test, type } from './kitchen';

test('Back and forward show what is stored, with its undo', async ({ page }) => {
  const id = await newPlan(page, 'Back shows it', { batch: { portions: 25 } });
  await page.goto('/');
  const row = page.getByRole('listitem').filter({ hasText: 'Back shows it' });
  const listed = (await row.textContent())!;
  await row.getByRole('link', { name: 'Back shows it' }).click();
  await page.waitForURL(new RegExp(`/plans/${id}`));
  await expect(tally(page)).toContainText('25 portions');
  await type(page, 'Portions', '28');
  await expect(tally(page)).toContainText('28 portions');
  await saved(page);
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await page.waitForURL(/\/log/);

  await page.goBack();
  await expect(tally(page)).toContainText('28 portions');
  await expect(page.getByRole('textbox', { name: 'Portions', exact: true })).toHaveValue('28');
  await saved(page);
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  await expect(undo).not.toHaveAttribute('aria-disabled', 'true');

  // Changed elsewhere meanwhile, and come back to.
  await page.goForward();
  await page.waitForURL(/\/log/);
  const other = await page.context().newPage();
  await other.goto(`/plans/${id}?at=count`);
  await type(other, 'Portions', '31');
  await saved(other);
  await other.close();
  await page.goBack();
  await expect(tally(page)).toContainText('31 portions');
  await saved(page);

  // The list as well: nothing there is older than what a reload brings.
  await page.goBack();
  await expect(row).toBeVisible();
  await expect(row).not.toHaveText(listed);
  const now = await row.innerText();
  await page.reload();
  await expect(row).toHaveText(now, { useInnerText: true });
});

test('Back to the kitchen shows what was set there', async ({ page }) => {
  await page.goto('/kitchen');
  const air = page.getByRole('textbox', { name: 'Air humidity' });
  const was = await air.inputValue();
  await air.fill('57');
  await air.press('Enter');
  await saved(page);
  await page.getByRole('main').getByRole('link', { name: 'pantry' }).click();
  await page.waitForURL(/\/kitchen\/pantry/);
  await page.goBack();
  await expect(air).toHaveValue('57');
  await air.fill(was);
  await air.press('Enter');
  await saved(page);
});

test('stations, leaves and steps of the bench are steps that Back takes', async ({ page }) => {
  const id = await newPlan(page, 'Step by step back');
  await page.goto(`/plans/${id}`);
  await page.keyboard.press('6');
  await expect(page).toHaveURL(/at=seal/);
  await page.keyboard.press('7');
  await expect(page).toHaveURL(/at=boil/);
  await page.goBack();
  await expect(page).toHaveURL(/at=seal/);
  await expect(page.getByRole('region', { name: 'Where it holds' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('textbox', { name: 'Portions', exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.waitForURL(/\/runs\/.*step=weigh/);
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('button', { name: 'Roll' })
    .click();
  await expect(page).toHaveURL(/step=roll/);
  await page.goBack();
  await expect(page).toHaveURL(/step=weigh/);
  await page.goBack();
  await expect(tally(page)).toBeVisible();
});

test('what was seen and answered in troubleshooting is kept over a reload, and Back takes it step by step', async ({
  page,
}) => {
  await page.goto('/faults');
  await page.getByRole('button', { name: /^Pieces open at the lip/ }).click();
  const questions = page.getByRole('region', { name: 'Questions' });
  await expect(questions).toBeVisible();
  const causes = page.getByRole('region', { name: 'Causes' });
  const unanswered = await causes.innerText();
  await questions.getByRole('button').first().click();
  await expect(page).toHaveURL(/sign=opensAtLip.*said=/);
  const answered = await causes.innerText();
  await page.goBack();
  await expect(page).toHaveURL(/sign=opensAtLip$/);
  await expect(causes).toHaveText(unanswered, { useInnerText: true });
  await page.goBack();
  await expect(causes).toBeHidden();
  await page.goForward();
  await expect(causes).toHaveText(unanswered, { useInnerText: true });
  await page.goForward();
  await expect(causes).toHaveText(answered, { useInnerText: true });
  await page.reload();
  await expect(causes).toHaveText(answered, { useInnerText: true });
});

test.describe('steps from before a reload', () => {
  // The browser asks for the icon of each address anew.
  test.use({ expectedErrors: [/ERR_INTERNET_DISCONNECTED .*icon/] });

  const answered = async (page: Page) => {
    await page.goto('/faults');
    await page.getByRole('button', { name: /^Pieces open at the lip/ }).click();
    await page.getByRole('region', { name: 'Questions' }).getByRole('button').first().click();
    await expect(page).toHaveURL(/sign=opensAtLip.*said=/);
    await page.reload();
    await page.locator('html[data-listens]').waitFor({ state: 'attached' });
  };

  for (const pause of [0, 130, 200]) {
    test(`are two Backs away, the second after ${pause} ms`, async ({ page }) => {
      await answered(page);
      await page.evaluate((pause) => {
        history.back();
        window.addEventListener('popstate', () => setTimeout(() => history.back(), pause), {
          once: true,
        });
      }, pause);
      await expect(page.getByRole('region', { name: 'Causes' })).toBeHidden();
      await expect(page).toHaveURL(/faults$/);
    });
  }

  test('are gone through without a line', async ({ page, context }) => {
    const causes = page.getByRole('region', { name: 'Causes' });
    await answered(page);
    await context.setOffline(true);
    await page.goBack();
    await expect(page).toHaveURL(/sign=opensAtLip$/);
    await page.goBack();
    await expect(causes).toBeHidden();
    await page.goForward();
    await expect(causes).toBeVisible();
  });
});

test('the name of a station lies over nothing as its key opens it', async ({ page }) => {
  const id = await newPlan(page, 'Nothing over it');
  await page.goto(`/plans/${id}`);
  for (const key of ['2', '3', '4', '5', '6', '7', '1']) {
    await page.keyboard.press(key);
    const heading = page.getByRole('main').getByRole('heading', { level: 2 }).first();
    await expect(heading).toBeFocused();
    const box = (await heading.boundingBox())!;
    expect([key, box.width <= 1, box.height <= 1]).toEqual([key, true, true]);
  }
});
