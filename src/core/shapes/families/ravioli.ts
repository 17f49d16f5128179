import { TRIANGLE_HEIGHT } from '../../layout/cut';
import { circle, fluted, FLUTE_DEPTH_MM, rectangle, type Outline, type Point } from '../drawing';
import { HAND_FINISHES } from '../finish';
import { capMound, type Mound } from '../mound';
import { cappedSection } from '../sections';
import type { Dimensions, ShapeFamily } from '../shape';

/** What families of two layers laid on the bench differ in. */
type Own = Pick<
  ShapeFamily,
  | 'id'
  | 'name'
  | 'shortName'
  | 'summary'
  | 'alsoCalled'
  | 'dimensions'
  | 'areaFormula'
  | 'lipFormula'
  | 'cut'
> & {
  readonly usesEdge?: boolean;
  readonly cutting: string;
  /** Outline of the piece, round the middle of its mound. */
  outline(size: Dimensions): Outline;
  /** Area of that outline, mm². */
  outlineAreaMm2(size: Dimensions): number;
  /** From the mound's middle to the nearest edge, and to the far edge opposite. */
  nearMm(size: Dimensions): number;
  farMm?(size: Dimensions): number;
  /** What the edge's teeth take of the lip. */
  toothMm?(size: Dimensions): number;
};

const fluteOf = ({ edge }: Dimensions): number => (edge === 'fluted' ? FLUTE_DEPTH_MM : 0);

/** A family of two layers: mounds between two sheets, pressed round and cut to an outline. Law. */
function twoLayers(own: Own): ShapeFamily {
  const {
    outline,
    outlineAreaMm2,
    nearMm,
    farMm = nearMm,
    toothMm = fluteOf,
    cutting,
    ...rest
  } = own;
  const lipEnd = (size: Dimensions) => nearMm(size) - toothMm(size);
  return {
    finishes: HAND_FINISHES,
    usesEdge: true,
    ...rest,
    thicknessBandMm: [0.7, 0.9],
    usualDoseG: [2, 25],
    usesLaid: true,
    usesBlank: false,
    sheetWays: ['book', 'foldLong', 'two', 'cutBlanks'],
    layers: { edge: 2 },
    folding: [
      'Mark the pattern on the lower sheet and set a mound in the middle of each place.',
      'Damp the bare dough between the mounds.',
      'Lay the upper sheet from one end and press round each mound, air out first.',
      cutting,
    ],
    flatAreaMm2: (size) => 2 * outlineAreaMm2(size),
    mound: (from, _size, rules) => capMound(from, rules),
    lipMm: (size, mound) => lipEnd(size) - mound.radiusMm,
    draw: (size, mound, sheet) => ({
      section: cappedSection(
        mound,
        { toLeftMm: farMm(size), toRightMm: nearMm(size), lipEndMm: lipEnd(size) },
        sheet,
      ),
      above: {
        outline: edged(outline(size), size),
        mound: circle([0, 0], mound.radiusMm),
        folds: [],
        lip: lipLine(size, mound),
      },
    }),
    blank: (size, mound) => flat(edged(outline(size), size), [0, 0], mound),
  };
  function lipLine(size: Dimensions, { radiusMm }: Mound): readonly [Point, Point] {
    return [
      [0, -radiusMm],
      [0, -lipEnd(size)],
    ];
  }
}

const edged = (outline: Outline, { edge }: Dimensions): Outline =>
  edge === 'fluted' ? fluted(outline) : outline;

/** A blank with a round mound mark. */
const flat = (outline: Outline, moundAt: Point, { radiusMm }: Mound) => ({
  outline,
  mound: circle(moundAt, radiusMm),
  moundAt,
  folds: [],
});

/** Square ravioli: mounds on a grid between two sheets, cut square. */
export const ravioliSquare = twoLayers({
  id: 'ravioliSquare',
  name: 'Square ravioli',
  shortName: 'Square',
  summary: 'mounds between two sheets, cut square',
  dimensions: [{ key: 'sizeMm', label: 'Blank', minMm: 15, maxMm: 250, usualMm: 25 }],
  cutting: 'Cut square between the mounds and press every edge thin.',
  areaFormula: '2 layers × side²',
  lipFormula: 'side ÷ 2 − radius of the settled mound − flutes',
  outline: ({ sizeMm }) => rectangle(sizeMm, sizeMm),
  outlineAreaMm2: ({ sizeMm }) => sizeMm ** 2,
  nearMm: ({ sizeMm }) => sizeMm / 2,
  cut: ({ sizeMm }) => ({ kind: 'rect', alongMm: sizeMm, acrossMm: sizeMm, turnable: false }),
});

