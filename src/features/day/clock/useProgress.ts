'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { localMomentIn, systemZone } from '@/core/kitchen/localTime';
import { minuteOf } from '@/core/schedule/document/clock';
import type { RunEvent } from '@/core/run/events';
import type { DayMark, Marking } from '@/core/schedule/document/marks';

/** How far a day has come, as the server tells it. */
export interface ToldProgress {
  readonly marks: readonly DayMark[];
  readonly runs: readonly {
    readonly service: string;
    readonly runId: string;
    readonly events: readonly RunEvent[];
  }[];
  readonly edition: number;
  readonly version: string;
}

/** Others' marks and taps are asked for so often, ms. */
const FOLLOW_MS = 2500;
/** The clock of the day moves on so often: what is late is reckoned with anew, ms. */
const CLOCK_MS = 60_000;

const NOTHING: ToldProgress = { marks: [], runs: [], edition: 0, version: '' };

/** Minutes of a day's own clock, by the kitchen's wall; by the device of whoever looks where no zone is set. */
export const minuteOfDay = (at: Date, date: string, timeZone = systemZone()): number =>
  minuteOf(localMomentIn(at, timeZone), date);

/**
 * Follows how far a day has come, here and on other devices; marks made here show at once, and are sent until
 * they arrive.
 */
export function useProgress(dayId: string) {
  const [told, setTold] = useState<ToldProgress>(NOTHING);
  const [waiting, setWaiting] = useState<readonly DayMark[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [now, setNow] = useState<Date | null>(null);
  const known = useRef('');
  const queue = useRef<readonly DayMark[]>([]);
  const url = `/api/days/${encodeURIComponent(dayId)}/marks`;

  const follow = useCallback(async () => {
    try {
      if (queue.current.length > 0) {
        const marks = queue.current;
        const sent = await fetch(url, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ marks }),
        });
        if (!sent.ok) {
          const body = (await sent.json().catch(() => ({}))) as { error?: string };
          // What is refused is not sent for ever; it is said, and shown as not done.
          if (sent.status < 500) {
            queue.current = queue.current.filter((mark) => !marks.includes(mark));
            setWaiting(queue.current);
          }
          setTrouble(body.error ?? 'The mark could not be kept.');
          return;
        }
        queue.current = queue.current.filter((mark) => !marks.includes(mark));
      }
      const response = await fetch(`${url}?known=${encodeURIComponent(known.current)}`);
      if (!response.ok) return;
      const answer = (await response.json()) as ToldProgress | { same: true };
      if (!('same' in answer)) {
        known.current = answer.version;
        setTold(answer);
      }
      setWaiting(queue.current);
      setTrouble(null);
    } catch {
      if (queue.current.length > 0) setTrouble('No line: what was marked waits on this device.');
    }
  }, [url]);

  useEffect(() => {
    // The reader's own clock is not the server's: it begins once the page is here.
    const start = setTimeout(() => {
      setNow(new Date());
      void follow();
    }, 0);
    const clock = setInterval(() => setNow(new Date()), CLOCK_MS);
    const again = setInterval(() => {
      if (document.visibilityState === 'visible') void follow();
    }, FOLLOW_MS);
    return () => {
      clearTimeout(start);
      clearInterval(clock);
      clearInterval(again);
    };
  }, [follow]);

  const mark = useCallback(
    (marking: Marking, by?: string): string => {
      const id = uuid();
      const made: DayMark = {
        id,
        at: new Date().toISOString(),
        ...(by && { by }),
        ...marking,
      };
      queue.current = [...queue.current, made];
      setWaiting(queue.current);
      void follow();
      return id;
    },
    [follow],
  );
  const marks = useMemo(() => [...told.marks, ...waiting], [told.marks, waiting]);
  return { marks, runs: told.runs, edition: told.edition, now, trouble, mark };
}
