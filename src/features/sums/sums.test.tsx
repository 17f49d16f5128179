/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { NuqsTestingAdapter } from 'nuqs/adapters/testing';
import { startingKitchen } from '@/core/kitchen/kitchen';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { UnitsProvider } from '@/ui/units/UnitsContext';
import { SumsPage } from './SumsPage';
import { SUMS, type SumId } from './sumList';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
}));
jest.mock('@/ui/layout/BenchBar', () => ({ BenchBar: () => null }));
jest.mock('@/server/actions/faults', () => ({ confirmCause: jest.fn() }));

const open = (sum: SumId) =>
  render(
    <NuqsTestingAdapter hasMemory>
      <SumsPage
        sum={sum}
        kitchen={startingKitchen}
        ownRows={{ ingredients: [], preparations: [] }}
      />
    </NuqsTestingAdapter>,
  );
const field = (name: string | RegExp) => screen.getByRole('textbox', { name });
async function put(name: string | RegExp, text: string) {
  await userEvent.clear(field(name));
  await userEvent.type(field(name), `${text}{Enter}`);
}
const choose = (name: string | RegExp, option: string) =>
  userEvent.selectOptions(screen.getByRole('combobox', { name }), option);
const answer = () => screen.getByRole('status');

describe('every sum', () => {
  it.each(SUMS.map(({ id, name, asks }) => [id, name, asks] as const))(
    '%s is answered as it opens, under its own question',
    (id, name, asks) => {
      open(id);
      expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(name);
      expect(screen.getByRole('main')).toHaveTextContent(asks);
      expect(screen.getByRole('main')).not.toHaveTextContent(/NaN|undefined|Infinity/);
      expect(screen.queryByRole('alert')).toBeNull();
      const here = screen.getByRole('link', { current: 'page' });
      expect(here).toHaveTextContent(name);
    },
  );

  it('is a link beside every other, with faults and practice', () => {
    open('cups');
    const all = within(screen.getByRole('navigation', { name: 'Quick sums' }));
    expect(all.getAllByRole('link').map((link) => link.getAttribute('href'))).toEqual([
      ...SUMS.map(({ id }) => `/sums/${id}`),
      '/faults',
      '/practice',
    ]);
  });
});

