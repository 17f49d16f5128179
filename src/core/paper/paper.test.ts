import fc from 'fast-check';
import { GENERIC_GEAR } from '../drills/drills';
import { genericRollers } from '../sheet/genericRollers';
import { comesTo } from './comesTo';
import { DECISION_IDS, type DecisionId } from './decision';
import { DECISIONS } from './decisions';
import { paperBatch } from './paperBatch';
import { endingOf, nextDecision, standingAfter, type Chosen } from './play';
import { QUIRK_IDS, QUIRKS, quirkOf, type QuirkId } from './quirks';
import { trulyMade } from './standing';
import { inMetric } from '../testing/inMetric';

const SEEDS = Array.from({ length: 24 }, (_, i) => 3 + i * 104_729);

/** How a careful cook decides who sees nothing odd. */
const CAREFUL = Object.fromEntries(
  DECISION_IDS.map((id) => [id, DECISIONS[id].careful]),
) as Required<Chosen>;

/** A kitchen as the seed makes it, with quirks of one’s own in place of its own. */
const kitchenWith = (seed: number, quirks: readonly QuirkId[]) =>
  paperBatch(seed, GENERIC_GEAR, quirks);

/** The best way of one decision, all others as chosen, and what it brings more. */
function costIn(seed: number, quirks: readonly QuirkId[], chosen: Chosen, id: DecisionId) {
  const batch = kitchenWith(seed, quirks);
  const plated = (way: string) => comesTo(standingAfter(batch, { ...chosen, [id]: way })).plated;
  const ways = Object.keys(DECISIONS[id].ways);
  const best = ways.reduce((so, way) => (plated(way) > plated(so) ? way : so));
  return { best, pieces: plated(best) - plated(chosen[id]!) };
}

describe('a batch on paper', () => {
  it('is the same for the same seed, and hides two or three things of different kinds', () => {
    expect(paperBatch(7)).toEqual(paperBatch(7));
    const seen = new Set<QuirkId>();
    for (const seed of SEEDS) {
      const { quirks } = paperBatch(seed);
      expect(quirks.length).toBeGreaterThanOrEqual(2);
      expect(quirks.length).toBeLessThanOrEqual(3);
      expect(new Set(quirks.map((id) => quirkOf(id).group)).size).toBe(quirks.length);
      quirks.forEach((id) => seen.add(id));
    }
    expect([...seen].sort()).toEqual([...QUIRK_IDS].sort());
  });

  it('is played again to the same end', () => {
    const chosen = { ...CAREFUL, roll: 'thinner', hold: 'bench' };
    const came = () => comesTo(standingAfter(paperBatch(11), chosen));
    expect(came()).toEqual(came());
  });

  it('asks every decision in the order of the work, in words, and then no more', () => {
    const batch = paperBatch(5);
    let chosen: Chosen = {};
    for (const [i, id] of DECISION_IDS.entries()) {
      const pending = nextDecision(batch, chosen)!;
      expect(pending).toMatchObject({ id, n: i + 1, of: DECISION_IDS.length });
      expect(pending.sees.length).toBeGreaterThan(50);
      expect(pending.sees).not.toMatch(/NaN|Infinity|undefined/);
      expect(Object.keys(DECISIONS[id].ways)).toContain(CAREFUL[id]);
      chosen = { ...chosen, [id]: CAREFUL[id] };
    }
    expect(nextDecision(batch, chosen)).toBeNull();
  });

  it('is made whole by a careful cook where nothing is hidden', () => {
    for (const seed of SEEDS.slice(0, 12)) {
      const came = comesTo(standingAfter(kitchenWith(seed, []), CAREFUL));
      expect(came.plated).toBeGreaterThanOrEqual(0.97 * came.wanted);
      expect(came.ruinedG).toBeLessThan(0.02 * came.made * 10);
    }
  });

  it('counts every piece once: plated, poor, spare or lost', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SEEDS),
        fc.record(
          Object.fromEntries(
            DECISION_IDS.map((id) => [id, fc.constantFrom(...Object.keys(DECISIONS[id].ways))]),
          ) as Record<DecisionId, fc.Arbitrary<string>>,
        ),
        (seed, chosen) => {
          const came = comesTo(standingAfter(paperBatch(seed), chosen));
          const lost = Object.values(came.lost).reduce((sum, n) => sum + n, 0);
          expect(came.plated + came.poor + came.spare + lost).toBe(came.made);
          expect(came.plated + came.poor).toBeLessThanOrEqual(came.wanted);
          for (const n of [came.plated, came.poor, came.spare]) expect(n).toBeGreaterThanOrEqual(0);
          for (const g of [came.leftDoughG, came.leftFillingG, came.ruinedG, came.spareG]) {
            expect(g).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: 30 },
    );
  });

  it('says what a decision cost, and never that a good one did', () => {
    const { costs, came, well } = endingOf(paperBatch(17), { ...CAREFUL, boil: 'hard' });
    for (const { way, best, alone, amongWell } of costs) {
      if (way === best) expect([alone.pieces, amongWell.pieces]).toEqual([0, 0]);
      expect(amongWell.pieces).toBeGreaterThanOrEqual(0);
    }
    expect(well.plated).toBeGreaterThanOrEqual(came.plated);
    expect(costs.find(({ id }) => id === 'boil')!.alone.pieces).toBeGreaterThan(5);
  });

  it('sees through a slip that hides another: two that each lose the whole batch both cost it', () => {
    const seed = SEEDS.find((each) => paperBatch(each).start.waitMin >= 300)!;
    const slips = { ...CAREFUL, close: 'fast', hold: 'bench' };
    const { came, costs, well } = endingOf(kitchenWith(seed, []), slips);
    expect(came.plated).toBe(0);
    expect(well.plated).toBeGreaterThan(0.97 * well.wanted);
    for (const id of ['close', 'hold'] as const) {
      expect(costs.find((cost) => cost.id === id)!.amongWell.pieces).toBeGreaterThan(
        0.5 * well.wanted,
      );
    }
  });

  it('refuses a way that its decision has not', () => {
    expect(() => nextDecision(paperBatch(1), { buy: 'juggle' })).toThrow(
      'buy must be one of: just, tenth, third',
    );
    expect(() => paperBatch(-1)).toThrow(/seed/);
  });

  it('is rolled on the cook’s own dial', () => {
    const roller = genericRollers[1]!;
    const batch = paperBatch(9, { roller });
    const { sees } = nextDecision(batch, {
      buy: 'just',
      mix: 'asIs',
      rest: 'long',
      filling: 'asIs',
    })!;
    expect(sees).toContain(roller.name);
    expect(roller.steps.map(({ label }) => label)).toContain(batch.start.label);
  });
});

