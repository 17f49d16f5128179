import fc from 'fast-check';
import { startingBasis } from '../basis/basis';
import { planWith } from '../testing/plans';
import { shareInHand, type Sharer, type Sharing } from './sharing';

const SHARERS: readonly Sharer[] = [
  { id: 'ravioli', plan: planWith(), weight: 1 },
  { id: 'half-moons', plan: planWith({}, 'halfMoon'), weight: 1 },
  { id: 'tortelloni', plan: planWith({}, 'tortelloni'), weight: 2 },
];
const share = (sharing: Sharing, sharers = SHARERS) => shareInHand(sharing, sharers, startingBasis);
const sum = (rows: readonly number[]) => rows.reduce((total, each) => total + each, 0);

describe('dough in hand, between shapes', () => {
  it('falls to them by its weight as asked, and no gram is lost or made', () => {
    const rows = share({ doughG: 1000, fillingG: null, by: 'dough' });
    expect(rows.map(({ doughG }) => doughG)).toEqual([250, 250, 500]);
    for (const { pieces, leftDoughG, doughG } of rows) {
      expect(pieces).toBeGreaterThan(0);
      expect(leftDoughG).toBeGreaterThanOrEqual(0);
      expect(leftDoughG).toBeLessThan(doughG);
    }
  });

  it.each([1000, 3000])('of %s g falls so that pieces stand to one another as asked', (doughG) => {
    const rows = share({ doughG, fillingG: null, by: 'pieces' });
    const [one, other, twice] = rows.map(({ pieces }) => pieces);
    // One was sized for a few, and made up to whole eggs: what it leaves over is no part of a piece.
    expect(other! / one!).toBeCloseTo(1, 1);
    expect(twice! / one!).toBeCloseTo(2, 1);
    expect(sum(rows.map(({ doughG }) => doughG))).toBeCloseTo(doughG, 6);
  });

  it('is all there, however it is shared', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 3, maxLength: 3 }),
        fc.integer({ min: 200, max: 5000 }),
        fc.option(fc.integer({ min: 200, max: 5000 }), { nil: null }),
        fc.constantFrom('dough' as const, 'pieces' as const),
        (weights, doughG, fillingG, by) => {
          fc.pre(weights.some((weight) => weight > 0));
          const sharers = SHARERS.map((each, i) => ({ ...each, weight: weights[i]! }));
          const rows = share({ doughG, fillingG, by }, sharers);
          expect(sum(rows.map((row) => row.doughG))).toBeCloseTo(doughG, 6);
          if (fillingG !== null) {
            expect(sum(rows.map((row) => row.fillingG))).toBeCloseTo(fillingG, 6);
          }
          rows.forEach((row, i) => {
            if (weights[i] === 0) expect(row).toMatchObject({ pieces: 0, doughG: 0 });
          });
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe('dough and filling in hand', () => {
  it('end together as far as each shape’s bands go', () => {
    const rows = share({ doughG: 1200, fillingG: 1100, by: 'pieces' });
    for (const { pieces, leftFillingG, fillingG, doseG } of rows) {
      expect(pieces).toBeGreaterThan(0);
      expect(doseG).toBeGreaterThan(0);
      expect(leftFillingG).toBeLessThan(fillingG * 0.5);
    }
  });

  it('of which next to nothing falls to a shape makes none of it, and what fell to it is left', () => {
    const rows = share({ doughG: 400, fillingG: 300, by: 'dough' }, [
      { ...SHARERS[0]!, weight: 100 },
      { ...SHARERS[1]!, weight: 1 },
    ]);
    const small = rows[1]!;
    expect(small.pieces).toBe(0);
    expect(small.leftDoughG).toBeCloseTo(400 / 101, 9);
    expect(small.leftFillingG).toBe(small.fillingG);
    expect(small.doseG).toBe(SHARERS[1]!.plan.shape.doseG);
  });
});
