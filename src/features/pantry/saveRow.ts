import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import { joinFields } from '@/core/joinFields';
import { sendSave } from '@/ui/editor/send';

/** What came of a save of one row of the pantry. */
export type RowAnswer<T> =
  | { readonly kind: 'saved' }
  | { readonly kind: 'failed'; readonly why: string }
  | {
      /** Another window changed it: what the form goes on from, and the fields both changed to something else. */
      readonly kind: 'clash';
      readonly base: T | null;
      readonly edition: number;
      /** With what the other window changed and this one did not. */
      readonly draft: T;
      readonly clashes: readonly (keyof T & string)[];
    };

/** So many other windows' saves are joined before the cook is asked to try again. */
const TRIES = 3;

/**
 * Saves a row. What another window made of it meanwhile is joined field by field and saved with it; only where
 * both changed the same, or the row was taken out, is the cook asked.
 */
export async function saveRow<T extends Ingredient | Preparation>(
  table: 'ingredients' | 'preparations',
  held: { readonly row: T; readonly base: T | null; readonly edition: number },
): Promise<RowAnswer<T>> {
  let { row, base, edition } = held;
  for (let left = TRIES; left > 0; left--) {
    const answer = await sendSave<T | null>(
      `/api/pantry/${table}/${encodeURIComponent(row.id)}`,
      'row',
      { document: row, baseEdition: edition, sitting: '' },
    );
    if (answer.kind === 'saved') return { kind: 'saved' };
    if (answer.kind === 'failed') return { kind: 'failed', why: answer.why };
    const { theirs } = answer;
    edition = answer.edition;
    if (!theirs) return { kind: 'clash', base: null, edition, draft: row, clashes: [] };
    const { mine, clashes } = joinFields<Partial<T>>(base ?? {}, row, theirs);
    base = theirs;
    row = mine as T;
    if (clashes.length > 0) {
      const fields = [...new Set(clashes.map((path) => path.split('.')[0] as keyof T & string))];
      return { kind: 'clash', base, edition, draft: row, clashes: fields };
    }
  }
  return { kind: 'failed', why: 'other windows change it all the time' };
}
