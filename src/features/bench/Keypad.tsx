'use client';

import { Delete } from 'lucide-react';
import { useEffect, useId, useRef, useState } from 'react';
import type { FieldRange } from '@/core/range';
import { homeUnitName, parseQuantity, type QuantityKind } from '@/core/units/parse';
import { useUnits } from '@/ui/units/UnitsContext';

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'] as const;

/** What is asked of a cook as a number. */
export interface Asked {
  readonly label: string;
  readonly kind: QuantityKind;
  readonly range: FieldRange;
  readonly hint?: string;
}

/** A number by knuckle or keys: large keys, the unit beside it, what it must be when it is not. */
export function Keypad({
  asked,
  reading = null,
  onTake,
  onCancel,
}: {
  asked: Asked;
  /** What a scale or probe shows just now, in the core's own unit, and whether it is steady. */
  reading?: { readonly value: number; readonly steady: boolean } | null;
  onTake(value: number): void;
  onCancel(): void;
}) {
  const { units } = useUnits();
  const [typed, setTyped] = useState('');
  const [error, setError] = useState<string | null>(null);
  const id = useId();
  const pad = useRef<HTMLFormElement>(null);
  // All of its keys are seen when it opens, not only the field that has focus.
  useEffect(() => {
    void pad.current?.scrollIntoView?.({ block: 'nearest' });
  }, []);
  const unit = homeUnitName(asked.kind, units);
  const take = () => {
    const read = parseQuantity(typed, {
      label: asked.label,
      range: asked.range,
      kind: asked.kind,
      preferences: units,
    });
    if (read.ok) onTake(read.value);
    else setError(read.error);
  };
  return (
    <form
      ref={pad}
      noValidate
      className="bench-panel scroll-mb-28 scroll-mt-28"
      aria-label={asked.label}
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <label htmlFor={id}>
        <b>
          {asked.label}
          {unit && `, ${unit}`}
        </b>
        {asked.hint && <span className="bench-dim block">{asked.hint}</span>}
      </label>
      <input
        id={id}
        className="bench-field"
        // These keys are larger than a telephone's own, which would cover them.
        inputMode="none"
        autoComplete="off"
        autoFocus
        value={typed}
        aria-invalid={error !== null}
        aria-describedby={error ? `${id}-error` : undefined}
        onChange={(event) => {
          setTyped(event.target.value);
          setError(null);
        }}
        onKeyDown={(event) => event.key === 'Escape' && onCancel()}
      />
      {error && (
        <p id={`${id}-error`} role="alert" className="bench-warn">
          {error}
        </p>
      )}
      {reading && (
        <button
          type="button"
          className="bench-key bench-key-strong"
          aria-disabled={!reading.steady}
          onClick={() => reading.steady && onTake(reading.value)}
        >
          <b>
            Take {reading.value} {unit}
          </b>
          <span>{reading.steady ? 'steady' : 'still moving'}</span>
        </button>
      )}
      <div className="grid grid-cols-3 gap-3" role="group" aria-label="Keys">
        {KEYS.map((key) => (
          <button
            key={key}
            type="button"
            tabIndex={-1}
            className="bench-key !min-h-[72px]"
            onClick={() => {
              setTyped((before) => before + key);
              setError(null);
            }}
          >
            <b>{key}</b>
          </button>
        ))}
        <button
          type="button"
          tabIndex={-1}
          aria-label="Take the last figure off"
          className="bench-key !min-h-[72px]"
          onClick={() => setTyped((before) => before.slice(0, -1))}
        >
          <Delete size={30} />
        </button>
      </div>
      <div className="bench-keys">
        <button type="submit" className="bench-key bench-key-strong">
          <b>Save</b>
        </button>
        <button type="button" className="bench-key" onClick={onCancel}>
          <b>Leave it</b>
        </button>
      </div>
    </form>
  );
}
