import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { layingOf } from '../layout/laying';
import { inSheets, sheetRun } from './sheetRun';
import { trimPortions } from './trimUse';

const D = 2 * 1.2e-3 * 0.8 * 55 ** 2;
const laying = layingOf({
  cut: { kind: 'rect', alongMm: 55, acrossMm: 55, turnable: false },
  way: 'book',
  widthMm: 120,
  longestMm: 900,
  thicknessMm: 0.8,
  gapMm: 0,
  endMm: 5,
  pieceAreaMm2: 2 * 55 ** 2,
});
const given = { doughPerPieceG: D, laying, rerolls: 1, trimUsable: 0.85 };
const amount = fc.double({ min: 1, max: 20_000, noNaN: true });

describe('sheetRun', () => {
  it('rolls whole sheets, a short last one, then the trim', () => {
    const run = sheetRun({ ...given, doughG: 6.4 * laying.massG });
    expect(run.rollings[0]).toMatchObject({ full: 6, generation: 0 });
    expect(run.rollings[0]!.pieces).toBe(6 * laying.pieces + run.rollings[0]!.short!.pieces);
    expect(run.rollings[1]!.generation).toBe(1);
    expect(run.sheets).toBe(8);
  });

  it('keeps every gram: pieces, spoilt trim, ends and dough not rolled, each weighed by itself', () => {
    fc.assert(
      fc.property(
        amount,
        fc.integer({ min: 0, max: 2 }),
        fc.oneof(fc.constant(Infinity), fc.integer({ min: 1, max: 400 })),
        (doughG, rerolls, wanted) => {
          const run = sheetRun({ ...given, rerolls, doughG, wanted });
          expect(run.pieces * D + run.spoiltG + run.endsG + run.restG).toBeCloseTo(doughG, 6);
          for (const { trimG, restG } of run.rollings) {
            expect(trimG).toBeGreaterThan(-1e-9);
            expect(restG).toBeGreaterThan(-1e-9);
          }
        },
      ),
    );
  });

  it('weighs its sheets by their size: trim is what lies round the pieces on them', () => {
    fc.assert(
      fc.property(amount, (doughG) => {
        const [first] = sheetRun({ ...given, rerolls: 0, doughG }).rollings;
        const lengthMm = first!.full * laying.lengthMm + (first!.short?.lengthMm ?? 0);
        const sheetsG = 1.2e-3 * 0.8 * 120 * lengthMm;
        expect(first!.pieces * D + first!.trimG).toBeCloseTo(sheetsG, 6);
        expect(sheetsG + first!.restG).toBeCloseTo(doughG, 6);
      }),
    );
  });

  it('stops when enough is cut, and leaves the rest as dough', () => {
    const run = sheetRun({ ...given, doughG: 6.4 * laying.massG, wanted: laying.pieces + 2 });
    expect(run.pieces).toBe(laying.pieces + 2);
    expect(run.sheets).toBe(2);
    expect(run.restG).toBeGreaterThan(4 * laying.massG);
    expect(run.rollings[0]!.short).toMatchObject({ pieces: 2 });
  });

  it('never gives fewer pieces from more dough, nor more than the dough weighs', () => {
    fc.assert(
      fc.property(amount, fc.double({ min: 0, max: 300, noNaN: true }), (doughG, more) => {
        const few = sheetRun({ ...given, rerolls: 0, doughG }).pieces;
        const many = sheetRun({ ...given, rerolls: 0, doughG: doughG + more }).pieces;
        expect(many).toBeGreaterThanOrEqual(few);
        expect(few * D).toBeLessThanOrEqual(doughG + 1e-6);
      }),
    );
  });

  it('finds a dough whose sheets give so many, and hardly more than that', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), (pieces) => {
        const lotG = inSheets(given).lotFor(pieces)!;
        const run = sheetRun({ ...given, doughG: lotG, wanted: pieces });
        expect(run.pieces).toBe(pieces);
        // What no sheet needed is less than what one more stack would take.
        expect(run.restG).toBeLessThan(laying.massG / laying.stacks + 2);
      }),
      { numRuns: 60 },
    );
  });

  it('fills a mould as a whole, or leaves its pockets empty: they are trim', () => {
    const mould = layingOf({
      ...laying,
      cut: { kind: 'block', rows: 3, columns: 4, pitchMm: 38, rimMm: 6 },
      way: 'two',
      widthMm: 145,
      pieceAreaMm2: 2 * 38 ** 2,
    });
    const d = 2 * 1.2e-3 * 0.8 * 38 ** 2;
    const terms = { doughPerPieceG: d, laying: mould, rerolls: 0, trimUsable: 0.85 };
    const lotG = inSheets(terms).lotFor(13)!;
    const run = sheetRun({ ...terms, doughG: lotG, wanted: 13 });
    // Two moulds are covered, whole, for thirteen pieces.
    const blockG = 2 * 1.2e-3 * 0.8 * 145 * (2 * (4 * 38 + 12) + 10);
    expect(lotG).toBeCloseTo(blockG, 0);
    expect(run.pieces).toBe(13);
    expect(run.rollings[0]!.trimG).toBeCloseTo(lotG - 13 * d, 1);
  });
});

describe('trimPortions', () => {
  it('counts whole plates of ribbons and bowls of squares', () => {
    expect(trimPortions(214, 'ribbons', startingRules)).toBe(2);
    expect(trimPortions(214, 'soup', startingRules)).toBe(5);
    expect(trimPortions(214, 'waste', startingRules)).toBe(0);
  });
});
