'use client';

import { proxy, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { ModelWorker, OnProgress } from '@/workers/model.worker';
import { modelClient } from './modelClient';

export type SearchState<T> =
  | { readonly at: 'idle' }
  | { readonly at: 'running'; readonly done: number; readonly of: number }
  | { readonly at: 'failed'; readonly why: string }
  | { readonly at: 'done'; readonly result: T };

/**
 * A heavy question to the page's worker, with progress and cancel. The newest question wins: what an
 * older one still answers is not listened to.
 */
export function useSearch<T>() {
  const [state, setState] = useState<SearchState<T>>({ at: 'idle' });
  const newest = useRef(0);
  useEffect(
    () => () => {
      newest.current += 1;
    },
    [],
  );

  const start = useCallback(
    (ask: (model: Remote<ModelWorker>, onProgress: OnProgress) => Promise<T>) => {
      newest.current += 1;
      const own = newest.current;
      let over = false;
      const mine = (next: SearchState<T>) => {
        if (newest.current === own) setState(next);
      };
      setState({ at: 'running', done: 0, of: 1 });
      // Progress comes by another way than the result, and may come after it.
      const onProgress = proxy<OnProgress>((done, of) => {
        if (!over) mine({ at: 'running', done, of });
      });
      modelClient()
        // One that was overtaken while the worker was fetched is not asked at all.
        .then((model) => (newest.current === own ? ask(model, onProgress) : null))
        .then((result) => {
          over = true;
          if (result !== null) mine({ at: 'done', result });
        })
        .catch((error: unknown) => {
          over = true;
          mine({ at: 'failed', why: error instanceof Error ? error.message : String(error) });
        });
    },
    [],
  );
  const cancel = useCallback(() => {
    newest.current += 1;
    setState({ at: 'idle' });
  }, []);
  return { state, start, cancel };
}
