import { learntOf } from '../testing/learntOf';
import fc from 'fast-check';
import { startingBasis } from '../basis/basis';
import { evaluatePlan } from '../plan/evaluatePlan';
import { planWith } from '../testing/plans';
import { evidenceOf } from '../run/evidence';
import type { Happening } from '../run/events';
import { foldRun } from '../run/fold';
import { eventsFrom, KITCHEN_KINDS, kitchenCourse } from '../testing/kitchens';
import { workingsOf } from '../plan/workings';
import { QUANTITY_IDS, type Learnt } from '../basis/learnt';
import { learn, type Evidence } from './learn';
import { learntFileSchema } from './learntSchema';
import { lossMultiplier } from './lossMultiplier';
import { posterior } from './posterior';
import { QUANTITIES } from './quantities';
import { fromScale, toScale } from './scale';

const look = (value: number, sd = 1, day = 0) => ({ value, sd, day });

describe('posterior', () => {
  it('is the conjugate normal update', () => {
    const { mean, sd } = posterior({ mean: 2, sd: 0.5 }, [look(3), look(4)], { robust: false });
    // Precisions 4 + 1 + 1; means weighed by them.
    expect(mean).toBeCloseTo((4 * 2 + 3 + 4) / 6, 12);
    expect(sd).toBeCloseTo(1 / Math.sqrt(6), 12);
    expect(posterior({ mean: 2, sd: 0.5 }, [])).toMatchObject({ mean: 2, sd: 0.5 });
  });

  it('is wider where looks lie further apart than they were said to, and never narrower', () => {
    const of = (values: number[]) =>
      posterior(
        { mean: 0, sd: 1 },
        values.map((value) => look(value, 0.1)),
      ).sd;
    const even = of([0, 0.1, -0.1, 0.1, -0.1]);
    expect(of([0, 0.25, -0.25, 0.25, -0.25])).toBeGreaterThan(1.3 * even);
    expect(of([0, 0, 0, 0, 0])).toBeCloseTo(even, 2);
    // One slip among many widens little.
    expect(of([0, 0.1, -0.1, 0.1, -0.1, 0, 0.05, -0.05, 5])).toBeLessThan(1.9 * even);
  });

  it('follows a kitchen that drifts, and is less sure the longer nobody looked', () => {
    const drift = { batch: 0.01, month: 0.03 };
    const climbing = [0, 30, 60, 90, 120].map((day, i) => look(0.03 * i, 0.04, day));
    const still = posterior({ mean: 0, sd: 0.1 }, climbing, { robust: false });
    const follows = posterior({ mean: 0, sd: 0.1 }, climbing, { robust: false, drift });
    expect(follows.mean).toBeGreaterThan(still.mean + 0.01);
    const now = posterior({ mean: 0, sd: 0.1 }, climbing, { drift, today: 120 });
    const later = posterior({ mean: 0, sd: 0.1 }, climbing, { drift, today: 120 + 365 });
    expect(later.mean).toBe(now.mean);
    expect(later.sd ** 2 - now.sd ** 2).toBeCloseTo((0.03 ** 2 * 365) / 30.44, 9);
  });

  it('is the filter by hand: predict, then update', () => {
    const drift = { batch: 0.2, month: 0 };
    const { mean, sd } = posterior({ mean: 0, sd: 1 }, [look(1), look(2)], {
      drift,
      robust: false,
    });
    const first = { mean: 0.5, variance: 0.5 };
    const before = first.variance + 0.04;
    const gain = before / (before + 1);
    expect(mean).toBeCloseTo(first.mean + gain * (2 - first.mean), 12);
    expect(sd).toBeCloseTo(Math.sqrt((1 - gain) * before), 12);
  });

  it('says how far apart batches are, by what was seen, a quarter more than usual until then', () => {
    const apart = (values: number[]) =>
      posterior(
        { mean: 0, sd: 1 },
        values.map((value) => look(value, 0.1)),
      ).apart;
    expect(apart([])).toBeCloseTo(1.25, 12);
    // Nine looks one and a half of their deviations off, on three batches of the usual kind.
    const wide = Array.from({ length: 9 }, (_, i) => 0.15 * (-1) ** i);
    expect(apart(wide)).toBeCloseTo(Math.sqrt((3 * 1.25 ** 2 + 9 * 2.25) / 11), 1);
    expect(apart(wide.map((value) => value / 3))).toBeLessThan(0.85);
    // A slip counts as four deviations, however far it lies.
    expect(apart([...wide, 3])).toBeCloseTo(apart([...wide, 30]), 1);
  });

  it('is not swung by one slip of the pen', () => {
    const good = [0.9, 1, 1.1, 1, 0.95].map((value) => look(value, 0.1));
    const before = posterior({ mean: 0, sd: 1 }, good);
    const after = posterior({ mean: 0, sd: 1 }, [...good, look(10, 0.1)]);
    expect(Math.abs(after.mean - before.mean)).toBeLessThan(0.05);
  });

  it('lies between the prior and what was seen, and grows surer', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { maxLength: 12 }),
        (seen) => {
          const { mean, sd } = posterior(
            { mean: 0, sd: 1 },
            seen.map((value) => look(value)),
          );
          expect(mean).toBeGreaterThanOrEqual(Math.min(0, ...seen) - 1e-9);
          expect(mean).toBeLessThanOrEqual(Math.max(0, ...seen) + 1e-9);
          expect(sd).toBeLessThanOrEqual(1);
        },
      ),
    );
  });
});

