'use client';

import { eggSizeOf } from '@/core/dough/eggSizes';
import { eggGrade, eggGradeOptions } from '@/features/kitchen/eggGrades';
import { EGG_WHOLE, EGG_YOLK } from '@/core/dough/makeup';
import { useEdit, usePlan, useWorld } from '../../editor/EditorContext';
import { Folded } from '../Folded';
import { PlanField } from '../PlanField';
import { useUnits } from '@/ui/units/UnitsContext';
import { SelectField } from '@/ui/fields/SelectField';

/** What one egg holds: a grade of either system, or as weighed. Shown where the recipe has egg. */
export function EggSize() {
  const dough = usePlan((plan) => plan.dough);
  const { edit } = useEdit();
  const { kitchen } = useWorld();
  const { text } = useUnits();
  const { parts, eggG, yolkG } = dough;
  if (!parts.some(({ id }) => id === EGG_WHOLE || id === EGG_YOLK)) return null;
  const size = eggSizeOf({ eggG, yolkG });
  return (
    <Folded
      title="Size of the eggs"
      says={`${text(eggG, 'g')} without shell, yolk ${text(yolkG, 'g')}`}
    >
      <SelectField
        label="Eggs"
        value={size?.id ?? 'weighed'}
        options={[
          {
            value: 'weighed',
            label: `Weighed: ${text(kitchen.eggG, 'g')} and ${text(kitchen.yolkG, 'g')} here`,
          },
          ...eggGradeOptions(text),
        ]}
        onChange={(id) => {
          const next = id === 'weighed' ? kitchen : eggGrade(id);
          if (next) {
            edit((p) => ({ ...p, dough: { ...p.dough, eggG: next.eggG, yolkG: next.yolkG } }));
          }
        }}
      />
      <div className="grid grid-cols-2 gap-3">
        <PlanField at="dough.eggG" />
        <PlanField at="dough.yolkG" />
      </div>
    </Folded>
  );
}
