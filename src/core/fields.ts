import * as z from 'zod';
import { describeRange, type FieldRange } from './range';

// Schemas are not compiled as they are first used: that stops the hand on a slow device, and asks for eval.
z.config({ jitless: true });

/** A number field: finite, in range, with a message that names it and the range allowed. */
export const quantity = (label: string, range: FieldRange) => {
  const error = `${label} must be ${describeRange(range)}`;
  const number = z.number({ error }).min(range.min, { error }).max(range.max, { error });
  return range.whole ? number.refine(Number.isInteger, { error }) : number;
};

/** A line of text, trimmed, 1 to `max` characters. */
export const shortText = (label: string, max: number) => {
  const error = `${label} must be text of 1 to ${max} characters`;
  return z.string({ error }).trim().min(1, { error }).max(max, { error });
};

/** One of a list of words. */
export const oneOf = <const T extends readonly [string, ...string[]]>(label: string, words: T) =>
  z.enum(words, { error: `${label} must be one of: ${words.join(', ')}` });
