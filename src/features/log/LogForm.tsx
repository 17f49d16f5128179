'use client';

import { cutTo } from '@/core/cutTo';
import { useEffect, useId, useRef, useState, type FormEvent } from 'react';
import { LOG_FIELDS } from '@/core/log/logFields';
import type { LogEntry } from '@/core/log/logEntry';
import { homeUnitName, inHomeUnits, parseQuantity, type QuantityKind } from '@/core/units/parse';
import type { UnitPreferences } from '@/core/units/preferences';
import { writeLogEntry } from '@/server/actions/log';
import { useUnits } from '@/ui/units/UnitsContext';
import { dayOf, emptyDraft, useLogDraft, type LogDraft } from './useLogDraft';
import { say } from '@/ui/layout/say';
import { Button } from '@/ui/buttons/Button';

type NumberKey = keyof typeof LOG_FIELDS;

const KINDS: Record<NumberKey, QuantityKind> = {
  pieces: 'count',
  burst: 'count',
  doughLeftG: 'mass',
  fillingLeftG: 'mass',
  thicknessMm: 'length',
  doseG: 'mass',
};

const OPTIONAL: ReadonlySet<NumberKey> = new Set(['thicknessMm', 'doseG']);

/** Logs a batch. What is typed is kept on this device until it is stored. */
export function LogForm({
  planId,
  revision,
  cooks,
  planned,
  entry,
  onDone,
}: {
  planId: string;
  revision: number;
  cooks: readonly string[];
  planned?: { readonly pieces: number; readonly thicknessMm: number; readonly doseG: number };
  /** The one to put right; a new one when left out. */
  entry?: LogEntry;
  onDone?(): void;
}) {
  const { units, text } = useUnits();
  const { draft, setDraft, clear } = useLogDraft(planId, entry && draftOf(entry, units));
  const [errors, setErrors] = useState<Partial<Record<string, string>>>({});
  const [trouble, setTrouble] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const ids = useId();
  const set = (change: Partial<LogDraft>) => setDraft({ ...draft, ...change });

  useEffect(() => {
    // Straight to the first thing that needs mending.
    if (Object.keys(errors).length)
      form.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [errors]);

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const found: Partial<Record<string, string>> = {};
    const numbers: Partial<Record<NumberKey, number>> = {};
    for (const key of Object.keys(LOG_FIELDS) as NumberKey[]) {
      if (OPTIONAL.has(key) && draft[key].trim() === '') continue;
      const { label, ...range } = LOG_FIELDS[key];
      const parsed = parseQuantity(draft[key], {
        label,
        range,
        kind: KINDS[key],
        preferences: units,
      });
      if (parsed.ok) numbers[key] = parsed.value;
      else found[key] = parsed.error;
    }
    if (!found.burst && !found.pieces && (numbers.burst ?? 0) > (numbers.pieces ?? 0)) {
      found.burst = `Burst must be a whole number from 0 to ${numbers.pieces}, the pieces made`;
    }
    if (!draft.madeOn) found.madeOn = 'Date must be a day';
    setErrors(found);
    setTrouble(null);
    if (Object.keys(found).length) return;
    setSending(true);
    try {
      const cook = draft.cook.trim();
      const result = await writeLogEntry({
        planId,
        revision,
        again: entry !== undefined,
        entry: {
          id: draft.id,
          madeOn: draft.madeOn,
          note: draft.note,
          ...(cook && { cook }),
          ...numbers,
        },
      });
      if (result.ok) {
        clear();
        void say(entry ? 'Put right.' : 'Written down.');
        onDone?.();
      } else if (result.path && (result.path in LOG_FIELDS || result.path === 'madeOn')) {
        setErrors({ [result.path]: result.error });
      } else {
        setTrouble(result.error);
      }
    } catch {
      setTrouble('No answer from the server. What you typed is kept here; try again.');
    } finally {
      setSending(false);
    }
  };

  const number = (key: NumberKey, placeholder?: string) => (
    <TextField
      key={key}
      id={`${ids}-${key}`}
      label={LOG_FIELDS[key].label}
      unit={homeUnitName(KINDS[key], units)}
      value={draft[key]}
      placeholder={placeholder}
      error={errors[key]}
      inputMode={KINDS[key] === 'count' ? 'numeric' : 'decimal'}
      onChange={(value) => set({ [key]: value })}
    />
  );
  return (
    <form
      ref={form}
      noValidate
      onSubmit={(event) => void submit(event)}
      className="rounded-lg border-[1.5px] border-board-rule p-5"
    >
      <h2 className="font-display text-figure">{entry ? 'Edit batch' : 'Log a batch'}</h2>
      <p className="mb-4 text-ink-dim">Made from revision {revision}.</p>
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        <TextField
          id={`${ids}-day`}
          label="Day"
          type="date"
          value={draft.madeOn}
          error={errors.madeOn}
          onChange={(madeOn) => set({ madeOn })}
        />
        <div>
          <TextField
            id={`${ids}-cook`}
            label="Cook"
            value={draft.cook}
            list={`${ids}-cooks`}
            onChange={(cook) => set({ cook: cutTo(cook, 60) })}
          />
          <datalist id={`${ids}-cooks`}>
            {cooks.map((cook) => (
              <option key={cook} value={cook} />
            ))}
          </datalist>
        </div>
        {number('pieces', planned && `planned ${planned.pieces}`)}
        {number('burst')}
        {number('doughLeftG')}
        {number('fillingLeftG')}
        {number('thicknessMm', `if taken`)}
        {number('doseG', `if taken`)}
      </div>
      {planned && (
        <p className="mt-2 text-small text-ink-dim">
          Planned: {text(planned.thicknessMm, 'mm')} and {text(planned.doseG, 'g')} a piece.
        </p>
      )}
      <label className="mt-3 block">
        <span className="mb-1 block text-small text-ink-dim">
          Note: how the edge ate, what to change
        </span>
        <textarea
          rows={3}
          maxLength={4000}
          value={draft.note}
          onChange={(event) => set({ note: event.target.value })}
          className="field py-2"
        />
      </label>
      {trouble && (
        <p role="alert" className="mt-3 font-semibold text-brick">
          {trouble}
        </p>
      )}
      <div className="mt-4 flex gap-2">
        <Button submits strong resting={sending}>
          {sending ? 'Saving…' : 'Save'}
        </Button>
        {entry ? (
          <Button
            onClick={() => {
              clear();
              onDone?.();
            }}
          >
            Cancel
          </Button>
        ) : (
          <Button
            onClick={() => {
              setDraft(emptyDraft(draft.id, dayOf(new Date())));
              setErrors({});
              void say('Cleared.', { undo: () => setDraft(draft) });
            }}
          >
            Clear
          </Button>
        )}
      </div>
    </form>
  );
}

