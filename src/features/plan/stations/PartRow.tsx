'use client';

import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Ingredient } from '@/core/composition/ingredient';
import { startingPantry } from '@/core/composition/pantry';
import { PLAN_FIELDS } from '@/core/plan/planFields';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useEditor } from '../editor/EditorContext';
import { IngredientPicker } from './IngredientPicker';

/** One line of a recipe: what, how much, and away with it. */
export function PartRow({
  use,
  id,
  g,
  onPick,
  onAmount,
  onRemove,
  removable,
  children,
}: {
  use: 'dough' | 'filling';
  id: string;
  g: number;
  onPick(ingredient: Ingredient): void;
  onAmount(g: number): string | null;
  onRemove(): void;
  removable: boolean;
  children?: ReactNode;
}) {
  const { kitchen } = useEditor();
  const name = startingPantry.ingredients.get(id)?.name ?? id;
  const each = { 'egg-whole': kitchen.eggG, 'egg-yolk': kitchen.yolkG }[id];
  const count = each ? g / each : 0;
  const word = id === 'egg-yolk' ? 'yolk' : 'egg';
  return (
    <li className="border-b border-board-line py-2">
      <div className="grid grid-cols-[minmax(0,1fr)_7rem_44px] items-center gap-1.5">
        <IngredientPicker
          use={use}
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
          {...(each && { extraUnits: { [`${word}s`]: each, [word]: each } })}
        />
        <button
          type="button"
          disabled={!removable}
          onClick={onRemove}
          aria-label={`Remove ${name}`}
          className="flex h-[44px] w-[44px] items-center justify-center rounded-md text-ink-dim hover:bg-band hover:text-ink disabled:opacity-30"
        >
          <X size={18} aria-hidden />
        </button>
      </div>
      {each !== undefined && count >= 1 && Math.abs(count - Math.round(count)) < 0.01 && (
        <p className="text-small text-ink-dim">
          {Math.round(count)} {word}
          {Math.round(count) > 1 ? 's' : ''} as yours weigh; you can type “{Math.round(count) + 1}{' '}
          {word}s”
        </p>
      )}
      {children}
    </li>
  );
}
