'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import type { FieldRange } from '@/core/range';
import type { QuantityKind } from '@/core/units/parse';
import { QuantityField } from '@/ui/fields/QuantityField';
import { EditableList } from '@/ui/lists/EditableList';

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
  return (
    <section aria-label={title}>
      <h2 className="text-lead">{title}</h2>
      <EditableList
        rows={items}
        nameOf={({ name }) => name}
        onChange={(rows, removed) => onChange(rows, removed && `${removed} removed`)}
        empty={<p className="text-small text-ink-dim">None yet.</p>}
        className="mt-1"
        rowClassName="flex items-center gap-1.5 border-b border-board-line py-1"
        add={(insert) => <AddButton onClick={() => insert(fresh)} />}
      >
        {(item, { replace, remove }) => (
          <>
            <ItemName title={title} name={item.name} onChange={(name) => replace({ name })} />
            {kind && range && (
              <span className="w-[6.2rem] shrink-0">
                <QuantityField
                  label={`${unitLabel} of ${item.name}`}
                  hideLabel
                  kind={kind}
                  range={range}
                  value={item.value}
                  step={1}
                  onChange={(value) => replace({ value })}
                />
              </span>
            )}
            {remove}
          </>
        )}
      </EditableList>
    </section>
  );
}

/** Adds a row to a list of gear. */
export const AddButton = ({ onClick }: { onClick(): void }) => (
  <button type="button" className="btn mt-2 w-full" onClick={onClick}>
    <Plus size={18} aria-hidden /> Add
  </button>
);

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
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <input
      aria-label={`${title}: name`}
      maxLength={60}
      value={draft ?? name}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={() => {
        if (draft?.trim() && draft !== name) onChange(draft);
        setDraft(null);
      }}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      className="min-h-[44px] w-full min-w-0 rounded-md bg-transparent px-1 hover:bg-board-raised"
    />
  );
}
