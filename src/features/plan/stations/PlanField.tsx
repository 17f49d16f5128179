'use client';

import {
  readAt,
  writeAt,
  type PlanAt,
  type PlanNumberPath,
  type PlanPath,
} from '@/core/plan/document/patch';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { QuantityField } from '@/ui/fields/QuantityField';
import { Choice, type ChoiceOption } from '@/ui/fields/Choice';
import { useEdit, usePlan } from '../editor/EditorContext';

/** A typed field bound to one number of the plan: name, measure and range are the plan's own. */
export function PlanField({
  at,
  optional = false,
  ...rest
}: {
  at: PlanNumberPath;
  /** May be left empty. */
  optional?: boolean;
  placeholder?: string;
  hint?: string;
}) {
  const plan = usePlan((all) => all);
  const { edit, tryEdit } = useEdit();
  const { label, kind, step, ...range } = PLAN_FIELDS[at];
  return (
    <QuantityField
      label={label}
      kind={kind}
      step={step}
      range={range}
      value={readAt(plan, at) as number | undefined}
      onChange={(value) => withoutPath(tryEdit((before) => writeAt(before, at, value), at))}
      {...(optional && { onClear: () => edit((before) => writeAt(before, at, undefined)) })}
      {...rest}
    />
  );
}

/** A refusal as a field says it: `must be …`, its own name in front, the path left out. */
export const withoutPath = (refusal: string | null): string | null =>
  refusal && refusal.replace(/^[\w.[\]]+: /, '');

/** One of a few words of the plan. */
export function PlanChoice<P extends PlanPath, T extends PlanAt<P> & string>({
  at,
  ...rest
}: {
  at: P;
  label: string;
  columns?: number;
  options: readonly ChoiceOption<T>[];
}) {
  const plan = usePlan((all) => all);
  const { edit } = useEdit();
  return (
    <Choice
      value={readAt(plan, at) as T}
      onChange={(value) => edit((before) => writeAt(before, at, value))}
      {...rest}
    />
  );
}
