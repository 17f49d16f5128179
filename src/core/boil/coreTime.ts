import { FieldError, requireInRange } from '../range';
import { coreFrozen } from './coreFrozen';
import { coreThawed } from './coreThawed';
import type { CoreInput } from './heat';

/**
 * Seconds in the pot until the middle of a piece is at its target. Law on a table of heat constants.
 * @param halfHeightMm 0.5 to 80 mm
 * @param shapeExponent 0 (slab) to 2 (ball)
 * @param fromC −40 to 95 °C; frozen: −3 or colder
 * @param bathC 30 to 105 °C
 * @param targetC below the bath
 * @throws FieldError out of range
 * @example coreTime({ halfHeightMm: 7, shapeExponent: 0.6, fromC: 6, bathC: 98, targetC: 74 }) // 169
 */
export function coreTime({
  frozen = false,
  ...input
}: CoreInput & { frozen?: boolean | undefined }): number {
  requireInRange('halfHeightMm', input.halfHeightMm, { min: 0.5, max: 80, unit: 'mm' });
  requireInRange('shapeExponent', input.shapeExponent, { min: 0, max: 2 });
  requireInRange('bathC', input.bathC, { min: 30, max: 105, unit: '°C' });
  requireInRange(
    'fromC',
    input.fromC,
    frozen ? { min: -40, max: -3, unit: '°C' } : { min: -2, max: 95, unit: '°C' },
  );
  requireInRange('targetC', input.targetC, { min: 0, max: 105, unit: '°C' });
  if (input.targetC >= input.bathC) {
    throw new FieldError(
      'targetC',
      `must be below the bath (${input.bathC} °C), not ${input.targetC}`,
    );
  }
  return frozen ? coreFrozen(input) : coreThawed(input);
}
