import { startingRules } from '../basis/rules';
import { HAND_FINISHES, neededLip, pressedEdge, type Finish } from './finish';

describe('an edge', () => {
  it.each<[Finish, lipMm: number, pressedMm: number]>([
    ['fork', 5.8, 1.04],
    ['wheel', 4.8, 1.2],
    ['cutter', 4.8, 1.44],
    ['press', 4.8, 1.44],
    ['pinch', 2.8, 0.96],
    ['mould', 2.5, 1.2],
  ])(
    'by %s needs its own width and a thickness of sheet, and is pressed to a share of two',
    (finish, lipMm, pressedMm) => {
      expect(neededLip(finish, 0.8, startingRules)).toBeCloseTo(lipMm, 9);
      expect(pressedEdge(finish, 0.8, startingRules)).toBeCloseTo(pressedMm, 9);
    },
  );

  it('of a mould is the ridge alone, whatever the sheet', () => {
    expect(neededLip('mould', 2, startingRules)).toBe(neededLip('mould', 0.5, startingRules));
    for (const finish of HAND_FINISHES) {
      expect(
        neededLip(finish, 1.3, startingRules) - neededLip(finish, 0.8, startingRules),
      ).toBeCloseTo(0.5, 9);
    }
  });

  it('is never pressed thicker than the two layers it is made of', () => {
    for (const finish of HAND_FINISHES) {
      expect(pressedEdge(finish, 0.8, startingRules)).toBeLessThan(1.6);
      expect(pressedEdge(finish, 0.8, startingRules)).toBeGreaterThan(0.8);
    }
  });
});
