import { findIngredient } from '../composition/pantry';
import type { Basis } from '../basis/basis';
import type { Evidence } from '../calibrate/learn';
import type { QuantityId } from '../basis/learnt';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan, type PlanResult } from '../plan/evaluatePlan';
import { aimed, overAimed, stretchesOf } from './aims';
import { doughIn, fillingIn } from './bowls';
import { timedRounds, timedSheets } from './taps';
import { QUANTITIES } from '../calibrate/quantities';
import { shareLook, type Look } from '../calibrate/shareLook';
import { runLedger, type RunLedger } from './ledger';
import { lossEvidence } from './losses';
import type { RunState } from './fold';

/** Fewer pieces than this teach nothing of what a piece takes. */
const LEAST_PIECES = 8;

/**
 * What a bowl says carries what stayed in it, or on board and roller, beside its weighing; of dough, how its
 * trim came out as well where nobody weighed that. Rule.
 */
const VAGUE = { filling: 0.02, dough: 0.035, doughWithTrim: 0.02 } as const;

/** Looks at the same thing in one batch, as one: each by how sure it is. */
function together(looks: readonly Look[]): Look | null {
  const sure = looks.reduce((sum, { sd }) => sum + 1 / sd ** 2, 0);
  return sure > 0
    ? {
        value: looks.reduce((sum, { value, sd }) => sum + value / sd ** 2, 0) / sure,
        sd: 1 / Math.sqrt(sure),
      }
    : null;
}

/** Nobody weighs what was spoilt: the plan's own figure is out by so much of itself. */
const SPOILT = 0.2;

/**
 * What a finished run teaches, each quantity from what was weighed or counted in it. It is read against
 * the rules as they ship, not against what was learnt before: so the same run always says the same.
 * @param basis what the run was made on: it says how much was made where nobody weighed it
 */
export function evidenceOf(plan: Plan, run: RunState, basis: Basis): Evidence[] {
  if (run.status !== 'finished' || run.leftOut || run.struck) return [];
  const typical: Basis = { ...basis, learnt: [] };
  const result = evaluatePlan(plan, typical);
  const made = basis.learnt.length > 0 ? evaluatePlan(plan, basis) : result;
  const state = {
    ...run,
    doughG: doughIn(made, run) - run.now.moreDoughG,
    fillingG: fillingIn(made, run) - run.now.moreFillingG,
  };
  const cook = state.cooks.length === 1 ? (state.cooks[0] ?? null) : null;
  const found: Evidence[] = [];
  const add = (quantity: QuantityId, value: number, { key = '', sd = 0 } = {}) => {
    if (Number.isFinite(value)) found.push({ quantity, key, cook, value, sd });
  };
  const weighedIn = { dough: run.doughG !== null, filling: run.fillingG !== null };
  ofBowls(plan, result, { made, weighedIn }, state, add);
  ofDough(plan, result, state, typical, add);
  for (const [item, g] of state.ingredients) {
    const at = /^ready:(\d+):/.exec(item)?.[1];
    const part = at === undefined ? undefined : plan.filling.parts[Number(at)];
    const line = at === undefined ? undefined : result.filling.parts[Number(at)];
    if (!part || !line || part.preparation === 'raw' || line.preparedG <= 0 || g <= 0) continue;
    add('prepared', g / line.preparedG, { key: part.preparation });
  }
  const seconds = typical.rules[`shape.seconds.${plan.shape.family}`].value;
  const timed = timedSheets(state, result, seconds);
  if (timed.length > 0) {
    const each =
      timed.reduce((sum, { seconds, people }) => sum + (seconds ?? 0) * people, 0) /
      timed.reduce((sum, { pieces }) => sum + pieces, 0);
    add('pace', each / seconds, { key: plan.shape.family });
  }
  const addEdge = (minutes: readonly number[]) => {
    const boiled =
      minutes.length > 0
        ? minutes.reduce((sum, each) => sum + each, 0) / minutes.length
        : result.boil.potMin;
    // What was boiled so long and was still hard would have wanted longer.
    const off = { hard: 1.25, right: 1, soft: 0.85 }[state.edge!];
    add('edge', (boiled / result.boil.potMin) * off, { sd: state.edge === 'right' ? 0.05 : 0.2 });
  };
  if (state.edge) {
    const minutes = timedRounds(state, result);
    // Rounds that nobody can have boiled so quickly were tapped through: they say nothing of the edge.
    const tapped = minutes.length === 0 && state.rounds.some((round) => round.minutes !== null);
    if (!tapped) addEdge(minutes);
  }
  if (state.pieces >= LEAST_PIECES) found.push(...lossEvidence(plan, state, typical));
  return found;
}

type Add = (quantity: QuantityId, value: number, more?: { key?: string; sd?: number }) => void;