it.each(['log', 'logit', 'plain'] as const)('%s comes back as it went', (scale) => {
  for (const value of [0.02, 0.5, 0.97]) {
    expect(fromScale(scale, toScale(scale, value))).toBeCloseTo(value, 12);
  }
});

describe('learn', () => {
  const seen = (evidence: Partial<Evidence>[], madeOn = '2026-10-01') =>
    evidence.map((each, i) => ({
      run: `r${i}`,
      madeOn,
      evidence: [
        { quantity: 'dosed', key: '', cook: 'Runa', value: 1.1, sd: 0, ...each } as Evidence,
      ],
    }));

  it('takes cooks together for plans, and each alone for the logbook', () => {
    const learnt = learn(seen([{}, {}, { cook: 'Oddvar', value: 0.9 }]), { today: '2026-10-02' });
    expect(learnt.map(({ key, runs }) => [key, runs])).toEqual([
      ['', 3],
      ['Oddvar', 1],
      ['Runa', 2],
    ]);
    const [all, oddvar, runa] = learnt as [Learnt, Learnt, Learnt];
    expect(oddvar.value).toBeLessThan(1);
    expect(runa.value).toBeGreaterThan(all.value);
    expect(runa.low).toBeLessThan(runa.value);
    expect(runa.high).toBeGreaterThan(runa.value);
  });

  it('one roller teaches nothing of another', () => {
    const learnt = learn(
      seen([
        { quantity: 'thicker', key: 'a', value: 1.1 },
        { quantity: 'thicker', key: 'b', value: 0.95 },
      ]),
      { today: '2026-10-02' },
    );
    expect(learnt.map(({ key, value }) => [key, value > 1])).toEqual([
      ['a', true],
      ['b', false],
    ]);
  });

  it('does not change with the order of runs', () => {
    const runs = seen([{ value: 1.2 }, { value: 1 }, { value: 1.05 }, { value: 3 }]);
    const there = learn(runs, { today: '2026-10-02' });
    const back = learn([...runs].reverse(), { today: '2026-10-02' });
    there.forEach((each, i) => expect(back[i]!.value).toBeCloseTo(each.value, 9));
  });

  it('is written and read as a file', () => {
    const learnt = learn(seen([{}]), { today: '2026-10-02' });
    const file = { format: 'mortar-sheet/calibrations', version: 1, learnt };
    expect(learntFileSchema.parse(JSON.parse(JSON.stringify(file))).learnt).toEqual(learnt);
  });
});

