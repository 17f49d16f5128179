import { HEAT, type CoreInput } from './heat';

/** Terms of the series; four are good to 1e-5 from a tenth of the way on. */
const TERMS = 4;

/**
 * Even solution of φ″ + (p ÷ x) φ′ + φ = 0 with φ(0) = 1, at x = ζ, and its slope: cosine for a slab,
 * Bessel's J₀ for a log, sin x ÷ x for a ball. By its power series.
 */
function shape(zeta: number, p: number): readonly [value: number, slope: number] {
  const q = (zeta * zeta) / 4;
  const mu = (p - 1) / 2;
  let [term, value, slopeTerm, slope] = [1, 1, 1, 1];
  for (let k = 1; k < 80; k += 1) {
    term *= -q / (k * (mu + k));
    slopeTerm *= -q / (k * (mu + 1 + k));
    value += term;
    slope += slopeTerm;
    if (Math.abs(term) + Math.abs(slopeTerm) < 1e-17) break;
  }
  return [value, (-zeta / (2 * (mu + 1))) * slope];
}

/** Warming of the middle as a sum: θ = Σ weight × e^(−rate × Fo), θ from 1 at the start to 0. */
export interface Warming {
  readonly weights: readonly number[];
  readonly rates: readonly number[];
}

/**
 * How the middle of a body warms from outside. Law: exact series for a body between slab, log and ball.
 * @param p shape exponent, 0 to 2
 * @param biot surface × half-height ÷ conductivity; Infinity for a surface stepped at once
 * @example warming(0, Infinity).rates[0] // 2.467
 */
export function warming(p: number, biot: number, terms = TERMS): Warming {
  const off = (zeta: number) => {
    const [value, slope] = shape(zeta, p);
    return biot === Infinity ? value : zeta * slope + biot * value;
  };
  const weights: number[] = [];
  const rates: number[] = [];
  // No two roots lie so near each other: they come nearly π apart.
  const step = 0.8;
  let [from, at] = [1e-9, off(1e-9)];
  while (rates.length < terms) {
    const to = from + step;
    const there = off(to);
    if (at * there < 0) {
      let [low, high, fLow, fHigh] = [from, to, at, there];
      for (let i = 0; i < 60 && Math.abs(high - low) > 1e-10; i += 1) {
        // Illinois: the false position, kept from standing still.
        const middle = (low * fHigh - high * fLow) / (fHigh - fLow);
        const f = off(middle);
        if (f === 0) {
          [low, high] = [middle, middle];
        } else if (f * fHigh < 0) {
          [low, fLow] = [high, fHigh];
          [high, fHigh] = [middle, f];
        } else {
          fLow /= 2;
          [high, fHigh] = [middle, f];
        }
      }
      const zeta = high;
      const [value, slope] = shape(zeta, p);
      const whole = -slope / zeta;
      const square = (slope * slope + value * value + ((p - 1) * value * slope) / zeta) / 2;
      weights.push(whole / square);
      rates.push(zeta * zeta);
    }
    [from, at] = [to, there];
  }
  return { weights, rates };
}

/** What is left of the step at the middle, 1 to 0, at a Fourier number. Law. */
export const leftAt = ({ weights, rates }: Warming, fourier: number): number =>
  weights.reduce((sum, weight, i) => sum + weight * Math.exp(-rates[i]! * fourier), 0);

/**
 * Seconds until the middle of a thawed piece is at its target. Law; see {@link CoreInput}.
 * @example coreThawed({ halfHeightMm: 7, shapeExponent: 0.6, fromC: 6, bathC: 98, targetC: 74 }) // 169
 */
export function coreThawed({
  halfHeightMm,
  shapeExponent,
  fromC,
  bathC,
  targetC,
}: CoreInput): number {
  if (fromC >= targetC) return 0;
  const half = halfHeightMm / 1000;
  const series = warming(shapeExponent, (HEAT.surface * half) / HEAT.conductivity);
  const wanted = (bathC - targetC) / (bathC - fromC);
  // The first term alone is right late on, and too early before: from there downward by Newton.
  let fourier = Math.max(0, Math.log(series.weights[0]! / wanted) / series.rates[0]!);
  for (let i = 0; i < 30; i += 1) {
    let [left, slope] = [0, 0];
    series.weights.forEach((weight, k) => {
      const part = weight * Math.exp(-series.rates[k]! * fourier);
      left += part;
      slope -= series.rates[k]! * part;
    });
    const step = (left - wanted) / slope;
    fourier = Math.max(0, fourier - step);
    if (Math.abs(step) < 1e-10) break;
  }
  return (fourier * half * half) / HEAT.diffusivity;
}
