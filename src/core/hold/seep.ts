import type { Rules } from '../basis/rules';
import { DOUGH_DENSITY_G_PER_ML } from '../physics/constants';
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
  rules: Rules,
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
 * @example seep({ thicknessMm: 0.8, freeWaterShare: 0.05, doughMoisture: 0.34, surface: 'bare' }, startingRules)
 */
export function seep(
  input: SeepInput,
  rules: Rules,
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
  const perCell = conduct / (h * h);
  const scratch = cells === CELLS ? OWN : scratchOf(cells);
  const { stage, uStage, k1, k2, sweep } = scratch;
  // Moisture of each cell; last, what the surface has taken, mm. And u of each, followed along with it.
  let { x, next, u, uNext } = scratch;
  x.fill(doughMoisture);
  x[n] = 0;
  u.fill(Math.exp(moist * (doughMoisture - AT_MOISTURE)));

  let seconds = 0;
  let came = 0;
  let dt = 0.02 / perCell;
  const course = {
    seconds: [] as number[],
    face: [] as number[],
    inMm: [] as number[],
    outMm: [] as number[],
  };
  let profiles = new Float64Array(64 * n);
  keep(x, u, seconds, came);
  while (seconds < untilS) {
    dt = Math.min(dt, untilS - seconds);
    const wants = faceOf(x, n) - uptake.restsAt;
    const room = capacity > 0 ? Math.max(0, 1 - x[n]! / capacity) : 0;
    const in0 = rates(u, wetted, perCell, draws * room * Math.max(0, wants), h, k1);
    factorise(sweep, u, GAMMA * dt * perCell * moist, {
      h,
      takes: wants > 0 ? GAMMA * dt * draws * room : 0,
      fills: room > 0 && wants > 0 ? (GAMMA * dt * draws * wants) / capacity : 0,
    });
    solve(sweep, k1);
    for (let i = 0; i < n; i += 1) {
      const change = dt * k1[i]!;
      stage[i] = x[i]! + change;
      uStage[i] = u[i]! * grown(moist * change);
    }
    stage[n] = x[n]! + dt * k1[n]!;
    const roomThen = capacity > 0 ? Math.max(0, 1 - stage[n]! / capacity) : 0;
    const wantsThen = Math.max(0, faceOf(stage, n) - uptake.restsAt);
    const in1 = rates(uStage, wetted, perCell, draws * roomThen * wantsThen, h, k2);
    for (let i = 0; i <= n; i += 1) k2[i] = k2[i]! - 2 * k1[i]!;
    solve(sweep, k2);
    let worst = 0;
    for (let i = 0; i < n; i += 1) {
      const error = Math.abs(k1[i]! + k2[i]!);
      if (error > worst) worst = error;
      const change = dt * (1.5 * k1[i]! + 0.5 * k2[i]!);
      next[i] = x[i]! + change;
      uNext[i] = u[i]! * grown(moist * change);
    }
    worst *= dt * 0.5;
    next[n] = x[n]! + dt * (1.5 * k1[n]! + 0.5 * k2[n]!);
    const grow = 0.9 * Math.sqrt(tolerance / Math.max(worst, 1e-12));
    if (worst > tolerance) {
      dt *= Math.max(0.2, grow);
      continue;
    }
    // (1 − γΔtJ) k = f, so what the steps let in at the top follows from the first cell's own slope; by the
    // same combination as the cells, so that the balance closes to rounding.
    const slope = 2 * GAMMA * dt * perCell * h * moist * u[0]!;
    const in1k = in0 - slope * k1[0]!;
    const in2k = in1 - 2 * in1k - slope * k2[0]!;
    came += dt * (1.5 * in1k + 0.5 * in2k);
    seconds += dt;
    [x, next] = [next, x];
    [u, uNext] = [uNext, u];
    const face = keep(x, u, seconds, came);
    // Steady: nothing more will come.
    if (face > untilFace || (worst < 1e-9 && dt > 3600)) break;
    dt *= Math.min(4, Math.max(0.5, grow));
  }
  return { input, cells, profiles: profiles.subarray(0, course.seconds.length * n), ...course };

  /** Notes where things stand. Gives the moisture of the under-face. */
  function keep(at: Float64Array, uAt: Float64Array, nowS: number, cameMm: number): number {
    const from = course.seconds.length * n;
    if (from + n > profiles.length) {
      const larger = new Float64Array(2 * profiles.length);
      larger.set(profiles);
      profiles = larger;
    }
    for (let i = 0; i < n; i += 1) profiles[from + i] = at[i]!;
    const face = underFace(at, uAt);
    course.seconds.push(nowS);
    course.face.push(face);
    course.inMm.push(cameMm);
    course.outMm.push(at[n]!);
    return face;
  }
  /** The under-face by the parabola that runs through the last cells and has the slope of what is taken. */
  function underFace(at: Float64Array, uAt: Float64Array): number {
    const [last, above] = [at[n - 1]!, at[n - 2]!];
    const room = capacity > 0 ? Math.max(0, 1 - at[n]! / capacity) : 0;
    const takes = draws * room * Math.max(0, faceOf(at, n) - uptake.restsAt);
    const slope = takes / (conduct * moist * uAt[n - 1]!);
    return (9 * last - above - 3 * h * slope) / 8;
  }
}

