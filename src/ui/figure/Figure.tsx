'use client';

import { Popover } from 'radix-ui';
import type { KeyboardEvent, ReactNode } from 'react';
import type { FigureKind, Working } from '@/core/working/working';
import { useUnits } from '../units/UnitsContext';

const KIND_WORDS: Record<FigureKind, { name: string; says: string }> = {
  law: { name: 'Law', says: 'Exact: physics, geometry or bookkeeping.' },
  table: {
    name: 'Table',
    says: 'From typical published values, which you can replace by your own.',
  },
  rule: {
    name: 'Estimate',
    says: 'A craft rule with a number on it. A test of your own is better.',
  },
  choice: { name: 'Yours', says: 'As you set or measured it.' },
};

/** A figure that opens its working: inputs, formula, numbers, kind and source. */
export function Figure({
  working,
  children,
  className = '',
}: {
  working: Working;
  children?: ReactNode;
  className?: string;
}) {
  const { split } = useUnits();
  const { text, unit } = split(working.value, working.unit);
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`inline-flex min-h-[28px] items-baseline pointer-coarse:min-h-[44px] pointer-coarse:items-center rounded px-0.5 text-left underline decoration-current/30 decoration-dotted decoration-1 underline-offset-4 hover:decoration-current ${className}`}
        title={`${working.label}: show the working`}
      >
        {children ?? (
          <>
            {text}
            {unit && <span className="ml-1 text-[0.6em] font-normal">{unit}</span>}
          </>
        )}
        <span className="sr-only">, show the working</span>
      </Popover.Trigger>
      <WorkingPopover working={working} />
    </Popover.Root>
  );
}

/** The same inside a drawing: its label opens the working. */
export function FigureMark({ working, children }: { working: Working; children: ReactNode }) {
  const open = (event: KeyboardEvent<SVGGElement>) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    event.currentTarget.dispatchEvent(new MouseEvent('click', { bubbles: true }));
  };
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <g
          role="button"
          tabIndex={0}
          aria-label={`${working.label}: show the working`}
          onKeyDown={open}
          className="cursor-pointer hover:opacity-75"
        >
          {children}
        </g>
      </Popover.Trigger>
      <WorkingPopover working={working} />
    </Popover.Root>
  );
}

function WorkingPopover({ working }: { working: Working }) {
  return (
    <Popover.Portal>
      <Popover.Content
        sideOffset={6}
        collisionPadding={12}
        aria-label={`Working: ${working.label}`}
        className="popover w-[min(23rem,calc(100vw-1.5rem))] p-4 text-small"
      >
        <WorkingSheet working={working} />
        <Popover.Arrow className="fill-[var(--board-rule)]" />
      </Popover.Content>
    </Popover.Portal>
  );
}

function WorkingSheet({ working }: { working: Working }) {
  const { text } = useUnits();
  const kind = KIND_WORDS[working.kind];
  return (
    <div>
      <div className="flex items-baseline justify-between gap-4">
        <h3 className="text-base">{working.label}</h3>
        <span className="rounded border border-board-rule px-1.5 whitespace-nowrap">
          {kind.name}
        </span>
      </div>
      <p className="numeral mt-1 text-figure">{text(working.value, working.unit)}</p>
      <p className="mt-2 border-l-2 border-dough-edge pl-2 text-base">{working.formula}</p>
      <dl className="mt-3 grid grid-cols-[1fr_auto] gap-x-4 gap-y-1">
        {working.inputs.map(({ name, value, unit }) => (
          <div key={name} className="contents">
            <dt className="text-ink-dim">{name}</dt>
            <dd className="text-right font-semibold">
              {typeof value === 'number' ? (unit ? text(value, unit) : value) : value}
            </dd>
          </div>
        ))}
      </dl>
      {working.range && (
        <p className="mt-3">
          Likely from {text(working.range[0], working.unit)} to{' '}
          {text(working.range[1], working.unit)}.
        </p>
      )}
      <p className="mt-3 text-ink-dim">
        {kind.says} Source: {working.source}.
      </p>
    </div>
  );
}
