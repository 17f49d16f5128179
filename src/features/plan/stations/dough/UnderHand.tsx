'use client';

import { useState } from 'react';
import { FEELS, whatToDo, type Correction, type Feel } from '@/core/dough/feel';
import { doughUnderHand } from '@/core/plan/model/dough';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown, useWorld } from '../../editor/EditorContext';
import { correctionText, FEEL_NAMES } from '../bowlWords';

/** The cook says what a dough feels like, and is told the small steps; what is done is written down at the bench. */
export default function UnderHand() {
  const { plan, result } = useShown();
  const [feel, setFeel] = useState<Feel | null>(null);
  const steps = feel ? whatToDo(feel, doughUnderHand(plan, result.dough)) : [];
  return (
    <div className="grid gap-4">
      <fieldset>
        <legend className="mb-1">How would it feel?</legend>
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
            <Step key={`${step.kind}${step.amount}`} step={step} first={index === 0} />
          ))}
        </ol>
      )}
      <p className="max-w-prose text-ink-dim">
        Small steps: what is in does not come out. What is done to one batch is written down at its
        bench, and every figure of that batch follows; the plan stays what was planned.
      </p>
    </div>
  );
}

/** One small step, and what it would do to the sums. */
function Step({ step, first }: { step: Correction; first: boolean }) {
  const { tested, result } = useShown();
  const { basis } = useWorld();
  const { text } = useUnits();
  const after = evaluatePlan({ ...tested, made: [step] }, basis).dough;
  const before = result.dough;
  const effect =
    step.kind === 'flourG' || step.kind === 'waterG'
      ? `hydration ${text(before.hydration, 'share')} → ${text(after.hydration, 'share')}`
      : step.kind === 'heldBackG'
        ? 'it is in the recipe already'
        : step.kind === 'restMin'
          ? `spring left ${text(before.ready.relaxationLeft, 'share')} → ${text(after.ready.relaxationLeft, 'share')}`
          : `developed ${text(before.ready.development, 'share')} → ${text(after.ready.development, 'share')}`;
  return (
    <li
      className={`rounded-md border-[1.5px] px-4 py-2 ${first ? 'border-ink bg-board-raised' : 'border-board-line'}`}
    >
      <p>
        <span className="numeral text-lead">{correctionText(step, text)}</span>{' '}
        <span className="text-small text-ink-dim">{effect}</span>
      </p>
      <p>{step.why}</p>
    </li>
  );
}
