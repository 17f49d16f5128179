'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { useAction } from '@/features/actions/useAction';
import { pantryWith, type PantryRows } from '@/core/composition/pantry';
import type { EggContents } from '@/core/dough/eggSizes';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { MADE_FEELS, type NewPlan } from '@/core/plan/questions/newPlan';
import { FAMILY_IDS, familyOf, type FamilyId } from '@/core/shapes/families';
import { beginPlan } from '@/server/actions/plans';
import { useWholePantry } from '../pantry/useWholePantry';
import { Button } from '@/ui/buttons/Button';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { CheckField } from '@/ui/fields/CheckField';
import { Choice } from '@/ui/fields/Choice';
import { goToRefused } from '@/ui/fields/goToRefused';
import { QuantityField } from '@/ui/fields/QuantityField';
import { SelectField } from '@/ui/fields/SelectField';
import { TileChoice } from '@/ui/fields/TileChoice';
import { RecipeReader } from '../recipe/RecipeReader';
import { useRecipe } from '../recipe/useRecipe';
import { useIdFor } from './useIdFor';

/** A filling to begin from, as the list shows it. */
export interface FillingChoice {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly colour: string;
  /** `plant; tree nuts, soya`. */
  readonly contents: string;
}

export interface NewPlanFormProps {
  readonly fillings: readonly FillingChoice[];
  readonly doughs: readonly { readonly id: string; readonly name: string; readonly says: string }[];
  readonly egg: EggContents;
  readonly ownRows: PantryRows;
}

const IN_HAND = 'inHand';

const FEEL_NAMES = { firm: 'Firm', workable: 'Workable', loose: 'Loose', wet: 'Wet' } as const;

const FEEL_SAYS = {
  firm: 'Rolls to a ball and keeps its shape.',
  workable: 'Pipes, and stands where it is put.',
  loose: 'Slumps on the spoon.',
  wet: 'Weeps on the plate: dry it before you close it in.',
} as const;

const USUAL_PORTIONS = 4;

