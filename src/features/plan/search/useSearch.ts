'use client';

import { proxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { READY } from '@/workers/ready';
import type { OnProgress, SearchWorker } from '@/workers/search.worker';

export type SearchState<T> =
  | { readonly at: 'idle' }
  | { readonly at: 'running'; readonly done: number; readonly of: number }
  | { readonly at: 'failed'; readonly why: string }
  | { readonly at: 'done'; readonly result: T };

/** Resolves when a worker says that it listens. */
const listening = (worker: Worker): Promise<void> =>
  new Promise((resolve) => {
    const hear = ({ data }: MessageEvent) => {
      if (data !== READY) return;
      worker.removeEventListener('message', hear);
      resolve();
    };
    worker.addEventListener('message', hear);
  });

/**
 * A heavy search in a worker of its own, with progress and cancel. A new search, or leaving, ends the
 * one under way.
 */
export function useSearch<T>() {
  const [state, setState] = useState<SearchState<T>>({ at: 'idle' });
  const worker = useRef<Worker | null>(null);
  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => stop, [stop]);

  const start = useCallback(
    (ask: (search: Remote<SearchWorker>, onProgress: OnProgress) => Promise<T>) => {
      stop();
      const own = new Worker(new URL('../../../workers/search.worker.ts', import.meta.url), {
        type: 'module',
      });
      worker.current = own;
      setState({ at: 'running', done: 0, of: 1 });
      const mine = (next: SearchState<T>) => worker.current === own && setState(next);
      own.onerror = () => mine({ at: 'failed', why: 'The search could not be fetched' });
      // Progress comes by another way than the result, and may come after it.
      let over = false;
      const onProgress = proxy<OnProgress>((done, of) => {
        if (!over) mine({ at: 'running', done, of });
      });
      listening(own)
        .then(() => ask(wrap<SearchWorker>(own), onProgress))
        .then((result) => {
          over = true;
          mine({ at: 'done', result });
        })
        .catch((error: unknown) => {
          over = true;
          mine({ at: 'failed', why: error instanceof Error ? error.message : String(error) });
        })
        .finally(() => own.terminate());
    },
    [stop],
  );
  const cancel = useCallback(() => {
    stop();
    setState({ at: 'idle' });
  }, [stop]);
  return { state, start, cancel };
}
