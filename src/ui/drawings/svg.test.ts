import fc from 'fast-check';
import { centred, commonScale, grain, pathOf, place, roundScale } from './svg';

describe('place', () => {
  it('keeps true scale: a length in mm is the same length times the scale, turned or not', () => {
    const mm = fc.double({ min: -100, max: 100, noNaN: true });
    fc.assert(
      fc.property(
        mm,
        mm,
        mm,
        mm,
        fc.double({ min: 0.5, max: 16, noNaN: true }),
        (x1, y1, x2, y2, scale) => {
          const placing = { scale, x0: 31, y0: 77 };
          const [a, b] = [place(placing, [x1, y1]), place(placing, [x2, y2])];
          // To the hundredths that a drawing is rounded to.
          const off = Math.hypot(b[0] - a[0], b[1] - a[1]) - scale * Math.hypot(x2 - x1, y2 - y1);
          expect(Math.abs(off)).toBeLessThan(0.0142);
        },
      ),
    );
  });

  it('puts up upward', () => {
    expect(place({ scale: 2, x0: 0, y0: 50 }, [0, 10])[1]).toBe(30);
  });
});

describe('pathOf', () => {
  it('closes the outline', () => {
    expect(
      pathOf(
        [
          [0, 0],
          [1, 0],
          [1, 1],
        ],
        { scale: 10, x0: 0, y0: 20 },
      ),
    ).toBe('M0.00 20.00L10.00 20.00L10.00 10.00Z');
  });
});

describe('roundScale', () => {
  const size = fc.double({ min: 1, max: 400, noNaN: true });

  it('always fits the room', () => {
    fc.assert(
      fc.property(size, size, (width, height) => {
        const scale = roundScale(width, height, 480, 200);
        expect(width * scale).toBeLessThanOrEqual(480 + 1e-9);
        expect(height * scale).toBeLessThanOrEqual(200 + 1e-9);
      }),
    );
  });

  it('stays the same for a small change, so that the change shows', () => {
    expect(roundScale(55, 14, 470, 200)).toBe(roundScale(54.5, 14, 470, 200));
  });
});

describe('grain', () => {
  it('is the same every time, and inside its box', () => {
    expect(grain(40)).toEqual(grain(40));
    expect(grain(40).every(({ x, y }) => x >= 0 && x <= 1 && y >= 0 && y <= 1)).toBe(true);
  });
});

describe('centred', () => {
  it('puts an outline in the middle, inside its margin', () => {
    const outline = [
      [10, 20],
      [70, 20],
      [70, 50],
    ] as const;
    const at = centred(outline, { width: 200, height: 120, margin: 10 });
    const placed = outline.map((point) => place(at, point));
    const xs = placed.map(([x]) => x);
    const ys = placed.map(([, y]) => y);
    expect((Math.min(...xs) + Math.max(...xs)) / 2).toBeCloseTo(100, 6);
    expect((Math.min(...ys) + Math.max(...ys)) / 2).toBeCloseTo(60, 6);
    expect(Math.min(...xs)).toBeGreaterThanOrEqual(10);
    expect(Math.min(...ys)).toBeGreaterThanOrEqual(10);
  });
});

describe('commonScale', () => {
  const square = (side: number): [number, number][] => [
    [0, 0],
    [side, 0],
    [side, side],
    [0, side],
  ];
  const room = { width: 200, height: 120, margin: 10 };

  it('is the scale of the largest, at which the smaller fit too', () => {
    const [small, large] = [square(20), square(60)];
    const scale = commonScale([small, large], room);
    expect(scale).toBe(centred(large, room).scale);
    expect(scale).toBeLessThan(centred(small, room).scale);
    const at = centred(small, { ...room, most: scale });
    expect(at.scale).toBe(scale);
    // Still in the middle of its room.
    expect(place(at, [10, 10])).toEqual([100, 60]);
  });
});
