'use client';

import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { basisFrom, type BasisParts } from '@/core/basis/basis';
import type { CauseId } from '@/core/faults/causes';
import { knownOf } from '@/core/faults/known';
import type { SignId } from '@/core/faults/signs';
import type { Plan } from '@/core/plan/document/schema';
import type { Quoted } from '@/core/risk/remedy';
import type { RunEvent } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { useAction } from '@/features/actions/useAction';
import { mendPlan } from '@/server/actions/faults';
import { Link } from '@/ui/layout/Link';
import { BOARD_LOOK } from './looks';
import { TracePanel } from './TracePanel';
import { useFinding } from './useFinding';
import { useRemedyText } from './useRemedyText';
import { useTrace } from './useTrace';
import { useTracedInAddress } from './useTracedInAddress';
import { WordsHere } from '@/ui/glossary/WordsHere';

/** What the page is about: a plan, a batch of it, or nothing but what is seen. */
export interface FaultsOf {
  readonly planId: string | null;
  readonly runId: string | null;
  readonly plan: Plan | null;
  readonly basis: BasisParts;
  readonly events: readonly RunEvent[] | null;
  readonly found: Readonly<Partial<Record<CauseId, number>>>;
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
  const trace = useTrace(known, useTracedInAddress());
  const { confirmed, confirm } = useFinding(of.runId, trace.signs);
  const remedyText = useRemedyText(basis.pantry, known);

  const { run } = useAction();
  const mend =
    (planId: string) =>
    (cause: CauseId, { kind }: Quoted) =>
      void run(() => mendPlan({ planId, cause, kind }), {
        then: (to) => router.push(`/plans/${to}`),
      });

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
        onConfirm={confirm}
        confirmed={confirmed}
      />
      <div className="mt-8">
        <WordsHere
          words={['lip', 'mound', 'freeWater', 'openTime', 'benchDust', 'trim', 'springBack']}
        />
      </div>
    </>
  );
}