describe('losses by cause', () => {
  it('are counts on a Gamma prior: one disaster does not teach 41 %', () => {
    expect(lossMultiplier(0, 0).value).toBe(1);
    expect(lossMultiplier(33, 0.2).value).toBeCloseTo(37 / 4.2, 12);
    const { low, value, high } = lossMultiplier(6, 4);
    expect(low).toBeLessThan(value);
    expect(high).toBeGreaterThan(value);
    // 90 % of a Gamma(10, 8): 0.678 to 1.963.
    expect(low).toBeCloseTo(0.678, 2);
    expect(high).toBeCloseTo(1.963, 2);
  });

  it('come down by themselves where the next plan presses the air out better', () => {
    const open = planWith({ hold: { air: 'none' } } as never);
    const batch = foldRun(
      eventsFrom([
        { kind: 'sheetDone', pieces: 38, torn: false },
        { kind: 'burst', how: 'popped', pieces: 33 },
        { kind: 'finished', madeOn: '2026-10-01' },
      ]),
    );
    const evidence = evidenceOf(open, batch, startingBasis);
    const popped = evidence.find(({ quantity, key }) => quantity === 'lost' && key === 'burst')!;
    expect(popped.value).toBe(33);
    expect(popped.expected).toBeGreaterThan(20);
    const learnt = learn([{ run: 'r', madeOn: '2026-10-01', evidence }], { today: '2026-10-02' });
    const again = (air: 'none' | 'middle' | 'pricked') =>
      evaluatePlan(planWith({ hold: { air } } as never), { ...startingBasis, learnt });
    expect(again('none').breakageShare).toBeGreaterThan(0.15);
    expect(again('middle').breakageShare).toBeLessThan(0.1);
    expect(again('pricked').breakageShare).toBeLessThan(again('middle').breakageShare + 0.01);
    expect(again('middle').pieces).toBeLessThan(
      1.2 * evaluatePlan(planWith(), startingBasis).pieces,
    );
  });

  it('go to the cause that was confirmed', () => {
    const of = (...more: Happening[]) =>
      evidenceOf(
        planWith(),
        foldRun(
          eventsFrom([
            { kind: 'sheetDone', pieces: 40, torn: false },
            { kind: 'burst', how: 'lip', pieces: 6 },
            ...more,
            { kind: 'finished' },
          ]),
        ),
        startingBasis,
      ).flatMap(({ quantity, key, value }) =>
        quantity === 'lost' && value > 0 ? [[key, value]] : [],
      );
    expect(of()).toEqual([['seal', 6]]);
    expect(of({ kind: 'traced', cause: 'overfilled', signs: ['opensAtLip'] })).toEqual([
      ['lip', 6],
    ]);
  });

  it('nobody saw how fall to all as they were expected', () => {
    const evidence = evidenceOf(
      planWith(),
      foldRun(
        eventsFrom([
          { kind: 'sheetDone', pieces: 40, torn: false },
          { kind: 'burst', how: 'unsaid', pieces: 6 },
          { kind: 'finished' },
        ]),
      ),
      startingBasis,
    ).filter(({ quantity }) => quantity === 'lost');
    expect(evidence.reduce((sum, { value }) => sum + value, 0)).toBeCloseTo(6, 9);
  });
});

describe('what hands cannot do', () => {
  const taught = (...happenings: Happening[]) =>
    evidenceOf(
      planWith(),
      foldRun(eventsFrom([...happenings, { kind: 'finished' }])),
      startingBasis,
    ).map(({ quantity }) => quantity);
  const sheet = (pieces: number, seconds: number): Happening => ({
    kind: 'sheetDone',
    pieces,
    torn: false,
    seconds,
  });

  it('teaches no times: a batch tapped through, a sheet of two hundred pieces', () => {
    expect(taught(sheet(14, 140))).toContain('pace');
    expect(taught(sheet(14, 4))).not.toContain('pace');
    expect(taught(sheet(224, 2240))).not.toContain('pace');
    const round = (minutes: number): Happening => ({ kind: 'roundDone', pieces: 14, minutes });
    const edge: Happening = { kind: 'edgeAte', edge: 'soft' };
    expect(taught(sheet(14, 140), round(3), edge)).toContain('edge');
    expect(taught(sheet(14, 140), round(0.1), round(0.2), edge)).not.toContain('edge');
  });
});

