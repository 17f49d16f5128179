'use client';

import { useEffect, useState } from 'react';

/** So long a choice may stay ahead of what holds it; longer, and it was refused. */
const AHEAD_MS = 2000;

/**
 * What a choice shows: what was just asked for, until what holds it has caught up. A control answers
 * the finger at once, whatever has to be worked out after it.
 */
export function useAnswering<T>(value: T): [shown: T, ask: (want: T) => void] {
  const [asked, setAsked] = useState<{ over: T; want: T } | null>(null);
  // It has caught up: should it go back, as by an undo, that is what is shown.
  if (asked && asked.over !== value) setAsked(null);
  useEffect(() => {
    if (!asked) return;
    const timer = setTimeout(() => setAsked(null), AHEAD_MS);
    return () => clearTimeout(timer);
  }, [asked]);
  return [
    asked && asked.over === value ? asked.want : value,
    (want) => setAsked({ over: value, want }),
  ];
}
