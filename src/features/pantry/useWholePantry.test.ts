/** @jest-environment jsdom */
import { renderHook, waitFor } from '@testing-library/react';
import type { PantryRows } from '@/core/composition/pantry';
import { startingPantry } from '@/core/composition/pantry';
import { rowsFor } from '@/core/plan/model/withLearnt';
import { planWith } from '@/core/testing/plans';
import { useWholePantry } from './useWholePantry';

const shipped =
  startingPantry.ingredients.get('breadcrumbs-dry') ?? [...startingPantry.ingredients.values()][0]!;
const named = (id: string, name: string) => ({ ...shipped, id, name });
const [mine, other] = [named('mill-flour', 'Mill flour'), named('never-used', 'Never used')];
const sends = (rows: PantryRows) => {
  const fetched = jest.fn(() => Promise.resolve({ ok: true, json: () => Promise.resolve(rows) }));
  global.fetch = fetched as never;
  return fetched;
};
const own = { ingredients: [{ ...shipped, name: 'Ours' }, mine, other], preparations: [] };

it('a page comes with what its plans use and what stands in place of shipped rows', () => {
  const plan = {
    ...planWith(),
    dough: { ...planWith().dough, parts: [{ id: 'mill-flour', g: 300 }] },
  };
  expect(rowsFor([plan], own).ingredients.map(({ name }) => name)).toEqual(['Ours', 'Mill flour']);
  expect(rowsFor([], own).ingredients.map(({ name }) => name)).toEqual(['Ours']);
});

it('the rest is fetched once it is wanted, and the page holds it before anybody goes on with it', async () => {
  const fetched = sends(own);
  const given = { ingredients: [named('mill-flour', 'Changed since')], preparations: [] };
  const { result, rerender } = renderHook(({ wanted }) => useWholePantry(given, wanted), {
    initialProps: { wanted: false },
  });
  expect(fetched).not.toHaveBeenCalled();
  const held = result.current.whole.then((rows) => expect(result.current.rows).toBe(rows));
  rerender({ wanted: true });
  await waitFor(() => expect(result.current.rows.ingredients).toHaveLength(3));
  expect(result.current.rows.ingredients[0]!.name).toBe('Changed since');
  await held;
});

it('rows stay the same ones where none is new', async () => {
  const fetched = sends(own);
  const { result } = renderHook(() => useWholePantry(own, true));
  const held = jest.fn();
  void result.current.whole.then(held);
  await waitFor(() => expect(held).toHaveBeenCalledWith(own));
  expect(fetched).toHaveBeenCalledTimes(1);
  expect(result.current.rows).toBe(own);
});
