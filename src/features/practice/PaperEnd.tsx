'use client';

import { useEffect, useRef } from 'react';
import type { DrillGear } from '@/core/drills/drill';
import { SIGNS } from '@/core/faults/signs';
import { LOST_BY, type CameTo, type LostBy } from '@/core/paper/comesTo';
import { DECISIONS } from '@/core/paper/decisions';
import type { PaperBatch } from '@/core/paper/paperBatch';
import type { Chosen, Cost } from '@/core/paper/play';
import { quirkOf } from '@/core/paper/quirks';
import { Button } from '@/ui/buttons/Button';
import { useEnding } from './useEnding';
import { inSentence } from '@/core/units/sentence';
import { useUnits } from '@/ui/units/UnitsContext';

/** What a batch on paper came to, what was hidden in it, and what each decision cost. */
export function PaperEnd({
  batch,
  gear,
  chosen,
  onAgain,
  onAnother,
}: {
  batch: PaperBatch;
  gear: DrillGear;
  chosen: Chosen;
  onAgain(): void;
  onAnother(): void;
}) {
  const { sentence } = useUnits();
  const end = useEnding(batch, gear, chosen);
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    if (end) head.current?.focus();
  }, [end]);
  if (!end) return <p role="status">The batch is cooked …</p>;
  const { came, costs, well } = end;
  const holds = came.plated >= came.wanted;
  return (
    <>
      <section
        aria-label="Results"
        className="rounded-lg px-5 py-4 text-verdict-ink"
        style={{ background: `var(--verdict-${holds ? 'holds' : 'edge'})` }}
      >
        <h2 ref={head} tabIndex={-1} className="font-display text-figure outline-none">
          {came.plated} of {came.wanted} on the plates as they should be
        </h2>
        <ul className="mt-2 grid gap-1">
          {lostWords(came).map((line) => (
            <li key={line}>{sentence(line)}</li>
          ))}
        </ul>
      </section>
      <section aria-label="What was hidden">
        <h3 className="font-display text-lead font-semibold">What was hidden</h3>
        <ul className="mt-1 list-disc pl-5">
          {batch.quirks.map((id) => (
            <li key={id}>{quirkOf(id).says}</li>
          ))}
        </ul>
      </section>
      <section aria-label="What each decision cost">
        <h3 className="font-display text-lead font-semibold">What each decision cost</h3>
        <p className="text-small text-ink-dim">
          The batch was cooked again with that one made well and all others left as they were. With
          all of them made well it would have been {well.plated} of {well.wanted}.
        </p>
        <ul className="mt-2">
          {costs.map((cost) => (
            <li
              key={cost.id}
              className="grid gap-x-4 border-t border-board-rule py-2 sm:grid-cols-[6.5rem_1fr_10rem]"
            >
              <b>{DECISIONS[cost.id].name}</b>
              <span>
                {DECISIONS[cost.id].ways[cost.way]!.says}.
                {!wasGood(cost) && (
                  <span className="block font-semibold">
                    Better: {lower(DECISIONS[cost.id].ways[cost.best]!.says)}.
                  </span>
                )}
              </span>
              <span className="tabular-nums">
                {wasGood(cost) ? '✓ cost nothing' : sentence(costWords(cost))}
              </span>
            </li>
          ))}
        </ul>
      </section>
      <p className="text-small text-ink-dim">
        Estimates by the model’s own rules. Times and temperatures are guidance: local food codes
        and licensed practice come first.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button strong onClick={onAnother}>
          Another batch
        </Button>
        <Button onClick={onAgain}>The same kitchen again</Button>
      </div>
    </>
  );
}

/** What went no further, what is poor, and what is left, each a line. */
function lostWords(came: CameTo): string[] {
  const lines = [`${came.made} were made.`];
  for (const by of Object.keys(LOST_BY) as LostBy[]) {
    if (came.lost[by] > 0) lines.push(`${came.lost[by]} ${LOST_BY[by]}.`);
  }
  if (came.poorBy) {
    lines.push(
      `${came.poor} reached a plate and should not have: ${lower(SIGNS[came.poorBy].name)}.`,
    );
  }
  if (came.spare > 0) {
    lines.push(
      `${came.spare} ${came.spare === 1 ? 'is' : 'are'} over, about ${inSentence(tens(came.spareG), 'g')}.`,
    );
  }
  const left = [
    [came.leftDoughG, 'dough'],
    [came.leftFillingG, 'filling'],
  ] as const;
  for (const [g, what] of left)
    if (g >= LEAST_G) lines.push(`${inSentence(tens(g), 'g')} of ${what} is left.`);
  if (came.ruinedG >= LEAST_G) {
    lines.push(
      `${inSentence(tens(came.ruinedG), 'g')} of dough stuck or tore in the roller and was no use.`,
    );
  }
  return lines;
}

/** Less is a bowl scraped, g. */
const LEAST_G = 15;

const tens = (g: number): number => Math.round(g / 10) * 10;

const lower = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);

/** Whether a way was as good as the best one, here and in a batch made well. */
const wasGood = ({ way, best, alone, amongWell }: Cost): boolean =>
  way === best || (alone.pieces <= 0 && amongWell.pieces <= 0 && alone.g < LEAST_G);

function costWords({ alone, amongWell }: Cost): string {
  if (alone.pieces > 0) return pieces(alone.pieces);
  if (amongWell.pieces > 0) {
    return `${pieces(amongWell.pieces)}, hidden by another slip`;
  }
  return `${inSentence(tens(alone.g), 'g')} made for nothing`;
}

const pieces = (n: number): string => `${n} ${n === 1 ? 'piece' : 'pieces'}`;
