'use client';

import type { GlossaryId } from '@/core/glossary';
import { Term } from './Term';

/** The words of the craft that a page uses and a home cook may not know, each a touch from its meaning. */
export const WordsHere = ({ words }: { words: readonly GlossaryId[] }) => (
  <p className="flex flex-wrap items-center gap-x-4 border-t border-board-line pt-1 text-small text-ink-dim print:hidden">
    <span>What is</span>
    {words.map((id) => (
      <Term key={id} id={id} />
    ))}
  </p>
);
