import type { FigureUnit } from '../working/working';
import type { UnitPreferences } from './preferences';
import {
  celsiusToFahrenheit,
  G_PER_OZ,
  L_PER_US_QUART,
  METRIC,
  ML_PER_US_CUP,
  ML_PER_US_TSP,
  MM_PER_INCH,
} from './units';

/** A figure in the user's units: numeral and unit apart, so that the numeral can be set large. */
export interface FormattedFigure {
  readonly text: string;
  readonly unit: string;
}

const MINUS = '−';

/**
 * A number with a fixed count of decimals and a true minus; never "−0".
 * @example decimals(-0.001, 1) // '0.0'
 */
export function decimals(value: number, places: number): string {
  const text = Math.abs(value).toFixed(places);
  return value < 0 && Number(text) !== 0 ? `${MINUS}${text}` : text;
}

/**
 * A figure in the user's units, rounded as a cook would read it.
 * @example formatFigure(616.3, 'g', METRIC) // { text: '616', unit: 'g' }
 */
export function formatFigure(
  value: number,
  unit: FigureUnit,
  preferences: UnitPreferences,
): FormattedFigure {
  const us = preferences.system === 'us';
  switch (unit) {
    case 'g':
      return us ? ounces(value) : grams(value);
    case 'mm':
      return us ? inches(value) : millimetres(value);
    case 'mm2':
      return us
        ? { text: decimals(value / MM_PER_INCH ** 2, 2), unit: 'in²' }
        : { text: decimals(value, 0), unit: 'mm²' };
    case 'ml':
      return us
        ? { text: decimals(value / ML_PER_US_TSP, 1), unit: 'tsp' }
        : { text: decimals(value, value < 20 ? 1 : 0), unit: 'ml' };
    case 'litre':
      return us
        ? { text: decimals(value / L_PER_US_QUART, 1), unit: 'qt' }
        : { text: trimZeros(decimals(value, 2)), unit: 'l' };
    case 'C':
      return preferences.temperature === 'F'
        ? { text: decimals(celsiusToFahrenheit(value), 0), unit: '°F' }
        : { text: decimals(value, 0), unit: '°C' };
    case 'dC':
      return preferences.temperature === 'F'
        ? { text: decimals(value * 1.8, 1), unit: '°F' }
        : { text: decimals(value, 1), unit: '°C' };
    case 'share':
      return { text: trimZeros(decimals(value * 100, 1)), unit: '%' };
    case 'ratio':
      return { text: decimals(value, 2), unit: '' };
    case 'count':
      return { text: decimals(value, 0), unit: '' };
    case 'Pa':
      return { text: decimals(value, 0), unit: 'Pa' };
    case 'kPa':
      return { text: decimals(value, 1), unit: 'kPa' };
    case 'gPerMl':
      return us
        ? { text: decimals((value * ML_PER_US_CUP) / G_PER_OZ, 1), unit: 'oz/cup' }
        : { text: decimals(value, 2), unit: 'g/ml' };
    case 'min':
      return minutes(value);
    case 'timeOfDay':
      return timeOfDay(value, preferences.clock);
    case 'hourOfDay': {
      const { text, unit: half } = timeOfDay(value, preferences.clock);
      return { text: half ? text.split(':')[0]! : text, unit: half };
    }
  }
}

/** Writes a figure in one person's units. */
export type WriteFigure = (value: number, unit: FigureUnit) => string;

/** The same as one string. `figureText(0.8, 'mm', METRIC)` → `'0.80 mm'` */
export function figureText(value: number, unit: FigureUnit, preferences: UnitPreferences): string {
  const { text, unit: name } = formatFigure(value, unit, preferences);
  return name ? `${text} ${name}` : text;
}

/** The same in metric units, as files and the command line write it. `metricText(0.8, 'mm')` → `'0.80 mm'` */
export const metricText: WriteFigure = (value, unit) => figureText(value, unit, METRIC);

