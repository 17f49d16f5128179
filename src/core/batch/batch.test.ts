import fc from 'fast-check';
import {
  doughFor,
  fillingFor,
  piecesFromFilling,
  piecesForPortions,
  portionsFromPieces,
  rolledDough,
  type BatchTerms,
} from './batch';
import { deadHeat, type DeadHeatInput } from './deadHeat';
import { byShare } from './rolled';
import { solveBatch, type WayIn } from './solveBatch';
import { batchYield } from './yield';

const check: BatchTerms = {
  doughPerPieceG: 5.808,
  doseG: 9,
  usedShare: 0.86,
  rerolls: 1,
  trimUsable: 0.85,
  stuckShare: 0.02,
  endTrimG: 0,
  fillingLoss: { kind: 'bowl', share: 0.03 },
  piecesPerPortion: 10,
  tasted: 0,
  breakage: { share: 0, reckoned: false },
};

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyTerms: fc.Arbitrary<BatchTerms> = fc.record({
  doughPerPieceG: number(0.4, 20),
  doseG: number(0.3, 40),
  usedShare: number(0.2, 1),
  rerolls: fc.integer({ min: 0, max: 2 }),
  trimUsable: number(0, 1),
  stuckShare: number(0, 0.3),
  endTrimG: number(0, 200),
  fillingLoss: fc.oneof(
    fc.record({ kind: fc.constant('bowl' as const), share: number(0, 0.3) }),
    fc.record({ kind: fc.constant('bag' as const), g: number(0, 100) }),
  ),
  piecesPerPortion: fc.integer({ min: 1, max: 60 }),
  tasted: fc.integer({ min: 0, max: 10 }),
  breakage: fc.record({ share: number(0, 0.5), reckoned: fc.boolean() }),
});
const anyWayIn: fc.Arbitrary<WayIn> = fc.oneof(
  fc.record({ kind: fc.constant('portions' as const), portions: fc.integer({ min: 1, max: 400 }) }),
  fc.record({ kind: fc.constant('dough' as const), doughG: number(10, 20_000) }),
  fc.record({ kind: fc.constant('filling' as const), fillingG: number(10, 20_000) }),
  fc.record({
    kind: fc.constant('both' as const),
    doughG: number(10, 20_000),
    fillingG: number(10, 20_000),
  }),
);

describe('batchYield', () => {
  it('is the used share alone without rerolls, and 0.9623 with one at 0.86', () => {
    expect(batchYield({ usedShare: 0.86, rerolls: 0 })).toBeCloseTo(0.86, 12);
    expect(batchYield({ usedShare: 0.86, rerolls: 1 })).toBeCloseTo(0.96234, 9);
  });

  it('follows the trim sheet by sheet', () => {
    fc.assert(
      fc.property(
        number(0.05, 1),
        fc.integer({ min: 0, max: 2 }),
        number(0, 1),
        (usedShare, rerolls, trimUsable) => {
          let dough = 1;
          let blanks = 0;
          for (let i = 0; i <= rerolls; i += 1) {
            blanks += dough * usedShare;
            dough *= (1 - usedShare) * trimUsable;
          }
          expect(batchYield({ usedShare, rerolls, trimUsable })).toBeCloseTo(blanks, 9);
        },
      ),
    );
  });

  it.each([
    [{ usedShare: 0, rerolls: 0 }, /usedShare must be a number from 0\.05 to 1/],
    [{ usedShare: 0.8, rerolls: 1.5 }, /rerolls must be a whole number from 0 to 2/],
  ])('refuses %j', (input, message) => {
    expect(() => batchYield(input)).toThrow(message);
  });
});

describe('the check figures', () => {
  it('100 ravioli want 616 g dough and 928 g filling', () => {
    expect(doughFor(100, check)).toBeCloseTo(615.85, 1);
    expect(fillingFor(100, check)).toBeCloseTo(927.84, 2);
  });
});

