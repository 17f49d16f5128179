import fc from 'fast-check';
import type { Point } from '../shapes/drawing';
import { arrangementsOf, blanksIn, lengthOfStacks, stacksIn } from './arrangements';
import { TRIANGLE_HEIGHT, type Cut } from './cut';
import { doesNotFit } from './doesNotFit';
import { blanksInLength, layingOf, massOfLength, type Laying, type LayingInput } from './laying';
import { placesOf, type Place } from './places';
import { SHEET_WAYS } from './sheetWay';
import { gridLayout } from './squareLayout';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const anyCut: fc.Arbitrary<Cut> = fc.oneof(
  fc.record({
    kind: fc.constant('rect' as const),
    alongMm: mm(20, 120),
    acrossMm: mm(20, 120),
    turnable: fc.boolean(),
  }),
  fc.record({ kind: fc.constant('disc' as const), diameterMm: mm(25, 120) }),
  fc.record({ kind: fc.constant('triangle' as const), sideMm: mm(30, 140) }),
  fc.record({
    kind: fc.constant('block' as const),
    rows: fc.integer({ min: 1, max: 5 }),
    columns: fc.integer({ min: 1, max: 5 }),
    pitchMm: mm(20, 60),
    rimMm: mm(0, 10),
  }),
);

const input = (change: Partial<LayingInput>): LayingInput => ({
  cut: { kind: 'disc', diameterMm: 60 },
  way: 'single',
  widthMm: 145,
  longestMm: 900,
  thicknessMm: 0.8,
  gapMm: 0,
  endMm: 0,
  pieceAreaMm2: 1,
  ...change,
});

const anyLaying = fc
  .record({
    cut: anyCut,
    way: fc.constantFrom(...SHEET_WAYS),
    widthMm: mm(60, 400),
    longestMm: mm(150, 1500),
    gapMm: mm(0, 12),
    endMm: mm(0, 30),
  })
  .map((given) => layingOf(input(given)));

/** Corners of a blank as it lies; discs are told by their radius instead. */
function corners({ cut }: Laying, { x, y, turn }: Place): Point[] {
  const turned = (points: Point[]): Point[] => {
    const a = (turn * Math.PI) / 180;
    return points.map(([px, py]) => [
      x + px * Math.cos(a) - py * Math.sin(a),
      y + px * Math.sin(a) + py * Math.cos(a),
    ]);
  };
  const box = (along: number, across: number): Point[] =>
    turned([
      [-along / 2, -across / 2],
      [along / 2, -across / 2],
      [along / 2, across / 2],
      [-along / 2, across / 2],
    ]);
  switch (cut.kind) {
    case 'rect':
      return box(cut.alongMm, cut.acrossMm);
    case 'block':
      return box(cut.pitchMm, cut.pitchMm);
    case 'triangle': {
      const h = cut.sideMm * TRIANGLE_HEIGHT;
      return turned([
        [-cut.sideMm / 2, -h / 3],
        [cut.sideMm / 2, -h / 3],
        [0, (2 * h) / 3],
      ]);
    }
    case 'disc':
      return Array.from({ length: 4 }, (_, i): Point => {
        const a = (i * Math.PI) / 2;
        return [x + (cut.diameterMm / 2) * Math.cos(a), y + (cut.diameterMm / 2) * Math.sin(a)];
      });
  }
}

/** Least distance between two convex outlines along any of their edges' normals; negative when they overlap. */
function apart(a: readonly Point[], b: readonly Point[]): number {
  let most = -Infinity;
  for (const outline of [a, b]) {
    outline.forEach(([x, y], i) => {
      const [nextX, nextY] = outline[(i + 1) % outline.length]!;
      const length = Math.hypot(nextX - x, nextY - y);
      const [nx, ny] = [(nextY - y) / length, (x - nextX) / length];
      const along = (points: readonly Point[]) => points.map(([px, py]) => px * nx + py * ny);
      const [pa, pb] = [along(a), along(b)];
      most = Math.max(most, Math.min(...pb) - Math.max(...pa), Math.min(...pa) - Math.max(...pb));
    });
  }
  return most;
}

