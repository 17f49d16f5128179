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
  [0, 'runny'],
];

/**
 * How stiff a filling is in words; the number stays in the working.
 * @example stiffnessWords(531) // 'soft, but stands'
 */
export const stiffnessWords = (pa: number): string => says(STIFFNESS, pa);

/** So near an estimate, a measurement says nothing new. */
const ALIKE = 0.1;

/**
 * A measurement beside its estimate, in words.
 * @param more what it is when there is more of it, `stronger`
 * @param less and when there is less, `weaker`
 * @param share writes a share
 * @example besideEstimate(30, 20, { more: 'stronger', less: 'weaker', share }) // '50 % stronger than estimated'
 */
export function besideEstimate(
  measured: number,
  estimated: number,
  { more, less, share }: { more: string; less: string; share: (value: number) => string },
): string {
  const off = measured / estimated - 1;
  if (Math.abs(off) <= ALIKE) return 'about as estimated';
  return `${share(Math.abs(off))} ${off > 0 ? more : less} than estimated`;
}
