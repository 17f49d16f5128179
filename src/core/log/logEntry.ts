import * as z from 'zod';
import { quantity, shortText } from '../fields';
import type { FieldRange } from '../range';
import { LOG_FIELDS } from './logFields';

const measure = ({ label, ...range }: FieldRange & { label: string }) => quantity(label, range);

/** What came of a plan, as written down afterwards. Ids are made by the client, so a repeat changes nothing. */
export const logEntrySchema = z
  .strictObject({
    id: z.uuid({ error: 'Entry id must be a UUID' }),
    madeOn: z.iso.date({ error: 'Date must be a day as 2026-11-24' }),
    cook: shortText('Cook', 60).optional(),
    pieces: measure(LOG_FIELDS.pieces),
    burst: measure(LOG_FIELDS.burst),
    doughLeftG: measure(LOG_FIELDS.doughLeftG),
    fillingLeftG: measure(LOG_FIELDS.fillingLeftG),
    /** As measured, when it was. */
    thicknessMm: measure(LOG_FIELDS.thicknessMm).optional(),
    doseG: measure(LOG_FIELDS.doseG).optional(),
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