/** What is typed into a sum, and what must come of it by a sum of our own. */
const BY_HAND: readonly {
  readonly sum: SumId;
  readonly put: Readonly<Record<string, string>>;
  readonly comes: RegExp;
}[] = [
  // 240 g ÷ (1.2 g/ml × 15 cm × 0.1 cm) = 133 cm
  {
    sum: 'sheet-length',
    put: { Dough: '240', Width: '150', Thickness: '1' },
    comes: /1333mm/,
  },
  // 90 g ÷ (1.2 g/ml × 10 cm × 50 cm) = 0.15 cm
  {
    sum: 'strip-test',
    put: { 'The strip weighs': '90', Width: '100', Length: '500' },
    comes: /1\.50mm/,
  },
  // 1200 kg/m³ × 9.81 × 0.5 m = 5.9 kPa
  { sum: 'hang-test', put: { 'It tore at': '500' }, comes: /5\.9kPa.*Weak/ },
  { sum: 'hang-test', put: { 'It tore at': '2000' }, comes: /23\.5kPa.*carry its own length/ },
  // Two rows of ten in 100 mm × 500 mm, a hand’s breadth of 48 mm and 2 mm between
  {
    sum: 'discs',
    put: { Cutter: '48', 'Between them': '2', Width: '100', Length: '500' },
    comes: /20/,
  },
  { sum: 'discs', put: { Cutter: '200', Width: '100' }, comes: /wider than the strip/ },
  // (500 − 10) ÷ 60 = 8 by (300 − 10) ÷ 60 = 4
  {
    sum: 'tray',
    put: {
      'Tray, long': '500',
      'Tray, wide': '300',
      'Piece, long': '50',
      'Piece, wide': '50',
      Apart: '10',
      'Pieces in all': '70',
    },
    comes: /32.*3 trays for 70/,
  },
  {
    sum: 'tray',
    put: { 'Tray, long': '60', 'Tray, wide': '60', 'Pieces in all': '1' },
    comes: /Not one/,
  },
  // 85 % of 400 g is 340 g: three plates of 100 g
  { sum: 'trim', put: { Trim: '400', 'A portion': '100' }, comes: /3.*340 g of it rolls again/ },
  // Two cups of 237 or 250 ml at the flour’s own bulk
  { sum: 'cups', put: { Cups: '0' }, comes: /\(00\)0g/ },
  // 225 × 1040 × 9.81 × (15e-6)² ÷ (128 π² × 0.02⁵) = 128 Pa
  {
    sum: 'spoon-test',
    put: { 'Level spoon': '15', 'Spread across': '40', Density: '1.04' },
    comes: /128Pa.*Runs into the lip/,
  },
  { sum: 'spoon-test', put: { 'Level spoon': '15', 'Spread across': '29' }, comes: /Stands/ },
  { sum: 'spoon-test', put: { 'Level spoon': '15', 'Spread across': '35' }, comes: /Settles/ },
  // 1 kg at 5 °C in 5 l at 98: 3.3 × 93 ÷ (5 × 4.19 + 3.3) = 12.7 degrees
  {
    sum: 'pot-load',
    put: { 'Water in the pot': '5', 'Pieces at once': '1000', 'They are at': '5' },
    comes: /12\.[5-9].*Hot again after/,
  },
  { sum: 'pot-load', put: { 'Pieces at once': '0' }, comes: /by0\.0°C.*Hot again after 0 min/ },
  // At the sea, 20 °C to 95 °C under the skin: (101.3 − 2.3) ÷ (101.3 − 84.5) × 368 ÷ 293 = 7.4
  {
    sum: 'swelling',
    put: { 'Height over the sea': '0', 'Sealed at': '20' },
    comes: /7\.4.*100 °C/,
  },
];

describe('sums by hand', () => {
  it.each(BY_HAND)('$sum of $put', async ({ sum, put: typed, comes }) => {
    open(sum);
    for (const [name, text] of Object.entries(typed)) await put(new RegExp(`^${name}`), text);
    expect(answer()).toHaveTextContent(comes);
  });

  // 0.53 g/ml: a cup of 250 ml, and one of 237
  it.each([
    [METRIC, /133g/],
    [US_CUSTOMARY, /125g|4\.4oz/],
  ])('weighs a cup by the reader’s own: %#', (units, comes) => {
    render(
      <UnitsProvider initial={units}>
        <SumsPage
          sum="cups"
          kitchen={startingKitchen}
          ownRows={{ ingredients: [], preparations: [] }}
        />
      </UnitsProvider>,
    );
    expect(answer()).toHaveTextContent(comes);
  });

  it('open longer where the sheet is thicker, and for less by a fan', async () => {
    open('open-time');
    const minutes = () => Number(/([\d.]+)min/.exec(answer().textContent)?.[1]);
    const thin = minutes();
    await put(/^Thickness/, '1.6');
    expect(minutes()).toBeCloseTo(2 * thin, 0);
    const fan = Number(/By a fan only ([\d.]+) min/.exec(answer().textContent)?.[1]);
    expect(fan).toBeLessThan(minutes());
  });
});

describe('how long it keeps', () => {
  it('is for ever of a filling that wets nothing, within what is safe', async () => {
    open('keep');
    await put(/^Free water/, '0');
    expect(screen.getByRole('main')).toHaveTextContent(/never turns tacky.*2 hours/);
    expect(screen.getByRole('main')).toHaveTextContent(/local food codes/i);
  });

  it('is shorter on a bare tray than on semolina', async () => {
    open('keep');
    await put(/^Free water/, '20');
    const told = () => answer().textContent;
    const semolina = told();
    await choose('Kept on', 'A bare tray');
    expect(told()).not.toBe(semolina);
    expect(told()).toMatch(/Tacky after/);
  });
});

