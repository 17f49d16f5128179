import type { PlanResult } from '../plan/evaluatePlan';
import { foldRun, type RunState } from './fold';

/** How a figure of a run is known. */
export type Known = 'weighed' | 'measured' | 'counted' | 'planned';

/** One bowl in the middle of a run. */
export interface Bowl {
  /** What there was to begin with, and was made since, g. */
  readonly inG: number;
  /** What a piece takes of it, all that is lost on the way counted, g. */
  readonly perPieceG: number;
  readonly known: Known;
  readonly leftG: number;
  /** Pieces that what is left still gives. */
  readonly gives: number;
}

/** Both bowls in the middle of a run. */
export interface Bowls {
  readonly dough: Bowl;
  readonly filling: Bowl;
  /** What a piece of filling weighs as it truly comes, g. */
  readonly doseG: number;
  /** How thick sheets truly come, mm. */
  readonly thicknessMm: number;
  /** More pieces that both bowls together give. */
  readonly more: number;
}

/** Where the bowls stood when what the rest is made by was last changed; null where it never was. */
interface Before {
  readonly bowls: Bowls;
  readonly pieces: number;
  /** Place of the change among the events. */
  readonly at: number;
}

function beforeChange(result: PlanResult, { events }: RunState): Before | null {
  const at = events.findLastIndex(
    (event) =>
      event.kind === 'changed' && (event.doseG !== undefined || event.thicknessMm !== undefined),
  );
  if (at < 0) return null;
  const then = foldRun(events.slice(0, at));
  return { bowls: bowlsOf(result, then), pieces: then.pieces, at };
}

/** Fewer pieces than this tell nothing of a bowl. */
const LEAST_PIECES = 6;

/**
 * Where both bowls stand: by what was weighed, else by what was measured or counted on the sheets so far,
 * else as planned. Grams are mass balance (law); what the rest takes is reckoned like what went before.
 */
export function bowlsOf(result: PlanResult, state: RunState): Bowls {
  const doseG = doseOf(result, state);
  const thicknessMm = thicknessOf(result, state);
  const before = beforeChange(result, state);
  const dough = doughBowl(result, state, thicknessMm, before);
  const filling = fillingBowl(result, state, doseG, before);
  return { dough, filling, doseG, thicknessMm, more: Math.min(dough.gives, filling.gives) };
}

/** Dough there was: as weighed, else as planned; with what was kneaded in or made since. */
export const doughIn = (result: PlanResult, { doughG, corrections, now }: RunState): number =>
  (doughG ?? result.dough.totalG) +
  now.moreDoughG +
  // What was weighed is weighed with everything in it.
  (doughG === null
    ? corrections.reduce(
        (sum, { did, amount }) => sum + (did === 'flourG' || did === 'waterG' ? amount : 0),
        0,
      )
    : 0);

/** Filling there was. */
export const fillingIn = (result: PlanResult, { fillingG, now }: RunState): number =>
  (fillingG ?? result.filling.totalG) + now.moreFillingG;

/** What lands in a piece, to what was meant when it was weighed, over all weighings; null without any. */
export function dosedOver(plannedDoseG: number, { events }: RunState): number | null {
  let meantG = plannedDoseG;
  let [sum, n] = [0, 0];
  for (const event of events) {
    if (event.kind === 'changed') meantG = event.doseG ?? meantG;
    if (event.kind !== 'weighed' || event.what !== 'doses') continue;
    sum += event.g / meantG;
    n += event.n ?? 1;
  }
  return n > 0 ? sum / n : null;
}

/**
 * Filling that is in the pieces, g: each sheet at the dose that was meant when it was filled, as it truly
 * came where doses were weighed.
 */
export function fillingInPieces(plannedDoseG: number, state: RunState): number {
  let g = 0;
  let counted = 0;
  let from = 0;
  let meantG = plannedDoseG;
  // Stretches of one meant dose: what was weighed in one says nothing of the next, that is why it was changed.
  const changes = state.events.flatMap((event, i) =>
    event.kind === 'changed' && event.doseG !== undefined ? [[i, event.doseG] as const] : [],
  );
  for (const [to, nextG] of [...changes, [state.events.length, 0] as const]) {
    const stretch = foldRun(state.events.slice(from, to));
    const pieces = stretch.sheets.reduce((sum, sheet) => sum + sheet.pieces, 0);
    // Pieces that nobody counted by sheets were made as it went last.
    const more = to === state.events.length ? Math.max(0, state.pieces - counted - pieces) : 0;
    g += (pieces + more) * (stretch.doses?.g ?? meantG);
    counted += pieces;
    [from, meantG] = [to, nextG];
  }
  return g;
}

