import { arc, circle, rectangle, type Outline, type Point } from '../drawing';
import { HAND_FINISHES } from '../finish';
import { lumpMound, thicknessOverDome, type Mound } from '../mound';
import { wrappedSection, type SectionSheet } from '../sections';
import type { Dimensions, ShapeFamily } from '../shape';
import { wrap, type WrapOutline } from '../wrap';

type Geometry = Pick<ShapeFamily, 'flatAreaMm2' | 'lipMm' | 'draw' | 'cut' | 'blank'>;

/** What two foldings of a blank differ in. */
interface Folding {
  readonly cutWords: string;
  outline(size: Dimensions): WrapOutline;
  /** The folded outline from one end of the fold round to the other, at a depth. */
  edge(size: Dimensions, depthMm: number): Outline;
  /** The flat blank and its fold; the way from the fold to where the mound is set. */
  flat(size: Dimensions): {
    readonly outline: Outline;
    readonly fold: readonly [Point, Point];
    readonly way: Point;
  };
}

/** A blank folded over a lump that lies along its fold, which needs no lip. Law. */
const folding = ({
  cutWords,
  outline,
  edge,
  flat,
}: Folding): Omit<Geometry, 'flatAreaMm2' | 'cut'> => ({
  lipMm: (size, mound) => wrap(outline(size), mound).lipMm,
  draw: (size, mound, sheet: SectionSheet) => {
    const wrapped = wrap(outline(size), mound);
    const { touch, way, lipMm, depthMm } = wrapped;
    const [end, ...rest] = edge(size, Math.max(depthMm, 1));
    const other = rest[rest.length - 1];
    return {
      section: wrappedSection(
        {
          halfMm: wrapped.chordMm / 2,
          halfHeightMm: wrapped.halfHeightMm,
          foldMm: wrapped.toFoldMm - wrapped.chordMm / 2,
          edgeMm: wrapped.chordMm / 2 + lipMm,
          overMm: thicknessOverDome(sheet.thicknessMm, mound),
          cut: cutWords,
        },
        sheet,
      ),
      above: {
        outline: edge(size, Math.max(depthMm, 1)),
        mound: lumpOutline(mound),
        folds: end && other ? [[other, end]] : [],
        lip: [touch, [touch[0] + lipMm * way[0], touch[1] + lipMm * way[1]]],
      },
    };
  },
  blank: (size, mound) => {
    const { outline: blank, fold, way } = flat(size);
    const { radiusMm: b } = mound;
    // Beside the fold, half its depth away: what lies under it is wrapped round.
    const at: Point = [b * way[0], b * way[1]];
    const turned = ([x, y]: Point): Point => [x * way[1] + y * way[0], y * way[1] - x * way[0]];
    return {
      outline: blank,
      mound: lumpOutline(mound).map((point) => turned(point)),
      moundAt: at,
      folds: [fold],
    };
  },
});

/** The lump from above, lying along a fold on the x axis. */
const lumpOutline = ({ radiusMm, halfLengthMm }: Mound): Point[] =>
  arc([0, radiusMm], halfLengthMm, radiusMm, 0, 2 * Math.PI);

const DIAGONAL = Math.SQRT1_2;

/** A square folded corner to corner. */
const triangleOfSquare: Geometry = {
  ...folding({
    cutWords: 'from the fold, square to a sealed side',
    outline: ({ sizeMm }) => ({
      kind: 'triangle',
      halfFoldMm: sizeMm / Math.SQRT2,
      blankMm: sizeMm * Math.SQRT2,
    }),
    edge: ({ sizeMm }, depthMm) => [
      [sizeMm / Math.SQRT2, 0],
      [0, depthMm],
      [-sizeMm / Math.SQRT2, 0],
    ],
    flat: ({ sizeMm }) => ({
      outline: rectangle(sizeMm, sizeMm),
      fold: [
        [-sizeMm / 2, -sizeMm / 2],
        [sizeMm / 2, sizeMm / 2],
      ],
      way: [DIAGONAL, -DIAGONAL],
    }),
  }),
  flatAreaMm2: ({ sizeMm }) => sizeMm ** 2,
  cut: ({ sizeMm }) => ({ kind: 'rect', alongMm: sizeMm, acrossMm: sizeMm, turnable: false }),
};

/** A disc folded in half. */
const halfOfDisc: Geometry = {
  ...folding({
    cutWords: 'from the fold to the middle of the arc',
    outline: ({ sizeMm }) => ({ kind: 'halfDisc', halfFoldMm: sizeMm / 2, blankMm: sizeMm }),
    edge: ({ sizeMm }, depthMm) => arc([0, 0], sizeMm / 2, depthMm, 0, Math.PI),
    flat: ({ sizeMm }) => ({
      outline: circle([0, 0], sizeMm / 2),
      fold: [
        [-sizeMm / 2, 0],
        [sizeMm / 2, 0],
      ],
      way: [0, 1],
    }),
  }),
  flatAreaMm2: ({ sizeMm }) => Math.PI * (sizeMm / 2) ** 2,
  cut: ({ sizeMm }) => ({ kind: 'disc', diameterMm: sizeMm }),
};

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

