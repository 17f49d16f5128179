'use client';

import { useState } from 'react';
import { FEELS, whatToDo, type Feel } from '@/core/dough/feel';
import { doughUnderHand } from '@/core/plan/model/dough';
import { correctionText, FEEL_NAMES } from '@/features/plan/stations/bowlWords';
import { useBench } from './BenchContext';

/** The cook says how the dough feels, and gets one small step at a time. */
export function FeelPanel() {
  const { planNow, resultNow, bench, happen, state } = useBench();
  const [feel, setFeel] = useState<Feel | null>(null);
  const steps = feel ? whatToDo(feel, doughUnderHand(planNow, resultNow.dough)) : [];
  return (
    <section aria-label="Under the hand" className="grid gap-4">
      <div className="bench-keys" role="group" aria-label="How does it feel?">
        {FEELS.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={feel === each}
            className="bench-key"
            onClick={() => setFeel(feel === each ? null : each)}
          >
            <b>{FEEL_NAMES[each]}</b>
          </button>
        ))}
      </div>
      {feel && (
        <ol className="grid gap-3" aria-label={`What to do about: ${FEEL_NAMES[feel]}`}>
          {steps.map((step, i) => (
            <li key={`${step.kind}${step.amount}`} className="bench-panel">
              <p>
                <b>{correctionText(step, bench.write)}.</b> {step.why}
              </p>
              <button
                type="button"
                className={`bench-key ${i === 0 ? 'bench-key-strong' : ''}`}
                onClick={() => {
                  happen({ kind: 'corrected', feel, did: step.kind, amount: step.amount });
                  setFeel(null);
                }}
              >
                <b>Done: {correctionText(step, bench.write)}</b>
              </button>
            </li>
          ))}
        </ol>
      )}
      {state.corrections.length > 0 && (
        <p className="bench-dim">
          Done so far:{' '}
          {state.corrections
            .map((each) => correctionText({ ...each, kind: each.did }, bench.write))
            .join(', ')}
          .
        </p>
      )}
    </section>
  );
}
