'use client';

import type { LiveChange } from '@/core/run/live';
import type { WriteFigure } from '@/core/units/format';
import { useBench } from './BenchContext';

/** What the rest of the batch comes to, and what would make both bowls end together: one tap each. */
export function LivePanel() {
  const { bench, happen, state } = useBench();
  const { live, write } = bench;
  if (state.pieces === 0 || live.short === null) return null;
  const over = live.short === 'dough' ? live.fillingLeftG : live.doughLeftG;
  return (
    <section aria-label="The rest of the batch" className="bench-panel">
      <p className="bench-warn">
        <b>
          As it goes: {live.pieces} pieces, {write(over, 'g')} of{' '}
          {live.short === 'dough' ? 'filling' : 'dough'} left over.
        </b>
      </p>
      <div className="bench-keys">
        {live.changes.map((change) => (
          <button
            key={change.id}
            type="button"
            className="bench-key"
            onClick={() => happen(change.happening)}
          >
            <b>{changeText(change, write)}</b>
            <span className="bench-dim">{comesTo(change, write)}</span>
          </button>
        ))}
      </div>
    </section>
  );
}

/** What comes of an aim, where that is something else. */
const comesOutText = (
  aim: number,
  comesOut: number,
  unit: 'g' | 'mm',
  write: WriteFigure,
): string =>
  Math.abs(comesOut / aim - 1) < 0.015 ? '' : `: comes out as ${write(comesOut, unit)}`;

const plural = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;

function changeText({ id, to, comesOut, setting, eggs }: LiveChange, write: WriteFigure): string {
  switch (id) {
    case 'dose':
      return `Aim for ${write(to, 'g')} in each${comesOutText(to, comesOut, 'g', write)}`;
    case 'thickness':
      return `Dial ${setting} from now${comesOutText(to, comesOut, 'mm', write)}`;
    case 'moreDough':
      return eggs
        ? `More dough, ${plural(eggs, 'egg')}: ${write(to, 'g')}`
        : `${write(to, 'g')} more dough`;
    case 'moreFilling':
      return `${write(to, 'g')} more filling`;
    case 'ribbons':
      return `Ribbons from the rest`;
  }
}

function comesTo(
  { id, pieces, doughLeftG, fillingLeftG, portions, to }: LiveChange,
  write: WriteFigure,
): string {
  if (id === 'ribbons') {
    return `${pieces} pieces, ${write(to, 'g')} for ${plural(Math.max(1, portions), 'plate')}`;
  }
  return `${pieces} pieces; left over: dough ${write(doughLeftG, 'g')}, filling ${write(fillingLeftG, 'g')}`;
}
