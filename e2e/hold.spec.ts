import { expect, newPlan, saved, stored, tally, test } from './kitchen';

const wet = {
  filling: {
    parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw', weighedG: 480 }],
  },
};

test('a wet filling on a bare tray is told, and a remedy mends it', async ({ page }) => {
  const id = await newPlan(page, 'Wet tray', wet);
  await page.goto(`/plans/${id}?at=seal`);
  await page.getByRole('radio', { name: 'Bare tray', exact: true }).click();
  const verdict = page.getByTestId('verdict');
  await expect(verdict).toContainText('Fails');
  await expect(page.getByRole('region', { name: 'The hold' })).toContainText(
    /before the pot the undersides start to stick/,
  );
  const strands = page.getByRole('region', { name: 'Weak points, thinnest first' });
  await expect(strands.getByRole('listitem')).toHaveCount(7);
  await expect(strands.getByRole('listitem').first()).toContainText(/The hold|Lifting off/);
  await verdict.getByRole('listitem').getByRole('button').first().click();
  await expect(verdict).not.toContainText('Fails');
  await expect(verdict).toBeFocused();
});

test('the hold is drawn longer and shorter by its end, and by stretches', async ({ page }) => {
  const id = await newPlan(page, 'Stretches');
  await page.goto(`/plans/${id}?at=seal`);
  const end = page.getByRole('slider', { name: 'End of the time in the fridge' });
  const before = (await stored(page, id)).hold!.phases as { minutes: number }[];
  await end.press('ArrowRight');
  await saved(page);
  const after = (await stored(page, id)).hold!.phases as { minutes: number }[];
  expect(after[0]!.minutes).toBeGreaterThan(before[0]!.minutes);

  const until = page.getByRole('group', { name: 'Until the pot' });
  await until.getByRole('button', { name: 'Add a stage' }).click();
  await expect(until.getByRole('textbox')).toHaveCount(2);
  await until.getByRole('combobox').nth(1).selectOption('freezer');
  await until.getByRole('textbox').nth(1).fill('2 days');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'The hold' })).toContainText('2 days');
  await saved(page);
  expect((await stored(page, id)).hold!.phases).toHaveLength(2);
  await until.getByRole('button', { name: /Remove the time in the fridge/ }).click();
  await expect(until.getByRole('textbox')).toHaveCount(1);
  await expect(page.getByRole('region', { name: 'The hold' })).toContainText('as it is frozen');
});

test('the map’s point moves the plan by keys and by hand, and its table is read', async ({
  page,
}) => {
  const id = await newPlan(page, 'Map point');
  await page.goto(`/plans/${id}?at=seal`);
  const region = page.getByRole('region', { name: 'Where it holds' });
  const point = region.getByRole('slider', { name: /^Your piece on the map/ });
  await expect(point).toHaveAttribute('aria-valuetext', /^9 g, 0\.8/);
  await point.press('ArrowRight');
  await expect(point).toHaveAttribute('aria-valuetext', /^9\.5 g/);
  await point.press('ArrowUp');
  await saved(page);
  expect((await stored(page, id)).shape!.doseG).toBe(9.5);

  await point.scrollIntoViewIfNeeded();
  const box = (await point.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 60, y, { steps: 5 });
  await page.mouse.up();
  await saved(page);
  expect((await stored(page, id)).shape!.doseG).toBeGreaterThan(10.5);

  await region.getByText('The map as a table').click();
  await expect(region.getByRole('row').nth(1)).toContainText(
    /lip|dough over the top|air in the pot/,
  );
  await expect(region).toContainText(/lost; make \d+/);
});

test('ways it might be made stand side by side, and one is taken', async ({ page }) => {
  const id = await newPlan(page, 'Side by side', wet);
  await page.goto(`/plans/${id}?at=seal`);
  await page.getByText('What if', { exact: true }).click();
  const whatIf = page.getByRole('group', { name: 'Set up to three beside the plan' });
  await whatIf.getByRole('button', { name: 'Freeze them at once' }).click();
  await whatIf.getByRole('button', { name: /^Keep them on/ }).click();
  const table = page.getByRole('table').filter({ hasText: 'As it is' });
  // A head that names the figures, the plan as it is, and the two.
  await expect(table.getByRole('columnheader')).toHaveCount(4);
  await expect(table.getByRole('row', { name: /^Keeps/ })).toContainText('as long as frozen');
  await table.getByRole('button', { name: /Make it so Freeze/ }).click();
  await saved(page);
  expect((await stored(page, id)).hold!.phases).toContainEqual(
    expect.objectContaining({ place: 'freezer' }),
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  expect((await stored(page, id)).hold!.phases).not.toContainEqual(
    expect.objectContaining({ place: 'freezer' }),
  );
});

test('the pot says how long, how many at once, and what height does', async ({ page }) => {
  const id = await newPlan(page, 'Pot');
  await page.goto(`/plans/${id}?at=boil`);
  await expect(page.getByRole('heading', { name: /min in the pot/ })).toBeVisible();
  await expect(page.getByText('From frozen:')).toBeVisible();
  await expect(page.getByRole('region', { name: 'The pot' })).toContainText(/rounds? of \d+/);
  await page.getByText('Burner and altitude').click();
  await page.getByRole('textbox', { name: 'Height over the sea' }).fill('6000');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Safe core' }).fill('85');
  await page.keyboard.press('Enter');
  await expect(tally(page)).toContainText('its middle is never 85 °C');
  await page.getByRole('textbox', { name: 'Height over the sea' }).fill('9000');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('must be a number from -400 to 6000');
});

test.describe('by touch, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('the hold and the map fit, and the remedy is a tap', async ({ page }) => {
    const id = await newPlan(page, 'Phone hold', { ...wet, hold: { surface: 'bare' } });
    await page.goto(`/plans/${id}?at=seal`);
    await expect(page.getByRole('region', { name: 'Where it holds' })).toContainText('lost');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    await page.getByText('What if', { exact: true }).tap();
    await page
      .getByRole('group', { name: 'Set up to three beside the plan' })
      .getByRole('button', { name: 'Freeze them at once' })
      .tap();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
  });
});
