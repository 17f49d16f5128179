'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { v4 as newId } from 'uuid';
import { basisFrom } from '@/core/basis/basis';
import { compareLog } from '@/core/log/compareLog';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { Happening, RunEvent } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { runLedger, type RunAccount } from '@/core/run/ledger';
import { liveOf } from '@/core/run/live';
import { planAgain } from '@/core/run/planAgain';
import type { Bench } from '@/core/run/steps/step';
import { entryOfRun } from '@/core/run/writtenDown';
import { WAY_IDS, WAYS } from '@/core/run/ways';
import type { GivenRun } from '@/features/bench/BenchContext';
import { serverOf } from '@/features/bench/sync';
import { PlannedActual } from '@/features/log/PlannedActual';
import { planAgainFrom } from '@/server/actions/runs';
import { Button } from '@/ui/buttons/Button';
import { say, sayTrouble } from '@/ui/layout/say';
import { Moment } from '@/ui/text/Moment';
import { useUnits } from '@/ui/units/UnitsContext';
import { eventText } from './eventWords';

/** A run read in full: planned beside actual, its account, its timeline, and what the next starts from. */
export function RunPage({
  run,
  others,
}: {
  run: GivenRun;
  /** Other runs to set beside it. */
  others: readonly { readonly id: string; readonly name: string; readonly madeOn: string }[];
}) {
  const { text, split } = useUnits();
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const basis = useMemo(() => basisFrom(run), [run]);
  const result = useMemo(() => evaluatePlan(run.plan, basis), [run, basis]);
  const state = useMemo(() => foldRun(run.events), [run]);
  const ledger = runLedger(result, state);
  const again = planAgain(run.plan, state, {
    weighedG: result.dough.weighedG,
    pantry: basis.pantry,
  });
  const bench: Bench = {
    plan: run.plan,
    result,
    ladder: result.ladder,
    state,
    live: liveOf(result, state, {
      roller: run.plan.sheet.roller,
      thicknessBandMm: result.sheet.bandMm,
      eggsPerG: 0,
    }),
    write: text,
    split,
  };
  const tell = async (happening: Happening, said: string) => {
    if (busy) return;
    setBusy(true);
    try {
      const event = { id: newId(), at: new Date().toISOString(), ...happening } as RunEvent;
      await serverOf(run.id).send([event]);
      void say(said, {
        undo: () =>
          void serverOf(run.id)
            .send([
              { id: newId(), at: new Date().toISOString(), kind: 'takenBack', event: event.id },
            ])
            .then(() => router.refresh()),
      });
      router.refresh();
    } catch {
      void sayTrouble('No answer from the server; nothing was changed.');
    } finally {
      setBusy(false);
    }
  };
  const leftOut = state.events.find(({ kind }) => kind === 'leftOut');
  const lost = WAY_IDS.filter((way) => state.burst[way] > 0);
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div className="min-w-0">
          <p className="text-ink-dim">
            {state.madeOn && <Moment at={state.madeOn} />}
            {state.cooks.length > 0 && `, ${state.cooks.join(' and ')}`}, revision {run.revision}
            {state.struck && ', taken out of the logbook'}
          </p>
          <h1 className="font-display text-[2rem] leading-tight [overflow-wrap:anywhere]">
            {run.plan.name}
          </h1>
        </div>
        <div className="flex flex-wrap gap-2">
          <Link className="btn" href={`/plans/${run.planId}`}>
            The plan
          </Link>
          {state.status === 'open' && (
            <Link className="btn btn-strong" href={`/runs/${run.id}`}>
              To the bench
            </Link>
          )}
        </div>
      </div>
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
      <div className="mt-6 grid gap-8 lg:grid-cols-[minmax(0,1fr)_380px]">
        <div className="grid content-start gap-8">
          <section aria-label="Planned and actual">
            <h2>Planned and actual</h2>
            <PlannedActual rows={compareLog(result, entryOfRun(run.id, state))} />
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
                      <Moment at={event.at} time="only" className="mr-3 text-small text-ink-dim" />
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
        <aside className="grid content-start gap-6">
          <section
            aria-label="Plan again"
            className="rounded-lg border-[1.5px] border-board-rule p-5"
          >
            <h2>Plan again</h2>
            {again.changes.length === 0 ? (
              <p className="mt-2">
                This batch changed nothing in the plan itself. What it weighed and counted moves
                every plan of this kitchen:{' '}
                <Link className="link" href="/logbook/learnt">
                  what it taught
                </Link>
                .
              </p>
            ) : (
              <>
                <p className="mt-2">A new revision, with what was found out:</p>
                <ul className="my-3">
                  {again.changes.map(({ what, from, to, unit }) => (
                    <li key={what}>
                      {what}: {from === null ? '' : `${text(from, unit)} → `}
                      <b>{text(to, unit)}</b>
                    </li>
                  ))}
                </ul>
                <Button
                  strong
                  resting={busy}
                  onClick={() => {
                    setBusy(true);
                    void planAgainFrom(run.id).then((made) => {
                      setBusy(false);
                      if (made.ok) router.push(`/plans/${made.value}`);
                      else void sayTrouble(made.error);
                    });
                  }}
                >
                  Plan again with these
                </Button>
              </>
            )}
          </section>
          {others.length > 0 && (
            <form action="/logbook/beside" className="grid gap-2">
              <input type="hidden" name="a" value={run.id} />
              <label>
                <span className="mb-1 block text-small text-ink-dim">Beside another batch</span>
                <select name="b" className="field">
                  {others.map(({ id, name, madeOn }) => (
                    <option key={id} value={id}>
                      {madeOn} {name}
                    </option>
                  ))}
                </select>
              </label>
              <button className="btn">Set them side by side</button>
            </form>
          )}
          <div className="grid gap-2">
            {leftOut ? (
              <Button
                onClick={() =>
                  void tell({ kind: 'takenBack', event: leftOut.id }, 'It counts again.')
                }
              >
                Learn from it again
              </Button>
            ) : (
              <Button onClick={() => void tell({ kind: 'leftOut' }, 'Left out of what is learnt.')}>
                Leave it out of what is learnt
              </Button>
            )}
            {!state.struck && (
              <Button onClick={() => void tell({ kind: 'struck' }, 'Taken out of the logbook.')}>
                Take it out of the logbook
              </Button>
            )}
            <a className="btn" href={`/api/runs/${run.id}`} download>
              Save as a file
            </a>
          </div>
        </aside>
      </div>
    </>
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
    <table className="w-full max-w-[34rem]">
      <thead>
        <tr className="text-left text-small text-ink-dim">
          <th scope="col">
            <span className="sr-only">Where</span>
          </th>
          <th scope="col" className="text-right font-normal">
            Dough
          </th>
          <th scope="col" className="text-right font-normal">
            Filling
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, of]) => (
          <tr key={name} className="border-t border-board-line">
            <th scope="row" className="py-1 text-left font-normal">
              {name}
            </th>
            <td className="text-right">{text(of(dough), 'g')}</td>
            <td className="text-right">{text(of(filling), 'g')}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