describe('solveBatch', () => {
  it('conserves dough and filling to the last 0.01 g, from any way in', () => {
    fc.assert(
      fc.property(anyWayIn, anyTerms, (wayIn, terms) => {
        const { dough, filling } = solveBatch(wayIn, terms);
        const { inG: doughIn, ...doughParts } = dough;
        const { inG: fillingIn, ...fillingParts } = filling;
        const sum = (parts: object) =>
          Object.values(parts).reduce((total: number, g: number) => total + g, 0);
        expect(Math.abs(sum(doughParts) - doughIn)).toBeLessThan(0.01);
        expect(Math.abs(sum(fillingParts) - fillingIn)).toBeLessThan(0.01);
      }),
      { numRuns: 500 },
    );
  });

  it('never loses a piece or makes a negative mass', () => {
    fc.assert(
      fc.property(anyWayIn, anyTerms, (wayIn, terms) => {
        const { counts, dough, filling } = solveBatch(wayIn, terms);
        expect(counts.plated + counts.tasted + counts.spare).toBe(counts.made);
        for (const g of [...Object.values(dough), ...Object.values(filling)]) {
          expect(g).toBeGreaterThan(-1e-6);
        }
      }),
    );
  });

  it('agrees with itself: what one way asks for, the others give back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), anyTerms, (portions, terms) => {
        const asked = solveBatch({ kind: 'portions', portions }, terms);
        const doughG = asked.dough.inG;
        const fillingG = asked.filling.inG;
        for (const wayIn of [
          { kind: 'dough', doughG },
          { kind: 'filling', fillingG },
          { kind: 'both', doughG, fillingG },
        ] as const) {
          const back = solveBatch(wayIn, terms);
          expect(back.counts.made).toBe(asked.counts.made);
          expect(back.portions).toBeGreaterThanOrEqual(portions);
        }
      }),
    );
  });

  it('leaves less than a piece of what was in hand', () => {
    fc.assert(
      fc.property(number(300, 9000), anyTerms, (g, terms) => {
        const { dough } = solveBatch({ kind: 'dough', doughG: g }, terms);
        const { filling } = solveBatch({ kind: 'filling', fillingG: g }, terms);
        const next = (made: number) => doughFor(made + 1, terms) - doughFor(made, terms);
        expect(dough.leftoverG).toBeLessThan(next(1) + terms.endTrimG + 1e-6);
        expect(filling.leftoverG).toBeLessThan(fillingFor(1, terms) + 1e-6);
      }),
    );
  });

  it('adds spares enough that the portions stay full after breakage', () => {
    const terms = { ...check, breakage: { share: 0.05, reckoned: false }, tasted: 2 };
    const made = piecesForPortions(16, terms);
    expect((made - 2) * 0.95).toBeGreaterThanOrEqual(160);
    expect((made - 3) * 0.95).toBeLessThan(160);
    expect(portionsFromPieces(made, terms)).toBe(16);
  });

  it('counts on chance where breakage is reckoned: as many portions come back as were asked for', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 30 }),
        number(0, 0.4),
        fc.boolean(),
        (portions, each, share, reckoned) => {
          const terms = {
            ...check,
            piecesPerPortion: each,
            breakage: { share, reckoned },
            tasted: 3,
          };
          expect(portionsFromPieces(piecesForPortions(portions, terms), terms)).toBe(portions);
        },
      ),
    );
    // 160 whole of 3 % lost: 164.9 on average, 169 nineteen times in twenty.
    const terms = { ...check, breakage: { share: 0.03, reckoned: true } };
    expect(piecesForPortions(16, terms)).toBe(169);
  });

  it('makes nothing of too little', () => {
    const { counts, dough } = solveBatch({ kind: 'dough', doughG: 3 }, check);
    expect(counts.made).toBe(0);
    expect(dough.leftoverG).toBe(3);
  });
});

