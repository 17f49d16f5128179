import * as z from 'zod';
import { QUANTITY_IDS, type Learnt } from '../basis/learnt';
import { oneOf, quantity } from '../fields';
import { TYPICAL_BATCHES } from './posterior';
import { QUANTITIES } from './quantities';

const figure = (label: string) => quantity(label, { min: -1e6, max: 1e6 });

/** Something learnt, as files and runs keep it. */
export const learntSchema: z.ZodType<Learnt> = z
  .strictObject({
    quantity: oneOf('Quantity', QUANTITY_IDS),
    key: z.string().max(120).default(''),
    value: figure('Value'),
    low: figure('Low'),
    high: figure('High'),
    // Files from before it was learned have none: batches as they usually differ.
    betweenBatches: quantity('Between batches', { min: 0, max: 10 }).optional(),
    typical: figure('Typical'),
    runs: quantity('Runs', { min: 0, max: 1e6, whole: true }),
    held: z.boolean({ error: 'Held must be true or false' }).default(false),
  })
  .transform(({ betweenBatches, ...learnt }) => ({
    ...learnt,
    betweenBatches: betweenBatches ?? TYPICAL_BATCHES * QUANTITIES[learnt.quantity].noise,
  }));

/** Files of them, as the command line reads and writes. */
export const learntFileSchema = z.strictObject({
  format: z.literal('mortar-sheet/calibrations'),
  version: z.literal(1),
  learnt: z.array(learntSchema).max(2000),
});
