'use client';

import { useEffect, useRef } from 'react';
import { TIMER_NAMES } from '@/core/run/steps/step';
import type { RunningTimer } from '@/core/run/fold';
import { useBench } from './BenchContext';
import { chime, useClock } from './useClock';

/** Minutes and seconds, hours where there are any; below 0 with a minus: `clockText(161)` → `'2:41'` */
export function clockText(seconds: number): string {
  const whole = Math.abs(Math.ceil(seconds));
  const two = (value: number) => String(value).padStart(2, '0');
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
  return `${seconds < 0 && whole > 0 ? '−' : ''}${h > 0 ? `${h}:${two(m)}` : m}:${two(s)}`;
}

/** Every clock that runs: each shows what is left, rings once when it is over, and is stopped by a tap. */
export function Clocks() {
  const { state, happen } = useBench();
  const now = useClock();
  const rung = useRef(new Set<string>());
  const over = now === 0 ? [] : state.timers.filter(({ endsAt }) => Date.parse(endsAt) <= now);
  const fresh = over.map(({ id }) => id).join();
  useEffect(() => {
    const due = fresh.split(',').filter((id) => id && !rung.current.has(id));
    for (const id of due) rung.current.add(id);
    if (due.length > 0) chime();
  }, [fresh]);
  if (state.timers.length === 0) return null;
  return (
    <ul aria-label="Clocks" className="flex flex-wrap gap-3">
      {state.timers.map((timer) => (
        <li key={timer.id}>
          <Chip
            timer={timer}
            now={now}
            onStop={() => happen({ kind: 'timerStopped', timerEvent: timer.id })}
          />
        </li>
      ))}
    </ul>
  );
}

/** What a clock shows, as it is said: `spoken(161)` → `'2 min 41 s left'` */
export function spoken(seconds: number): string {
  const whole = Math.ceil(Math.abs(seconds));
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
  const parts = [h && `${h} h`, m && `${m} min`, !h && (s || !m) && `${s} s`].filter(Boolean);
  return seconds > 0 ? `${parts.join(' ')} left` : `over for ${parts.join(' ')}`;
}

function Chip({ timer, now, onStop }: { timer: RunningTimer; now: number; onStop(): void }) {
  const left = (Date.parse(timer.endsAt) - now) / 1000;
  const name = TIMER_NAMES[timer.timer];
  return (
    <button
      type="button"
      className="bench-chip"
      data-over={now > 0 && left <= 0 ? '' : undefined}
      aria-label={`${name}, ${now === 0 ? '' : spoken(left)}: stop this clock`}
      onClick={onStop}
    >
      <span>{name}</span>
      <b role="timer">{now === 0 ? '…' : clockText(left)}</b>
      {now > 0 && left <= 0 && <span>over</span>}
    </button>
  );
}
