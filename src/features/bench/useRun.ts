'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { Happening, RunEvent } from '@/core/run/events';
import { foldRun, type RunState } from '@/core/run/fold';
import { outbox } from './outbox';
import { lineAfter, sendWaiting, serverOf, type Line } from './sync';
import { tapsHere } from './tapsHere';

/** Others' taps are asked for so often, ms. */
const LOOK_MS = 1200;
/** After a failure it waits longer and longer, up to this, ms. */
const MOST_WAIT_MS = 15_000;

/** A run at the bench. */
export interface LiveRun {
  readonly state: RunState;
  readonly line: Line;
  /** Taps that the server does not have yet. */
  readonly waiting: number;
  /** Taps that the server would not take: kept here alone. */
  readonly refused: number;
  /** Whether taps are kept on this device; where not, the page says so. */
  readonly kept: boolean;
  /** Says that something happened; it counts at once. What one tap says is taken back together. */
  happen(...happenings: readonly Happening[]): void;
  /** The last tap here that still stands; empty for none. */
  readonly lastHere: readonly RunEvent[];
  takeBack(): void;
}

/** What happens in a run: tapped here, kept here, sent up in order, and what others tap elsewhere. */
export function useRun(
  run: string,
  given: { readonly events: readonly RunEvent[]; readonly last: number },
  cook: string,
): LiveRun {
  const [events, setEvents] = useState<ReadonlyMap<string, RunEvent>>(
    () => new Map(given.events.map((event) => [event.id, event])),
  );
  const [here, setHere] = useState<readonly string[]>([]);
  const [line, setLine] = useState<Line>('up');
  const [waiting, setWaiting] = useState(0);
  const [refused, setRefused] = useState(0);
  const [kept, setKept] = useState(true);
  const server = useMemo(() => serverOf(run), [run]);
  const sending = useRef<Promise<void> | null>(null);
  const again = useRef(false);

  const merge = useCallback((more: readonly RunEvent[]) => {
    if (more.length === 0) return;
    setEvents((before) => {
      if (more.every(({ id }) => before.has(id))) return before;
      return new Map([...before, ...more.map((event) => [event.id, event] as const)]);
    });
  }, []);

  const send = useCallback((): Promise<void> => {
    if (sending.current) {
      again.current = true;
      return sending.current;
    }
    const all = async () => {
      do {
        again.current = false;
        const stand = await sendWaiting(run, outbox, server);
        setLine(stand.line);
        setWaiting(stand.waiting);
        setRefused((await outbox.refused(run)).length);
      } while (again.current);
    };
    sending.current = all()
      .catch(() => setKept(false))
      .finally(() => {
        sending.current = null;
      });
    return sending.current;
  }, [run, server]);

  useEffect(() => {
    let over = false;
    // What was tapped or seen before a reload, sent or not, is still what happened.
    void outbox.of(run).then(
      (known) => {
        if (over) return;
        merge(known.map(({ event }) => event));
        setHere(known.filter(({ elsewhere }) => !elsewhere).map(({ event }) => event.id));
        void send();
      },
      () => setKept(false),
    );
    return () => {
      over = true;
    };
  }, [merge, run, send]);

  useEffect(() => {
    let last = given.last;
    let wait = LOOK_MS;
    let timer: ReturnType<typeof setTimeout>;
    const look = async () => {
      try {
        if (document.visibilityState === 'visible') {
          await send();
          const more = await server.after(last);
          last = more.last;
          merge(more.events);
          // Where it cannot be kept, the server still has it.
          if (more.events.length > 0) await outbox.seen(run, more.events).catch(() => {});
          setLine('up');
        }
        wait = LOOK_MS;
      } catch (error) {
        setLine(lineAfter(error));
        wait = Math.min(MOST_WAIT_MS, wait * 1.6);
      }
      timer = setTimeout(() => void look(), wait);
    };
    timer = setTimeout(() => void look(), LOOK_MS);
    const now = () => {
      clearTimeout(timer);
      wait = LOOK_MS;
      void look();
    };
    window.addEventListener('online', now);
    document.addEventListener('visibilitychange', now);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('online', now);
      document.removeEventListener('visibilitychange', now);
    };
  }, [given.last, merge, run, send, server]);

  const happen = useCallback(
    (...happenings: readonly Happening[]) => {
      const at = new Date().toISOString();
      const events = happenings.map(
        (happening) => ({ id: newId(), at, ...(cook && { by: cook }), ...happening }) as RunEvent,
      );
      merge(events);
      setHere((before) => [...before, ...events.map(({ id }) => id)]);
      setWaiting((before) => before + events.length);
      tapsHere().write('wait');
      void outbox.add(run, events).then(send, () => {
        // Nothing can be kept here: it goes up at once, or the page says that it did not.
        setKept(false);
        void server.send(events).then(
          () => setWaiting((before) => Math.max(0, before - events.length)),
          (error: unknown) => setLine(lineAfter(error)),
        );
      });
    },
    [cook, merge, run, send, server],
  );

  const state = useMemo(() => foldRun([...events.values()]), [events]);
  const lastHere = useMemo(() => {
    const mine = new Set(here);
    const standing = state.events.filter(({ id, kind }) => mine.has(id) && kind !== 'begun');
    const at = standing.at(-1)?.at;
    return standing.filter((event) => event.at === at);
  }, [here, state]);
  const takeBack = useCallback(
    () => happen(...lastHere.map(({ id }) => ({ kind: 'takenBack' as const, event: id }))),
    [happen, lastHere],
  );
  return { state, line, waiting, refused, kept, happen, lastHere, takeBack };
}
