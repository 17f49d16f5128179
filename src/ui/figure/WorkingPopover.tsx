'use client';

import { Link } from '../layout/Link';
import { heldName } from '@/core/calibrate/learntKeys';
import { QUANTITIES } from '@/core/calibrate/quantities';
import type { Learnt, Taught } from '@/core/basis/learnt';
import type { FigureKind, Working } from '@/core/working/working';
import { Anchored, type AnchorRef } from '../layout/Anchored';
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

/** A figure's working, open beside it. */
export default function WorkingPopover({
  working,
  anchor,
  onClose,
}: {
  working: Working & Taught;
  anchor: AnchorRef;
  onClose(): void;
}) {
  return (
    <Anchored
      anchor={anchor}
      label={`Working: ${working.label}`}
      className="w-[min(23rem,calc(100vw-1.5rem))] p-4 text-small"
      onClose={onClose}
    >
      <WorkingSheet working={working} />
    </Anchored>
  );
}

function WorkingSheet({ working }: { working: Working & Taught }) {
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
      {working.learnt?.map((learnt) => (
        <LearntLine key={heldName(learnt)} learnt={learnt} />
      ))}
      <p className="mt-3 text-ink-dim">
        {kind.says} Source: {working.source}.
      </p>
    </div>
  );
}

/** What this kitchen's runs taught that moved the figure: both values, and how surely. */
function LearntLine({ learnt: { quantity, value, low, high, typical, runs } }: { learnt: Learnt }) {
  const { text } = useUnits();
  const { name, unit, more, less } = QUANTITIES[quantity];
  return (
    <p className="mt-3 border-l-2 border-verdigris pl-2">
      From {runs} {runs === 1 ? 'batch' : 'batches'}: {value >= typical ? more : less}. {name}:{' '}
      <b>{text(value, unit)}</b>, typical {text(typical, unit)}; likely {text(low, unit)} to{' '}
      {text(high, unit)}.{' '}
      <Link className="link" href="/logbook/learnt">
        What the logbook taught
      </Link>
    </p>
  );
}
