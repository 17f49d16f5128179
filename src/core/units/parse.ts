import { describeRange, type FieldRange } from '../range';
import { formatFigure } from './format';
import type { UnitPreferences } from './preferences';
import {
  fahrenheitToCelsius,
  G_PER_OZ,
  L_PER_US_QUART,
  M_PER_FOOT,
  ML_PER_US_CUP,
  ML_PER_US_TSP,
  MM_PER_INCH,
} from './units';

/** What a typed quantity measures. */
export type QuantityKind =
  | 'mass'
  | 'length'
  | 'temperature'
  | 'share'
  | 'count'
  | 'minutes'
  | 'litres'
  /** What a spoon holds, ml. */
  | 'spoonful'
  /** What a bag holds, ml. */
  | 'volume'
  /** Salt in water, g per litre. */
  | 'saltiness'
  /** Over the sea, m. */
  | 'height'
  /** g/ml. */
  | 'density'
  | 'plain';

interface KindWords {
  readonly what: string;
  readonly factors: Readonly<Record<string, number>>;
}

const VOLUMES = {
  ml: 1,
  tsp: ML_PER_US_TSP,
  tbsp: 3 * ML_PER_US_TSP,
  floz: 6 * ML_PER_US_TSP,
  'fl oz': 6 * ML_PER_US_TSP,
  cup: ML_PER_US_CUP,
  l: 1000,
};

const KINDS: Record<QuantityKind, KindWords> = {
  mass: { what: 'a weight', factors: { g: 1, kg: 1000, oz: G_PER_OZ, lb: 16 * G_PER_OZ } },
  length: { what: 'a length', factors: { mm: 1, cm: 10, in: MM_PER_INCH, '"': MM_PER_INCH } },
  temperature: { what: 'a temperature', factors: { '°C': 1, '°F': 1, c: 1, f: 1 } },
  share: { what: 'a share', factors: { '%': 0.01 } },
  count: { what: 'a count', factors: {} },
  minutes: {
    what: 'a time',
    factors: { min: 1, h: 60, hours: 60, days: 1440, d: 1440, weeks: 10_080, w: 10_080 },
  },
  litres: { what: 'a volume', factors: { l: 1, litres: 1, qt: L_PER_US_QUART, ml: 0.001 } },
  spoonful: { what: 'a volume', factors: VOLUMES },
  volume: { what: 'a volume', factors: VOLUMES },
  saltiness: {
    what: 'a weight in a volume',
    factors: { 'g/l': 1, 'oz/qt': G_PER_OZ / L_PER_US_QUART },
  },
  height: { what: 'a height', factors: { m: 1, ft: M_PER_FOOT } },
  density: { what: 'a density', factors: { 'g/ml': 1, 'oz/cup': G_PER_OZ / ML_PER_US_CUP } },
  plain: { what: 'a number', factors: {} },
};

/** Unit a bare number is taken in. */
function homeUnit(kind: QuantityKind, { system, temperature }: UnitPreferences): string {
  const us = system === 'us';
  const homes: Record<QuantityKind, string> = {
    mass: us ? 'oz' : 'g',
    length: us ? 'in' : 'mm',
    temperature: temperature === 'F' ? '°F' : '°C',
    share: '%',
    count: '',
    minutes: 'min',
    litres: us ? 'qt' : 'l',
    spoonful: us ? 'tsp' : 'ml',
    volume: us ? 'fl oz' : 'ml',
    saltiness: us ? 'oz/qt' : 'g/l',
    height: us ? 'ft' : 'm',
    density: us ? 'oz/cup' : 'g/ml',
    plain: '',
  };
  return homes[kind];
}

export interface ParseOptions {
  readonly label: string;
  readonly kind: QuantityKind;
  readonly range: FieldRange;
  readonly preferences: UnitPreferences;
  /** Further units this field takes, each worth so many of the core's own: `{ eggs: 50 }`. */
  readonly extraUnits?: Readonly<Record<string, number>> | undefined;
}

export type ParsedQuantity =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly error: string };