describe('a number that cannot be', () => {
  it('is refused by name and range, and the last answer stays', async () => {
    open('strip-test');
    const before = answer().textContent;
    await put(/^Width/, '9999');
    expect(screen.getByRole('alert')).toHaveTextContent(/Width must be a number from 10 to 1000/);
    expect(answer().textContent).toBe(before);
    expect(field(/^Width/)).toHaveValue('9999');
  });
});

describe('a dough put together', () => {
  it('is told wet or dry by its band, and what leads it back', async () => {
    open('hydration');
    expect(answer()).toHaveTextContent(/38\.1%.*In its band/);
    await put('Amount of Soft wheat flour fine (00)', '600');
    expect(answer()).toHaveTextContent(/Dry\..*more water, or .* less flour/);
    await put('Amount of Soft wheat flour fine (00)', '250');
    expect(answer()).toHaveTextContent(/Wet\..*less water, or .* more flour/);
  });

  it('is refused without a flour', async () => {
    open('hydration');
    await put('Amount of Soft wheat flour fine (00)', '0');
    expect(screen.getByRole('alert')).toHaveTextContent(/The dough/);
  });

  it('takes a line more, and gives it back', async () => {
    open('hydration');
    const lines = () => screen.getAllByRole('combobox', { name: /^Ingredient/ }).length;
    await userEvent.click(screen.getByRole('button', { name: 'Add' }));
    expect(lines()).toBe(3);
    await userEvent.click(screen.getAllByRole('button', { name: /^Remove/ })[2]!);
    expect(lines()).toBe(2);
  });
});

describe('whole eggs', () => {
  it('are counted from flour, from eggs, and from dough', async () => {
    open('whole-eggs');
    const first = () => within(answer()).getAllByRole('listitem')[0]!;
    expect(first()).toHaveTextContent(/400 g flour/);
    await userEvent.click(screen.getByRole('radio', { name: 'Eggs' }));
    expect(first()).toHaveTextContent(/4/);
    await userEvent.click(screen.getByRole('radio', { name: 'Dough I need' }));
    await put(/^Dough, in all/, '10');
    expect(answer()).toHaveTextContent(/Too little for an egg/);
  });
});

describe('flour on a damp day', () => {
  it('has taken up water where it is damp, and given it off where it is dry', async () => {
    open('damp-flour');
    await put(/^Air humidity/, '85');
    expect(answer()).toHaveTextContent(/Water the air put into it.*Leave .* g of water out/);
    await put(/^Air humidity/, '20');
    expect(answer()).toHaveTextContent(/Water the air took from it.*Give the dough/);
  });
});

describe('water to cook off', () => {
  it('is none of a dry filling, and takes longer in a narrow pan', async () => {
    open('cook-off');
    const minutes = () => Number(/About ([\d.]+) min/.exec(answer().textContent)?.[1]);
    const wide = minutes();
    await put(/^Pan across/, '200');
    expect(minutes()).toBeGreaterThan(wide);
    await put(/^Free water wanted/, '50');
    expect(answer()).toHaveTextContent(/0g.*Dry enough already/);
  });

  it('is not worked out of nothing', async () => {
    open('cook-off');
    for (const each of screen.getAllByRole('textbox', { name: /^Amount of/ })) {
      await userEvent.clear(each);
      await userEvent.type(each, '0{Enter}');
    }
    expect(screen.getByRole('alert')).toHaveTextContent('more than 0 g');
  });
});

describe('why it burst', () => {
  it('comes from what is seen to its likeliest cause', async () => {
    open('burst');
    const main = within(screen.getByRole('main'));
    await userEvent.click(main.getAllByRole('button')[0]!);
    expect(screen.getByRole('main')).toHaveTextContent(/likel/i);
    expect(main.getByRole('link', { name: 'Everything else that goes wrong' })).toHaveAttribute(
      'href',
      '/faults',
    );
  });
});
