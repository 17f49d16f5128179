'use client';

import { startingRules } from '@/core/basis/rules';
import { trimToNoodles } from '@/core/batch/trimUse';
import { TRIM_USABLE } from '@/core/batch/yield';
import { trayCount } from '@/core/layout/trayCount';
import { input } from '@/core/working/working';
import { useUnits } from '@/ui/units/UnitsContext';
import { NumbersSum } from './NumbersSum';
import { length, mass } from './SheetSums';

/** How many pieces a tray holds, and how many trays a batch takes. */
export function TraySum() {
  return (
    <NumbersSum
      inputs={{
        trayLengthMm: length('Tray, long', 530, 50, 5000),
        trayWidthMm: length('Tray, wide', 325, 50, 5000),
        pieceLengthMm: length('Piece, long', 55, 5, 500, 1),
        pieceWidthMm: length('Piece, wide', 55, 5, 500, 1),
        gapMm: length('Apart', 10, 0, 100, 1),
        pieces: {
          label: 'Pieces in all',
          kind: 'count',
          range: { min: 1, max: 100_000, whole: true },
          step: 10,
          start: 120,
        },
      }}
      work={({ pieces, ...tray }) => {
        const count = trayCount(tray);
        return {
          working: {
            label: 'Pieces on a tray',
            value: count,
            unit: 'count',
            kind: 'law',
            formula: 'the better of a straight grid either way, apart and off the edge by the gap',
            inputs: [
              input('tray, long', tray.trayLengthMm, 'mm'),
              input('tray, wide', tray.trayWidthMm, 'mm'),
              input('piece, long', tray.pieceLengthMm, 'mm'),
              input('piece, wide', tray.pieceWidthMm, 'mm'),
              input('apart', tray.gapMm, 'mm'),
            ],
            source: 'geometry',
          },
          says:
            count > 0
              ? `${Math.ceil(pieces / count)} ${pieces > count ? 'trays' : 'tray'} for ${pieces}. On semolina, coarse flour or a cloth, never on the bare tray.`
              : 'Not one lies on this tray.',
        };
      }}
    />
  );
}

/** What trim is good for: ribbons by the plate, squares by the bowl. */
export function TrimSum() {
  const { text } = useUnits();
  return (
    <NumbersSum
      inputs={{
        trimG: mass('Trim', 320),
        portionG: {
          label: 'A portion',
          kind: 'mass',
          range: { min: 20, max: 500, unit: 'g' },
          step: 5,
          start: startingRules['batch.ribbons'].value,
        },
      }}
      work={({ trimG, portionG }) => {
        const { usableG, portions } = trimToNoodles({ trimG, portionG }, startingRules);
        return {
          working: {
            label: 'Portions of ribbons',
            value: portions,
            unit: 'count',
            kind: 'rule',
            formula: 'trim × share fit to roll again ÷ a portion, whole ones',
            inputs: [
              input('trim', trimG, 'g'),
              input('fit to roll again', TRIM_USABLE, 'share'),
              input('a portion', portionG, 'g'),
            ],
            source: 'craft rule; weigh your own',
          },
          says: `${text(usableG, 'g')} of it rolls again. Cut small it makes ${Math.floor(usableG / startingRules['batch.soup'].value)} bowls of soup squares.`,
        };
      }}
    />
  );
}
