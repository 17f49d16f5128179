import { evaluatePlan } from '../plan/evaluatePlan';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import type { Happening } from './events';
import { evidenceOf } from './evidence';
import { foldRun } from './fold';

const plan = planWith();
const planned = evaluatePlan(plan);
const pieces = planned.pieces;

/** What a batch tells of the dough that stuck, where everything round it was weighed. */
function stuckBy({ doughG, leftG }: { doughG: number; leftG: number }) {
  const happenings: Happening[] = [
    { kind: 'weighed', what: 'dough', g: doughG },
    { kind: 'weighed', what: 'pieces', g: 10 * (planned.dough.perPieceG + 10), n: 10 },
    { kind: 'weighed', what: 'doses', g: 100, n: 10 },
    { kind: 'counted', pieces },
    { kind: 'left', what: 'dough', g: leftG },
    { kind: 'left', what: 'trim', g: planned.ledger.dough.trimG },
    { kind: 'finished' },
  ];
  return evidenceOf(plan, foldRun(eventsFrom(happenings))).find(
    ({ quantity }) => quantity === 'stuck',
  )!;
}

describe('what stuck, by what was weighed', () => {
  const usedG = planned.dough.totalG - planned.leftover.doughG;

  it('is a share of what was rolled, however much more dough there was', () => {
    const none = stuckBy({ doughG: usedG + 8, leftG: 0 });
    const much = stuckBy({ doughG: usedG + 308, leftG: 300 });
    expect(none.value).toBeGreaterThan(0.02);
    expect(much.value).toBeCloseTo(none.value, 9);
    expect(much.sd).toBeCloseTo(none.sd, 9);
  });

  it('tells less surely where hardly anything stuck: what was spoilt is not weighed', () => {
    const [little, much] = [8, 30].map((g) => stuckBy({ doughG: usedG + g, leftG: 0 }));
    expect(much!.value).toBeGreaterThan(little!.value);
    expect(much!.sd).toBeLessThan(little!.sd);
  });
});
