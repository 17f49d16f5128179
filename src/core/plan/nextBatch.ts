import type { Basis } from '../basis/basis';
import type { Learnt, QuantityId } from '../basis/learnt';
import { learntOfKey } from '../calibrate/learntKeys';
import { NINETY, TYPICAL_BATCHES } from '../calibrate/posterior';
import { QUANTITIES } from '../calibrate/quantities';
import { fromScale, toScale } from '../calibrate/scale';
import { modelOf } from '../risk/modelOf';
import type { PlanAtBench } from './model/atBench';

/** What of the kitchen moves the grams that a piece takes of each bowl. */
const MOVES = [
  'dosed',
  'thicker',
  'stuck',
  'trimFit',
  'bowl',
] as const satisfies readonly QuantityId[];

const BOWLS = ['dough', 'filling'] as const;

type Bowl = (typeof BOWLS)[number];

/** From and to, g: nine batches in ten take no less and no more. */
export type TakenG = readonly [low: number, high: number];

export type NextBatch = Readonly<Record<Bowl, TakenG>>;

/**
 * What the plan's pieces will take of each bowl in the next batch: not how surely the kitchen is known, but that
 * and how batches differ, together. Law of small errors over what is learned, each quantity moved by one standard
 * deviation to either side.
 * @throws FieldError as `evaluatePlan` does
 * @example nextBatch(plan, basis).dough // [257, 327]
 */
export function nextBatch(plan: PlanAtBench, basis: Basis): NextBatch {
  const taken = (learnt: readonly Learnt[]) => {
    const { batch } = modelOf(plan, { ...basis, learnt }).batch;
    const each = (bowl: Bowl) => {
      const { inG, leftoverG } = batch[bowl];
      return Math.log(Math.max(1e-9, inG - leftoverG) / Math.max(1, batch.counts.made));
    };
    return { pieces: batch.counts.made, dough: each('dough'), filling: each('filling') };
  };
  const expected = taken(basis.learnt);
  const variance = { dough: 0, filling: 0 };
  for (const quantity of MOVES) {
    const key = quantity === 'thicker' ? plan.sheet.roller.id : '';
    const [low, high] = oneEitherSide(quantity, learntOfKey(basis.learnt, quantity, key)).map(
      (value) =>
        taken([
          ...basis.learnt.filter((each) => each.quantity !== quantity || each.key !== key),
          { ...UNSEEN, quantity, key, value },
        ]),
    ) as [typeof expected, typeof expected];
    for (const bowl of BOWLS) variance[bowl] += ((high[bowl] - low[bowl]) / 2) ** 2;
  }
  const range = (bowl: Bowl): TakenG => {
    const at = (z: number) =>
      expected.pieces * Math.exp(expected[bowl] + z * Math.sqrt(variance[bowl]));
    return [at(-NINETY), at(NINETY)];
  };
  return { dough: range('dough'), filling: range('filling') };
}

/** One standard deviation of the next batch below and above what is held true. */
function oneEitherSide(quantity: (typeof MOVES)[number], found: Learnt | null): number[] {
  const { scale, typical, spread, noise } = QUANTITIES[quantity];
  const at = (value: number) => toScale(scale, value);
  const known = found ? (at(found.high) - at(found.low)) / (2 * NINETY) : spread;
  const sd = Math.hypot(known, found?.betweenBatches ?? TYPICAL_BATCHES * noise);
  return [-sd, sd].map((by) => fromScale(scale, at(found?.value ?? typical) + by));
}

const UNSEEN = { low: 0, high: 0, betweenBatches: 0, typical: 0, runs: 0, held: false };
