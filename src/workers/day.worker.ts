import { expose } from 'comlink';
import { basisFrom, type BasisParts } from '../core/basis/basis';
import type { Plan } from '../core/plan/document/schema';
import type { Day } from '../core/schedule/document/day';
import { readySooner } from '../core/schedule/engine/ready';
import type { Solved } from '../core/schedule/engine/solve';
import type { Progress } from '../core/schedule/tasks/taskList';
import { dayWork } from '../core/schedule/tasks/work';
import { searchHands, type HandsCurve } from '../core/schedule/timetable/handsCurve';
import { searchMends, type Mend } from '../core/schedule/timetable/mends';
import { DAY_TRIES, searchDay } from '../core/schedule/timetable/solveDay';
import { READY } from './ready';

/** A day with all it is worked out on, as it goes to the worker. */
export interface DayQuestion {
  readonly day: Day;
  readonly plans: readonly (readonly [string, Plan])[];
  readonly basis: BasisParts;
  readonly progress: Progress;
}

/** Schedules looked at for the rest of a day that is under way. */
const AGAIN_TRIES = 400;

/** The question that was asked last: older ones are given up. */
let newest = 0;

/** Lets what was asked meanwhile be heard. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** Goes through to the end, unless a newer day is to be solved. */
async function drained<T>(steps: Generator<void, T>): Promise<T | null> {
  const own = newest;
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
    await breathe();
    if (own !== newest) return null;
  }
}

const questions = {
  /** Puts a day on the clock: the first timetable at once, better ones as they are found; null when overtaken. */
  async solve(
    { day, plans, basis, progress }: DayQuestion,
    onBetter: (solved: Solved) => void,
  ): Promise<Solved | null> {
    newest += 1;
    const own = newest;
    const work = dayWork(day, new Map(plans), basisFrom(basis), progress);
    // What is under way is answered at once; it only changes what it must.
    const tries = progress.done ? AGAIN_TRIES : DAY_TRIES;
    for (const { solved, better, last } of searchDay(work, { tries })) {
      if (last) return solved;
      if (better) onBetter(solved);
      await breathe();
      if (own !== newest) return null;
    }
    return null;
  },
  /** How much sooner all could be ready; below 0 it is so much late; null when no hour would do. */
  sooner({ day, plans, basis, progress }: DayQuestion, feasible: boolean): number | null {
    return readySooner(dayWork(day, new Map(plans), basisFrom(basis), progress).problem, feasible);
  },
  /** Changes that would mend it; null when another day was asked about meanwhile. */
  mends({ day, plans, basis }: DayQuestion): Promise<Mend[] | null> {
    return drained(searchMends(day, new Map(plans), basisFrom(basis)));
  },
  /** The day with fewer hands and with more; null when another was asked about meanwhile. */
  hands({ day, plans, basis }: DayQuestion): Promise<HandsCurve | null> {
    return drained(searchHands(day, new Map(plans), basisFrom(basis)));
  },
};

export type DayWorker = typeof questions;

expose(questions);
// What is asked before this listens would be lost: the page waits for it.
postMessage(READY);
