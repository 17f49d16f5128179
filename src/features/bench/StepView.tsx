'use client';

import { plateNow, platesOf } from '@/core/run/steps/plate';
import { plateLine } from '@/core/run/plating';
import { useState } from 'react';
import type { StepId } from '@/core/run/events';
import { lateAt } from '@/core/run/late';
import { portionNow } from '@/core/run/steps/sheets';
import type { Bench } from '@/core/run/steps/step';
import { behind, STEPS, stepsOf } from '@/core/run/steps/steps';
import { useBench } from './BenchContext';
import { BurstKeys, ClosePanel } from './ClosePanel';
import { FeelPanel } from './FeelPanel';
import { FillKeys, SheetInHand } from './FillStep';
import { Lines } from './Lines';
import { LivePanel } from './LivePanel';
import { TestedPanel } from './TestedPanel';
import { useClock } from './useClock';
import { Weigh } from './Weigh';

/** One step, filling the screen: its figure, what to do, what is ticked, one large key. */
export function StepView({ id, go }: { id: StepId; go(step: StepId): void }) {
  const { bench, state } = useBench();
  const step = STEPS[id];
  const { figure, does, says, lines } = step.show(bench);
  return (
    <>
      <div className="bench-answer">
        {figure && (
          <p className="bench-figure">
            {figure.text}
            <small>{figure.unit}</small>
          </p>
        )}
        <h1 className="bench-does min-w-0 flex-1">{does}</h1>
        {id === 'fill' && (
          <p className="bench-count" role="status">
            <b>{state.pieces}</b>
            of {bench.result.pieces} pieces
          </p>
        )}
      </div>
      {id === 'fill' && <SheetInHand />}
      <StepKeys id={id} go={go} />
      <LateLines />
      {id !== 'close' && <TestedPanel />}
      {id === 'fill' && <DosesSay />}
      {id === 'fill' && <LivePanel />}
      {lines.length > 0 && <Lines step={id} lines={lines} />}
      {says.length > 0 && (
        <ul className="bench-says">
          {says.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      {id === 'knead' && <FeelPanel />}
      {id === 'boil' && <Burst />}
      {id === 'close' ? <ClosePanel tests={step.tests} /> : <Weigh key={id} tests={step.tests} />}
    </>
  );
}

/** The large keys of a step. */
function StepKeys({ id, go }: { id: StepId; go(step: StepId): void }) {
  const { bench, state, happen } = useBench();
  const shown = STEPS[id].show(bench);
  const done = () => {
    const own = state.timers.filter(({ timer }) => timer === shown.timer?.timer);
    happen(
      { kind: 'stepDone', step: id },
      ...own.map((each) => ({ kind: 'timerStopped' as const, timerEvent: each.id })),
    );
    go(nextOf(id, bench));
  };
  const set = shown.timer && !state.timers.some(({ timer }) => timer === shown.timer?.timer);
  const start = () =>
    shown.timer &&
    happen(
      { kind: 'stepBegun', step: id },
      { kind: 'timerSet', timer: shown.timer.timer, minutes: shown.timer.minutes },
    );
  if (id === 'close') return null;
  if (id === 'fill') {
    return (
      <FillKeys onRoll={() => go('roll')} onDone={done} onDown={set ? () => start() : undefined} />
    );
  }
  if (id === 'roll') return <RollKeys onDown={() => go('fill')} />;
  if (id === 'boil') return <BoilKeys onDone={done} start={start} onOut={() => go('plate')} />;
  if (id === 'plate') return <PlateKeys onDone={done} onNext={() => go('boil')} />;
  return (
    <div className="bench-keys">
      {set && (
        <button type="button" data-next className="bench-key bench-key-strong" onClick={start}>
          <b>{shown.timer!.name}</b>
          <span>tap, space or pedal</span>
        </button>
      )}
      <button
        type="button"
        data-next={set ? undefined : ''}
        className={`bench-key ${set ? '' : 'bench-key-strong'}`}
        onClick={done}
      >
        <b>{shown.asks}</b>
        {!set && <span>tap, space or pedal</span>}
      </button>
    </div>
  );
}

/** The step after one, in this plan's order. */
function nextOf(id: StepId, bench: Bench): StepId {
  const steps = stepsOf(bench);
  const at = steps.findIndex((step) => step.id === id);
  const passed = behind(bench.state);
  return steps.slice(at + 1).find((step) => !passed.has(step.id))?.id ?? 'close';
}

/** Rung by rung; the last one sets the sheet down and its clock going. */
function RollKeys({ onDown }: { onDown(): void }) {
  const { bench, state, happen } = useBench();
  const { rungs, portions } = bench.ladder;
  const { lines, timer } = STEPS.roll.show(bench);
  const at = lines.findIndex(({ item }) => !state.ticked.has(`roll/${item}`));
  const last = at < 0 || at === rungs.length - 1;
  const portion = portionNow(state.sheets.length, portions.sheetsEach);
  const down = () => {
    const open = state.timers.some((each) => each.timer === 'open');
    const line = lines[at];
    happen(
      ...(line ? [{ kind: 'ticked' as const, step: 'roll' as const, item: line.item }] : []),
      ...(open || !timer
        ? []
        : [{ kind: 'timerSet' as const, timer: timer.timer, minutes: timer.minutes }]),
      { kind: 'stepBegun', step: 'fill' },
    );
    onDown();
  };
  return (
    <div className="bench-keys">
      <button
        type="button"
        data-next
        className="bench-key bench-key-strong"
        onClick={() => {
          const line = lines[at];
          if (last || !line) down();
          else happen({ kind: 'ticked', step: 'roll', item: line.item });
        }}
      >
        <b>{last ? 'The sheet is down' : 'Next setting'}</b>
        <span>portion {portion}; tap, space or pedal</span>
      </button>
      {!last && (
        <button type="button" className="bench-key" onClick={down}>
          <b>It is down</b>
          <span className="bench-dim">skip the rest</span>
        </button>
      )}
    </div>
  );
}

/** Round by round: in, the clock, out. */
function BoilKeys({ onDone, start, onOut }: { onDone(): void; start(): void; onOut(): void }) {
  const { bench, state, happen } = useBench();
  const { result } = bench;
  const all = state.pieces > 0 ? state.pieces : result.pieces;
  const left = Math.max(0, all - state.boiled);
  const now = Math.max(0, Math.min(result.boil.rounds.pieces, left));
  const clock = state.timers.find(({ timer }) => timer === 'boil');
  if (left === 0 && state.boiled > 0) {
    return (
      <div className="bench-keys">
        <button type="button" data-next className="bench-key bench-key-strong" onClick={onDone}>
          <b>All are boiled</b>
          <span>tap, space or pedal</span>
        </button>
      </div>
    );
  }
  const out = () => {
    happen(
      {
        kind: 'roundDone',
        pieces: now,
        ...(clock && {
          minutes: Math.min(120, Math.max(0, (Date.now() - Date.parse(clock.startedAt)) / 60_000)),
        }),
      },
      ...(clock ? [{ kind: 'timerStopped' as const, timerEvent: clock.id }] : []),
    );
    onOut();
  };
  return (
    <div className="bench-keys">
      <button
        type="button"
        data-next
        className="bench-key bench-key-strong"
        onClick={clock ? out : start}
      >
        <b>
          {clock ? 'Out' : 'In'}: {now === 1 ? '1 piece' : `${now} pieces`}
        </b>
        <span>{clock ? 'lift them, do not pour' : 'starts the clock'}</span>
      </button>
      <p className="bench-key !border-0">
        <b>{state.boiled}</b>
        <span className="bench-dim">of {all} boiled</span>
      </p>
      <button type="button" className="bench-key" onClick={onDone}>
        <b>That is all</b>
        <span className="bench-dim">the rest is kept</span>
      </button>
    </div>
  );
}

/** Round by round: into the sauce, onto plates, and back to the pot for the next. */
function PlateKeys({ onDone, onNext }: { onDone(): void; onNext(): void }) {
  const { bench, state, happen } = useBench();
  const { timer, asks } = STEPS.plate.show(bench);
  const now = plateNow(bench);
  const clock = state.timers.find((each) => each.timer === 'sauce');
  const rest = platesOf(bench).filter(({ plated, n }) => !plated && n !== now?.n);
  const plated = () => {
    if (!now) return;
    happen(
      { kind: 'ticked', step: 'plate', item: plateLine(now.n) },
      ...(clock ? [{ kind: 'timerStopped' as const, timerEvent: clock.id }] : []),
      ...(rest.length === 0 ? [{ kind: 'stepDone' as const, step: 'boil' as const }] : []),
    );
    if (rest.length === 0) onDone();
    else if (!rest.some(({ out }) => out)) onNext();
  };
  if (!now) {
    return (
      <div className="bench-keys">
        <button type="button" data-next className="bench-key bench-key-strong" onClick={onDone}>
          <b>{asks}</b>
          <span>tap, space or pedal</span>
        </button>
      </div>
    );
  }
  const waits = timer !== null && !clock;
  return (
    <div className="bench-keys">
      {now.out && waits && (
        <button
          type="button"
          data-next
          className="bench-key bench-key-strong"
          onClick={() =>
            happen(
              { kind: 'stepBegun', step: 'plate' },
              { kind: 'timerSet', timer: timer.timer, minutes: timer.minutes },
            )
          }
        >
          <b>{timer.name}</b>
          <span>starts the clock</span>
        </button>
      )}
      {now.out && (
        <button
          type="button"
          data-next={waits ? undefined : ''}
          className={`bench-key ${waits ? '' : 'bench-key-strong'}`}
          onClick={plated}
        >
          <b>{asks}</b>
        </button>
      )}
      {!state.done.has('boil') && (
        <button
          type="button"
          data-next={now.out ? undefined : ''}
          className={`bench-key ${now.out ? '' : 'bench-key-strong'}`}
          onClick={onNext}
        >
          <b>Back to the pot</b>
          {!now.out && <span>round {now.n} is still to boil</span>}
        </button>
      )}
    </div>
  );
}

function Burst() {
  const { state } = useBench();
  const [open, setOpen] = useState(false);
  return (
    <div className="grid gap-4">
      <div className="bench-keys">
        <button
          type="button"
          aria-expanded={open}
          className="bench-key"
          onClick={() => setOpen(!open)}
        >
          <b>Some burst</b>
          {state.lost > 0 && <span className="bench-dim">{state.lost} so far</span>}
        </button>
      </div>
      {open && <BurstKeys />}
    </div>
  );
}

/** What the last doses weighed, beside what the bowls count on. */
function DosesSay() {
  const { bench, state } = useBench();
  const { shape, comesOut } = bench.result;
  const { dose } = bench.live.bowls;
  const countedOnG = (dose.aim * comesOut.doseG) / shape.doseG;
  const off = dose.comesOut / countedOnG - 1;
  if (!state.doses || Math.abs(off) < 0.04) return null;
  return (
    <p className="bench-warn">
      The scale says {bench.write(dose.comesOut, 'g')}: {Math.abs(off) < 0.12 ? 'a little ' : ''}
      {off > 0 ? 'less' : 'more'} in each.
    </p>
  );
}

/** What runs late, and what to cover, chill or take out. */
function LateLines() {
  const { bench, state } = useBench();
  const now = useClock();
  const late = now === 0 ? [] : lateAt(bench.result, state, now, bench.write);
  return (
    // What comes is spoken; that its minutes grow is not.
    <div role="status" aria-atomic={false} aria-relevant="additions">
      {late.map(({ id, says }) => (
        <p key={id} className="bench-panel bench-warn mb-3">
          <b>{says}</b>
        </p>
      ))}
    </div>
  );
}
