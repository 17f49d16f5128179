'use client';

import { useState } from 'react';
import { SIGNS, SIGN_IDS, type Sign } from '@/core/faults/signs';
import { EDGES } from '@/core/run/events';
import { runLedger, type RunAccount } from '@/core/run/ledger';
import { WAY_IDS, WAYS } from '@/core/run/ways';
import type { StepTest } from '@/core/run/steps/step';
import { dayIn, systemZone } from '@/core/kitchen/localTime';
import { tappedThrough } from '@/core/run/taps';
import { DateField } from '@/ui/fields/DateField';
import { useBench } from './BenchContext';
import { Keypad } from './Keypad';
import { Weigh } from './Weigh';
import { readPicture } from './picture';
import { useTrouble } from './TroubleContext';
import { WayDrawing } from './WayDrawing';

const EDGE_NAMES = { hard: 'Hard edge', right: 'Just right', soft: 'Too soft' } as const;

/** Numbers of pieces that went wrong the same way, a tap each. */
const AT_ONCE: readonly number[] = [1, 2, 5, 10];

/** Burst or spoilt pieces: how many, then a tap on what they look like. */
export function BurstKeys() {
  const { state, happen } = useBench();
  const { open } = useTrouble();
  const [many, setMany] = useState(1);
  const [counting, setCounting] = useState(false);
  const seen = SIGN_IDS.filter((sign) => {
    const { way }: Sign = SIGNS[sign];
    return way !== undefined && state.burst[way] > 0;
  });
  return (
    <>
      <div className="bench-keys" role="group" aria-label="How many at once">
        {AT_ONCE.map((n) => (
          <button
            key={n}
            type="button"
            aria-pressed={many === n}
            className="bench-key !min-h-[64px]"
            onClick={() => setMany(n)}
          >
            <b>{n === 1 ? 'One' : n}</b>
          </button>
        ))}
        <button
          type="button"
          aria-pressed={!AT_ONCE.includes(many)}
          aria-expanded={counting}
          className="bench-key !min-h-[64px]"
          onClick={() => setCounting(!counting)}
        >
          <b>{AT_ONCE.includes(many) ? 'Another number' : many}</b>
        </button>
      </div>
      {counting && (
        <div className="max-w-[34rem]">
          <Keypad
            asked={{
              label: 'Pieces at once',
              kind: 'count',
              range: { min: 1, max: 20_000, whole: true },
            }}
            onCancel={() => setCounting(false)}
            onTake={(n) => {
              setMany(n);
              setCounting(false);
            }}
          />
        </div>
      )}
      <div
        className="grid gap-3"
        role="group"
        aria-label="What went wrong with a piece"
        style={{ gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))' }}
      >
        {WAY_IDS.map((how) => (
          <button
            key={how}
            type="button"
            className="bench-key"
            onClick={() => {
              happen({ kind: 'burst', how, pieces: many });
              setMany(1);
            }}
          >
            <WayDrawing how={how} />
            <span>{WAYS[how].name}</span>
            {state.burst[how] > 0 && <b>{state.burst[how]}</b>}
          </button>
        ))}
      </div>
      {seen.length > 0 && (
        <div className="bench-keys" role="group" aria-label="Why">
          {seen.map((sign) => (
            <button key={sign} type="button" className="bench-key" onClick={() => open([sign])}>
              <b>Why?</b>
              <span className="bench-dim">{SIGNS[sign].name}</span>
            </button>
          ))}
        </div>
      )}
    </>
  );
}

