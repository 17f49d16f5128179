import { expose } from 'comlink';
import type { DrillGear } from '../core/drills/drill';
import { paperBatch } from '../core/paper/paperBatch';
import { endingOf, type Chosen, type Ending } from '../core/paper/play';
import { READY } from './ready';

/** A batch on paper is played out apart from the model's other questions: it brings every cause of every fault. */
const questions = {
  /** What a batch came to, and what each of its decisions cost. */
  ending(seed: number, gear: DrillGear, chosen: Chosen): Ending {
    return endingOf(paperBatch(seed, gear), chosen);
  },
};

export type PaperWorker = typeof questions;

expose(questions);
// What is asked before this listens would be lost: the page waits for it.
postMessage(READY);
