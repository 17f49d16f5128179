import { readLine, valueOf, type DeviceKind, type DeviceLine } from './lines';

/** One value at one time, by the clock of the bench. */
export interface Sample {
  readonly atMs: number;
  readonly value: number;
}

/** One device as it is followed. */
export interface Watched {
  readonly kind: DeviceKind;
  readonly id: string;
  readonly last: DeviceLine;
  readonly samples: readonly Sample[];
}

/** What has come in over a port. */
export interface Watch {
  readonly devices: Readonly<Partial<Record<DeviceKind, Watched>>>;
  readonly good: number;
  /** Lines that were none, and the last reason. */
  readonly bad: number;
  readonly why: string | null;
  /** Lines that came again, or after later ones; not trusted either. */
  readonly stale: number;
}

/** Nothing yet. */
export const NOTHING_SEEN: Watch = { devices: {}, good: 0, bad: 0, why: null, stale: 0 };

/** Looks are kept for so long, ms. */
const KEPT_MS = 4000;

/** A device that has said nothing for so long is gone, ms. */
export const GONE_MS = 3000;

/**
 * Takes one line in. Bad lines are counted and shown, never trusted; one that comes late or twice changes
 * nothing. A device that begins again from 0 is a new one.
 */
export function watchLine(watch: Watch, text: string, atMs: number): Watch {
  const { line, error } = readLine(text);
  if (!line) return { ...watch, bad: watch.bad + 1, why: error };
  const before = watch.devices[line.device];
  const same = before !== undefined && before.id === line.id && atMs - lastAt(before) < GONE_MS;
  if (same && line.n <= before.last.n) return { ...watch, stale: watch.stale + 1 };
  const samples = [
    ...(same ? before.samples.filter((sample) => atMs - sample.atMs < KEPT_MS) : []),
    { atMs, value: valueOf(line) },
  ];
  return {
    ...watch,
    good: watch.good + 1,
    devices: {
      ...watch.devices,
      [line.device]: { kind: line.device, id: line.id, last: line, samples },
    },
  };
}

const lastAt = ({ samples }: Watched): number => samples.at(-1)?.atMs ?? 0;

/** Steady: so long within so much. Rules: what a hand leaves of a bowl set down. */
const STEADY_MS = 1200;
const STEADY_LOOKS = 4;
const STEADY: Readonly<Record<DeviceKind, { readonly least: number; readonly share: number }>> = {
  scale: { least: 1, share: 0.003 },
  probe: { least: 0.4, share: 0 },
  room: { least: 0.6, share: 0 },
};

/** What a device shows now: the middle of its last looks, and whether they hold still; null when it is gone. */
export interface Reading {
  readonly value: number;
  readonly steady: boolean;
}

/**
 * Reads a device off what came in.
 * @example readingOf(watch, 'scale', now) // { value: 412, steady: true }
 */
export function readingOf(watch: Watch, kind: DeviceKind, nowMs: number): Reading | null {
  const device = watch.devices[kind];
  if (!device || nowMs - lastAt(device) > GONE_MS) return null;
  const recent = device.samples.filter(({ atMs }) => nowMs - atMs <= STEADY_MS + 300);
  const values = recent.map(({ value }) => value).sort((a, b) => a - b);
  const middle = values[values.length >> 1] ?? device.samples.at(-1)!.value;
  const spread = (values.at(-1) ?? 0) - (values[0] ?? 0);
  const { least, share } = STEADY[kind];
  const longEnough =
    recent.length >= STEADY_LOOKS && lastAt(device) - recent[0]!.atMs >= STEADY_MS - 300;
  return {
    value: kind === 'scale' ? Math.round(middle) : Math.round(middle * 10) / 10,
    steady: longEnough && spread <= Math.max(least, share * Math.abs(middle)),
  };
}
