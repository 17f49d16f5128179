'use client';

import { useState } from 'react';
import { haveRecipe, recipeMassG } from '@/core/plan/questions/haveRecipe';
import { Button } from '@/ui/buttons/Button';
import { later } from '@/ui/layout/later';
import { say } from '@/ui/layout/say';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, usePlan, useWorld } from '../editor/EditorContext';

const PasteRecipe = later(() => import('./PasteRecipe'));

/** What can be done with a recipe as a whole: read another in its place, or make what it gives. */
export function RecipeTools({ of }: { of: 'dough' | 'filling' }) {
  const { edit } = useEdit();
  const { basis } = useWorld();
  const { text } = useUnits();
  const batch = usePlan((plan) => plan.batch);
  const dough = usePlan((plan) => plan.dough);
  const filling = usePlan((plan) => plan.filling);
  const [pasting, setPasting] = useState(false);
  const had =
    (batch.wayIn === of || batch.wayIn === 'both') &&
    Math.abs(
      (of === 'dough' ? batch.doughInHandG : batch.fillingInHandG) -
        recipeMassG({ dough, filling }, of, basis),
    ) < 1;
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <Button onClick={() => setPasting(true)}>Paste a recipe</Button>
      <Button
        resting={had}
        onClick={() =>
          edit((plan) => {
            const next = haveRecipe(plan, of, basis);
            const g = of === 'dough' ? next.batch.doughInHandG : next.batch.fillingInHandG;
            void say(`Planned from ${text(g, 'g')} of ${of}, ready to use. Undo takes it back.`);
            return next;
          })
        }
      >
        {had ? 'Planned from this recipe' : 'This recipe is what I have'}
      </Button>
      {pasting && <PasteRecipe of={of} onClose={() => setPasting(false)} />}
    </div>
  );
}
