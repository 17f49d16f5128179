import { basisWith } from '../core/basis/basis';
import { expose } from 'comlink';
import { pantryWith, type PantryRows } from '../core/composition/pantry';
import { compareShapes, type ShapeOutcome } from '../core/plan/questions/compareShapes';
import { searchHeats, type HeatOption, type HeatSearch } from '../core/plan/questions/heatSearch';
import type { Plan } from '../core/plan/document/schema';
import { READY } from './ready';

/** Told how far a search is: done, of how many. */
export type OnProgress = (done: number, of: number) => void;

/** What is too heavy to be asked on the page. A further question is one more function. */
const questions = {
  searchHeats(
    plan: Plan,
    rows: PantryRows,
    bands: Omit<HeatSearch, 'onProgress'>,
    onProgress: OnProgress,
  ): HeatOption[] {
    return searchHeats(plan, basisWith(pantryWith(rows)), {
      ...bands,
      onProgress: nowAndThen(onProgress),
    });
  },
  compareShapes(plan: Plan, rows: PantryRows, onProgress: OnProgress): ShapeOutcome[] {
    return compareShapes(plan, basisWith(pantryWith(rows)), nowAndThen(onProgress));
  },
};

/** Tells of progress no more often than it can be seen. */
function nowAndThen(tell: OnProgress): OnProgress {
  let last = 0;
  return (done, of) => {
    const now = performance.now();
    if (now - last < 50 && done < of) return;
    last = now;
    tell(done, of);
  };
}

export type ModelWorker = typeof questions;

expose(questions);
// What is asked before this listens would be lost: the page waits for it.
postMessage(READY);
