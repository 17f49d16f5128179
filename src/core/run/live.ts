import type { Rules } from '../basis/rules';
import { startingRules } from '../basis/rules';
import { trimPortions } from '../batch/trimUse';
import type { PlanResult } from '../plan/evaluatePlan';
import type { Roller } from '../sheet/roller';
import { bowlsOf, type Bowls } from './bowls';
import type { Happening } from './events';
import type { RunState } from './fold';

/** One thing to change now, and what comes of it. */
export interface LiveChange {
  readonly id: 'dose' | 'thickness' | 'moreDough' | 'ribbons' | 'moreFilling';
  /** The figure to change to, in its own unit. */
  readonly to: number;
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
    rules = startingRules,
  }: {
    roller: Pick<Roller, 'steps'>;
    thicknessBandMm: readonly [number, number];
    /** Eggs in a gram of the recipe; 0 without. */
    eggsPerG: number;
    rules?: Rules;
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
  const byDough = dough.leftG / dough.perPieceG;
  const byFilling = filling.leftG / filling.perPieceG;
  const gap = byDough - byFilling;
  const apart = Math.max(1, TOGETHER * Math.max(byDough, byFilling, state.pieces));
  const short = Math.abs(gap) <= apart ? null : gap < 0 ? 'dough' : 'filling';
  const changes: LiveChange[] = [];
  const none = { setting: null, eggs: null, portions: 0 };
  if (short) {
    const doseTo = round((bowls.doseG * byFilling) / Math.max(byDough, 1), 10);
    const band = result.shape.doseBandG;
    if (byDough >= 1 && band && doseTo >= band[0] && doseTo <= band[1]) {
      changes.push({
        id: 'dose',
        to: doseTo,
        unit: 'g',
        ...none,
        ...ends(dough.perPieceG, (filling.perPieceG * doseTo) / bowls.doseG),
        happening: { kind: 'changed', doseG: doseTo },
      });
    }
    const steps = roller.steps
      .map(({ label, mm }) => {
        // What a step leaves beyond its gap goes on as it was.
        const nowStep = nearest(roller, result.sheet.setting);
        const to = nowStep ? (bowls.thicknessMm * mm) / nowStep : mm;
        return {
          label,
          to,
          ...ends((dough.perPieceG * to) / bowls.thicknessMm, filling.perPieceG),
        };
      })
      .filter(
        ({ to }) =>
          Math.abs(to - bowls.thicknessMm) > 0.02 &&
          to >= thicknessBandMm[0] - 0.02 &&
          to <= thicknessBandMm[1] + 0.02,
      )
      .sort((a, b) => left(a, bowls) - left(b, bowls));
    const [step] = steps;
    if (step && left(step, bowls) < left(now, bowls)) {
      const to = round(step.to, 100);
      changes.push({
        id: 'thickness',
        unit: 'mm',
        ...none,
        setting: step.label,
        pieces: step.pieces,
        doughLeftG: step.doughLeftG,
        fillingLeftG: step.fillingLeftG,
        to,
        happening: { kind: 'changed', thicknessMm: to },
      });
    }
    if (short === 'dough') {
      const needG = -gap * dough.perPieceG;
      const eggs = eggsPerG > 0 ? Math.ceil(needG * eggsPerG - 0.05) : null;
      const to = round(eggs ? eggs / eggsPerG : needG, 1);
      changes.push({
        id: 'moreDough',
        to,
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
        unit: 'g',
        ...none,
        ...ends(dough.perPieceG, filling.perPieceG, 0, to),
        happening: { kind: 'changed', moreFillingG: to },
      });
    }
  }
  return { bowls, ...now, short, changes };
}

const round = (value: number, times: number): number => Math.round(value * times) / times;

const nearest = ({ steps }: Pick<Roller, 'steps'>, label: string): number | null =>
  steps.find((step) => step.label === label)?.mm ?? null;

/** What is left of both, each counted in pieces. */
const left = (
  { doughLeftG, fillingLeftG }: { doughLeftG: number; fillingLeftG: number },
  { dough, filling }: Bowls,
): number => doughLeftG / dough.perPieceG + fillingLeftG / filling.perPieceG;