/** An entry as it would be typed, in the user's own units. */
function draftOf(entry: LogEntry, units: UnitPreferences): LogDraft {
  const typed = (key: NumberKey) => {
    const value = entry[key];
    return value === undefined ? '' : inHomeUnits(value, KINDS[key], units);
  };
  return {
    id: entry.id,
    madeOn: entry.madeOn,
    cook: entry.cook ?? '',
    note: entry.note,
    pieces: typed('pieces'),
    burst: typed('burst'),
    doughLeftG: typed('doughLeftG'),
    fillingLeftG: typed('fillingLeftG'),
    thicknessMm: typed('thicknessMm'),
    doseG: typed('doseG'),
  };
}

function TextField({
  id,
  label,
  unit,
  value,
  error,
  onChange,
  ...rest
}: {
  id: string;
  label: string;
  unit?: string;
  value: string;
  error?: string | undefined;
  placeholder?: string | undefined;
  type?: string;
  list?: string;
  inputMode?: 'numeric' | 'decimal';
  onChange(value: string): void;
}) {
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-small text-ink-dim">
        {label}
        {unit && `, ${unit}`}
      </label>
      <input
        id={id}
        className="field placeholder:text-ink-dim"
        autoComplete="off"
        value={value}
        aria-invalid={error !== undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        onChange={(event) => onChange(event.target.value)}
        {...rest}
      />
      {error && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-small font-semibold text-brick">
          {error}
        </p>
      )}
    </div>
  );
}