describe('what was learnt moves a plan', () => {
  const plan = planWith();
  const on = (...learnt: Learnt[]) => evaluatePlan(plan, { ...startingBasis, learnt });
  const typical = evaluatePlan(plan, startingBasis);

  it('in dough, filling, spares, pace and boil', () => {
    const roller = plan.sheet.roller.id;
    expect(on(learntOf('dosed', 1.1)).filling.totalG).toBeCloseTo(1.1 * typical.filling.totalG, 6);
    const thicker = on(learntOf('thicker', 1.1, { key: roller }));
    const rolled = ({ ledger: { dough } }: typeof typical) => dough.inG - dough.leftoverG;
    expect(rolled(thicker)).toBeGreaterThan(1.05 * rolled(typical));
    expect(on(learntOf('thicker', 1.1, { key: 'another' }))).toMatchObject({
      dough: { totalG: typical.dough.totalG },
    });
    // Ten times as many lost to the lip as the sums expect.
    expect(on(learntOf('lost', 10, { key: 'lip' })).pieces).toBeGreaterThan(typical.pieces);
    expect(on(learntOf('pace', 2, { key: plan.shape.family })).sheet.fill.fillMin).toBeCloseTo(
      2 * typical.sheet.fill.fillMin,
      9,
    );
    expect(on(learntOf('edge', 1.5)).boil.edgeMin).toBeCloseTo(1.5 * typical.boil.edgeMin, 9);
    expect(on(learntOf('water', 0.02)).dough.target).toBeGreaterThan(typical.dough.target + 0.015);
    expect(rolled(on(learntOf('stuck', 0.06)))).toBeGreaterThan(rolled(typical));
    expect(on(learntOf('bowl', 0.08)).filling.totalG).toBeGreaterThan(typical.filling.totalG);
  });

  it('but not where it is held at typical, or where the cook set it', () => {
    const held = learntOf('dosed', 1.1, { held: true });
    expect(on(held).filling.totalG).toBe(typical.filling.totalG);
    const own = planWith({ batch: { ...plan.batch, breakageShare: 0.11 } });
    const basis = { ...startingBasis, learnt: [learntOf('lost', 8, { key: 'burst' })] };
    expect(evaluatePlan(own, basis).breakageShare).toBe(0.11);
  });

  it('keeps the ledgers whole', () => {
    const result = on(
      learntOf('dosed', 1.2),
      learntOf('thicker', 1.15, { key: plan.sheet.roller.id }),
    );
    const { inG, ...parts } = result.ledger.dough;
    expect(Object.values(parts).reduce((sum, g) => sum + g, 0)).toBeCloseTo(inG, 6);
    const { inG: fillingG, ...rest } = result.ledger.filling;
    expect(Object.values(rest).reduce((sum, g) => sum + g, 0)).toBeCloseTo(fillingG, 6);
  });

  it('says so in the workings of what it moves, whose sums still agree', () => {
    const result = on(learntOf('dosed', 1.1));
    expect(result.working.fillingTotal.learnt?.[0]).toMatchObject({ quantity: 'dosed', runs: 6 });
    expect(result.working.doughTotal.learnt).toBeUndefined();
    expect(result.working.fillingTotal.value).toBeCloseTo(result.filling.totalG, 6);
    expect(result.working.leftoverFilling.value).toBeCloseTo(result.leftover.fillingG, 6);
  });

  it('counts once, in remedies too', () => {
    const result = on(learntOf('edge', 1.5), learntOf('dosed', 1.3));
    for (const { margin } of result.weakestLink.remedies)
      expect(Number.isFinite(margin)).toBe(true);
  });

  it('names figures that there are', () => {
    const known = Object.keys(typical.working);
    expect(workingsOf).toBeDefined();
    for (const id of QUANTITY_IDS) {
      for (const figure of QUANTITIES[id].moves)
        expect([id, known.includes(figure)]).toEqual([id, true]);
    }
  });
});

const median = (values: number[]) => [...values].sort((a, b) => a - b)[values.length >> 1]!;

describe('made-up kitchens of every kind', () => {
  // A slice of what the benchmark runs: few kitchens, so the tolerance is wide.
  it.each(KITCHEN_KINDS.map((kind) => [kind.name, kind] as const))('%s', (_, kind) => {
    const courses = Array.from({ length: 8 }, (_each, i) =>
      kitchenCourse(planWith(), 500 + i, 6, kind),
    );
    for (const id of ['dosed', 'thicker', 'stuck', 'bowl'] as const) {
      const looks = courses.flatMap(({ held }) => held.flatMap((each) => each[id] ?? []));
      expect(looks.length).toBeGreaterThan(15);
      expect(looks.filter(Boolean).length / looks.length).toBeGreaterThan(0.68);
    }
    for (const bowl of ['dough', 'filling'] as const) {
      const after = median(courses.map(({ off }) => off[5]![bowl]));
      const unlearned = median(courses.map(({ offTypical }) => offTypical[5]![bowl]));
      expect(after / unlearned).toBeLessThan(0.75);
      const looks = courses.flatMap(({ next }) => next.map((each) => each[bowl]));
      expect(looks.filter(Boolean).length / looks.length).toBeGreaterThan(0.68);
    }
  });
});

describe('made-up kitchens', () => {
  const courses = Array.from({ length: 80 }, (_, i) =>
    kitchenCourse(planWith(), 1000 + i, 6, { name: 'steady' }),
  );

  it.each(['dough', 'filling'] as const)('hardly a third of the error in %s after five', (bowl) => {
    const unlearned = median(courses.map(({ offTypical }) => offTypical[5]![bowl]));
    const after = median(courses.map(({ off }) => off[5]![bowl]));
    expect(after).toBeLessThan(0.35 * unlearned);
  });

  const heldBy = (looks: readonly boolean[]) => looks.filter(Boolean).length / looks.length;

  it.each(['dosed', 'thicker', 'stuck', 'bowl'] as const)('the 90 %% range of %s holds', (id) => {
    const share = heldBy(courses.flatMap(({ held }) => held.flatMap((each) => each[id] ?? [])));
    expect(share).toBeGreaterThan(0.85);
    expect(share).toBeLessThan(0.97);
  });

  it.each(['dough', 'filling'] as const)('so does that of the next batch’s %s', (bowl) => {
    const share = heldBy(courses.flatMap(({ next }) => next.map((each) => each[bowl])));
    expect(share).toBeGreaterThan(0.85);
    expect(share).toBeLessThan(0.97);
  });
});
