'use client';

import type { GlossaryId } from '@/core/glossary';
import type { StationId } from '@/core/plan/stations';
import { Term } from '@/ui/glossary/Term';

/** The words of the craft each station uses. */
const WORDS: Readonly<Record<StationId, readonly GlossaryId[]>> = {
  count: ['trim'],
  dough: ['hydration', 'strength', 'springBack', 'letterFold', 'underHand'],
  filling: ['freeWater', 'stiffness', 'dose'],
  sheet: ['springBack', 'letterFold', 'book', 'openTime', 'benchDust', 'trim'],
  shape: ['blank', 'lip', 'mound', 'dose', 'book'],
  seal: ['lip', 'openTime', 'freeWater'],
  boil: ['lip'],
};

/** Under what is set: the words a home cook may not know, each a touch from its meaning. */
export function WordsHere({ at }: { at: StationId }) {
  return (
    <p className="flex flex-wrap items-center gap-x-4 border-t border-board-line pt-1 text-small text-ink-dim">
      <span>What is</span>
      {WORDS[at].map((id) => (
        <Term key={id} id={id} />
      ))}
    </p>
  );
}