/** The dose as it comes: of weighings since it was last changed, else as it is now meant. */
function doseOf(result: PlanResult, state: RunState): number {
  const changed = state.events.findLastIndex(
    (event) => event.kind === 'changed' && event.doseG !== undefined,
  );
  const { doses } = changed < 0 ? state : foldRun(state.events.slice(changed));
  return doses?.g ?? state.now.doseG ?? result.shape.doseG;
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** The sheet as it comes: of strips since it was last changed, else as it is now meant. */
function thicknessOf(result: PlanResult, { events, now }: RunState): number {
  const changed = events.findLastIndex(
    (event) => event.kind === 'changed' && event.thicknessMm !== undefined,
  );
  const strips = events
    .slice(changed + 1)
    .flatMap((event) =>
      event.kind === 'measured' && event.test === 'thicknessMm' ? event.value : [],
    );
  return strips.length > 0 ? mean(strips) : (now.thicknessMm ?? result.sheet.thicknessMm);
}

/** How thick sheets came out, to what was meant when each strip was measured; null without any. */
export function thickerOver(plannedMm: number, { events }: RunState): number | null {
  let meantMm = plannedMm;
  const ratios: number[] = [];
  for (const event of events) {
    if (event.kind === 'changed') meantMm = event.thicknessMm ?? meantMm;
    if (event.kind === 'measured' && event.test === 'thicknessMm')
      ratios.push(event.value / meantMm);
  }
  return ratios.length > 0 ? mean(ratios) : null;
}

/** What a batch as planned takes a piece, g. */
const planned = (usedG: number, pieces: number, eachG: number): number =>
  pieces > 0 ? usedG / pieces : eachG;

function doughBowl(
  result: PlanResult,
  state: RunState,
  thicknessMm: number,
  before: Before | null,
): Bowl {
  const inG = doughIn(result, state);
  const plannedG = planned(
    result.ledger.dough.inG - result.ledger.dough.leftoverG,
    result.pieces,
    result.dough.perPieceG,
  );
  const weighed = leftWeighed(state, 'doughLeft');
  const { layout, sheet } = result;
  // Before its trim is rolled again, a sheet takes so much a piece.
  const firstG =
    layout.pieces > 0 ? (sheet.massG * layout.laying.sheets) / layout.pieces : plannedG;
  const thicker = thicknessMm / sheet.thicknessMm;
  let perPieceG = plannedG * thicker;
  let known: Known = thicker === 1 ? 'planned' : 'measured';
  const whole = state.sheets.filter(({ torn }) => !torn);
  if (weighed && weighed.pieces >= LEAST_PIECES) {
    perPieceG = (plannedG * (inG - weighed.g)) / weighed.pieces / firstG;
    known = 'weighed';
  } else if (whole.length > 0 && layout.pieces > 0 && known === 'planned') {
    // A sheet that gives fewer pieces than its pattern takes more dough for each.
    const each = mean(whole.map(({ pieces }) => pieces));
    const share = each > 0 ? Math.min(2, Math.max(0.5, layout.pieces / each)) : 1;
    if (share !== 1 && whole.length < Math.max(2, sheet.count)) {
      perPieceG = plannedG * share;
      known = 'counted';
    }
  }
  return bowl(
    inG,
    perPieceG,
    known,
    weighed,
    state.pieces,
    before && { ...before, bowl: before.bowls.dough },
  );
}

function fillingBowl(
  result: PlanResult,
  state: RunState,
  doseG: number,
  before: Before | null,
): Bowl {
  const inG = fillingIn(result, state);
  const { inBowlG, leftoverG } = result.ledger.filling;
  const usable = result.ledger.filling.inG - leftoverG;
  const lost = usable > 0 ? inBowlG / usable : 0;
  const weighed = leftWeighed(state, 'fillingLeft');
  const changed = state.now.doseG !== null;
  if (weighed && weighed.pieces >= LEAST_PIECES && !changed) {
    return bowl(inG, (inG - weighed.g) / weighed.pieces, 'weighed', weighed, state.pieces, null);
  }
  const known = doseG === result.shape.doseG ? 'planned' : state.doses ? 'measured' : 'planned';
  return bowl(
    inG,
    doseG / (1 - lost),
    known,
    weighed,
    state.pieces,
    before && { ...before, bowl: before.bowls.filling },
  );
}

interface Weighed {
  readonly g: number;
  readonly pieces: number;
  /** Its place among the events. */
  readonly at: number;
}

/** A bowl as it was last weighed, and the pieces that were made by then. */
function leftWeighed({ events }: RunState, what: 'doughLeft' | 'fillingLeft'): Weighed | null {
  const at = events.findLastIndex((event) => event.kind === 'weighed' && event.what === what);
  const event = events[at];
  if (event?.kind !== 'weighed') return null;
  return { g: event.g, pieces: foldRun(events.slice(0, at)).pieces, at };
}

function bowl(
  inG: number,
  perPieceG: number,
  known: Known,
  weighed: Weighed | null,
  pieces: number,
  before: { readonly bowl: Bowl; readonly pieces: number; readonly at: number } | null,
): Bowl {
  const counted =
    before && before.at > (weighed?.at ?? -1)
      ? // Before the change a piece took what it then took; what was made beside came in.
        before.bowl.leftG + (inG - before.bowl.inG) - (pieces - before.pieces) * perPieceG
      : weighed
        ? weighed.g - (pieces - weighed.pieces) * perPieceG
        : inG - pieces * perPieceG;
  const leftG = Math.max(0, counted);
  return {
    inG,
    perPieceG,
    known,
    leftG,
    gives: perPieceG > 0 ? Math.floor(leftG / perPieceG + 1e-6) : 0,
  };
}
