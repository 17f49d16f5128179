import { startingPantry } from '../../composition/pantry';
import fc from 'fast-check';
import { planWith } from '../../testing/plans';
import { refusalOf } from '../../testing/plans';
import { readAt, writeAt, type PlanNumberPath } from './patch';
import { comparePlans } from './comparePlans';
import { parsePlan } from './parsePlan';
import { PLAN_FIELDS } from './planFields';
import type { Plan } from './schema';

/** A plan that has every optional field, so that each can be tried. */
const full: Plan = planWith({
  batch: { usedShare: 0.86 },
  dough: {
    rh: 0.5,
    hangMm: 1000,
  },
  filling: {
    lumpMm: 3,
    yieldStressPa: 500,
    spoonTest: { volumeMl: 15, diameterMm: 60 },
    towelTest: { spoonfulG: 20, wetG: 1, holdingFactor: 1.2 },
    cookedOffG: 5,
  },
  sheet: { secondsPerPiece: 12 },
  boil: { safeCoreC: 70 },
});

/** Paths into lists, and those of the two kinds of loss, stand apart. */
const PATHS = (Object.keys(PLAN_FIELDS) as PlanNumberPath[]).filter(
  (path) =>
    !/parts|fillingLoss|phases/.test(path) &&
    // Tied to others: a yolk to its egg, a towel to its spoonful.
    ![
      'dough.yolkG',
      'dough.eggG',
      'filling.towelTest.wetG',
      'filling.towelTest.spoonfulG',
    ].includes(path),
);
/** A shape allows less than the document does: its own range is tried elsewhere. */
const OF_SHAPE = /^shape\.(sizeMm|pitchMm|acrossMm|pocketMm|depthMm)$/;

describe.each(PATHS)('%s', (path) => {
  const { min, max, label, whole } = PLAN_FIELDS[path] as {
    min: number;
    max: number;
    label: string;
    whole?: boolean;
  };

  it('is refused outside its range, by its name and the range', () => {
    for (const value of [min - 1, max + 1, Number.NaN, '7', null]) {
      const error = refusalOf(writeAt(full, path, value as number));
      expect(error.path).toBe(path);
      expect(error.message).toContain(label);
      expect(error.message).toContain(`from ${min} to ${max}`);
    }
    if (whole) expect(refusalOf(writeAt(full, path, min + 0.5)).message).toContain('whole number');
  });

  it('is taken at both ends of it', () => {
    if (OF_SHAPE.test(path)) return;
    for (const value of [min, max]) {
      // So much cannot be cooked off this filling: the sum says so, not the range.
      if (path === 'filling.cookedOffG' && value === max) continue;
      expect(readAt(parsePlan(writeAt(full, path, value), startingPantry), path)).toBe(value);
    }
  });

  it('stands alone among what differs once it is changed', () => {
    const value = readAt(full, path) === max ? min : max;
    const differs = comparePlans(full, writeAt(full, path, value)).map((each) => each.path);
    expect(differs).toEqual([path]);
  });
});

describe('paths', () => {
  it('are written and read back, all else kept', () => {
    fc.assert(
      fc.property(fc.constantFrom(...PATHS), fc.double({ noNaN: true }), (path, value) => {
        const written = writeAt(full, path, value);
        expect(readAt(written, path)).toBe(value);
        for (const other of PATHS) {
          if (other !== path) expect(readAt(written, other)).toBe(readAt(full, other));
        }
        expect(writeAt(written, path, readAt(full, path))).toEqual(full);
      }),
      { numRuns: 60 },
    );
  });
});

describe('what is tied to something else', () => {
  it.each([
    ['dough.yolkG', 50, /must be less than the whole egg, 50 g, not 50/],
    ['filling.towelTest.wetG', 21, /must be at most the spoonful, 20 g, not 21/],
    ['filling.cookedOffG', 40_000, /cooked off|water/i],
    ['shape.sizeMm', 14, /Blank of square ravioli must be a number from 15 to 250 mm, not 14/],
  ] as const)('%s of %d is refused with its reason', (path, value, message) => {
    const error = refusalOf(writeAt(full, path, value as number));
    expect(error.message).toMatch(message);
    expect(error.path).toBe(path);
  });
});
