'use client';

import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import type { CauseId } from '@/core/faults/causes';
import type { ToldCause } from '@/core/faults/report';
import type { Quoted } from '@/core/risk/remedy';
import { likelyWords } from './likely';
import type { TraceLook } from './looks';

/** A cause: how likely, what it does, what speaks for it and against it, and what mends it. */
export function CauseCard({
  cause,
  look,
  open,
  remedyText,
  onMend,
  onConfirm,
  confirmed,
}: {
  cause: ToldCause;
  look: TraceLook;
  open: boolean;
  remedyText(remedy: Quoted): string;
  onMend?: ((cause: CauseId, remedy: Quoted) => void) | undefined;
  onConfirm(cause: CauseId): void;
  confirmed: boolean;
}) {
  const percent = Math.round(100 * cause.probability);
  const told: [string, ReactNode][] = [
    ['What it does', cause.does],
    ['How to know it', cause.known],
    ['Now', cause.now],
    ['Next time', cause.next],
  ];
  return (
    <li className={look.card}>
      <details open={open || confirmed} className="group">
        <summary className="flex min-h-[44px] list-none flex-wrap items-baseline justify-between gap-x-4 marker:hidden">
          <span className={look.title}>
            <ChevronRight
              size="1em"
              aria-hidden
              className="mr-1 inline-block align-[-0.12em] group-open:rotate-90"
            />
            {cause.name}
          </span>
          <span className={`${look.dim} ${look.small}`}>
            {likelyWords(cause.probability)}, {percent < 1 ? 'under 1' : percent} in 100
          </span>
          <span aria-hidden className="mt-1 block h-2 w-full overflow-hidden rounded bg-current/15">
            <span className="block h-full bg-current" style={{ width: `${percent}%` }} />
          </span>
        </summary>
        <dl className="mt-3 grid gap-3">
          {told.map(([title, says]) => (
            <div key={title}>
              <dt className={`${look.dim} ${look.small}`}>{title}</dt>
              <dd>{says}</dd>
            </div>
          ))}
        </dl>
        {cause.caution && <p className={`mt-3 ${look.warn}`}>{cause.caution}</p>}
        <Speaks title="For it" evidence={cause.for} look={look} />
        <Speaks title="Against it" evidence={cause.against} look={look} />
        {onMend && cause.remedies.length > 0 && (
          <div className="mt-4 grid gap-2">
            <p className={`${look.dim} ${look.small}`}>In the plan</p>
            {cause.remedies
              .filter(({ kind }, i, all) => all.findIndex((each) => each.kind === kind) === i)
              .slice(0, 3)
              .map((remedy) => (
                <button
                  key={remedy.kind}
                  type="button"
                  className={`${look.key} !justify-start !text-left`}
                  onClick={() => onMend(cause.id, remedy)}
                >
                  {remedyText(remedy)}
                </button>
              ))}
          </div>
        )}
        <div className="mt-4 flex">
          <button
            type="button"
            className={look.key}
            aria-pressed={confirmed}
            onClick={() => onConfirm(cause.id)}
          >
            {confirmed ? '✓ It was this' : 'It was this'}
          </button>
        </div>
      </details>
    </li>
  );
}

function Speaks({
  title,
  evidence,
  look,
}: {
  title: string;
  evidence: ToldCause['for'];
  look: TraceLook;
}) {
  if (evidence.length === 0) return null;
  return (
    <div className="mt-3">
      <p className={`${look.dim} ${look.small}`}>{title}</p>
      <ul className={look.small}>
        {evidence.slice(0, 5).map(({ says, weight, from }) => (
          <li key={`${from}${says}`} className="flex justify-between gap-4">
            <span>{says}</span>
            <span className={look.dim} title="Log-odds it adds">
              {weight > 0 ? '+' : '−'}
              {Math.abs(weight).toFixed(1)}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
