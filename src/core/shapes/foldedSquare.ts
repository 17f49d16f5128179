import { capArc, circle, type Point } from './drawing';
import { lensMound, thicknessOverDome } from './mound';
import type { Dimensions, ShapeFamily } from './shape';

/** Altitude of a square folded corner to corner, mm: side / √2. Law. */
const altitude = ({ sizeMm }: Dimensions): number => sizeMm / Math.SQRT2;

/**
 * A family made from a square folded corner to corner into a triangle, two corners joined:
 * tortelloni in the large, cappelletti in the small.
 */
export const foldedSquare = (
  own: Pick<
    ShapeFamily,
    | 'id'
    | 'name'
    | 'summary'
    | 'dimensions'
    | 'thicknessBandMm'
    | 'usualDoseG'
    | 'finishes'
    | 'folding'
  >,
): ShapeFamily => ({
  ...own,
  usesLaid: false,
  flatAreaMm2: ({ sizeMm }) => sizeMm ** 2,
  areaFormula: 'side², one layer before folding',
  mound: lensMound,
  // Against the fold, on the axis, is where the mound lies widest clear; a fold needs no lip.
  lipMm: (size, mound) => (altitude(size) - mound.radiusMm) / Math.SQRT2 - mound.radiusMm,
  lipFormula: '(altitude − radius) ÷ √2 − radius, with altitude = side ÷ √2',
  draw(size, mound, { thicknessMm: t, pressedMm }) {
    const a = altitude(size);
    const { radiusMm: r, heightMm: h } = mound;
    const over = thicknessOverDome(t, mound);
    const edgeX = (a - r) / Math.SQRT2;
    // The cut runs square to a sealed side: the fold is met at 45°, √2 r from the middle.
    const foldX = -r * Math.SQRT2;
    const upperIn = capArc(0, 0, r, h);
    const lowerIn = capArc(0, 0, r, h, 0, -1);
    const upperOut = capArc(0, 0, r, h, over).filter(([, y]) => y > t);
    const lowerOut = capArc(0, 0, r, h, over, -1).filter(([, y]) => y < -t);
    const shoulder = Math.max(0.5, Math.min(3, (edgeX - r) / 3));
    const footX = Math.min(edgeX, (upperOut[upperOut.length - 1]?.[0] ?? r) + shoulder);
    const half = pressedMm / 2;
    const outside: Point[] = [
      [foldX - t / 2, 0],
      [foldX, t],
      ...upperOut,
      [footX, half],
      [edgeX, half],
      [edgeX, -half],
      [footX, -half],
      ...[...lowerOut].reverse(),
      [foldX, -t],
    ];
    const lens: Point[] = [...upperIn, ...[...lowerIn].reverse()];
    const base = (size.sizeMm * Math.SQRT2) / 2;
    const triangle: Point[] = [
      [-base, 0],
      [base, 0],
      [0, a],
    ];
    const lipEnd: Point = [edgeX / Math.SQRT2, r + edgeX / Math.SQRT2];
    const lipStart: Point = [r / Math.SQRT2, r + r / Math.SQRT2];
    return {
      section: {
        dough: [outside],
        filling: lens,
        lip: { fromX: r, toX: edgeX, y: half },
        mound: { fromX: -r, toX: r },
        piece: { fromX: foldX - t / 2, toX: edgeX },
        top: [0, h + over],
        bottomY: -(h + over),
        cut: 'from the fold, square to a sealed side',
      },
      above: {
        outline: triangle,
        mound: circle([0, r], r),
        folds: [
          [
            [-base, 0],
            [base, 0],
          ],
        ],
        lip: [lipStart, lipEnd],
      },
    };
  },
  blank: ({ sizeMm }, mound) => ({
    alongMm: sizeMm,
    acrossMm: sizeMm,
    layers: 1,
    moundAlongMm: 2 * mound.radiusMm,
    moundAcrossMm: 2 * mound.radiusMm,
    moundOffsetMm: 0,
    roundMound: true,
  }),
});

/** Tortelloni: large squares, folded, two corners drawn round and joined. */
export const tortelloni = foldedSquare({
  id: 'tortelloni',
  name: 'Tortelloni',
  summary: 'large squares folded, two corners joined',
  dimensions: [{ key: 'sizeMm', label: 'Blank', minMm: 50, maxMm: 110 }],
  thicknessBandMm: [0.8, 1.0],
  usualDoseG: [4, 20],
  finishes: ['press', 'pinch', 'fork'],
  folding: [
    'Set the mound a little off the middle of the square.',
    'Fold corner to corner over it, air out from the fold upward.',
    'Press both open sides thin.',
    'Draw the two long corners round a finger and press them together.',
  ],
});

/** Cappelletti: the same in small, for broth. */
export const cappelletti = foldedSquare({
  id: 'cappelletti',
  name: 'Cappelletti',
  summary: 'small squares folded to little hats, for broth',
  dimensions: [{ key: 'sizeMm', label: 'Blank', minMm: 30, maxMm: 70 }],
  thicknessBandMm: [0.6, 0.8],
  usualDoseG: [0.8, 6],
  finishes: ['pinch', 'press'],
  folding: [
    'Set a thick, small mound on each square.',
    'Fold corner to corner and pinch both sides shut, air out first.',
    'Turn the brim up and join the two long corners behind.',
  ],
});
