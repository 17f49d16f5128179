import fc from 'fast-check';
import type { FigureUnit } from '../working/working';
import { decimals, figureText, spoonText } from './format';
import { inHomeUnits, parseQuantity, type QuantityKind } from './parse';
import { celsiusToFahrenheit, fahrenheitToCelsius, METRIC, US_CUSTOMARY } from './units';

describe('figureText', () => {
  it.each([
    [616.3, 'g', '616 g', '1 lb 5.7 oz'],
    [9, 'g', '9 g', '0.32 oz'],
    [0.01, 'g', '0 g', '0 oz'],
    [12_500, 'g', '12.5 kg', '27 lb 8.9 oz'],
    [0.8, 'mm', '0.80 mm', '0.031 in'],
    [55, 'mm', '55 mm', '2.17 in'],
    [6.75, 'litre', '6.75 l', '7.1 qt'],
    [17.3, 'ml', '17.3 ml', '3.5 tsp'],
    [22.3, 'ml', '22 ml', '4.5 tsp'],
    [74, 'C', '74 °C', '165 °F'],
    [0.0385, 'share', '3.9 %', '3.9 %'],
    [95, 'min', '1 h 35 min', '1 h 35 min'],
    [1150, 'timeOfDay', '19:10', '7:10 PM'],
    [0, 'timeOfDay', '00:00', '12:00 AM'],
    [720, 'timeOfDay', '12:00', '12:00 PM'],
    [1140, 'hourOfDay', '19:00', '7 PM'],
    [-1, 'timeOfDay', '23:59', '11:59 PM'],
    [2999.6, 'timeOfDay', '02:00', '2:00 AM'],
    [120, 'min', '2 h', '2 h'],
    [2880, 'min', '2 days', '2 days'],
    [2.16, 'min', '2.2 min', '2.2 min'],
  ] as [number, FigureUnit, string, string][])('%p %s is %s, or %s', (value, unit, metric, us) => {
    expect(figureText(value, unit, METRIC)).toBe(metric);
    expect(figureText(value, unit, US_CUSTOMARY)).toBe(us);
  });

  it('never writes minus nothing, and writes a true minus', () => {
    expect(decimals(-0.001, 1)).toBe('0.0');
    expect(decimals(-12, 0)).toBe('−12');
  });
});

describe('spoonText', () => {
  it.each([
    [1, null],
    [5, 'about 1 tsp'],
    [1.3, 'about ¼ tsp'],
    [3.6, 'about ¾ tsp'],
    [8.7, 'about 1¾ tsp'],
    [14.6, 'about 3 tsp'],
    [70, 'about 4½ tbsp'],
    [22, 'about 1½ tbsp'],
  ])('%p ml is %p', (ml, words) => {
    expect(spoonText(ml, METRIC)).toBe(words);
  });

  it('is silent when spoons are not wanted', () => {
    expect(spoonText(5, { ...METRIC, spoons: 'none' })).toBeNull();
  });
});

describe('parseQuantity', () => {
  it.each([
    ['2 fl oz', 'volume', METRIC, 59.147],
    ['½ cup', 'volume', METRIC, 118.294],
    ['3', 'spoonful', US_CUSTOMARY, 14.787],
    ['15', 'spoonful', METRIC, 15],
    ['0.35', 'saltiness', US_CUSTOMARY, 10.485],
    ['10', 'saltiness', METRIC, 10],
    ['5000', 'height', US_CUSTOMARY, 1524],
    ['8.7', 'density', US_CUSTOMARY, 1.0425],
  ] as const)('takes %s as a %s', (typed, kind, preferences, value) => {
    const range = { min: 0, max: 10_000 };
    const read = parseQuantity(typed, { label: 'It', kind, range, preferences });
    expect(read.ok && read.value).toBeCloseTo(value, 2);
    // Shown as a bare number, it is read back as it was.
    const shown = parseQuantity(inHomeUnits(value, kind, preferences), {
      label: 'It',
      kind,
      range,
      preferences,
    });
    expect(shown.ok && shown.value / value).toBeCloseTo(1, 2);
  });

  const dose = {
    label: 'Dose',
    kind: 'mass',
    range: { min: 0.2, max: 60, unit: 'g' },
    preferences: METRIC,
  } as const;

  it.each([
    ['9', 9],
    [' 9,5 g ', 9.5],
    ['0.3 oz', 8.5048569],
    ['½ oz', 14.1747616],
    ['1 1/2 oz', 42.5242847],
    ['0.01kg', 10],
    ['.5', 0.5],
  ])('reads “%s” as %p g', (typed, g) => {
    const parsed = parseQuantity(typed, dose);
    expect(parsed.ok && parsed.value).toBeCloseTo(g, 5);
  });

  it.each([
    ['-3', 'Dose must be a number from 0.2 to 60 g'],
    ['0', 'Dose must be a number from 0.2 to 60 g'],
    ['1e9', 'Dose must be a number from 0.2 to 60 g'],
    ['99999999', 'Dose must be a number from 0.2 to 60 g'],
    ['NaN', 'Dose must be a number from 0.2 to 60 g'],
    ['', 'Dose must be a number from 0.2 to 60 g'],
    ['9 mm', 'Dose is a weight: use g, kg, oz, lb, not “mm”'],
  ])('refuses “%s” with one clear message', (typed, error) => {
    expect(parseQuantity(typed, dose)).toEqual({ ok: false, error });
  });

  it('says the range in the user’s own units', () => {
    const parsed = parseQuantity('9', { ...dose, preferences: US_CUSTOMARY });
    expect(parsed).toEqual({ ok: false, error: 'Dose must be a number from 0.007 to 2.12 oz' });
  });

  it('takes a field’s further units', () => {
    const parsed = parseQuantity('2 tsp', { ...dose, extraUnits: { tsp: 5.2 } });
    expect(parsed).toEqual({ ok: true, value: 10.4 });
  });

  it('keeps counts whole', () => {
    const count = { ...dose, kind: 'count' as const, range: { min: 1, max: 50, whole: true } };
    expect(parseQuantity('2.5', count).ok).toBe(false);
    expect(parseQuantity('12', count)).toEqual({ ok: true, value: 12 });
  });

  it('reads back what it shows, within its own rounding, in either system', () => {
    const kinds: readonly [QuantityKind, number, number][] = [
      ['mass', 0.5, 5000],
      ['length', 0.3, 900],
      ['share', 0, 1],
      ['litres', 0.5, 50],
      ['temperature', 50, 95],
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom(METRIC, US_CUSTOMARY),
        ([kind, min, max], at, preferences) => {
          const value = min + at * (max - min);
          const shown = inHomeUnits(value, kind, preferences);
          const parsed = parseQuantity(shown, {
            label: 'It',
            kind,
            range: { min: -1, max: 1e6 },
            preferences,
          });
          if (!parsed.ok) throw new Error(parsed.error);
          expect(Math.abs(parsed.value - value)).toBeLessThanOrEqual(
            Math.max(0.02, Math.abs(value) * 0.006) + (kind === 'temperature' ? 0.5 : 0),
          );
        },
      ),
    );
  });
});

describe('temperatures', () => {
  it('go there and back', () => {
    expect(celsiusToFahrenheit(74)).toBeCloseTo(165.2, 9);
    expect(fahrenheitToCelsius(celsiusToFahrenheit(-18))).toBeCloseTo(-18, 9);
  });
});
