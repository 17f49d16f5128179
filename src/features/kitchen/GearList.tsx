'use client';

import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { FieldRange } from '@/core/range';
import type { QuantityKind } from '@/core/units/parse';
import { QuantityField } from '@/ui/fields/QuantityField';

export interface GearItem {
  readonly name: string;
  readonly value: number;
}

/** A short list of named things, each perhaps with one measure. */
export function GearList({
  title,
  unitLabel,
  kind,
  range,
  items,
  fresh,
  onChange,
}: {
  title: string;
  unitLabel?: string;
  kind?: QuantityKind;
  range?: FieldRange;
  items: readonly GearItem[];
  fresh: GearItem;
  onChange(items: readonly GearItem[], undo?: string): void;
}) {
  const replace = (index: number, change: Partial<GearItem>) =>
    onChange(items.map((item, i) => (i === index ? { ...item, ...change } : item)));
  return (
    <section aria-label={title}>
      <h2 className="text-lead">{title}</h2>
      {items.length === 0 && <p className="text-small text-ink-dim">None yet.</p>}
      <ul className="mt-1">
        {items.map((item, index) => (
          <li
            key={`${index}${item.name}`}
            className="flex items-center gap-1.5 border-b border-board-line py-1"
          >
            <ItemName
              title={title}
              name={item.name}
              onChange={(name) => replace(index, { name })}
            />
            {kind && range && (
              <span className="w-[6.2rem] shrink-0">
                <QuantityField
                  label={`${unitLabel} of ${item.name}`}
                  hideLabel
                  kind={kind}
                  range={range}
                  value={item.value}
                  step={1}
                  onChange={(value) => replace(index, { value })}
                />
              </span>
            )}
            <button
              type="button"
              aria-label={`Remove ${item.name}`}
              onClick={() =>
                onChange(
                  items.filter((_, i) => i !== index),
                  `${item.name} removed`,
                )
              }
              className="flex h-[44px] w-[44px] shrink-0 items-center justify-center rounded-md text-ink-dim hover:bg-band hover:text-ink"
            >
              <X size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="btn mt-2 w-full" onClick={() => onChange([...items, fresh])}>
        <Plus size={18} aria-hidden /> Add
      </button>
    </section>
  );
}

/** A name edited in place; emptied, it stays as it was. */
export function ItemName({
  title,
  name,
  onChange,
}: {
  title: string;
  name: string;
  onChange(name: string): void;
}) {
  const [draft, setDraft] = useState(name);
  return (
    <input
      aria-label={`${title}: name`}
      maxLength={60}
      value={draft}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={() => (draft.trim() ? draft !== name && onChange(draft) : setDraft(name))}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      className="min-h-[44px] w-full min-w-0 rounded-md bg-transparent px-1 hover:bg-board-raised"
    />
  );
}
