import fc from 'fast-check';
import { GLOSSARY, GLOSSARY_IDS } from '../glossary';
import { genericRollers } from '../sheet/genericRollers';
import { capVolume } from '../shapes/cap';
import { clock, DRILL_IDS, mark, near, type DrillId } from './drill';
import { anotherDrill, drill, DRILLS, GENERIC_GEAR, MOST_SEED } from './drills';
import { firstSheet } from './firstSheet';
import { throughSheet } from './light';
import { inMetric } from '../testing/inMetric';

const SEEDS = Array.from({ length: 40 }, (_, i) => 1 + i * 7919);

const choicesOf = (kind: DrillId, seed: number): string[] => {
  const { asked } = drill(kind, seed);
  return asked.kind === 'choice' ? asked.choices.map(({ id }) => id) : [];
};

describe.each(DRILL_IDS)('the exercise %s', (kind) => {
  it('is the same for the same seed, and another for most others', () => {
    expect(drill(kind, 5)).toEqual(drill(kind, 5));
    const seen = new Set(SEEDS.map((seed) => drill(kind, seed).sees));
    expect(seen.size).toBeGreaterThan(SEEDS.length * 0.4);
  });

  it('never looks like the last one when another is asked for', () => {
    const last = drill(kind, 5);
    const looks = ({ sees, picture }: typeof last) => JSON.stringify([sees, picture]);
    const seeds = [5, 5, 5, 1, 2, 3, 4];
    const next = anotherDrill(last, () => seeds.shift()!);
    expect(next.kind).toBe(kind);
    expect(looks(next)).not.toBe(looks(last));
    expect(next).toEqual(drill(kind, next.seed));
    // A source of seeds that has only one cannot hang the page.
    expect(anotherDrill(last, () => 5)).toEqual(last);
  });

  it('can be solved: its own answer is marked right, and another wrong', () => {
    for (const seed of SEEDS) {
      const each = drill(kind, seed);
      if (typeof each.right === 'string') {
        expect(choicesOf(kind, seed)).toContain(each.right);
        expect(mark(each, each.right)).toEqual({ right: true, off: null });
        const other = choicesOf(kind, seed).find((id) => id !== each.right)!;
        expect(mark(each, other).right).toBe(false);
      } else {
        const { from, to, best } = each.right;
        expect(from).toBeLessThan(to);
        expect(mark(each, best)).toEqual({ right: true, off: 0 });
        expect(mark(each, to * 1.5 + 60).right).toBe(false);
        expect(mark(each, from / 2).right).toBe(false);
      }
    }
  });

  it('explains every word of the craft that it uses', () => {
    const { name, trains, words } = DRILLS[kind];
    const all = SEEDS.map((seed) => JSON.stringify(drill(kind, seed))).join(' ');
    const text = `${name} ${trains} ${all}`.toLowerCase();
    const used = GLOSSARY_IDS.filter((id) => {
      const [word] = GLOSSARY[id].word.toLowerCase().split(' of the ');
      return new RegExp(`\\b${word}s?\\b`).test(text);
    });
    expect(words).toEqual(expect.arrayContaining(used));
  });

  it('says in words what it shows, and how its answer comes', () => {
    for (const seed of SEEDS.slice(0, 10)) {
      const { sees, working, asks } = drill(kind, seed);
      expect(sees.length).toBeGreaterThan(50);
      expect(asks).toMatch(/[?.]$/);
      expect(working.length).toBeGreaterThanOrEqual(2);
      for (const line of [sees, ...working]) expect(line).not.toMatch(/NaN|Infinity|undefined/);
    }
  });

  it('takes any seed there is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: MOST_SEED }), (seed) => {
        expect(drill(kind, seed).seed).toBe(seed);
      }),
      { numRuns: 15 },
    );
  });

  it('asks for every answer it has, over many seeds', () => {
    const rights = new Set(
      Array.from({ length: 120 }, (_, seed) => drill(kind, seed).right).filter(
        (right) => typeof right === 'string',
      ),
    );
    const choices = choicesOf(kind, 1);
    expect([...rights].sort()).toEqual([...choices].sort());
  });
});