describe('deadHeat', () => {
  const { doughPerPieceG: _d, doseG: _f, ...terms } = check;
  const given = (change: Partial<DeadHeatInput> = {}): DeadHeatInput => ({
    doughG: 616,
    fillingG: 928,
    doseG: 9,
    thicknessMm: 0.8,
    sizeMm: 55,
    thicknessesMm: [0.8, 0.9, 0.7],
    sizesMm: Array.from({ length: 31 }, (_, i) => 40 + i),
    doseBandG: () => [4, 12],
    terms: (t, s) => ({ ...terms, doughPerPieceG: 2 * 1.2e-3 * t * s * s }),
    ...change,
  });

  it('finds the plan that made the dough and the filling', () => {
    const heat = deadHeat(given());
    expect(heat).toMatchObject({ pieces: 100, thicknessMm: 0.8, sizeMm: 55, usedUp: true });
    expect(heat.doseG).toBeCloseTo(9, 2);
  });

  it('counts on what lands in a piece, where hands dose over or under what is meant', () => {
    for (const dosed of [0.85, 1.15]) {
      const heat = deadHeat(given({ dosed }));
      expect(heat.usedUp).toBe(true);
      const intoPieces = heat.pieces * heat.doseG * dosed;
      const full = deadHeat(given());
      expect(intoPieces).toBeCloseTo(full.pieces * full.doseG, 0);
    }
  });

  it('what is left of the dough is what no piece took, what sticks counted: more stuck leaves less unstuck', () => {
    // Filling for a hundred, dough for far more: the rest of it is over whatever is turned.
    const over = (stuckShare: number) =>
      deadHeat(
        given({
          doughG: 900,
          fillingG: 300,
          thicknessesMm: [0.8],
          sizesMm: [55],
          terms: (t, s) => ({ ...terms, stuckShare, doughPerPieceG: 2 * 1.2e-3 * t * s * s }),
        }),
      );
    const [none, much] = [over(0), over(0.08)];
    expect([none.pieces, much.pieces]).toEqual([much.pieces, none.pieces]);
    // The same dough in pieces: what sticks to them is the only difference, and only what is rolled sticks.
    const usedG = (heat: typeof none) => 900 - heat.leftoverDoughG;
    expect(usedG(much)).toBeCloseTo(usedG(none) / (1 - 0.08), 6);
  });

  it('turns the dose first, then the thickness, and the blank last', () => {
    expect(deadHeat(given({ fillingG: 1100 }))).toMatchObject({
      thicknessMm: 0.8,
      sizeMm: 55,
      usedUp: true,
    });
    const muchFilling = deadHeat(given({ fillingG: 1330, thicknessesMm: [0.7, 0.8] }));
    expect(muchFilling).toMatchObject({ thicknessMm: 0.7, sizeMm: 55, usedUp: true });
    const more = deadHeat(given({ fillingG: 1800, thicknessesMm: [] }));
    expect(more.sizeMm).toBeLessThan(55);
    expect(more.usedUp).toBe(true);
  });

  it('says what is left when nothing inside the bands uses both up', () => {
    const heat = deadHeat(given({ fillingG: 5000, thicknessesMm: [], sizesMm: [] }));
    expect(heat.usedUp).toBe(false);
    expect(heat.doseG).toBe(12);
    expect(heat.leftoverFillingG).toBeCloseTo(5000 - (heat.pieces * 12) / 0.97, 6);
  });

  it('stays inside its bands and leaves what it says', () => {
    fc.assert(
      fc.property(number(100, 4000), number(100, 4000), (doughG, fillingG) => {
        const from = given({ doughG, fillingG });
        const heat = deadHeat(from);
        fc.pre(heat.pieces > 0);
        const at = {
          ...check,
          doseG: heat.doseG,
          ...from.terms(heat.thicknessMm, heat.sizeMm),
        };
        expect(heat.doseG).toBeGreaterThanOrEqual(4 - 1e-9);
        expect(heat.doseG).toBeLessThanOrEqual(12 + 1e-9);
        expect(heat.leftoverDoughG).toBeCloseTo(Math.max(0, doughG - doughFor(heat.pieces, at)), 6);
        expect(heat.pieces).toBe(
          Math.min(
            byShare(at).roll(rolledDough(doughG, at), Infinity).pieces,
            piecesFromFilling(fillingG, at),
          ),
        );
      }),
      { numRuns: 60 },
    );
  });

  it('makes nothing, and says so, of too little dough', () => {
    expect(deadHeat(given({ doughG: 2 }))).toMatchObject({
      pieces: 0,
      leftoverDoughG: 2,
      usedUp: false,
    });
  });
});
