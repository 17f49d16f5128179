import { allergensOf } from '../../composition/allergens';
import { dietOf, suitsDiet, type Diet, type GuestDiet } from '../../composition/diet';
import { findIngredient, type Pantry } from '../../composition/pantry';
import { onPiece, type OnPiece, type PiecePart } from '../document/onPiece';
import type { Plan } from '../document/schema';

/** Allergens and diet of one part of a piece. */
export interface Contents {
  readonly allergens: readonly string[];
  readonly diet: Diet;
}

/** Something that a guest may not be given, and what brings it. */
export interface Conflict {
  readonly need: { readonly diet: Exclude<GuestDiet, 'any'> } | { readonly without: string };
  readonly part: PiecePart;
  readonly name: string;
  /** It came made: whether it has what they avoid, nobody here knows. */
  readonly unknown: boolean;
}

/** Allergens and diet of the parts of a piece, and of the whole of it. */
export interface PlanContents {
  readonly dough: Contents;
  readonly filling: Contents;
  /** What else touches it: dusting, tray, seal, pan. */
  readonly touching: Contents;
  readonly piece: Contents;
  /** What came made, by name: what is in it is not known here. */
  readonly unknown: readonly string[];
  /** Allergens that are not in it, and that the kitchen handles: shared boards and water spread them. */
  readonly mayContain: readonly string[];
  /** Against what the plan's guests may not be given. */
  readonly conflicts: readonly Conflict[];
  /** What guests must avoid that shared equipment may bring. */
  readonly traces: readonly string[];
}

/**
 * Allergens and diet of everything that is in a piece or touches it, and what of it the plan's guests may
 * not be given. Derived from the pantry.
 * @param alsoHandles allergens that the kitchen handles beside this plan
 */
export function contentsOf(
  plan: Plan,
  pantry: Pantry,
  alsoHandles: readonly string[],
): PlanContents {
  const all = onPiece(plan);
  const of = (chosen: (each: OnPiece) => boolean): Contents => {
    const ids = all.filter(chosen).map(({ id }) => id);
    return { allergens: allergensOf(ids, pantry), diet: dietOf(ids, pantry) };
  };
  const piece = of(() => true);
  const mayContain = [...new Set(alsoHandles)]
    .filter((each) => !piece.allergens.includes(each))
    .sort();
  return {
    dough: of(({ part }) => part === 'dough'),
    filling: of(({ part }) => part === 'filling'),
    touching: of(({ part }) => part !== 'dough' && part !== 'filling'),
    piece,
    unknown: all.flatMap(({ id }) => {
      const { group, name } = findIngredient(pantry, id);
      return group === 'made' ? name : [];
    }),
    mayContain,
    conflicts: conflictsOf(plan, pantry),
    traces: plan.guests.without.filter((each) => mayContain.includes(each)),
  };
}

/** What in or on a piece its guests may not be given, each ingredient by each need it breaks. */
export function conflictsOf(plan: Plan, pantry: Pantry): Conflict[] {
  const { diet, without } = plan.guests;
  if (diet === 'any' && without.length === 0) return [];
  return onPiece(plan).flatMap(({ part, id, field }): Conflict[] => {
    const { name, allergens, group } = findIngredient(pantry, id, field);
    const unknown = group === 'made';
    return [
      ...(diet !== 'any' && !suitsDiet(dietOf([id], pantry), diet)
        ? [{ need: { diet }, part, name, unknown }]
        : []),
      ...without
        .filter((each) => unknown || allergens.includes(each))
        .map((each): Conflict => ({ need: { without: each }, part, name, unknown })),
    ];
  });
}

/** Whether a change brings in nothing that the plan's guests may not be given. */
export const suitsGuests = (before: Plan, after: Plan, pantry: Pantry): boolean =>
  conflictsOf(after, pantry).length <= conflictsOf(before, pantry).length;

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
