import * as z from 'zod';
import { quantity } from '../fields';
import { DRILL_IDS, type DrillId } from './drill';
import { MOST_SEED } from './drills';

/** How sure a cook said to be, and the share of such answers that should be right. */
export const SURE = {
  guess: { says: 'A guess', share: 0.4 },
  think: { says: 'I think so', share: 0.7 },
  sure: { says: 'I am sure', share: 0.95 },
} as const;

export type Sure = keyof typeof SURE;

/** An exercise that was answered. */
export const drillAnswerSchema = z.strictObject({
  /** The device's own, so that one sent twice counts once. */
  id: z.uuid('Answer id must be a UUID'),
  kind: z.enum(DRILL_IDS),
  seed: quantity('Seed', { min: 0, max: MOST_SEED, whole: true }),
  given: z.union([z.string().max(40), z.number()]),
  right: z.boolean(),
  sure: z.enum(Object.keys(SURE) as [Sure, ...Sure[]]).nullable(),
  at: z.iso.datetime(),
});

export type DrillAnswer = z.infer<typeof drillAnswerSchema>;

/** How good a cook is at something, with how sure that is. */
export interface Skill {
  readonly answered: number;
  readonly right: number;
  /** Share of answers that are right, and what 9 of 10 such cooks lie between. */
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

/** Answers that count: what was long ago is another hand. */
const LATEST = 40;

/** 90 % of a normal lies within so many standard deviations. */
const Z90 = 1.645;

/**
 * Skill from right and wrong answers, by Wilson's range: wide while there are few. Law of chance.
 * @example skillOf([]) // { answered: 0, right: 0, share: 0.5, low: 0, high: 1 }
 */
export function skillOf(answers: readonly Pick<DrillAnswer, 'right'>[]): Skill {
  const latest = answers.slice(-LATEST);
  const n = latest.length;
  if (n === 0) return { answered: 0, right: 0, share: 0.5, low: 0, high: 1 };
  const right = latest.filter((each) => each.right).length;
  const p = right / n;
  const z2 = Z90 ** 2;
  const middle = (p + z2 / (2 * n)) / (1 + z2 / n);
  const reach = (Z90 / (1 + z2 / n)) * Math.sqrt((p * (1 - p)) / n + z2 / (4 * n * n));
  return {
    answered: n,
    right,
    share: middle,
    low: Math.max(0, middle - reach),
    high: Math.min(1, middle + reach),
  };
}

/** Skills by kind of exercise. */
export const skillsOf = (answers: readonly DrillAnswer[]): Readonly<Record<DrillId, Skill>> =>
  Object.fromEntries(
    DRILL_IDS.map((id) => [id, skillOf(answers.filter(({ kind }) => kind === id))]),
  ) as Record<DrillId, Skill>;

/** For each way of being sure: how often it was said, and how often it was right. */
export const surenessOf = (
  answers: readonly DrillAnswer[],
): readonly { readonly sure: Sure; readonly said: number; readonly right: number }[] =>
  (Object.keys(SURE) as Sure[]).map((sure) => {
    const own = answers.filter((each) => each.sure === sure);
    return { sure, said: own.length, right: own.filter(({ right }) => right).length };
  });
