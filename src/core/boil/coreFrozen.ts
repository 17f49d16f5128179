import { HEAT, type CoreInput } from './heat';

const CELLS = 12;
const STEP_S = 4;
const GAMMA = 1 - Math.SQRT1_2;
const LONGEST_S = 6 * 3600;

/** Heat held, J/m³ from −3 °C up, and the integral of conductivity over temperature, W/m, at the bends. */
const CAPACITY = HEAT.conductivity / HEAT.diffusivity;
const LATENT = HEAT.latentJPerKg * HEAT.waterShare * HEAT.kgPerM3;
const MELTING = CAPACITY + LATENT / (HEAT.softC - HEAT.hardC);
const FROZEN_K = HEAT.conductivity * HEAT.frozenConducts;
const FROZEN_C = CAPACITY * HEAT.frozenHolds;
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
const conductivity = (heat: number): number => (heat < H_CLEAR ? FROZEN_K : HEAT.conductivity);
/** ∫ k dT from the clear point, W/m: with it the flow between two cells needs no mean conductivity. */
const potential = (heat: number): number => conductivity(heat) * (temperature(heat) - HEAT.clearC);
/** Its slope over heat, m²/s. */
const slopeOf = (heat: number): number => {
  const holds = heat < 0 ? FROZEN_C : heat < H_SOFT ? MELTING : CAPACITY;
  return conductivity(heat) / holds;
};

/**
 * Seconds until the middle of a frozen piece is at its target. Law: conduction with latent heat spread
 * over its melting, as heat content in finite volumes, by two implicit stages a step.
 * @example coreFrozen({ halfHeightMm: 7, shapeExponent: 0.6, fromC: -18, bathC: 98, targetC: 74 }) // 250
 */
export function coreFrozen(
  { halfHeightMm, shapeExponent: p, fromC, bathC, targetC }: CoreInput,
  {
    cells: n = CELLS,
    stepS = STEP_S,
    onStep,
  }: { cells?: number; stepS?: number; onStep?(seconds: number, middleC: number): void } = {},
): number {
  if (fromC >= targetC) return 0;
  const half = halfHeightMm / 1000;
  const dx = half / n;
  // Area of the inner face of each cell, and its volume, of a body whose area grows as x^p.
  const area = Float64Array.from({ length: n + 1 }, (_, i) => (i * dx) ** p);
  const volume = Float64Array.from(
    { length: n },
    (_, i) => (((i + 1) * dx) ** (p + 1) - (i * dx) ** (p + 1)) / (p + 1),
  );
  if (p === 0) area[0] = 0;
  // Steps as fine beside a small piece as beside a large one.
  const dt = stepS * Math.min(2, (halfHeightMm / 7) ** 2);
  const g = GAMMA * dt;
  let heat = new Float64Array(n).fill(heatAt(fromC));
  let trial = new Float64Array(n);
  const [base, rate, delta, low, mid, up] = Array.from(
    { length: 6 },
    () => new Float64Array(n),
  ) as [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array, Float64Array];

  const flow = (at: Float64Array) => {
    let inner = 0;
    for (let i = 0; i < n; i += 1) {
      const k = conductivity(at[i]!);
      const outer =
        i < n - 1
          ? (area[i + 1]! * (potential(at[i + 1]!) - potential(at[i]!))) / dx
          : (area[n]! * (bathC - temperature(at[i]!))) / (1 / HEAT.surface + dx / (2 * k));
      rate[i] = (outer - inner) / volume[i]!;
      inner = outer;
    }
  };
  /** Solves trial = base + γ Δt f(trial) by Newton. */
  const implicit = () => {
    for (let turn = 0; turn < 12; turn += 1) {
      flow(trial);
      for (let i = 0; i < n; i += 1) {
        const s = slopeOf(trial[i]!);
        const v = g / volume[i]!;
        const k = conductivity(trial[i]!);
        const outer =
          i < n - 1
            ? (area[i + 1]! * s) / dx
            : (area[n]! * s) / k / (1 / HEAT.surface + dx / (2 * k));
        mid[i] = 1 + v * (outer + (i > 0 ? (area[i]! * s) / dx : 0));
        low[i] = i > 0 ? (-v * area[i]! * slopeOf(trial[i - 1]!)) / dx : 0;
        up[i] = i < n - 1 ? (-v * area[i + 1]! * slopeOf(trial[i + 1]!)) / dx : 0;
        delta[i] = base[i]! + g * rate[i]! - trial[i]!;
      }
      for (let i = 1; i < n; i += 1) {
        const m = low[i]! / mid[i - 1]!;
        mid[i] = mid[i]! - m * up[i - 1]!;
        delta[i] = delta[i]! - m * delta[i - 1]!;
      }
      let most = 0;
      for (let i = n - 1; i >= 0; i -= 1) {
        delta[i] = (delta[i]! - (i < n - 1 ? up[i]! * delta[i + 1]! : 0)) / mid[i]!;
        trial[i] = trial[i]! + delta[i]!;
        most = Math.max(most, Math.abs(delta[i]!));
      }
      if (most < 1e-4 * CAPACITY) return;
    }
  };
  /** The middle itself, by the parabola through the two innermost cells. */
  const middle = () => {
    const [a, b] = [temperature(heat[0]!), temperature(heat[1]!)];
    return a < HEAT.softC ? a : (9 * a - b) / 8;
  };
  let before = fromC;
  for (let seconds = 0; seconds < LONGEST_S; seconds += dt) {
    base.set(heat);
    trial.set(heat);
    implicit();
    flow(trial);
    for (let i = 0; i < n; i += 1) base[i] = heat[i]! + (1 - GAMMA) * dt * rate[i]!;
    implicit();
    [heat, trial] = [trial, heat];
    const now = middle();
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