describe('what a slip costs in it', () => {
  const SEED = 3;

  it.each<[string, readonly QuirkId[], Chosen, DecisionId, string]>([
    ['air left in', [], { close: 'fast' }, 'close', 'part'],
    ['lifted out as it floats', [], { boil: 'float' }, 'boil', 'bite'],
    ['a roller that leaves more', ['leavesMore'], { roll: 'thicker' }, 'roll', 'thinner'],
    ['a generous hand', ['heavyHand'], { dose: 'more' }, 'dose', 'less'],
  ])('%s', (_, quirks, slip, id, best) => {
    const cost = costIn(SEED, quirks, { ...CAREFUL, buy: 'just', ...slip }, id);
    expect(cost.pieces).toBeGreaterThan(3);
    expect([best, ...(id === 'close' ? ['whole'] : [])]).toContain(cost.best);
  });

  it('stood a night on the bench, everything is thrown away', () => {
    const seed = SEEDS.find((each) => paperBatch(each).start.waitMin >= 300)!;
    const { came, costs } = endingOf(kitchenWith(seed, []), { ...CAREFUL, hold: 'bench' });
    expect(came.plated).toBe(0);
    expect(came.lost.unsafe).toBe(came.made);
    expect(costs.find(({ id }) => id === 'hold')!.alone.pieces).toBeGreaterThan(0.9 * came.wanted);
  });

  it('frozen, they wait out a night', () => {
    const seed = SEEDS.find((each) => paperBatch(each).start.waitMin >= 1200)!;
    const came = comesTo(standingAfter(kitchenWith(seed, []), { ...CAREFUL, hold: 'freezer' }));
    expect(came.plated).toBeGreaterThan(0.97 * came.wanted);
  });

  it('what is hidden shows where it can be seen', () => {
    const seen = (quirk: QuirkId, id: DecisionId) => {
      const before = Object.fromEntries(
        DECISION_IDS.slice(0, DECISION_IDS.indexOf(id)).map((each) => [each, CAREFUL[each]]),
      );
      return [
        nextDecision(kitchenWith(SEED, [quirk]), before)!.sees,
        nextDecision(kitchenWith(SEED, []), before)!.sees,
      ];
    };
    for (const [quirk, id] of [
      ['smallEggs', 'mix'],
      ['leavesMore', 'roll'],
      ['leavesLess', 'roll'],
      ['heavyHand', 'dose'],
      ['lightHand', 'dose'],
      ['softCurd', 'filling'],
      ['dryAir', 'close'],
      ['warmRoom', 'hold'],
    ] as const) {
      const [with_, without] = seen(quirk, id);
      expect(with_).not.toBe(without);
    }
  });

  it('a fifth less or more filling is a fifth, and ten pieces weigh what ten pieces do', () => {
    const before = Object.fromEntries(
      DECISION_IDS.slice(0, DECISION_IDS.indexOf('dose')).map((each) => [each, CAREFUL[each]]),
    );
    const standing = standingAfter(kitchenWith(SEED, []), before);
    const doseOf = (way: 'less' | 'same' | 'more') =>
      DECISIONS.dose.ways[way]!.does(standing).plan.shape.doseG;
    expect(doseOf('less')).toBeCloseTo(doseOf('same') / 1.2, 9);
    expect(doseOf('more')).toBeCloseTo(doseOf('same') * 1.2, 9);
    const { sees } = nextDecision(kitchenWith(SEED, []), before)!;
    const [, all, dough] = /weigh (\d+) g, (\d+) g of it dough/.exec(inMetric(sees))!.map(Number);
    const made = trulyMade(standing);
    expect(all! - dough!).toBeGreaterThan(9.9 * doseOf('same') - 1);
    expect(all! - dough!).toBeLessThan(10.1 * doseOf('same') + 1);
    expect(dough).toBe(Math.round(10 * made.piece.made.doughG));
  });

  it('a damp day and big eggs make a wetter dough, a dry one and small eggs a drier', () => {
    const hydration = (quirk: QuirkId | null) =>
      trulyMade(kitchenWith(SEED, quirk ? [quirk] : []).start).dough.hydration;
    for (const quirk of ['dampDay', 'bigEggs'] as const) {
      expect(hydration(quirk)).toBeGreaterThan(hydration(null) + 0.015);
    }
    for (const quirk of ['dryAir', 'smallEggs'] as const) {
      expect(hydration(quirk)).toBeLessThan(hydration(null) - 0.015);
    }
    expect(QUIRKS.dampDay.group).toBe('air');
  });
});