/** What the bowls say of doses, sheets, and what stays behind. */
function ofBowls(
  plan: Plan,
  result: PlanResult,
  /** What the bench showed: doses and sheets were meant so. */
  {
    made,
    weighedIn,
  }: {
    made: PlanResult;
    /** Which bowls were weighed full. */
    weighedIn: { readonly dough: boolean; readonly filling: boolean };
  },
  state: RunState,
  add: Add,
): void {
  const { pieces, doses, left } = state;
  if (pieces < LEAST_PIECES) return;
  const ledger = runLedger(made, state);
  const doseLooks: Look[] = [];
  const over = overAimed('doseG', made.shape.doseG, state);
  if (over !== null) doseLooks.push({ value: over, sd: doseError(plan, state) });
  // Where something was measured itself, a bowl says more only if it was weighed full as well.
  if (left.fillingG !== null && (over === null || weighedIn.filling)) {
    const kept = plan.batch.fillingLoss.kind === 'bowl' ? plan.batch.fillingLoss.share : 0;
    const used = (ledger.filling.inG - left.fillingG) * (1 - kept);
    const meantG = aimed(stretchesOf('doseG', made.shape.doseG, state));
    if (used > 0 && meantG > 0) {
      const sd = Math.hypot(VAGUE.filling, bowlError(ledger.filling.inG, used));
      doseLooks.push({ value: used / meantG, sd });
    }
  }
  const dosed = together(doseLooks);
  if (dosed) add('dosed', dosed.value, { sd: dosed.sd });
  const key = plan.sheet.roller.id;
  const sheetLooks: Look[] = [];
  const thicker = overAimed('thicknessMm', made.sheet.thicknessMm, state);
  if (thicker !== null) sheetLooks.push({ value: thicker, sd: stripError(state) });
  if (
    left.doughG !== null &&
    (thicker === null || weighedIn.dough) &&
    result.pieces > 0 &&
    // A dead heat turned by what was learnt is another sheet than the typical one.
    (made === result || plan.batch.wayIn !== 'both')
  ) {
    // Each stretch of one setting by its own thickness.
    const meantMm = made.sheet.thicknessMm;
    const thickness = aimed(stretchesOf('thicknessMm', meantMm, state)) / (meantMm * pieces);
    const usedG = ledger.dough.inG - left.doughG;
    const { wentG, plannedG, vague } = intoPieces(plan, result, usedG, state);
    const plannedEach = (plannedG / result.pieces) * thickness;
    if (wentG > 0 && plannedEach > 0) {
      const sd = Math.hypot(vague, bowlError(ledger.dough.inG, usedG));
      sheetLooks.push({ value: wentG / pieces / plannedEach, sd });
    }
  }
  const sheets = together(sheetLooks);
  if (sheets) add('thicker', sheets.value, { key, sd: sheets.sd });
  // What is spoilt and trimmed goes with what was cut: more of it from more pieces and thicker sheets.
  const cut = ledger.dough.inPiecesG / Math.max(1, result.pieces * result.dough.perPieceG);
  // Only what was weighed on both sides tells what stuck.
  const whole = ledger.dough.eachKnown !== 'planned' && left.doughG !== null && left.trimG !== null;
  // What was never rolled stuck to nothing.
  const rolledG = ledger.dough.inG - (left.doughG ?? 0);
  if (whole && rolledG > 0) {
    const spoilt = result.ledger.dough.spoiltG * cut + result.ledger.dough.endTrimG;
    // What is left of several sums carries the errors of all of them.
    const offG = Math.hypot(
      SPOILT * spoilt,
      inPiecesError(plan, state, ledger),
      bowlG(ledger.dough.inG),
      bowlG(left.doughG ?? 0),
      bowlG(left.trimG ?? 0),
    );
    const share = atMost('stuck', (ledger.dough.unexplainedG - spoilt) / rolledG);
    const stuck = shareLook('stuck', share, offG / rolledG);
    if (stuck) add('stuck', stuck.value, { sd: stuck.sd });
  }
  if (doses && left.fillingG !== null && plan.batch.fillingLoss.kind === 'bowl') {
    const usable = ledger.filling.inG - left.fillingG;
    const offG = Math.hypot(
      doseError(plan, state) * ledger.filling.inPiecesG,
      bowlG(ledger.filling.inG),
      bowlG(left.fillingG),
    );
    const share = atMost('bowl', ledger.filling.unexplainedG / usable);
    const bowl = shareLook('bowl', share, offG / usable);
    if (bowl) add('bowl', bowl.value, { sd: bowl.sd });
  }
  const planned = result.ledger.dough.trimG * cut;
  if (left.trimG !== null && planned > 20) {
    add('trimFit', clamp((plan.batch.trimUsable * left.trimG) / planned, 0.3, 0.98), { sd: 0.3 });
  }
}

/**
 * Dough that went into a batch's pieces, beside what the plan's pieces take. Trim that was weighed says itself
 * how much of it there was: whole sheets seldom come out just as planned. Without it, trim counts on both sides.
 */
