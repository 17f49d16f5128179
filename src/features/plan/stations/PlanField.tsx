'use client';

import { PLAN_FIELDS } from '@/core/plan/planFields';
import type { Plan } from '@/core/plan/schema';
import { QuantityField, type QuantityFieldProps } from '@/ui/fields/QuantityField';
import { useEditor } from '../editor/EditorContext';

/** A typed field bound to one number of the plan: label and range come from the plan's own fields. */
export function PlanField({
  field,
  set,
  ...rest
}: {
  field: keyof typeof PLAN_FIELDS;
  set(plan: Plan, value: number): Plan;
} & Omit<QuantityFieldProps, 'label' | 'range' | 'onChange'> & { label?: string }) {
  const { edit } = useEditor();
  const range = PLAN_FIELDS[field];
  return (
    <QuantityField
      label={range.label}
      range={range}
      {...rest}
      onChange={(value) => edit((plan) => set(plan, value), field)}
    />
  );
}
