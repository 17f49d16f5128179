import type { PlanResult } from '../plan/evaluatePlan';
import { aimed, lastChange, overAimed, piecesBy, stretchesOf, type Aim } from './aims';
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

/** What the hand aims for, and what it comes out as. */
export interface AimAndOutcome {
  readonly aim: number;
  readonly comesOut: number;
}

/** Both bowls in the middle of a run. */
export interface Bowls {
  readonly dough: Bowl;
  readonly filling: Bowl;
  /** Filling in a piece, g. */
  readonly dose: AimAndOutcome;
  /** The sheet, mm. */
  readonly thickness: AimAndOutcome;
  /** More pieces that both bowls together give. */
  readonly more: number;
}

/** Fewer pieces than this tell nothing of a bowl. */
const LEAST_PIECES = 6;

/**
 * Where both bowls stand: by what was weighed, else by what was measured or counted on the sheets so far,
 * else as planned. What this kitchen learned is in the plan: it counts once, until the batch itself says
 * better. Grams are mass balance (law); what the rest takes is counted like what went before.
 */
export function bowlsOf(result: PlanResult, state: RunState): Bowls {
  const dough = track(doughTerms(result, state), state);
  const filling = track(fillingTerms(result), state);
  return {
    dough: dough.bowl,
    filling: filling.bowl,
    dose: filling.now,
    thickness: dough.now,
    more: Math.min(dough.bowl.gives, filling.bowl.gives),
  };
}

/** What one bowl is counted by. */
interface BowlTerms {
  readonly key: Aim;
  readonly plannedAim: number;
  /** What the plan counts on that comes out of the aim: 1.06 where doses are learned to run over by 6 %. */
  readonly plannedOver: number;
  /** Grams a piece takes for one unit of what comes out, losses on the way counted. */
  readonly perUnitG: number;
  /** The same as a bowl weighed in the middle shows it: a sheet's trim is not yet rolled again. */
  readonly firstPerUnitG: number;
  readonly left: 'doughLeft' | 'fillingLeft';
  inAt(state: RunState): number;
  /** How much more than planned a piece takes by the sheets counted; null where they say nothing. */
  readonly byCount: number | null;
}

function fillingTerms(result: PlanResult): BowlTerms {
  const { inG, inBowlG, leftoverG } = result.ledger.filling;
  const usable = inG - leftoverG;
  const perUnitG = 1 / (1 - (usable > 0 ? inBowlG / usable : 0));
  return {
    key: 'doseG',
    plannedAim: result.shape.doseG,
    plannedOver: result.comesOut.doseG / result.shape.doseG,
    perUnitG,
    firstPerUnitG: perUnitG,
    left: 'fillingLeft',
    inAt: (state) => fillingIn(result, state),
    byCount: null,
  };
}

function doughTerms(result: PlanResult, state: RunState): BowlTerms {
  const { ledger, layout, sheet, comesOut, pieces } = result;
  const usedG = ledger.dough.inG - ledger.dough.leftoverG;
  const eachG = pieces > 0 ? usedG / pieces : result.dough.perPieceG;
  // Before its trim is rolled again, a sheet takes so much a piece.
  const firstG = layout.pieces > 0 ? (sheet.massG * layout.laying.sheets) / layout.pieces : eachG;
  return {
    key: 'thicknessMm',
    plannedAim: sheet.thicknessMm,
    plannedOver: comesOut.thicknessMm / sheet.thicknessMm,
    perUnitG: eachG / comesOut.thicknessMm,
    firstPerUnitG: firstG / comesOut.thicknessMm,
    left: 'doughLeft',
    inAt: (at) => doughIn(result, at),
    byCount: byCount(result, state),
  };
}

/** A sheet that gives fewer pieces than its pattern takes more dough for each. */
function byCount({ layout, sheet }: PlanResult, { sheets }: RunState): number | null {
  const whole = sheets.filter(({ torn }) => !torn);
  if (whole.length === 0 || layout.pieces <= 0 || whole.length >= Math.max(2, sheet.count)) {
    return null;
  }
  const each = whole.reduce((sum, { pieces }) => sum + pieces, 0) / whole.length;
  const share = each > 0 ? Math.min(2, Math.max(0.5, layout.pieces / each)) : 1;
  return share === 1 ? null : share;
}

