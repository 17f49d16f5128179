import { startingPantry } from '../../composition/pantry';
import fc from 'fast-check';
import { planWith } from '../../testing/plans';
import { readAt, writeAt, type PlanNumberPath, type PlanPath } from './patch';
import { parsePlan } from './parsePlan';
import { PLAN_FIELDS } from './planFields';

const plan = planWith();
const paths = (Object.keys(PLAN_FIELDS) as PlanNumberPath[]).filter(
  // Fields of list items stand at no path of their own.
  (path) => !/parts|phases|Test\./.test(path),
);

describe('readAt and writeAt', () => {
  it('give back what was put in, at every field of a plan, and change nothing else', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...paths),
        fc.double({ min: 0, max: 9, noNaN: true }),
        (path, value) => {
          const before = JSON.stringify(plan);
          const after = writeAt(plan, path, value);
          expect(readAt(after, path)).toBe(value);
          expect(writeAt(after, path, readAt(plan, path))).toEqual(plan);
          expect(JSON.stringify(plan)).toBe(before);
        },
      ),
    );
  });

  it('take a field away', () => {
    const set = writeAt(plan, 'dough.rh', 0.6);
    expect(readAt(set, 'dough.rh')).toBe(0.6);
    expect('rh' in writeAt(set, 'dough.rh', undefined).dough).toBe(false);
  });

  it('find nothing where nothing is', () => {
    expect(readAt(plan, 'batch.guests.first' as PlanPath)).toBeUndefined();
  });
});

describe('PLAN_FIELDS', () => {
  it.each(paths.filter((path) => !path.startsWith('shape')))(
    '%s is refused just past its range, by the name the forms give it',
    (path) => {
      const { label, min, max } = PLAN_FIELDS[path];
      const base = path.startsWith('batch.fillingLoss.g')
        ? writeAt(plan, 'batch.fillingLoss', { kind: 'bag', g: 15 })
        : plan;
      const named = new RegExp(`${label} must be a (whole )?number from ${min} to ${max}`);
      expect(() => parsePlan(writeAt(base, path, max + 1), startingPantry)).toThrow(named);
      expect(() => parsePlan(writeAt(base, path, min - 1), startingPantry)).toThrow(named);
      expect(() => parsePlan(writeAt(base, path as PlanPath, String(max)), startingPantry)).toThrow(
        named,
      );
    },
  );
});
