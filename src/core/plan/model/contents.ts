import { allergensOf } from '../../composition/allergens';
import { dietOf, type Diet } from '../../composition/diet';
import type { Pantry } from '../../composition/pantry';
import type { Plan } from '../document/schema';

/** Allergens and diet of one part of a piece. */
export interface Contents {
  readonly allergens: readonly string[];
  readonly diet: Diet;
}

/** Allergens and diet of the parts of a piece, and of the whole of it. */
export interface PlanContents {
  readonly dough: Contents;
  readonly filling: Contents;
  readonly piece: Contents;
}

/** Allergens and diet of the dough, the filling, and the whole piece with the egg it may be sealed with. Derived. */
export function contentsOf(plan: Plan, pantry: Pantry): PlanContents {
  const dough = plan.dough.parts.map(({ id }) => id);
  const filling = plan.filling.parts.map(({ id }) => id);
  const seal = plan.hold.medium === 'egg' || plan.hold.medium === 'eggWhite' ? ['egg-whole'] : [];
  const of = (ids: readonly string[]): Contents => ({
    allergens: allergensOf(ids, pantry),
    diet: dietOf(ids, pantry),
  });
  return { dough: of(dough), filling: of(filling), piece: of([...dough, ...filling, ...seal]) };
}

/** What a change brought in or took out, for saying so; null when nothing did. */
export function contentsChange(
  before: Contents,
  after: Contents,
): { readonly added: string[]; readonly gone: string[]; readonly diet: Diet | null } | null {
  const added = after.allergens.filter((each) => !before.allergens.includes(each));
  const gone = before.allergens.filter((each) => !after.allergens.includes(each));
  const diet = before.diet === after.diet ? null : after.diet;
  return added.length || gone.length || diet ? { added, gone, diet } : null;
}
