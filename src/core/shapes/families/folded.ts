import { arc, circle, rectangle, type Point } from '../drawing';
import { lensMound, type Mound } from '../mound';
import { foldedSection } from '../sections';
import type { Dimensions, ShapeFamily } from '../shape';

/** Altitude of a square folded corner to corner, mm: side / √2. Law. */
const altitude = ({ sizeMm }: Dimensions): number => sizeMm / Math.SQRT2;

type Geometry = Pick<ShapeFamily, 'flatAreaMm2' | 'lipMm' | 'draw' | 'cut' | 'blank'>;

/** A square folded corner to corner; the mound lies against the fold, which needs no lip. Law. */
const triangleOfSquare: Geometry = {
  flatAreaMm2: ({ sizeMm }) => sizeMm ** 2,
  lipMm: (size, { radiusMm }) => (altitude(size) - radiusMm) / Math.SQRT2 - radiusMm,
  draw(size, mound, sheet) {
    const a = altitude(size);
    const { radiusMm: r } = mound;
    const edgeMm = (a - r) / Math.SQRT2;
    const base = (size.sizeMm * Math.SQRT2) / 2;
    return {
      section: foldedSection(
        mound,
        // The cut runs square to a sealed side: the fold is met at 45°, √2 r from the middle.
        { foldMm: r * Math.SQRT2, edgeMm, cut: 'from the fold, square to a sealed side' },
        sheet,
      ),
      above: {
        outline: [
          [-base, 0],
          [base, 0],
          [0, a],
        ],
        mound: circle([0, r], r),
        folds: [
          [
            [-base, 0],
            [base, 0],
          ],
        ],
        lip: [
          [r / Math.SQRT2, r + r / Math.SQRT2],
          [edgeMm / Math.SQRT2, r + edgeMm / Math.SQRT2],
        ],
      },
    };
  },
  cut: ({ sizeMm }) => ({ kind: 'rect', alongMm: sizeMm, acrossMm: sizeMm, turnable: false }),
  blank: (size, mound) =>
    flat(rectangle(size.sizeMm, size.sizeMm), mound, [
      [-size.sizeMm / 2, -size.sizeMm / 2],
      [size.sizeMm / 2, size.sizeMm / 2],
    ]),
};

/** A disc folded in half; the mound lies against the fold. Law. */
const halfOfDisc: Geometry = {
  flatAreaMm2: ({ sizeMm }) => Math.PI * (sizeMm / 2) ** 2,
  lipMm: ({ sizeMm }, { radiusMm }) => sizeMm / 2 - 2 * radiusMm,
  draw({ sizeMm }, mound, sheet) {
    const R = sizeMm / 2;
    const { radiusMm: r } = mound;
    return {
      section: foldedSection(
        mound,
        { foldMm: r, edgeMm: R - r, cut: 'from the fold to the middle of the arc' },
        sheet,
      ),
      above: {
        outline: arc([0, 0], R, R, 0, Math.PI),
        mound: circle([0, r], r),
        folds: [
          [
            [-R, 0],
            [R, 0],
          ],
        ],
        lip: [
          [0, 2 * r],
          [0, R],
        ],
      },
    };
  },
  cut: ({ sizeMm }) => ({ kind: 'disc', diameterMm: sizeMm }),
  blank: ({ sizeMm }, mound) =>
    flat(circle([0, 0], sizeMm / 2), mound, [
      [-sizeMm / 2, 0],
      [sizeMm / 2, 0],
    ]),
};

const flat = (
  outline: readonly Point[],
  { radiusMm }: Mound,
  fold: readonly [Point, Point],
): ReturnType<Geometry['blank']> => ({
  outline,
  mound: circle([0, 0], radiusMm),
  moundAt: [0, 0],
  folds: [fold],
});

/** The geometry of a square or a disc, as the shape is cut. */
const either = (size: Dimensions): Geometry =>
  size.blank === 'disc' ? halfOfDisc : triangleOfSquare;

const ofEither: Geometry = {
  flatAreaMm2: (size) => either(size).flatAreaMm2(size),
  lipMm: (size, mound) => either(size).lipMm(size, mound),
  draw: (size, mound, sheet) => either(size).draw(size, mound, sheet),
  cut: (size) => either(size).cut(size),
  blank: (size, mound) => either(size).blank(size, mound),
};

const SQUARE_LIP = '(altitude − radius) ÷ √2 − radius, with altitude = side ÷ √2';
const DISC_LIP = 'disc ÷ 2 − 2 × radius of the settled mound';

/** What every shape folded from one layer shares. */
const folded = {
  usesLaid: false,
  usesEdge: false,
  sheetWays: ['single'],
  mound: (from, _size, rules) => lensMound(from, rules),
} satisfies Partial<ShapeFamily>;