/** Moisture that the surface feels: that of the last two cells, carried on to the face. */
const faceOf = (at: Float64Array, n: number): number => at[n - 1]! + (at[n - 1]! - at[n - 2]!) / 2;

/** Coefficients of the series of e^z, from the third on: a product each, where a quotient would cost as much as the rest. */
const [C2, C3, C4, C5, C6, C7] = [1 / 2, 1 / 6, 1 / 24, 1 / 120, 1 / 720, 1 / 5040] as const;

/** e^z; by its series where z is small, which it nearly always is: to 2e-9, and without a call in the loop. */
const grown = (z: number): number =>
  z > 0.3 || z < -0.3
    ? Math.exp(z)
    : 1 + z * (1 + z * (C2 + z * (C3 + z * (C4 + z * (C5 + z * (C6 + z * C7))))));

/**
 * How fast each cell's moisture grows, and last what the surface takes, mm × moisture per s.
 * @returns what comes in at the top, mm × moisture per s
 */
function rates(
  u: Float64Array,
  wetted: number,
  perCell: number,
  taken: number,
  h: number,
  into: Float64Array,
): number {
  const last = u.length - 1;
  const top = 2 * perCell * (wetted - u[0]!);
  let above = top;
  for (let i = 0; i < last; i += 1) {
    const below = perCell * (u[i]! - u[i + 1]!);
    into[i] = above - below;
    above = below;
  }
  into[last] = above - taken / h;
  into[last + 1] = taken;
  return top * h;
}

/** I − γ Δt J, factorised for a sweep down and one up; the under-face's lean on its upper neighbour is left out. */
interface Sweep {
  readonly lower: Float64Array;
  readonly upper: Float64Array;
  /** One over the diagonal. */
  readonly over: Float64Array;
}

const sweepOf = (n: number): Sweep => ({
  lower: new Float64Array(n + 1),
  upper: new Float64Array(n + 1),
  over: new Float64Array(n + 1),
});

/** Room to work in; what is found is copied out of it. */
const scratchOf = (n: number) => ({
  x: new Float64Array(n + 1),
  next: new Float64Array(n + 1),
  stage: new Float64Array(n + 1),
  u: new Float64Array(n),
  uNext: new Float64Array(n),
  uStage: new Float64Array(n),
  k1: new Float64Array(n + 1),
  k2: new Float64Array(n + 1),
  sweep: sweepOf(n),
});

/** That of the usual number of cells, used again each time. */
const OWN = scratchOf(CELLS);

function factorise(
  { lower, upper, over }: Sweep,
  u: Float64Array,
  g: number,
  { h, takes, fills }: { h: number; takes: number; fills: number },
): void {
  const last = u.length - 1;
  let above = g * u[0]!;
  over[0] = 1 / (1 + 3 * above);
  for (let i = 1; i <= last; i += 1) {
    const own = g * u[i]!;
    upper[i - 1] = -own;
    const m = -above * over[i - 1]!;
    lower[i] = m;
    const diagonal = i < last ? 1 + 2 * own : 1 + own + takes / h;
    over[i] = 1 / (diagonal + m * own);
    above = own;
  }
  upper[last] = -fills / h;
  const m = -takes * over[last]!;
  lower[last + 1] = m;
  over[last + 1] = 1 / (1 + fills - m * upper[last]!);
}

function solve({ lower, upper, over }: Sweep, b: Float64Array): void {
  const size = b.length;
  let before = b[0]!;
  for (let i = 1; i < size; i += 1) {
    before = b[i]! - lower[i]! * before;
    b[i] = before;
  }
  before *= over[size - 1]!;
  b[size - 1] = before;
  for (let i = size - 2; i >= 0; i -= 1) {
    before = (b[i]! - upper[i]! * before) * over[i]!;
    b[i] = before;
  }
}
