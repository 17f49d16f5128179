import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { airPressure, boilingPoint } from '../physics/air';
import { saturatedVapourDensity, saturationVapourPressure } from '../physics/vapour';
import { openTime } from './openTime';

describe('water vapour', () => {
  it.each([
    [20, 2.338],
    [95, 84.549],
  ])('at %p °C is saturated at %p kPa', (tempC, kPa) => {
    expect(saturationVapourPressure(tempC)).toBeCloseTo(kPa, 3);
  });

  it('is an ideal gas', () => {
    expect(saturatedVapourDensity(22)).toBeCloseTo(
      (saturationVapourPressure(22) * 1000 * 0.018015) / (8.314462618 * 295.15),
      12,
    );
  });

  it.each([-1, 121, NaN])('refuses %p °C', (tempC) => {
    expect(() => saturationVapourPressure(tempC)).toThrow(/tempC must be a number from 0 to 120/);
  });
});

describe('boilingPoint', () => {
  it('is where the vapour presses as the air does, near 100 °C at the sea and falling upward', () => {
    expect(boilingPoint(0)).toBeGreaterThan(99.9);
    expect(boilingPoint(0)).toBeLessThan(100.1);
    fc.assert(
      fc.property(fc.double({ min: -400, max: 5900, noNaN: true }), (altitudeM) => {
        const tempC = boilingPoint(altitudeM);
        expect(saturationVapourPressure(tempC)).toBeCloseTo(airPressure(altitudeM), 6);
        expect(boilingPoint(altitudeM + 100)).toBeLessThan(tempC);
      }),
    );
  });
});

describe('openTime', () => {
  const sheet = { thicknessMm: 0.8, waterShare: 0.33, tempC: 22, rh: 0.5 };

  it('is the time for 4 % of the water to leave one face', () => {
    const flux = 0.0035 * saturatedVapourDensity(22) * 0.46;
    expect(openTime(sheet, startingRules)).toBeCloseTo((0.04 * 1.2 * 0.8 * 0.33) / flux / 60, 9);
  });

  it('is in proportion to thickness, shorter in dry or warm air and by a fan', () => {
    expect(openTime({ ...sheet, thicknessMm: 1.6 }, startingRules)).toBeCloseTo(
      2 * openTime(sheet, startingRules),
      9,
    );
    expect(openTime({ ...sheet, rh: 0.3 }, startingRules)).toBeLessThan(
      openTime(sheet, startingRules),
    );
    expect(openTime({ ...sheet, tempC: 30 }, startingRules)).toBeLessThan(
      openTime(sheet, startingRules),
    );
    expect(openTime({ ...sheet, air: 'fan' }, startingRules)).toBeLessThan(
      openTime(sheet, startingRules),
    );
  });
});
