/** Undo and redo over immutable values. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
  /** What the last change was about and when, so that a drag is one step back, not a hundred. */
  readonly last: { readonly key: string; readonly at: number } | null;
}

/** Changes of the same thing within this time are one step. */
const SAME_STEP_MS = 900;

/** Steps kept. */
const MOST_STEPS = 200;

export const startHistory = <T>(present: T): History<T> => ({
  past: [],
  present,
  future: [],
  last: null,
});

/**
 * Goes on to a new present. Same key, shortly after: the step before stays the one to go back to.
 * @param going the last change was a step of a drag: one of the same key goes with it, however late
 */
export function advance<T>(
  history: History<T>,
  present: T,
  { key, at, going = false }: { key: string; at: number; going?: boolean },
): History<T> {
  if (present === history.present) return history;
  const { last } = history;
  const sameStep = key !== '' && last?.key === key && (going || at - last.at < SAME_STEP_MS);
  return {
    past: sameStep ? history.past : [...history.past, history.present].slice(-MOST_STEPS),
    present,
    future: [],
    last: { key, at },
  };
}

export function undo<T>(history: History<T>): History<T> {
  const before = history.past.at(-1);
  if (before === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present: before,
    future: [history.present, ...history.future],
    last: null,
  };
}

export function redo<T>(history: History<T>): History<T> {
  const [next, ...future] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.present], present: next, future, last: null };
}
