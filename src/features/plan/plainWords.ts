/** Bounds of a figure that engineers give a unit, and what a cook says of it. */
type Words = readonly (readonly [from: number, words: string])[];

const says = (table: Words, value: number): string =>
  table.find(([from]) => value >= from)?.[1] ?? table[table.length - 1]![1];

const STRENGTH: Words = [
  [18, 'strong enough for any roller'],
  [10, 'strong enough for a steady hand'],
  [5, 'tears under a rough hand'],
  [0, 'tears easily'],
];

/**
 * The strength of a sheet in words; the number stays in the working.
 * @example strengthWords(22) // 'strong enough for any roller'
 */
export const strengthWords = (kPa: number): string => says(STRENGTH, kPa);

const STIFFNESS: Words = [
  [1200, 'very stiff'],
  [600, 'stiff'],
  [250, 'soft, but stands'],
  [100, 'loose'],
  [0, 'runs'],
];

/**
 * How stiff a filling is in words; the number stays in the working.
 * @example stiffnessWords(531) // 'soft, but stands'
 */
export const stiffnessWords = (pa: number): string => says(STIFFNESS, pa);
