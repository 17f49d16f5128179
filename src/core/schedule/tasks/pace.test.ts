import { learntOf } from '../../testing/learntOf';
import type { Learnt } from '../../basis/learnt';
import { startingPantry } from '../../composition/pantry';
import { cookKey } from '../../calibrate/learntKeys';
import { paceOf } from './pace';
import { preparationTime, PREPARATION_TIMES } from './preparationTimes';

const maren = { id: 'maren', name: 'Maren', pace: 1.2 } as Parameters<typeof paceOf>[0];

const learnt = (key: string, value: number, change: Partial<Learnt> = {}) =>
  learntOf('pace', value, { key, ...change });
const own = (value: number, change: Partial<Learnt> = {}) =>
  learnt(cookKey('tortelloni', 'Maren'), value, change);

describe('how quick somebody is', () => {
  it('is as the day says where nobody timed it', () => {
    expect(paceOf(maren, 'tortelloni', [])).toEqual({ times: 1.2, sure: null });
    expect(paceOf(maren, 'ravioliSquare', [own(0.8)])).toEqual({ times: 1.2, sure: null });
    expect(paceOf(maren, 'tortelloni', [own(0.8, { held: true })]).sure).toBeNull();
  });

  it('is as the log knows it, with how sure that is', () => {
    const { times, sure } = paceOf(maren, 'tortelloni', [own(0.8)]);
    expect(times).toBe(0.8);
    expect(sure).toBeCloseTo(0.1, 9);
  });

  it('is to the usual of this kitchen, which the plan stands on already', () => {
    const all = learnt('tortelloni', 1.6);
    expect(paceOf(maren, 'tortelloni', [own(1.6), all]).times).toBe(1);
    expect(paceOf(maren, 'tortelloni', [own(0.8), all]).times).toBe(0.5);
  });

  it('is told no finer than cooks differ, and stays within what can be', () => {
    expect(paceOf(maren, 'tortelloni', [own(0.83)]).times).toBe(0.85);
    expect(paceOf(maren, 'tortelloni', [own(0.82)]).times).toBe(0.8);
    expect(paceOf(maren, 'tortelloni', [own(9)]).times).toBe(4);
    expect(paceOf(maren, 'tortelloni', [own(0.01)]).times).toBe(0.3);
  });
});

describe('how long a preparation takes', () => {
  const shipped = [...startingPantry.preparations.values()];

  it('is known of every one that is shipped and is more than leaving it be', () => {
    const known = new Set(shipped.map(({ id }) => id));
    expect(Object.keys(PREPARATION_TIMES).filter((id) => !known.has(id))).toEqual([]);
    for (const { id, hot } of shipped.filter(({ id }) => id in PREPARATION_TIMES)) {
      const { atMin, aloneMin, on } = PREPARATION_TIMES[id]!;
      expect(atMin).toBeGreaterThan(0);
      expect(aloneMin).toBeGreaterThanOrEqual(0);
      // What comes out hot was on something.
      if (hot) expect([id, on]).not.toEqual([id, null]);
    }
  });

  it('of one’s own goes by whether it comes out hot', () => {
    const mine = { ...shipped[0]!, id: 'mine' };
    expect(preparationTime({ ...mine, hot: true })).toEqual({
      atMin: 15,
      aloneMin: 0,
      on: 'burner',
    });
    expect(preparationTime({ ...mine, hot: false }).on).toBeNull();
  });
});
