'use client';

import { useState } from 'react';
import { CORRECTIONS, FEELS, whatToDo, type Correction, type Feel } from '@/core/dough/feel';
import { doughUnderHand } from '@/core/plan/model/dough';
import { correctionText, FEEL_NAMES } from '@/features/plan/stations/bowlWords';
import { useBench } from './BenchContext';
import { Keypad } from './Keypad';

/** Corrections that are weighed: any amount of one's own may be said. */
type Weighed = 'heldBackG' | 'flourG' | 'waterG';
const isWeighed = (kind: Correction['kind']): kind is Weighed => kind.endsWith('G');
const ASKS: Readonly<Record<Weighed, string>> = {
  heldBackG: 'Held-back flour worked in',
  flourG: 'Flour kneaded in',
  waterG: 'Water kneaded in',
};

/** The cook says how the dough feels, and gets one small step at a time. */
export function FeelPanel() {
  const { planNow, resultNow, bench, happen, state } = useBench();
  const [feel, setFeel] = useState<Feel | null>(null);
  const [own, setOwn] = useState<Weighed | null>(null);
  const steps = feel ? whatToDo(feel, doughUnderHand(planNow, resultNow.dough)) : [];
  const done = CORRECTIONS.flatMap((kind) => {
    const amount = state.corrections.reduce(
      (sum, each) => sum + (each.did === kind ? each.amount : 0),
      0,
    );
    return amount > 0 ? [correctionText({ kind, amount }, bench.write)] : [];
  });
  return (
    <section aria-label="How the dough feels" className="grid gap-4">
      <div className="bench-keys" role="group" aria-label="How does it feel?">
        {FEELS.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={feel === each}
            className="bench-key"
            onClick={() => {
              setFeel(feel === each ? null : each);
              setOwn(null);
            }}
          >
            <b>{FEEL_NAMES[each]}</b>
          </button>
        ))}
      </div>
      {feel && own && (
        <div className="max-w-[34rem]">
          <Keypad
            asked={{
              label: ASKS[own],
              kind: 'mass',
              range: { min: 0.5, max: 20_000, unit: 'g' },
            }}
            onCancel={() => setOwn(null)}
            onTake={(amount) => {
              happen({ kind: 'corrected', feel, did: own, amount });
              setOwn(null);
            }}
          />
        </div>
      )}
      {feel && !own && (
        <ol className="grid gap-3" aria-label={`What to do about: ${FEEL_NAMES[feel]}`}>
          {steps.map((step, i) => (
            <li key={`${step.kind}${step.amount}`} className="bench-panel">
              <p>
                <b>{correctionText(step, bench.write)}.</b> {step.why}
                {step.ofG !== undefined && step.ofG > step.amount + 0.5 && (
                  <> The sums say {bench.write(step.ofG, 'g')} in all.</>
                )}
              </p>
              <div className="bench-keys">
                {/* The feel stays open: pinch by pinch is one tap each. */}
                <button
                  type="button"
                  className={`bench-key ${i === 0 ? 'bench-key-strong' : ''}`}
                  onClick={() => {
                    happen({ kind: 'corrected', feel, did: step.kind, amount: step.amount });
                    if (!isWeighed(step.kind)) setFeel(null);
                  }}
                >
                  <b>Done: {correctionText(step, bench.write)}</b>
                </button>
                {isWeighed(step.kind) && (
                  <button
                    type="button"
                    className="bench-key"
                    onClick={() => setOwn(step.kind as Weighed)}
                  >
                    <b>Another amount</b>
                  </button>
                )}
              </div>
            </li>
          ))}
        </ol>
      )}
      {done.length > 0 && (
        <p className="bench-dim" role="status">
          So far: {done.join(', ')}. The dough is {bench.write(resultNow.dough.now.massG, 'g')}.
        </p>
      )}
    </section>
  );
}
