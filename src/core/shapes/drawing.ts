/** A point in mm; x to the right, y up. */
export type Point = readonly [x: number, y: number];

/** A closed outline in mm. */
export type Outline = readonly Point[];

/** A piece cut through and seen from above, in mm. The interface only scales it. */
export interface PieceDrawing {
  readonly section: {
    readonly dough: readonly Outline[];
    readonly filling: Outline;
    /** Where the lip is measured. */
    readonly lip: { readonly fromX: number; readonly toX: number; readonly y: number };
    readonly mound: { readonly fromX: number; readonly toX: number };
    readonly piece: { readonly fromX: number; readonly toX: number };
    /** Highest point of the outer dough. */
    readonly top: Point;
    readonly bottomY: number;
    /** Says where the cut runs. */
    readonly cut: string;
  };
  readonly above: {
    readonly outline: Outline;
    readonly mound: Outline;
    /** Edges that are folds, not seals. */
    readonly folds: readonly (readonly [Point, Point])[];
    readonly lip: readonly [Point, Point];
  };
}

/** A flat blank on the sheet. */
export interface FlatBlank {
  readonly alongMm: number;
  readonly acrossMm: number;
  /** Two sheets in register, or one. */
  readonly layers: 1 | 2;
  readonly moundAlongMm: number;
  readonly moundAcrossMm: number;
  /** Centre of the mound from the blank's centre, across the sheet, mm. */
  readonly moundOffsetMm: number;
  readonly roundMound: boolean;
}

const STEPS = 48;

/** Points of an arc of an ellipse round (cx, cy), angles in radians. */
export const arc = (
  [cx, cy]: Point,
  rx: number,
  ry: number,
  from: number,
  to: number,
  steps = STEPS,
): Point[] =>
  Array.from({ length: steps + 1 }, (_, i) => {
    const a = from + ((to - from) * i) / steps;
    return [cx + rx * Math.cos(a), cy + ry * Math.sin(a)] as const;
  });

/**
 * Points along the top of a spherical cap of radius r and height h, left to right, lifted by `lift`
 * along the normal. `sign` −1 domes downward.
 */
export function capArc(
  cx: number,
  baseY: number,
  r: number,
  h: number,
  lift = 0,
  sign: 1 | -1 = 1,
) {
  const sphere = (r * r + h * h) / (2 * h);
  const half =
    h <= r ? Math.asin(Math.min(1, r / sphere)) : Math.PI - Math.asin(Math.min(1, r / sphere));
  const centreY = baseY + sign * (h - sphere);
  return Array.from({ length: STEPS + 1 }, (_, i): Point => {
    const a = -half + (2 * half * i) / STEPS;
    return [cx + (sphere + lift) * Math.sin(a), centreY + sign * (sphere + lift) * Math.cos(a)];
  });
}

export const circle = (centre: Point, r: number): Point[] => arc(centre, r, r, 0, 2 * Math.PI);
