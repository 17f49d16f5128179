/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Ingredient } from '@/core/composition/ingredient';
import { startingPantry } from '@/core/composition/pantry';
import { writeIngredients } from '@/core/formats/tablesCsv';
import { previewRow, takeOutPantryRow, writePantryRows } from '@/server/actions/pantry';
import { saveFile } from '@/ui/files/saveFile';
import { say, sayTrouble } from '@/ui/layout/say';
import { standInForScreen } from '@/ui/testing/standIns';
import { freeId } from './freeId';
import { PantryPage } from './PantryPage';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: jest.fn() }),
  usePathname: () => '/kitchen/pantry',
}));
jest.mock('@/server/actions/pantry', () => ({
  takeOutPantryRow: jest.fn(),
  writePantryRows: jest.fn(),
  previewRow: jest.fn(),
}));
jest.mock('@/ui/layout/say', () => ({ say: jest.fn(), sayTrouble: jest.fn() }));
jest.mock('@/ui/layout/BenchBar', () => ({ BenchBar: () => null }));
jest.mock('@/ui/files/saveFile', () => ({ saveFile: jest.fn() }));

const done = { ok: true, value: undefined } as never;
const ricotta = startingPantry.ingredients.get('ricotta-fresh')!;
const hallRicotta: Ingredient = { ...ricotta, name: 'Hall ricotta', water: 0.74 };
const seaweed: Ingredient = {
  ...ricotta,
  id: 'hall-seaweed',
  name: 'Hall seaweed',
  water: 0.85,
  protein: 0.02,
  fat: 0.01,
  carbohydrate: 0.06,
};

beforeAll(() => {
  standInForScreen();
  // Only the rows in sight are drawn: something must be in sight.
  for (const size of ['clientHeight', 'clientWidth']) {
    Object.defineProperty(Element.prototype, size, { get: () => 700 });
  }
});
// Not in this one: the text of a file.
File.prototype.text = function (this: File) {
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.readAsText(this);
  });
};
beforeEach(() => {
  localStorage.clear();
  jest.clearAllMocks();
  jest.mocked(previewRow).mockResolvedValue({ ok: true, value: [] } as never);
  for (const action of [takeOutPantryRow, writePantryRows]) {
    jest.mocked(action).mockResolvedValue(done);
  }
});

const open = (ingredients: readonly Ingredient[] = [hallRicotta, seaweed]) =>
  render(
    <PantryPage
      ownRows={{ ingredients, preparations: [] }}
      editions={{ ingredients: { 'ricotta-fresh': 4, 'hall-seaweed': 1 }, preparations: {} }}
      notice={null}
    />,
  );
const rows = () =>
  within(screen.getByRole('table'))
    .getAllByRole('row')
    .slice(1)
    .map((row) => within(row).getAllByRole('cell')[0]?.textContent ?? '');
const count = () =>
  parseInt(
    [...document.querySelectorAll('p')]
      .map(({ textContent }) => textContent!)
      .find((text) => /^\d+ ingredients?\./.test(text))!,
    10,
  );
const find = (words: string) =>
  userEvent.type(screen.getByRole('searchbox', { name: 'Find' }), words);
const dialog = () => screen.getByRole('dialog');

describe('the pantry', () => {
  it('has every ingredient, those of one’s own in place of what is typical', () => {
    open();
    expect(count()).toBe(startingPantry.ingredients.size + 1);
    expect(document.body.textContent).not.toContain('NaN');
  });

  it('is searched by name, by group and by allergen, and says when nothing answers', async () => {
    open();
    await find('hall ric');
    expect(rows()).toEqual(['Hall ricottayours']);
    await userEvent.clear(screen.getByRole('searchbox'));
    await find('molluscs');
    expect(count()).toBeGreaterThan(0);
    expect(rows().every((name) => name.length > 0)).toBe(true);
    await userEvent.clear(screen.getByRole('searchbox'));
    await find('zzz');
    expect(screen.getByText(/“New ingredient” adds one/)).toBeInTheDocument();
    expect(count()).toBe(0);
  });

  it('shows those of one’s own alone', async () => {
    open();
    await userEvent.click(screen.getByRole('checkbox', { name: 'Only yours' }));
    expect([...rows()].sort()).toEqual(['Hall ricottayours', 'Hall seaweedyours']);
  });

  it('is put in order by a head, the most first for figures', async () => {
    open();
    await userEvent.click(screen.getByRole('checkbox', { name: 'Only yours' }));
    const water = screen.getByRole('columnheader', { name: 'Water' });
    await userEvent.click(within(water).getByRole('button'));
    expect(water).toHaveAttribute('aria-sort', 'descending');
    expect(rows()).toEqual(['Hall seaweedyours', 'Hall ricottayours']);
    await userEvent.click(within(water).getByRole('button'));
    expect(rows()).toEqual(['Hall ricottayours', 'Hall seaweedyours']);
    const name = screen.getByRole('columnheader', { name: 'Ingredient' });
    await userEvent.click(within(name).getByRole('button'));
    expect(name).toHaveAttribute('aria-sort', 'ascending');
    expect(water).toHaveAttribute('aria-sort', 'none');
  });

  it('draws the rows in sight, however many there are', () => {
    open(
      Array.from({ length: 2000 }, (_, i) => ({ ...seaweed, id: `own-${i}`, name: `Own ${i}` })),
    );
    expect(count()).toBe(startingPantry.ingredients.size + 2000);
    expect(rows().length).toBeLessThan(60);
    expect(screen.getByRole('table')).toHaveAttribute('aria-rowcount', String(count() + 1));
  });
});

