'use client';

import type { ReactNode } from 'react';
import type { Ingredient } from '@/core/composition/ingredient';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { bulkUnits, cupsText } from '@/core/units/volume';
import { useUnits } from '@/ui/units/UnitsContext';
import { QuantityField } from '@/ui/fields/QuantityField';
import { usePlan, useWorld } from '../editor/EditorContext';
import { IngredientPicker } from '../../recipe/IngredientPicker';

/** One line of a recipe: what, how much, and away with it. */
export function PartRow({
  use,
  id,
  g,
  onPick,
  onAmount,
  remove,
  children,
}: {
  use: 'dough' | 'filling';
  id: string;
  g: number;
  onPick(ingredient: Ingredient): void;
  onAmount(g: number): string | null;
  remove: ReactNode;
  children?: ReactNode;
}) {
  const dough = usePlan((plan) => plan.dough);
  const { pantry } = useWorld();
  const { units } = useUnits();
  const row = pantry.ingredients.get(id);
  const name = row?.name ?? id;
  const { eggG, yolkG } = dough;
  const each = { 'egg-whole': eggG, 'egg-yolk': yolkG }[id];
  const count = each ? g / each : 0;
  const word = id === 'egg-yolk' ? 'yolk' : 'egg';
  const whole = Math.round(count);
  const note =
    each !== undefined && whole >= 1 && Math.abs(count - whole) < 0.01
      ? `${whole} ${word}${whole > 1 ? 's' : ''}; you can type “${whole + 1} ${word}s”`
      : row && g > 0
        ? cupsText(g / row.densityGPerMl, units)
        : null;
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)_7rem_44px] items-center gap-1.5">
        <IngredientPicker
          use={use}
          pantry={pantry}
          onPick={onPick}
          className="min-h-[44px] text-left leading-tight hover:underline"
        >
          {name}
        </IngredientPicker>
        <QuantityField
          label={`Amount of ${name}`}
          hideLabel
          kind="mass"
          range={PLAN_FIELDS[`${use}.parts.g`]}
          value={g}
          step={g < 20 ? 1 : 10}
          onChange={onAmount}
          extraUnits={{
            ...(each && { [`${word}s`]: each, [word]: each }),
            ...(row && bulkUnits(row.densityGPerMl, units)),
          }}
        />
        {remove}
      </div>
      {note && <p className="text-small text-ink-dim">{note}</p>}
      {children}
    </>
  );
}
