import * as z from 'zod';
import { oneOf, shortText } from '../../fields';

/**
 * Something that happened to a task of a day, told at the clock rather than at the bench. Marks are added and
 * never changed; a mistake is taken back by another mark.
 */
export const dayMarkSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    id: z.uuid({ error: 'Mark id must be a UUID' }),
    at: z.iso.datetime({ error: 'Time must be as 2026-11-27T17:05:00Z' }),
    by: shortText('Cook', 60).optional(),
    kind: oneOf('Kind', ['begun', 'done']),
    task: shortText('Task', 160),
  }),
  z.strictObject({
    id: z.uuid({ error: 'Mark id must be a UUID' }),
    at: z.iso.datetime({ error: 'Time must be as 2026-11-27T17:05:00Z' }),
    by: shortText('Cook', 60).optional(),
    kind: z.literal('takenBack'),
    mark: z.uuid({ error: 'Mark must be a UUID' }),
  }),
]);

export type DayMark = z.infer<typeof dayMarkSchema>;

/** A mark before it is given its id, time and cook. */
export type Marking =
  | { readonly kind: 'begun' | 'done'; readonly task: string }
  | { readonly kind: 'takenBack'; readonly mark: string };

/** Marks that stand, each once, by their time. */
export function standingMarks(
  marks: readonly DayMark[],
): readonly Extract<DayMark, { task: string }>[] {
  const once = [...new Map(marks.map((mark) => [mark.id, mark])).values()];
  const back = new Set(once.flatMap((mark) => (mark.kind === 'takenBack' ? mark.mark : [])));
  return once
    .flatMap((mark) => (mark.kind === 'takenBack' || back.has(mark.id) ? [] : mark))
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : 1));
}
