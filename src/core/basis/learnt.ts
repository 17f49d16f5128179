import * as z from 'zod';
import { oneOf, quantity } from '../fields';

/** What a kitchen's runs teach, by name; `calibrate/quantities.ts` says what each is. */
export const QUANTITY_IDS = [
  'dosed',
  'thicker',
  'stuck',
  'trimFit',
  'bowl',
  'prepared',
  'water',
  'pace',
  'rest',
  'edge',
  'burst',
] as const;

export type QuantityId = (typeof QUANTITY_IDS)[number];

const figure = (label: string) => quantity(label, { min: -1e6, max: 1e6 });

/** Something learnt: what is now held true, with its 90 % range and what it stands on. */
export const learntSchema = z.strictObject({
  quantity: oneOf('Quantity', QUANTITY_IDS),
  /** Whose it is: a roller, a preparation, a shape, a cook; empty for the kitchen's. */
  key: z.string().max(120).default(''),
  value: figure('Value'),
  low: figure('Low'),
  high: figure('High'),
  typical: figure('Typical'),
  runs: quantity('Runs', { min: 0, max: 1e6, whole: true }),
  /** Kept at what is typical, as the cook asked. */
  held: z.boolean({ error: 'Held must be true or false' }).default(false),
});

export type Learnt = z.infer<typeof learntSchema>;

/** What of it moved a figure, beside the figure's working. */
export interface Taught {
  readonly learnt?: readonly Learnt[];
}