describe('layouts of random sizes', () => {
  it('never leave the part of the sheet they lie on', () => {
    fc.assert(
      fc.property(anyLaying, (laying) => {
        const nearEnd =
          laying.way === 'book' ? laying.lengthMm / 2 : laying.lengthMm - laying.endMm;
        for (const place of placesOf(laying)) {
          for (const [x, y] of corners(laying, place)) {
            expect(x).toBeGreaterThan(laying.endMm - 1e-6);
            expect(x).toBeLessThan(nearEnd + 1e-6);
            expect(y).toBeGreaterThan(-1e-6);
            expect(y).toBeLessThan(laying.field.widthMm + 1e-6);
          }
        }
      }),
      { numRuns: 200 },
    );
  });

  it('never overlap and keep their gap', () => {
    fc.assert(
      fc.property(anyLaying, (laying) => {
        const places = placesOf(laying).slice(0, 60);
        const { cut } = laying;
        // Pockets of one mould share a ridge: only blanks cut apart keep a gap.
        const gapMm = cut.kind === 'block' ? 0 : laying.gapMm;
        places.forEach((a, i) =>
          places.slice(i + 1).forEach((b) => {
            const distance =
              cut.kind === 'disc'
                ? Math.hypot(a.x - b.x, a.y - b.y) - cut.diameterMm
                : apart(corners(laying, a), corners(laying, b));
            expect(distance).toBeGreaterThan(gapMm - 1e-6);
          }),
        );
      }),
      { numRuns: 150 },
    );
  });

  it('count what they place, and never lay more than the sheet has', () => {
    fc.assert(
      fc.property(anyLaying, (laying) => {
        const each = laying.way === 'cutBlanks' ? 2 : 1;
        expect(placesOf(laying)).toHaveLength(laying.pieces * each);
        expect(laying.lengthMm).toBeLessThan(laying.longestMm + 1e-6);
        expect(blanksInLength(laying, laying.lengthMm + 1e-9)).toBe(laying.pieces * each);
      }),
    );
  });

  it('match or beat a straight grid', () => {
    fc.assert(
      fc.property(
        anyCut,
        mm(60, 400),
        mm(150, 1500),
        mm(0, 12),
        (cut, widthMm, lengthMm, gapMm) => {
          const laying = layingOf(input({ cut, widthMm, longestMm: lengthMm, gapMm }));
          const box =
            cut.kind === 'rect'
              ? cut
              : cut.kind === 'disc'
                ? { alongMm: cut.diameterMm, acrossMm: cut.diameterMm }
                : cut.kind === 'triangle'
                  ? { alongMm: cut.sideMm, acrossMm: cut.sideMm * TRIANGLE_HEIGHT }
                  : {
                      alongMm: cut.columns * cut.pitchMm + 2 * cut.rimMm,
                      acrossMm: cut.rows * cut.pitchMm + 2 * cut.rimMm,
                    };
          const grid = gridLayout({ lengthMm, widthMm, ...box, gapMm }).count;
          const perBox = cut.kind === 'block' ? cut.rows * cut.columns : 1;
          expect(laying.pieces).toBeGreaterThanOrEqual(grid * perBox);
        },
      ),
    );
  });

  it('lose nothing on a longer sheet', () => {
    fc.assert(
      fc.property(anyLaying, mm(0, 300), (laying, more) => {
        const longer = layingOf({ ...laying, longestMm: laying.longestMm + more });
        expect(longer.pieces).toBeGreaterThanOrEqual(laying.pieces);
      }),
    );
  });
});

