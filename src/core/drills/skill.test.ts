import { drillSet } from './drillSet';
import { skillOf, skillsOf, surenessOf, type DrillAnswer } from './skill';

const answers = (right: number, wrong: number, sure: DrillAnswer['sure'] = null): DrillAnswer[] =>
  Array.from({ length: right + wrong }, (_, i) => ({
    id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
    kind: 'dose',
    seed: i,
    given: 5,
    right: i < right,
    sure,
    at: '2026-11-20T10:00:00Z',
  }));

describe('skill', () => {
  it('knows nothing before the first answer', () => {
    expect(skillOf([])).toEqual({ answered: 0, right: 0, share: 0.5, low: 0, high: 1 });
  });

  it('agrees with Wilson’s range, and narrows as answers come', () => {
    // 8 of 10 at 90 %: by the closed form.
    const { low, high } = skillOf(answers(8, 2));
    expect(low).toBeCloseTo(0.5408, 3);
    expect(high).toBeCloseTo(0.9315, 3);
    const wider = skillOf(answers(4, 1));
    expect(wider.high - wider.low).toBeGreaterThan(high - low);
  });

  it('never leaves 0 to 1, and counts the latest alone', () => {
    expect(skillOf(answers(0, 3)).low).toBe(0);
    expect(skillOf(answers(3, 0)).high).toBe(1);
    expect(skillOf([...answers(0, 60), ...answers(40, 0)])).toMatchObject({
      answered: 40,
      right: 40,
    });
  });

  it('stands by kind', () => {
    const skills = skillsOf(answers(3, 1));
    expect(skills.dose.answered).toBe(4);
    expect(skills.light.answered).toBe(0);
  });

  it('sets how sure was said against how often it was right', () => {
    expect(surenessOf([...answers(2, 1, 'sure'), ...answers(1, 0, 'guess')])).toEqual([
      { sure: 'guess', said: 1, right: 1 },
      { sure: 'think', said: 0, right: 0 },
      { sure: 'sure', said: 3, right: 2 },
    ]);
  });
});

describe('a set for a class', () => {
  it('is the same for its number, and has every kind that paper can hold before any twice', () => {
    const kinds = drillSet(42, { count: 6 }).map(({ kind }) => kind);
    expect(new Set(kinds).size).toBe(6);
    expect(kinds).not.toContain('now');
    expect(drillSet(42)).toEqual(drillSet(42));
    expect(drillSet(42)).not.toEqual(drillSet(43));
    expect(drillSet(7, { count: 13 })).toHaveLength(13);
  });
});
