'use client';

import { EGG_SYSTEMS, eggSizeOf } from '@/core/dough/eggSizes';
import { EGG_WHOLE, EGG_YOLK } from '@/core/dough/makeup';
import { useEdit, usePlan, useWorld } from '../../editor/EditorContext';
import { PlanField } from '../PlanField';

/** What one egg holds: a grade of either system, or as weighed. Shown where the recipe has egg. */
export function EggSize() {
  const dough = usePlan((plan) => plan.dough);
  const { edit } = useEdit();
  const { kitchen } = useWorld();
  const { parts, eggG, yolkG } = dough;
  if (!parts.some(({ id }) => id === EGG_WHOLE || id === EGG_YOLK)) return null;
  const size = eggSizeOf({ eggG, yolkG });
  return (
    <div className="mt-3 grid gap-3">
      <label className="block">
        <span className="mb-1 block text-small text-ink-dim">Eggs</span>
        <select
          className="field"
          value={size?.id ?? 'weighed'}
          onChange={(event) => {
            const next =
              event.target.value === 'weighed'
                ? kitchen
                : EGG_SYSTEMS.flatMap(({ sizes }) => sizes).find(
                    ({ id }) => id === event.target.value,
                  );
            if (next) {
              edit((p) => ({ ...p, dough: { ...p.dough, eggG: next.eggG, yolkG: next.yolkG } }));
            }
          }}
        >
          <option value="weighed">
            Weighed: {kitchen.eggG} g and {kitchen.yolkG} g here
          </option>
          {EGG_SYSTEMS.map(({ name, sizes }) => (
            <optgroup key={name} label={name}>
              {sizes.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.name}, {each.eggG} g, yolk {each.yolkG} g
                </option>
              ))}
            </optgroup>
          ))}
        </select>
      </label>
      <div className="grid grid-cols-2 gap-3">
        <PlanField at="dough.eggG" />
        <PlanField at="dough.yolkG" />
      </div>
    </div>
  );
}
