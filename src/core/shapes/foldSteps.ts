import { arc, circle, rectangle, type Outline, type PieceDrawing, type Point } from './drawing';
import type { Laid, Mound } from './mound';
import type { Dimensions, ShapeFamily } from './shape';

/** One thing drawn in a step, in mm. */
export interface FoldMark {
  readonly kind: 'dough' | 'over' | 'filling' | 'damp' | 'cut' | 'fold';
  readonly outline: Outline;
  /** A line, not closed to its beginning. */
  readonly open?: boolean;
}

/** One step of folding: what is drawn, where the hand moves, and what is said. */
export interface FoldStep {
  readonly says: string;
  readonly marks: readonly FoldMark[];
  /** From where to where a hand moves. */
  readonly moves: readonly (readonly [Point, Point])[];
}

/** What is drawn of a step. */
type Drawn = Omit<FoldStep, 'says'>;

/**
 * A family's folding as drawn steps, from its own blank and mound, to scale.
 * @example foldSteps(ravioliSquare, size, mound).length // 4
 */
export function foldSteps(
  family: ShapeFamily,
  size: Dimensions,
  mound: Mound,
  laid: Laid = 'spooned',
): FoldStep[] {
  const drawn = drawingsOf(family, size, mound);
  const steps = family.folding.map((says, i) => ({
    says,
    ...(drawn[Math.min(i, drawn.length - 1)] ?? { marks: [], moves: [] }),
  }));
  if (laid !== 'ring' || !family.usesLaid) return steps;
  // Once the sheet lies over them, before anything is cut.
  return [...steps.slice(0, -1), gathered(steps[0]?.marks ?? []), ...steps.slice(-1)];
}

/** The order of folding in words, with the ring that gathers where it is used. */
export const foldingWords = (family: ShapeFamily, laid: Laid): readonly string[] =>
  laid === 'ring' && family.usesLaid
    ? [...family.folding.slice(0, -1), RING, ...family.folding.slice(-1)]
    : family.folding;

const RING = 'Press a dull ring down over each mound, on the sheet, to gather it tall.';

/** The covered sheet with a ring round each mound. */
function gathered(filled: readonly FoldMark[]): FoldStep {
  const rings = filled
    .filter(({ kind }) => kind === 'filling')
    .map(({ outline }): FoldMark => ({ kind: 'fold', outline: grown(outline, 1.2) }));
  const marks = filled.filter(({ kind }) => kind === 'dough' || kind === 'filling');
  return { says: RING, marks: [...marks, ...rings], moves: [] };
}

/** An outline so many times as large, round its own middle. */
function grown(outline: Outline, times: number): Outline {
  const middle = (at: 0 | 1) =>
    (Math.min(...outline.map((p) => p[at])) + Math.max(...outline.map((p) => p[at]))) / 2;
  const [cx, cy] = [middle(0), middle(1)];
  return outline.map(([x, y]) => [cx + (x - cx) * times, cy + (y - cy) * times]);
}

function drawingsOf(family: ShapeFamily, size: Dimensions, mound: Mound): Drawn[] {
  const cut = family.cut(size);
  if (cut.kind === 'block') return inMould(size, mound);
  if (family.id.startsWith('agnolotti')) return ofStrip(family, size, mound);
  if (family.sheetWays.includes('single')) return ofBlank(family, size, mound);
  return betweenSheets(family, size, mound);
}

const dough = (outline: Outline): FoldMark => ({ kind: 'dough', outline });
const over = (outline: Outline): FoldMark => ({ kind: 'over', outline });
const filling = (outline: Outline): FoldMark => ({ kind: 'filling', outline });
const damp = (outline: Outline): FoldMark => ({ kind: 'damp', outline });
const line = (kind: 'cut' | 'fold', from: Point, to: Point): FoldMark => ({
  kind,
  outline: [from, to],
  open: true,
});
const moved = (outline: Outline, dx: number, dy: number): Outline =>
  outline.map(([x, y]) => [x + dx, y + dy]);

