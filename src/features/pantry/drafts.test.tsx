/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { renderHook, act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Ingredient } from '@/core/composition/ingredient';
import { startingPantry } from '@/core/composition/pantry';
import { useIdFor } from '@/features/plans/useIdFor';
import { IngredientEditor } from './IngredientEditor';
import { useRowDraft } from './useRowDraft';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn() }) }));
jest.mock('@/server/actions/pantry', () => ({
  takeOutPantryRow: jest.fn(),
  previewRow: jest.fn().mockResolvedValue({ ok: true, value: [] }),
}));
jest.mock('@/ui/layout/say', () => ({ say: jest.fn() }));

const ricotta = startingPantry.ingredients.get('ricotta-fresh')!;

beforeEach(() => localStorage.clear());

describe('what stands in a row’s form', () => {
  const open = () =>
    renderHook(() => useRowDraft('ingredients', { row: ricotta, edition: 3 }, ricotta));

  it('outlives the page until it is let go, field by field', () => {
    const first = open();
    act(() => first.result.current.set({ water: 0.7 }));
    first.unmount();
    const second = open();
    expect(second.result.current.draft).toEqual({ ...ricotta, water: 0.7 });
    act(() => second.result.current.forget());
    second.unmount();
    expect(open().result.current.draft).toEqual(ricotta);
  });

  it('left by an older version, which kept what was changed alone, is taken up', () => {
    localStorage.setItem('mortar-row-ingredients-ricotta-fresh', '{"water":0.71}');
    expect(open().result.current).toMatchObject({
      draft: { ...ricotta, water: 0.71 },
      base: ricotta,
      edition: 3,
    });
  });

  it('that cannot be read is forgotten', () => {
    localStorage.setItem('mortar-row-ingredients-ricotta-fresh', '{');
    expect(open().result.current.draft).toEqual(ricotta);
  });
});

it('the same content goes under the same id, other content under another', () => {
  const { result } = renderHook(() => useIdFor());
  const id = result.current({ a: 1 });
  expect(result.current({ a: 1 })).toBe(id);
  expect(result.current({ a: 2 })).not.toBe(id);
});

describe('a row that another window changed', () => {
  const sent: { row: Ingredient; baseEdition: number }[] = [];
  /** Answers each save with the next of these: what another window saved, or none. */
  const answering = (...theirs: ({ row: Ingredient | null; edition: number } | null)[]) => {
    sent.length = 0;
    globalThis.fetch = jest.fn((_url, init) => {
      sent.push(JSON.parse(init.body));
      const next = theirs.shift();
      const body = next ?? { edition: 9 };
      return Promise.resolve({ ok: !next, status: next ? 409 : 200, json: async () => body });
    }) as unknown as typeof fetch;
  };
  const onClose = jest.fn();
  const open = () => {
    onClose.mockReset();
    render(
      <IngredientEditor
        row={ricotta}
        edition={3}
        pantry={startingPantry}
        own={new Set()}
        onClose={onClose}
      />,
    );
  };
  const rename = async (name: string) => {
    const field = screen.getByRole('textbox', { name: 'Name' });
    await userEvent.clear(field);
    await userEvent.type(field, name);
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  };

  it('elsewhere in it: both changes are saved, and nobody is asked', async () => {
    answering({ row: { ...ricotta, water: 0.7 }, edition: 5 });
    open();
    await rename('Hall ricotta');
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(sent.map(({ baseEdition }) => baseEdition)).toEqual([3, 5]);
    expect(sent[1]!.row).toEqual({ ...ricotta, name: 'Hall ricotta', water: 0.7 });
    expect(localStorage).toHaveLength(0);
  });

  it('in the same field: both ways are shown, and either is one tap away', async () => {
    answering({ row: { ...ricotta, name: 'Ferry ricotta', water: 0.7 }, edition: 5 });
    open();
    await rename('Hall ricotta');
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'Name: Hall ricotta here, Ferry ricotta there',
    );
    expect(onClose).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: 'Take Ferry ricotta' }));
    expect(screen.getByRole('textbox', { name: 'Name' })).toHaveValue('Ferry ricotta');
    await rename('Hall ricotta');
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(sent.at(-1)).toMatchObject({
      baseEdition: 5,
      row: { ...ricotta, name: 'Hall ricotta', water: 0.7 },
    });
  });

  it('and took out: it is said, and Save puts it back', async () => {
    answering({ row: null, edition: 0 });
    open();
    await rename('Hall ricotta');
    expect(await screen.findByRole('alert')).toHaveTextContent('removed in another window');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(sent.at(-1)).toMatchObject({ baseEdition: 0 });
  });

  it('while its draft lay in the drawer: the draft still follows what it was made from', async () => {
    answering({ row: { ...ricotta, water: 0.7 }, edition: 5 });
    localStorage.setItem(
      'mortar-row-ingredients-ricotta-fresh',
      JSON.stringify({ base: ricotta, edition: 2, changed: { water: 0.6 } }),
    );
    open();
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Water: 60 % here, 70 % there');
    expect(sent[0]).toMatchObject({ baseEdition: 2, row: { water: 0.6 } });
  });
});
