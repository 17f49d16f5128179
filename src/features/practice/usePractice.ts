'use client';

import { useEffect, useSyncExternalStore } from 'react';
import * as z from 'zod';
import { drillAnswerSchema } from '@/core/drills/skill';
import { cookHere } from '@/features/bench/cookHere';
import { drawerIn } from '@/ui/browser/drawer';
import {
  createPractice,
  type Practice,
  type PracticeServer,
  type PracticeStore,
} from './practiceStore';

const answersSchema = z.object({ answers: z.array(drillAnswerSchema) });

const server: PracticeServer = {
  async exchange(cook, answers) {
    const response = await fetch('/api/practice', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ cook, answers }),
    });
    // What is no answer, and what a key for looking sends, is kept on this device alone.
    if (response.status === 400 || response.status === 403) return null;
    if (!response.ok) throw new Error(`The kitchen answers ${response.status}`);
    return answersSchema.parse(await response.json()).answers;
  },
};

let store: PracticeStore | null = null;

/** The practice of this device: one for as long as the page lives. */
export const practice = (): PracticeStore =>
  (store ??= createPractice(
    drawerIn(() => localStorage, 'mortar-practice'),
    server,
    // Whoever stands at this device's bench.
    { cook: cookHere().read() ?? '' },
  ));

const NOTHING: Practice = { cook: '', answers: [], waiting: [] };

/** What this device knows of its cook's practice, and the kitchen too once it has been asked. */
export function usePractice(): Practice {
  const state = useSyncExternalStore(
    (onChange) => practice().subscribe(onChange),
    () => practice().read(),
    () => NOTHING,
  );
  useEffect(() => {
    const ask = () => void practice().exchange();
    ask();
    window.addEventListener('online', ask);
    return () => window.removeEventListener('online', ask);
  }, []);
  return state;
}
