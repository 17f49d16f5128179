'use client';

import { useAction } from '@/features/actions/useAction';
import { Link } from '@/ui/layout/Link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { causeOf, isCause } from '@/core/faults/causes';
import type { Happening, RunEvent } from '@/core/run/events';
import { planAgain } from '@/core/log/planAgain';
import type { GivenRun } from '@/features/bench/BenchContext';
import { serverOf } from '@/features/bench/sync';
import { changeText } from '@/features/plan/words';
import { planAgainFrom } from '@/server/actions/runs';
import { Button } from '@/ui/buttons/Button';
import { WordsHere } from '@/ui/glossary/WordsHere';
import { say, sayTrouble } from '@/ui/layout/say';
import { Moment } from '@/ui/text/Moment';
import { useUnits } from '@/ui/units/UnitsContext';
import { RunLinks } from './RunLinks';
import { RunCount, RunRead, useReadRun } from './RunRead';

/** A run read in full, and what the next starts from. */
export function RunPage({
  run,
  others,
  links,
}: {
  run: GivenRun;
  /** How many links let others look at it. */
  links: number;
  /** Other runs to set beside it. */
  others: readonly { readonly id: string; readonly name: string; readonly madeOn: string }[];
}) {
  const { text } = useUnits();
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const planning = useAction();
  const read = useReadRun(run);
  const { basis, result, state } = read;
  const again = planAgain(run.plan, state, {
    weighedG: result.dough.weighedG,
    basis,
  });
  // Where no day was said, the one it began on.
  const made = state.madeOn ?? state.beganAt;
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
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div className="min-w-0">
          <p className="text-ink-dim">
            {made && <Moment at={made} />}
            {state.cooks.length > 0 && `, ${state.cooks.join(' and ')}`}, revision {run.revision}
            {state.struck && ', deleted'}
          </p>
          <h1 className="font-display text-[2rem] leading-tight [overflow-wrap:anywhere]">
            {run.plan.name}
          </h1>
        </div>
        <div className="flex flex-wrap gap-2">
          <Link className="btn" href={`/plans/${run.planId}`}>
            The plan
          </Link>
          <Link className="btn" href={`/faults?run=${encodeURIComponent(run.id)}`}>
            What went wrong?
          </Link>
          {state.status === 'open' && (
            <Link className="btn btn-strong" href={`/runs/${run.id}`}>
              To the bench
            </Link>
          )}
        </div>
      </div>
      <RunCount state={state} />
      {state.traced.length > 0 && (
        <p className="mt-3 border-l-4 border-dough-edge pl-3">
          Why, as it was found:{' '}
          <b>
            {state.traced
              .map(({ cause }) => (isCause(cause) ? causeOf(cause).name.toLowerCase() : cause))
              .join('; ')}
          </b>
        </p>
      )}
      <div className="mt-6 grid gap-8 lg:grid-cols-[minmax(0,1fr)_380px]">
        <RunRead run={run} read={read} />
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
                  what we’ve learned
                </Link>
                .
              </p>
            ) : (
              <>
                <p className="mt-2">A new revision, with what was found out:</p>
                <ul className="my-3">
                  {again.changes.map((each) =>
                    'change' in each ? (
                      <li key={each.change.kind}>
                        <b>{changeText(each.change, text, { pantry: basis.pantry, scale: 1 })}</b>
                      </li>
                    ) : (
                      <li key={each.what}>
                        {each.what}: {each.from === null ? '' : `${text(each.from, each.unit)} → `}
                        <b>{text(each.to, each.unit)}</b>
                      </li>
                    ),
                  )}
                </ul>
                <Button
                  strong
                  resting={planning.busy}
                  onClick={() =>
                    void planning.run(() => planAgainFrom(run.id), {
                      then: (to) => router.push(`/plans/${to}`),
                    })
                  }
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
          <RunLinks run={run.id} links={links} />
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
              <Button
                onClick={() =>
                  void tell({ kind: 'leftOut' }, 'Nothing is learned from this batch.')
                }
              >
                Don’t learn from this batch
              </Button>
            )}
            {!state.struck && (
              <Button onClick={() => void tell({ kind: 'struck' }, 'Batch deleted.')}>
                Delete
              </Button>
            )}
            <a className="btn" href={`/api/runs/${run.id}`} download>
              Save as a file
            </a>
          </div>
        </aside>
      </div>
      <div className="mt-8">
        <WordsHere words={['dose', 'trim', 'lip']} />
      </div>
    </>
  );
}
