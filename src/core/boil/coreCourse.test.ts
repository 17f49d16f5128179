import { coreCourse } from './coreCourse';
import { coreFrozen } from './coreFrozen';
import { coreThawed } from './coreThawed';

const piece = { halfHeightMm: 7, shapeExponent: 0.6, fromC: 6, bathC: 98, targetC: 74 };
const frozen = { ...piece, fromC: -18 };

/** Temperature at a moment, between the points that are drawn. */
function at(points: readonly { minute: number; tempC: number }[], minute: number): number {
  const after = points.findIndex((each) => each.minute >= minute);
  const [a, b] = [points[after - 1]!, points[after]!];
  return a.tempC + ((b.tempC - a.tempC) * (minute - a.minute)) / (b.minute - a.minute);
}

describe('how the middle warms', () => {
  it('begins where the piece is, only climbs, and never passes the water', () => {
    for (const points of [coreCourse(piece, false, 8), coreCourse(frozen, true, 8)]) {
      for (let i = 1; i < points.length; i += 1) {
        expect(points[i]!.tempC).toBeGreaterThanOrEqual(points[i - 1]!.tempC - 1e-6);
        expect(points[i]!.tempC).toBeLessThan(98);
        expect(points[i]!.minute).toBeGreaterThan(points[i - 1]!.minute);
      }
    }
    expect(coreCourse(piece, false, 8)[0]).toEqual({ minute: 0, tempC: 6 });
    expect(coreCourse(piece, false, 8).at(-1)!.minute).toBe(8);
    expect(coreCourse(frozen, true, 8)[0]).toEqual({ minute: 0, tempC: -18 });
  });

  it('passes its target when the core time says so, fresh and frozen', () => {
    expect(at(coreCourse(piece, false, 8), coreThawed(piece)! / 60)).toBeCloseTo(74, 0);
    const end = coreCourse(frozen, true, 8).at(-1)!;
    expect(Math.abs(end.minute * 60 - coreFrozen(frozen)!)).toBeLessThan(5);
    expect(end.tempC).toBeGreaterThanOrEqual(73);
  });
});
