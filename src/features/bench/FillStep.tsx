'use client';

import { useRef, useState } from 'react';
import { STEPS } from '@/core/run/steps/steps';
import { piecesOfSheet } from '@/core/run/steps/sheets';
import { LayoutDrawing } from '@/ui/drawings/LayoutDrawing';
import { say } from '@/ui/layout/say';
import { useView } from '@/ui/layout/ViewContext';
import { useBench } from './BenchContext';
import { clockText } from './Clocks';
import { useClock } from './useClock';

/** The sheet in hand: its marks, and how long it stays open beside how long it takes. */
export function SheetInHand() {
  const { bench, given, state } = useBench();
  const now = useClock();
  const view = useView();
  const { result } = bench;
  const open = state.timers.find(({ timer }) => timer === 'open');
  const timed = state.sheets.filter(({ seconds, pieces }) => seconds !== null && pieces > 0);
  const each =
    timed.length > 0
      ? timed.reduce((sum, { seconds }) => sum + (seconds ?? 0), 0) /
        timed.reduce((sum, { pieces }) => sum + pieces, 0)
      : result.sheet.fill.secondsPerPiece / given.plan.sheet.people;
  const needsS = each * piecesOfSheet(bench);
  // Before the page knows the hour the place of what it says is kept, so that nothing below it moves.
  const known = now > 0;
  const leftS = open && known ? (Date.parse(open.endsAt) - now) / 1000 : needsS;
  return (
    <div className="grid gap-3">
      <LayoutDrawing
        result={result}
        colour={given.plan.colour}
        width={view === 'phone' ? 340 : 1100}
        tallest={150}
        letters={view === 'phone' ? 0 : 24}
      />
      {open && (
        <div className={known ? 'contents' : 'invisible grid gap-3'}>
          <div className="bench-bar" aria-hidden>
            <i
              style={{ width: `${Math.max(0, Math.min(1, leftS / (60 * open.minutes))) * 100}%` }}
            />
          </div>
          <p className={leftS < needsS ? 'bench-warn' : ''}>
            {leftS > 0
              ? `Open ${clockText(leftS)} more; at your pace this sheet needs ${clockText(needsS)}.`
              : 'It has dried: damp the edges before you close them.'}
          </p>
        </div>
      )}
    </div>
  );
}

/** Two taps within so long are one, ms. */
const BOUNCE_MS = 600;

/** What a sheet gave: sealed with so many, some fewer, or torn. */
export function FillKeys({
  onRoll,
  onDone,
  onDown,
}: {
  onRoll(): void;
  onDone(): void;
  /** A sheet is down, and its clock is not yet going; left out where it is. */
  onDown?: (() => void) | undefined;
}) {
  const { bench, state, happen } = useBench();
  const [fewer, setFewer] = useState(0);
  const now = useClock();
  const open = state.timers.find(({ timer }) => timer === 'open');
  const full = piecesOfSheet(bench);
  const pieces = Math.max(0, full - fewer);
  const done = state.pieces >= bench.result.pieces;
  const last = useRef({ what: '', at: 0 });
  const change = (by: number) => {
    // Who changes the count means the next tap.
    last.current = { what: '', at: 0 };
    setFewer(fewer - by);
  };
  const seal = (torn: boolean) => {
    // A finger that bounces, or a key held down, is one sheet: none is sealed faster.
    const what = `${torn} ${pieces}`;
    const bounced = last.current.what === what && Date.now() - last.current.at < BOUNCE_MS;
    last.current = { what, at: Date.now() };
    if (bounced) return void say('Counted once. Tap again for the next sheet.');
    const seconds =
      open && now > 0 ? Math.max(0, (Date.now() - Date.parse(open.startedAt)) / 1000) : null;
    happen(
      {
        kind: 'sheetDone',
        pieces: torn ? 0 : pieces,
        torn,
        ...(seconds !== null && seconds < 36_000 && { seconds: Math.round(seconds) }),
        people: bench.plan.sheet.people,
      },
      ...(open ? [{ kind: 'timerStopped' as const, timerEvent: open.id }] : []),
    );
    setFewer(0);
  };
  const [verb] = STEPS.fill.show(bench).asks.split(':');
  return (
    <div className="bench-keys">
      {done ? (
        <button type="button" data-next className="bench-key bench-key-strong" onClick={onDone}>
          <b>All {state.pieces} are made</b>
          <span>tap, space or pedal</span>
        </button>
      ) : (
        <button
          type="button"
          data-next
          className="bench-key bench-key-strong"
          onClick={() => seal(false)}
        >
          <b>
            {verb}: {pieces} {pieces === 1 ? 'piece' : 'pieces'}
          </b>
          <span>tap, space or pedal</span>
        </button>
      )}
      <button
        type="button"
        className="bench-key"
        aria-disabled={pieces === 0}
        onClick={() => pieces > 0 && change(-1)}
      >
        <b>One fewer</b>
        <span className="bench-dim">{Math.max(0, pieces - 1)}</span>
      </button>
      <button type="button" className="bench-key" onClick={() => change(1)}>
        <b>One more</b>
        <span className="bench-dim">{pieces + 1}</span>
      </button>
      <button type="button" className="bench-key" onClick={() => seal(true)}>
        <b>It tore</b>
        <span className="bench-dim">to the trim</span>
      </button>
      {onDown && (
        <button type="button" className="bench-key" onClick={onDown}>
          <b>A sheet is down</b>
          <span className="bench-dim">starts its clock</span>
        </button>
      )}
      <button type="button" className="bench-key" onClick={onRoll}>
        <b>Roll the next</b>
      </button>
      {!done && state.pieces > 0 && (
        <button type="button" className="bench-key" onClick={onDone}>
          <b>That is all</b>
          <span className="bench-dim">no more sheets</span>
        </button>
      )}
    </div>
  );
}
