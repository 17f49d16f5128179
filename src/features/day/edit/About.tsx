'use client';

import { useState } from 'react';
import { spanText } from '@/core/schedule/document/clock';
import type { Day } from '@/core/schedule/document/day';
import type { Timetable } from '@/core/schedule/timetable/timetable';
import { DateField } from '@/ui/fields/DateField';

const MINDS = [
  ['idle', 'People standing about'],
  ['switching', 'Turning to something else'],
  ['late', 'Work before six and after ten at night'],
  ['early', 'Work before it must be'],
] as const;

/** How much there is of what is unwelcome. */
const measured = ({ idleMin, switches, lateMin, earlyMin }: Timetable['disliked']) => ({
  idle: spanText(idleMin),
  switching: `${switches} ${switches === 1 ? 'time' : 'times'}`,
  late: spanText(lateMin),
  early: `${spanText(earlyMin)} on average`,
});

/** The day's first date, its note, and how much is minded what is allowed but unwelcome. */
export function About({
  day,
  timetable,
  onChange,
}: {
  day: Day;
  timetable: Timetable | null;
  onChange(next: Partial<Day>): void;
}) {
  const [note, setNote] = useState<string | null>(null);
  return (
    <div className="grid max-w-[46rem] gap-5">
      <div className="max-w-48">
        <DateField
          kind="date"
          label="First day of work"
          value={day.date}
          onChange={(date) => onChange({ date })}
        />
      </div>
      <label className="block">
        <span className="mb-1 block text-small text-ink-dim">Note</span>
        <textarea
          className="field min-h-24"
          maxLength={4000}
          value={note ?? day.note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() => {
            if (note !== null && note !== day.note) onChange({ note });
            setNote(null);
          }}
        />
      </label>
      <fieldset className="grid gap-3">
        <legend className="font-display text-lead font-semibold">How much do you mind</legend>
        {MINDS.map(([key, label]) => (
          <label key={key} className="flex flex-wrap items-center justify-between gap-3">
            <span>
              {label}
              {timetable && (
                <span className="text-ink-dim">: {measured(timetable.disliked)[key]} as it is</span>
              )}
            </span>
            <select
              className="field max-w-44"
              value={String(day.minds[key])}
              onChange={(event) =>
                onChange({ minds: { ...day.minds, [key]: Number(event.target.value) } })
              }
            >
              {[...new Set([0, 1, 3, day.minds[key]])].sort().map((value) => (
                <option key={value} value={String(value)}>
                  {{ 0: 'Not at all', 1: 'As usual', 3: 'Very much' }[value] ?? `× ${value}`}
                </option>
              ))}
            </select>
          </label>
        ))}
      </fieldset>
    </div>
  );
}
