'use client';

import { Plus } from 'lucide-react';
import { preparationsFor, type Pantry } from '@/core/composition/pantry';
import { usualLump } from '@/core/filling/handling';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import type { Plan } from '@/core/plan/document/schema';
import { cooksInFat, USUAL_PAN_FAT } from '@/core/plan/document/onPiece';
import { QuantityField } from '@/ui/fields/QuantityField';
import { EditableList } from '@/ui/lists/EditableList';
import { useEdit, usePlan, useWorld } from '../../editor/EditorContext';
import { IngredientPicker } from '../../../recipe/IngredientPicker';
import { later } from '@/ui/layout/later';
import { say } from '@/ui/layout/say';
import type { StartingFilling } from '@/core/plan/starting/startingFillings';
import { RecipeTools } from '../RecipeTools';
import { StartFrom } from '../StartFrom';
import { PartRow } from '../PartRow';
import { Folded } from '../Folded';
import { IngredientSelect } from '../IngredientSelect';
import { PlanChoice, PlanField, withoutPath } from '../PlanField';
import { SelectField } from '@/ui/fields/SelectField';

const FillingStarts = later(() => import('./FillingStarts'), 'Fetching the fillings…');

type Part = Plan['filling']['parts'][number];

const withParts = (plan: Plan, parts: Part[]): Plan => ({
  ...plan,
  filling: { ...plan.filling, parts },
});

const withPart = (plan: Plan, index: number, change: (part: Part) => Part): Plan =>
  withParts(
    plan,
    plan.filling.parts.map((part, i) => (i === index ? change(part) : part)),
  );

/** The same preparation when it suits, else as it is; a weighed result belongs to what was weighed. */
const asIngredient = (id: string, { g, preparation }: Part, pantry: Pantry): Part => ({
  id,
  g,
  preparation: preparationsFor(pantry, id).some((each) => each.id === preparation)
    ? preparation
    : 'raw',
});

export function FillingControls() {
  const { rules } = useWorld().basis;
  const plan = usePlan((all) => all);
  const { edit, tryEdit } = useEdit();
  const { pantry } = useWorld();
  const { parts } = plan.filling;
  return (
    <>
      <section aria-label="Your filling recipe">
        <div className="flex items-center justify-between gap-2">
          <h3>Your recipe</h3>
          <StartFrom<StartingFilling>
            label="Start from a filling"
            title="Fillings to start from"
            list={FillingStarts}
            onPick={(start) => {
              edit((p) => ({
                ...withParts(p, [...start.parts]),
                colour: start.colour,
                filling: { ...p.filling, parts: [...start.parts], texture: start.texture },
              }));
              void say(`Filling: ${start.name.toLowerCase()}. Undo brings yours back.`);
            }}
          />
        </div>
        <p className="text-small text-ink-dim">Raw weights, and what is done to each.</p>
        <EditableList
          className="mt-2"
          rowClassName="border-b border-board-line py-2"
          rows={parts}
          nameOf={({ id }) => pantry.ingredients.get(id)?.name ?? id}
          least={1}
          onChange={(next) => edit((p) => withParts(p, next))}
          add={(insert) => (
            <IngredientPicker
              use="filling"
              pantry={pantry}
              className="btn mt-2 w-full"
              adds
              onPick={({ id }) => insert({ id, g: 50, preparation: 'raw' })}
            >
              <Plus size={18} aria-hidden /> Add to the filling
            </IngredientPicker>
          )}
        >
          {(part, { index, remove }) => (
            <PartRow
              use="filling"
              id={part.id}
              g={part.g}
              remove={remove}
              onPick={({ id }) =>
                edit((p) => withPart(p, index, (each) => asIngredient(id, each, pantry)))
              }
              onAmount={(g) =>
                withoutPath(
                  tryEdit(
                    (p) => withPart(p, index, ({ id, preparation }) => ({ id, g, preparation })),
                    `filling ${index}`,
                  ),
                )
              }
            >
              <PartPreparation part={part} index={index} />
            </PartRow>
          )}
        </EditableList>
        <RecipeTools of="filling" />
      </section>
      <PlanChoice
        at="filling.texture"
        label="Texture"
        columns={2}
        options={[
          { value: 'coarse', label: 'Coarse mash' },
          { value: 'mixed', label: 'Mixed' },
          { value: 'minced', label: 'Minced' },
          { value: 'blended', label: 'Blended' },
        ]}
      />
      {cooksInFat(plan) && (
        <IngredientSelect
          at="filling.panFat"
          label="Fat in the pan"
          group="fat"
          usualId={USUAL_PAN_FAT}
          hint="It counts among the allergens and for the diet."
        />
      )}
      <Folded title="Air, lumps and colour" paths={['filling.air', 'filling.cookedOffG']}>
        <div className="grid grid-cols-3 gap-2">
          <PlanField at="filling.air" />
          <PlanField
            at="filling.lumpMm"
            optional
            placeholder={String(usualLump(plan.filling.texture, rules))}
          />
          <PlanField at="filling.cookedOffG" />
        </div>
        <label className="flex items-center justify-between gap-3">
          <span className="text-small text-ink-dim">Its colour in the drawings</span>
          <input
            type="color"
            value={plan.colour}
            onChange={(event) => edit((p) => ({ ...p, colour: event.target.value }), 'colour')}
            className="h-[44px] w-16 rounded-md border-[1.5px] border-board-rule bg-board-raised p-1"
          />
        </label>
      </Folded>
    </>
  );
}

/** What is done to one ingredient, and its weighed result when there is one. */
function PartPreparation({ part, index }: { part: Part; index: number }) {
  const { edit, tryEdit } = useEdit();
  const { pantry } = useWorld();
  const ways = preparationsFor(pantry, part.id);
  if (ways.length < 2) return null;
  const name = pantry.ingredients.get(part.id)?.name ?? part.id;
  const chosen = ways.find((way) => way.id === part.preparation);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_6.2rem] items-center gap-1.5 pt-1">
      <SelectField
        hideLabel
        label={`Preparation of ${name}`}
        value={part.preparation}
        options={ways.map((way) => ({ value: way.id, label: way.name }))}
        onChange={(preparation) =>
          edit((p) => withPart(p, index, ({ id, g }) => ({ id, g, preparation })))
        }
        className="px-1.5 text-small"
      />
      {part.preparation !== 'raw' && (
        <QuantityField
          label={`Weighed result of ${name}`}
          hideLabel
          kind="mass"
          range={PLAN_FIELDS['filling.parts.weighedG']}
          value={part.weighedG}
          placeholder={`≈ ${Math.round(part.g * (chosen?.massYield ?? 1))}`}
          step={10}
          onChange={(weighedG) =>
            withoutPath(
              tryEdit(
                (p) => withPart(p, index, (each) => ({ ...each, weighedG })),
                `weighed ${index}`,
              ),
            )
          }
          onClear={() =>
            edit((p) => withPart(p, index, ({ id, g, preparation }) => ({ id, g, preparation })))
          }
        />
      )}
    </div>
  );
}
