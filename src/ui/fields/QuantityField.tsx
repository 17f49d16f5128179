'use client';

import { useId, useState, type KeyboardEvent } from 'react';
import type { FieldRange } from '@/core/range';
import {
  homeUnitName,
  inHomeUnits,
  parseQuantity,
  rangeInHomeUnits,
  type QuantityKind,
} from '@/core/units/parse';
import { nudged } from './nudged';
import { useUnits } from '../units/UnitsContext';

export interface QuantityFieldProps {
  readonly label: string;
  readonly range: FieldRange;
  readonly kind: QuantityKind;
  /** In the core's units; undefined for a field that may stay empty. */
  readonly value: number | undefined;
  /** Takes the value; a reason given back is why it was not, and the typed text stays. */
  onChange(value: number): string | null | void;
  /** Called when an optional field is emptied. */
  onClear?(): void;
  /** One nudge by arrow key, in the core's units. Shift makes it a tenth (counts stay whole). */
  readonly step: number;
  readonly extraUnits?: Readonly<Record<string, number>>;
  readonly size?: 'normal' | 'large';
  readonly hideLabel?: boolean;
  readonly placeholder?: string;
  readonly hint?: string;
}

/**
 * A number to type, in any unit of its kind. What cannot be read stays on show with its reason, and
 * the plan keeps its last good value.
 */
export function QuantityField(props: QuantityFieldProps) {
  const { label, range, kind, value, onChange, onClear, step, extraUnits, size = 'normal' } = props;
  const { units } = useUnits();
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  /** Told apart, so that the same words are spoken again when the same is typed again. */
  const [refusals, setRefusals] = useState(0);
  const shown = value === undefined ? '' : inHomeUnits(value, kind, units);
  const unit = homeUnitName(kind, units);

  const commit = () => {
    if (draft === null) return;
    if (draft.trim() === '' && onClear) {
      onClear();
    } else if (draft.trim() !== shown) {
      const parsed = parseQuantity(draft, { label, kind, range, preferences: units, extraUnits });
      const refused = parsed.ok ? onChange(parsed.value) : parsed.error;
      if (refused) {
        setError(parsed.ok ? `${label} ${refused}` : refused);
        setRefusals((so) => so + 1);
        return;
      }
    }
    setDraft(null);
    setError(null);
  };

  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') {
      commit();
    } else if (event.key === 'Escape') {
      setDraft(null);
      setError(null);
    } else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && value !== undefined) {
      event.preventDefault();
      const by =
        (event.shiftKey && !range.whole ? step / 10 : step) * (event.key === 'ArrowUp' ? 1 : -1);
      setDraft(null);
      setError(null);
      onChange(nudged(value, by, range));
    }
  };

  const large = size === 'large';
  return (
    <div className={large ? 'text-right' : ''}>
      <label
        htmlFor={id}
        className={props.hideLabel ? 'sr-only' : 'mb-1 block text-small text-ink-dim'}
      >
        {label}
      </label>
      <span
        className={`flex items-baseline gap-1.5 rounded-md border-[1.5px] px-2 ${
          error
            ? 'border-brick'
            : large
              ? 'border-transparent hover:border-board-rule'
              : 'border-board-rule bg-board-raised'
        } focus-within:border-ink focus-within:bg-board-raised has-[:focus-visible]:outline-[3px] has-[:focus-visible]:outline-[var(--focus)]`}
      >
        <input
          id={id}
          inputMode={range.whole ? 'numeric' : 'decimal'}
          autoComplete="off"
          value={draft ?? shown}
          placeholder={props.placeholder}
          aria-invalid={error !== null}
          data-undo={draft === null || draft === shown ? 'plan' : undefined}
          aria-describedby={error ? `${id}-error` : `${id}-range${props.hint ? ` ${id}-hint` : ''}`}
          onChange={(event) => setDraft(event.target.value)}
          onFocus={(event) => event.target.select()}
          onBlur={commit}
          onKeyDown={onKey}
          className={`min-h-[44px] w-full min-w-0 bg-transparent text-right outline-none placeholder:text-ink-dim ${
            large ? 'numeral text-figure' : 'font-semibold'
          }`}
          style={
            large
              ? { width: `${Math.max(2.2, (draft ?? shown).length * 0.62 + 0.4)}em` }
              : undefined
          }
        />
        {unit && <span className="text-small text-ink-dim">{unit}</span>}
      </span>
      <span id={`${id}-range`} hidden>
        {rangeInHomeUnits(range, kind, units)}
      </span>
      {error ? (
        <p
          key={refusals}
          id={`${id}-error`}
          role="alert"
          className="mt-1 text-left text-small font-semibold text-brick"
        >
          {error}. {value !== undefined && `Still ${shown}${unit ? ` ${unit}` : ''}.`}
        </p>
      ) : (
        props.hint && (
          <p id={`${id}-hint`} className="mt-1 text-small text-ink-dim">
            {props.hint}
          </p>
        )
      )}
    </div>
  );
}
