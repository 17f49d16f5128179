'use client';

import type { Learnt } from '@/core/basis/learnt';
import { heldName, HOLD_ALL } from '@/core/calibrate/learntKeys';
import { QUANTITIES } from '@/core/calibrate/quantities';
import { useAction } from '@/features/actions/useAction';
import { holdAtTypical } from '@/server/actions/runs';
import { Button } from '@/ui/buttons/Button';
import { useUnits } from '@/ui/units/UnitsContext';

/** One thing learnt, with whose it is as a cook says it. */
export interface ShownLearnt {
  readonly learnt: Learnt;
  readonly whose: string;
}

/** Everything the batches taught: typical, here, the range; each can be held at typical. */
export function LearntTable({
  rows,
  allHeld,
}: {
  rows: readonly ShownLearnt[];
  /** Everything is held at typical, whatever is learnt. */
  allHeld: boolean;
}) {
  const { busy, hold } = useHold();
  return (
    <>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <Button resting={busy} onClick={() => void hold(HOLD_ALL, !allHeld)}>
          {allHeld ? 'Use what we’ve learned' : 'Use typical values for everything'}
        </Button>
        {allHeld && <p>Plans use typical values for now.</p>}
      </div>
      <ul className="mt-5 grid gap-x-8 md:grid-cols-2">
        {rows.map((row) => (
          <Row key={heldName(row.learnt)} {...row} allHeld={allHeld} />
        ))}
      </ul>
    </>
  );
}

/** Holds something at typical, or frees it, and says so. */
function useHold() {
  const { busy, run } = useAction();
  const hold = (name: string, held: boolean) =>
    run(() => holdAtTypical({ name, held }), {
      done: held ? 'Plans use the typical value.' : 'Plans use what we’ve learned.',
    });
  return { busy, hold };
}

function Row({ learnt, whose, allHeld }: ShownLearnt & { allHeld: boolean }) {
  const { text } = useUnits();
  const { busy, hold } = useHold();
  const { name, unit, more, less, of } = QUANTITIES[learnt.quantity];
  const { value, low, high, typical, runs, held } = learnt;
  // A cook's own figure is shown; plans, which name no cook, stand on all of them together.
  const movesPlans = of === 'cook' ? learnt.key === '' : !learnt.key.includes('/');
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-board-line py-3">
      <div className="min-w-0">
        <h2 className="text-base font-semibold">
          {name}
          {whose && <span className="font-normal text-ink-dim">: {whose}</span>}
        </h2>
        <p>
          <span className="numeral text-figure">{text(held ? typical : value, unit)}</span>{' '}
          <span className="text-ink-dim">
            {held ? `using typical; here ${text(value, unit)}` : `typical ${text(typical, unit)}`}
          </span>
        </p>
        <Range learnt={learnt} />
        <p className="text-small text-ink-dim">
          {low <= typical && typical <= high
            ? 'as typical, so far as is known'
            : value > typical
              ? more
              : less}
          ; likely {text(low, unit)} to {text(high, unit)}, from {runs}{' '}
          {runs === 1 ? 'batch' : 'batches'}
        </p>
      </div>
      {movesPlans && !allHeld && (
        <button
          type="button"
          className="btn self-start"
          aria-pressed={held}
          aria-disabled={busy}
          onClick={() => void hold(heldName(learnt), !held)}
        >
          Use the typical value
          <span className="sr-only">
            : {name} {whose}
          </span>
        </button>
      )}
    </li>
  );
}

/** The range as a line, typical as a mark on it. */
function Range({ learnt: { value, low, high, typical } }: { learnt: Learnt }) {
  const [from, to] = [Math.min(low, typical), Math.max(high, typical)];
  const pad = (to - from) * 0.08 || 1e-6;
  const at = (x: number) => (100 * (x - from + pad)) / (to - from + 2 * pad);
  return (
    <svg
      viewBox="0 0 200 16"
      className="my-1 h-4 w-full max-w-[22rem]"
      aria-hidden
      preserveAspectRatio="none"
    >
      <line x1={0} x2={200} y1={8} y2={8} stroke="var(--board-line)" strokeWidth={2} />
      <line
        x1={2 * at(low)}
        x2={2 * at(high)}
        y1={8}
        y2={8}
        stroke="var(--verdigris)"
        strokeWidth={6}
      />
      <line
        x1={2 * at(value)}
        x2={2 * at(value)}
        y1={1}
        y2={15}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <line
        x1={2 * at(typical)}
        x2={2 * at(typical)}
        y1={3}
        y2={13}
        stroke="var(--ink-dim)"
        strokeWidth={2}
        strokeDasharray="2 2"
      />
    </svg>
  );
}
