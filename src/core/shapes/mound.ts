import type { Rules } from '../basis/rules';
import { spreadHalfWidth, spreadRadius } from '../filling/spreadRadius';
import { capHeight, capRadius, capVolume } from './cap';
import { ellipsePerimeter } from './ellipse';

/** What a pocket, or a blank to fold, is seen from above. */
export type Form = 'square' | 'disc';

/** How the filling may be put down. */
export const LAID = ['ball', 'ring', 'piped', 'spooned'] as const;

export type Laid = (typeof LAID)[number];

/** What a mound is made from. */
export interface MoundInput {
  readonly doseG: number;
  readonly densityGPerMl: number;
  readonly yieldStressPa: number;
  readonly laid: Laid;
}

/** The mound as it sits after a minute. */
export interface Mound {
  /** A cap on the bench, a lump wrapped in the hand, or a log wrapped in a strip. */
  readonly form: 'cap' | 'lump' | 'log';
  readonly volumeMm3: number;
  /** Radius of the footprint; half the width of a log; half the depth of a lump, square to its fold, mm. */
  readonly radiusMm: number;
  /** Half of it along the fold, mm; a cap is round. */
  readonly halfLengthMm: number;
  /** Height over the lower sheet; for a lump, of one face, mm. */
  readonly heightMm: number;
  readonly laidRadiusMm: number;
  readonly slumpedRadiusMm: number;
  /** Area of the dome over its footprint, λ. */
  readonly areaRatio: number;
  readonly drape: number;
  /** Of the mould's pocket, the share that is filled; null where there is no pocket. */
  readonly pocketShare: number | null;
}

const volumeOf = ({ doseG, densityGPerMl }: MoundInput): number => (doseG / densityGPerMl) * 1000;

/**
 * A mound on the bench under a second sheet: a spherical cap. Law on the rules for laid height.
 * @example capMound({ doseG: 9, densityGPerMl: 1.04, yieldStressPa: 900, laid: 'piped' }, startingRules).radiusMm // 18.4
 */
export function capMound(from: MoundInput, rules: Rules): Mound {
  const volumeMm3 = volumeOf(from);
  const laidRadiusMm = capRadius(volumeMm3, rules[`shape.laid.${from.laid}`].value);
  const slumpedRadiusMm = slump(from, volumeMm3, rules['shape.pressedLoad'].value);
  const radiusMm = Math.max(laidRadiusMm, slumpedRadiusMm);
  const heightMm = capHeight(volumeMm3, radiusMm);
  return {
    form: 'cap',
    volumeMm3,
    radiusMm,
    halfLengthMm: radiusMm,
    heightMm,
    laidRadiusMm,
    slumpedRadiusMm,
    areaRatio: (radiusMm ** 2 + heightMm ** 2) / radiusMm ** 2,
    drape: rules['shape.drape.draped'].value,
    pocketShare: null,
  };
}

/**
 * A lump wrapped in the hand: an ellipsoid lying along the fold, length : depth : thickness 1.3 : 1 : 0.8,
 * wider where the filling is loose. Law (V = π L w T ÷ 6) on rules. The dough wraps it and is not
 * stretched, but where two corners are drawn round and joined.
 * @param joined whether its corners are drawn together
 * @example lumpMound({ doseG: 9, densityGPerMl: 1.05, … }, { joined: true }).radiusMm // 12.5
 */
export function lumpMound(from: MoundInput, { joined }: { joined: boolean }, rules: Rules): Mound {
  const volumeMm3 = volumeOf(from);
  const long = rules['shape.wrap.length'].value;
  const thick = rules['shape.wrap.thickness'].value;
  const laidRadiusMm = Math.cbrt((6 * volumeMm3) / (Math.PI * long * thick)) / 2;
  // Slumped to the same footprint, as long to its depth as before.
  const slumpedRadiusMm = slump(from, volumeMm3, 1) / Math.sqrt(long);
  const radiusMm = Math.max(laidRadiusMm, slumpedRadiusMm);
  const halfLengthMm = long * radiusMm;
  const heightMm = (3 * volumeMm3) / (4 * Math.PI * radiusMm * halfLengthMm);
  return {
    form: 'lump',
    volumeMm3,
    radiusMm,
    halfLengthMm,
    heightMm,
    laidRadiusMm,
    slumpedRadiusMm,
    areaRatio: ellipsePerimeter(radiusMm, heightMm) / (4 * radiusMm),
    drape: joined ? rules['shape.drape.stretched'].value : 0,
    pocketShare: null,
  };
}

