'use client';

import { RadioGroup } from 'radix-ui';
import { useId, type ReactNode } from 'react';

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
}: {
  label: string;
  value: T;
  options: readonly ChoiceOption<T>[];
  onChange(value: T): void;
  /** Wraps into this many columns; in one row when left out. */
  columns?: number;
}) {
  const id = useId();
  return (
    <div>
      <span id={id} className="mb-1 block text-small text-ink-dim">
        {label}
      </span>
      <RadioGroup.Root
        aria-labelledby={id}
        value={value}
        onValueChange={(next) => onChange(next as T)}
        className="grid overflow-hidden rounded-md border-[1.5px] border-board-rule bg-board-raised"
        style={{ gridTemplateColumns: `repeat(${columns ?? options.length}, minmax(0, 1fr))` }}
      >
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            className="min-h-[44px] px-1.5 leading-tight -outline-offset-2 hover:bg-band data-[state=checked]:bg-ink data-[state=checked]:font-semibold data-[state=checked]:text-board"
          >
            {option.label}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
