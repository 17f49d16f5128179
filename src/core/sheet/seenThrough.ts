import { startingRules, type Rules } from '../basis/rules';

/**
 * The light test: what shows through a sheet of this thickness. Rule.
 * @example seenThrough(0.8) // 'a hand shows through'
 */
export function seenThrough(thicknessMm: number, rules: Rules = startingRules): string {
  if (thicknessMm <= rules['sheet.light.print'].value) return 'print reads through';
  if (thicknessMm <= rules['sheet.light.hand'].value) return 'a hand shows through';
  return 'no hand shows through yet';
}