describe('known layouts', () => {
  const discs = (change: Partial<LayingInput>) => layingOf(input(change));

  it('sets 28 discs of 60 mm, 4 mm apart, on 145 × 900 mm', () => {
    expect(discs({ gapMm: 4 }).pieces).toBe(28);
  });

  it('spreads offset rows over the width where that gives more than nesting or a grid', () => {
    const laying = discs({ cut: { kind: 'disc', diameterMm: 90 }, longestMm: 900 });
    // One disc a row, zigzag: rows stand √(90² − 55²) mm apart.
    expect(laying.arrangement?.id).toBe('offset');
    expect(laying.arrangement?.stepMm).toBeCloseTo(Math.sqrt(90 ** 2 - 55 ** 2), 9);
    expect(laying.pieces).toBe(1 + Math.floor((900 - 90) / Math.sqrt(90 ** 2 - 55 ** 2)));
  });

  it('sets triangles point up and point down in turn', () => {
    const laying = layingOf(
      input({ cut: { kind: 'triangle', sideMm: 80 }, widthMm: 70, longestMm: 400 }),
    );
    expect(laying.pieces).toBe(9);
    expect(placesOf(laying).map(({ turn }) => turn)).toEqual([0, 180, 0, 180, 0, 180, 0, 180, 0]);
  });

  it('lays a book on its near half, with no end lost at the crease', () => {
    const laying = layingOf(
      input({
        cut: { kind: 'rect', alongMm: 55, acrossMm: 55, turnable: false },
        way: 'book',
        widthMm: 114,
        longestMm: 900,
        endMm: 5,
        pieceAreaMm2: 2 * 55 ** 2,
      }),
    );
    expect(laying.pieces).toBe(16);
    expect(laying.lengthMm).toBeCloseTo(2 * (8 * 55 + 5), 9);
    expect(laying.share).toBeCloseTo((16 * 2 * 55 ** 2) / (114 * 890), 9);
  });

  it('counts two sheets in register as two, and pairs of cut blanks as one', () => {
    const square = { kind: 'rect', alongMm: 50, acrossMm: 50, turnable: false } as const;
    const two = layingOf(input({ cut: square, way: 'two', widthMm: 100, longestMm: 500 }));
    expect(two).toMatchObject({ pieces: 20, sheets: 2 });
    expect(two.massG).toBeCloseTo(2 * 1.2e-3 * 100 * 500 * 0.8, 9);
    const cut = layingOf(input({ cut: square, way: 'cutBlanks', widthMm: 100, longestMm: 500 }));
    expect(cut).toMatchObject({ pieces: 10, sheets: 1 });
    const long = layingOf(input({ cut: square, way: 'foldLong', widthMm: 100, longestMm: 500 }));
    expect(long.pieces).toBe(10);
  });

  it('weighs its sheet by the mass balance', () => {
    expect(massOfLength(input({ widthMm: 140 }), 930)).toBeCloseTo(124.99, 2);
  });

  it('drops a last stack that would hold nothing', () => {
    const [, along] = arrangementsOf({ kind: 'disc', diameterMm: 60 }, 70, 0);
    expect(along?.odd).toHaveLength(0);
    expect(blanksIn(along!, stacksIn(along!, 210))).toBe(3);
    expect(lengthOfStacks(along!, stacksIn(along!, 210))).toBe(180);
  });
});

describe('what does not fit', () => {
  it('says how wide a blank or a mould is, and what would fit', () => {
    const wide = layingOf(input({ cut: { kind: 'disc', diameterMm: 150 } }));
    expect(doesNotFit(wide)).toEqual({
      which: 'across',
      what: 'blank',
      needsMm: 150,
      hasMm: 145,
      largestMm: 145,
    });
    const mould = layingOf(
      input({ cut: { kind: 'block', rows: 4, columns: 6, pitchMm: 40, rimMm: 6 } }),
    );
    expect(doesNotFit(mould)).toMatchObject({ what: 'mould', needsMm: 172, hasMm: 145 });
    expect(doesNotFit(layingOf(input({})))).toBeNull();
  });

  it('takes a mould the other way round when only that fits', () => {
    const turned = layingOf(
      input({ cut: { kind: 'block', rows: 6, columns: 3, pitchMm: 40, rimMm: 6 } }),
    );
    expect(turned.arrangement?.id).toBe('blocksTurned');
    expect(doesNotFit(turned)).toBeNull();
  });

  it('asks for a longer sheet when the bench is too short for one blank', () => {
    const short = layingOf(
      input({
        cut: { kind: 'rect', alongMm: 100, acrossMm: 60, turnable: false },
        way: 'book',
        longestMm: 180,
        endMm: 5,
      }),
    );
    expect(doesNotFit(short)).toMatchObject({ which: 'along', needsMm: 210, hasMm: 180 });
  });
});
