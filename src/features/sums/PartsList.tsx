'use client';

import { Plus, X } from 'lucide-react';
import type { Ingredient } from '@/core/composition/ingredient';
import type { Pantry } from '@/core/composition/pantry';
import { preparationsFor } from '@/core/composition/pantry';
import { bulkUnits } from '@/core/units/volume';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';

export interface SumPart {
  readonly id: string;
  readonly g: number;
  readonly preparation?: string;
}

/** A short recipe for a sum: what, how much, and, where asked, what is done to it. */
export function PartsList({
  pantry,
  parts,
  only,
  prepared = false,
  onChange,
}: {
  pantry: Pantry;
  parts: readonly SumPart[];
  only(row: Ingredient): boolean;
  prepared?: boolean;
  onChange(parts: readonly SumPart[]): void;
}) {
  const { units } = useUnits();
  const rows = [...pantry.ingredients.values()].filter(only);
  const replace = (index: number, change: Partial<SumPart>) =>
    onChange(parts.map((part, i) => (i === index ? { ...part, ...change } : part)));
  return (
    <div className="max-w-[38rem]">
      <ul>
        {parts.map((part, index) => {
          const row = pantry.ingredients.get(part.id);
          const name = row?.name ?? part.id;
          const ways = prepared ? preparationsFor(pantry, part.id) : [];
          return (
            <li
              key={`${part.id}${index}`}
              className="grid grid-cols-[minmax(0,1fr)_7rem_44px] items-center gap-1.5 border-b border-board-line py-1.5"
            >
              <select
                aria-label={`Ingredient ${index + 1}`}
                className="field"
                value={part.id}
                onChange={(event) => replace(index, { id: event.target.value, preparation: 'raw' })}
              >
                {rows.map(({ id, name: each }) => (
                  <option key={id} value={id}>
                    {each}
                  </option>
                ))}
              </select>
              <QuantityField
                label={`Amount of ${name}`}
                hideLabel
                kind="mass"
                range={{ min: 0, max: 50_000, unit: 'g' }}
                value={part.g}
                step={part.g < 20 ? 1 : 10}
                onChange={(g) => replace(index, { g })}
                {...(row && { extraUnits: bulkUnits(row.densityGPerMl, units) })}
              />
              <button
                type="button"
                aria-label={`Remove ${name}`}
                disabled={parts.length === 1}
                className="flex h-[44px] w-[44px] items-center justify-center rounded-md text-ink-dim hover:bg-band hover:text-ink disabled:opacity-30"
                onClick={() => onChange(parts.filter((_, i) => i !== index))}
              >
                <X size={18} aria-hidden />
              </button>
              {ways.length > 1 && (
                <select
                  aria-label={`Preparation of ${name}`}
                  className="field"
                  value={part.preparation ?? 'raw'}
                  onChange={(event) => replace(index, { preparation: event.target.value })}
                >
                  {ways.map((way) => (
                    <option key={way.id} value={way.id}>
                      {way.name}
                    </option>
                  ))}
                </select>
              )}
            </li>
          );
        })}
      </ul>
      <button
        type="button"
        className="btn mt-2"
        onClick={() => onChange([...parts, { id: rows[0]?.id ?? 'water', g: 10 }])}
      >
        <Plus size={18} aria-hidden /> Add
      </button>
    </div>
  );
}
