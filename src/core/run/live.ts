import type { Rules } from '../basis/rules';
import { trimPortions } from '../batch/trimUse';
import type { PlanResult } from '../plan/evaluatePlan';
import type { Roller } from '../sheet/roller';
import { bowlsOf, type Bowls } from './bowls';
import type { Happening } from './events';
import type { RunState } from './fold';

/** One thing to change now, and what comes of it. */
export interface LiveChange {
  readonly id: 'dose' | 'thickness' | 'moreDough' | 'ribbons' | 'moreFilling';
  /** The figure to change to, in its own unit: what the hand then aims for. */
  readonly to: number;
  /** What comes out of that aim; the same where it is no aim. */
  readonly comesOut: number;
  readonly unit: 'g' | 'mm';
  /** The dial's step for a thickness; eggs for dough. */
  readonly setting: string | null;
  readonly eggs: number | null;
  /** Plates of ribbons out of what is over. */
  readonly portions: number;
  /** Pieces in all, and what is then left of either bowl, g. */
  readonly pieces: number;
  readonly doughLeftG: number;
  readonly fillingLeftG: number;
  /** What is written down when it is adopted. */
  readonly happening: Happening;
}

/** What the rest of a batch comes to, and what would make both bowls end together. */
export interface Live {
  readonly bowls: Bowls;
  /** Pieces the batch ends with as it goes. */
  readonly pieces: number;
  readonly doughLeftG: number;
  readonly fillingLeftG: number;
  /** What runs out first; null when both end together. */
  readonly short: 'dough' | 'filling' | null;
  readonly changes: readonly LiveChange[];
}

/** Bowls that end within this share of each other end together. */
const TOGETHER = 0.03;

/**
 * What the rest of a batch will come to as it goes, and each single change that would make both bowls end
 * together: another dose, another step of the dial, more of one, ribbons from the rest. Bookkeeping (law)
 * on what was weighed and counted so far.
 */
export function liveOf(
  result: PlanResult,
  state: RunState,
  {
    roller,
    thicknessBandMm,
    eggsPerG,
    rules,
  }: {
    roller: Pick<Roller, 'steps'>;
    thicknessBandMm: readonly [number, number];
    /** Eggs in a gram of the recipe; 0 without. */
    eggsPerG: number;
    rules: Rules;
  },
): Live {
  const bowls = bowlsOf(result, state);
  const { dough, filling } = bowls;
  const ends = (doughEach: number, fillingEach: number, moreDough = 0, moreFilling = 0) => {
    const doughG = dough.leftG + moreDough;
    const fillingG = filling.leftG + moreFilling;
    const more = Math.floor(Math.min(doughG / doughEach, fillingG / fillingEach) + 1e-6);
    return {
      pieces: state.pieces + more,
      doughLeftG: doughG - more * doughEach,
      fillingLeftG: fillingG - more * fillingEach,
    };
  };
  const now = ends(dough.perPieceG, filling.perPieceG);
  // What the plan itself leaves over is no surprise.
  const spare = result.leftover;
  const byDough = Math.max(0, dough.leftG - spare.doughG) / dough.perPieceG;
  const byFilling = Math.max(0, filling.leftG - spare.fillingG) / filling.perPieceG;
  const gap = byDough - byFilling;
  const apart = Math.max(1, TOGETHER * Math.max(byDough, byFilling, state.pieces));
  const short = Math.abs(gap) <= apart ? null : gap < 0 ? 'dough' : 'filling';
  const changes: LiveChange[] = [];
  const none = { setting: null, eggs: null, portions: 0 };
  if (short) {
    const { dose } = bowls;
    const doseTo = handDose((dose.aim * byFilling) / Math.max(byDough, 1));
    const doseOut = (doseTo * dose.comesOut) / dose.aim;
    const band = result.shape.doseBandG;
    if (byDough >= 1 && band && doseOut >= band[0] && doseOut <= band[1] && doseTo !== dose.aim) {
      changes.push({
        id: 'dose',
        to: doseTo,
        comesOut: doseOut,
        unit: 'g',
        ...none,
        ...ends(dough.perPieceG, (filling.perPieceG * doseTo) / dose.aim),
        happening: { kind: 'changed', doseG: doseTo },
      });
    }
    const { thickness } = bowls;
    const steps = roller.steps
      .map(({ label, mm }) => {
        // What a step leaves beyond its gap goes on as it was, and so does what comes out of it.
        const plannedStep = nearest(roller, result.sheet.setting);
        const to = round(plannedStep ? (result.sheet.thicknessMm * mm) / plannedStep : mm, 100);
        const comesOut = (to * thickness.comesOut) / thickness.aim;
        return {
          label,
          to,
          comesOut,
          ...ends((dough.perPieceG * to) / thickness.aim, filling.perPieceG),
        };
      })
      .filter(
        ({ to, comesOut }) =>
          Math.abs(to - thickness.aim) > 0.02 &&
          comesOut >= thicknessBandMm[0] - 0.02 &&
          comesOut <= thicknessBandMm[1] + 0.02,
      )
      .sort((a, b) => left(a, bowls) - left(b, bowls));
    const [step] = steps;
    if (step && left(step, bowls) < left(now, bowls)) {
      const { label, ...coming } = step;
      changes.push({
        id: 'thickness',
        unit: 'mm',
        ...none,
        setting: label,
        ...coming,
        happening: { kind: 'changed', thicknessMm: step.to },
      });
    }
    if (short === 'dough') {
      const needG = -gap * dough.perPieceG;
      const eggs = eggsPerG > 0 ? Math.ceil(needG * eggsPerG - 0.05) : null;
      const to = round(eggs ? eggs / eggsPerG : needG, 1);
      changes.push({
        id: 'moreDough',
        to,
        comesOut: to,
        unit: 'g',
        ...none,
        eggs: eggs || null,
        ...ends(dough.perPieceG, filling.perPieceG, to),
        happening: { kind: 'changed', moreDoughG: to },
      });
    } else {
      const overG = round(gap * dough.perPieceG, 1);
      changes.push({
        id: 'ribbons',
        to: overG,
        comesOut: overG,
        unit: 'g',
        ...none,
        portions: trimPortions(overG, 'ribbons', rules),
        ...now,
        happening: { kind: 'changed', rest: 'ribbons' },
      });
      const to = round(gap * filling.perPieceG, 1);
      changes.push({
        id: 'moreFilling',
        to,
        comesOut: to,
        unit: 'g',
        ...none,
        ...ends(dough.perPieceG, filling.perPieceG, 0, to),
        happening: { kind: 'changed', moreFillingG: to },
      });
    }
  }
  return { bowls, ...now, short, changes };
}

/** A dose that a hand can aim for: finer where it is small. */
const handDose = (g: number): number => round(g, g < 3 ? 20 : 10);

const round = (value: number, times: number): number => Math.round(value * times) / times;

const nearest = ({ steps }: Pick<Roller, 'steps'>, label: string): number | null =>
  steps.find((step) => step.label === label)?.mm ?? null;

/** What is left of both, each counted in pieces. */
const left = (
  { doughLeftG, fillingLeftG }: { doughLeftG: number; fillingLeftG: number },
  { dough, filling }: Bowls,
): number => doughLeftG / dough.perPieceG + fillingLeftG / filling.perPieceG;
