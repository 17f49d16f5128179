import { circle, rectangle } from '../drawing';
import { HAND_FINISHES } from '../finish';
import { pocketMound } from '../mound';
import { cappedSection } from '../sections';
import type { ShapeFamily } from '../shape';

/** Frame of a mould that the sheet must cover all round its pockets, mm. Rule. */
export const MOULD_RIM_MM = 6;

/** Ravioli in a tray or plate mould: the sheet pressed into pockets, filled, covered, rolled off with a pin. */
export const mouldedRavioli: ShapeFamily = {
  id: 'mouldedRavioli',
  name: 'Moulded ravioli',
  shortName: 'Mould',
  summary: 'pressed into the pockets of a tray or plate, rolled off with a pin',
  dimensions: [
    { key: 'sizeMm', label: 'Pocket to pocket', minMm: 15, maxMm: 200, usualMm: 20 },
    { key: 'pocketMm', label: 'Pocket across', minMm: 8, maxMm: 190, usualMm: 12 },
    { key: 'depthMm', label: 'Pocket depth', minMm: 1, maxMm: 80, usualMm: 3 },
  ],
  // A step thicker: the dough is stretched into the pocket.
  thicknessBandMm: [0.85, 1.05],
  usualDoseG: [1.5, 25],
  // The ridge seals; a hand may still press, pinch or run a wheel along the edge afterward.
  finishes: ['mould', ...HAND_FINISHES],
  usesLaid: false,
  usesBlank: false,
  usesEdge: false,
  sheetWays: ['two', 'book'],
  layers: { edge: 2 },
  folding: [
    'Dust the mould, lay the lower sheet over it and ease it into the pockets.',
    'Fill each pocket level, no higher: the ridges must stay clean.',
    'Damp the ridges, lay the upper sheet and press the air out from one side.',
    'Roll a pin over, lightly then hard, until the ridges show through; turn the pieces out.',
  ],
  flatAreaMm2: ({ sizeMm }) => 2 * sizeMm ** 2,
  areaFormula: '2 layers × (pocket to pocket)²',
  mound: (from, size, rules) => pocketMound(from, size, rules),
  lipMm: ({ sizeMm }, mound) => sizeMm / 2 - mound.radiusMm,
  lipFormula: 'pocket to pocket ÷ 2 − radius of the filling, the pocket’s unless it is overfull',
  draw: (size, mound, sheet) => ({
    section: {
      ...cappedSection(mound, { toLeftMm: size.sizeMm / 2, toRightMm: size.sizeMm / 2 }, sheet),
      cut: 'through the middle, turned out of the mould',
    },
    above: {
      outline: rectangle(size.sizeMm, size.sizeMm),
      mound:
        size.pocket === 'disc'
          ? circle([0, 0], mound.radiusMm)
          : rectangle(2 * mound.radiusMm, 2 * mound.radiusMm),
      folds: [],
      lip: [
        [mound.radiusMm, 0],
        [size.sizeMm / 2, 0],
      ],
    },
  }),
  cut: ({ rows, columns, sizeMm }) => ({
    kind: 'block',
    rows,
    columns,
    pitchMm: sizeMm,
    rimMm: MOULD_RIM_MM,
  }),
  blank: (size, mound) => ({
    outline: rectangle(size.sizeMm, size.sizeMm),
    mound:
      size.pocket === 'disc'
        ? circle([0, 0], mound.radiusMm)
        : rectangle(2 * mound.radiusMm, 2 * mound.radiusMm),
    moundAt: [0, 0],
    folds: [],
  }),
};
