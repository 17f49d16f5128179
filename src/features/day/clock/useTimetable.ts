'use client';

import { proxy } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Basis, BasisParts } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import type { Day } from '@/core/schedule/document/day';
import type { Solved } from '@/core/schedule/engine/solve';
import type { Progress } from '@/core/schedule/tasks/taskList';
import { dayWork, type DayWork } from '@/core/schedule/tasks/work';
import { timetableOf, type Timetable } from '@/core/schedule/timetable/timetable';
import { useUnits } from '@/ui/units/UnitsContext';
import { dayClient } from './dayClient';

/** A day on the clock as the page shows it. */
export interface OnClock {
  readonly work: DayWork;
  readonly solved: Solved;
  readonly timetable: Timetable;
  /** All could be ready so much sooner; undefined while it is looked for, null when no hour would do. */
  readonly soonerMin: number | null | undefined;
}

export interface TimetableState {
  /** The last one there is, of an older day while a newer one is solved. */
  readonly shown: OnClock | null;
  readonly busy: boolean;
  readonly failed: string | null;
}

/** A timetable before it is written in the reader's units. */
interface Found extends Omit<TimetableState, 'shown'> {
  readonly found: Omit<OnClock, 'timetable'> | null;
}

/** A page that opens waits so long for the best timetable, ms, rather than move its blocks under the eye. */
const PATIENCE_MS = 1500;

/** Changes of a field typed in a row are one question, ms. */
const QUIET_MS = 120;

const NO_PROGRESS: Progress = {};

/**
 * Puts a day on the clock in the worker: a page that opens shows the best timetable, where that is soon found;
 * a changed day its first at once and better ones as they are found. The newest day wins; what is shown stays
 * until there is something to take its place.
 * @param progress what is done, and what stood; left out for a day as it was planned
 */
export function useTimetable(
  day: Day,
  plans: ReadonlyMap<string, Plan>,
  {
    parts,
    basis,
    progress = NO_PROGRESS,
    wanted = true,
  }: { parts: BasisParts; basis: Basis; progress?: Progress; wanted?: boolean },
): TimetableState {
  const [state, setState] = useState<Found>({ found: null, busy: wanted, failed: null });
  const { text } = useUnits();
  const newest = useRef(0);
  const opens = useRef(true);
  // Names and notes move nothing on the clock.
  const asked = useMemo(() => JSON.stringify({ ...day, name: '', note: '' }), [day]);
  useEffect(() => {
    if (!wanted) return;
    newest.current += 1;
    const own = newest.current;
    const mine = () => newest.current === own;
    const timer = setTimeout(() => {
      setState((last) => ({ ...last, busy: true, failed: null }));
      const work = dayWork(day, plans, basis, progress);
      const question = { day, plans: [...plans], basis: parts, progress };
      const since = performance.now();
      const show = (solved: Solved, soonerMin: OnClock['soonerMin'], busy: boolean) => {
        const waits = opens.current && busy;
        if (!mine() || (waits && performance.now() - since < PATIENCE_MS)) return;
        opens.current = false;
        setState({ found: { work, solved, soonerMin }, busy, failed: null });
      };
      let over = false;
      // A better one comes by another way than the last, and may come after it.
      const onBetter = proxy((solved: Solved) => {
        if (!over) show(solved, undefined, true);
      });
      const ask = async () => {
        const worker = await dayClient();
        if (!mine()) return;
        const solved = await worker.solve(question, onBetter);
        over = true;
        if (!solved || !mine()) return;
        show(solved, undefined, false);
        const sooner = await worker.sooner(question, solved.breaches.length === 0);
        show(solved, sooner, false);
      };
      ask().catch((error: unknown) => {
        over = true;
        if (!mine()) return;
        const failed = error instanceof Error ? error.message : String(error);
        setState((last) => ({ ...last, busy: false, failed }));
      });
    }, QUIET_MS);
    return () => {
      clearTimeout(timer);
      newest.current += 1;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `asked` stands for the day
  }, [asked, plans, basis, parts, progress, wanted]);
  const { found, busy, failed } = state;
  const shown = useMemo(
    () => found && { ...found, timetable: timetableOf(found.work, found.solved, text) },
    [found, text],
  );
  return { shown, busy, failed };
}
