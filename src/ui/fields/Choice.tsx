'use client';

import { useId, type ReactNode } from 'react';
import { useAnswering } from './useAnswering';

export interface ChoiceOption<T extends string> {
  readonly value: T;
  readonly label: ReactNode;
}

/** One of a few, side by side. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
  columns,
  hideLabel = false,
  scrolls = false,
}: {
  label: string;
  value: T;
  options: readonly ChoiceOption<T>[];
  onChange(value: T): void;
  /** Wraps into this many columns; in one row when left out. */
  columns?: number;
  /** Heard, not seen. */
  hideLabel?: boolean;
  /** In one row that goes past the side, for many drawn options. */
  scrolls?: boolean;
}) {
  const id = useId();
  const [shown, ask] = useAnswering(value);
  return (
    <div>
      <span id={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-small text-ink-dim'}>
        {label}
      </span>
      <div
        role="radiogroup"
        aria-labelledby={id}
        className={`grid rounded-md border-[1.5px] border-board-rule bg-board-raised ${scrolls ? 'overflow-x-auto' : 'overflow-hidden'}`}
        style={{
          gridTemplateColumns: `repeat(${columns ?? options.length}, ${scrolls ? 'auto' : 'minmax(0, 1fr)'})`,
        }}
      >
        {options.map((option) => (
          <label
            key={option.value}
            className="choice relative flex min-h-[44px] items-center justify-center px-1.5 text-center leading-tight hover:bg-band has-checked:bg-ink has-checked:font-semibold has-checked:text-board"
          >
            {/* Over all of its label, unseen: a touch anywhere on it is a touch of the input. */}
            <input
              type="radio"
              name={id}
              value={option.value}
              checked={option.value === shown}
              onChange={() => {
                ask(option.value);
                onChange(option.value);
              }}
              className="absolute inset-0 h-full w-full cursor-pointer appearance-none outline-none"
            />
            <span className="pointer-events-none">{option.label}</span>
          </label>
        ))}
      </div>
    </div>
  );
}
