import type { IngredientGroup } from '@/core/composition/ingredient';
import { readAt, writeAt, type PlanAt, type PlanPath } from '@/core/plan/document/patch';
import { SelectField } from '@/ui/fields/SelectField';
import { useEdit, usePlan, useWorld } from '../editor/EditorContext';

/** Which ingredient of a group something is, where the usual one need not be said. */
export function IngredientSelect<P extends PlanPath>({
  at,
  label,
  group,
  usualId,
  hint,
}: {
  at: P;
  label: string;
  group: IngredientGroup;
  /** What it is when nothing is chosen. */
  usualId: string;
  hint?: string;
}) {
  const chosen = usePlan((plan) => readAt(plan, at) as string | undefined);
  const { edit } = useEdit();
  const { pantry } = useWorld();
  const rows = [...pantry.ingredients.values()].filter((row) => row.group === group);
  return (
    <SelectField
      label={label}
      value={chosen ?? ''}
      hint={hint}
      options={[
        { value: '', label: `${pantry.ingredients.get(usualId)?.name ?? usualId}, as usual` },
        ...rows.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChange={(id) =>
        edit((plan) => writeAt(plan, at, (id === '' ? undefined : id) as PlanAt<P>))
      }
    />
  );
}