/** Drops decimals that say nothing: `6.50` → `6.5`, `9.0` → `9`. */
const trimZeros = (text: string): string =>
  text.includes('.') ? text.replace(/\.?0+$/, '') : text;

function grams(g: number): FormattedFigure {
  // Nothing is nothing, however finely it is weighed.
  if (Math.abs(g) < 0.05) return { text: '0', unit: 'g' };
  if (Math.abs(g) >= 10_000) return { text: decimals(g / 1000, 1), unit: 'kg' };
  return { text: Math.abs(g) < 20 ? trimZeros(decimals(g, 1)) : decimals(g, 0), unit: 'g' };
}

function ounces(g: number): FormattedFigure {
  if (Math.abs(g) < 0.05) return { text: '0', unit: 'oz' };
  const oz = g / G_PER_OZ;
  if (Math.abs(oz) < 16) return { text: decimals(oz, Math.abs(oz) < 2 ? 2 : 1), unit: 'oz' };
  const whole = Math.trunc(Math.round(oz * 10) / 10 / 16);
  const rest = Math.abs(Math.round(oz * 10) / 10 - whole * 16);
  return rest < 0.05
    ? { text: `${whole}`, unit: 'lb' }
    : { text: `${whole} lb ${rest.toFixed(1)}`, unit: 'oz' };
}

function millimetres(mm: number): FormattedFigure {
  const size = Math.abs(mm);
  const places = size < 3 ? 2 : size < 20 ? 1 : 0;
  return { text: decimals(mm, places), unit: 'mm' };
}

function inches(mm: number): FormattedFigure {
  const inch = mm / MM_PER_INCH;
  const size = Math.abs(inch);
  return { text: decimals(inch, size < 0.12 ? 3 : size < 10 ? 2 : 1), unit: 'in' };
}

function minutes(min: number): FormattedFigure {
  if (min >= 48 * 60) return { text: trimZeros(decimals(min / 1440, 1)), unit: 'days' };
  const whole = Math.round(min);
  if (whole >= 60) {
    const rest = whole % 60;
    return {
      text: `${Math.floor(whole / 60)} h${rest ? ` ${rest}` : ''}`,
      unit: rest ? 'min' : '',
    };
  }
  return min > 0 && min < 10
    ? { text: trimZeros(decimals(min, 1)), unit: 'min' }
    : { text: String(whole), unit: 'min' };
}

/** @param minute of the day's clock; before midnight below 0, of the next day from 1440 on */
function timeOfDay(minute: number, clock: UnitPreferences['clock']): FormattedFigure {
  const at = ((Math.round(minute) % 1440) + 1440) % 1440;
  const hour = Math.floor(at / 60);
  const two = (value: number) => String(value).padStart(2, '0');
  return clock === '24'
    ? { text: `${two(hour)}:${two(at % 60)}`, unit: '' }
    : { text: `${hour % 12 || 12}:${two(at % 60)}`, unit: hour < 12 ? 'AM' : 'PM' };
}

/**
 * A volume in level spoons, to the nearest quarter, from four of them to the nearest half; null when it is under
 * a quarter teaspoon or spoons are not wanted.
 * @example spoonText(8.7, METRIC) // 'about 1¾ tsp'
 */
export function spoonText(ml: number, { spoons }: UnitPreferences): string | null {
  if (spoons === 'none') return null;
  const tsp = ml / (spoons === 'us' ? ML_PER_US_TSP : 5);
  if (tsp < 0.25) return null;
  const [count, name] = tsp >= 3 ? [tsp / 3, 'tbsp'] : [tsp, 'tsp'];
  const parts = count < 4 ? 4 : 2;
  const quarters = (Math.round(count * parts) * 4) / parts;
  const whole = Math.floor(quarters / 4);
  return `about ${whole > 0 ? whole : ''}${['', '¼', '½', '¾'][quarters % 4]} ${name}`;
}
