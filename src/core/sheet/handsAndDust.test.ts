import { startingRules } from '../basis/rules';
import { passTime, type Drive } from './drive';
import { dustEffect, type DustKind } from './dust';
import { seenThrough } from './lightTest';
import { againstBand } from './band';
import { nearestSetting } from './setting';
import type { RollingSpeed } from './springBack';

describe('a strip through the roller', () => {
  it.each<[Drive, RollingSpeed, runS: number, wholeS: number]>([
    ['crank', 'even', 10, 14],
    ['crank', 'slow', 10 / 0.65, 10 / 0.65 + 4],
    ['crank', 'fast', 10 / 1.5, 10 / 1.5 + 4],
    ['powered', 'even', 1100 / 150, 1100 / 150 + 3],
    ['sheeter', 'even', 4.4, 7.4],
    ['pin', 'even', 44, 48],
  ])(
    'by %s, turned %s, takes its length at that pace and a hand to start it',
    (drive, speed, runS, wholeS) => {
      const time = passTime({ drive, speed, lengthMm: 1100 }, startingRules);
      expect(time.runS).toBeCloseTo(runS, 9);
      expect(time.wholeS).toBeCloseTo(wholeS, 9);
    },
  );

  it('takes twice as long where it is twice as long, but for the hand', () => {
    const of = (lengthMm: number) =>
      passTime({ drive: 'crank', speed: 'even', lengthMm }, startingRules);
    expect(of(2000).runS).toBeCloseTo(2 * of(1000).runS, 9);
    expect(of(2000).wholeS - of(1000).wholeS).toBeCloseTo(of(1000).runS, 9);
  });
});

describe('dust', () => {
  const strewn = (kind: DustKind, gPerKg = 100) =>
    dustEffect({ kind, gPerKg, doughG: 1000, flourG: 660, waterG: 254 }, startingRules);

  it.each<[DustKind, workedInG: number, inPotG: number]>([
    ['none', 0, 0],
    ['semolina', 10, 10],
    ['granular', 20, 15],
    ['fine', 55, 35],
  ])('%s works in, and comes into the pot, by its own share', (kind, workedInG, inPotG) => {
    const effect = strewn(kind);
    expect(effect.workedInG).toBeCloseTo(workedInG, 9);
    expect(effect.inPotG).toBeCloseTo(inPotG, 9);
    expect(effect.hydration).toBeCloseTo(254 / (660 + workedInG), 9);
  });

  it('turns to slip from ten grams left on a kilogram', () => {
    expect(strewn('fine', 28).slip).toBe(false);
    expect(strewn('fine', 29).slip).toBe(true);
    expect(strewn('semolina', 99).slip).toBe(false);
    expect(strewn('none').slip).toBe(false);
  });
});

describe('what a sheet shows', () => {
  it.each([
    [0.58, 'print reads through'],
    [0.62, 'a hand shows through'],
    [0.88, 'a hand shows through'],
    [0.92, 'no hand shows through yet'],
  ])('at %d mm: %s', (mm, says) => expect(seenThrough(mm, startingRules)).toBe(says));

  it('is in its band to within what no dial is set finer than', () => {
    const band = [0.6, 0.9] as const;
    expect([0.54, 0.56, 0.94, 0.96].map((mm) => againstBand(mm, band, startingRules))).toEqual([
      'thin',
      'in',
      'in',
      'thick',
    ]);
  });

  it('stands between two settings where a strip test would tell', () => {
    const steps = [
      { label: '1', mm: 2 },
      { label: '2', mm: 1 },
    ];
    expect(nearestSetting({ steps }, 1.05, 0, startingRules)).toMatchObject({
      label: '2',
      between: false,
    });
    expect(nearestSetting({ steps }, 1.08, 0, startingRules)).toMatchObject({
      label: '2',
      between: true,
    });
  });
});
