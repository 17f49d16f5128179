import { HEAT, type CoreInput } from './heat';

const CELLS = 12;
const STEP_S = 4;
const GAMMA = 1 - Math.SQRT1_2;
const LONGEST_S = 6 * 3600;

/** Heat held, J/m³ from −3 °C up, by how warm it is, and where it bends. */
const CAPACITY = HEAT.conductivity / HEAT.diffusivity;
const LATENT = HEAT.latentJPerKg * HEAT.waterShare * HEAT.kgPerM3;
const MELTING = CAPACITY + LATENT / (HEAT.softC - HEAT.hardC);
const FROZEN_K = HEAT.conductivity * HEAT.frozenConducts;
const FROZEN_C = CAPACITY * HEAT.frozenHolds;
const [OVER_FROZEN, OVER_MELTING, OVER_THAWED] = [1 / FROZEN_C, 1 / MELTING, 1 / CAPACITY] as const;
const H_CLEAR = MELTING * (HEAT.clearC - HEAT.hardC);
const H_SOFT = MELTING * (HEAT.softC - HEAT.hardC);

/** Temperature of a heat content, °C. */
const temperature = (heat: number): number => {
  if (heat < 0) return HEAT.hardC + heat / FROZEN_C;
  return heat < H_SOFT ? HEAT.hardC + heat / MELTING : HEAT.softC + (heat - H_SOFT) / CAPACITY;
};
const heatAt = (tempC: number): number => {
  if (tempC < HEAT.hardC) return (tempC - HEAT.hardC) * FROZEN_C;
  return tempC < HEAT.softC
    ? (tempC - HEAT.hardC) * MELTING
    : H_SOFT + (tempC - HEAT.softC) * CAPACITY;
};
/** Between which two bends a heat lies. */
const stretchOf = (heat: number): number =>
  heat < H_CLEAR ? (heat < 0 ? 0 : 1) : heat < H_SOFT ? 2 : 3;

/**
 * Seconds until the middle of a frozen piece, or another place in it, is at its target. Law: conduction with latent heat spread
 * over its melting, as heat content in finite volumes, by two implicit stages a step.
 * @example coreFrozen({ halfHeightMm: 7, shapeExponent: 0.6, fromC: -18, bathC: 98, targetC: 74 }) // 249
 */
