'use client';

import { AllergenChecks } from './AllergenChecks';
import { INGREDIENT_GROUPS, type Ingredient } from '@/core/composition/ingredient';
import type { Pantry } from '@/core/composition/pantry';
import { ingredientSchema, INGREDIENT_RANGES } from '@/core/composition/pantrySchema';
import { DIETS, type Diet } from '@/core/composition/diet';
import { cupMl } from '@/core/units/volume';
import { DIET_NAMES } from '@/features/plan/contentsWords';
import { QuantityField } from '@/ui/fields/QuantityField';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { ingredientWorkings } from './ingredientWorkings';
import { PlansMoved } from './PlansMoved';
import { freeId } from './freeId';
import { RowForm } from './RowForm';
import { useRowDraft } from './useRowDraft';
import { SelectField } from '@/ui/fields/SelectField';

const FRESH: Ingredient = {
  id: '',
  name: '',
  group: 'vegetable',
  water: 0.9,
  protein: 0.01,
  fat: 0,
  carbohydrate: 0.07,
  fibre: 0.02,
  densityGPerMl: 0.6,
  holding: 6,
  gluten: 0,
  absorption: 0,
  allergens: [],
  diet: 'plant',
};

const NUMBERS = [
  ['water', 'share', 0.01],
  ['protein', 'share', 0.01],
  ['fat', 'share', 0.01],
  ['carbohydrate', 'share', 0.01],
  ['fibre', 'share', 0.01],
  ['densityGPerMl', 'plain', 0.01],
  ['holding', 'plain', 0.1],
  ['gluten', 'plain', 0.05],
  ['absorption', 'plain', 0.01],
] as const;

/** One ingredient: its figures, what they come to, and which plans a change would move. */
export function IngredientEditor({
  row,
  edition,
  pantry,
  own,
  onClose,
}: {
  row: Ingredient | null;
  edition: number;
  pantry: Pantry;
  own: ReadonlySet<string>;
  onClose(): void;
}) {
  const { text } = useUnits();
  const held = useRowDraft<Ingredient>('ingredients', { row, edition }, FRESH);
  const { draft, set } = held;
  const withId = { ...draft, id: row?.id ?? freeId(draft.name, pantry.ingredients) };
  const checked = ingredientSchema.safeParse(withId);
  return (
    <RowForm
      table="ingredients"
      row={row}
      own={own}
      fresh="New ingredient"
      held={held}
      checked={checked}
      fieldWords={(field, at) => {
        const number = NUMBERS.find(([key]) => key === field);
        if (number) {
          const [key, kind] = number;
          return {
            name: INGREDIENT_RANGES[key].label,
            says: kind === 'share' ? text(at[key], kind) : String(at[key]),
          };
        }
        if (field === 'diet') {
          return { name: 'Diet', says: DIET_NAMES[at.diet === 'any' ? 'ask' : (at.diet as Diet)] };
        }
        if (field === 'allergens') {
          return { name: 'Allergens', says: at.allergens.join(', ') || 'none' };
        }
        return field === 'group'
          ? { name: 'Group', says: at.group.replace('-', ' ') }
          : { name: 'Name', says: at.name };
      }}
      onClose={onClose}
    >
      <div className="grid gap-3 sm:grid-cols-[minmax(0,1fr)_12rem_12rem]">
        <label className="block">
          <span className="mb-1 block text-small text-ink-dim">Name</span>
          <input
            className="field"
            maxLength={80}
            value={draft.name}
            onChange={(event) => set({ name: event.target.value })}
          />
        </label>
        <SelectField
          label="Group"
          value={draft.group}
          options={INGREDIENT_GROUPS.map((group) => ({
            value: group,
            label: group.replace('-', ' '),
          }))}
          onChange={(group) => set({ group })}
        />
        <SelectField<Ingredient['diet']>
          label="Diet"
          value={draft.diet === 'any' ? 'ask' : draft.diet}
          options={DIETS.map((diet: Diet) => ({ value: diet, label: DIET_NAMES[diet] }))}
          onChange={(diet) => set({ diet })}
        />
      </div>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
        {NUMBERS.map(([key, kind, step]) => (
          <QuantityField
            key={key}
            label={INGREDIENT_RANGES[key].label}
            kind={kind}
            range={INGREDIENT_RANGES[key]}
            value={draft[key]}
            step={step}
            onChange={(value) => set({ [key]: value })}
          />
        ))}
      </div>
      <AllergenChecks
        legend="Allergens"
        chosen={draft.allergens}
        onChange={(allergens) => set({ allergens })}
      />
      <Derived row={draft} />
      {row && checked.success && (
        <PlansMoved change={{ table: 'ingredients', row: checked.data }} before={row} />
      )}
    </RowForm>
  );
}

/** What the figures come to. */
function Derived({ row }: { row: Ingredient }) {
  const { units, text } = useUnits();
  const w = ingredientWorkings(row, cupMl(units));
  return (
    <p>
      Dry solids <Figure working={w.solids}>{text(w.solids.value, 'share')}</Figure>; alone it would
      let go of <Figure working={w.free}>{text(w.free.value, 'share')}</Figure> of itself as free
      water; a cup of it weighs <Figure working={w.cup}>{text(w.cup.value, 'g')}</Figure>
      {row.group === 'flour' && (
        <>
          ; its gluten is <Figure working={w.gluten}>{text(w.gluten.value, 'share')}</Figure> of a
          wheat sheet’s
        </>
      )}
      .
    </p>
  );
}