/** Results: burst and how, what was left, how the edge ate; then the ledger closes. */
export function ClosePanel({ tests }: { tests: readonly StepTest[] }) {
  const { bench, basis, given, end, state, happen } = useBench();
  const [madeOn, setMadeOn] = useState<string>();
  const afterwards = tappedThrough(state, bench.result, bench.plan.shape.family, basis.rules);
  const [many, setMany] = useState(false);
  const [note, setNote] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const ledger = runLedger(bench.result, state);
  return (
    <div className="grid gap-6">
      <h2>
        <b>What burst?</b> <span className="bench-dim">How many, then what you see.</span>
      </h2>
      <BurstKeys />
      <h2>
        <b>What is left?</b>{' '}
        <span className="bench-dim">Weigh it, and the account closes in grams.</span>
      </h2>
      <Weigh tests={tests} />
      <div className="bench-keys">
        <button type="button" className="bench-key" onClick={() => setMany(!many)}>
          <b>Count all pieces</b>
          <span className="bench-dim">{state.pieces} so far</span>
        </button>
      </div>
      {many && (
        <div className="max-w-[34rem]">
          <Keypad
            asked={{
              label: 'Pieces made in all',
              kind: 'count',
              range: { min: 0, max: 20_000, whole: true },
            }}
            onCancel={() => setMany(false)}
            onTake={(pieces) => {
              happen({ kind: 'counted', pieces });
              setMany(false);
            }}
          />
        </div>
      )}
      <Ate />
      <fieldset>
        <legend className="mb-3">
          <b>How did the edge eat?</b>
        </legend>
        <div className="bench-keys">
          {EDGES.map((edge) => (
            <button
              key={edge}
              type="button"
              aria-pressed={state.edge === edge}
              className="bench-key"
              onClick={() => happen({ kind: 'edgeAte', edge })}
            >
              <b>{EDGE_NAMES[edge]}</b>
            </button>
          ))}
        </div>
      </fieldset>
      <form
        className="grid max-w-[52rem] gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          const text = note.trim();
          if (!text) return;
          happen({ kind: 'noted', text });
          setNote('');
        }}
      >
        <label>
          <b>What to change next time</b>
          <textarea
            rows={2}
            maxLength={4000}
            className="bench-field py-3"
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </label>
        <div className="bench-keys">
          <button type="submit" className="bench-key" aria-disabled={note.trim() === ''}>
            <b>Note it</b>
          </button>
          <label className="bench-key cursor-pointer focus-within:outline-4 focus-within:outline-[#9cd3ff]">
            <b>Add a picture</b>
            <span className="bench-dim">{state.pictures.length || ''}</span>
            <input
              type="file"
              accept="image/*"
              className="sr-only"
              onChange={(event) => {
                const file = event.target.files?.[0];
                event.target.value = '';
                if (!file) return;
                setTrouble(null);
                readPicture(file).then(
                  (image) => happen({ kind: 'pictured', image }),
                  () => setTrouble('That is no picture that can be read here.'),
                );
              }}
            />
          </label>
        </div>
        {trouble && (
          <p role="alert" className="bench-warn">
            {trouble}
          </p>
        )}
      </form>
      {state.notes.map(({ id, text }) => (
        <p key={id} className="max-w-[52rem] border-l-4 border-[#cfae5e] pl-4">
          {text}
        </p>
      ))}
      <section aria-label="Where it went" className="bench-panel">
        <Account name="Dough" account={ledger.dough} weighed={state.left.doughG !== null} />
        <Account name="Filling" account={ledger.filling} weighed={state.left.fillingG !== null} />
      </section>
      {afterwards && (
        <div className="bench-panel grid max-w-[34rem] gap-3">
          <p>
            <b>Logged afterwards?</b> The taps came faster than hands, so their times teach nothing.
          </p>
          <DateField
            kind="date"
            label="Made on"
            value={madeOn ?? ''}
            max={dayIn(new Date(), given.timeZone ?? systemZone())}
            onChange={setMadeOn}
          />
        </div>
      )}
      <div className="bench-keys">
        <button
          type="button"
          data-next
          className="bench-key bench-key-strong"
          onClick={() => end('finished', madeOn)}
        >
          <b>Close the batch</b>
          <span>{plural(state.pieces - state.lost, 'whole piece')}</span>
        </button>
        <button type="button" className="bench-key" onClick={() => end('abandoned')}>
          <b>Give it up</b>
          <span className="bench-dim">nothing is learnt from it</span>
        </button>
      </div>
    </div>
  );
}

/** How many ate, and what came back: the next plan has as many pieces each as were eaten. */
function Ate() {
  const { state, happen } = useBench();
  const [asking, setAsking] = useState<'people' | 'back' | null>(null);
  const whole = Math.max(0, state.pieces - state.lost);
  const { ate } = state;
  return (
    <div className="grid gap-4">
      <div className="bench-keys" role="group" aria-label="Eaten">
        <button type="button" className="bench-key" onClick={() => setAsking('people')}>
          <b>How many ate?</b>
          {ate && <span className="bench-dim">{ate.people}</span>}
        </button>
        {ate && (
          <button type="button" className="bench-key" onClick={() => setAsking('back')}>
            <b>Pieces nobody ate</b>
            <span className="bench-dim">{Math.max(0, whole - ate.pieces)}</span>
          </button>
        )}
      </div>
      {asking && (
        <div className="max-w-[34rem]">
          <Keypad
            key={asking}
            asked={
              asking === 'people'
                ? {
                    label: 'People who ate',
                    kind: 'count',
                    range: { min: 1, max: 5000, whole: true },
                  }
                : {
                    label: 'Pieces nobody ate',
                    kind: 'count',
                    range: { min: 0, max: whole, whole: true },
                  }
            }
            onCancel={() => setAsking(null)}
            onTake={(n) => {
              happen(
                asking === 'people'
                  ? { kind: 'ate', people: n, pieces: whole }
                  : { kind: 'ate', people: ate!.people, pieces: whole - n },
              );
              setAsking(null);
            }}
          />
        </div>
      )}
    </div>
  );
}

const plural = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;

/** One bowl's account: in grams, and what does not add up. */
function Account({
  name,
  account,
  weighed,
}: {
  name: string;
  account: RunAccount;
  weighed: boolean;
}) {
  const { bench } = useBench();
  const { write } = bench;
  const { inG, inPiecesG, leftG, trimG, unexplainedG, plannedG } = account;
  const off = unexplainedG - plannedG;
  const odd = Math.abs(off) > Math.max(15, 0.05 * inG);
  return (
    <p>
      <b>{name}</b> {write(inG, 'g')}: {write(inPiecesG, 'g')} in pieces
      {weighed ? `, ${write(leftG, 'g')} left` : '; what is left was not weighed'}
      {trimG > 0 && `, ${write(trimG, 'g')} trim`}.{' '}
      {weighed && (
        <span className={odd ? 'bench-warn' : 'bench-dim'}>
          {write(Math.abs(unexplainedG), 'g')}{' '}
          {unexplainedG >= 0 ? 'is nowhere to be found' : 'more came out than went in'}; the plan
          had {write(plannedG, 'g')} for bowl, hands and trim
          {odd && (off > 0 ? ': weigh what is left once more' : ': was more made than planned?')}.
        </span>
      )}
    </p>
  );
}
