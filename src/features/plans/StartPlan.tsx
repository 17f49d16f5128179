'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { FamilyId } from '@/core/shapes/families';
import { startPlan } from '@/server/actions/plans';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';

export interface StartingChoice {
  readonly family: FamilyId;
  readonly name: string;
  readonly summary: string;
  readonly colour: string;
  readonly says: string;
}

/** A good plan to start from for each shape; a tap opens it. */
export function StartPlan({ choices }: { choices: readonly StartingChoice[] }) {
  const router = useRouter();
  const [pending, start] = useTransition();
  const [error, setError] = useState<string | null>(null);
  return (
    <>
      {error && (
        <p role="alert" className="mb-3 font-semibold text-brick">
          {error}
        </p>
      )}
      <ul className="grid gap-3 sm:grid-cols-2" aria-busy={pending}>
        {choices.map(({ family, name, summary, colour, says }) => (
          <li key={family}>
            <button
              type="button"
              disabled={pending}
              onClick={() =>
                start(async () => {
                  const result = await startPlan(family);
                  if (result.ok) router.push(`/plans/${result.value}`);
                  else setError(result.error);
                })
              }
              className="flex h-full w-full items-center gap-4 rounded-lg border-[1.5px] border-board-rule bg-board-raised p-4 text-left hover:border-ink"
            >
              <FamilyGlyph family={family} colour={colour} className="h-16 w-20 shrink-0" />
              <span>
                <span className="block font-display text-[1.25rem] font-semibold">{name}</span>
                <span className="block">{summary}</span>
                <span className="mt-1 block text-small text-ink-dim">{says}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
