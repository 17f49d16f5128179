'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import { basisFrom, type BasisParts } from '@/core/basis/basis';
import { causeOf, type CauseId } from '@/core/faults/causes';
import { knownOf } from '@/core/faults/known';
import type { SignId } from '@/core/faults/signs';
import type { Plan } from '@/core/plan/document/schema';
import type { Quoted } from '@/core/risk/remedy';
import type { RunEvent } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { serverOf } from '@/features/bench/sync';
import { keepFinding, mendPlan } from '@/server/actions/faults';
import { Link } from '@/ui/layout/Link';
import { say, sayTrouble } from '@/ui/layout/say';
import { BOARD_LOOK } from './looks';
import { TracePanel } from './TracePanel';
import { useRemedyText } from './useRemedyText';
import { useTrace } from './useTrace';

/** What the page is about: a plan, a batch of it, or nothing but what is seen. */
export interface FaultsOf {
  readonly planId: string | null;
  readonly runId: string | null;
  readonly plan: Plan | null;
  readonly basis: BasisParts;
  readonly events: readonly RunEvent[] | null;
  readonly found: Readonly<Partial<Record<CauseId, number>>>;
  /** Signs already named. */
  readonly signs: readonly SignId[];
}

/** From what is seen to its likeliest cause, in this plan, in this batch. */
export function FaultsPage({ of, offered }: { of: FaultsOf; offered?: readonly SignId[] }) {
  const router = useRouter();
  const basis = useMemo(() => basisFrom(of.basis), [of.basis]);
  const known = useMemo(
    () =>
      knownOf({
        plan: of.plan ?? undefined,
        run: of.events && foldRun(of.events),
        found: of.found,
        basis,
      }),
    [of, basis],
  );
  const trace = useTrace(known, { first: of.signs });
  const [confirmed, setConfirmed] = useState<CauseId | null>(null);
  const kept = useRef<(() => Promise<void>) | null>(null);
  const remedyText = useRemedyText(basis.pantry, known);

  const confirm = async (cause: CauseId) => {
    if (confirmed === cause) return;
    const before = confirmed;
    setConfirmed(cause);
    try {
      // Another cause for the same takes the place of the first.
      await kept.current?.();
      const undo = await keep(of.runId, cause, trace.signs);
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

  const mend = (planId: string) => async (cause: CauseId, remedy: Quoted) => {
    const made = await mendPlan({ planId, cause, kind: remedy.kind }).catch(() => null);
    if (made?.ok) router.push(`/plans/${made.value}`);
    else void sayTrouble(made?.error ?? 'No answer from the server; the plan is as it was.');
  };

  return (
    <>
      <p className="text-ink-dim">
        {of.plan && of.planId ? (
          <>
            {of.runId ? (
              <Link className="link" href={`/logbook/${of.runId}`}>
                A batch
              </Link>
            ) : (
              'The plan'
            )}{' '}
            of{' '}
            <Link className="link" href={`/plans/${of.planId}`}>
              {of.plan.name}
            </Link>
          </>
        ) : (
          'Without a plan: what is usual everywhere. From a plan or a batch it knows more.'
        )}
      </p>
      <h1 className="font-display text-[2rem] leading-tight">What went wrong?</h1>
      <p className="mt-1 mb-5 max-w-[42rem]">
        {trace.report
          ? 'Answer what you can; “I don’t know” is an answer too.'
          : 'Tap what you see. What can still be saved comes first, then why.'}
      </p>
      <TracePanel
        trace={trace}
        look={BOARD_LOOK}
        {...(offered && { signs: offered })}
        remedyText={remedyText}
        onMend={of.planId ? mend(of.planId) : undefined}
        onConfirm={(cause) => void confirm(cause)}
        confirmed={confirmed}
      />
    </>
  );
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
