import { arc, rectangle, type Point } from '../drawing';
import { halfEllipseArc, logMound, thicknessOverDome } from '../mound';
import type { Dimensions, ShapeFamily } from '../shape';
import type { Mound } from '../mound';

/**
 * What is left of the strip in front of the log, mm. The strip lies under the log (2 r), goes over
 * it (its arc), and meets itself in front: lip = (strip − 2 r − arc) / 2. The back is a fold. Law.
 */
const frontLip = ({ sizeMm }: Dimensions, { radiusMm, heightMm }: Mound): number =>
  (sizeMm - 2 * radiusMm - halfEllipseArc(radiusMm, heightMm)) / 2;

/** Pinched agnolotti: a log piped along a strip, folded over, pinched into pillows, cut apart. */
export const agnolottiPinched: ShapeFamily = {
  id: 'agnolottiPinched',
  name: 'Pinched agnolotti',
  shortName: 'Pinched',
  summary: 'a piped log folded over and pinched into pillows',
  dimensions: [
    { key: 'sizeMm', label: 'Strip', minMm: 30, maxMm: 120 },
    { key: 'pitchMm', label: 'Pinch to pinch', minMm: 12, maxMm: 70 },
  ],
  thicknessBandMm: [0.5, 0.7],
  usualDoseG: [1, 8],
  finishes: ['wheel', 'cutter', 'press'],
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
  lipFormula: '(strip − under the log 2r − over the log, its arc) ÷ 2',
  draw(size, mound, { thicknessMm: t, pressedMm }) {
    const { radiusMm: r, heightMm: h } = mound;
    const lip = frontLip(size, mound);
    const edgeX = r + lip;
    const over = thicknessOverDome(t, mound);
    const inner = arc([0, 0], r, h, Math.PI, 0);
    const outer = arc([0, 0], r + t, h + over, Math.PI, 0).filter(([x, y]) => y > t || x < 0);
    const edgeTop = pressedMm - t;
    const lower: Point[] = [
      [-r - t, 0],
      [edgeX, 0],
      [edgeX, -t],
      [-r - t / 2, -t],
    ];
    const shoulder = Math.max(0.4, Math.min(2, lip / 3));
    const footX = Math.min(edgeX, (outer[outer.length - 1]?.[0] ?? r) + shoulder);
    const upper: Point[] = [
      ...outer,
      [footX, edgeTop],
      [edgeX, edgeTop],
      [edgeX, 0],
      ...[...inner].reverse(),
      [-r - t, 0],
    ];
    const half = size.pitchMm / 2;
    const outline: Point[] = [
      [-half, -r - t],
      [half, -r - t],
      [half, edgeX],
      [-half, edgeX],
    ];
    const pillow: Point[] = [...arc([0, 0], half * 0.94, r, 0, 2 * Math.PI)];
    return {
      section: {
        dough: [lower, upper],
        filling: inner,
        lip: { fromX: r, toX: edgeX, y: edgeTop },
        mound: { fromX: -r, toX: r },
        piece: { fromX: -r - t, toX: edgeX },
        top: [0, h + over],
        bottomY: -t,
        cut: 'across the log, fold to front edge',
      },
      above: {
        outline,
        mound: pillow,
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
