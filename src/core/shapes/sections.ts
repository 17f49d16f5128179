import { arc, capArc, type Outline, type PieceDrawing, type Point } from './drawing';
import { thicknessOverDome, type Mound } from './mound';

/** The sheet as a section is drawn with it. */
export interface SectionSheet {
  readonly thicknessMm: number;
  readonly pressedMm: number;
}

/** Where the foot of a dome comes down to the pressed edge, mm from the mound's rim. */
const shoulderOf = (lipMm: number): number => Math.max(0.5, Math.min(3, lipMm / 3));

/**
 * Section of a piece laid on the bench: a lower sheet, a capped mound, an upper sheet pressed down
 * round it. The edge lies `toRightMm` and `toLeftMm` from the mound's middle.
 */
export function cappedSection(
  mound: Mound,
  {
    toLeftMm,
    toRightMm,
    lipEndMm = toRightMm,
  }: {
    toLeftMm: number;
    toRightMm: number;
    /** Where the lip ends, when flutes or a crown are cut into the edge. */
    lipEndMm?: number;
  },
  { thicknessMm: t, pressedMm }: SectionSheet,
): PieceDrawing['section'] {
  const { radiusMm: r, heightMm: h } = mound;
  const overTop = thicknessOverDome(t, mound);
  const inner = capArc(0, 0, r, h);
  const dome = capArc(0, 0, r, h, overTop).filter(([, y]) => y > t);
  const edgeTop = pressedMm - t;
  const rim = dome[dome.length - 1]?.[0] ?? r;
  const outer: Point[] = [
    [-toLeftMm, edgeTop],
    [-Math.min(toLeftMm, rim + shoulderOf(toLeftMm - r)), edgeTop],
    ...dome,
    [Math.min(toRightMm, rim + shoulderOf(toRightMm - r)), edgeTop],
    [toRightMm, edgeTop],
  ];
  return {
    dough: [
      [
        [-toLeftMm, 0],
        [toRightMm, 0],
        [toRightMm, -t],
        [-toLeftMm, -t],
      ],
      [...outer, [toRightMm, 0], ...[...inner].reverse(), [-toLeftMm, 0]],
    ],
    filling: [...inner, [-r, 0]],
    lip: { fromX: r, toX: lipEndMm, y: edgeTop },
    mound: { fromX: -r, toX: r },
    piece: { fromX: -toLeftMm, toX: toRightMm },
    top: [0, h + overTop],
    bottomY: -t,
    cut: 'through the middle',
  };
}

/** A wrapped filling cut through: an ellipse, the fold behind it, the sealed edge in front. */
export interface WrappedCut {
  /** Half-axes of the filling in the cut, mm. */
  readonly halfMm: number;
  readonly halfHeightMm: number;
  /** From its middle back to the fold, and forward to the edge, mm. */
  readonly foldMm: number;
  readonly edgeMm: number;
  /** Dough over the top, mm. */
  readonly overMm: number;
  readonly cut: string;
}

/**
 * Section of a piece whose dough wraps its filling: the layer goes round it from the fold at the left and
 * meets itself in a flat lip at the right.
 */
export function wrappedSection(
  { halfMm: r, halfHeightMm: h, foldMm, edgeMm, overMm, cut }: WrappedCut,
  { thicknessMm: t, pressedMm }: SectionSheet,
): PieceDrawing['section'] {
  const fold = Math.max(foldMm, r);
  const flatFold = fold > r + t;
  const around = (sign: 1 | -1) =>
    arc([0, 0], r + t, h + overMm, Math.PI, 0)
      .map(([x, y]): Point => [x, sign * y])
      .filter(([x, y]) => Math.abs(y) > t || (x < 0 && !flatFold));
  const upper = around(1);
  const half = pressedMm / 2;
  const footX = Math.min(edgeMm, (upper[upper.length - 1]?.[0] ?? r) + shoulderOf(edgeMm - r));
  const back: Outline = flatFold
    ? [
        [-fold, -t],
        [-fold - t, 0],
        [-fold, t],
      ]
    : [];
  return {
    dough: [
      [
        ...back,
        ...upper,
        [footX, half],
        [edgeMm, half],
        [edgeMm, -half],
        [footX, -half],
        ...[...around(-1)].reverse(),
      ],
    ],
    filling: [...arc([0, 0], r, h, Math.PI, 0), ...arc([0, 0], r, h, 0, -Math.PI)],
    lip: { fromX: r, toX: edgeMm, y: half },
    mound: { fromX: -r, toX: r },
    piece: { fromX: -fold - t, toX: edgeMm },
    top: [0, h + overMm],
    bottomY: -(h + overMm),
    cut,
  };
}
