'use client';

import { Plus } from 'lucide-react';
import type { Ingredient } from '@/core/composition/ingredient';
import type { Pantry } from '@/core/composition/pantry';
import { preparationsFor } from '@/core/composition/pantry';
import { bulkUnits } from '@/core/units/volume';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { EditableList } from '@/ui/lists/EditableList';
import { SelectField } from '@/ui/fields/SelectField';

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
  return (
    <div className="max-w-[38rem]">
      <EditableList
        rows={parts}
        nameOf={({ id }) => pantry.ingredients.get(id)?.name ?? id}
        onChange={onChange}
        least={1}
        rowClassName="grid grid-cols-[minmax(0,1fr)_7rem_44px] items-center gap-1.5 border-b border-board-line py-1.5"
        add={(insert) => (
          <button
            type="button"
            className="btn mt-2"
            onClick={() => insert({ id: rows[0]?.id ?? 'water', g: 10 })}
          >
            <Plus size={18} aria-hidden /> Add
          </button>
        )}
      >
        {(part, { index, replace, remove }) => {
          const row = pantry.ingredients.get(part.id);
          const name = row?.name ?? part.id;
          const ways = prepared ? preparationsFor(pantry, part.id) : [];
          return (
            <>
              <SelectField
                hideLabel
                label={`Ingredient ${index + 1}`}
                value={part.id}
                options={rows.map((each) => ({ value: each.id, label: each.name }))}
                onChange={(id) => replace({ id, preparation: 'raw' })}
              />
              <QuantityField
                label={`Amount of ${name}`}
                hideLabel
                kind="mass"
                range={{ min: 0, max: 50_000, unit: 'g' }}
                value={part.g}
                step={part.g < 20 ? 1 : 10}
                onChange={(g) => replace({ g })}
                {...(row && { extraUnits: bulkUnits(row.densityGPerMl, units) })}
              />
              {remove}
              {ways.length > 1 && (
                <SelectField
                  hideLabel
                  label={`Preparation of ${name}`}
                  value={part.preparation ?? 'raw'}
                  options={ways.map((way) => ({ value: way.id, label: way.name }))}
                  onChange={(preparation) => replace({ preparation })}
                />
              )}
            </>
          );
        }}
      </EditableList>
    </div>
  );
}
