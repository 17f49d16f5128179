'use client';

import { useMemo, useState } from 'react';
import { isCause, type CauseId } from '@/core/faults/causes';
import { knownOf } from '@/core/faults/known';
import type { SignId } from '@/core/faults/signs';
import type { Stage } from '@/core/faults/stages';
import type { StepId } from '@/core/run/events';
import { BENCH_LOOK } from '@/features/faults/looks';
import { TracePanel } from '@/features/faults/TracePanel';
import { useRemedyText } from '@/features/faults/useRemedyText';
import { useTrace, useTracedHere } from '@/features/faults/useTrace';
import { mendPlan } from '@/server/actions/faults';
import { useBench } from './BenchContext';
import { useTrouble } from './TroubleContext';

/** Where each step of the bench lies in the work. */
const STAGE_OF: Readonly<Record<StepId, Stage>> = {
  weigh: 'dough',
  knead: 'dough',
  rest: 'dough',
  filling: 'filling',
  cool: 'filling',
  portion: 'sheet',
  roll: 'sheet',
  fill: 'shape',
  trays: 'tray',
  hold: 'tray',
  boil: 'pot',
  plate: 'pot',
  close: 'end',
};

const sameSigns = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((each) => b.includes(each));

/** What went wrong, asked where it happens. What is found goes into the run; it works without a line. */
export function TroublePanel({ step, signs }: { step: StepId; signs: readonly SignId[] }) {
  const { given, basis, state, happen } = useBench();
  const { close } = useTrouble();
  const [said, setSaid] = useState<{ text: string; warns: boolean } | null>(null);
  const known = useMemo(
    () => knownOf({ plan: given.plan, run: state, found: given.found, basis }),
    [given, state, basis],
  );
  const stage = STAGE_OF[step];
  // Closing looks back: what was seen tells where it was.
  const trace = useTrace(known, useTracedHere(signs), stage === 'end' ? undefined : stage);
  const remedyText = useRemedyText(basis.pantry, known);
  const last = state.traced.at(-1)?.cause;
  const confirmed = last !== undefined && isCause(last) ? last : null;
  const mend = async (cause: CauseId, kind: string, does: string) => {
    const made = await mendPlan({ planId: given.planId, cause, kind }).catch(() => null);
    setSaid(
      made?.ok
        ? { text: `The plan is changed for next time: ${does}`, warns: false }
        : { text: made?.error ?? 'No line: the plan is as it was.', warns: true },
    );
  };
  return (
    <section aria-label="Something is wrong" className="grid grid-cols-[minmax(0,1fr)] gap-6">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h2>
          <b>{trace.report ? 'What went wrong?' : 'What do you see?'}</b>
        </h2>
        <button type="button" className="bench-chip" onClick={close}>
          Back to the work
        </button>
      </div>
      {said && (
        <p role="status" className={said.warns ? 'bench-warn' : ''}>
          {said.text}
        </p>
      )}
      <TracePanel
        trace={trace}
        look={BENCH_LOOK}
        now={stage}
        remedyText={remedyText}
        onMend={(cause, remedy) => void mend(cause, remedy.kind, remedyText(remedy))}
        onConfirm={(cause) => {
          if (confirmed === cause) return;
          // Another cause for the same takes the place of the first.
          const before = state.traced.filter(({ signs }) => sameSigns(signs, trace.signs));
          happen(...before.map(({ id }) => ({ kind: 'takenBack' as const, event: id })), {
            kind: 'traced',
            cause,
            signs: [...trace.signs],
          });
        }}
        confirmed={confirmed}
      />
    </section>
  );
}