/**
 * Reads what a cook typed, with or without a unit, as a value in the core's units.
 * Never throws; an error names the field and the range allowed, in the user's own units.
 * @example
 * parseQuantity('0.3 oz', { label: 'Dose', kind: 'mass', range: { min: 0.2, max: 60 }, preferences: METRIC })
 * // { ok: true, value: 8.50… }
 */
export function parseQuantity(typed: string, options: ParseOptions): ParsedQuantity {
  const { kind, preferences, range, extraUnits = {} } = options;
  const match =
    /^\s*([-−+]?)(\d+(?:[.,]\d+)?|[.,]\d+)?\s*([½¼¾⅓⅔]|\d+\/\d+)?\s*([^\d\s]*(?: oz)?)\s*$/u.exec(
      typed,
    );
  if (!match || (match[2] === undefined && match[3] === undefined)) return outOfRange(options);
  const sign = match[1] && match[1] !== '+' ? -1 : 1;
  const number = sign * (Number((match[2] ?? '0').replace(',', '.')) + fractionOf(match[3]));
  const unit = match[4] || homeUnit(kind, preferences);
  const value = inCoreUnits(number, unit, kind, extraUnits);
  if (value === undefined) {
    const allowed = [...Object.keys(extraUnits), ...Object.keys(KINDS[kind].factors)].filter(
      (name) => !['c', 'f', '"', 'd', 'floz'].includes(name),
    );
    return {
      ok: false,
      error: `${options.label} is ${KINDS[kind].what}: ${
        allowed.length ? `use ${allowed.join(', ')}` : 'give a number alone'
      }, not “${unit}”`,
    };
  }
  // A value shown rounded and typed back at a bound must not fall outside it.
  const slack = Math.abs(range.max) * 1e-9;
  if (!Number.isFinite(value) || value < range.min - slack || value > range.max + slack) {
    return outOfRange(options);
  }
  if (range.whole && !Number.isInteger(value)) return outOfRange(options);
  return { ok: true, value };
}

function inCoreUnits(
  number: number,
  unit: string,
  kind: QuantityKind,
  extra: Readonly<Record<string, number>>,
): number | undefined {
  const extraName = Object.keys(extra).find((name) => same(name, unit));
  if (extraName !== undefined) return number * (extra[extraName] ?? 1);
  const { factors } = KINDS[kind];
  if (unit === '') return number;
  const name = Object.keys(factors).find((each) => same(each, unit));
  if (name === undefined) return undefined;
  if (kind === 'temperature') return /f$/i.test(name) ? fahrenheitToCelsius(number) : number;
  return number * (factors[name] ?? 1);
}

const same = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

const FRACTIONS: Record<string, number> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
};

function fractionOf(text: string | undefined): number {
  if (!text) return 0;
  const known = FRACTIONS[text];
  if (known !== undefined) return known;
  const [top = 0, bottom = 1] = text.split('/').map(Number);
  return top / bottom;
}

const outOfRange = ({ label, kind, range, preferences }: ParseOptions): ParsedQuantity => ({
  ok: false,
  error: `${label} must be ${rangeInHomeUnits(range, kind, preferences)}`,
});

/**
 * What a field allows, in words and in the user's own unit.
 * @example rangeInHomeUnits({ min: 0.2, max: 80 }, 'mass', METRIC) // 'a number from 0.2 to 80 g'
 */
export const rangeInHomeUnits = (
  { min, max, whole }: FieldRange,
  kind: QuantityKind,
  preferences: UnitPreferences,
): string =>
  describeRange({
    min: inHomeUnits(min, kind, preferences),
    max: inHomeUnits(max, kind, preferences),
    unit: homeUnit(kind, preferences),
    whole,
  });

/**
 * A value of the core as a bare number in the user's own unit, for typing fields.
 * @example inHomeUnits(9, 'mass', METRIC) // '9'
 */
export function inHomeUnits(
  value: number,
  kind: QuantityKind,
  preferences: UnitPreferences,
): string {
  if (kind === 'temperature') return formatFigure(value, 'C', preferences).text;
  const factor = KINDS[kind].factors[homeUnit(kind, preferences)] ?? 1;
  const own = value / factor;
  const size = Math.abs(own);
  const places = size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3;
  return String(Number(own.toFixed(places)));
}

/** Name of the unit a bare number is taken in. */
export const homeUnitName = homeUnit;
