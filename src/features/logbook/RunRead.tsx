'use client';

import { useMemo } from 'react';
import { basisFrom, type Basis } from '@/core/basis/basis';
import { benchOf } from '@/core/run/bench';
import { compareLog } from '@/core/log/compareLog';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import { foldRun, type RunState } from '@/core/run/fold';
import { runLedger, type RunAccount } from '@/core/run/ledger';
import type { Bench } from '@/core/run/steps/step';
import { systemZone } from '@/core/kitchen/localTime';
import { entryOfRun } from '@/core/run/writtenDown';
import { WAY_IDS, WAYS } from '@/core/run/ways';
import type { GivenRun } from '@/features/bench/BenchContext';
import { PlannedActual } from '@/features/log/PlannedActual';
import { Moment } from '@/ui/text/Moment';
import { useUnits } from '@/ui/units/UnitsContext';
import { eventText } from './eventWords';
import { DataTable } from '@/ui/lists/DataTable';

/** A run as it is read: what it comes to, and what it was planned to. */
export interface ReadRun {
  readonly basis: Basis;
  readonly result: PlanResult;
  readonly state: RunState;
  readonly bench: Bench;
}

/** Folds a run and works its plan out, once for as long as it stays the same. */
export function useReadRun(run: GivenRun): ReadRun {
  const { text, split } = useUnits();
  const basis = useMemo(() => basisFrom(run), [run]);
  const result = useMemo(() => evaluatePlan(run.plan, basis), [run, basis]);
  const state = useMemo(() => foldRun(run.events), [run]);
  const bench = benchOf(run.plan, result, { state, rules: basis.rules, write: text, split });
  return { basis, result, state, bench };
}

/** How many pieces came of a run, and how the others were lost. */
export function RunCount({ state }: { state: RunState }) {
  const { text } = useUnits();
  const lost = WAY_IDS.filter((way) => state.burst[way] > 0);
  return (
    <>
      <p className="mt-3 text-lead">
        <span className="numeral text-huge">{state.pieces - state.lost}</span> whole of{' '}
        {state.pieces}
        {state.pieces > 0 && state.lost > 0 && `, ${text(state.lost / state.pieces, 'share')} lost`}
      </p>
      {lost.length > 0 && (
        <ul className="flex flex-wrap gap-x-6">
          {lost.map((way) => (
            <li key={way}>
              {WAYS[way].name}: <b>{state.burst[way]}</b>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** A run read in full: planned beside actual, its account, its pictures, its timeline. */
export function RunRead({ run, read }: { run: GivenRun; read: ReadRun }) {
  const { text } = useUnits();
  const { result, state, bench } = read;
  const ledger = runLedger(result, state);
  return (
    <div className="grid content-start gap-8">
      <section aria-label="Planned and actual">
        <h2>Planned and actual</h2>
        <PlannedActual rows={compareLog(result, entryOfRun(run.id, state, systemZone()))} />
      </section>
      <section aria-label="Where it went">
        <h2 className="mb-2">Where it went</h2>
        <Accounts dough={ledger.dough} filling={ledger.filling} />
      </section>
      {state.pictures.length > 0 && (
        <section aria-label="Pictures" className="flex flex-wrap gap-3">
          {state.pictures.map(({ id, image, at }) => (
            // eslint-disable-next-line @next/next/no-img-element -- it is in the page already
            <img
              key={id}
              src={image}
              alt={`Taken at the bench, ${at.slice(11, 16)}`}
              className="max-h-[260px] rounded-md"
            />
          ))}
        </section>
      )}
      <section aria-label="As it went">
        <h2 className="mb-2">As it went</h2>
        <ol className="border-l-4 border-dough-edge pl-4">
          {state.events.map((event) => {
            const words = eventText(event, bench, text);
            return (
              words && (
                <li key={event.id} className="py-1">
                  <Moment
                    at={event.at}
                    time="only"
                    className="mr-3 inline-block min-w-[4.5rem] text-right text-small tabular-nums text-ink-dim"
                  />
                  {words}
                  {event.by && state.cooks.length > 1 && (
                    <span className="text-ink-dim">, {event.by}</span>
                  )}
                </li>
              )
            );
          })}
        </ol>
      </section>
    </div>
  );
}

function Accounts({ dough, filling }: { dough: RunAccount; filling: RunAccount }) {
  const { text } = useUnits();
  const rows: readonly (readonly [string, (account: RunAccount) => number])[] = [
    ['Went in', ({ inG }) => inG],
    ['In the pieces', ({ inPiecesG }) => inPiecesG],
    ['Left', ({ leftG }) => leftG],
    ['Trim', ({ trimG }) => trimG],
    ['Does not add up', ({ unexplainedG }) => unexplainedG],
    ['The plan had for that', ({ plannedG }) => plannedG],
  ];
  return (
    <DataTable
      className="w-full max-w-[34rem]"
      rows={rows}
      keyOf={([name]) => name}
      columns={[
        {
          id: 'where',
          head: 'Where',
          unseen: true,
          names: true,
          className: 'py-1',
          cell: ([name]) => name,
        },
        { id: 'dough', head: 'Dough', right: true, cell: ([, of]) => text(of(dough), 'g') },
        { id: 'filling', head: 'Filling', right: true, cell: ([, of]) => text(of(filling), 'g') },
      ]}
    />
  );
}
