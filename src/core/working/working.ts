/**
 * How sure a figure is.
 * - `law`: physics, geometry or bookkeeping; agrees with its closed form.
 * - `table`: published typical values, editable by the user.
 * - `rule`: a craft rule with a number on it; always shown as an estimate.
 * - `choice`: what the cook set.
 */
export type FigureKind = 'law' | 'table' | 'rule' | 'choice';

/** Units a figure may carry inside the core; the interface turns them into the cook's own. */
export type FigureUnit =
  | 'g'
  | 'ml'
  | 'mm'
  | 'mm2'
  | 'share'
  | 'ratio'
  | 'count'
  | 'Pa'
  | 'kPa'
  | 'gPerMl'
  | 'C'
  /** A difference of temperature. */
  | 'dC'
  | 'min'
  /** Minutes after midnight, as a clock shows them. */
  | 'timeOfDay'
  /** The same of a full hour, as short as it is said. */
  | 'hourOfDay'
  | 'litre';

export interface WorkingInput {
  readonly name: string;
  readonly value: number | string;
  readonly unit?: FigureUnit;
}

/** One figure with everything needed to check it by hand. */
export interface Working {
  readonly label: string;
  readonly value: number;
  readonly unit: FigureUnit;
  readonly kind: FigureKind;
  readonly formula: string;
  readonly inputs: readonly WorkingInput[];
  readonly source: string;
  /** Likely range, for rules. */
  readonly range?: readonly [low: number, high: number];
}

/** A working's input, short to write. `input('flour', 400, 'g')` → `{ name: 'flour', value: 400, unit: 'g' }` */
export const input = (name: string, value: number | string, unit?: FigureUnit): WorkingInput =>
  unit ? { name, value, unit } : { name, value };
