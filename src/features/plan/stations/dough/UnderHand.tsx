'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import { FEELS, whatToDo, type Correction, type Feel } from '@/core/dough/feel';
import { doughUnderHand } from '@/core/plan/model/dough';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, usePlan, useShown, useWorld } from '../../editor/EditorContext';
import { correctionText, FEEL_NAMES } from '../bowlWords';

type Recorded = Plan['dough']['corrections'][number];

const withCorrections = (plan: Plan, change: (made: Recorded[]) => Recorded[]): Plan => ({
  ...plan,
  dough: { ...plan.dough, corrections: change(plan.dough.corrections) },
});

/** The cook says what the dough feels like, gets a small step, and records it as made. */
export default function UnderHand() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const [feel, setFeel] = useState<Feel | null>(null);
  const steps = feel ? whatToDo(feel, doughUnderHand(plan, result.dough)) : [];
  return (
    <div className="grid gap-4">
      <fieldset>
        <legend className="mb-1">How does it feel now?</legend>
        <div className="flex flex-wrap gap-2">
          {FEELS.map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={feel === each}
              className={`btn ${feel === each ? 'btn-strong' : ''}`}
              onClick={() => setFeel(feel === each ? null : each)}
            >
              {FEEL_NAMES[each]}
            </button>
          ))}
        </div>
      </fieldset>
      {feel && (
        <ol className="grid gap-2" aria-label={`What to do about: ${FEEL_NAMES[feel]}`}>
          {steps.map((step, index) => (
            <Step
              key={`${step.kind}${step.amount}`}
              step={step}
              first={index === 0}
              onDone={() =>
                edit((p) =>
                  withCorrections(p, (made) => [
                    ...made,
                    { feel, kind: step.kind, amount: step.amount },
                  ]),
                )
              }
            />
          ))}
        </ol>
      )}
      <Made />
    </div>
  );
}

/** One small step, what it does to the sums, and a button to record it. */
function Step({ step, first, onDone }: { step: Correction; first: boolean; onDone(): void }) {
  const { plan, result } = useShown();
  const { basis } = useWorld();
  const { text } = useUnits();
  const after = evaluatePlan(
    withCorrections(plan, (made) => [
      ...made,
      { feel: 'sticky', kind: step.kind, amount: step.amount },
    ]),
    basis,
  ).dough;
  const before = result.dough;
  const effect =
    step.kind === 'flourG' || step.kind === 'waterG'
      ? `hydration ${text(before.hydration, 'share')} → ${text(after.hydration, 'share')}`
      : step.kind === 'restMin'
        ? `spring left ${text(before.ready.relaxationLeft, 'share')} → ${text(after.ready.relaxationLeft, 'share')}`
        : `developed ${text(before.ready.development, 'share')} → ${text(after.ready.development, 'share')}`;
  return (
    <li
      className={`grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 rounded-md border-[1.5px] px-4 py-2 ${first ? 'border-ink bg-board-raised' : 'border-board-line'}`}
    >
      <div>
        <p>
          <span className="numeral text-lead">{correctionText(step, text)}</span>{' '}
          <span className="text-small text-ink-dim">{effect}</span>
        </p>
        <p>{step.why}</p>
      </div>
      <button type="button" className={`btn ${first ? 'btn-strong' : ''}`} onClick={onDone}>
        Done
      </button>
    </li>
  );
}

function Made() {
  const dough = usePlan((plan) => plan.dough);
  const { edit } = useEdit();
  const { text } = useUnits();
  const { corrections } = dough;
  if (corrections.length === 0) {
    return (
      <p className="text-small text-ink-dim">
        What you do is written down here, and every figure of this batch follows. Small steps: what
        is in does not come out.
      </p>
    );
  }
  return (
    <section aria-label="Corrections made">
      <h3 className="flex items-center justify-between gap-3">
        Done to this batch
        <button
          type="button"
          className="btn"
          onClick={() => edit((p) => withCorrections(p, () => []))}
        >
          A fresh batch
        </button>
      </h3>
      <ol>
        {corrections.map((each, index) => (
          <li
            key={index}
            className="flex items-center justify-between gap-3 border-b border-board-line"
          >
            <span>
              <span className="text-ink-dim">{FEEL_NAMES[each.feel]}:</span>{' '}
              <b>{correctionText(each, text)}</b>
            </span>
            <button
              type="button"
              aria-label={`Take back: ${correctionText(each, text)}`}
              className="flex h-[44px] w-[44px] items-center justify-center rounded-md text-ink-dim hover:bg-band hover:text-ink"
              onClick={() =>
                edit((p) => withCorrections(p, (made) => made.filter((_, i) => i !== index)))
              }
            >
              <X size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
