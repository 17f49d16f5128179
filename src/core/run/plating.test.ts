import fc from 'fast-check';
import { planWith } from '../testing/plans';
import { plateLine, plateRounds } from './plating';

const plan = planWith({});
const state = (rounds: number[], { plated = 0, kept = false } = {}) => ({
  rounds: rounds.map((pieces) => ({ pieces, minutes: null })),
  ticked: new Set(Array.from({ length: plated }, (_, i) => `plate/${plateLine(i + 1)}`)),
  done: new Set(kept ? (['boil'] as const) : []),
});

describe('rounds from the pot to the plates', () => {
  it('a portion that a round leaves unfinished is filled by the next', () => {
    const seven = { batch: { ...plan.batch, piecesPerPortion: 7 } };
    const rounds = plateRounds(seven, state([20], { plated: 1 }), 50, 20);
    expect(rounds.map(({ pieces, plates }) => [pieces, plates])).toEqual([
      [20, 2],
      [20, 3],
      [10, 3],
    ]);
    expect(rounds.map(({ out, plated }) => [out, plated])).toEqual([
      [true, true],
      [false, false],
      [false, false],
    ]);
  });

  it('what is kept back for another day goes onto no plate', () => {
    expect(plateRounds(plan, state([12], { kept: true }), 60, 20)).toHaveLength(1);
    expect(plateRounds(plan, state([], { kept: true }), 60, 20)).toEqual([]);
  });

  it('plates all pieces, however they go through the pot', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: 6 }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 1, max: 80 }),
        fc.integer({ min: 1, max: 40 }),
        (out, more, perRound, each) => {
          const made = out.reduce((sum, n) => sum + n, 0) + more;
          const rounds = plateRounds(
            { batch: { ...plan.batch, piecesPerPortion: each } },
            state(out),
            made,
            perRound,
          );
          const sum = (key: 'pieces' | 'plates') =>
            rounds.reduce((total, round) => total + round[key], 0);
          expect(sum('pieces')).toBe(made);
          expect(sum('plates')).toBe(Math.ceil(made / each));
        },
      ),
    );
  });
});
