import { layingOf } from '@/core/layout/laying';
import { placesOf } from '@/core/layout/places';
import { sheetRun } from '@/core/batch/sheetRun';
import { figureText } from '@/core/units/format';
import { METRIC } from '@/core/units/units';
import type { FigureUnit } from '@/core/working/working';
import { patternText, plural, rollingsText, trimText } from './sheetWords';

const write = (value: number, unit: FigureUnit) => figureText(value, unit, METRIC);

const laying = (cut: Parameters<typeof layingOf>[0]['cut'], way: 'two' | 'single' = 'single') =>
  layingOf({
    cut,
    way,
    widthMm: 145,
    longestMm: 900,
    thicknessMm: 0.8,
    gapMm: 0,
    endMm: 5,
    pieceAreaMm2: 3000,
  });

describe('patternText', () => {
  it('says a straight grid by its first mound, its pitch and its rows', () => {
    const square = { kind: 'rect', alongMm: 55, acrossMm: 55, turnable: false } as const;
    expect(patternText(placesOf(laying(square)), write)).toBe(
      'First mound 33 mm from the end and 45 mm from the edge, every 55 mm along; rows 55 mm apart.',
    );
  });

  it('says by how much nested rows are set on', () => {
    expect(patternText(placesOf(laying({ kind: 'disc', diameterMm: 75 })), write)).toBe(
      'First mound 43 mm from the end and 40 mm from the edge, every 75 mm along; rows 65 mm apart, every other one set 38 mm on.',
    );
  });

  it('says nothing of an empty sheet', () => {
    expect(patternText([], write)).toBe('');
  });
});

describe('rollingsText', () => {
  const square = { kind: 'rect', alongMm: 55, acrossMm: 55, turnable: false } as const;
  const text = (sheets: number, way: 'two' | 'single' = 'single') => {
    const own = laying(square, way);
    const { rollings } = sheetRun({
      doughG: own.massG * sheets,
      doughPerPieceG: 2,
      laying: own,
      rerolls: 2,
      trimUsable: 0.85,
    });
    return rollingsText(rollings, own.sheets);
  };

  it('counts whole sheets, a short one, and what the trim gives', () => {
    expect(text(3.5)).toMatch(/^\d+ from 3 sheets and a short one, \d+ from the trim rolled again/);
    expect(text(0.5)).toMatch(/^\d+ from a short sheet/);
    expect(text(3, 'two')).toMatch(/^\d+ from 3 pairs/);
  });
});

describe('small words', () => {
  it('count, and say what trim is good for', () => {
    expect(plural(1, 'sheet')).toBe('1 sheet');
    expect(plural(2.5, 'piece')).toBe('2.5 pieces');
    expect(trimText({ use: 'ribbons', portions: 2 })).toBe('2 plates of ribbons');
    expect(trimText({ use: 'soup', portions: 0 })).toBe('not enough for a bowl of soup squares');
    expect(trimText({ use: 'waste', portions: 0 })).toBe('thrown out');
  });
});
