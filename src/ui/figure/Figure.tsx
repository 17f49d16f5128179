'use client';

import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import type { Taught } from '@/core/basis/learnt';
import type { Working } from '@/core/working/working';
import { later } from '../layout/later';
import { useUnits } from '../units/UnitsContext';

/** Fetched when a figure is first asked for its working, or ahead of it. */
export const loadWorking = () => import('./WorkingPopover');

const WorkingPopover = later(loadWorking);

/** A figure that opens its working: inputs, formula, numbers, kind and source. */
export function Figure({
  working,
  children,
  className = '',
}: {
  working: Working & Taught;
  children?: ReactNode;
  className?: string;
}) {
  const { split } = useUnits();
  const own = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  const { text, unit } = split(working.value, working.unit);
  return (
    <>
      <button
        ref={own}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className={`inline-flex min-h-[28px] items-baseline pointer-coarse:min-h-[44px] pointer-coarse:min-w-[44px] pointer-coarse:justify-center pointer-coarse:items-center rounded px-0.5 text-left underline decoration-current/30 decoration-dotted decoration-1 underline-offset-4 hover:decoration-current ${className}`}
        title={`${working.label}: show the working`}
      >
        {children ?? (
          <>
            {text}
            {unit && <span className="ml-1 text-[max(0.6em,0.75rem)] font-normal">{unit}</span>}
          </>
        )}
        <span className="sr-only">, show the working</span>
      </button>
      {open && <WorkingPopover working={working} anchor={own} onClose={() => setOpen(false)} />}
    </>
  );
}

/** The same inside a drawing: its label opens the working. */
export function FigureMark({
  working,
  children,
}: {
  working: Working & Taught;
  children: ReactNode;
}) {
  const own = useRef<SVGGElement>(null);
  const [open, setOpen] = useState(false);
  const onKey = (event: KeyboardEvent<SVGGElement>) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    setOpen(!open);
  };
  return (
    <>
      <g
        ref={own}
        role="button"
        tabIndex={0}
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={`${working.label}: show the working`}
        onClick={() => setOpen(!open)}
        onKeyDown={onKey}
        className="cursor-pointer hover:opacity-75"
      >
        {children}
      </g>
      {open && <WorkingPopover working={working} anchor={own} onClose={() => setOpen(false)} />}
    </>
  );
}
