import { startingBasis } from '../basis/basis';
import { startingRules } from '../basis/rules';
import { evaluatePlan } from '../plan/evaluatePlan';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import type { Happening } from './events';
import { foldRun } from './fold';
import { tappedThrough } from './taps';

const plan = planWith({});
const result = evaluatePlan(plan, startingBasis);
const tapped = (...happenings: Happening[]) =>
  tappedThrough(foldRun(eventsFrom(happenings)), result, plan.shape.family, startingRules);
const sheet = (seconds: number): Happening => ({
  kind: 'sheetDone',
  pieces: result.layout.pieces,
  torn: false,
  seconds,
});
const round = (minutes: number): Happening => ({ kind: 'roundDone', pieces: 10, minutes });

describe('a batch that was logged afterwards', () => {
  it('is one whose taps came faster than hands and pot', () => {
    expect(tapped(sheet(4), sheet(3), round(0.1))).toBe(true);
    expect(tapped(sheet(4), round(0.2))).toBe(true);
  });

  it('is none where anything was truly timed, or nothing was', () => {
    expect(tapped(sheet(4), sheet(8 * result.layout.pieces))).toBe(false);
    expect(tapped(sheet(4), round(result.boil.potMin))).toBe(false);
    expect(tapped({ kind: 'counted', pieces: 40 })).toBe(false);
    expect(tapped()).toBe(false);
  });
});
