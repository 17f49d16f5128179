import { wrap, type Remote } from 'comlink';
import { READY } from '@/workers/ready';

/**
 * One worker of a page, made when it is first asked for and kept as long as the page lives, so that later
 * questions find it warm. One that could not be fetched is tried for again.
 */
export function workerClient<T>(make: () => Worker): () => Promise<Remote<T>> {
  let client: Promise<Remote<T>> | null = null;
  return () =>
    (client ??= new Promise((resolve, reject) => {
      const worker = make();
      worker.onerror = () => {
        client = null;
        worker.terminate();
        reject(new Error('The search could not be fetched'));
      };
      worker.onmessage = ({ data }: MessageEvent) => {
        if (data !== READY) return;
        worker.onmessage = null;
        resolve(wrap<T>(worker));
      };
    }));
}
