import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { FAMILY_IDS, familyOf } from './families';
import { foldSteps, type FoldStep } from './foldSteps';
import { dimensions, type Dimensions, type ShapeFamily } from './shape';

/** Any size that a family allows, with a dose that its blank could carry. */
const anySize = (family: ShapeFamily): fc.Arbitrary<Dimensions> => {
  const measures = family.dimensions.map(({ key, minMm, maxMm }) => [
    key,
    fc.double({ min: minMm, max: maxMm, noNaN: true }),
  ]);
  return fc
    .record({
      ...(Object.fromEntries(measures) as Partial<Record<keyof Dimensions, fc.Arbitrary<number>>>),
      blank: fc.constantFrom('square' as const, 'disc' as const),
      edge: fc.constantFrom('plain' as const, 'fluted' as const),
    })
    .map((given) => dimensions(given as Partial<Dimensions>));
};

const stepsOf = (family: ShapeFamily, size: Dimensions, doseG = 3): FoldStep[] =>
  foldSteps(
    family,
    size,
    family.mound(
      { doseG, densityGPerMl: 1.04, yieldStressPa: 600, laid: 'spooned' },
      size,
      startingRules,
    ),
  );

const pointsOf = (steps: readonly FoldStep[]) =>
  steps.flatMap(({ marks, moves }) => [
    ...marks.flatMap(({ outline }) => outline),
    ...moves.flat(),
  ]);

describe.each(FAMILY_IDS)('folding of %s', (id) => {
  const family = familyOf(id);

  it('is told in a few short steps, no two alike', () => {
    expect(family.folding.length).toBeGreaterThanOrEqual(3);
    expect(family.folding.length).toBeLessThanOrEqual(7);
    expect(new Set(family.folding).size).toBe(family.folding.length);
    for (const says of family.folding) {
      expect(says).toMatch(/^[A-Z].*[.]$/);
      expect(says.length).toBeLessThan(110);
    }
  });

  it('draws every step, each with dough, at any size', () => {
    fc.assert(
      fc.property(anySize(family), (size) => {
        const steps = stepsOf(family, size);
        expect(steps.map(({ says }) => says)).toEqual(family.folding);
        for (const { marks } of steps) {
          expect(marks.some(({ kind }) => kind === 'dough' || kind === 'over')).toBe(true);
        }
        expect(pointsOf(steps).every(([x, y]) => Number.isFinite(x) && Number.isFinite(y))).toBe(
          true,
        );
      }),
      { numRuns: 40 },
    );
  });

  it('damps only sides that lie open, never a fold', () => {
    const size = dimensions({ sizeMm: family.dimensions[0]!.maxMm * 0.8 });
    const { above } = family.draw(
      size,
      family.mound(
        { doseG: 3, densityGPerMl: 1.04, yieldStressPa: 600, laid: 'spooned' },
        size,
        startingRules,
      ),
      { thicknessMm: 0.8, pressedMm: 1.2 },
    );
    const [fold] = above.folds;
    if (!fold || family.cut(size).kind === 'block' || id.startsWith('agnolotti')) return;
    const foldY = fold[0][1];
    const middle = (a: readonly number[], b: readonly number[]) => (a[1]! + b[1]!) / 2;
    for (const { marks } of stepsOf(family, size)) {
      for (const { kind, outline, open } of marks) {
        if (kind !== 'damp' || !open) continue;
        const sides = outline.slice(1).map((to, i) => middle(outline[i]!, to));
        expect(sides.length).toBeGreaterThan(1);
        expect(sides.filter((y) => Math.abs(y - foldY) < 0.05)).toEqual([]);
      }
    }
  });

  it('shows the filling before it is covered, and grows with the blank', () => {
    const max = family.dimensions[0]!.maxMm;
    const small = dimensions({ sizeMm: max * 0.7 });
    const large = dimensions({ sizeMm: max });
    const steps = stepsOf(family, small);
    expect(steps.some(({ marks }) => marks.some(({ kind }) => kind === 'filling'))).toBe(true);
    const span = (at: readonly number[]) => Math.max(...at) - Math.min(...at);
    const box = (size: Dimensions) => {
      const points = pointsOf(stepsOf(family, size));
      return span(points.map(([x]) => x)) * span(points.map(([, y]) => y));
    };
    expect(box(large)).toBeGreaterThan(box(small) * 1.2);
  });
});
