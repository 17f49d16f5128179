/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { renderHook, act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingPantry } from '@/core/composition/pantry';
import { useIdFor } from '@/features/plans/useIdFor';
import { writePantryRows } from '@/server/actions/pantry';
import { IngredientEditor } from './IngredientEditor';
import { useRowDraft } from './useRowDraft';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn() }) }));
jest.mock('@/server/actions/pantry', () => ({
  writePantryRows: jest.fn(),
  takeOutPantryRow: jest.fn(),
  previewIngredient: jest.fn().mockResolvedValue({ ok: true, value: [] }),
}));
jest.mock('@/ui/layout/say', () => ({ say: jest.fn() }));

const ricotta = startingPantry.ingredients.get('ricotta-fresh')!;

beforeEach(() => {
  localStorage.clear();
  jest.mocked(writePantryRows).mockReset();
});

describe('what stands in a row’s form', () => {
  const open = () => renderHook(() => useRowDraft('ingredients', ricotta, ricotta));

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
  it('is not written over unseen: it is said, and mine goes over it only when asked', async () => {
    jest
      .mocked(writePantryRows)
      .mockResolvedValueOnce({ ok: false, error: 'before “Ricotta” was changed', path: 'before' })
      .mockResolvedValueOnce({ ok: true, value: undefined });
    const onClose = jest.fn();
    render(
      <IngredientEditor row={ricotta} pantry={startingPantry} own={new Set()} onClose={onClose} />,
    );
    const name = screen.getByRole('textbox', { name: 'Name' });
    await userEvent.clear(name);
    await userEvent.type(name, 'Hall ricotta');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('was changed');
    expect(name).toHaveValue('Hall ricotta');
    expect(onClose).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: 'Save mine over it' }));
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    const befores = jest
      .mocked(writePantryRows)
      .mock.calls.map(([input]) => (input as { before?: unknown }).before);
    expect(befores).toEqual([ricotta, undefined]);
    expect(localStorage).toHaveLength(0);
  });
});
