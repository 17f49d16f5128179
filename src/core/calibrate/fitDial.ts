import { thicknessFromStrip } from '../sheet/massBalance';
import type { Roller, StripTest } from '../sheet/roller';
import { decreasing } from './decreasing';
import { solveSymmetric } from './solveSymmetric';

/** How far a dial may stand off the typical one, as shares. Rules for a machine never measured. */
const WHOLE_DIAL_SD = 0.25;
const TILT_SD = 0.15;
const EACH_STEP_SD = 0.06;
/** Neighbouring steps err alike over about so many. */
const STEPS_ALIKE = 1.5;
/** What one strip resolves: a gram on the scale, a millimetre or two on the board. Rule. */
export const STRIP_SD = 0.04;

/** One step as fitted. */
export interface FittedStep {
  readonly label: string;
  readonly mm: number;
  /** What it was taken for before any strip. */
  readonly typicalMm: number;
  /** Likely error, share (one standard deviation). */
  readonly sdShare: number;
}

/** How one strip lies against the fit. */
export interface StripResidual {
  readonly label: string;
  readonly index: number;
  /** Thickness as weighed, and the gap that it came from. */
  readonly stripMm: number;
  readonly gapMm: number;
  readonly fittedMm: number;
  /** Gap over fit, less 1. */
  readonly share: number;
}

export interface DialFit {
  readonly steps: readonly FittedStep[];
  readonly residuals: readonly StripResidual[];
  /** Root mean square of the residuals, share; 0 without strips. */
  readonly rmsShare: number;
}

/**
 * The gap a strip came from, mm: its thickness by the mass balance, spring-back taken off. Law.
 * @throws FieldError out of range
 * @example gapFromStrip({ label: '8', massG: 125, widthMm: 140, lengthMm: 930, springBack: 0.035 }) // 0.773
 */
export const gapFromStrip = ({ springBack, ...strip }: StripTest): number =>
  thicknessFromStrip(strip) / (1 + springBack);

/**
 * Fits a whole dial to a few weighed strips. Every step stands off its typical gap by a share that is
 * partly the whole dial's, partly a tilt, partly its own and its neighbours'; strips settle each as far
 * as they tell (a Gaussian process on the logarithm of gap over typical). Steps stay in order.
 * @returns the typical dial itself when there are no strips
 * @throws FieldError when a strip is out of range
 */
export function fitDial({ steps }: Pick<Roller, 'steps'>, strips: readonly StripTest[]): DialFit {
  const typical = steps.map(({ mm, typicalMm }) => typicalMm ?? mm);
  const place = (index: number) => (steps.length > 1 ? (2 * index) / (steps.length - 1) - 1 : 0);
  const alike = (i: number, j: number) =>
    WHOLE_DIAL_SD ** 2 +
    TILT_SD ** 2 * place(i) * place(j) +
    EACH_STEP_SD ** 2 * Math.exp(-((i - j) ** 2) / (2 * STEPS_ALIKE ** 2));
  const seen = strips.flatMap((strip, n) => {
    const index = steps.findIndex(({ label }) => label === strip.label);
    return index < 0 ? [] : [{ n, index, gapMm: gapFromStrip(strip), strip }];
  });
  const off = seen.map(({ index, gapMm }) => Math.log(gapMm / (typical[index] ?? gapMm)));
  const among = seen.map((a, i) =>
    seen.map((b, j) => alike(a.index, b.index) + (i === j ? STRIP_SD ** 2 : 0)),
  );
  const weights = seen.length ? solveSymmetric(among, off) : [];
  const fitted = typical.map((mm, k) => {
    const toSeen = seen.map(({ index }) => alike(k, index));
    const mean = toSeen.reduce((sum, each, i) => sum + each * (weights[i] ?? 0), 0);
    const told = seen.length
      ? solveSymmetric(among, toSeen).reduce((sum, each, i) => sum + each * (toSeen[i] ?? 0), 0)
      : 0;
    return {
      mm: mm * Math.exp(mean),
      sdShare: Math.sqrt(Math.max(0, alike(k, k) - told)),
    };
  });
  const inOrder = decreasing(fitted.map(({ mm }) => mm));
  const result = steps.map(({ label }, k) => ({
    label,
    mm: Math.round((inOrder[k] ?? 0) * 100) / 100,
    typicalMm: typical[k] ?? 0,
    sdShare: fitted[k]?.sdShare ?? 0,
  }));
  const residuals = seen.map(({ n, index, gapMm, strip }) => {
    const fittedMm = result[index]?.mm ?? gapMm;
    return {
      label: strip.label,
      index: n,
      stripMm: gapMm * (1 + strip.springBack),
      gapMm,
      fittedMm,
      share: gapMm / fittedMm - 1,
    };
  });
  return {
    steps: result,
    residuals,
    rmsShare: residuals.length
      ? Math.sqrt(residuals.reduce((sum, { share }) => sum + share ** 2, 0) / residuals.length)
      : 0,
  };
}

/** The roller with its dial as fitted; what each step was taken for before is kept. */
export const withFit = (roller: Roller, { steps }: DialFit): Roller => ({
  ...roller,
  steps: steps.map(({ label, mm, typicalMm }) => ({ label, mm, typicalMm })),
});
