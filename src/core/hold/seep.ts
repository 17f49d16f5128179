import { startingRules, type Rules } from '../basis/rules';
import { DOUGH_DENSITY_G_PER_ML } from '../physics/constants';
import { monotoneCubic } from '../physics/monotoneCubic';
import { uptakeOf, type Surface } from './surfaces';

/** A sheet between a filling and what it stands on. */
export interface SeepInput {
  readonly thicknessMm: number;
  /** Free water of the filling, share. */
  readonly freeWaterShare: number;
  /** Water in the dough when it was sealed, wet basis. */
  readonly doughMoisture: number;
  readonly surface: Surface;
}

/**
 * The course of a seep, moment by moment, close enough to read between them. Times are those that would
 * bring it as far at 20 °C, s.
 */
export interface Seep {
  readonly input: SeepInput;
  readonly cells: number;
  readonly seconds: readonly number[];
  /** Moisture of the under-face, wet basis. */
  readonly face: readonly number[];
  /** Moisture of each cell from the filling down, one moment after the other. */
  readonly profiles: Float64Array;
  /** Water that came in from the filling, and that the surface took, as mm of dough × moisture. */
  readonly inMm: readonly number[];
  readonly outMm: readonly number[];
}

export interface SeepOptions {
  readonly cells?: number;
  /** Error allowed in one step, moisture. */
  readonly tolerance?: number;
  /** How long to follow it, s at 20 °C; and how wet the under-face may become. */
  readonly untilS?: number;
  readonly untilFace?: number;
}

const CELLS = 24;
const TOLERANCE = 1e-3;
const DAYS_3_S = 3 * 86_400;
/** Two-stage Rosenbrock step of second order, L-stable. */
const GAMMA = 1 - Math.SQRT1_2;
const AT_MOISTURE = 0.33;

/** Moisture of dough that lies against a filling, wet basis. Rule. */
export function wettedFace(
  { freeWaterShare, doughMoisture }: Pick<SeepInput, 'freeWaterShare' | 'doughMoisture'>,
  rules: Rules = startingRules,
): number {
  const top = Math.max(rules['hold.face.top'].value, doughMoisture + rules['hold.face.rise'].value);
  const gone = 1 - Math.exp(-freeWaterShare / rules['hold.face.water'].value);
  return doughMoisture + (top - doughMoisture) * gone;
}

/**
 * Follows moisture through a sheet from the filling down. Law on rules: diffusion in one dimension with
 * D = D₀ e^(4 (X − 0.33)), the inner face held at what the filling makes it, the outer one giving to its
 * surface. Finite volumes, implicit, in conservation form: what comes in less what goes out is what the
 * sheet gains. Time is that at 20 °C: cold only stretches it.
 * @example seep({ thicknessMm: 0.8, freeWaterShare: 0.05, doughMoisture: 0.34, surface: 'bare' })
 */
