import type { DeviceKind } from './lines';

/** What is switched on against the listener. */
export interface Faults {
  readonly drift: boolean;
  readonly noise: boolean;
  readonly drops: boolean;
  readonly garbage: boolean;
  readonly repeats: boolean;
  readonly unplugged: boolean;
}

export const NO_FAULTS: Faults = {
  drift: false,
  noise: false,
  drops: false,
  garbage: false,
  repeats: false,
  unplugged: false,
};

/** The bench a simulated device stands on. */
export interface SimulatedBench {
  /** On the pan, g, and what was tared away. */
  readonly panG: number;
  readonly taredG: number;
  /** A filling that cools: how warm it was, since when, and how long it takes to lose two thirds, s. */
  readonly fillingC: number;
  readonly cooledS: number;
  readonly coolTauS: number;
  readonly roomC: number;
  readonly rh: number;
}

export const STARTING_BENCH: SimulatedBench = {
  panG: 0,
  taredG: 0,
  fillingC: 80,
  cooledS: 0,
  coolTauS: 900,
  roomC: 22,
  rh: 0.55,
};

/** A scale wanders so much in a minute, g; a hand and the air shake it by so much, g and °C. */
const DRIFT_G_PER_MIN = 2;
const NOISE = { g: 0.8, c: 0.3 } as const;

/**
 * The lines that three simulated devices say at one moment. It says itself, in its id, that it is simulated.
 * @param next evenly between 0 and 1: the only chance in it
 * @param n number of the moment; grows by one
 */
export function simulatedLines(
  bench: SimulatedBench,
  faults: Faults,
  { n, elapsedS, next }: { n: number; elapsedS: number; next: () => number },
): string[] {
  if (faults.unplugged) return [];
  const shake = (by: number) => (faults.noise ? (next() + next() + next() - 1.5) * by : 0);
  const drift = faults.drift ? (DRIFT_G_PER_MIN * elapsedS) / 60 : 0;
  const cooled =
    bench.roomC + (bench.fillingC - bench.roomC) * Math.exp(-bench.cooledS / bench.coolTauS);
  const one = (value: number) => Math.round(value * 10) / 10;
  const head = (device: DeviceKind) => ({ v: 1, device, id: `simulated-${device}`, n });
  const lines = [
    { ...head('scale'), g: one(bench.panG - bench.taredG + drift + shake(NOISE.g)) },
    { ...head('probe'), c: one(cooled + shake(NOISE.c)) },
    { ...head('room'), c: one(bench.roomC + shake(NOISE.c)), rh: bench.rh },
  ].map((line) => JSON.stringify(line));
  return lines.flatMap((line) => {
    if (faults.drops && next() < 0.2) return [];
    if (faults.garbage && next() < 0.1) return [line.slice(0, Math.floor(next() * line.length))];
    return faults.repeats && next() < 0.15 ? [line, line] : [line];
  });
}
