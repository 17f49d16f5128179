'use client';

import { useId, useState } from 'react';
import { Moment } from '../text/Moment';

/**
 * A day, a time of the day, or both, by the reader's own picker; what is half typed is not taken yet. What lies
 * outside its range is not taken either, and said.
 */
export function DateField({
  kind,
  label,
  hideLabel = false,
  value,
  min,
  max,
  outside,
  onChange,
}: {
  kind: 'date' | 'time' | 'datetime-local';
  label: string;
  hideLabel?: boolean;
  value: string;
  min?: string;
  max?: string;
  /** What to do instead where a day lies outside. */
  outside?: string;
  onChange(value: string): void;
}) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  const [refused, setRefused] = useState(false);
  return (
    <div>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-small text-ink-dim'}>
        {label}
      </label>
      <input
        id={id}
        type={kind}
        className="field numeral"
        value={draft ?? value}
        min={min}
        max={max}
        aria-invalid={refused}
        aria-describedby={refused ? `${id}-error` : undefined}
        onChange={({ target: { value: next, validity } }) => {
          setDraft(next);
          setRefused(false);
          // A year that is being typed is far too early: it is refused once the field is left.
          if (next && validity.valid) onChange(next.slice(0, 16));
        }}
        onBlur={({ target: { validity } }) => {
          setRefused((validity.rangeUnderflow || validity.rangeOverflow) ?? false);
          setDraft(null);
        }}
      />
      {refused && (
        <p
          id={`${id}-error`}
          role="alert"
          className="mt-1 max-w-[24rem] text-small font-semibold text-brick"
        >
          {label} must be{' '}
          {min && (
            <>
              {max ? 'from' : 'no earlier than'} <Moment at={min.slice(0, 10)} />{' '}
            </>
          )}
          {max && (
            <>
              {min ? 'to' : 'no later than'} <Moment at={max.slice(0, 10)} />
            </>
          )}
          . {outside}
        </p>
      )}
    </div>
  );
}
