import type { Rules } from '../basis/rules';
import type { Texture } from './yieldStress';

/** Largest lump of a texture, mm, when nothing else is said. Rule. */
export const usualLump = (texture: Texture, rules: Rules): number =>
  rules[`filling.lump.${texture}`].value;

export type Piping = 'pipes' | 'lumps block it' | 'runs from it' | 'too stiff for it';

/**
 * Whether a filling goes through a piping tip, and why not. Rule.
 * @example piping({ lumpMm: 4, tipMm: 14, yieldStressPa: 600 }, startingRules) // 'pipes'
 */
export function piping(
  {
    lumpMm,
    tipMm,
    yieldStressPa,
  }: {
    lumpMm: number;
    tipMm: number;
    yieldStressPa: number;
  },
  rules: Rules,
): Piping {
  if (lumpMm > tipMm * rules['filling.pipe.lumpOfTip'].value) return 'lumps block it';
  if (yieldStressPa < rules['filling.pipe.least'].value) return 'runs from it';
  if (yieldStressPa > rules['filling.pipe.most'].value) return 'too stiff for it';
  return 'pipes';
}

export type Standing = 'stands' | 'settles' | 'runs';

/**
 * Whether a mound stays as it is laid. Rule over a law: its settled radius against the radius laid;
 * to a twentieth over it stands, to a third over it settles, beyond it runs. What runs from a bag by
 * itself does not stand, however small.
 * @example standing({ laidMm: 18, settledMm: 15, yieldStressPa: 600 }, startingRules) // 'stands'
 */
export function standing(
  {
    laidMm,
    settledMm,
    yieldStressPa,
  }: { laidMm: number; settledMm: number; yieldStressPa: number },
  rules: Rules,
): Standing {
  const pipes = yieldStressPa >= rules['filling.pipe.least'].value;
  if (pipes && settledMm <= laidMm * rules['filling.stand.stands'].value) return 'stands';
  return settledMm <= laidMm * rules['filling.stand.settles'].value ? 'settles' : 'runs';
}
