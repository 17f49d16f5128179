'use client';

import type { Drill } from '@/core/drills/drill';
import { DRILLS } from '@/core/drills/drills';
import { useUnits } from '@/ui/units/UnitsContext';
import { DrillPicture } from './DrillPicture';

/** A set for a class: exercises on the front, answers on the back. */
export function DrillSheet({ seed, drills }: { seed: number; drills: readonly Drill[] }) {
  const { sentence } = useUnits();
  const answers = (
    <ol className="grid list-decimal gap-4 pl-6">
      {drills.map(({ kind, seed: own, working }) => (
        <li key={`${kind}${own}`}>
          <b>{DRILLS[kind].name}.</b> {sentence(working.join(' '))}
        </li>
      ))}
    </ol>
  );
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-ink-dim">A set for a class</p>
          <h1 className="font-display text-[2rem] leading-tight">Set {seed}</h1>
        </div>
        <button type="button" className="btn no-print" onClick={() => window.print()}>
          Print
        </button>
      </div>
      <ol className="mt-6 grid list-decimal gap-8 pl-6 md:grid-cols-2 print:grid-cols-2 print:gap-6 print:text-small">
        {drills.map(({ kind, seed: own, asks, sees, picture, asked }) => (
          <li key={`${kind}${own}`} className="min-w-0 break-inside-avoid">
            <h2 className="font-display text-lead font-semibold">{asks}</h2>
            <div className="my-2 print:max-w-[70%]">
              <DrillPicture picture={picture} />
            </div>
            <p>{sentence(sees)}</p>
            <p className="mt-2 text-ink-dim">
              {asked.kind === 'choice'
                ? asked.choices.map(({ says }) => `▢ ${says}`).join('   ')
                : '____________'}
            </p>
          </li>
        ))}
      </ol>
      <details className="no-print mt-8">
        <summary className="link inline-flex min-h-[44px] items-center">Answers</summary>
        {answers}
      </details>
      <section aria-label="Answers" className="hidden break-before-page print:block">
        <h2 className="mb-4 font-display text-figure">Answers, set {seed}</h2>
        {answers}
      </section>
    </>
  );
}