/** Mounds between two sheets: mark and fill, damp, cover, cut. */
function betweenSheets(family: ShapeFamily, size: Dimensions, mound: Mound): Drawn[] {
  const { outline } = family.blank({ ...size, edge: 'plain' }, mound);
  const xs = outline.map(([x]) => x);
  const w = Math.max(...xs) - Math.min(...xs);
  const places = [-w, 0, w];
  const tall = Math.max(...outline.map(([, y]) => Math.abs(y))) * 2.3;
  const sheet = rectangle(3.4 * w, tall);
  const mounds = places.map((x) => filling(circle([x, 0], mound.radiusMm)));
  const marks = places.map((x): FoldMark => ({ kind: 'fold', outline: moved(outline, x, 0) }));
  const half: Outline = [
    [-1.7 * w, -tall / 2],
    [0.25 * w, -tall / 2],
    [0.05 * w, tall / 2],
    [-1.7 * w, tall / 2],
  ];
  return [
    { marks: [dough(sheet), ...marks, ...mounds], moves: [] },
    {
      marks: [dough(sheet), ...places.map((x) => damp(moved(outline, x, 0))), ...mounds],
      moves: [],
    },
    {
      marks: [dough(sheet), ...mounds, over(half)],
      moves: [
        [
          [-w, tall * 0.32],
          [0.9 * w, tall * 0.32],
        ],
      ],
    },
    {
      marks: [
        dough(sheet),
        ...mounds,
        ...places.map((x): FoldMark => ({ kind: 'cut', outline: moved(outline, x, 0) })),
      ],
      moves: [],
    },
  ];
}

/** A blank of one layer folded over: fill, fold, press, join. */
function ofBlank(family: ShapeFamily, size: Dimensions, mound: Mound): Drawn[] {
  const { outline, folds, mound: lump } = family.blank(size, mound);
  const [fold] = folds;
  const { above } = family.draw(size, mound, { thicknessMm: 0.8, pressedMm: 1.2 });
  const tall = Math.max(...above.outline.map(([, y]) => y));
  const wide = Math.max(...above.outline.map(([x]) => x));
  const folded = [dough(above.outline), filling(above.mound)];
  // A fold is shut as it is: only the open sides are damped.
  const rim: FoldMark = { kind: 'damp', outline: openSides(above), open: true };
  const disc = family.cut(size).kind === 'disc';
  const lift: readonly [Point, Point] = disc
    ? [
        [0, -size.sizeMm * 0.38],
        [0, size.sizeMm * 0.3],
      ]
    : [
        [size.sizeMm * 0.36, -size.sizeMm * 0.36],
        [-size.sizeMm * 0.25, size.sizeMm * 0.25],
      ];
  const opened: Drawn = {
    marks: [dough(outline), ...(fold ? [line('fold', ...fold)] : []), filling(lump)],
    moves: [],
  };
  const over: Drawn = { ...opened, moves: [lift] };
  const pressed: Drawn = {
    marks: [...folded, rim],
    moves: [
      [
        [0, mound.radiusMm],
        [0, tall * 0.92],
      ],
    ],
  };
  if (!family.layers.join) return [opened, over, pressed, { marks: [...folded, rim], moves: [] }];
  const joined: Drawn = {
    marks: folded,
    moves: [
      [
        [-wide * 0.92, tall * 0.04],
        [-wide * 0.12, -tall * 0.3],
      ],
      [
        [wide * 0.92, tall * 0.04],
        [wide * 0.12, -tall * 0.3],
      ],
    ],
  };
  return family.folding.length === 3 ? [opened, pressed, joined] : [opened, over, pressed, joined];
}

/** A folded outline from one end of its fold round to the other. */
function openSides({ outline, folds }: PieceDrawing['above']): Outline {
  const [fold] = folds;
  if (!fold) return outline;
  const [[x1, y1], [x2, y2]] = fold;
  const long = Math.hypot(x2 - x1, y2 - y1) || 1;
  const onFold = ([x, y]: Point) =>
    Math.abs((x2 - x1) * (y1 - y) - (x1 - x) * (y2 - y1)) / long < 0.05;
  const last = outline.findIndex(
    (point, i) => onFold(point) && onFold(outline[(i + 1) % outline.length] ?? point),
  );
  return last < 0 ? outline : [...outline.slice(last + 1), ...outline.slice(0, last + 1)];
}