/** Round ravioli: cut from two sheets with a ring. */
export const ravioliRound = twoLayers({
  id: 'ravioliRound',
  name: 'Round ravioli',
  shortName: 'Round',
  summary: 'mounds between two sheets, cut round',
  dimensions: [{ key: 'sizeMm', label: 'Disc', minMm: 18, maxMm: 250, usualMm: 30 }],
  cutting: 'Cut round each mound with press, then twist, and press the edge thin.',
  areaFormula: '2 layers × π × (disc ÷ 2)²',
  lipFormula: 'disc ÷ 2 − radius of the settled mound − flutes',
  outline: ({ sizeMm }) => circle([0, 0], sizeMm / 2),
  outlineAreaMm2: ({ sizeMm }) => Math.PI * (sizeMm / 2) ** 2,
  nearMm: ({ sizeMm }) => sizeMm / 2,
  cut: ({ sizeMm }) => ({ kind: 'disc', diameterMm: sizeMm }),
});

/** Rectangular ravioli. */
export const ravioliRectangle = twoLayers({
  id: 'ravioliRectangle',
  name: 'Rectangular ravioli',
  shortName: 'Rectangle',
  summary: 'mounds between two sheets, cut to rectangles',
  dimensions: [
    { key: 'sizeMm', label: 'Long side', minMm: 18, maxMm: 300, usualMm: 30 },
    { key: 'acrossMm', label: 'Short side', minMm: 15, maxMm: 250, usualMm: 25 },
  ],
  cutting: 'Cut to rectangles between the mounds and press every edge thin.',
  areaFormula: '2 layers × long side × short side',
  lipFormula: 'the shorter side ÷ 2 − radius of the settled mound − flutes',
  outline: ({ sizeMm, acrossMm }) => rectangle(sizeMm, acrossMm),
  outlineAreaMm2: ({ sizeMm, acrossMm }) => sizeMm * acrossMm,
  nearMm: ({ sizeMm, acrossMm }) => Math.min(sizeMm, acrossMm) / 2,
  cut: ({ sizeMm, acrossMm }) => ({
    kind: 'rect',
    alongMm: sizeMm,
    acrossMm,
    turnable: true,
  }),
});

/** Triangular ravioli: equilateral, every other one upside down on the sheet. */
export const ravioliTriangle = twoLayers({
  id: 'ravioliTriangle',
  name: 'Triangular ravioli',
  shortName: 'Triangle',
  summary: 'mounds between two sheets, cut to triangles',
  dimensions: [{ key: 'sizeMm', label: 'Side', minMm: 25, maxMm: 300, usualMm: 40 }],
  cutting: 'Cut along the slants first, then across: point up and point down in turn.',
  areaFormula: '2 layers × √3 ÷ 4 × side²',
  lipFormula: 'side ÷ (2 √3) − radius of the settled mound − flutes',
  outline: ({ sizeMm }) => {
    const inner = (sizeMm * TRIANGLE_HEIGHT) / 3;
    return [
      [-sizeMm / 2, -inner],
      [sizeMm / 2, -inner],
      [0, 2 * inner],
    ];
  },
  outlineAreaMm2: ({ sizeMm }) => (sizeMm ** 2 * TRIANGLE_HEIGHT) / 2,
  nearMm: ({ sizeMm }) => (sizeMm * TRIANGLE_HEIGHT) / 3,
  farMm: ({ sizeMm }) => (2 * sizeMm * TRIANGLE_HEIGHT) / 3,
  cut: ({ sizeMm }) => ({ kind: 'triangle', sideMm: sizeMm }),
});

/** Depth of a stamp's crown edge, mm; the seal lies inside it. Rule. */
const CROWN_MM = 3;

const crowned = (diameterMm: number): Outline => {
  const teeth = Math.max(12, Math.round((Math.PI * diameterMm) / 8));
  return Array.from({ length: teeth * 2 }, (_, i): Point => {
    const a = (i / (teeth * 2)) * 2 * Math.PI;
    const r = diameterMm / 2 - (i % 2 ? CROWN_MM : 0);
    return [r * Math.cos(a), r * Math.sin(a)];
  });
};

/** Stamped round with a crown edge. */
export const stampedRound = twoLayers({
  id: 'stampedRound',
  name: 'Stamped round',
  shortName: 'Stamped',
  summary: 'mounds between two sheets, stamped with a crown edge',
  dimensions: [{ key: 'sizeMm', label: 'Stamp', minMm: 20, maxMm: 250, usualMm: 35 }],
  usesEdge: false,
  cutting: 'Set the stamp round each mound, press hard, then twist: it seals and cuts in one.',
  areaFormula: '2 layers × π × (stamp ÷ 2)²',
  lipFormula: 'stamp ÷ 2 − crown − radius of the settled mound',
  outline: ({ sizeMm }) => crowned(sizeMm),
  outlineAreaMm2: ({ sizeMm }) => Math.PI * (sizeMm / 2) ** 2,
  nearMm: ({ sizeMm }) => sizeMm / 2,
  toothMm: () => CROWN_MM,
  cut: ({ sizeMm }) => ({ kind: 'disc', diameterMm: sizeMm }),
});
