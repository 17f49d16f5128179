'use client';

import { useCallback, useEffect, useState } from 'react';

/** A log entry as typed, before it is read. */
export interface LogDraft {
  readonly id: string;
  readonly madeOn: string;
  readonly cook: string;
  readonly pieces: string;
  readonly burst: string;
  readonly doughLeftG: string;
  readonly fillingLeftG: string;
  readonly thicknessMm: string;
  readonly doseG: string;
  readonly note: string;
}

/** A day as 2026-11-24, by the clock on the wall here. */
export const dayOf = (date: Date): string =>
  [date.getFullYear(), date.getMonth() + 1, date.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');

export const emptyDraft = (id: string, madeOn: string): LogDraft => ({
  id,
  madeOn,
  cook: '',
  pieces: '',
  burst: '0',
  doughLeftG: '0',
  fillingLeftG: '0',
  thicknessMm: '',
  doseG: '',
  note: '',
});

/** The entry being typed, kept on this device so that a reload loses nothing. */
export function useLogDraft(planId: string) {
  const key = `mortar-log-${planId}`;
  // The server does not know the day here nor the draft: both come in after the first paint.
  const [draft, setState] = useState<LogDraft>(() => emptyDraft('', ''));
  useEffect(() => {
    const fresh = emptyDraft(crypto.randomUUID(), dayOf(new Date()));
    let kept: LogDraft | null = null;
    try {
      kept = JSON.parse(localStorage.getItem(key) ?? 'null') as LogDraft | null;
    } catch {
      // Unreadable: start afresh.
    }
    // eslint-disable-next-line react-hooks/set-state-in-effect -- known only in the browser
    setState({ ...fresh, ...kept });
  }, [key]);
  const setDraft = useCallback(
    (next: LogDraft) => {
      setState(next);
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // Storage full or forbidden: the form itself still holds it.
      }
    },
    [key],
  );
  const clear = useCallback(() => {
    localStorage.removeItem(key);
    setState(emptyDraft(crypto.randomUUID(), dayOf(new Date())));
  }, [key]);
  return { draft, setDraft, clear };
}
