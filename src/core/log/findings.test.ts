import { evaluatePlan } from '../plan/evaluatePlan';
import { planWith } from '../testing/plans';
import { foldRun } from '../run/fold';
import { summaryOf, type RunSummary } from '../run/summary';
import { eventsFrom } from '../testing/kitchens';
import { startingBasis } from '../basis/basis';
import type { Finish } from '../shapes/finish';
import { findings, type FoundRun } from './findings';
import { offOf, trends } from './trends';

const run = (
  n: number,
  finish: Finish,
  lost: number,
  { pieces = 100, left = {} }: { pieces?: number; left?: { dough?: number } } = {},
): FoundRun & { summary: RunSummary } => {
  const plan = planWith({ shape: { ...planWith().shape, finish } });
  const state = foldRun(
    eventsFrom(
      [
        { kind: 'counted', pieces },
        { kind: 'burst', how: 'lip', pieces: lost },
        ...(left.dough === undefined
          ? []
          : [{ kind: 'left' as const, what: 'dough' as const, g: left.dough }]),
        { kind: 'finished' },
      ],
      n,
    ),
  );
  return {
    planId: 'a',
    madeOn: `2026-0${1 + Math.floor(n / 3)}-1${n % 3}`,
    summary: summaryOf(plan, state, startingBasis),
  };
};

describe('findings', () => {
  it('say what a change brought, with how sure', () => {
    const [found] = findings([
      run(1, 'fork', 12),
      run(2, 'fork', 13),
      run(3, 'pinch', 3),
      run(4, 'pinch', 2),
    ]);
    expect(found).toMatchObject({
      since: { what: 'finish', to: 'pinch' },
      before: 0.125,
      after: 0.025,
      runsBefore: 2,
      runsAfter: 2,
    });
    expect(found!.sure).toBeGreaterThan(0.95);
  });

  it('say nothing of what may be chance, of a few pieces, or of runs left out', () => {
    expect(findings([run(1, 'fork', 5), run(2, 'pinch', 4)])).toEqual([]);
    expect(
      findings([run(1, 'fork', 2, { pieces: 12 }), run(2, 'pinch', 0, { pieces: 12 })]),
    ).toEqual([]);
    const out = [run(1, 'fork', 15), run(2, 'pinch', 1), run(3, 'pinch', 1)].map((each) => ({
      ...each,
      summary: { ...each.summary, leftOut: true },
    }));
    expect(findings(out)).toEqual([]);
  });

  it('say that it grew worse as readily', () => {
    const [found] = findings([run(1, 'pinch', 2), run(2, 'pinch', 1), run(3, 'fork', 16)]);
    expect(found!.after).toBeGreaterThan(found!.before);
  });
});

describe('trends', () => {
  it('add up month by month', () => {
    const months = trends([run(1, 'fork', 12), run(2, 'fork', 8), run(3, 'pinch', 3)]);
    expect(months.map(({ month, runs, pieces }) => [month, runs, pieces])).toEqual([
      ['2026-01', 2, 200],
      ['2026-02', 1, 100],
    ]);
    expect(months[0]!.lost.lip).toBeCloseTo(0.1, 9);
    expect(months[0]!.doughOff).toBeNull();
  });

  it('hold what was planned against what was taken', () => {
    const { dough, pieces, leftover } = evaluatePlan(planWith(), startingBasis);
    const planned = (dough.totalG - leftover.doughG) / pieces;
    const { summary } = run(1, 'fork', 0, {
      pieces,
      left: { dough: dough.totalG - 1.1 * planned * pieces },
    });
    expect(offOf(summary, 'dough')).toBeCloseTo(1 - 1 / 1.1, 6);
    expect(offOf(summary, 'filling')).toBeNull();
  });
});
