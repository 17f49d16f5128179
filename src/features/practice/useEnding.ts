'use client';

import { useEffect, useState } from 'react';
import type { DrillGear } from '@/core/drills/drill';
import type { PaperBatch } from '@/core/paper/paperBatch';
import { endingOf, type Chosen, type Ending } from '@/core/paper/play';
import { workerClient } from '@/ui/browser/workerClient';
import type { PaperWorker } from '@/workers/paper.worker';

const paperClient = workerClient<PaperWorker>(
  () => new Worker(new URL('../../workers/paper.worker.ts', import.meta.url), { type: 'module' }),
);

/** What a batch on paper came to; null while it is played out. */
export function useEnding(batch: PaperBatch, gear: DrillGear, chosen: Chosen): Ending | null {
  const [ending, setEnding] = useState<Ending | null>(null);
  useEffect(() => {
    let here = true;
    const tell = (next: Ending) => here && setEnding(next);
    paperClient()
      .then((worker) => worker.ending(batch.seed, gear, chosen))
      // Where the worker cannot be fetched, the page plays it out itself: slower, and all the same.
      .catch(() => endingOf(batch, chosen))
      .then(tell);
    return () => {
      here = false;
    };
  }, [batch, gear, chosen]);
  return ending;
}
