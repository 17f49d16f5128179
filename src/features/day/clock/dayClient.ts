import { workerClient } from '@/ui/browser/workerClient';
import type { DayWorker } from '@/workers/day.worker';

/** The worker that puts a day on the clock. */
export const dayClient = workerClient<DayWorker>(
  () => new Worker(new URL('../../../workers/day.worker.ts', import.meta.url), { type: 'module' }),
);
