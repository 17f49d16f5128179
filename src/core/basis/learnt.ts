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
  'lost',
] as const;

export type QuantityId = (typeof QUANTITY_IDS)[number];

/** Something learnt: what is now held true, with its 90 % range and what it stands on. */
export interface Learnt {
  readonly quantity: QuantityId;
  /** Whose it is: a roller, a preparation, a shape, a cook; empty for the kitchen's. */
  readonly key: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  /** How far one batch lies from the next: one standard deviation, in the quantity's own scale. */
  readonly betweenBatches: number;
  readonly typical: number;
  readonly runs: number;
  /** Kept at what is typical, as the cook asked. */
  readonly held: boolean;
}

/** What of it moved a figure, beside the figure's working. */
export interface Taught {
  readonly learnt?: readonly Learnt[];
}
