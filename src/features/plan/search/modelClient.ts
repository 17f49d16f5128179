import { workerClient } from '@/ui/browser/workerClient';
import type { ModelWorker } from '@/workers/model.worker';

/** The worker that answers heavy questions about a plan. */
export const modelClient = workerClient<ModelWorker>(
  () =>
    new Worker(new URL('../../../workers/model.worker.ts', import.meta.url), { type: 'module' }),
);
