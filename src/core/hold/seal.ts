import type { Rules } from '../basis/rules';

/** What faces are wetted with. */
export const MEDIA = ['water', 'mist', 'egg', 'eggWhite', 'dry', 'tooWet'] as const;

/** What lies between them. */
export const FACES = ['clean', 'floured', 'filling'] as const;

/** How air is got out of the pocket. */
export const AIR_WAYS = ['middle', 'oneSide', 'pricked', 'none'] as const;

export type Medium = (typeof MEDIA)[number];
export type Faces = (typeof FACES)[number];
export type AirWay = (typeof AIR_WAYS)[number];

/**
 * How firmly two faces join, against wetted clean ones. Rule: what wets them × what is between them ×
 * what is left of a face that has stood past its open time, e^(−(used ÷ open − 1)).
 * @param usedOfOpen time to fill a sheet ÷ its open time
 * @example sealFactor({ medium: 'water', faces: 'floured', usedOfOpen: 0.5 }, startingRules) // 0.6
 */
export const sealFactor = (
  { medium, faces, usedOfOpen }: { medium: Medium; faces: Faces; usedOfOpen: number },
  rules: Rules,
): number =>
  rules[`seal.medium.${medium}`].value *
  rules[`seal.face.${faces}`].value *
  Math.exp(-Math.max(0, usedOfOpen - 1));

/**
 * Air left in the pocket, share. Rule.
 * @example airLeft('none', startingRules) // 0.12
 */
export const airLeft = (way: AirWay, rules: Rules): number => rules[`seal.air.${way}`].value;
