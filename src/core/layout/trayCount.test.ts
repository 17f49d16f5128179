import { startingRules } from '../basis/rules';
import { trimToNoodles } from '../batch/trimUse';
import { trayCount } from './trayCount';

describe('trayCount', () => {
  const tray = { trayLengthMm: 530, trayWidthMm: 325, gapMm: 10 };

  it('sets squares apart from one another and from the edge', () => {
    expect(trayCount({ ...tray, pieceLengthMm: 55, pieceWidthMm: 55 })).toBe(8 * 4);
  });

  it('turns long pieces when more lie so', () => {
    const long = { pieceLengthMm: 150, pieceWidthMm: 30 };
    // Along: 3 × 7; turned: 12 × 1.
    expect(trayCount({ ...tray, ...long })).toBe(21);
    expect(trayCount({ ...tray, pieceLengthMm: 30, pieceWidthMm: 150 })).toBe(21);
  });

  it('is none for a piece larger than the tray, and names a bad field', () => {
    expect(trayCount({ ...tray, pieceLengthMm: 400, pieceWidthMm: 400 })).toBe(0);
    expect(() => trayCount({ ...tray, gapMm: -1, pieceLengthMm: 50, pieceWidthMm: 50 })).toThrow(
      /gapMm must be a number from 0 to 100 mm/,
    );
  });
});

describe('trimToNoodles', () => {
  it('keeps 85 % of the trim and counts whole portions', () => {
    expect(trimToNoodles({ trimG: 320 }, startingRules)).toEqual({ usableG: 272, portions: 3 });
    expect(trimToNoodles({ trimG: 320, portionG: 40 }, startingRules).portions).toBe(6);
  });
});
