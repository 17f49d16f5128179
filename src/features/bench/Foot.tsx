'use client';

import { useBench } from './BenchContext';
import { saveTaps } from './saveTaps';

/** Taps that the kitchen has not, to be kept as a file. */
function SaveTaps({ run }: { run: string }) {
  return (
    <button type="button" className="underline" onClick={() => void saveTaps(run)}>
      Save the taps as a file
    </button>
  );
}

const waitingWords = (waiting: number) =>
  waiting === 0
    ? 'no connection'
    : `${waiting} ${waiting === 1 ? 'tap waits' : 'taps wait'} for the line`;

/** What comes next, the way back, and whether the line is up. */
export function Foot({ next }: { next: string | null }) {
  const { given, lastHere, takeBack, line, waiting, refused, kept } = useBench();
  return (
    <footer className="bench-foot">
      <div className="flex flex-wrap items-center gap-4">
        <button
          type="button"
          className="bench-chip"
          aria-disabled={lastHere.length === 0}
          onClick={() => lastHere.length > 0 && takeBack()}
        >
          Take back
        </button>
        {next && (
          <span className="max-[360px]:sr-only">
            then <b>{next}</b>
          </span>
        )}
      </div>
      <p
        role="status"
        data-line={line}
        className={`self-center ${line !== 'up' || refused > 0 || !kept ? 'bench-warn' : 'bench-dim'}`}
      >
        {!kept ? (
          'This browser keeps nothing: stay on the line.'
        ) : line === 'shut' ? (
          <>
            ✓ saved here; the kitchen does not take them:{' '}
            <a className="underline" href={`/door?to=${encodeURIComponent(`/runs/${given.id}`)}`}>
              sign in
            </a>
          </>
        ) : line === 'gone' ? (
          <>
            ✓ saved here; the kitchen no longer has this batch. <SaveTaps run={given.id} />
          </>
        ) : refused > 0 ? (
          <>
            ✓ saved here; the kitchen did not take {refused === 1 ? 'one tap' : `${refused} taps`}.{' '}
            <SaveTaps run={given.id} />
          </>
        ) : line === 'down' ? (
          `✓ saved here; ${waitingWords(waiting)}`
        ) : (
          <>
            ✓ <span className="max-sm:sr-only">{waiting > 0 ? 'saved here' : 'saved'}</span>
          </>
        )}
      </p>
    </footer>
  );
}