function intoPieces(
  plan: Plan,
  { pieces, dough, leftover, ledger }: PlanResult,
  usedG: number,
  { pieces: made, left }: RunState,
): { wentG: number; plannedG: number; vague: number } {
  if (left.trimG === null) {
    return { wentG: usedG, plannedG: dough.totalG - leftover.doughG, vague: VAGUE.dough };
  }
  const spoiltG = (ledger.dough.spoiltG * made) / pieces;
  return {
    wentG: usedG * (1 - plan.batch.stuckShare) - left.trimG - ledger.dough.endTrimG - spoiltG,
    plannedG: dough.perPieceG * pieces,
    vague: VAGUE.doughWithTrim,
  };
}

/** How far one scale and one hand are off: rules of measuring. */
const SCALE_STEP_G = 1 / Math.sqrt(12);
const BOWL = { g: 2, share: 0.005 } as const;
/** Half of what they may be off either way: two deviations. */
const STRIP = { g: 0.5, lengthMm: 1, widthMm: 0.5, sideMm: 100, gPerMm: 12 } as const;

/** Doses weighed together: each scatters, and the scale has its step. */
function doseError(plan: Plan, { doses }: RunState): number {
  const piped = plan.batch.fillingLoss.kind === 'bag' || plan.shape.laid === 'piped';
  const n = doses?.n ?? 1;
  const load = n * (doses?.g ?? plan.shape.doseG);
  return Math.hypot((piped ? 0.05 : 0.1) / Math.sqrt(n), SCALE_STEP_G / load);
}

/** More than any kitchen leaves is a slip of another weight. */
const atMost = (id: 'stuck' | 'bowl', share: number): number =>
  Math.min(share, QUANTITIES[id].typical * Math.exp(3 * QUANTITIES[id].spread));

/** Pieces differ from one another by so much; the mean of several by less. */
const PIECES_DIFFER = 0.06;

/** How far off the dough in a batch's pieces may be, g: by the strip, or by whole pieces less their filling. */
function inPiecesError(plan: Plan, state: RunState, { dough, filling }: RunLedger): number {
  const { pieces, doses, weighedPieces } = state;
  if (!weighedPieces) return stripError(state) * dough.inPiecesG;
  const { spread, noise } = QUANTITIES.dosed;
  const dose = doses ? doseError(plan, state) : Math.hypot(spread, noise);
  return Math.hypot(
    (PIECES_DIFFER / Math.sqrt(weighedPieces.n)) * pieces * weighedPieces.g,
    dose * filling.inPiecesG,
  );
}

/** What a bowl's weight may be off, g. */
const bowlG = (g: number): number => Math.max(BOWL.g, BOWL.share * g);

/** A difference of two bowls carries the error of both. */
const bowlError = (inG: number, usedG: number): number =>
  Math.hypot(bowlG(inG), bowlG(Math.max(0, inG - usedG))) / Math.max(1, usedG);

/** Strips: a square of 100 mm weighed to a gram, each again. */
function stripError({ thickness }: RunState): number {
  const mm = thickness.reduce((sum, each) => sum + each, 0) / Math.max(1, thickness.length);
  const one = Math.hypot(
    STRIP.g / (STRIP.gPerMm * mm),
    STRIP.lengthMm / STRIP.sideMm,
    STRIP.widthMm / STRIP.sideMm,
  );
  return one / Math.sqrt(Math.max(1, thickness.length));
}

/** What the hand did to the dough. */
function ofDough(plan: Plan, result: PlanResult, state: RunState, basis: Basis, add: Add): void {
  const did = (kind: string) =>
    state.corrections.reduce((sum, each) => sum + (each.did === kind ? each.amount : 0), 0);
  const flourG = result.dough.parts.reduce(
    (sum, { id, g }) => sum + (findIngredient(basis.pantry, id).group === 'flour' ? g : 0),
    0,
  );
  if (state.done.has('knead') && flourG > 0) {
    const { hydration, target } = result.dough;
    const after = (hydration * flourG + did('waterG')) / Math.max(1, flourG + did('flourG'));
    const corrected = did('waterG') + did('flourG') > 0;
    // A dough left alone says that it was right at the hydration it had, not at the rule's.
    add('water', after - target, { sd: corrected ? 0 : LEFT_ALONE.water });
  }
  if (state.done.has('rest') && plan.dough.work.restMin > 0) {
    const more = did('restMin');
    const took = (plan.dough.work.restMin + more) / result.dough.ready.restWantedMin;
    // Rested longer than it wanted and left alone, it says no more than that the rule was not too short.
    if (more > 0) add('rest', took);
    else add('rest', Math.min(1, took), { sd: LEFT_ALONE.rest });
  }
}

/**
 * What a hand left alone was right enough: it says so only roughly. Without it, only doughs that went wrong
 * would be heard.
 */
const LEFT_ALONE = { water: 0.02, rest: 0.3 } as const;

const clamp = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value));
