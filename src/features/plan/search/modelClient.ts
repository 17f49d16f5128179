import { wrap, type Remote } from 'comlink';
import { READY } from '@/workers/ready';
import type { ModelWorker } from '@/workers/model.worker';

/** The one worker of the page, once it listens. */
let client: Promise<Remote<ModelWorker>> | null = null;

/**
 * The worker that answers heavy questions: made when it is first asked, then kept as long as the page
 * lives, so that later questions find it warm. One that could not be fetched is tried for again.
 */
export function modelClient(): Promise<Remote<ModelWorker>> {
  client ??= new Promise((resolve, reject) => {
    const worker = new Worker(new URL('../../../workers/model.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.onerror = () => {
      client = null;
      worker.terminate();
      reject(new Error('The search could not be fetched'));
    };
    worker.onmessage = ({ data }: MessageEvent) => {
      if (data !== READY) return;
      worker.onmessage = null;
      resolve(wrap<ModelWorker>(worker));
    };
  });
  return client;
}
