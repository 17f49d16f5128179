'use client';

import type { Happening } from '@/core/run/events';
import { testsOf } from '@/core/run/batchTests';
import type { Quoted } from '@/core/risk/remedy';
import { changeText, weakestText } from '../plan/words';
import { useBench } from './BenchContext';

/** So many ways out are told. */
const MOST = 3;

/** What a remedy changes from here on, where it is one that a bench writes down. */
const happeningOf = (remedy: Quoted): Happening | null => {
  if (remedy.kind === 'dose') return { kind: 'changed', doseG: remedy.toG };
  if (remedy.kind === 'thickness') return { kind: 'changed', thicknessMm: remedy.toMm };
  return null;
};

/** What a test at this bench found out that the plan did not reckon with, and what mends it from here on. */
export function TestedPanel() {
  const { basis, bench, happen, resultNow, state } = useBench();
  const { result: planned, write } = bench;
  const now = resultNow.weakestLink;
  const tested = Object.keys(testsOf(state)).length > 0;
  if (!tested || now.state === 'holds' || now.margin >= planned.weakestLink.margin) return null;
  const ways = now.remedies
    .filter(({ kind }, i, all) => all.findIndex((each) => each.kind === kind) === i)
    .slice(0, MOST)
    .map((remedy) => ({
      happening: happeningOf(remedy),
      says: changeText(remedy, write, {
        pantry: basis.pantry,
        scale: resultNow.filling.scale,
      }),
    }));
  return (
    <section aria-label="As it was tested" className="bench-panel">
      <p className="bench-warn">
        <b>
          As it was tested, it {now.state === 'fails' ? 'fails' : 'stands on the edge'}:{' '}
          {weakestText(resultNow, write).title}.
        </b>
      </p>
      <div className="bench-keys">
        {ways.map(
          ({ happening, says }) =>
            happening && (
              <button
                key={says}
                type="button"
                className="bench-key"
                onClick={() => happen(happening)}
              >
                <b>{says}</b>
                <span className="bench-dim">from here on</span>
              </button>
            ),
        )}
      </div>
      <ul className="bench-says">
        {ways.map(({ happening, says }) => !happening && <li key={says}>{says}</li>)}
      </ul>
    </section>
  );
}
