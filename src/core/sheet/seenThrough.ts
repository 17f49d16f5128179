/**
 * The light test: what shows through a sheet of this thickness. Rule.
 * @example seenThrough(0.8) // 'a hand shows through'
 */
export function seenThrough(thicknessMm: number): string {
  if (thicknessMm <= 0.6) return 'print reads through';
  if (thicknessMm <= 0.9) return 'a hand shows through';
  return 'no hand shows through yet';
}
