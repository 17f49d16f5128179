import { capArc, type Outline, type PieceDrawing, type Point } from './drawing';
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

/**
 * Section of a piece folded in the hand: a lens of filling, a fold at the left, a sealed edge at the
 * right, `edgeMm` from the mound's middle.
 */
export function foldedSection(
  mound: Mound,
  { foldMm, edgeMm, cut }: { foldMm: number; edgeMm: number; cut: string },
  { thicknessMm: t, pressedMm }: SectionSheet,
): PieceDrawing['section'] {
  const { radiusMm: r, heightMm: h } = mound;
  const over = thicknessOverDome(t, mound);
  const upperIn = capArc(0, 0, r, h);
  const lowerIn = capArc(0, 0, r, h, 0, -1);
  const upperOut = capArc(0, 0, r, h, over).filter(([, y]) => y > t);
  const lowerOut = capArc(0, 0, r, h, over, -1).filter(([, y]) => y < -t);
  const footX = Math.min(
    edgeMm,
    (upperOut[upperOut.length - 1]?.[0] ?? r) + shoulderOf(edgeMm - r),
  );
  const half = pressedMm / 2;
  const outside: Outline = [
    [-foldMm - t / 2, 0],
    [-foldMm, t],
    ...upperOut,
    [footX, half],
    [edgeMm, half],
    [edgeMm, -half],
    [footX, -half],
    ...[...lowerOut].reverse(),
    [-foldMm, -t],
  ];
  return {
    dough: [outside],
    filling: [...upperIn, ...[...lowerIn].reverse()],
    lip: { fromX: r, toX: edgeMm, y: half },
    mound: { fromX: -r, toX: r },
    piece: { fromX: -foldMm - t / 2, toX: edgeMm },
    top: [0, h + over],
    bottomY: -(h + over),
    cut,
  };
}