/** One bowl, counted down by what each piece took. */
function track(terms: BowlTerms, state: RunState): { bowl: Bowl; now: AimAndOutcome } {
  const { key, plannedAim, perUnitG } = terms;
  const aim = state.now[key] ?? plannedAim;
  const { over, extra, known } = outcomeOf(terms, state);
  const takes = (from: number, to?: number) =>
    aimed(stretchesOf(key, plannedAim, state, from, to)) * over * extra * perUnitG;
  const inG = terms.inAt(state);
  const weighed = lastWeighed(terms, state);
  const leftG = weighed ? weighed.leftG + (inG - weighed.inG) - takes(weighed.at) : inG - takes(0);
  const perPieceG = aim * over * extra * perUnitG;
  return {
    now: { aim, comesOut: aim * over },
    bowl: {
      inG,
      perPieceG,
      known,
      leftG: Math.max(0, leftG),
      gives: perPieceG > 0 ? Math.floor(Math.max(0, leftG) / perPieceG + 1e-6) : 0,
    },
  };
}

/**
 * How what comes out stands to what is aimed for: by the bowl weighed since the aim was last changed, else by
 * what was measured since, else by the same before it, else by sheets counted, else as the plan has it.
 * @returns `over`, of the aim; `extra`, what a piece takes beyond that
 */
function outcomeOf(
  terms: BowlTerms,
  state: RunState,
): { readonly over: number; readonly extra: number; readonly known: Known } {
  const { key, plannedAim, plannedOver } = terms;
  const changed = lastChange(key, state);
  const weighed = lastWeighed(terms, state);
  const measured = overAimed(key, plannedAim, state, changed);
  const byBowl =
    weighed && weighed.pieces >= LEAST_PIECES ? overOfBowl(terms, state, weighed) : null;
  const choices = [
    weighed && weighed.at >= changed ? byBowl : null,
    measured === null ? null : { over: measured, known: 'measured' as const },
    byBowl,
    earlier(terms, state),
  ];
  const found = choices.find((each) => each !== null);
  if (found) return { extra: 1, ...found };
  return terms.byCount === null
    ? { over: plannedOver, extra: 1, known: 'planned' }
    : { over: plannedOver, extra: terms.byCount, known: 'counted' };
}

function earlier({ key, plannedAim }: BowlTerms, state: RunState) {
  const over = overAimed(key, plannedAim, state);
  return over === null ? null : { over, known: 'measured' as const };
}

/** What a weighed bowl says of all that was taken from it. */
function overOfBowl(
  { key, plannedAim, firstPerUnitG }: BowlTerms,
  state: RunState,
  { at, inG, leftG }: Weighed,
): { readonly over: number; readonly known: Known } | null {
  const asked = aimed(stretchesOf(key, plannedAim, state, 0, at)) * firstPerUnitG;
  return asked > 0 ? { over: Math.max(0, inG - leftG) / asked, known: 'weighed' } : null;
}

interface Weighed {
  readonly leftG: number;
  /** What there had been by then. */
  readonly inG: number;
  readonly pieces: number;
  /** Its place among the events. */
  readonly at: number;
}

/** A bowl as it was last weighed; null when it never was. */
function lastWeighed({ left, inAt }: BowlTerms, state: RunState): Weighed | null {
  const { events } = state;
  const at = events.findLastIndex((event) => event.kind === 'weighed' && event.what === left);
  const event = events[at];
  if (event?.kind !== 'weighed') return null;
  const then = foldRun(events.slice(0, at));
  return { leftG: event.g, inG: inAt(then), pieces: piecesBy(state, at), at };
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

/**
 * Filling that is in the pieces, g: of each stretch as its own doses were weighed, else as what was aimed for
 * comes out in this batch.
 */
export function fillingInPieces(result: PlanResult, state: RunState): number {
  const terms = fillingTerms(result);
  const { over } = outcomeOf(terms, state);
  return stretchesOf(terms.key, terms.plannedAim, state).reduce(
    (sum, { aim, pieces, from, to }) => {
      const own = foldRun(state.events.slice(from, to)).doses?.g;
      return sum + pieces * (own ?? aim * over);
    },
    0,
  );
}
