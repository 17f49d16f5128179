import { capArc, circle, type Point } from './drawing';
import { capMound, thicknessOverDome } from './mound';
import type { ShapeFamily } from './shape';

/** Square ravioli: mounds on a grid between two sheets, cut square. */
export const ravioliSquare: ShapeFamily = {
  id: 'ravioliSquare',
  name: 'Square ravioli',
  summary: 'mounds between two sheets, cut square',
  dimensions: [{ key: 'sizeMm', label: 'Blank', minMm: 25, maxMm: 120 }],
  thicknessBandMm: [0.7, 0.9],
  usualDoseG: [2, 25],
  finishes: ['wheel', 'fork', 'cutter', 'pinch'],
  usesLaid: true,
  folding: [
    'Mark the grid on the lower sheet and set a mound in the middle of each square.',
    'Damp the bare dough between the mounds.',
    'Lay the upper sheet from one end and press round each mound, air out first.',
    'Cut square between the mounds and press every edge thin.',
  ],
  flatAreaMm2: ({ sizeMm }) => 2 * sizeMm ** 2,
  areaFormula: '2 layers × side²',
  mound: capMound,
  lipMm: ({ sizeMm }, mound) => sizeMm / 2 - mound.radiusMm,
  lipFormula: 'side ÷ 2 − radius of the settled mound',
  draw({ sizeMm }, mound, { thicknessMm: t, pressedMm }) {
    const half = sizeMm / 2;
    const { radiusMm: r, heightMm: h } = mound;
    const overTop = thicknessOverDome(t, mound);
    const inner = capArc(0, 0, r, h);
    const dome = capArc(0, 0, r, h, overTop).filter(([, y]) => y > t);
    // Between dome and pressed edge the upper sheet comes down in a short slope.
    const shoulder = Math.max(0.5, Math.min(3, (half - r) / 3));
    const edgeTop = pressedMm - t;
    const footX = (dome[dome.length - 1]?.[0] ?? r) + shoulder;
    const outer: Point[] = [
      [-half, edgeTop],
      [-Math.min(half, footX), edgeTop],
      ...dome,
      [Math.min(half, footX), edgeTop],
      [half, edgeTop],
    ];
    const upper: Point[] = [...outer, [half, 0], ...[...inner].reverse(), [-half, 0]];
    const lower: Point[] = [
      [-half, 0],
      [half, 0],
      [half, -t],
      [-half, -t],
    ];
    const corner: Point[] = [
      [-half, -half],
      [half, -half],
      [half, half],
      [-half, half],
    ];
    return {
      section: {
        dough: [lower, upper],
        filling: [...inner, [-r, 0]],
        lip: { fromX: r, toX: half, y: edgeTop },
        mound: { fromX: -r, toX: r },
        piece: { fromX: -half, toX: half },
        top: [0, h + overTop],
        bottomY: -t,
        cut: 'through the middle',
      },
      above: {
        outline: corner,
        mound: circle([0, 0], r),
        folds: [],
        lip: [
          [r, 0],
          [half, 0],
        ],
      },
    };
  },
  blank: ({ sizeMm }, mound) => ({
    alongMm: sizeMm,
    acrossMm: sizeMm,
    layers: 2,
    moundAlongMm: 2 * mound.radiusMm,
    moundAcrossMm: 2 * mound.radiusMm,
    moundOffsetMm: 0,
    roundMound: true,
  }),
};
