'use client';

import { useRouter } from 'next/navigation';
import { useRef, useState, useTransition } from 'react';
import type { Outcome } from '@/server/outcome';
import { say, sayTrouble } from '@/ui/layout/say';

/** Said where a line that is down, or a server that is, leaves an action without an answer. */
export const NO_ANSWER = 'No answer from the server; nothing was changed. Try again.';

/** What follows an action that was done. */
export interface Afterwards<T> {
  /** Said at the foot of the page. */
  readonly done?: string | ((value: T) => string);
  /** Takes it back, where that can be. */
  readonly undo?: (value: T) => Promise<Outcome<unknown>>;
  /** Where it leads; the page is read anew when left out. */
  readonly then?: (value: T) => void;
  /** Words what went wrong; the reason alone when left out. */
  readonly failed?: (error: string, path: string | undefined) => string;
}

/** Actions of the server, as a part of the page runs them. */
export interface Acting {
  /** One is on its way, or the page it leads to is. */
  readonly busy: boolean;
  /** What went wrong last, until the next is run; always null where it is said at the foot of the page. */
  readonly trouble: string | null;
  /** Runs one; while one is on its way nothing else is begun. Gives whether it was done. */
  run<T>(ask: () => Promise<Outcome<T>>, afterwards?: Afterwards<T>): Promise<boolean>;
  /** Says what is wrong before anything is asked of the server. */
  refuse(says: string | null): void;
}

/**
 * Runs actions of the server one at a time. Every way it can end is told: done, refused with its reason, or no
 * answer at all; what was typed stays where it is.
 * @param tells where trouble is told: here, by who shows `trouble`, or by a message at the foot of the page
 * @example const { busy, trouble, run } = useAction({ tells: 'here' });
 */
export function useAction({ tells = 'message' }: { tells?: 'here' | 'message' } = {}): Acting {
  const router = useRouter();
  const [sending, setSending] = useState(false);
  const [leading, lead] = useTransition();
  const [trouble, setTrouble] = useState<string | null>(null);
  // Two taps in one frame are one.
  const begun = useRef(false);
  const refuse = (says: string | null) => {
    if (tells === 'here' || says === null) setTrouble(says);
    else void sayTrouble(says);
  };
  const takeBack = async (undo: () => Promise<Outcome<unknown>>) => {
    const result = await answered(undo());
    if (!result.ok) void sayTrouble(result.error);
    router.refresh();
  };
  return {
    busy: sending || leading,
    trouble,
    refuse,
    async run(ask, { done, undo, then, failed } = {}) {
      if (begun.current) return false;
      begun.current = true;
      setSending(true);
      setTrouble(null);
      const result = await answered(ask());
      begun.current = false;
      setSending(false);
      if (!result.ok) {
        refuse(failed ? failed(result.error, result.path) : result.error);
        return false;
      }
      const { value } = result;
      lead(() => (then ? then(value) : router.refresh()));
      if (done !== undefined) {
        const says = typeof done === 'string' ? done : done(value);
        void say(says, undo && { undo: () => void takeBack(() => undo(value)) });
      }
      return true;
    },
  };
}

/** What an action answered; no answer is one too. `await answered(startPlan(…))` */
export const answered = <T>(asked: Promise<Outcome<T>>): Promise<Outcome<T>> =>
  asked.catch(() => ({ ok: false, error: NO_ANSWER }));