/** A strip with a log or mounds along it: lay, fold, pinch or press, cut. */
function ofStrip(family: ShapeFamily, size: Dimensions, mound: Mound): Drawn[] {
  const { pitchMm, sizeMm } = size;
  const r = mound.radiusMm;
  const places = [-pitchMm, 0, pitchMm];
  const long = 3.4 * pitchMm;
  const { moundAt, folds } = family.blank(size, mound);
  const at = moundAt[1];
  const isLog = mound.form === 'log';
  const strip = rectangle(long, sizeMm);
  const laid: FoldMark[] = isLog
    ? [filling(rectangle(long * 0.96, 2 * r, [0, at]))]
    : places.map((x) => filling(circle([x, at], r)));
  const foldAt = folds[0]?.[0][1] ?? 0;
  const height = sizeMm / 2 - foldAt;
  const shut = rectangle(long, height);
  const inShut = isLog
    ? [filling(rectangle(long * 0.96, 2 * r, [0, height / 2 - r]))]
    : places.map((x) => filling(circle([x, height / 2 - r], r)));
  const pillows = places.map((x) =>
    filling(arc([x, height / 2 - r], pitchMm * 0.42, r, 0, 2 * Math.PI)),
  );
  const edges = [-1.5, -0.5, 0.5, 1.5].map((n) => n * pitchMm);
  return [
    { marks: [dough(strip), ...laid], moves: [] },
    {
      marks: [dough(strip), line('fold', [-long / 2, foldAt], [long / 2, foldAt]), ...laid],
      moves: [
        [
          [0, -sizeMm * 0.4],
          [0, sizeMm * 0.38],
        ],
      ],
    },
    {
      marks: [dough(shut), ...(isLog ? pillows : inShut)],
      moves: isLog
        ? edges.slice(1, 3).flatMap((x): (readonly [Point, Point])[] => [
            [
              [x - pitchMm * 0.3, -height * 0.1],
              [x - pitchMm * 0.06, -height * 0.1],
            ],
            [
              [x + pitchMm * 0.3, -height * 0.1],
              [x + pitchMm * 0.06, -height * 0.1],
            ],
          ])
        : [],
    },
    {
      marks: [
        dough(shut),
        ...(isLog ? pillows : inShut),
        line('cut', [-long / 2, -height / 2 + 3], [long / 2, -height / 2 + 3]),
        ...edges.map((x) => line('cut', [x, -height / 2], [x, height / 2])),
      ],
      moves: [],
    },
  ];
}

/** A mould: ease in, fill, cover, roll off. */
function inMould(size: Dimensions, mound: Mound): Drawn[] {
  const p = size.sizeMm;
  const places = [-p, 0, p].flatMap((x) => [-p / 2, p / 2].map((y): Point => [x, y]));
  const pocket = (at: Point, mm: number): Outline =>
    size.pocket === 'disc' ? circle(at, mm / 2) : rectangle(mm, mm, at);
  const frame = rectangle(3.3 * p, 2.3 * p);
  const sheet = dough(rectangle(3.5 * p, 2.5 * p));
  const pockets = places.map((at): FoldMark => ({
    kind: 'fold',
    outline: pocket(at, size.pocketMm),
  }));
  const filled = places.map((at) =>
    filling(pocket(at, Math.min(size.pocketMm, 2 * mound.radiusMm))),
  );
  const half: Outline = [
    [-1.75 * p, -1.25 * p],
    [0.3 * p, -1.25 * p],
    [0.1 * p, 1.25 * p],
    [-1.75 * p, 1.25 * p],
  ];
  return [
    { marks: [sheet, { kind: 'fold', outline: frame }, ...pockets], moves: [] },
    { marks: [sheet, ...filled], moves: [] },
    {
      marks: [sheet, ...filled, over(half)],
      moves: [
        [
          [-p, 0],
          [p, 0],
        ],
      ],
    },
    {
      marks: [
        sheet,
        ...filled,
        ...places.map((at): FoldMark => ({ kind: 'cut', outline: rectangle(p, p, at) })),
      ],
      moves: [],
    },
  ];
}
