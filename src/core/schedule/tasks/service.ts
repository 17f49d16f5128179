import type { Basis } from '../../basis/basis';
import { evaluatePlan, type PlanResult } from '../../plan/evaluatePlan';
import type { Plan } from '../../plan/document/schema';
import { DOUGH_DENSITY_G_PER_ML, ML_PER_MM3 } from '../../physics/constants';
import { trayCount } from '../../layout/trayCount';
import { lastPlace } from '../../hold/phases';
import { forClass } from '../classShares';
import { minuteOf } from '../document/clock';
import type { Day, Service } from '../document/day';

/** One laying of a batch: a sheet, or two in register. */
export interface Laid {
  readonly pieces: number;
}

/** A service with its plan worked out for so many. */
export interface ServiceWork {
  readonly service: Service;
  readonly plan: Plan;
  readonly result: PlanResult;
  /** When it is to be ready, minutes of the day's clock. */
  readonly atMin: number;
  readonly layings: readonly Laid[];
  /** At the roller for one laying, and hands for one piece, min. */
  readonly rollMin: number;
  readonly pieceMin: number;
  readonly openMin: number;
  readonly sheetMm: number;
  /** Its pieces are frozen, and boiled from frozen. */
  readonly frozen: boolean;
  /** Sealed pieces wait no longer for the pot, min; null when they keep. */
  readonly keepsMin: number | null;
  /** They dry or stand so long first, min. */
  readonly driesMin: number;
  readonly chilled: boolean;
  readonly perTray: number;
}

/** Whether anything of a service is still to be made. */
export const isToMake = ({ service }: Pick<ServiceWork, 'service'>): boolean =>
  service.ahead !== 'inFreezer';

/** Freezing is held so long in a plan that only asks how pieces do from the freezer, min. */
const FROZEN_MIN = 600;
/** Pieces on a tray lie so far apart, mm. */
const APART_MM = 8;

/** The plan of a service: for its portions, a class's with a spare share, and frozen where it is made ahead so. */
export function planFor(stored: Plan, { portions, ahead, kind, pairs }: Service): Plan {
  const plan = kind === 'class' ? forClass(stored, pairs) : stored;
  return {
    ...plan,
    batch: { ...plan.batch, wayIn: 'portions', portions },
    hold:
      (ahead === 'frozen' || ahead === 'inFreezer') && lastPlace(plan.hold.phases) !== 'freezer'
        ? { ...plan.hold, phases: [{ place: 'freezer', minutes: FROZEN_MIN }] }
        : plan.hold,
  };
}

/** Works a service out. */
export function serviceWork(day: Day, service: Service, stored: Plan, basis: Basis): ServiceWork {
  const plan = planFor(stored, service);
  const result = evaluatePlan(plan, basis);
  const { layout, sheet, ladder, hold } = result;
  const layings = layout.rollings.flatMap(({ full, short }) => [
    ...Array.from({ length: full }, () => ({ pieces: layout.pieces })),
    ...(short ? [{ pieces: short.pieces }] : []),
  ]);
  const { phases } = plan.hold;
  const frozen = phases.some(({ place }) => place === 'freezer');
  const warm = phases.slice(0, -1).reduce((sum, { minutes }) => sum + minutes, 0);
  // What does not bear lifting to begin with is told by its margins, not by the clock.
  const limits = [hold.goodFor?.minute, hold.minutesWeak].filter(
    (each) => typeof each === 'number' && each > 0,
  ) as number[];
  const acrossMm = footprint(result);
  return {
    service,
    plan,
    result,
    atMin: minuteOf(service.at, day.date),
    layings: withinBatch(layings, result.counts.made),
    rollMin: ((ladder.seconds / ladder.portions.sheetsEach) * layout.laying.sheets) / 60,
    pieceMin: sheet.fill.secondsPerPiece / 60,
    openMin: sheet.fill.openMin,
    sheetMm: layout.laying.lengthMm,
    frozen,
    keepsMin: frozen || limits.length === 0 ? null : Math.floor(Math.min(...limits)),
    driesMin: frozen ? 0 : warm,
    chilled: !frozen && lastPlace(phases) === 'fridge',
    perTray: Math.max(
      1,
      trayCount({
        trayLengthMm: day.gear.trayLengthMm,
        trayWidthMm: day.gear.trayWidthMm,
        pieceLengthMm: acrossMm,
        pieceWidthMm: acrossMm,
        gapMm: APART_MM,
      }),
    ),
  };
}

/** Side of the square that a closed piece lies on, mm: two layers of its dough, one over the other. Law. */
const footprint = ({ dough: { perPieceG }, sheet: { thicknessMm } }: PlanResult): number =>
  Math.min(
    500,
    Math.max(
      5,
      Math.sqrt(perPieceG / (DOUGH_DENSITY_G_PER_ML * ML_PER_MM3 * thicknessMm * LAYERS)),
    ),
  );

const LAYERS = 2;

/** The layings of a batch give no more than it wants: the last one is cut short. */
function withinBatch(layings: readonly Laid[], made: number): Laid[] {
  let left = made;
  return layings.flatMap(({ pieces }) => {
    const here = Math.min(pieces, left);
    left -= here;
    return here > 0 ? [{ pieces: here }] : [];
  });
}
