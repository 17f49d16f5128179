import { allergensOf } from '../../composition/allergens';
import { dietOf, suitsDiet, type Diet, type GuestDiet } from '../../composition/diet';
import { findIngredient, type Pantry } from '../../composition/pantry';
import { EGG_WHITE, EGG_WHOLE } from '../../dough/makeup';
import { STREWN } from '../../hold/surfaces';
import { DUSTS } from '../../sheet/dust';
import type { Plan } from '../document/schema';

/** Allergens and diet of one part of a piece. */
export interface Contents {
  readonly allergens: readonly string[];
  readonly diet: Diet;
}

/** Where an ingredient gets onto the piece. */
export type PiecePart = 'dough' | 'filling' | 'dusting' | 'tray' | 'seal' | 'pan';

/** One ingredient of a piece, and where it is. */
export interface OnPiece {
  readonly part: PiecePart;
  readonly id: string;
  /** The field of the plan that says so. */
  readonly field: string;
}

/** Something that a guest may not be given, and what brings it. */
export interface Conflict {
  readonly need: { readonly diet: Exclude<GuestDiet, 'any'> } | { readonly without: string };
  readonly part: PiecePart;
  readonly name: string;
}

/** Allergens and diet of the parts of a piece, and of the whole of it. */
export interface PlanContents {
  readonly dough: Contents;
  readonly filling: Contents;
  /** What else touches it: dusting, tray, seal, pan. */
  readonly touching: Contents;
  readonly piece: Contents;
  /** Allergens that are not in it, and that the kitchen handles: shared boards and water spread them. */
  readonly mayContain: readonly string[];
  /** Against what the plan's guests may not be given. */
  readonly conflicts: readonly Conflict[];
  /** What guests must avoid that shared equipment may bring. */
  readonly traces: readonly string[];
}

/** Preparations that are done in a fat, whatever else is in the pan. */
const IN_FAT = new Set([
  'sweat-covered',
  'sweat-open',
  'saute-hard',
  'fry-crumble',
  'pan-cook-drain',
]);

/** What the pan is greased with where nobody says. */
export const USUAL_PAN_FAT = 'oil-olive';

/** Whether some of the filling is cooked in a fat. */
export const cooksInFat = ({ filling }: Plan): boolean =>
  filling.parts.some(({ preparation }) => IN_FAT.has(preparation));

/** The flour that the bench is dusted with; null without. */
export const dustingId = ({ sheet: { dust } }: Plan): string | null =>
  dust.kind === 'none' || dust.gPerKg <= 0 ? null : (dust.id ?? DUSTS[dust.kind].usualId);

/** What the tray is strewn with; null on a bare one, a cloth or a rack. */
export function strewnId(plan: Plan): string | null {
  const { surface, strewn } = plan.hold;
  const usual = STREWN[surface];
  if (usual === undefined) return null;
  // A tray is floured from the same bag as the bench.
  return strewn ?? (surface === 'semolina' ? usual : (dustingId(plan) ?? usual));
}

/** Every ingredient that is in a piece or touches it. What flour a hand works in is the dough's own. */
export function onPiece(plan: Plan): OnPiece[] {
  const { medium } = plan.hold;
  const one = (part: PiecePart, id: string | null, field: string): OnPiece[] =>
    id === null ? [] : [{ part, id, field }];
  return [
    ...plan.dough.parts.map(({ id }, i): OnPiece => ({
      part: 'dough',
      id,
      field: `dough.parts[${i}].id`,
    })),
    ...plan.filling.parts.map(({ id }, i): OnPiece => ({
      part: 'filling',
      id,
      field: `filling.parts[${i}].id`,
    })),
    ...one('dusting', dustingId(plan), 'sheet.dust.id'),
    ...one('tray', strewnId(plan), 'hold.strewn'),
    ...one(
      'seal',
      medium === 'egg' ? EGG_WHOLE : medium === 'eggWhite' ? EGG_WHITE : null,
      'hold.medium',
    ),
    ...one(
      'pan',
      cooksInFat(plan) ? (plan.filling.panFat ?? USUAL_PAN_FAT) : null,
      'filling.panFat',
    ),
  ];
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
    const { name, allergens } = findIngredient(pantry, id, field);
    return [
      ...(diet !== 'any' && !suitsDiet(dietOf([id], pantry), diet)
        ? [{ need: { diet }, part, name }]
        : []),
      ...without
        .filter((each) => allergens.includes(each))
        .map((each): Conflict => ({ need: { without: each }, part, name })),
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
