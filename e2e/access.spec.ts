import AxeBuilder from '@axe-core/playwright';
import { OPEN_RUN } from '../demo/openRun';
import { expect, newPlan, press, test, openTab } from './kitchen';

const stations = ['dough', 'filling', 'sheet', 'shape', 'seal', 'boil'];
/** A page's name and path, and the part of it that other pages do not show as well. */
const views: [name: string, path: string, part?: string][] = [
  ['plans', '/'],
  ['archived plans, empty', '/?shelf=archived'],
  ['new plan', '/plans/new'],
  ['plan at count', '/plans/celeriac-friday?at=count'],
  // Run, bar and slate are looked at with the first.
  ...stations.map((at): [string, string, string] => [
    `plan at ${at}`,
    `/plans/celeriac-friday?at=${at}`,
    '#main',
  ]),
  ['plan that fails', '/plans/pea-cappelletti'],
  ['plan in a dead heat', '/plans/celeriac-stall?at=count', '#main'],
  ['bench card', '/plans/celeriac-friday/card'],
  ['log', '/plans/crab-half-moons/log'],
  ['log, empty', '/plans/celeriac-late/log'],
  ['logbook', '/logbook'],
  ['trends', '/logbook/trends'],
  ['what it taught', '/logbook/learnt'],
  ['bench, mixing', `/runs/${OPEN_RUN}?step=weigh`],
  ['bench, filling', `/runs/${OPEN_RUN}?step=fill`],
  ['bench, looking back', `/runs/${OPEN_RUN}?step=close`],
  ['a batch', `/logbook/${OPEN_RUN}`],
  ['revisions compared', '/plans/celeriac-friday/revisions?before=1&after=3'],
  ['kitchen', '/kitchen'],
  ['pantry', '/kitchen/pantry'],
  ['shopping list', '/shopping'],
  ['days', '/days'],
  ['a day', '/days/friday-supper-and-saturday-stall'],
  ...['people', 'bowls', 'lists', 'paper'].map((at): [string, string, string] => [
    `a day, ${at}`,
    `/days/friday-supper-and-saturday-stall?at=${at}`,
    '#main',
  ]),
  ['what went wrong', '/faults', '#main'],
  ['what went wrong, of a plan', '/faults?plan=celeriac-bare-tray&sign=wetPatches', '#main'],
  ['practice', '/practice'],
  ['an exercise', '/practice/opens?seed=11', '#main'],
  ['a batch on paper', '/practice/paper?seed=3', '#main'],
  ['what comes back', '/practice/back', '#main'],
  ['a set for a class', '/practice/set?seed=42', '#main'],
  ['backups', '/kitchen/keeping', '#main'],
  ['who may come in', '/kitchen/door', '#main'],
  ['the door', '/door'],
  ...['hydration', 'whole-eggs', 'spoon-test', 'cook-off', 'discs'].map((sum): [string, string] => [
    `sum, ${sum}`,
    `/sums/${sum}`,
  ]),
];

/** Leaves of the stations that are not open at first. */
const leaves: [string, string[]][] = [
  ['dough', ['Whole eggs', 'How the dough feels', 'How it rolls', 'Mix and rest']],
  ['filling', ['Make it right', 'Home tests', 'Dose and bowl', 'Safety']],
];

/** Views looked at in one sitting: a page of its own for each would cost more than the look. */
const sittings = Array.from({ length: Math.ceil(views.length / 4) }, (_, i) =>
  views.slice(4 * i, 4 * i + 4),
);

for (const sitting of sittings) {
  const names = sitting.map(([name]) => name).join('; ');
  test(`no accessibility violation, by day or in the dark, and nothing off a phone’s side: ${names}`, async ({
    page,
  }) => {
    for (const [name, path, part] of sitting) {
      await page.emulateMedia({ colorScheme: 'light' });
      await page.goto(path);
      await page.getByRole('heading', { level: 1 }).first().waitFor();
      const found = async (by: AxeBuilder) =>
        (await by.analyze()).violations.map(
          ({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`,
        );
      const scan = () => {
        const all = new AxeBuilder({ page });
        return part ? all.include(part).exclude('#tally') : all;
      };
      expect(await found(scan()), name).toEqual([]);
      await page.emulateMedia({ colorScheme: 'dark' });
      // What differs in the dark is colour alone.
      const dark = await found(scan().withRules(['color-contrast']));
      expect(dark, `${name}, in the dark`).toEqual([]);
      await page.setViewportSize({ width: 360, height: 740 });
      const width = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(width, `${name}, on a phone`).toBeLessThanOrEqual(360);
      await page.setViewportSize({ width: 1280, height: 800 });
    }
  });
}

for (const [station, names] of leaves) {
  test(`every leaf of ${station} has no accessibility violation`, async ({ page }) => {
    await page.goto(`/plans/celeriac-friday?at=${station}`);
    for (const name of names) {
      await openTab(page, name);
      await page.getByRole('tabpanel').waitFor();
      const { violations } = await new AxeBuilder({ page }).include('main').analyze();
      expect(violations.map(({ id, nodes }) => `${name}: ${id}: ${nodes[0]?.html}`)).toEqual([]);
    }
  });
}

test.describe('opened over a page', () => {
  for (const [name, open] of [
    [
      'working',
      (page) =>
        page.getByRole('region', { name: 'Tally' }).getByRole('button', { name: /1950/ }).click(),
    ],
    ['commands', (page) => press(page, 'Control+k', page.getByRole('dialog'))],
    ['keys', (page) => press(page, '?', page.getByRole('dialog'))],
    ['units', (page) => page.getByRole('button', { name: /Units and look/ }).click()],
  ] as [string, (page: import('@playwright/test').Page) => Promise<void>][]) {
    test(`${name} has no accessibility violation`, async ({ page }) => {
      await page.goto('/plans/celeriac-friday');
      await open(page);
      await page.getByRole('dialog').waitFor();
      const { violations } = await new AxeBuilder({ page }).include('[role="dialog"]').analyze();
      expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
    });
  }
});

test.describe('on a phone of 360 px', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('the tally stays in sight and everything to tap is 44 px', async ({ page }) => {
    const long =
      'A very long name, as long as a cook in a hurry and in doubt might ever make it, with the day and the island';
    const id = await newPlan(page, long);
    await page.goto(`/plans/${id}`);
    const line = page.getByRole('link', { name: /pieces/ });
    await page.mouse.wheel(0, 600);
    await expect(line).toBeInViewport();
    const small = await page.evaluate(() =>
      [
        ...document.querySelectorAll<HTMLElement>(
          'main button, main select, main input, header button, nav button',
        ),
      ]
        .filter((each) => each.offsetParent !== null)
        .map((each) => ({
          text: each.ariaLabel ?? each.textContent,
          box: each.getBoundingClientRect(),
        }))
        .filter(({ box }) => box.height < 43.5)
        .map(({ text, box }) => `${text} ${box.height}`),
    );
    expect(small).toEqual([]);
  });

  test('a station is opened and a choice made by tapping', async ({ page }) => {
    const id = await newPlan(page, 'Tap test');
    await page.goto(`/plans/${id}`);
    await page.getByRole('button', { name: /Seal and hold/ }).tap();
    await page.getByRole('radio', { name: 'Bare tray' }).tap();
    await expect(page.getByRole('region', { name: 'The hold' })).toContainText('on a bare tray');
  });
});
