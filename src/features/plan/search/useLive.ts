'use client';

import type { Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { ModelWorker } from '@/workers/model.worker';
import { modelClient } from './modelClient';

/** What a question last came to. */
export interface Live<T> {
  readonly value: T | null;
  /** It answers an older question than the one asked now. */
  readonly behind: boolean;
  readonly failed: boolean;
}

type Ask<T> = (model: Remote<ModelWorker>) => Promise<T>;

/**
 * A question that follows the hand: asked of the worker whenever it changes, one at a time, the newest
 * next. While an answer is awaited the last one is kept, and said to be behind.
 * @param ask the same function for as long as the question is the same
 */
export function useLive<T>(ask: Ask<T>): Live<T> {
  const [answer, setAnswer] = useState<{ to: Ask<T>; value: T } | null>(null);
  const [failed, setFailed] = useState<Ask<T> | null>(null);
  const wanted = useRef<Ask<T> | null>(null);
  const running = useRef(false);
  useEffect(() => {
    wanted.current = ask;
    if (running.current) return;
    running.current = true;
    const next = async () => {
      while (wanted.current) {
        const now = wanted.current;
        wanted.current = null;
        try {
          const value = await now(await modelClient());
          setAnswer({ to: now, value });
          setFailed(null);
        } catch {
          setFailed(() => now);
        }
      }
      running.current = false;
    };
    void next();
  }, [ask]);
  useEffect(
    () => () => {
      wanted.current = null;
    },
    [],
  );
  return { value: answer?.value ?? null, behind: answer?.to !== ask, failed: failed === ask };
}
