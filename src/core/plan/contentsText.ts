import type { PiecePart } from './document/onPiece';
import type { Conflict, PlanContents } from './model/contents';

const list = new Intl.ListFormat('en-GB', { style: 'long', type: 'conjunction' });

/**
 * What a label must say: `Contains gluten and milk. May contain tree nuts, from shared equipment.`
 * The same sentence on page, card, label, day sheet and in files.
 */
export function containsText({
  piece,
  mayContain,
  unknown,
}: Pick<PlanContents, 'piece' | 'mayContain' | 'unknown'>): string {
  const known =
    piece.allergens.length > 0
      ? `Contains ${list.format(piece.allergens)}.`
      : 'None of the listed allergens in it.';
  const contains =
    unknown.length === 0
      ? known
      : `${piece.allergens.length > 0 ? `${known} ` : ''}The filling came made: ask what is in it before you serve it.`;
  const shared =
    mayContain.length > 0
      ? `May contain ${list.format(mayContain)}, from shared equipment.`
      : 'Shared equipment may bring traces of others.';
  return `${contains} ${shared}`;
}

/** Said wherever allergens are: what is shared spreads them. */
export const SHARED_EQUIPMENT = 'Shared water, boards and rollers spread allergens.';

/** Where on a piece, as it follows a name: `Hen egg whole in the dough`. */
const WHERE: Readonly<Record<PiecePart, string>> = {
  dough: 'in the dough',
  filling: 'in the filling',
  dusting: 'as dusting',
  tray: 'on the tray',
  seal: 'as the seal',
  pan: 'in the pan',
};

function needText({ need, unknown }: Conflict): string {
  const diet = 'diet' in need ? (need.diet === 'plant' ? 'vegan' : 'vegetarian') : null;
  if (unknown) return diet ? `Perhaps not ${diet}` : `May have ${(need as NoAllergen).without}`;
  return diet ? `Not ${diet}` : `Has ${(need as NoAllergen).without}`;
}

type NoAllergen = Extract<Conflict['need'], { readonly without: string }>;

/**
 * Why guests may not be given it, a sentence for each need.
 * @example conflictTexts(conflicts) // ['Not vegan: hen egg whole in the dough, butter in the filling.']
 */
export function conflictTexts(conflicts: readonly Conflict[]): string[] {
  const byNeed = new Map<string, Set<string>>();
  for (const conflict of conflicts) {
    const { part, name } = conflict;
    const key = needText(conflict);
    const of = byNeed.get(key) ?? new Set();
    of.add(`${name.toLowerCase()} ${WHERE[part]}`);
    byNeed.set(key, of);
  }
  return [...byNeed].map(([need, of]) => `${need}: ${[...of].join(', ')}.`);
}
