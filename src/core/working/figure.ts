import { lazily } from './lazy';
import type { FigureKind, FigureUnit, Working, WorkingInput } from './working';

/** An input as a figure lists it: its value, and what it is measured in. */
export type FigureInput = readonly [value: number | string, unit?: FigureUnit];

/** Inputs of a figure by the names they are shown under. */
export type FigureInputs = Readonly<Record<string, FigureInput>>;

/** A figure and its working as one: its value is what its formula makes of the inputs that are shown. */
export interface FigureSpec<Inputs extends FigureInputs> {
  readonly label: string;
  readonly unit: FigureUnit;
  readonly kind: FigureKind;
  readonly formula: string;
  readonly inputs: Inputs;
  readonly source: string;
  /** The value, from the inputs by their names; those that are words read as NaN. */
  compute(of: { readonly [K in keyof Inputs]: number }): number;
  /** Likely range: so many times the value, or from and to. Left out where the value is 0. */
  readonly times?: readonly [low: number, high: number];
  readonly range?: readonly [low: number, high: number];
}

/**
 * A figure with its working, computed when it is first read.
 * @example
 * figure({ label: 'Salt', unit: 'g', kind: 'law', formula: 'water × salt per litre', source: 'yours',
 *   inputs: { water: [5, 'litre'], 'per litre': [10, 'g'] },
 *   compute: (of) => of.water * of['per litre'] }).value // 50
 */
export function figure<const Inputs extends FigureInputs>(spec: FigureSpec<Inputs>): Working {
  const { label, unit, kind, formula, source, inputs, compute, times, range } = spec;
  const value = () =>
    compute(
      Object.fromEntries(
        Object.entries(inputs).map(([name, [given]]) => [name, Number(given)]),
      ) as { [K in keyof Inputs]: number },
    );
  const shown = Object.entries(inputs).map(([name, [given, of]]): WorkingInput =>
    of ? { name, value: given, unit: of } : { name, value: given },
  );
  const working = lazily({ label, unit, kind, formula, source, inputs: shown }, { value });
  if (range) return lazily(working, { range: () => range });
  if (!times || !(working.value > 0)) return working;
  return lazily(working, {
    range: () => [working.value * times[0], working.value * times[1]] as const,
  });
}
