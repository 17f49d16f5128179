import type { Ingredient, Preparation } from '../../composition/ingredient';
import { basisWith } from '../../basis/basis';
import { makePantry, type Pantry } from '../../composition/pantry';
import { FieldError } from '../../range';
import { planFigures } from '../evaluatePlan';
import type { PlanFigures } from '../model/figures';
import type { Plan } from '../document/schema';

/** A row of the pantry as it is about to be. */
export type ChangedRow =
  | { readonly table: 'ingredients'; readonly row: Ingredient }
  | { readonly table: 'preparations'; readonly row: Preparation };

/** A plan that uses a row, and what changing it would do to the plan. */
export interface PantryChange {
  readonly id: string;
  readonly name: string;
  readonly figures: readonly {
    readonly label: string;
    readonly unit: 'share' | 'g' | 'count';
    readonly before: number;
    readonly after: number;
  }[];
  /** Why the plan could no longer be worked out; null when it can. */
  readonly trouble: string | null;
}

/**
 * The plans that use an ingredient or a preparation, each with the figures that a changed row would move.
 * @example pantryChanges([{ id: 'a', plan }], { table: 'ingredients', row: { ...ricotta, water: 0.76 } }, pantry)[0].figures
 */
export function pantryChanges(
  plans: readonly { readonly id: string; readonly plan: Plan }[],
  change: ChangedRow,
  pantry: Pantry,
): PantryChange[] {
  const { table, row } = change;
  const changed = makePantry(
    [...pantry.ingredients.values(), ...(table === 'ingredients' ? [row] : [])],
    [...pantry.preparations.values(), ...(table === 'preparations' ? [row] : [])],
  );
  return plans
    .filter(({ plan: { dough, filling } }) =>
      table === 'ingredients'
        ? [...dough.parts, ...filling.parts].some((part) => part.id === row.id)
        : filling.parts.some((part) => part.preparation === row.id),
    )
    .map(({ id, plan }) => {
      const before = planFigures(plan, basisWith(pantry));
      try {
        const after = planFigures(plan, basisWith(changed));
        return { id, name: plan.name, figures: moved(before, after), trouble: null };
      } catch (error) {
        if (!(error instanceof FieldError)) throw error;
        return { id, name: plan.name, figures: [], trouble: error.message };
      }
    });
}

/** Nearer than this no cook would call it a change. */
const SAME = 0.0005;

const moved = (before: PlanFigures, after: PlanFigures): PantryChange['figures'] =>
  (
    [
      ['hydration', 'share', (r) => r.dough.hydration],
      ['its target', 'share', (r) => r.dough.target],
      ['free water', 'share', (r) => r.filling.freeWaterShare],
      ['pieces', 'count', (r) => r.pieces],
      ['dough', 'g', (r) => r.dough.totalG],
      ['filling', 'g', (r) => r.filling.totalG],
    ] satisfies [string, 'share' | 'g' | 'count', (result: PlanFigures) => number][]
  )
    .map(([label, unit, of]) => ({ label, unit, before: of(before), after: of(after) }))
    .filter((figure) =>
      figure.unit === 'share'
        ? Math.abs(figure.after - figure.before) > SAME
        : Math.abs(figure.after - figure.before) > 0.5,
    );