export function coreFrozen(
  { halfHeightMm, shapeExponent: p, fromC, bathC, targetC }: CoreInput,
  {
    cells: n = CELLS,
    stepS = STEP_S,
    at: place = 0,
    onStep,
  }: {
    cells?: number;
    stepS?: number;
    /** Where the target is looked for, from the middle (0) to the face (1). */
    at?: number;
    onStep?(seconds: number, placeC: number): void;
  } = {},
): number {
  if (fromC >= targetC) return 0;
  const half = halfHeightMm / 1000;
  const dx = half / n;
  // Of a body whose area grows as x^p: the inner face of each cell over the way between two middles, and one over
  // the cell's volume.
  const face = Float64Array.from({ length: n + 1 }, (_, i) => (i * dx) ** p / dx);
  const overVolume = Float64Array.from(
    { length: n },
    (_, i) => (p + 1) / (((i + 1) * dx) ** (p + 1) - (i * dx) ** (p + 1)),
  );
  if (p === 0) face[0] = 0;
  const outerFace = face[n]! * dx;
  // Steps as fine beside a small piece as beside a large one.
  const dt = stepS * Math.min(2, (halfHeightMm / 7) ** 2);
  const g = GAMMA * dt;
  let heat = new Float64Array(n).fill(heatAt(fromC));
  let trial = new Float64Array(n);
  const base = new Float64Array(n);
  const rate = new Float64Array(n);
  // Of the heat on trial: ∫ k dT from the clear point, W/m, with which the flow between two cells needs no mean
  // conductivity; and how fast it grows with the heat, m²/s.
  const potential = new Float64Array(n);
  const slope = new Float64Array(n);
  const change = new Float64Array(n);
  const upper = new Float64Array(n);

  /** How fast each cell's heat grows, W/m³; gives how easily the outermost takes it from the bath, W/m² a degree. */
  const flow = (at: Float64Array): number => {
    for (let i = 0; i < n; i += 1) {
      const h = at[i]!;
      const k = h < H_CLEAR ? FROZEN_K : HEAT.conductivity;
      // One bend after the other: frozen, melting, thawed.
      const soft = h >= H_SOFT;
      const over = h < 0 ? OVER_FROZEN : soft ? OVER_THAWED : OVER_MELTING;
      const tempC = soft ? HEAT.softC + (h - H_SOFT) * over : HEAT.hardC + h * over;
      potential[i] = k * (tempC - HEAT.clearC);
      slope[i] = k * over;
    }
    const last = n - 1;
    let inner = 0;
    for (let i = 0; i < last; i += 1) {
      const outer = face[i + 1]! * (potential[i + 1]! - potential[i]!);
      rate[i] = (outer - inner) * overVolume[i]!;
      inner = outer;
    }
    const k = at[last]! < H_CLEAR ? FROZEN_K : HEAT.conductivity;
    const eases = outerFace / (1 / HEAT.surface + dx / (2 * k));
    const outer = eases * (bathC - HEAT.clearC - potential[last]! / k);
    rate[last] = (outer - inner) * overVolume[last]!;
    return eases / k;
  };
  /** Solves trial = base + γ Δt f(trial) by Newton. */
  const implicit = () => {
    for (let turn = 0; turn < 12; turn += 1) {
      const eases = flow(trial);
      // Down: each row of 1 − γ Δt J less its share of the one above.
      let [m, aboveSlope, aboveUpper, aboveChange, over] = [0, 0, 0, 0, 0];
      for (let i = 0; i < n; i += 1) {
        const v = g * overVolume[i]!;
        const own = slope[i]!;
        const outer = i < n - 1 ? face[i + 1]! : eases;
        m = -v * face[i]! * aboveSlope * over;
        over = 1 / (1 + v * own * (outer + face[i]!) - m * aboveUpper);
        aboveChange = base[i]! + g * rate[i]! - trial[i]! - m * aboveChange;
        aboveUpper = i < n - 1 ? -v * outer * slope[i + 1]! : 0;
        aboveSlope = own;
        change[i] = aboveChange * over;
        upper[i] = aboveUpper * over;
      }
      // And up again. All is straight between two bends: where no cell passed one, this is the answer.
      let [below, bent] = [0, false];
      for (let i = n - 1; i >= 0; i -= 1) {
        below = change[i]! - upper[i]! * below;
        const was = trial[i]!;
        const now = was + below;
        trial[i] = now;
        if (stretchOf(was) !== stretchOf(now)) bent = true;
      }
      if (!bent) return;
    }
  };
  /** The middle itself, by the parabola through the two innermost cells. */
  const middle = () => {
    const [a, b] = [temperature(heat[0]!), temperature(heat[1]!)];
    return a < HEAT.softC ? a : (9 * a - b) / 8;
  };
  /** Anywhere else: on the line between the two cells it lies between. */
  const between = () => {
    const along = Math.min(n - 1, Math.max(0, place * n - 0.5));
    const i = Math.min(n - 2, Math.floor(along));
    const [a, b] = [temperature(heat[i]!), temperature(heat[i + 1]!)];
    return a + (along - i) * (b - a);
  };
  const watched = place === 0 ? middle : between;
  let before = fromC;
  for (let seconds = 0; seconds < LONGEST_S; seconds += dt) {
    base.set(heat);
    trial.set(heat);
    implicit();
    // What the first stage came to says how fast it grew.
    for (let i = 0; i < n; i += 1) {
      base[i] = heat[i]! + ((1 - GAMMA) / GAMMA) * (trial[i]! - base[i]!);
    }
    implicit();
    [heat, trial] = [trial, heat];
    const now = watched();
    onStep?.(seconds + dt, now);
    if (now >= targetC) {
      // It nears the bath as an exponential does.
      const share =
        Math.log((bathC - before) / (bathC - targetC)) / Math.log((bathC - before) / (bathC - now));
      return seconds + share * dt;
    }
    before = now;
  }
  return LONGEST_S;
}
