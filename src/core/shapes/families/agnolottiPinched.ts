import { arc, rectangle, type Point } from '../drawing';
import { ellipsePerimeter } from '../ellipse';
import { HAND_FINISHES } from '../finish';
import { logMound, thicknessOverDome, type Mound } from '../mound';
import { wrappedSection } from '../sections';
import type { Dimensions, ShapeFamily } from '../shape';

/** What the strip leaves in front of the log that it wraps all round, mm: (strip − girth) ÷ 2. The back is a fold. Law. */
const frontLip = ({ sizeMm }: Dimensions, { radiusMm, heightMm }: Mound): number =>
  (sizeMm - ellipsePerimeter(radiusMm, heightMm / 2)) / 2;

/** Pinched agnolotti: a log piped along a strip, folded over, pinched into pillows, cut apart. */
export const agnolottiPinched: ShapeFamily = {
  id: 'agnolottiPinched',
  name: 'Pinched agnolotti',
  shortName: 'Pinched',
  summary: 'a piped log folded over and pinched into pillows',
  dimensions: [
    { key: 'sizeMm', label: 'Strip', minMm: 20, maxMm: 200, usualMm: 30 },
    { key: 'pitchMm', label: 'Pinch to pinch', minMm: 8, maxMm: 150, usualMm: 12 },
  ],
  thicknessBandMm: [0.5, 0.7],
  usualDoseG: [1, 8],
  finishes: HAND_FINISHES,
  usesLaid: false,
  usesBlank: false,
  usesEdge: false,
  sheetWays: ['single'],
  layers: { edge: 2 },
  folding: [
    'Pipe one even log along the strip, a finger from the far edge.',
    'Fold the strip over the log and press along the front, air out to one end.',
    'Pinch upright between finger and thumb at every mark: the pinch makes the pocket.',
    'Run the wheel along the front, then cut through each pinch with a forward push.',
  ],
  flatAreaMm2: ({ sizeMm, pitchMm }) => sizeMm * pitchMm,
  areaFormula: 'strip width × pinch to pinch',
  mound: (from, { pitchMm }, rules) => logMound(from, pitchMm, rules),
  lipMm: frontLip,
  lipFormula: '(strip − girth of the log) ÷ 2',
  draw(size, mound, sheet) {
    const { radiusMm: r, heightMm: h } = mound;
    const { thicknessMm: t } = sheet;
    const lip = frontLip(size, mound);
    const edgeX = r + lip;
    const half = size.pitchMm / 2;
    const outline: Point[] = [
      [-half, -r - t],
      [half, -r - t],
      [half, edgeX],
      [-half, edgeX],
    ];
    return {
      section: wrappedSection(
        {
          halfMm: r,
          halfHeightMm: h / 2,
          foldMm: r,
          edgeMm: edgeX,
          overMm: thicknessOverDome(t, mound),
          cut: 'across the log, fold to front edge',
        },
        sheet,
      ),
      above: {
        outline,
        mound: arc([0, 0], half * 0.94, r, 0, 2 * Math.PI),
        folds: [
          [
            [-half, -r - t],
            [half, -r - t],
          ],
        ],
        lip: [
          [0, r],
          [0, edgeX],
        ],
      },
    };
  },
  cut: ({ sizeMm, pitchMm }) => ({
    kind: 'rect',
    alongMm: pitchMm,
    acrossMm: sizeMm,
    turnable: false,
  }),
  blank: (size, mound) => {
    const { radiusMm: r } = mound;
    // The log lies behind the lower lip: its middle is at lip + r from the front edge.
    const at: Point = [0, size.sizeMm / 2 - frontLip(size, mound) - r];
    const foldAt = at[1] - r;
    return {
      outline: rectangle(size.pitchMm, size.sizeMm),
      mound: rectangle(size.pitchMm, 2 * r, at),
      moundAt: at,
      folds: [
        [
          [-size.pitchMm / 2, foldAt],
          [size.pitchMm / 2, foldAt],
        ],
      ],
    };
  },
};
