'use client';

import { v4 as newId } from 'uuid';
import { useCallback, useEffect, useState } from 'react';
import { drawerIn } from '@/ui/browser/drawer';

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

/**
 * The entry being typed, kept on this device so that a reload loses nothing.
 * @param written the entry that is being put right; a new one when left out
 */
export function useLogDraft(planId: string, written?: LogDraft) {
  const key = `mortar-log-${planId}${written ? `-${written.id}` : ''}`;
  // The server does not know the day here nor the draft: both come in after the first paint.
  const [draft, setState] = useState<LogDraft>(() => written ?? emptyDraft('', ''));
  useEffect(() => {
    const fresh = written ?? emptyDraft(newId(), dayOf(new Date()));
    let kept: LogDraft | null = null;
    try {
      kept = JSON.parse(drawerIn(() => localStorage, key).read() ?? 'null') as LogDraft | null;
    } catch {
      // Unreadable: start afresh.
    }
    // eslint-disable-next-line react-hooks/set-state-in-effect -- known only in the browser
    setState({ ...fresh, ...kept });
    // The entry itself is what was written when the form opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- by its key alone
  }, [key]);
  const setDraft = useCallback(
    (next: LogDraft) => {
      setState(next);
      drawerIn(() => localStorage, key).write(JSON.stringify(next));
    },
    [key],
  );
  const clear = useCallback(() => {
    drawerIn(() => localStorage, key).clear();
    setState(emptyDraft(newId(), dayOf(new Date())));
  }, [key]);
  return { draft, setDraft, clear };
}