/** Tortelloni: large squares or discs, folded, two corners drawn round and joined. */
export const tortelloni: ShapeFamily = {
  ...folded,
  ...ofEither,
  id: 'tortelloni',
  name: 'Tortelloni',
  shortName: 'Tortelloni',
  summary: 'large squares or discs folded, two corners joined',
  alsoCalled: 'Small ones for broth go by many names; here they are cappelletti.',
  dimensions: [{ key: 'sizeMm', label: 'Blank', minMm: 50, maxMm: 110 }],
  thicknessBandMm: [0.8, 1.0],
  usualDoseG: [4, 20],
  finishes: ['press', 'pinch', 'fork'],
  usesBlank: true,
  layers: { edge: 2, join: 4 },
  areaFormula: 'area of the blank, one layer before folding',
  lipFormula: `square: ${SQUARE_LIP}; disc: ${DISC_LIP}`,
  folding: [
    'Set the mound a little off the middle of the blank.',
    'Fold it over, corner to corner or edge to edge, air out from the fold upward.',
    'Press the open sides thin.',
    'Draw the two long corners round a finger and press them together.',
  ],
};

/** Cappelletti: the same in small, for broth. */
export const cappelletti: ShapeFamily = {
  ...folded,
  ...ofEither,
  id: 'cappelletti',
  name: 'Cappelletti',
  shortName: 'Cappelletti',
  summary: 'small squares or discs folded to little hats, for broth',
  alsoCalled: 'Named for its hat; the same fold has other names from town to town.',
  dimensions: [{ key: 'sizeMm', label: 'Blank', minMm: 30, maxMm: 70 }],
  thicknessBandMm: [0.6, 0.8],
  usualDoseG: [0.8, 6],
  finishes: ['pinch', 'press'],
  usesBlank: true,
  layers: { edge: 2, join: 4 },
  areaFormula: 'area of the blank, one layer before folding',
  lipFormula: `square: ${SQUARE_LIP}; disc: ${DISC_LIP}`,
  folding: [
    'Set a thick, small mound on each blank.',
    'Fold it over and pinch the open sides shut, air out first.',
    'Turn the brim up and join the two long corners behind.',
  ],
};

/** Half-moons: discs folded in half. */
export const halfMoon: ShapeFamily = {
  ...folded,
  ...halfOfDisc,
  id: 'halfMoon',
  name: 'Half-moons',
  shortName: 'Half-moon',
  summary: 'discs folded in half over the filling',
  alsoCalled: 'Many places name them for the moon, the ear or the slipper.',
  dimensions: [{ key: 'sizeMm', label: 'Disc', minMm: 45, maxMm: 140 }],
  thicknessBandMm: [0.7, 0.9],
  usualDoseG: [2, 20],
  finishes: ['fork', 'press', 'pinch', 'cutter'],
  usesBlank: false,
  layers: { edge: 2 },
  areaFormula: 'π × (disc ÷ 2)², one layer before folding',
  lipFormula: DISC_LIP,
  folding: [
    'Cut discs shoulder to shoulder and set a mound on each, just off the middle.',
    'Damp half the rim and fold the other half over.',
    'Push the air out from the fold toward the arc, then press the arc shut.',
    'Press the rim thin with a fork or between finger and thumb.',
  ],
};

/** Folded triangles: squares folded corner to corner, left flat. */
export const foldedTriangle: ShapeFamily = {
  ...folded,
  ...triangleOfSquare,
  id: 'foldedTriangle',
  name: 'Folded triangles',
  shortName: 'Folded',
  summary: 'squares folded corner to corner, left flat',
  alsoCalled: 'Also called little bellies.',
  dimensions: [{ key: 'sizeMm', label: 'Square', minMm: 35, maxMm: 120 }],
  thicknessBandMm: [0.7, 0.9],
  usualDoseG: [1.5, 18],
  finishes: ['press', 'fork', 'pinch', 'wheel'],
  usesBlank: false,
  layers: { edge: 2 },
  areaFormula: 'side², one layer before folding',
  lipFormula: SQUARE_LIP,
  folding: [
    'Set a mound on each square, just off the middle toward one corner.',
    'Damp two sides and fold corner to corner.',
    'Push the air out from the top of the triangle down, then along both sides.',
    'Press both open sides thin.',
  ],
};

/** Bonnets: the folded triangle with two corners joined, plump. */
export const bonnet: ShapeFamily = {
  ...folded,
  ...triangleOfSquare,
  id: 'bonnet',
  name: 'Bonnets',
  shortName: 'Bonnet',
  summary: 'folded triangles with two corners joined, plump',
  alsoCalled: 'Between a folded triangle and tortelloni; some towns use either name.',
  dimensions: [{ key: 'sizeMm', label: 'Square', minMm: 40, maxMm: 110 }],
  thicknessBandMm: [0.7, 0.9],
  usualDoseG: [2, 16],
  finishes: ['press', 'pinch'],
  usesBlank: false,
  layers: { edge: 2, join: 4 },
  areaFormula: 'side², one layer before folding',
  lipFormula: SQUARE_LIP,
  folding: [
    'Set a mound on each square and fold corner to corner into a triangle, air out.',
    'Press both open sides thin.',
    'Stand it on its fold, bring the two long corners together in front.',
    'Press them into one another: four layers, pressed hard, or they stay raw.',
  ],
};
