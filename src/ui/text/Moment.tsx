'use client';

import type { WriteFigure } from '@/core/units/format';
import { useInBrowser } from '../browser/useInBrowser';
import { useUnits } from '../units/UnitsContext';

/**
 * A day, or a moment of it, as the reader's own language and clock write it. The server knows
 * neither: its page shows the plain date until the reader's own takes its place.
 */
export function Moment({
  at,
  time = false,
  className,
}: {
  /** `2026-11-24`, or an ISO moment. */
  at: string;
  /** With the time of day, or that alone. */
  time?: boolean | 'only';
  className?: string;
}) {
  const { text: write } = useUnits();
  const text = useInBrowser(
    () => written(at, time, write),
    time === 'only' ? at.slice(11, 16) : at.slice(0, 10),
  );
  return (
    <time dateTime={at} className={className}>
      {text}
    </time>
  );
}

function written(at: string, time: boolean | 'only', write: WriteFigure): string {
  // A bare day is that day everywhere, not midnight somewhere else.
  const [year = 0, month = 1, day = 1] = at.slice(0, 10).split('-').map(Number);
  const moment = at.length > 10 ? new Date(at) : new Date(year, month - 1, day);
  const hour = time && write(60 * moment.getHours() + moment.getMinutes(), 'timeOfDay');
  if (time === 'only') return hour || '';
  const date = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' }).format(moment);
  return hour ? `${date}, ${hour}` : date;
}
