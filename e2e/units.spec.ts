import { expect, test } from './kitchen';

/** Figures that stay as they are: names a cook gave, and a definition. Safe temperatures stand in both. */
const STAYS = /^(Remove |Opening of )?\d+ mm plain|^Bad input \d+ g|for each 100 g of flour/;

const PLAN = '/plans/celeriac-friday';
const DAY = '/days/friday-supper-and-saturday-stall';
const PAGES = [
  '/',
  '/plans/new',
  ...['count', 'dough', 'filling', 'sheet', 'shape', 'seal', 'boil'].map(
    (at) => `${PLAN}?at=${at}`,
  ),
  ...['/card', '/log', '/revisions'].map((leaf) => PLAN + leaf),
  '/days',
  DAY,
  `${DAY}?at=bowls`,
  '/shopping?plans=celeriac-friday',
  '/logbook',
  '/logbook/trends',
  '/logbook/learnt',
  '/kitchen',
  '/kitchen/gear',
  '/kitchen/pantry',
  '/sums/spoon-test',
  '/faults',
  '/practice',
  ...['light', 'dose', 'opens', 'hand', 'left', 'now', 'firstSheet', 'paper'].map(
    (kind) => `/practice/${kind}?seed=7`,
  ),
  '/words',
];

test('an ounce-and-inch cook meets no gram, millimetre, degree Celsius or 24-hour clock on any page', async ({
  page,
  context,
  baseURL,
}) => {
  test.slow();
  const units = { system: 'us', temperature: 'F', spoons: 'us', clock: '12' };
  await context.addCookies([
    { name: 'units', value: encodeURIComponent(JSON.stringify(units)), url: baseURL! },
  ]);
  const open = (await (await page.request.get('/api/runs')).json()) as {
    runs: { id: string; status: string }[];
  };
  const run = open.runs.find(({ status }) => status === 'open') ?? open.runs[0]!;
  const steps = ['weigh', 'filling', 'roll', 'fill', 'boil', 'close'];
  const met: string[] = [];
  for (const path of [...PAGES, ...steps.map((step) => `/runs/${run.id}?step=${step}`)]) {
    await page.goto(path);
    await page.locator('html[data-listens]').waitFor({ state: 'attached' });
    if (path === DAY) await page.getByTestId('lanes').waitFor();
    const figures = await page.evaluate(() => {
      const metric =
        /\d\s?(g|kg|mm|cm|ml|l|litres?|°C|m)(?![\w/])|\b(0\d|1[3-9]|2[0-3]):[0-5]\d(?!:|\s?[AP]M)/;
      const found: string[] = [];
      for (const each of document.querySelectorAll('body *:not(script, style)')) {
        const inner = [...each.children].some((child) => /\S/.test(child.textContent));
        const text = inner
          ? [...each.childNodes].flatMap((node) => (node.nodeType === 3 ? node.nodeValue! : []))
          : [each.textContent];
        const said = ['aria-label', 'title', 'placeholder', 'aria-valuetext'].map((name) =>
          each.getAttribute(name),
        );
        for (const words of [text.join(' '), ...said]) {
          const alone = (words ?? '').replaceAll(/−?\d+ °C \(−?\d+ °F\)/g, '');
          if (metric.test(alone)) found.push(alone.trim().slice(0, 100));
        }
      }
      return found;
    });
    met.push(...figures.filter((words) => !STAYS.test(words)).map((words) => `${path}: ${words}`));
  }
  expect([...new Set(met)]).toEqual([]);
});
