'use client';

import { useRef, useState } from 'react';
import type { Comparison } from '@/core/log/compareLog';
import type { LogEntry } from '@/core/log/logEntry';
import { PlanBar } from '@/features/shell/PlanBar';
import { useAction } from '@/features/actions/useAction';
import { takeOutLogEntry, writeLogEntry } from '@/server/actions/log';
import { useUnits } from '@/ui/units/UnitsContext';
import { Link } from '@/ui/layout/Link';
import { useToBench } from '@/features/bench/useToBench';
import { Button } from '@/ui/buttons/Button';
import { LogForm } from './LogForm';
import { PlannedActual } from './PlannedActual';
import { later } from '@/ui/layout/later';
import { Moment } from '@/ui/text/Moment';
import { WordsHere } from '@/ui/glossary/WordsHere';

const BurstChart = later(() => import('./BurstChart'));

/** An entry with what it is compared against already worked out. */
export interface ShownEntry {
  readonly entry: LogEntry;
  readonly revision: number;
  readonly comparisons: readonly Comparison[];
}

/** The log of a plan: log a batch, and see the results of the others. */
export function LogPage({
  id,
  name,
  revision,
  cooks,
  planned,
  entries,
}: {
  id: string;
  name: string;
  revision: number;
  cooks: readonly string[];
  planned: { readonly pieces: number; readonly thicknessMm: number; readonly doseG: number };
  entries: readonly ShownEntry[];
}) {
  const toBench = useToBench(id);
  return (
    <>
      <PlanBar id={id} name={name} here="log" />
      <main
        id="main"
        tabIndex={-1}
        className="mx-auto grid max-w-[1180px] gap-8 p-5 md:py-8 lg:grid-cols-[minmax(0,1fr)_380px]"
      >
        <section aria-label="Entries" className="order-2 lg:order-1">
          <div className="flex flex-wrap items-center justify-between gap-3">
            <h1 className="font-display text-[2rem] leading-tight">Results</h1>
            <Button strong onClick={() => void toBench()}>
              To the bench
            </Button>
          </div>
          {entries.length === 0 ? (
            <p className="mt-3 max-w-prose text-lead">
              Nothing written down yet. After the next batch, count what came out, what burst and
              what was left: that is how the next one gets better.
            </p>
          ) : (
            <>
              {entries.length > 1 && (
                <div className="min-h-[256px]">
                  <BurstChart entries={entries.map(({ entry }) => entry)} />
                </div>
              )}
              <ul className="mt-4 grid gap-6">
                {entries.map((shown) => (
                  <Entry key={shown.entry.id} planId={id} cooks={cooks} shown={shown} />
                ))}
              </ul>
            </>
          )}
        </section>
        <aside className="order-1 lg:order-2">
          <LogForm planId={id} revision={revision} cooks={cooks} planned={planned} />
        </aside>
        <div className="order-3 mt-6 lg:col-span-2">
          <WordsHere words={['trim', 'dose']} />
        </div>
      </main>
    </>
  );
}

function Entry({
  planId,
  cooks,
  shown: { entry, revision, comparisons },
}: {
  planId: string;
  cooks: readonly string[];
  shown: ShownEntry;
}) {
  const { text } = useUnits();
  const [changing, setChanging] = useState(false);
  const change = useRef<HTMLButtonElement>(null);
  const { run } = useAction();
  const takeOut = () =>
    run(() => takeOutLogEntry(planId, entry.id), {
      done: 'Entry taken out',
      undo: () => writeLogEntry({ planId, revision, entry }),
    });
  const share = entry.pieces > 0 ? entry.burst / entry.pieces : 0;
  return (
    <li className="border-t-[1.5px] border-board-rule pt-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-lead">
          <Moment at={entry.madeOn} />
          <span className="font-normal text-ink-dim">
            {entry.cook && `, ${entry.cook}`}, revision {revision}
          </span>
        </h2>
        <span className="flex flex-wrap gap-x-4">
          <Link
            href={`/logbook/${entry.id}`}
            className="link flex min-h-[44px] min-w-[44px] items-center text-small"
          >
            In full<span className="sr-only"> {entry.madeOn}</span>
          </Link>
          <Link
            href={`/faults?run=${encodeURIComponent(entry.id)}`}
            className="link flex min-h-[44px] min-w-[44px] items-center text-small"
          >
            What went wrong?<span className="sr-only"> {entry.madeOn}</span>
          </Link>
          <button
            ref={change}
            type="button"
            aria-expanded={changing}
            onClick={() => setChanging(!changing)}
            className="link min-h-[44px] min-w-[44px] text-small"
          >
            Change<span className="sr-only"> {entry.madeOn}</span>
          </button>
          <button
            type="button"
            onClick={() => void takeOut()}
            className="link min-h-[44px] min-w-[44px] text-small"
          >
            Delete<span className="sr-only"> {entry.madeOn}</span>
          </button>
        </span>
      </div>
      {changing && (
        <div className="my-3 max-w-[30rem]">
          <LogForm
            planId={planId}
            revision={revision}
            cooks={cooks}
            entry={entry}
            onDone={() => {
              setChanging(false);
              change.current?.focus();
            }}
          />
        </div>
      )}
      <p>
        <span className="numeral text-figure">{entry.pieces - entry.burst}</span> whole of{' '}
        {entry.pieces}, {entry.burst} burst ({text(share, 'share')})
      </p>
      {entry.note && (
        <p className="mt-1 max-w-prose border-l-4 border-dough-edge pl-3">{entry.note}</p>
      )}
      <PlannedActual rows={comparisons} />
    </li>
  );
}
