import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import type { DrillId } from './drill';
import type { DrillAnswer } from './skill';

/** An exercise that was missed, and when it is about to be forgotten. */
export interface ComingBack {
  readonly kind: DrillId;
  readonly seed: number;
  /** A moment in UTC. */
  readonly dueAt: string;
  /** Times it was missed. */
  readonly missed: number;
}

/** Whole days between one sight and the next: a bench is no place for minutes. */
const schedule = fsrs({ enable_fuzz: false, enable_short_term: false });

/** Right so many times in a row, with so many days to the next, it is known: it comes back no more. */
const KNOWN_DAYS = 60;

/** How well an answer was known: a right guess was nearly a miss. */
function gradeOf({ right, sure }: DrillAnswer): Grade {
  if (!right) return Rating.Again;
  return sure === 'guess' ? Rating.Hard : Rating.Good;
}

/**
 * What was missed and comes back, the first due first: each is due when it is about to be forgotten, reckoned
 * from its first miss on by a spaced-repetition schedule (FSRS).
 * @param answers in the order they were given
 * @example comingBack([missedYesterday]) // [{ kind: 'dose', seed: 7, dueAt: '2026-11-27T…', missed: 1 }]
 */
export function comingBack(answers: readonly DrillAnswer[]): ComingBack[] {
  const cards = new Map<string, { of: DrillAnswer; card: Card; missed: number }>();
  for (const answer of answers) {
    const key = `${answer.kind} ${answer.seed}`;
    const known = cards.get(key);
    // What was right from the start was never a miss.
    if (!known && answer.right) continue;
    const at = new Date(answer.at);
    const before = known?.card ?? createEmptyCard<Card>(at);
    cards.set(key, {
      of: answer,
      card: schedule.next(before, at, gradeOf(answer)).card,
      missed: (known?.missed ?? 0) + (answer.right ? 0 : 1),
    });
  }
  return [...cards.values()]
    .filter(({ card }) => card.scheduled_days < KNOWN_DAYS)
    .map(({ of, card, missed }) => ({
      kind: of.kind,
      seed: of.seed,
      dueAt: card.due.toISOString(),
      missed,
    }))
    .sort((a, b) => a.dueAt.localeCompare(b.dueAt));
}

/**
 * Those of them that are due by a moment.
 * @param now a moment in UTC
 */
export const dueBy = (coming: readonly ComingBack[], now: string): ComingBack[] =>
  coming.filter(({ dueAt }) => dueAt <= now);
