import { z } from 'zod';
import { quantity, shortText } from '../fields';

/** What came of a plan, as written down afterwards. Ids are made by the client, so a repeat changes nothing. */
export const logEntrySchema = z
  .strictObject({
    id: z.uuid({ error: 'Entry id must be a UUID' }),
    madeOn: z.iso.date({ error: 'Date must be a day as 2026-11-24' }),
    cook: shortText('Cook', 60).optional(),
    pieces: quantity('Pieces made', { min: 0, max: 20_000, whole: true }),
    burst: quantity('Burst', { min: 0, max: 20_000, whole: true }),
    doughLeftG: quantity('Dough left', { min: 0, max: 100_000, unit: 'g' }),
    fillingLeftG: quantity('Filling left', { min: 0, max: 100_000, unit: 'g' }),
    /** As measured, when it was. */
    thicknessMm: quantity('Measured thickness', { min: 0.2, max: 6, unit: 'mm' }).optional(),
    doseG: quantity('Measured dose', { min: 0.1, max: 100, unit: 'g' }).optional(),
    note: z.string().max(4000, 'Note must be at most 4000 characters').default(''),
  })
  .refine((entry) => entry.burst <= entry.pieces, {
    path: ['burst'],
    error: (issue) =>
      `Burst must be a whole number from 0 to the pieces made${
        typeof (issue.input as { pieces?: unknown })?.pieces === 'number'
          ? ` (${(issue.input as { pieces: number }).pieces})`
          : ''
      }`,
  });

export type LogEntry = z.infer<typeof logEntrySchema>;
