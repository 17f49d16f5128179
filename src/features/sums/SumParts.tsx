'use client';

import type { ReactNode } from 'react';
import type { Ingredient } from '@/core/composition/ingredient';
import type { Kitchen } from '@/core/kitchen/kitchen';
import type { Pantry } from '@/core/composition/pantry';
import type { Working } from '@/core/working/working';
import { Figure } from '@/ui/figure/Figure';
import { SelectField } from '@/ui/fields/SelectField';

/** What every sum is given. */
export interface SumProps {
  readonly kitchen: Kitchen;
  readonly pantry: Pantry;
}

/** What is put in. */
export const Inputs = ({ children }: { children: ReactNode }) => (
  <div className="grid max-w-[38rem] grid-cols-2 gap-3 sm:grid-cols-3">{children}</div>
);

/** The answer on slate, large, with its working a tap away, and what it means. */
export function Answer({ working, children }: { working: Working; children?: ReactNode }) {
  return (
    <div
      role="status"
      className="slate mt-5 max-w-[38rem] rounded-lg bg-bench px-5 py-4 text-chalk"
    >
      <p className="text-chalk-dim">{working.label}</p>
      <p className="numeral text-huge leading-none">
        <Figure working={working} />
      </p>
      {children && <div className="mt-2 grid gap-1">{children}</div>}
    </div>
  );
}

/** An ingredient from the pantry, of those wanted. */
export function IngredientSelect({
  label,
  pantry,
  value,
  only,
  onChange,
}: {
  label: string;
  pantry: Pantry;
  value: string;
  only?(row: Ingredient): boolean;
  onChange(id: string): void;
}) {
  const rows = [...pantry.ingredients.values()].filter((row) => !only || only(row));
  return (
    <SelectField
      className="col-span-2 sm:col-span-1"
      label={label}
      value={value}
      options={rows.map(({ id, name }) => ({ value: id, label: name }))}
      onChange={onChange}
    />
  );
}

/** What something could not be worked out for, as it says itself. */
export const Trouble = ({ children }: { children: ReactNode }) => (
  <p role="alert" className="mt-5 font-semibold text-brick">
    {children}
  </p>
);
