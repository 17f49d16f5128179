import * as z from 'zod';
import type { ShoppingLine } from '@/core/shopping/shoppingList';

/** A line the cook wrote himself. */
const ownLineSchema = z.object({ id: z.string(), text: z.string().max(120), got: z.boolean() });

const marksSchema = z.object({
  /** How much of each was ticked, by ingredient, in the unit it is bought by. */
  got: z.record(z.string(), z.number()),
  have: z.record(z.string(), z.number()),
  own: z.array(ownLineSchema).max(200),
});

export type ShoppingMarks = z.infer<typeof marksSchema>;

export const NO_MARKS: ShoppingMarks = { got: {}, have: {}, own: [] };

/** Marks as they were kept; none where they cannot be read any more. */
export function readMarks(text: string | null): ShoppingMarks {
  try {
    return marksSchema.parse(JSON.parse(text ?? ''));
  } catch {
    return NO_MARKS;
  }
}

/** Whether a mark still holds: what was ticked is as much as is needed now, or more. */
export const isMarked = (
  marks: Readonly<Record<string, number>>,
  { id, buy }: ShoppingLine,
): boolean => (marks[id] ?? 0) >= buy.amount - 1e-9;

/** The marks with one line's set or taken away. */
export function marked(
  marks: Readonly<Record<string, number>>,
  { id, buy }: ShoppingLine,
  on: boolean,
): Record<string, number> {
  const { [id]: _gone, ...others } = marks;
  return on ? { ...others, [id]: buy.amount } : others;
}
