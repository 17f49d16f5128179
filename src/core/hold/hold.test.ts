import { startingRules } from '../basis/rules';
import { moistureFigures } from './moistureFigures';
import { heatFactor } from '../physics/diffusion';
import { liftPull, weakAfter, wetStrength } from './lift';
import {
  holdMinutes,
  lastPlace,
  minuteWhen,
  paceIn,
  safeLimit,
  untilMinute,
  warmSeconds,
  type Phase,
} from './phases';
import { airLeft, sealFactor } from './seal';

const climate = { roomC: 20, fridgeC: 5 };
const evening: Phase[] = [
  { place: 'bench', minutes: 20 },
  { place: 'drying', minutes: 30 },
  { place: 'fridge', minutes: 180 },
];

describe('phases', () => {
  it('go at the pace of their place: room whole, fridge about half, freezer not at all', () => {
    expect(paceIn('bench', climate, startingRules)).toBeCloseTo(1, 6);
    expect(paceIn('fridge', climate, startingRules)).toBeCloseTo(0.538, 3);
    expect(paceIn('freezer', climate, startingRules)).toBe(0);
    expect(heatFactor(20, 28)).toBe(1);
  });

  it('add up', () => {
    expect(holdMinutes(evening)).toBe(230);
    expect(lastPlace(evening)).toBe('fridge');
    expect(lastPlace([])).toBe('bench');
    expect(warmSeconds(evening, climate, startingRules)).toBeCloseTo(60 * (50 + 180 * 0.538), -1);
  });

  it('reach an amount at the minute their paces say, the last going on', () => {
    const pace = (place: string) => (place === 'fridge' ? 0.5 : 1);
    expect(minuteWhen(evening, 30, pace)).toBe(30);
    expect(minuteWhen(evening, 60, pace)).toBe(70);
    expect(minuteWhen(evening, 200, pace)).toBe(350);
    expect(minuteWhen([{ place: 'freezer', minutes: 60 }], 10, () => 0)).toBeNull();
  });

  it('are cut at a minute, or go on past their end', () => {
    expect(untilMinute(evening, 30)).toEqual([
      { place: 'bench', minutes: 20 },
      { place: 'drying', minutes: 10 },
      { place: 'fridge', minutes: 0 },
    ]);
    expect(holdMinutes(untilMinute(evening, 400))).toBe(400);
  });

  it('have a safe limit: two hours warm in all, a day chilled, none once frozen', () => {
    expect(safeLimit([{ place: 'bench', minutes: 30 }], startingRules)).toEqual({
      minute: 120,
      by: 'room',
    });
    expect(safeLimit(evening, startingRules)).toEqual({ minute: 50 + 1440, by: 'fridge' });
    expect(
      safeLimit(
        [
          { place: 'bench', minutes: 90 },
          { place: 'fridge', minutes: 60 },
          { place: 'drying', minutes: 60 },
        ],
        startingRules,
      ),
    ).toEqual({ minute: 180, by: 'room' });
    expect(safeLimit([{ place: 'freezer', minutes: 9000 }], startingRules)).toBeNull();
  });
});

describe('seal and lift', () => {
  it.each([
    ['water', 'clean', 0.5, 1],
    ['dry', 'clean', 1, 0.75],
    ['egg', 'clean', 0, 1.05],
    ['tooWet', 'clean', 0, 0.7],
    ['water', 'floured', 0, 0.6],
    ['water', 'filling', 0, 0.5],
    ['water', 'clean', 2, Math.exp(-1)],
  ] as const)('%s on %s faces, %d of the open time: %d', (medium, faces, usedOfOpen, factor) => {
    expect(sealFactor({ medium, faces, usedOfOpen }, startingRules)).toBeCloseTo(factor, 9);
  });

  it('leaves less air the better it is pressed', () => {
    expect(
      (['none', 'middle', 'oneSide', 'pricked'] as const).map((way) => airLeft(way, startingRules)),
    ).toEqual([0.12, 0.03, 0.02, 0.01]);
  });

  it('bears a piece until its dough is as weak as the pull on it', () => {
    const pull = liftPull({ pieceG: 15, perimeterMm: 113, thicknessMm: 0.8 });
    expect(pull).toBeCloseTo(1.628, 3);
    const gained = weakAfter(25, pull, startingRules);
    expect(wetStrength(25, gained, startingRules)).toBeCloseTo(pull, 9);
    expect(wetStrength(25, -0.1, startingRules)).toBe(25);
  });
});

describe('the sheet at a moment', () => {
  const look = {
    minute: 60,
    profile: [0.46, 0.42],
    face: 0.4,
    thicknessMm: 0.8,
    doughMoisture: 0.34,
    freeWaterShare: 0.05,
    surface: 'bare',
  } as const;

  it('opens its working, its range about what came through', () => {
    const { top, under, tacky } = moistureFigures(look, startingRules);
    expect([top.value, under.value]).toEqual([0.46, 0.4]);
    expect(tacky.value).toBeCloseTo(0.41, 12);
    expect(under.range![0]).toBeGreaterThan(0.34);
    expect(under.range![1]).toBeCloseTo(0.34 + 0.06 * 1.35, 12);
    for (const { inputs, source, kind } of [top, under, tacky]) {
      expect([kind, inputs.length > 1, source.length > 10]).toEqual(['rule', true, true]);
    }
  });

  it('that is as dry as it was sealed has no range to be off by', () => {
    expect(moistureFigures({ ...look, face: 0.34 }, startingRules).under.range).toBeUndefined();
  });
});
