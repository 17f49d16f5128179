import * as z from 'zod';
import { quantity } from '../fields';
import { firstIssue } from '../plan/document/parsePlan';

/** What stands at a bench and speaks by itself. */
export const DEVICE_KINDS = ['scale', 'probe', 'room'] as const;

export type DeviceKind = (typeof DEVICE_KINDS)[number];

const common = {
  v: z.literal(1, { error: 'v must be 1' }),
  /** Whose line it is; two scales are told apart by it. */
  id: z.string().min(1).max(60),
  /** Grows with every line: late and repeated ones are known by it. */
  n: quantity('n', { min: 0, max: 1e12, whole: true }),
};

const lineSchema = z.discriminatedUnion('device', [
  z.strictObject({
    ...common,
    device: z.literal('scale'),
    g: quantity('g', { min: -5000, max: 200_000, unit: 'g' }),
  }),
  z.strictObject({
    ...common,
    device: z.literal('probe'),
    c: quantity('c', { min: -60, max: 300, unit: '°C' }),
  }),
  z.strictObject({
    ...common,
    device: z.literal('room'),
    c: quantity('c', { min: -60, max: 80, unit: '°C' }),
    rh: quantity('rh', { min: 0, max: 1 }),
  }),
]);

/** One line of a device, as `docs/devices.md` has it. */
export type DeviceLine = z.infer<typeof lineSchema>;

/** Longer lines are none. */
const MOST_CHARACTERS = 400;

/**
 * Reads one line of a device; null with the reason when it is none. Never throws.
 * @example readLine('{"v":1,"device":"scale","id":"a","n":3,"g":412.4}') // { line: { g: 412.4, … }, error: null }
 */
export function readLine(
  text: string,
): { line: DeviceLine; error: null } | { line: null; error: string } {
  if (text.length > MOST_CHARACTERS) return { line: null, error: 'longer than a line is' };
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { line: null, error: 'not JSON' };
  }
  const read = lineSchema.safeParse(value);
  return read.success
    ? { line: read.data, error: null }
    : { line: null, error: firstIssue(read.error).message };
}

/** The value a line tells first: grams, or °C. */
export const valueOf = (line: DeviceLine): number => (line.device === 'scale' ? line.g : line.c);
