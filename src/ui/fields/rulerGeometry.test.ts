import fc from 'fast-check';
import { placedLabels, ticks, widened } from './rulerGeometry';

describe('a ruler', () => {
  it('reaches to where its value stands, its ends on the grid', () => {
    expect(widened([3, 12], 9, 0.5)).toEqual([3, 12]);
    expect(widened([3, 12], 22.2, 0.5)).toEqual([3, 22.5]);
    expect(widened([3, 12], 0.3, 0.5)).toEqual([0, 12]);
  });

  it('has at most some fifteen ticks, evenly apart', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0.5, max: 400, noNaN: true }),
        (from, span) => {
          const at = ticks(from, from + span);
          expect(at.length).toBeLessThanOrEqual(16);
          expect(at.every((each) => each >= from - 1e-6 && each <= from + span + 1e-6)).toBe(true);
        },
      ),
    );
  });

  it('shows no two labels on one another', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 60, noNaN: true }), { maxLength: 12 }),
        (places) => {
          const shown = placedLabels(
            places.map((at) => ({ at, label: '55 mm' })),
            0,
            60,
          ).filter(({ show }) => show);
          for (const [i, each] of shown.entries()) {
            const next = shown[i + 1];
            if (next && each.anchor === 'middle' && next.anchor === 'middle') {
              expect(((next.at - each.at) * 250) / 60).toBeGreaterThanOrEqual(33);
            }
          }
        },
      ),
    );
  });
});
