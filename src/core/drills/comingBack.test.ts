import { comingBack, dueBy } from './comingBack';
import type { DrillAnswer } from './skill';

let n = 0;
const answer = (day: number, right: boolean, more: Partial<DrillAnswer> = {}): DrillAnswer => ({
  id: `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`,
  kind: 'dose',
  seed: 7,
  given: 5,
  right,
  sure: null,
  at: new Date(Date.UTC(2026, 10, 1 + day, 9)).toISOString(),
  ...more,
});

const daysTo = (answers: readonly DrillAnswer[]): number => {
  const [first] = comingBack(answers);
  return Math.round((Date.parse(first!.dueAt) - Date.parse(answers.at(-1)!.at)) / 86_400_000);
};

describe('what comes back', () => {
  it('is what was missed, not what was right from the start', () => {
    expect(comingBack([answer(0, true)])).toEqual([]);
    expect(comingBack([answer(0, false)])).toMatchObject([{ kind: 'dose', seed: 7, missed: 1 }]);
  });

  it('a miss is back the next day, and each time it is right it stays away longer', () => {
    const answers = [answer(0, false)];
    const waits = [daysTo(answers)];
    for (let turn = 0; turn < 3; turn += 1) {
      const day = (Date.parse(answers.at(-1)!.at) - Date.UTC(2026, 10, 1, 9)) / 86_400_000;
      answers.push(answer(day + waits.at(-1)!, true));
      if (comingBack(answers).length === 0) break;
      waits.push(daysTo(answers));
    }
    expect(waits[0]).toBe(1);
    expect([...waits].sort((a, b) => a - b)).toEqual(waits);
    expect(new Set(waits).size).toBe(waits.length);
  });

  it('missed again, it is back sooner; a right guess counts for less than a sure one', () => {
    const twice = [answer(0, false), answer(1, true)];
    expect(daysTo([...twice, answer(4, false)])).toBeLessThan(daysTo([...twice, answer(4, true)]));
    expect(daysTo([answer(0, false), answer(1, true, { sure: 'guess' })])).toBeLessThan(
      daysTo([answer(0, false), answer(1, true, { sure: 'sure' })]),
    );
    expect(comingBack([...twice, answer(4, false)])[0]!.missed).toBe(2);
  });

  it('known well, it comes back no more', () => {
    const answers = [answer(0, false)];
    for (let turn = 0; turn < 12 && comingBack(answers).length > 0; turn += 1) {
      const day = (Date.parse(answers.at(-1)!.at) - Date.UTC(2026, 10, 1, 9)) / 86_400_000;
      answers.push(answer(day + daysTo(answers), true));
    }
    expect(comingBack(answers)).toEqual([]);
    expect(answers.length).toBeLessThan(10);
  });

  it('tells apart exercises by kind and seed, the first due first, and what is due by a moment', () => {
    const coming = comingBack([
      answer(0, false, { seed: 1 }),
      answer(2, false, { seed: 2 }),
      answer(3, false, { kind: 'light', seed: 1 }),
    ]);
    expect(coming.map(({ kind, seed }) => `${kind} ${seed}`)).toEqual([
      'dose 1',
      'dose 2',
      'light 1',
    ]);
    expect(dueBy(coming, '2026-11-03T10:00:00.000Z')).toHaveLength(1);
    expect(dueBy(coming, '2026-12-01T00:00:00.000Z')).toHaveLength(3);
  });
});
