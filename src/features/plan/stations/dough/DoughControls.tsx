'use client';

import { Plus } from 'lucide-react';
import { writeAt } from '@/core/plan/document/patch';
import type { Plan } from '@/core/plan/document/schema';
import { Choice } from '@/ui/fields/Choice';
import { useUnits } from '@/ui/units/UnitsContext';
import { EditableList } from '@/ui/lists/EditableList';
import { useEdit, usePlan, useWorld } from '../../editor/EditorContext';
import { IngredientPicker } from '../../../recipe/IngredientPicker';
import { Folded } from '../Folded';
import { PartRow } from '../PartRow';
import { PlanChoice, PlanField, withoutPath } from '../PlanField';
import { RecipeTools } from '../RecipeTools';
import { FlourInHand } from './FlourInHand';
import { EggSize } from './EggSize';
import { StylePicker } from './StylePicker';

type Parts = Plan['dough']['parts'];

const withParts = (plan: Plan, change: (parts: Parts) => Parts): Plan => ({
  ...plan,
  dough: { ...plan.dough, parts: change(plan.dough.parts) },
});

const withPart = (plan: Plan, index: number, change: Partial<Parts[number]>): Plan =>
  withParts(plan, (parts) => parts.map((part, i) => (i === index ? { ...part, ...change } : part)));

/** What is set at the dough: the recipe, how it is worked, the air it stands in. */
export function DoughControls() {
  return (
    <>
      <Recipe />
      <Working />
      <Weather />
    </>
  );
}

function Recipe() {
  const dough = usePlan((plan) => plan.dough);
  const { edit, tryEdit } = useEdit();
  const { pantry } = useWorld();
  const { parts } = dough;
  return (
    <section aria-label="Your dough recipe">
      <div className="flex items-center justify-between gap-2">
        <h3>Your recipe</h3>
        <StylePicker />
      </div>
      <EditableList
        className="mt-1"
        rowClassName="border-b border-board-line py-2"
        rows={parts}
        nameOf={({ id }) => pantry.ingredients.get(id)?.name ?? id}
        least={1}
        onChange={(next) => edit((p) => withParts(p, () => next))}
        add={(insert) => (
          <IngredientPicker
            use="dough"
            pantry={pantry}
            className="btn mt-2 w-full"
            adds
            onPick={({ id }) => insert({ id, g: 10 })}
          >
            <Plus size={18} aria-hidden /> Add to the dough
          </IngredientPicker>
        )}
      >
        {(part, { index, replace, remove }) => (
          <PartRow
            use="dough"
            id={part.id}
            g={part.g}
            remove={remove}
            onPick={({ id }) => replace({ id })}
            onAmount={(g) =>
              withoutPath(tryEdit((p) => withPart(p, index, { g }), `dough ${index}`))
            }
          />
        )}
      </EditableList>
      <RecipeTools of="dough" />
      <FlourInHand />
      <EggSize />
    </section>
  );
}

function Working() {
  return (
    <section aria-label="Working the dough" className="grid gap-3">
      <PlanChoice
        at="dough.style"
        label="Method"
        options={[
          { value: 'plain', label: 'As usual' },
          { value: 'benchFlourFree', label: 'No bench flour' },
          { value: 'rolledByPin', label: 'By pin' },
        ]}
      />
      <PlanChoice
        at="dough.work.by"
        label="Kneaded by"
        options={[
          { value: 'hand', label: 'Hand' },
          { value: 'mixer', label: 'Mixer' },
          { value: 'processor', label: 'Processor' },
        ]}
      />
      <div className="grid grid-cols-3 gap-2">
        <PlanField at="dough.work.kneadMin" />
        <PlanField at="dough.work.restMin" />
        <PlanField at="dough.work.folds" />
      </div>
      <PlanChoice
        at="dough.work.restAt"
        label="Rested"
        options={[
          { value: 'room', label: 'In the kitchen' },
          { value: 'chilled', label: 'Chilled' },
        ]}
      />
    </section>
  );
}

function Weather() {
  const { text } = useUnits();
  const dough = usePlan((plan) => plan.dough);
  const { edit } = useEdit();
  const { kitchen } = useWorld();
  const { rh, roomC } = dough;
  const differs = roomC !== kitchen.roomC || (rh !== undefined && rh !== kitchen.rh);
  const air = rh === undefined ? 'flour sealed' : `flour open at ${Math.round(100 * rh)} %`;
  return (
    <Folded title="Flour and air" says={`${air}, ${text(roomC, 'C')}`}>
      <Choice
        label="Flour kept"
        value={rh === undefined ? 'sealed' : 'open'}
        options={[
          { value: 'sealed', label: 'Sealed' },
          { value: 'open', label: 'Open to the air' },
        ]}
        onChange={(kept) =>
          edit((p) => writeAt(p, 'dough.rh', kept === 'open' ? kitchen.rh : undefined))
        }
      />
      <div className="grid grid-cols-2 gap-3">
        <PlanField at="dough.roomC" />
        {rh !== undefined && <PlanField at="dough.rh" />}
      </div>
      {differs && (
        <button
          type="button"
          className="btn"
          onClick={() =>
            edit((p) => {
              const next = writeAt(p, 'dough.roomC', kitchen.roomC);
              return rh === undefined ? next : writeAt(next, 'dough.rh', kitchen.rh);
            })
          }
        >
          Use the air of {kitchen.name}
        </button>
      )}
    </Folded>
  );
}