/**
 * What a mould's pocket holds, mm³: a cap over a disc; a square pocket holds as much more as its area is
 * larger. Law on that likeness.
 * @example pocketVolume({ pocketMm: 32, depthMm: 10, pocket: 'disc' }) // 4545
 */
export const pocketVolume = ({ pocketMm, depthMm, pocket }: Pocket): number =>
  capVolume(pocketMm / 2, depthMm) * FORM_FACTOR[pocket];

export interface Pocket {
  readonly pocketMm: number;
  readonly depthMm: number;
  readonly pocket: Form;
}

/** Area of a pocket to that of a disc as wide. */
const FORM_FACTOR: Readonly<Record<Form, number>> = { disc: 1, square: 4 / Math.PI };

/**
 * A mound pressed into a mould's pocket: it takes the pocket's width, and spreads past it only when
 * there is more of it than the pocket holds. The dough is stretched over the whole pocket. Law on rules.
 */
export function pocketMound(from: MoundInput, pocket: Pocket, rules: Rules): Mound {
  const volumeMm3 = volumeOf(from);
  const pocketRadius = pocket.pocketMm / 2;
  const { depthMm } = pocket;
  const share = volumeMm3 / pocketVolume(pocket);
  const round = volumeMm3 / FORM_FACTOR[pocket.pocket];
  const radiusMm = share > 1 ? radiusAtHeight(round, depthMm) : pocketRadius;
  return {
    form: 'cap',
    volumeMm3,
    radiusMm,
    halfLengthMm: radiusMm,
    heightMm: capHeight(round, radiusMm),
    laidRadiusMm: capRadius(volumeMm3, rules[`shape.laid.${from.laid}`].value),
    slumpedRadiusMm: radiusMm,
    areaRatio: (pocketRadius ** 2 + depthMm ** 2) / pocketRadius ** 2,
    drape: rules['shape.drape.moulded'].value,
    pocketShare: share,
  };
}

/** Radius of the cap of a height that holds a volume, mm. Law: V = π h (3 r² + h²) / 6. */
const radiusAtHeight = (volumeMm3: number, heightMm: number): number =>
  Math.sqrt(Math.max(0, (6 * volumeMm3) / (Math.PI * heightMm) - heightMm ** 2) / 3);

/**
 * A piped log pinched to its pitch: an ellipse of the dose's area, a little wider than round, or as wide
 * as it settles; the strip wraps all of it. Law on rules.
 * @example logMound({ doseG: 3.2, … }, 25.4).radiusMm // 7.1
 */
export function logMound(from: MoundInput, pitchMm: number, rules: Rules): Mound {
  const volumeMm3 = volumeOf(from);
  const areaMm2 = volumeMm3 / pitchMm;
  const laidRadiusMm = rules['shape.log.width'].value * Math.sqrt(areaMm2 / Math.PI);
  const slumpedRadiusMm = spreadHalfWidth({
    areaMm2,
    ...from,
    load: rules['shape.pressedLoad'].value,
  });
  const radiusMm = Math.max(laidRadiusMm, slumpedRadiusMm);
  const heightMm = (4 * areaMm2) / (Math.PI * 2 * radiusMm);
  return {
    form: 'log',
    volumeMm3,
    radiusMm,
    halfLengthMm: pitchMm / 2,
    heightMm,
    laidRadiusMm,
    slumpedRadiusMm,
    areaRatio: ellipsePerimeter(radiusMm, heightMm / 2) / (4 * radiusMm),
    drape: rules['shape.drape.draped'].value,
    pocketShare: null,
  };
}

/** Radius of a ring as large as the mound's footprint, mm; a log's is its half width. */
export const footprintRadius = ({ form, radiusMm, halfLengthMm }: Mound): number =>
  form === 'lump' ? Math.sqrt(radiusMm * halfLengthMm) : radiusMm;

/**
 * Thickness of the dough over the dome, mm: t / (1 + c (λ − 1)). Law on the rule for c.
 * @example thicknessOverDome(0.8, mound) // 0.67 for a piped cap
 */
export const thicknessOverDome = (
  thicknessMm: number,
  { areaRatio, drape }: Pick<Mound, 'areaRatio' | 'drape'>,
): number => thicknessMm / (1 + drape * Math.max(0, areaRatio - 1));

const slump = (from: MoundInput, volumeMm3: number, load: number): number =>
  spreadRadius({
    volumeMl: volumeMm3 / 1000,
    densityGPerMl: from.densityGPerMl,
    yieldStressPa: from.yieldStressPa,
    load,
  });
