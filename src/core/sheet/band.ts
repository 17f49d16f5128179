/** This little past a band still counts as in it: no dial is set finer, no strip test tells. Rule. */
const SLACK_MM = 0.05;

/**
 * Where a sheet lies against the band of its shape.
 * @example againstBand(1.04, [0.8, 1]) // 'in'
 * @example againstBand(0.7, [0.8, 1]) // 'thin'
 */
export function againstBand(
  thicknessMm: number,
  [thin, thick]: readonly [number, number],
): 'thin' | 'in' | 'thick' {
  if (thicknessMm < thin - SLACK_MM) return 'thin';
  return thicknessMm > thick + SLACK_MM ? 'thick' : 'in';
}