describe('what an exercise stands on', () => {
  it('a mound holds its dose', () => {
    for (const seed of SEEDS) {
      const { picture, right, sees } = drill('dose', seed);
      if (picture.kind !== 'mound' || typeof right === 'string') throw new Error('no mound');
      const density = Number(/weighs (\d\.\d\d) g/.exec(inMetric(sees))?.[1]);
      const ml = capVolume(picture.radiusMm, picture.heightMm) / 1000;
      expect(ml * density).toBeCloseTo(right.best, 1);
    }
  });

  it('the one that opens has the least lip for what it needs', () => {
    for (const seed of SEEDS) {
      const { working, right } = drill('opens', seed);
      const opening = working.filter((line) => line.endsWith('it opens.'));
      expect(opening).toHaveLength(1);
      expect(opening[0]!.startsWith(String(right))).toBe(true);
    }
  });

  it('less comes through a thicker sheet', () => {
    expect(throughSheet(0.6)).toBeGreaterThan(throughSheet(0.9));
    expect(throughSheet(0)).toBe(1);
  });

  it('a sheet’s thickness is told as the cook’s own dial', () => {
    const roller = genericRollers[1]!;
    const [line] = drill('light', 4, { roller }).working;
    expect(line).toContain(roller.name);
    const [, mm, label] = /It is ([\d.]+) mm: near dial (\S+) of/.exec(inMetric(line!))!;
    const step = roller.steps.find((each) => each.label === label)!;
    const nearest = Math.min(...roller.steps.map((each) => Math.abs(each.mm - Number(mm))));
    expect(Math.abs(step.mm - Number(mm))).toBeCloseTo(nearest, 9);
  });

  it('floating comes before it is done', () => {
    for (const seed of SEEDS) {
      const { picture, right } = drill('now', seed);
      if (picture.kind !== 'pot' || typeof right === 'string') throw new Error('no pot');
      expect(picture.floatS).toBeLessThan(right.best);
      expect(mark(drill('now', seed), picture.floatS * 0.9).right).toBe(false);
    }
  });

  it('marks a number by how far off it is', () => {
    expect(mark({ right: near(10, 0.2) }, 12)).toEqual({
      right: true,
      off: expect.closeTo(0.2, 9),
    });
    expect(mark({ right: near(10, 0.2) }, 12.1).right).toBe(false);
    expect(clock(95)).toBe('1:35');
    expect(Object.keys(DRILLS)).toEqual([...DRILL_IDS]);
  });
});

describe('the first sheet', () => {
  it('works with the figures it shows: count, weight of ten, what was planned', () => {
    for (let seed = 1; seed <= 60; seed += 1) {
      const { sees, working } = firstSheet.make(seed, GENERIC_GEAR);
      const [dough, dose, of, , count, ten] = inMetric(sees)
        .match(/\d+(\.\d+)?/g)!
        .slice(-6)
        .map(Number) as [number, number, number, number, number, number];
      // “…planned at 6.5 g of dough and 10 g…, 14 from this much dough at 0.83 mm. … gave 11; ten of them weigh …”
      const eachG = (dough * of) / count;
      const said = inMetric(working[1]!).match(/took (\d+(?:\.\d+)?) g/)![1];
      expect(Math.abs(Number(said) - eachG)).toBeLessThanOrEqual(0.06 * (of / count) + 0.06);
      const filling = Number(inMetric(working[2]!).match(/less the dough, (\d+(?:\.\d+)?) g/)![1]);
      // “ten of them”: the word is no figure, so ten is the weight.
      expect(Math.abs(filling - (ten / 10 - eachG))).toBeLessThanOrEqual(0.2);
      expect(dose).toBeGreaterThan(0);
    }
  });
});
