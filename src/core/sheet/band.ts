import type { Rules } from '../basis/rules';

/**
 * Where a sheet lies against the band of its shape.
 * @example againstBand(1.04, [0.8, 1], startingRules) // 'in'
 * @example againstBand(0.7, [0.8, 1], startingRules) // 'thin'
 */
export function againstBand(
  thicknessMm: number,
  [thin, thick]: readonly [number, number],
  rules: Rules,
): 'thin' | 'in' | 'thick' {
  const slackMm = rules['sheet.band.slack'].value;
  if (thicknessMm < thin - slackMm) return 'thin';
  return thicknessMm > thick + slackMm ? 'thick' : 'in';
}
