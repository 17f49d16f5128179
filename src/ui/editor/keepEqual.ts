type Fields = Readonly<Record<string, unknown>>;

const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null;

/**
 * A document with every part that is as it was before being that very part: what was read anew is then drawn
 * anew only where it differs. Plain data: no dates, maps or classes.
 * @returns `before` itself where nothing differs
 * @example keepEqual({ a: { n: 1 }, b: 1 }, { a: { n: 1 }, b: 2 }) // its `a` is the first one's
 */
export function keepEqual<T>(before: T, next: T): T {
  if (Object.is(before, next)) return before;
  if (!isFields(before) || !isFields(next) || Array.isArray(before) !== Array.isArray(next)) {
    return next;
  }
  const keys = Object.keys(next);
  let same = keys.length === Object.keys(before).length;
  const kept = keys.map((key) => {
    const part = keepEqual(before[key], next[key]);
    if (!(key in before) || !Object.is(part, before[key])) same = false;
    return [key, part] as const;
  });
  if (same) return before;
  return (Array.isArray(next) ? kept.map(([, part]) => part) : Object.fromEntries(kept)) as T;
}