export function seep(
  input: SeepInput,
  rules: Rules = startingRules,
  { cells = CELLS, tolerance = TOLERANCE, untilS = DAYS_3_S, untilFace = 1 }: SeepOptions = {},
): Seep {
  const { thicknessMm, doughMoisture } = input;
  const uptake = uptakeOf(input.surface, doughMoisture, rules);
  const h = thicknessMm / cells;
  const moist = rules['hold.diffusion.moist'].value;
  // D₀ in mm²/s, over the derivative of u = e^(moist (X − 0.33)).
  const conduct = (rules['hold.diffusion'].value * 1e-6) / moist;
  const draws = uptake.drawsUmPerS * 1e-3;
  // g/m² as mm of dough × moisture.
  const capacity = uptake.capacityGPerM2 / (DOUGH_DENSITY_G_PER_ML * 1000);
  const wetted = Math.exp(moist * (wettedFace(input, rules) - AT_MOISTURE));

  const n = cells;
  const size = n + 1;
  // Moisture of each cell; last, what the surface has taken, mm.
  let x = new Float64Array(size).fill(doughMoisture);
  x[n] = 0;
  let next = new Float64Array(size);
  const stage = new Float64Array(size);
  const [lower, diagonal, upper] = [0, 1, 2].map(() => new Float64Array(size)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const [k1, k2, slopes] = [0, 1, 2].map(() => new Float64Array(size)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const u = new Float64Array(n);
  /** Flux in at the top, mm × moisture per s, of the last rates worked out. */
  let influx = 0;

  /** What the surface takes from the under-face, mm × moisture per s. */
  const takesNow = (at: Float64Array): number => {
    if (capacity === 0) return 0;
    const room = 1 - at[n]! / capacity;
    const wants = faceOf(at) - uptake.restsAt;
    return room > 0 && wants > 0 ? draws * room * wants : 0;
  };
  const faceOf = (at: Float64Array): number => at[n - 1]! + (at[n - 1]! - at[n - 2]!) / 2;

  const rates = (at: Float64Array, into: Float64Array) => {
    for (let i = 0; i < n; i += 1) u[i] = Math.exp(moist * (at[i]! - AT_MOISTURE));
    let above = (2 * conduct * (wetted - u[0]!)) / h;
    influx = above;
    for (let i = 0; i < n - 1; i += 1) {
      const below = (conduct * (u[i]! - u[i + 1]!)) / h;
      into[i] = (above - below) / h;
      above = below;
    }
    const taken = takesNow(at);
    into[n - 1] = (above - taken) / h;
    into[n] = taken;
  };

  /** I − γ Δt J, factorised for the Thomas sweep; the under-face's lean on its upper neighbour is left out. */
  const factorise = (at: Float64Array, dt: number) => {
    const g = (GAMMA * dt * conduct * moist) / (h * h);
    for (let i = 0; i < n; i += 1) slopes[i] = g * u[i]!;
    for (let i = 0; i < n; i += 1) {
      lower[i] = i > 0 ? -slopes[i - 1]! : 0;
      upper[i] = i < n - 1 ? -slopes[i + 1]! : 0;
      diagonal[i] = 1 + slopes[i]! * (i === 0 ? 3 : i === n - 1 ? 1 : 2);
    }
    const room = capacity > 0 ? Math.max(0, 1 - at[n]! / capacity) : 0;
    const wants = Math.max(0, faceOf(at) - uptake.restsAt);
    const g2 = GAMMA * dt * draws * (wants > 0 ? room : 0);
    const fills = capacity > 0 && room > 0 ? (GAMMA * dt * draws * wants) / capacity : 0;
    diagonal[n - 1] = diagonal[n - 1]! + g2 / h;
    upper[n - 1] = -fills / h;
    lower[n] = -g2;
    diagonal[n] = 1 + fills;
    upper[n] = 0;
    for (let i = 1; i < size; i += 1) {
      const m = lower[i]! / diagonal[i - 1]!;
      lower[i] = m;
      diagonal[i] = diagonal[i]! - m * upper[i - 1]!;
    }
  };
  const solve = (b: Float64Array) => {
    for (let i = 1; i < size; i += 1) b[i] = b[i]! - lower[i]! * b[i - 1]!;
    b[n] = b[n]! / diagonal[n]!;
    for (let i = n - 1; i >= 0; i -= 1) b[i] = (b[i]! - upper[i]! * b[i + 1]!) / diagonal[i]!;
  };

  let [seconds, came, dt] = [0, 0, 0.02 * ((h * h) / conduct)];
  const course = {
    seconds: [] as number[],
    face: [] as number[],
    inMm: [] as number[],
    outMm: [] as number[],
  };
  let profiles = new Float64Array(64 * n);
  keep();
  while (seconds < untilS) {
    dt = Math.min(dt, untilS - seconds);
    rates(x, k1);
    const in0 = influx;
    factorise(x, dt);
    solve(k1);
    // What the top lets in by the same combination, so that the balance closes to rounding.
    for (let i = 0; i < size; i += 1) stage[i] = x[i]! + dt * k1[i]!;
    rates(stage, k2);
    const in1 = influx;
    for (let i = 0; i < size; i += 1) k2[i] = k2[i]! - 2 * k1[i]!;
    solve(k2);
    let worst = 0;
    for (let i = 0; i < n; i += 1) {
      const error = Math.abs(k1[i]! + k2[i]!) * dt * 0.5;
      if (error > worst) worst = error;
      next[i] = x[i]! + dt * (1.5 * k1[i]! + 0.5 * k2[i]!);
    }
    next[n] = x[n]! + dt * (1.5 * k1[n]! + 0.5 * k2[n]!);
    const grow = 0.9 * Math.sqrt(tolerance / Math.max(worst, 1e-12));
    if (worst > tolerance) {
      dt *= Math.max(0.2, grow);
      continue;
    }
    // (1 − γΔtJ) k = f, so what the steps let in at the top follows from the first cell's own slope.
    const top = (k: Float64Array) => 2 * GAMMA * dt * conduct * (moist / h) * u0(x) * k[0]!;
    const in1k = in0 - top(k1);
    const in2k = in1 - 2 * in1k - top(k2);
    came += dt * (1.5 * in1k + 0.5 * in2k);
    seconds += dt;
    [x, next] = [next, x];
    const face = keep();
    // Steady: nothing more will come.
    if (face > untilFace || (worst < 1e-9 && dt > 3600)) break;
    dt *= Math.min(4, Math.max(0.5, grow));
  }
  return { input, cells, profiles: profiles.subarray(0, course.seconds.length * n), ...course };

  /** The under-face by the parabola that runs through the last cells and has the slope of what is taken. */
  function underFace(at: Float64Array): number {
    const [last, above] = [at[n - 1]!, at[n - 2]!];
    const slope = takesNow(at) / (conduct * moist * Math.exp(moist * (last - AT_MOISTURE)));
    return (9 * last - above - 3 * h * slope) / 8;
  }
  function u0(at: Float64Array): number {
    return Math.exp(moist * (at[0]! - AT_MOISTURE));
  }
  function keep(): number {
    const at = course.seconds.length * n;
    if (at + n > profiles.length) {
      const larger = new Float64Array(2 * profiles.length);
      larger.set(profiles);
      profiles = larger;
    }
    for (let i = 0; i < n; i += 1) profiles[at + i] = x[i]!;
    const face = underFace(x);
    course.seconds.push(seconds);
    course.face.push(face);
    course.inMm.push(came);
    course.outMm.push(x[n]!);
    return face;
  }
}

/**
 * When the under-face reaches a moisture, s at 20 °C; null when it never does.
 * @example secondsToFace(course, 0.41) // 5490, at 0.8 mm, 5 % free water, a bare tray
 */
export function secondsToFace({ seconds, face }: Seep, moisture: number): number | null {
  const at = face.findIndex((each) => each >= moisture);
  if (at < 0) return null;
  if (at === 0) return 0;
  // A parabola through three moments: steps are long where little bends.
  const first = Math.max(0, at - 2);
  const [t0, t1, t2] = [seconds[first]!, seconds[first + 1]!, seconds[first + 2] ?? seconds[at]!];
  const [f0, f1, f2] = [face[first]!, face[first + 1]!, face[first + 2] ?? face[at]!];
  if (!(f0 < f1 && f1 < f2)) {
    const share = (moisture - face[at - 1]!) / (face[at]! - face[at - 1]!);
    return seconds[at - 1]! + share * (seconds[at]! - seconds[at - 1]!);
  }
  const m = moisture;
  return (
    (t0 * (m - f1) * (m - f2)) / ((f0 - f1) * (f0 - f2)) +
    (t1 * (m - f0) * (m - f2)) / ((f1 - f0) * (f1 - f2)) +
    (t2 * (m - f0) * (m - f1)) / ((f2 - f0) * (f2 - f1))
  );
}

/**
 * Moisture of the under-face after so long at 20 °C, wet basis; the last known after its end. Steps are long where
 * little bends, so that a straight line between them would jump from one thickness to the next.
 */
export const faceAfter = ({ seconds, face }: Seep, afterS: number): number =>
  monotoneCubic(seconds, face, afterS);

/** Moisture through the sheet after so long at 20 °C, from the filling down. */
export function profileAfter({ seconds, profiles, cells }: Seep, afterS: number): number[] {
  const found = seconds.findIndex((each) => each >= afterS);
  const at = found < 0 ? seconds.length - 1 : found;
  const before = Math.max(0, at - 1);
  const share =
    found <= 0
      ? found < 0
        ? 1
        : 0
      : (afterS - seconds[before]!) / (seconds[at]! - seconds[before]!);
  return Array.from({ length: cells }, (_, i) => {
    const from = profiles[before * cells + i]!;
    return from + share * (profiles[at * cells + i]! - from);
  });
}
