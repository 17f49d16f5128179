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

/** A flat blank on the sheet: x along the sheet, y across it, from the middle of its box. */
export interface FlatBlank {
  readonly outline: Outline;
  readonly mound: Outline;
  /** Middle of the mound. */
  readonly moundAt: Point;
  /** Folds marked on the blank. */
  readonly folds: readonly (readonly [Point, Point])[];
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

/** The corners of a rectangle round the origin, or round a point. */
export const rectangle = (
  alongMm: number,
  acrossMm: number,
  [cx, cy]: Point = [0, 0],
): readonly Point[] => [
  [cx - alongMm / 2, cy - acrossMm / 2],
  [cx + alongMm / 2, cy - acrossMm / 2],
  [cx + alongMm / 2, cy + acrossMm / 2],
  [cx - alongMm / 2, cy + acrossMm / 2],
];

/** How deep a fluted edge is cut in, mm. Rule. */
export const FLUTE_DEPTH_MM = 1.5;
const FLUTE_MM = 5;

/** An outline as a fluted wheel or cutter leaves it: waves inward from the line. */
export function fluted(outline: Outline): Outline {
  const points = [...outline];
  const turn = Math.sign(signedArea(points)) || 1;
  const lengths = points.map((point, i) =>
    distance(point, points[(i + 1) % points.length] ?? point),
  );
  const round = lengths.reduce((sum, each) => sum + each, 0);
  const wave = round / Math.max(8, Math.round(round / FLUTE_MM));
  let done = 0;
  return points.flatMap((from, i) => {
    const to = points[(i + 1) % points.length] ?? from;
    const length = lengths[i] ?? 0;
    const steps = Math.max(1, Math.ceil(length / 1));
    const nx = (-turn * (to[1] - from[1])) / (length || 1);
    const ny = (turn * (to[0] - from[0])) / (length || 1);
    const start = done;
    done += length;
    return Array.from({ length: length > 0 ? steps : 0 }, (_, k): Point => {
      const share = k / steps;
      const phase = ((start + share * length) / wave) * 2 * Math.PI;
      const inward = (FLUTE_DEPTH_MM * (1 - Math.cos(phase))) / 2;
      return [
        from[0] + (to[0] - from[0]) * share + nx * inward,
        from[1] + (to[1] - from[1]) * share + ny * inward,
      ];
    });
  });
}

const distance = (a: Point, b: Point): number => Math.hypot(b[0] - a[0], b[1] - a[1]);

const signedArea = (points: readonly Point[]): number =>
  points.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length] ?? [x, y];
    return sum + x * nextY - nextX * y;
  }, 0) / 2;
