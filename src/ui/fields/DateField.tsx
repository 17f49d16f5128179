'use client';

import { useId, useState } from 'react';

/** A day, a time of the day, or both, by the reader's own picker; what is half typed is not taken yet. */
export function DateField({
  kind,
  label,
  hideLabel = false,
  value,
  min,
  max,
  onChange,
}: {
  kind: 'date' | 'time' | 'datetime-local';
  label: string;
  hideLabel?: boolean;
  value: string;
  min?: string;
  max?: string;
  onChange(value: string): void;
}) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
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
        onChange={({ target }) => {
          setDraft(target.value);
          if (target.value && target.checkValidity()) onChange(target.value.slice(0, 16));
        }}
        onBlur={() => setDraft(null)}
      />
    </div>
  );
}
