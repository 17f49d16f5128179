import type { Texture } from './yieldStress';

/** Largest lump of each texture, mm, when nothing else is said. Rule. */
export const USUAL_LUMP_MM: Readonly<Record<Texture, number>> = {
  coarse: 6,
  mixed: 4,
  minced: 3,
  blended: 1,
};

export type Piping = 'pipes' | 'lumps block it' | 'runs from it' | 'too stiff for it';

/** A tip passes lumps up to a third of its opening. Rule. */
const LUMP_OF_TIP = 1 / 3;

/** Softer runs out by itself; stiffer wants more than a hand's squeeze. Rule, Pa. */
const PIPED_PA = { least: 120, most: 2600 } as const;

/**
 * Whether a filling goes through a piping tip, and why not. Rule.
 * @example piping({ lumpMm: 4, tipMm: 14, yieldStressPa: 600 }) // 'pipes'
 */
export function piping({
  lumpMm,
  tipMm,
  yieldStressPa,
}: {
  lumpMm: number;
  tipMm: number;
  yieldStressPa: number;
}): Piping {
  if (lumpMm > tipMm * LUMP_OF_TIP) return 'lumps block it';
  if (yieldStressPa < PIPED_PA.least) return 'runs from it';
  if (yieldStressPa > PIPED_PA.most) return 'too stiff for it';
  return 'pipes';
}

export type Standing = 'stands' | 'settles' | 'runs';

/**
 * Whether a mound stays as it is laid. Rule over a law: its settled radius against the radius laid;
 * to a twentieth over it stands, to a third over it settles, beyond it runs.
 * @example standing({ laidMm: 18, settledMm: 15 }) // 'stands'
 */
export function standing({ laidMm, settledMm }: { laidMm: number; settledMm: number }): Standing {
  if (settledMm <= laidMm * 1.05) return 'stands';
  return settledMm <= laidMm * 1.33 ? 'settles' : 'runs';
}
