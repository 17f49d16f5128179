'use client';

import { useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import { causeOf, type CauseId } from '@/core/faults/causes';
import type { SignId } from '@/core/faults/signs';
import type { RunEvent } from '@/core/run/events';
import { serverOf } from '@/features/bench/sync';
import { keepFinding } from '@/server/actions/faults';
import { say, sayTrouble } from '@/ui/layout/say';

/** The cause that a cook settled on, kept so that it counts next time. Another one takes its place. */
export function useFinding(
  runId: string | null,
  signs: readonly SignId[],
): { readonly confirmed: CauseId | null; confirm(cause: CauseId): void } {
  const [confirmed, setConfirmed] = useState<CauseId | null>(null);
  const kept = useRef<(() => Promise<void>) | null>(null);
  const settle = async (cause: CauseId) => {
    if (confirmed === cause) return;
    const before = confirmed;
    setConfirmed(cause);
    try {
      await kept.current?.();
      const undo = await keep(runId, cause, signs);
      kept.current = undo;
      void say(`Kept: ${causeOf(cause).name.toLowerCase()}. It counts next time.`, {
        undo: () => {
          setConfirmed(null);
          kept.current = null;
          void undo().catch(() => sayTrouble('No answer from the server; it still counts.'));
        },
      });
    } catch (error) {
      setConfirmed(before);
      void sayTrouble(error instanceof Error ? error.message : 'It could not be kept.');
    }
  };
  return { confirmed, confirm: (cause) => void settle(cause) };
}

/** Puts a cause into the log, of the batch where there is one. Gives the way to take it back. */
async function keep(
  runId: string | null,
  cause: CauseId,
  signs: readonly SignId[],
): Promise<() => Promise<void>> {
  if (runId) {
    const event = (rest: object) =>
      ({ id: newId(), at: new Date().toISOString(), ...rest }) as RunEvent;
    const traced = event({ kind: 'traced', cause, signs });
    await serverOf(runId).send([traced]);
    return async () => {
      await serverOf(runId).send([event({ kind: 'takenBack', event: traced.id })]);
    };
  }
  const made = await keepFinding({ cause });
  if (!made.ok) throw new Error(made.error);
  return async () => {
    await keepFinding({ cause, back: true });
  };
}
