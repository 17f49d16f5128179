import { startingRules, type Rules } from '../basis/rules';
import { spreadHalfWidth, spreadRadius } from '../filling/spreadRadius';
import { capHeight, capRadius, capVolume } from './cap';

/** How the filling is put down. */
export type Laid = 'ball' | 'piped' | 'spooned';

/** What a mound is made from. */
export interface MoundInput {
  readonly doseG: number;
  readonly densityGPerMl: number;
  readonly yieldStressPa: number;
  readonly laid: Laid;
}

/** The mound as it sits after a minute. */
export interface Mound {
  readonly form: 'cap' | 'lens' | 'log';
  readonly volumeMm3: number;
  /** Radius of the footprint, or half the width of a log, mm. */
  readonly radiusMm: number;
  /** Height over the lower sheet; for a lens, of one face, mm. */
  readonly heightMm: number;
  readonly laidRadiusMm: number;
  readonly slumpedRadiusMm: number;
  /** Area of the dome over its footprint, λ. */
  readonly areaRatio: number;
  readonly drape: number;
}

const volumeOf = ({ doseG, densityGPerMl }: MoundInput): number => (doseG / densityGPerMl) * 1000;

/**
 * A mound on the bench under a second sheet: a spherical cap. Law on the rules for laid height.
 * @example capMound({ doseG: 9, densityGPerMl: 1.04, yieldStressPa: 600, laid: 'piped' }).radiusMm // 20.2
 */
export function capMound(from: MoundInput, rules: Rules = startingRules): Mound {
  const volumeMm3 = volumeOf(from);
  const laidRadiusMm = capRadius(volumeMm3, rules[`shape.laid.${from.laid}`].value);
  const slumpedRadiusMm = slump(from, volumeMm3, rules['shape.pressedLoad'].value);
  const radiusMm = Math.max(laidRadiusMm, slumpedRadiusMm);
  const heightMm = capHeight(volumeMm3, radiusMm);
  return {
    form: 'cap',
    volumeMm3,
    radiusMm,
    heightMm,
    laidRadiusMm,
    slumpedRadiusMm,
    areaRatio: (radiusMm ** 2 + heightMm ** 2) / radiusMm ** 2,
    drape: rules['shape.drape.draped'].value,
  };
}

/** A mound folded in the hand, doming both ways: two caps of half the volume. */
export function lensMound(from: MoundInput, rules: Rules = startingRules): Mound {
  const volumeMm3 = volumeOf(from);
  const laidRadiusMm = capRadius(volumeMm3 / 2, rules['shape.lens'].value);
  const slumpedRadiusMm = slump(from, volumeMm3, 1);
  const radiusMm = Math.max(laidRadiusMm, slumpedRadiusMm);
  const heightMm = capHeight(volumeMm3 / 2, radiusMm);
  return {
    form: 'lens',
    volumeMm3,
    radiusMm,
    heightMm,
    laidRadiusMm,
    slumpedRadiusMm,
    areaRatio: (radiusMm ** 2 + heightMm ** 2) / radiusMm ** 2,
    drape: rules['shape.drape.stretched'].value,
  };
}

/**
 * A mound pressed into a mould's pocket: it takes the pocket's width, and spreads past it only when
 * there is more of it than the pocket holds. The dough is stretched over the whole pocket. Law on rules.
 */
export function pocketMound(
  from: MoundInput,
  { pocketMm, depthMm }: { pocketMm: number; depthMm: number },
  rules: Rules = startingRules,
): Mound {
  const volumeMm3 = volumeOf(from);
  const pocketRadius = pocketMm / 2;
  const overfull = volumeMm3 > capVolume(pocketRadius, depthMm);
  const radiusMm = overfull ? radiusAtHeight(volumeMm3, depthMm) : pocketRadius;
  return {
    form: 'cap',
    volumeMm3,
    radiusMm,
    heightMm: capHeight(volumeMm3, radiusMm),
    laidRadiusMm: capRadius(volumeMm3, rules[`shape.laid.${from.laid}`].value),
    slumpedRadiusMm: radiusMm,
    areaRatio: (pocketRadius ** 2 + depthMm ** 2) / pocketRadius ** 2,
    drape: rules['shape.drape.moulded'].value,
  };
}

/** Radius of the cap of a height that holds a volume, mm. Law: V = π h (3 r² + h²) / 6. */
const radiusAtHeight = (volumeMm3: number, heightMm: number): number =>
  Math.sqrt(Math.max(0, (6 * volumeMm3) / (Math.PI * heightMm) - heightMm ** 2) / 3);

/**
 * A piped log pinched to its pitch: a half-cylinder of the dose's volume, settled to a half-ellipse
 * of the same area when the filling is loose.
 */
export function logMound(from: MoundInput, pitchMm: number, rules: Rules = startingRules): Mound {
  const volumeMm3 = volumeOf(from);
  const areaMm2 = volumeMm3 / pitchMm;
  const laidRadiusMm = Math.sqrt((2 * areaMm2) / Math.PI);
  const slumpedRadiusMm = spreadHalfWidth({
    areaMm2,
    ...from,
    load: rules['shape.pressedLoad'].value,
  });
  const radiusMm = Math.max(laidRadiusMm, slumpedRadiusMm);
  const heightMm = (2 * areaMm2) / (Math.PI * radiusMm);
  return {
    form: 'log',
    volumeMm3,
    radiusMm,
    heightMm,
    laidRadiusMm,
    slumpedRadiusMm,
    areaRatio: halfEllipseArc(radiusMm, heightMm) / (2 * radiusMm),
    drape: rules['shape.drape.draped'].value,
  };
}

/**
 * Length of half an ellipse's outline, mm: Ramanujan's approximation, exact for a circle.
 * @example halfEllipseArc(10, 10) // 31.416
 */
export const halfEllipseArc = (a: number, b: number): number =>
  (Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)))) / 2;

/**
 * Thickness of the dough over the dome, mm: t / (1 + c (λ − 1)). Law on the rule for c.
 * @example thicknessOverDome(0.8, mound) // 0.71 for a piped cap
 */
export const thicknessOverDome = (
  thicknessMm: number,
  { areaRatio, drape }: Pick<Mound, 'areaRatio' | 'drape'>,
): number => thicknessMm / (1 + drape * (areaRatio - 1));

const slump = (from: MoundInput, volumeMm3: number, load: number): number =>
  spreadRadius({
    volumeMl: volumeMm3 / 1000,
    densityGPerMl: from.densityGPerMl,
    yieldStressPa: from.yieldStressPa,
    load,
  });