const SQUARE_LIP =
  'least way from the wrapped lump to a sealed side of the folded square; what its girth leaves of the diagonal is its depth';
const DISC_LIP =
  'least way from the wrapped lump to the arc of the folded disc; what its girth leaves of the disc is its depth';

/** What every shape folded from one layer shares. */
const folded = {
  finishes: HAND_FINISHES,
  usesLaid: false,
  usesEdge: false,
  sheetWays: ['single'],
  mound: (from, _size, rules) => lumpMound(from, { joined: false }, rules),
} satisfies Partial<ShapeFamily>;

/** Those whose corners are drawn round a finger and joined. */
const joined = {
  ...folded,
  layers: { edge: 2, join: 4 },
  mound: (from, _size, rules) => lumpMound(from, { joined: true }, rules),
} satisfies Partial<ShapeFamily>;

/** Tortelloni: large squares or discs, folded, two corners drawn round and joined. */
export const tortelloni: ShapeFamily = {
  ...joined,
  ...ofEither,
  id: 'tortelloni',
  name: 'Tortelloni',
  shortName: 'Tortelloni',
  summary: 'large squares or discs folded, two corners joined',
  alsoCalled: 'Small ones for broth go by many names; here they are cappelletti.',
  dimensions: [{ key: 'sizeMm', label: 'Blank', minMm: 35, maxMm: 200, usualMm: 50 }],
  thicknessBandMm: [0.8, 1.0],
  usualDoseG: [4, 20],
  usesBlank: true,
  areaFormula: 'area of the blank, one layer before folding',
  lipFormula: `square: the ${SQUARE_LIP}; disc: the ${DISC_LIP}`,
  folding: [
    'Set the mound a little off the middle of the blank.',
    'Fold it over, corner to corner or edge to edge, air out from the fold upward.',
    'Press the open sides thin.',
    'Draw the two long corners round a finger and press them together.',
  ],
};

/** Cappelletti: the same in small, for broth. */
export const cappelletti: ShapeFamily = {
  ...joined,
  ...ofEither,
  id: 'cappelletti',
  name: 'Cappelletti',
  shortName: 'Cappelletti',
  summary: 'small squares or discs folded to little hats, for broth',
  alsoCalled: 'Named for its hat; the same fold has other names from town to town.',
  dimensions: [{ key: 'sizeMm', label: 'Blank', minMm: 25, maxMm: 100, usualMm: 30 }],
  thicknessBandMm: [0.6, 0.8],
  usualDoseG: [0.8, 6],
  usesBlank: true,
  areaFormula: 'area of the blank, one layer before folding',
  lipFormula: `square: the ${SQUARE_LIP}; disc: the ${DISC_LIP}`,
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
  dimensions: [{ key: 'sizeMm', label: 'Disc', minMm: 25, maxMm: 250, usualMm: 45 }],
  thicknessBandMm: [0.7, 0.9],
  usualDoseG: [2, 20],
  usesBlank: false,
  layers: { edge: 2 },
  areaFormula: 'π × (disc ÷ 2)², one layer before folding',
  lipFormula: `the ${DISC_LIP}`,
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
  dimensions: [{ key: 'sizeMm', label: 'Square', minMm: 20, maxMm: 250, usualMm: 35 }],
  thicknessBandMm: [0.7, 0.9],
  usualDoseG: [1.5, 18],
  usesBlank: false,
  layers: { edge: 2 },
  areaFormula: 'side², one layer before folding',
  lipFormula: `the ${SQUARE_LIP}`,
  folding: [
    'Set a mound on each square, just off the middle toward one corner.',
    'Damp two sides and fold corner to corner.',
    'Push the air out from the top of the triangle down, then along both sides.',
    'Press both open sides thin.',
  ],
};

/** Bonnets: the folded triangle with two corners joined, plump. */
export const bonnet: ShapeFamily = {
  ...joined,
  ...triangleOfSquare,
  id: 'bonnet',
  name: 'Bonnets',
  shortName: 'Bonnet',
  summary: 'folded triangles with two corners joined, plump',
  alsoCalled: 'Between a folded triangle and tortelloni; some towns use either name.',
  dimensions: [{ key: 'sizeMm', label: 'Square', minMm: 25, maxMm: 200, usualMm: 40 }],
  thicknessBandMm: [0.7, 0.9],
  usualDoseG: [2, 16],
  usesBlank: false,
  areaFormula: 'side², one layer before folding',
  lipFormula: `the ${SQUARE_LIP}`,
  folding: [
    'Set a mound on each square and fold corner to corner into a triangle, air out.',
    'Press both open sides thin.',
    'Stand it on its fold, bring the two long corners together in front.',
    'Press them into one another: four layers, pressed hard, or they stay raw.',
  ],
};
