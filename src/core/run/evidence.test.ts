import { startingBasis } from '../basis/basis';
import { evaluatePlan } from '../plan/evaluatePlan';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import type { Happening } from './events';
import { evidenceOf } from './evidence';
import { foldRun } from './fold';

const plan = planWith();
const planned = evaluatePlan(plan, startingBasis);
const pieces = planned.pieces;

/** What a batch tells of the dough that stuck, where everything round it was weighed. */
function stuckBy({ doughG, leftG, n = 10 }: { doughG: number; leftG: number; n?: number }) {
  const happenings: Happening[] = [
    { kind: 'weighed', what: 'dough', g: doughG },
    { kind: 'weighed', what: 'pieces', g: n * (planned.dough.perPieceG + 10), n },
    { kind: 'weighed', what: 'doses', g: 100, n: 10 },
    { kind: 'counted', pieces },
    { kind: 'left', what: 'dough', g: leftG },
    { kind: 'left', what: 'trim', g: planned.ledger.dough.trimG },
    { kind: 'finished' },
  ];
  return evidenceOf(plan, foldRun(eventsFrom(happenings)), startingBasis).find(
    ({ quantity }) => quantity === 'stuck',
  )!;
}

describe('what stuck, by what was weighed', () => {
  const usedG = planned.dough.totalG - planned.leftover.doughG;

  it('is a share of what was rolled, however much more dough there was', () => {
    const none = stuckBy({ doughG: usedG + 8, leftG: 0 });
    const much = stuckBy({ doughG: usedG + 308, leftG: 300 });
    expect(none.value).toBeGreaterThan(0.02);
    expect(much.value).toBeCloseTo(none.value, 3);
    expect(Math.abs(much.sd / none.sd - 1)).toBeLessThan(0.1);
  });

  it('carries the errors of all weights it is a difference of, and is none where they drown it', () => {
    const few = stuckBy({ doughG: usedG + 8, leftG: 0, n: 10 });
    const many = stuckBy({ doughG: usedG + 8, leftG: 0, n: 40 });
    expect(many.sd).toBeLessThan(0.8 * few.sd);
    expect(stuckBy({ doughG: usedG + 8, leftG: 0, n: 2 })).toBeUndefined();
  });

  it('says no more than kitchens are, however the weights fall', () => {
    const much = stuckBy({ doughG: usedG + 200, leftG: 0 });
    expect(much.value).toBeLessThan(0.25);
    const less = stuckBy({ doughG: usedG - 30, leftG: 0 });
    expect(less.value).toBeGreaterThan(0.001);
    expect(less.value).toBeLessThan(0.02);
  });
});

describe('how thick sheets came out, by the dough bowl', () => {
  /** A batch whose sheets all came out so much thicker, at a count of its own. */
  function thicker(times: number, count: number, trim: 'weighed' | 'not weighed') {
    const { dough, ledger, leftover } = planned;
    const eachG = times * dough.perPieceG;
    const [trimG, spoiltG] = [30 * times, (ledger.dough.spoiltG * count) / pieces];
    const rolledG = (count * eachG + trimG + spoiltG + ledger.dough.endTrimG) / (1 - 0.02);
    const happenings: Happening[] = [
      { kind: 'weighed', what: 'dough', g: rolledG + 40 },
      { kind: 'counted', pieces: count },
      { kind: 'left', what: 'dough', g: 40 },
      ...(trim === 'weighed' ? [{ kind: 'left' as const, what: 'trim' as const, g: trimG }] : []),
      { kind: 'finished' },
    ];
    const [found] = evidenceOf(plan, foldRun(eventsFrom(happenings)), startingBasis).filter(
      ({ quantity }) => quantity === 'thicker',
    );
    return { ...found!, byPlan: rolledG / count / ((dough.totalG - leftover.doughG) / pieces) };
  }

  it.each([
    [1, 0],
    [1.08, 3],
    [0.93, -4],
  ])(
    '%d times as thick, %d pieces more than planned: told to 0.1 %% where trim was weighed',
    (times, more) => {
      const { value } = thicker(times, pieces + more, 'weighed');
      expect(value / times).toBeCloseTo(1, 3);
    },
  );

  it('is by the strip alone where one was weighed, and the bowl was not weighed full', () => {
    const told = (...bowl: Happening[]) =>
      evidenceOf(
        plan,
        foldRun(
          eventsFrom([
            { kind: 'measured', test: 'thicknessMm', value: plan.sheet.thicknessMm * 1.05 },
            ...bowl,
            { kind: 'counted', pieces },
            { kind: 'left', what: 'dough', g: 40 },
            { kind: 'finished' },
          ]),
        ),
        startingBasis,
      ).find(({ quantity }) => quantity === 'thicker')!;
    const strip = told();
    const full = told({ kind: 'weighed', what: 'dough', g: planned.dough.totalG + 100 });
    expect(strip.value).toBeCloseTo(1.05, 6);
    expect(full.value).not.toBeCloseTo(1.05, 2);
    expect(full.sd).toBeLessThan(strip.sd);
  });

  it('is less sure, and by the plan’s own trim, where nobody weighed it', () => {
    const [weighed, unweighed] = (['weighed', 'not weighed'] as const).map((trim) =>
      thicker(1.05, pieces + 3, trim),
    );
    expect(unweighed!.value).toBeCloseTo(unweighed!.byPlan, 6);
    expect(unweighed!.sd).toBeGreaterThan(1.3 * weighed!.sd);
  });
});
