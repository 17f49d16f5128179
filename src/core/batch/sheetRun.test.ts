import fc from 'fast-check';
import { layingOf } from '../layout/laying';
import { doughForSheets, sheetRun } from './sheetRun';
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

  it('keeps every gram: pieces, spoilt trim and ends', () => {
    fc.assert(
      fc.property(amount, fc.integer({ min: 0, max: 2 }), (doughG, rerolls) => {
        const run = sheetRun({ ...given, rerolls, doughG });
        expect(run.pieces * D + run.spoiltG + run.endsG).toBeCloseTo(doughG, 6);
      }),
    );
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

  it('finds the least dough whose sheets give so many', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), (pieces) => {
        const doughG = doughForSheets(pieces, pieces * D, given)!;
        expect(sheetRun({ ...given, doughG }).pieces).toBeGreaterThanOrEqual(pieces);
        if (doughG > pieces * D + 0.1) {
          expect(sheetRun({ ...given, doughG: doughG - 0.1 }).pieces).toBeLessThan(pieces);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('trimPortions', () => {
  it('counts whole plates of ribbons and bowls of squares', () => {
    expect(trimPortions(214, 'ribbons')).toBe(2);
    expect(trimPortions(214, 'soup')).toBe(5);
    expect(trimPortions(214, 'waste')).toBe(0);
  });
});
