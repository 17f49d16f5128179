'use client';

import { useId } from 'react';
import { useAnswering } from './useAnswering';

export interface TileOption<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly says?: string;
  readonly aside?: string;
  readonly colour?: string;
}

/** One of several, each with a word of what it is. */
export function TileChoice<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly TileOption<T>[];
  onChange(value: T): void;
}) {
  const name = useId();
  const [shown, ask] = useAnswering(value);
  return (
    <div
      role="radiogroup"
      aria-label={label}
      className="grid gap-x-4 border-t border-board-line sm:grid-cols-2 lg:grid-cols-3"
    >
      {options.map((option) => (
        <label
          key={option.value}
          className="choice relative grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 border-b border-board-line px-2 py-2.5 hover:bg-band has-checked:bg-ink has-checked:text-board"
        >
          <input
            type="radio"
            name={name}
            value={option.value}
            checked={option.value === shown}
            onChange={() => {
              ask(option.value);
              onChange(option.value);
            }}
            className="absolute inset-0 h-full w-full cursor-pointer appearance-none outline-none"
          />
          {option.colour ? (
            <span
              aria-hidden
              className="mt-1 h-4 w-4 rounded-full border border-[var(--draw)] forced-color-adjust-none"
              style={{ background: option.colour }}
            />
          ) : (
            <span aria-hidden />
          )}
          <span className="min-w-0">
            <span className="block font-semibold">{option.label}</span>
            {option.says && <span className="block text-small">{option.says}</span>}
            {option.aside && <span className="block text-small opacity-80">{option.aside}</span>}
          </span>
        </label>
      ))}
    </div>
  );
}
