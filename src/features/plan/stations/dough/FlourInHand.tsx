'use client';

import { haveFlour } from '@/core/plan/questions/haveFlour';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import type { Plan } from '@/core/plan/document/schema';
import { Button } from '@/ui/buttons/Button';
import { QuantityField } from '@/ui/fields/QuantityField';
import { say } from '@/ui/layout/say';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, usePlan, useWorld } from '../../editor/EditorContext';
import { Folded } from '../Folded';
import { withoutPath } from '../PlanField';

const withHave = (plan: Plan, index: number, haveG: number | undefined): Plan => ({
  ...plan,
  dough: {
    ...plan.dough,
    parts: plan.dough.parts.map((part, i) => {
      if (i !== index) return part;
      const { haveG: _before, ...rest } = part;
      return haveG === undefined ? rest : { ...rest, haveG };
    }),
  },
});

/** Flours of which there is only so much, and the batch that they give. */
export function FlourInHand() {
  const { edit, tryEdit } = useEdit();
  const { basis } = useWorld();
  const { text } = useUnits();
  const parts = usePlan((plan) => plan.dough.parts);
  const wayIn = usePlan((plan) => plan.batch.wayIn);
  const flours = parts
    .map((part, index) => ({ ...part, index, row: basis.pantry.ingredients.get(part.id) }))
    .filter(({ row }) => row?.group === 'flour');
  const limited = flours.filter(({ haveG }) => haveG !== undefined);
  const says = limited
    .map(({ haveG, row }) => `${text(haveG!, 'g')} of ${row!.name.toLowerCase()}`)
    .join(', ');
  return (
    <Folded title="Flour you have" says={says || 'enough of each'}>
      {flours.map(({ id, index, haveG, row }) => (
        <QuantityField
          key={`${index} ${id}`}
          label={`All there is of ${row!.name}`}
          kind="mass"
          range={PLAN_FIELDS['dough.parts.haveG']}
          step={10}
          value={haveG}
          placeholder="enough"
          onChange={(g) => withoutPath(tryEdit((p) => withHave(p, index, g), `have ${index}`))}
          onClear={() => edit((p) => withHave(p, index, undefined))}
        />
      ))}
      {limited.length > 0 && (
        <Button
          onClick={() =>
            edit((plan) => {
              const next = haveFlour(plan, basis);
              void say(
                next === plan
                  ? 'That is too little flour for any dough.'
                  : `Planned from ${text(next.batch.doughInHandG, 'g')} of dough, all that this flour makes. Undo takes it back.`,
              );
              return next;
            })
          }
        >
          {wayIn === 'filling' || wayIn === 'both'
            ? 'Use up this flour and the filling'
            : 'Make what this flour gives'}
        </Button>
      )}
    </Folded>
  );
}
