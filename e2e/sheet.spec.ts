import {
  choose,
  expect,
  newPlan,
  openTab,
  saved,
  stored,
  test,
  type,
  tally,
  unfold,
} from './kitchen';

test('the ladder says portions, passes, where to cut and where to stop', async ({ page }) => {
  const id = await newPlan(page, 'Ladder test');
  await page.goto(`/plans/${id}?at=sheet`);
  const passes = page.getByRole('region', { name: 'Passes' });
  await expect(passes).toContainText(/9 portions of 209 g, one of \d+ g; stop at dial 8/);
  const rows = passes.getByRole('row');
  await expect(rows.nth(1)).toContainText('fold, 3 ×');
  await expect(passes.getByRole('row', { name: /^4 / })).toContainText('cut in half');
  await expect(rows.last()).toContainText('stop');

  await unfold(page, 'How it is rolled');
  await choose(page, 'Skip settings');
  await expect(passes.getByRole('row', { name: /^1 / })).toHaveCount(0);
  await expect(passes).toContainText('likeliest to tear');
  await saved(page);
  expect((await stored(page, id)).sheet?.passes).toBe('skip');
});

test('a sheet that dries before it is filled is told, and mended in one tap', async ({ page }) => {
  const id = await newPlan(page, 'Open time test', { sheet: { secondsPerPiece: 75 } });
  await page.goto(`/plans/${id}?at=sheet`);
  await expect(page.getByRole('region', { name: 'Tally' })).toContainText(/Sheet dries in/);
  await openTab(page, 'Fill in time');
  const time = page.getByRole('region', { name: 'Fill in time' });
  await expect(time).toContainText('It dries before it is filled');
  await time.getByRole('button', { name: '2 pairs of hands' }).click();
  await time.getByRole('button', { name: '3 pairs of hands' }).click();
  await expect(time).toContainText('Time enough');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await time.getByRole('button', { name: /Sheets of at most/ }).click();
  await expect(time).toContainText('Time enough');
});

test('trim is followed to plates of ribbons, and fine flour is warned of', async ({ page }) => {
  const id = await newPlan(page, 'Trim test', {
    shape: { family: 'ravioliRound', sizeMm: 70, finish: 'cutter' },
  });
  await page.goto(`/plans/${id}?at=sheet`);
  await openTab(page, 'Trim and dust');
  const trim = page.getByRole('region', { name: 'Trim', exact: true });
  await expect(trim.getByRole('row')).toHaveCount(3);
  await unfold(page, 'Dust and trim');
  await choose(page, 'Never');
  await expect(trim.getByRole('row')).toHaveCount(2);
  await expect(trim).toContainText(/plates? of ribbons/);
  await choose(page, 'Soup squares');
  await expect(trim).toContainText(/bowls of soup squares/);
  await choose(page, 'Fine flour');
  await type(page, 'Dust, g to a kg of dough', '60');
  await expect(page.getByRole('region', { name: 'Dust' })).toContainText('felt as slip');
});

test('a hanging strip replaces the strength estimate in its batch, and gives it back', async ({
  page,
}) => {
  const id = await newPlan(page, 'Hang test');
  await page.goto(`/plans/${id}?at=sheet`);
  await openTab(page, 'Home test');
  await type(page, 'It tore at', '1000');
  const hang = page.getByRole('region', { name: 'Hanging strip' });
  await expect(hang.getByRole('status')).toContainText('strong enough for a steady hand, ');
  await hang.getByRole('button', { name: 'Use what I measured' }).click();
  await expect(hang.getByRole('status')).toContainText('now reckons with what you measured');
  // It belongs to the batch: the plan stays as it was planned, and still counts it when it is opened anew.
  expect((await stored(page, id)).dough?.hangMm).toBeUndefined();
  await page.reload();
  await openTab(page, 'Home test');
  await expect(hang.getByRole('status')).toContainText('now reckons with what you measured');
  await hang.getByRole('button', { name: 'Back to the estimate' }).click();
  await expect(hang.getByRole('status')).not.toContainText('now reckons');
  await expect(hang).toContainText('the plan stays as planned');
});

test('a blank wider than the sheet is explained, with what would fit', async ({ page }) => {
  const id = await newPlan(page, 'Too wide', { sheet: { widthMm: 50 } });
  await page.goto(`/plans/${id}?at=shape`);
  await expect(page.getByRole('region', { name: 'One sheet' })).toContainText(
    'The blank needs 55 mm across; the sheet gives 50 mm: up to 50 mm fits.',
  );
  await openTab(page, 'Templates');
  await expect(page.getByText('there is nothing to print yet')).toBeVisible();
  const answer = await page.request.get(`/api/plans/${id}/template`);
  expect(answer.status()).toBe(422);
  expect((await answer.json()).error).toContain('No blank fits this sheet');
});

