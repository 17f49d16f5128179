'use client';

import { Dialog } from 'radix-ui';
import type { Plan } from '@/core/plan/document/schema';
import { Button } from '@/ui/buttons/Button';
import { OverPage } from '@/ui/layout/OverPage';
import { RecipeReader } from '../../recipe/RecipeReader';
import { useRecipe, type RecipePart } from '../../recipe/useRecipe';
import { useEdit, usePlan, useWorld } from '../editor/EditorContext';

/** A recipe read into the plan in place of the one there. */
export default function PasteRecipe({ of, onClose }: { of: 'dough' | 'filling'; onClose(): void }) {
  const { pantry } = useWorld();
  const { edit } = useEdit();
  const egg = usePlan((plan) => plan.dough);
  const recipe = useRecipe(pantry, egg, of);
  const parts = recipe.partsOf(of);
  return (
    <OverPage
      onClose={onClose}
      className="top-[4dvh] max-h-[92dvh] w-[min(44rem,calc(100vw-1.5rem))] overflow-y-auto p-5"
    >
      <Dialog.Title className="font-display text-figure">A recipe for the {of}</Dialog.Title>
      <div className="mt-3">
        <RecipeReader recipe={recipe} pantry={pantry} only={of} />
      </div>
      <div className="mt-4 flex flex-wrap gap-2">
        <Button
          strong
          resting={parts.length === 0 || recipe.waiting > 0}
          onClick={() => {
            edit((plan) => withRecipe(plan, of, parts));
            onClose();
          }}
        >
          Use it
        </Button>
        <Button onClick={onClose}>Cancel</Button>
        {recipe.waiting > 0 && (
          <p role="status" className="self-center font-semibold text-[var(--ochre)]">
            {recipe.waiting === 1 ? 'One line is' : `${recipe.waiting} lines are`} not told yet.
          </p>
        )}
      </div>
    </OverPage>
  );
}

const withRecipe = (plan: Plan, of: 'dough' | 'filling', parts: readonly RecipePart[]): Plan =>
  of === 'dough'
    ? { ...plan, dough: { ...plan.dough, parts: parts.map(({ id, g }) => ({ id, g })) } }
    : { ...plan, filling: { ...plan.filling, parts: [...parts] } };
