/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { startingBasis } from '@/core/basis/basis';
import type { Day } from '@/core/schedule/document/day';
import type { Solved } from '@/core/schedule/engine/solve';
import { DAY_PLANS, supper } from '@/core/schedule/testing/days';
import { solveDay } from '@/core/schedule/timetable/solveDay';
import { dayClient } from './dayClient';
import { useTimetable } from './useTimetable';

jest.mock('./dayClient', () => ({ dayClient: jest.fn() }));
jest.mock('comlink', () => ({ proxy: <T>(value: T) => value }));

const parts = { pantry: { ingredients: [], preparations: [] }, learnt: {} } as never;

/** A worker in the test's hands: what it finds on the way, and at last. */
function stand() {
  const asked: { better(solved: Solved): void; last(solved: Solved): void }[] = [];
  jest.mocked(dayClient).mockResolvedValue({
    solve: (_question: unknown, better: (solved: Solved) => void) =>
      new Promise<Solved>((last) => asked.push({ better, last })),
    sooner: () => Promise.resolve(30),
  } as never);
  return asked;
}

const [first, best] = [20, 150].map(
  (tries) => solveDay(supper(), DAY_PLANS, startingBasis, { tries }).solved,
) as [Solved, Solved];

const open = (day: Day) =>
  renderHook((now: Day) => useTimetable(now, DAY_PLANS, { parts, basis: startingBasis }), {
    initialProps: day,
  });

it('a page that opens shows the best timetable, not the steps to it; a changed day its first at once', async () => {
  const asked = stand();
  const { result, rerender } = open(supper());
  await waitFor(() => expect(asked).toHaveLength(1));
  act(() => asked[0]!.better(first));
  expect(result.current).toMatchObject({ shown: null, busy: true });
  act(() => asked[0]!.last(best));
  await waitFor(() => expect(result.current.shown).toMatchObject({ solved: best, soonerMin: 30 }));
  rerender({ ...supper(), date: '2026-11-28' });
  await waitFor(() => expect(asked).toHaveLength(2));
  act(() => asked[1]!.better(first));
  expect(result.current).toMatchObject({ shown: { solved: first }, busy: true });
});

it('what takes long is shown on the way', async () => {
  const asked = stand();
  const { result } = open(supper());
  await waitFor(() => expect(asked).toHaveLength(1));
  jest.spyOn(performance, 'now').mockReturnValue(performance.now() + 2000);
  act(() => asked[0]!.better(first));
  expect(result.current.shown).toMatchObject({ solved: first });
});
