import { findIngredient } from '../composition/pantry';
import type { Basis } from '../basis/basis';
import type { Evidence } from '../calibrate/learn';
import type { QuantityId } from '../basis/learnt';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan, type PlanResult } from '../plan/evaluatePlan';
import { startingBasis } from '../basis/basis';
import { aimed, overAimed, stretchesOf } from './aims';
import { doughIn, fillingIn } from './bowls';
import { runLedger } from './ledger';
import type { RunState } from './fold';

/** Fewer pieces than this teach nothing of what a piece takes. */
const LEAST_PIECES = 8;

/** Evidence reckoned from what was left, where it was not measured itself, is so much vaguer. */
const VAGUE = 0.05;

/** Nobody weighs what was spoilt: the plan's own figure is out by so much of itself. */
const SPOILT = 0.2;

/**
 * What a finished run teaches, each quantity from what was weighed or counted in it. It is read against
 * the rules as they ship, not against what was learnt before: so the same run always says the same.
 * @param basis what the run was made on: it says how much was made where nobody weighed it
 */
export function evidenceOf(plan: Plan, run: RunState, basis: Basis = startingBasis): Evidence[] {
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
  ofBowls(plan, result, made, state, add);
  ofDough(plan, result, state, typical, add);
  for (const [item, g] of state.ingredients) {
    const at = /^ready:(\d+):/.exec(item)?.[1];
    const part = at === undefined ? undefined : plan.filling.parts[Number(at)];
    const line = at === undefined ? undefined : result.filling.parts[Number(at)];
    if (!part || !line || part.preparation === 'raw' || line.preparedG <= 0 || g <= 0) continue;
    add('prepared', g / line.preparedG, { key: part.preparation });
  }
  const timed = state.sheets.filter(({ seconds, pieces }) => seconds !== null && pieces > 0);
  if (timed.length > 0) {
    const each =
      timed.reduce((sum, { seconds, people }) => sum + (seconds ?? 0) * people, 0) /
      timed.reduce((sum, { pieces }) => sum + pieces, 0);
    add('pace', each / typical.rules[`shape.seconds.${plan.shape.family}`].value, {
      key: plan.shape.family,
    });
  }
  if (state.edge) {
    const minutes = state.rounds.flatMap(({ minutes: each }) => each ?? []);
    const boiled =
      minutes.length > 0
        ? minutes.reduce((sum, each) => sum + each, 0) / minutes.length
        : result.boil.potMin;
    // What was boiled so long and was still hard would have wanted longer.
    const off = { hard: 1.25, right: 1, soft: 0.85 }[state.edge];
    add('edge', (boiled / result.boil.potMin) * off, { sd: state.edge === 'right' ? 0.05 : 0.2 });
  }
  if (state.pieces >= LEAST_PIECES) {
    const [lost, whole] = [state.lost + 0.5, Math.max(0, state.pieces - state.lost) + 0.5];
    add('burst', lost / (lost + whole), { sd: Math.sqrt(1 / lost + 1 / whole) });
  }
  return found;
}

type Add = (quantity: QuantityId, value: number, more?: { key?: string; sd?: number }) => void;

/** What the bowls say of doses, sheets, and what stays behind. */
function ofBowls(
  plan: Plan,
  result: PlanResult,
  /** What the bench showed: doses and sheets were meant so. */
  made: PlanResult,
  state: RunState,
  add: Add,
): void {
  const { pieces, doses, left } = state;
  if (pieces < LEAST_PIECES) return;
  const ledger = runLedger(made, state);
  const over = overAimed('doseG', made.shape.doseG, state);
  if (over !== null) add('dosed', over);
  else if (left.fillingG !== null) {
    const kept = plan.batch.fillingLoss.kind === 'bowl' ? plan.batch.fillingLoss.share : 0;
    const used = (ledger.filling.inG - left.fillingG) * (1 - kept);
    const meantG = aimed(stretchesOf('doseG', made.shape.doseG, state));
    if (used > 0 && meantG > 0) add('dosed', used / meantG, { sd: VAGUE });
  }
  const key = plan.sheet.roller.id;
  const thicker = overAimed('thicknessMm', made.sheet.thicknessMm, state);
  if (thicker !== null) add('thicker', thicker, { key });
  else if (
    left.doughG !== null &&
    result.pieces > 0 &&
    // A dead heat turned by what was learnt is another sheet than the typical one.
    (made === result || plan.batch.wayIn !== 'both')
  ) {
    const plannedEach = (result.dough.totalG - result.leftover.doughG) / result.pieces;
    const each = (ledger.dough.inG - left.doughG) / pieces;
    if (each > 0 && plannedEach > 0) add('thicker', each / plannedEach, { key, sd: VAGUE });
  }
  // What is spoilt and trimmed goes with what was cut: more of it from more pieces and thicker sheets.
  const cut = ledger.dough.inPiecesG / Math.max(1, result.pieces * result.dough.perPieceG);
  // Only what was weighed on both sides tells what stuck.
  const whole = ledger.dough.eachKnown !== 'planned' && left.doughG !== null && left.trimG !== null;
  // What was never rolled stuck to nothing.
  const rolledG = ledger.dough.inG - (left.doughG ?? 0);
  if (whole && rolledG > 0) {
    const spoilt = result.ledger.dough.spoiltG * cut + result.ledger.dough.endTrimG;
    const share = clamp((ledger.dough.unexplainedG - spoilt) / rolledG, 0.002, 0.2);
    // What is left of two sums is told no better than the larger of them.
    add('stuck', share, { sd: (SPOILT * spoilt) / (share * rolledG) });
  }
  if (doses && left.fillingG !== null && plan.batch.fillingLoss.kind === 'bowl') {
    const usable = ledger.filling.inG - left.fillingG;
    if (usable > 0) add('bowl', clamp(ledger.filling.unexplainedG / usable, 0.003, 0.2));
  }
  const planned = result.ledger.dough.trimG * cut;
  if (left.trimG !== null && planned > 20) {
    add('trimFit', clamp((plan.batch.trimUsable * left.trimG) / planned, 0.3, 0.98), { sd: 0.3 });
  }
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