/** Asks what a cook knows before there is a plan, and opens at the answer. */
export function NewPlanForm({ fillings, doughs, egg, ownRows }: NewPlanFormProps) {
  const router = useRouter();
  const idFor = useIdFor();
  const { busy, trouble, run, refuse } = useAction({ tells: 'here' });
  const [portions, setPortions] = useState<number | null>(null);
  const [family, setFamily] = useState<FamilyId | 'any'>('any');
  const [from, setFrom] = useState<'list' | 'recipe' | 'made'>('list');
  const [madeG, setMadeG] = useState(500);
  const [feel, setFeel] = useState<(typeof MADE_FEELS)[number]>('workable');
  const [filling, setFilling] = useState(fillings[0]?.id ?? '');
  const [dough, setDough] = useState(doughs[0]?.id ?? '');
  const [flour, setFlour] = useState('flour-00');
  const [flourG, setFlourG] = useState(400);
  const [eggs, setEggs] = useState(4);
  const [had, setHad] = useState(false);
  const { rows } = useWholePantry(ownRows, true);
  const pantry = useMemo(() => pantryWith(rows), [rows]);
  const recipe = useRecipe(pantry, egg);
  const own =
    from === 'recipe'
      ? { dough: recipe.partsOf('dough'), filling: recipe.partsOf('filling') }
      : null;
  const flours = [...pantry.ingredients.values()].filter(({ group }) => group === 'flour');

  // What a recipe file says counts until the cook says otherwise.
  const told = own && recipe;
  const forHowMany = portions ?? told?.portions ?? USUAL_PORTIONS;
  const wish = (): NewPlan => ({
    portions: forHowMany,
    ...(told?.name && { name: told.name }),
    ...(family !== 'any' && { family }),
    dough: own?.dough.length
      ? { kind: 'recipe', parts: own.dough.map(({ id, g }) => ({ id, g })), had }
      : dough === IN_HAND
        ? { kind: 'inHand', flour, flourG, eggs }
        : { kind: 'style', id: dough },
    filling:
      from === 'made'
        ? { kind: 'made', g: madeG, feel }
        : own?.filling.length
          ? { kind: 'recipe', parts: own.filling, had }
          : { kind: 'starting', id: filling },
  });
  const send = () => {
    if (own && recipe.waiting > 0) {
      return refuse('Some lines are not told yet: say what and how much, or leave them out.');
    }
    const asked = wish();
    void run(() => beginPlan(asked, idFor(asked)), {
      then: (id) => router.push(`/plans/${id}?at=count`),
    });
  };

  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)] gap-7"
      onSubmit={(event) => {
        event.preventDefault();
        if (goToRefused(event.currentTarget))
          refuse('One figure could not be read: put it right first.');
        else send();
      }}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-5 sm:grid-cols-[10rem_minmax(0,1fr)]">
        <QuantityField
          label="For how many?"
          kind="count"
          range={PLAN_FIELDS['batch.portions']}
          value={forHowMany}
          step={1}
          onChange={setPortions}
        />
        <Choice
          label="What shape?"
          value={family}
          scrolls
          options={[
            { value: 'any', label: <span className="px-3 whitespace-nowrap">Any shape</span> },
            ...FAMILY_IDS.map((id) => ({
              value: id,
              label: (
                <span className="flex flex-col items-center px-2 py-1 text-small">
                  <FamilyGlyph family={id} colour="#c98f4a" className="h-8 w-11" />
                  <span className="whitespace-nowrap">{familyOf(id).shortName}</span>
                </span>
              ),
            })),
          ]}
          onChange={(next) => setFamily(next)}
        />
      </div>
      <section aria-labelledby="goes-in" className="grid grid-cols-[minmax(0,1fr)] gap-3">
        <h2 id="goes-in" className="font-display text-figure">
          What goes in it?
        </h2>
        <div className="max-w-[26rem]">
          <Choice<'list' | 'recipe' | 'made'>
            label="Filling from"
            hideLabel
            value={from}
            options={[
              { value: 'list', label: 'Pick a filling' },
              { value: 'recipe', label: 'I have a recipe' },
              { value: 'made', label: 'I have it made' },
            ]}
            onChange={setFrom}
          />
        </div>
        {from === 'made' && (
          <div className="grid max-w-[44rem] grid-cols-[minmax(0,1fr)] items-end gap-3 sm:grid-cols-[10rem_minmax(0,1fr)]">
            <QuantityField
              label="Filling in hand"
              kind="mass"
              range={PLAN_FIELDS['batch.fillingInHandG']}
              step={50}
              value={madeG}
              onChange={setMadeG}
            />
            <Choice<(typeof MADE_FEELS)[number]>
              label="How does it feel?"
              value={feel}
              options={MADE_FEELS.map((value) => ({ value, label: FEEL_NAMES[value] }))}
              onChange={setFeel}
            />
            <p className="text-small text-ink-dim sm:col-span-2">
              {FEEL_SAYS[feel]} Ask what is in it: without a recipe its allergens are not known
              here.
            </p>
          </div>
        )}
        {from === 'made' ? null : from === 'list' ? (
          <TileChoice
            label="Fillings"
            value={filling}
            options={fillings.map(({ id, name, says, colour, contents }) => ({
              value: id,
              label: name,
              says,
              aside: contents,
              colour,
            }))}
            onChange={setFilling}
          />
        ) : (
          <div className="grid max-w-[44rem] grid-cols-[minmax(0,1fr)] gap-3">
            <RecipeReader
              recipe={recipe}
              pantry={pantry}
              label="Paste or type it, a line for each thing: the filling, or dough and filling"
            />
            {recipe.rows.length > 0 && (
              <CheckField
                label="This recipe is what I have: use it all"
                checked={had}
                onChange={setHad}
              />
            )}
          </div>
        )}
      </section>
      <section aria-labelledby="the-dough" className="grid grid-cols-[minmax(0,1fr)] gap-3">
        <h2 id="the-dough" className="font-display text-figure">
          And the dough?
        </h2>
        {own?.dough.length ? (
          <p>
            From your recipe:{' '}
            {own.dough.map(({ id }) => pantry.ingredients.get(id)?.name ?? id).join(', ')}.
          </p>
        ) : (
          <>
            <TileChoice
              label="Doughs"
              value={dough}
              options={[
                ...doughs.map(({ id, name, says }) => ({ value: id, label: name, says })),
                {
                  value: IN_HAND,
                  label: 'Flour and eggs I have',
                  says: 'As much dough as they make, and what stays over.',
                },
              ]}
              onChange={setDough}
            />
            {dough === IN_HAND && (
              <div className="grid max-w-[44rem] grid-cols-2 items-end gap-3 sm:grid-cols-[minmax(0,2fr)_1fr_1fr]">
                <SelectField
                  className="max-sm:col-span-2"
                  label="Flour"
                  value={flour}
                  options={flours.map(({ id, name }) => ({ value: id, label: name }))}
                  onChange={setFlour}
                />
                <QuantityField
                  label="Flour in hand"
                  kind="mass"
                  range={{ min: 20, max: 50_000, unit: 'g' }}
                  value={flourG}
                  step={50}
                  onChange={setFlourG}
                />
                <QuantityField
                  label="Eggs in hand"
                  kind="count"
                  range={{ min: 0, max: 1000, whole: true }}
                  value={eggs}
                  step={1}
                  onChange={setEggs}
                />
              </div>
            )}
          </>
        )}
      </section>
      <div className="sticky bottom-0 z-10 -mx-5 flex flex-wrap items-center gap-3 border-t border-board-line bg-board px-5 py-3">
        <Button strong submits resting={busy} className="min-h-[52px] px-6 text-lead">
          {busy ? 'Working it out…' : 'Make the plan'}
        </Button>
        {trouble && (
          <p role="alert" className="min-w-0 grow font-semibold text-brick">
            {trouble}
          </p>
        )}
      </div>
    </form>
  );
}