test('a thickness between two steps is told, and moved to what the dial leaves in one tap', async ({
  page,
}) => {
  const id = await newPlan(page, 'Between steps', { sheet: { thicknessMm: 0.72 } });
  await page.goto(`/plans/${id}?at=sheet`);
  await expect(page.getByText('Dial 9 leaves 0.65 mm, and no step comes nearer.')).toBeVisible();
  await page.getByRole('button', { name: 'Plan with 0.65 mm' }).click();
  await expect(page.getByRole('slider', { name: 'Thickness' })).toHaveAttribute(
    'aria-valuetext',
    /^0\.65 mm, dial 9/,
  );
  await expect(page.getByRole('button', { name: /^Plan with/ })).toHaveCount(0);
  // What one sheet is said to be is what the last pass makes of it.
  const stop = page.getByRole('region', { name: 'Passes' }).getByRole('row').last();
  const passed = /2 × (\d+) mm/.exec((await stop.textContent()) ?? '')?.[1];
  await openTab(page, 'One sheet');
  const laid = await page.getByRole('region', { name: 'One sheet' }).textContent();
  const length = /(\d+) mm\D*×/.exec(laid ?? '')?.[1];
  expect(Math.abs(Number(passed) - Number(length))).toBeLessThanOrEqual(8);

  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Plan with 0.65 mm' })).toBeVisible();
  await saved(page);
});

test('another roller takes the thickness to its own step, and a pass takes its own time', async ({
  page,
}) => {
  const id = await newPlan(page, 'Other roller');
  await page.goto(`/plans/${id}?at=sheet`);
  const passes = page.getByRole('region', { name: 'Passes' });
  const lastRun = async () =>
    Number(/2 × (\d+) s/.exec((await passes.getByRole('row').last().textContent()) ?? '')?.[1]);
  const byCrank = await lastRun();
  await unfold(page, 'How it is rolled');
  await choose(page, 'Slowly');
  await expect.poll(lastRun).toBeGreaterThan(byCrank);
  await choose(page, 'Evenly');

  await page.getByLabel('Rolled on').selectOption({ label: 'Borrowed mixer roller, 8 the widest' });
  await expect(passes).toContainText('stop at dial 2');
  await expect.poll(lastRun).toBeLessThan(byCrank);
  await saved(page);
  const { sheet } = await stored(page, id);
  expect((sheet?.roller as { drive: string }).drive).toBe('powered');
  expect(sheet?.thicknessMm).not.toBe(0.84);
});

test('trim rolled again says how it rolls: rest, stretch, thickness', async ({ page }) => {
  const id = await newPlan(page, 'Reroll test', {
    shape: { family: 'ravioliRound', sizeMm: 70, finish: 'cutter' },
  });
  await page.goto(`/plans/${id}?at=sheet`);
  await openTab(page, 'Trim and dust');
  const trim = page.getByRole('region', { name: 'Trim', exact: true });
  await expect(trim).toContainText(/rests 24 min: rolled at once/);
  const stretch = async (row: RegExp) =>
    Number(/(\d+) %$/.exec((await trim.getByRole('row', { name: row }).textContent()) ?? '')?.[1]);
  await unfold(page, 'Dust and trim');
  await choose(page, 'Twice');
  expect(await stretch(/^Its trim/)).toBeLessThan(await stretch(/^The dough/));
  expect(await stretch(/^That trim/)).toBeLessThan(await stretch(/^Its trim/));
  await choose(page, 'Never');
  await expect(trim).not.toContainText('rolled at once');
});

test('what fails outside the piece is said first, on the slate and at the foot of a phone', async ({
  page,
}) => {
  const id = await newPlan(page, 'Sheet fails', { sheet: { widthMm: 50 } });
  await page.goto(`/plans/${id}?at=shape`);
  const slate = tally(page);
  await expect(slate).toContainText(/Sheet fails\s*The blank needs 55 mm across/);
  const [failure, verdict] = [
    await slate.getByText('Sheet fails').boundingBox(),
    await page.getByTestId('verdict').boundingBox(),
  ];
  expect(failure!.y).toBeLessThan(verdict!.y);
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(page.getByRole('link', { name: /pieces/ })).toContainText('Sheet fails');
  await page.goto('/');
  await expect(page.getByRole('listitem').filter({ hasText: 'Sheet fails' })).toContainText(
    'nothing fits the sheet',
  );
});
