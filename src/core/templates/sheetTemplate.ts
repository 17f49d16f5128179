import type { FlatBlank } from '../shapes/drawing';
import type { Laying } from '../layout/laying';
import { placesOf } from '../layout/places';
import { PAPERS, type Mark, type PaperId, type TemplatePage } from './page';
import { rulerMarks } from './ruler';

/** Printers leave so much bare at every edge, mm. */
const MARGIN_MM = 10;
/** Room under the drawing for the ruler and the words, mm. */
const FOOT_MM = 16;

/**
 * The rolled sheet at true size, its blanks, mounds and cut lines, in mm from its upper left corner.
 * @example sheetMarks(laying, blank)[0] // the sheet's own outline
 */
export function sheetMarks(laying: Laying, blank: FlatBlank): Mark[] {
  const { lengthMm: w, widthMm: h, way } = laying;
  const marks: Mark[] = [
    {
      kind: 'outline',
      points: [
        [0, 0],
        [w, 0],
        [w, h],
        [0, h],
      ],
      line: 'sheet',
    },
  ];
  if (way === 'book')
    marks.push({ kind: 'line', from: [w / 2, 0], to: [w / 2, h], line: 'crease' });
  if (way === 'foldLong') {
    marks.push({ kind: 'line', from: [0, h / 2], to: [w, h / 2], line: 'crease' });
  }
  for (const { x, y, turn } of placesOf(laying)) {
    const a = (turn * Math.PI) / 180;
    const at = ([px, py]: readonly [number, number]): readonly [number, number] => [
      x + px * Math.cos(a) - py * Math.sin(a),
      h - (y + px * Math.sin(a) + py * Math.cos(a)),
    ];
    marks.push({ kind: 'outline', points: blank.outline.map(at), line: 'cut' });
    marks.push({ kind: 'outline', points: blank.mound.map(at), line: 'mound', fill: '#e8e3d2' });
    const [mx, my] = at(blank.moundAt);
    marks.push({ kind: 'line', from: [mx - 2, my], to: [mx + 2, my], line: 'mound' });
    marks.push({ kind: 'line', from: [mx, my - 2], to: [mx, my + 2], line: 'mound' });
  }
  return marks;
}

/** Moves a mark. */
export function moved(mark: Mark, dx: number, dy: number): Mark {
  switch (mark.kind) {
    case 'outline':
      return { ...mark, points: mark.points.map(([x, y]) => [x + dx, y + dy]) };
    case 'line':
      return {
        ...mark,
        from: [mark.from[0] + dx, mark.from[1] + dy],
        to: [mark.to[0] + dx, mark.to[1] + dy],
      };
    default:
      return { ...mark, x: mark.x + dx, y: mark.y + dy };
  }
}

/**
 * The sheet tiled over pages of paper at true size, each with a ruler to check it by. The paper is
 * turned whichever way takes fewer pages.
 * @param title the plan's name, printed on every page
 */
export function sheetPages(
  laying: Laying,
  blank: FlatBlank,
  { paper, title }: { paper: PaperId; title: string },
): TemplatePage[] {
  const { widthMm: short, heightMm: long } = PAPERS[paper];
  const ways = [
    { w: short, h: long },
    { w: long, h: short },
  ].map(({ w, h }) => {
    const roomW = w - 2 * MARGIN_MM;
    const roomH = h - 2 * MARGIN_MM - FOOT_MM;
    const columns = Math.ceil(laying.lengthMm / roomW - 1e-9);
    const rows = Math.ceil(laying.widthMm / roomH - 1e-9);
    return { w, h, roomW, roomH, columns, rows };
  });
  const best = ways.reduce((a, b) => (b.columns * b.rows < a.columns * a.rows ? b : a));
  const drawing = sheetMarks(laying, blank);
  const { w, h, roomW, roomH, columns, rows } = best;
  const tiles = Array.from({ length: columns * rows }, (_, i) => {
    const column = i % columns;
    const row = Math.floor(i / columns);
    const window = [
      MARGIN_MM,
      MARGIN_MM,
      Math.min(roomW, laying.lengthMm - column * roomW),
      Math.min(roomH, laying.widthMm - row * roomH),
    ] as const;
    const marks = drawing.map((mark) =>
      moved(mark, MARGIN_MM - column * roomW, MARGIN_MM - row * roomH),
    );
    return { column, row, window, marks: marks.filter((mark) => touches(mark, window)) };
  })
    // The bare end of a sheet, with nothing on it to cut or lay by, is no page.
    .filter(({ marks }) => marks.some((mark) => !('line' in mark) || mark.line !== 'sheet'));
  return tiles.map(({ column, row, window, marks }, i) => {
    const name =
      tiles.length === 1
        ? title
        : `${title}: page ${i + 1} of ${tiles.length}${rows > 1 ? `, row ${row + 1}` : ''}`;
    return {
      widthMm: w,
      heightMm: h,
      title: name,
      marks,
      window,
      frame: [
        ...joins(window, { right: column < columns - 1, below: row < rows - 1 }),
        ...rulerMarks(MARGIN_MM, h - MARGIN_MM - 4),
        {
          kind: 'text',
          x: MARGIN_MM + 108,
          y: h - MARGIN_MM - 6,
          text: name,
          sizeMm: 3.4,
          bold: true,
        },
        {
          kind: 'text',
          x: MARGIN_MM + 108,
          y: h - MARGIN_MM - 1.5,
          text: 'Print at 100 %. Trim at dotted lines and join.',
          sizeMm: 3,
        },
      ] satisfies Mark[],
    };
  });
}

/** Where the next page joins on. */
function joins(
  [x, y, w, h]: readonly [number, number, number, number],
  { right, below }: { right: boolean; below: boolean },
): Mark[] {
  return [
    ...(right
      ? [{ kind: 'line', from: [x + w, y - 4], to: [x + w, y + h + 4], line: 'join' } as const]
      : []),
    ...(below
      ? [{ kind: 'line', from: [x - 4, y + h], to: [x + w + 4, y + h], line: 'join' } as const]
      : []),
  ];
}

function touches(
  mark: Mark,
  [left, top, w, h]: readonly [number, number, number, number],
): boolean {
  const points =
    mark.kind === 'outline'
      ? mark.points
      : mark.kind === 'line'
        ? [mark.from, mark.to]
        : mark.kind === 'circle'
          ? ([
              [mark.x - mark.r, mark.y - mark.r],
              [mark.x + mark.r, mark.y + mark.r],
            ] as const)
          : ([[mark.x, mark.y]] as const);
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return (
    Math.max(...xs) >= left &&
    Math.min(...xs) <= left + w &&
    Math.max(...ys) >= top &&
    Math.min(...ys) <= top + h
  );
}