describe('a row of the pantry', () => {
  const openRow = async (words: string) => {
    open();
    await find(words);
    await userEvent.click(within(screen.getByRole('table')).getAllByRole('button').at(-1)!);
    return dialog();
  };

  it('says what its figures come to', async () => {
    const form = await openRow('hall ricotta');
    expect(form).toHaveTextContent('Dry solids 26 %');
    expect(form).toHaveTextContent(/a cup of it weighs \d+ g/);
  });

  it('refuses what cannot be, by name and range, and keeps what was typed', async () => {
    const form = await openRow('hall ricotta');
    const water = within(form).getByRole('textbox', { name: 'Water' });
    await userEvent.clear(water);
    await userEvent.type(water, '140 %{Enter}');
    expect(within(form).getByRole('alert')).toHaveTextContent(/Water must be .* 0 .* 100 %/);
    expect(water).toHaveValue('140 %');
  });

  it('refuses figures that do not go together before anything is asked', async () => {
    globalThis.fetch = jest.fn();
    const form = await openRow('hall ricotta');
    const fat = within(form).getByRole('textbox', { name: 'Fat' });
    await userEvent.clear(fat);
    await userEvent.type(fat, '90 %{Enter}');
    await userEvent.click(within(form).getByRole('button', { name: 'Save' }));
    expect(within(form).getByRole('alert')).toHaveTextContent(/together|more than|100 %/);
    expect(fetch).not.toHaveBeenCalled();
  });

  it('tells which plans it would move, and by how much', async () => {
    jest.mocked(previewRow).mockResolvedValue({
      ok: true,
      value: [
        {
          id: 'a',
          name: 'Friday',
          figures: [{ label: 'pieces', unit: 'count', before: 40, after: 38 }],
        },
        { id: 'b', name: 'Stall', figures: [], trouble: 'the filling would be too wet' },
        { id: 'c', name: 'Late', figures: [] },
      ],
    } as never);
    const form = await openRow('hall ricotta');
    await within(form).findByText('3 plans use it');
    const water = within(form).getByRole('textbox', { name: 'Water' });
    await userEvent.clear(water);
    await userEvent.type(water, '70 %{Enter}');
    expect(await within(form).findByText(/and would change/)).toBeInTheDocument();
    const plans = within(form)
      .getAllByRole('listitem')
      .map((each) => each.textContent);
    expect(plans).toEqual([
      'Friday: pieces 40 → 38',
      'Stall: the filling would be too wet',
      'Late: no figure moves',
    ]);
  });

  it('goes back to what is typical, or away where it is one’s own alone', async () => {
    const form = await openRow('hall ricotta');
    await userEvent.click(within(form).getByRole('button', { name: 'Back to typical values' }));
    expect(takeOutPantryRow).toHaveBeenCalledWith({ table: 'ingredients', id: 'ricotta-fresh' });
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    await userEvent.clear(screen.getByRole('searchbox'));
    await find('seaweed');
    await userEvent.click(screen.getByRole('button', { name: /Hall seaweed/ }));
    await userEvent.click(within(dialog()).getByRole('button', { name: 'Remove' }));
    expect(takeOutPantryRow).toHaveBeenLastCalledWith({ table: 'ingredients', id: 'hall-seaweed' });
    await waitFor(() =>
      expect(jest.mocked(say).mock.calls.map(([says]) => says)).toEqual([
        'Hall ricotta: typical values again',
        'Hall seaweed removed',
      ]),
    );
  });

  it('that is new is saved under an id from its name, and must have one', async () => {
    const sent: unknown[] = [];
    globalThis.fetch = jest.fn((url, init) => {
      sent.push([url, JSON.parse(init.body as string)]);
      return Promise.resolve({ ok: true, status: 200, json: async () => ({ edition: 1 }) });
    }) as unknown as typeof fetch;
    open();
    await userEvent.click(screen.getByRole('button', { name: 'New ingredient' }));
    await userEvent.click(within(dialog()).getByRole('button', { name: 'Save' }));
    expect(within(dialog()).getByRole('alert')).toHaveTextContent(/name/i);
    await userEvent.type(within(dialog()).getByRole('textbox', { name: 'Name' }), 'Hall seaweed');
    await userEvent.click(within(dialog()).getByRole('checkbox', { name: 'molluscs' }));
    await userEvent.click(within(dialog()).getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(sent).toEqual([
      [
        '/api/pantry/ingredients/hall-seaweed-2',
        expect.objectContaining({
          baseEdition: 0,
          row: expect.objectContaining({ name: 'Hall seaweed', allergens: ['molluscs'] }),
        }),
      ],
    ]);
  });
});

describe('preparations', () => {
  it('stand in a table of their own, and say what they are done to', async () => {
    open();
    await userEvent.click(screen.getByRole('radio', { name: 'Preparations' }));
    expect(screen.getByRole('table', { name: 'Preparations' })).toBeInTheDocument();
    const [first] = [...startingPantry.preparations.values()].filter(
      ({ appliesTo }) => !appliesTo.includes('any'),
    );
    await userEvent.click(screen.getByRole('button', { name: first!.name }));
    const anything = within(dialog()).getByRole('checkbox', { name: 'Anything' });
    expect(anything).not.toBeChecked();
    for (const id of first!.appliesTo) {
      const { name } = startingPantry.ingredients.get(id)!;
      expect(within(dialog()).getByRole('checkbox', { name })).toBeChecked();
    }
    await userEvent.click(anything);
    expect(within(dialog()).queryByRole('checkbox', { name: 'Ricotta, fresh' })).toBeNull();
  });
});

describe('the table as a file', () => {
  const take = (text: string, name = 'rows.csv') => {
    open();
    return userEvent.upload(
      screen.getByLabelText('A CSV table to take in'),
      new File([text], name, { type: 'text/csv' }),
    );
  };
  const csv = writeIngredients([hallRicotta, seaweed, { ...seaweed, id: 'other', name: 'Other' }]);

  it('goes out as what is shown', async () => {
    open();
    await userEvent.click(screen.getByRole('button', { name: 'Save as CSV' }));
    await waitFor(() => expect(saveFile).toHaveBeenCalled());
    const [name, type, text] = jest.mocked(saveFile).mock.calls[0]!;
    expect([name, type]).toEqual(['ingredients.csv', 'text/csv']);
    expect(text).toContain('hall-seaweed');
  });

  it('says what would come in before anything does', async () => {
    await take(csv);
    expect(
      await screen.findByRole('dialog', { name: 'rows.csv: 3 good rows of ingredients' }),
    ).toHaveTextContent('1 new, 0 changed, 2 as they are.');
    expect(writePantryRows).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: 'Take all 3' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(
      (jest.mocked(writePantryRows).mock.calls[0]![0] as { rows: unknown[] }).rows,
    ).toHaveLength(3);
  });

  it('names the lines that cannot be taken, and takes the good ones or nothing', async () => {
    const [head, first, ...others] = csv.split('\n');
    await take([head, first!.replace(',74,', ',740,'), ...others].join('\n'));
    const offer = await screen.findByRole('dialog');
    const bad = within(offer).getByRole('region', { name: 'What cannot be taken' });
    expect(bad).toHaveTextContent(/1 line cannot be takenLine 2, water: /);
    expect(within(offer).getByRole('button', { name: 'Take the 2 good rows' })).toBeInTheDocument();
    await userEvent.click(within(offer).getByRole('button', { name: 'Take nothing' }));
    expect(writePantryRows).not.toHaveBeenCalled();
  });

  it('that is no table is refused by its first line', async () => {
    await take('dear,diary\n', 'notes.csv');
    await waitFor(() =>
      expect(sayTrouble).toHaveBeenCalledWith(
        'notes.csv: line 1 must name the columns of a table of ingredients or preparations.',
      ),
    );
    expect(screen.queryByRole('dialog')).toBeNull();
  });

  it('larger than any table is not read', async () => {
    await take('x'.repeat(4 * 1024 * 1024 + 1));
    await waitFor(() => expect(sayTrouble).toHaveBeenCalledWith('The file must be at most 4 MB.'));
  });
});

describe('an id for a new row', () => {
  it.each([
    ['Hall seaweed', 'hall-seaweed-2'],
    ['  Crème fraîche!  ', 'creme-fraiche'],
    ['鱼', 'own'],
    ['a'.repeat(90), 'a'.repeat(60)],
  ])('from %j is %s', (name, id) => {
    expect(freeId(name, new Map([['hall-seaweed', 1]]))).toBe(id);
  });
});
