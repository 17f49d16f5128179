import type { Basis } from '../basis/basis';
import type { Evidence } from '../calibrate/learn';
import { cutTo } from '../cutTo';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan } from '../plan/evaluatePlan';
import type { FamilyId } from '../shapes/families';
import { evidenceOf } from './evidence';
import type { RunState } from './fold';
import type { WayId } from './ways';

/** Grows when a summary says more, or reads evidence otherwise: older ones are then made again. */
export const SUMMARY_VERSION = 3;

/** A run in the few figures that lists, trends and learning need. */
export interface RunSummary {
  readonly version: number;
  readonly status: RunState['status'];
  readonly struck: boolean;
  readonly leftOut: boolean;
  readonly cooks: readonly string[];
  readonly pieces: number;
  readonly lost: number;
  readonly burst: Readonly<Record<WayId, number>>;
  readonly doughLeftG: number | null;
  readonly fillingLeftG: number | null;
  readonly doseG: number | null;
  readonly thicknessMm: number | null;
  /** From the first event to the last sheet closed, where sheets were counted at the bench. */
  readonly minutesAPiece: number | null;
  readonly edge: RunState['edge'];
  readonly note: string;
  /** Causes that were found; left out where there are none, and in older summaries. */
  readonly traced?: readonly string[];
  readonly planned: {
    readonly name: string;
    readonly colour: string;
    readonly family: FamilyId;
    readonly finish: Plan['shape']['finish'];
    readonly roller: string;
    readonly pieces: number;
    readonly doughG: number;
    readonly fillingG: number;
    readonly doughLeftG: number;
    readonly fillingLeftG: number;
    readonly doseG: number;
    readonly thicknessMm: number;
    readonly breakageShare: number;
  };
  readonly evidence: readonly Evidence[];
}

const MOST_NOTE = 240;

/** A run in few figures. */
export function summaryOf(plan: Plan, state: RunState, basis: Basis): RunSummary {
  const result = evaluatePlan(plan, basis);
  const { sheets, thickness, notes } = state;
  const seconds = sheets.reduce((sum, each) => sum + (each.seconds ?? 0) * each.people, 0);
  const timed = sheets.reduce((sum, each) => sum + (each.seconds === null ? 0 : each.pieces), 0);
  return {
    version: SUMMARY_VERSION,
    status: state.status,
    struck: state.struck,
    leftOut: state.leftOut,
    cooks: state.cooks,
    pieces: state.pieces,
    lost: state.lost,
    burst: state.burst,
    doughLeftG: state.left.doughG,
    fillingLeftG: state.left.fillingG,
    doseG: state.doses?.g ?? null,
    thicknessMm:
      thickness.length > 0 ? thickness.reduce((sum, mm) => sum + mm, 0) / thickness.length : null,
    minutesAPiece: timed > 0 ? seconds / 60 / timed : null,
    edge: state.edge,
    ...(state.traced.length > 0 && { traced: state.traced.map(({ cause }) => cause) }),
    note: cutTo(notes.map(({ text }) => text).join(' '), MOST_NOTE),
    planned: {
      name: plan.name,
      colour: plan.colour,
      family: plan.shape.family,
      finish: plan.shape.finish,
      roller: plan.sheet.roller.name,
      pieces: result.pieces,
      doughG: result.dough.totalG,
      fillingG: result.filling.totalG,
      doughLeftG: result.leftover.doughG,
      fillingLeftG: result.leftover.fillingG,
      doseG: result.shape.doseG,
      thicknessMm: result.sheet.thicknessMm,
      breakageShare: result.breakageShare,
    },
    evidence: evidenceOf(plan, state, basis),
  };
}
