'use client';

import { useState } from 'react';

let next = 0;
const fresh = (count: number): number[] => Array.from({ length: count }, () => (next += 1));

/**
 * A lasting id for each row of a list that has none of its own, so that a row keeps its fields and
 * the focus in them whatever is written in it.
 */
export function useRowIds(count: number): {
  readonly ids: readonly number[];
  /** To be told of before the row goes, so that the others keep theirs. */
  removed(index: number): void;
} {
  const [ids, setIds] = useState(() => Array.from({ length: count }, (_, i) => -1 - i));
  const missing = count - ids.length;
  // Rows that came or went by another way, an undo say, are told apart from the end.
  const kept = missing > 0 ? [...ids, ...fresh(missing)] : ids.slice(0, count);
  if (missing > 0) setIds(kept);
  return { ids: kept, removed: (index) => setIds(kept.filter((_, i) => i !== index)) };
}
