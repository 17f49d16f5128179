/** Bad input to the core: names the field and says what is allowed. */
export class FieldError extends Error {
  constructor(
    readonly field: string,
    problem: string,
  ) {
    super(`${field} ${problem}`);
    this.name = 'FieldError';
  }
}

/** A closed range that a field's value must lie in, with the unit it is given in. */
export interface FieldRange {
  readonly min: number;
  readonly max: number;
  readonly unit?: string;
  readonly whole?: boolean;
}

/**
 * Says what a field allows, in words.
 * @example describeRange({ min: 0.2, max: 80, unit: 'g' }) // 'a number from 0.2 to 80 g'
 */
export const describeRange = ({
  min,
  max,
  unit,
  whole,
}: Record<'min' | 'max', number | string> & Omit<FieldRange, 'min' | 'max'>): string =>
  `a ${whole ? 'whole ' : ''}number from ${min} to ${max}${unit ? ` ${unit}` : ''}`;

/**
 * Returns the value when it is a finite number in range.
 * @throws FieldError naming the field and the range
 * @example requireInRange('dose', 9, { min: 0.2, max: 80, unit: 'g' }) // 9
 */
export function requireInRange(field: string, value: unknown, range: FieldRange): number {
  const ok =
    typeof value === 'number' &&
    Number.isFinite(value) &&
    value >= range.min &&
    value <= range.max &&
    (!range.whole || Number.isInteger(value));
  if (!ok) throw new FieldError(field, `must be ${describeRange(range)}, not ${String(value)}`);
  return value;
}
