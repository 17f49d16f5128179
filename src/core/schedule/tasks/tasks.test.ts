import { learntOf } from '../../testing/learntOf';
import { classShares } from '../classShares';
import fc from 'fast-check';
import { startingBasis } from '../../basis/basis';
import { startingRules, withRules, type RuleId } from '../../basis/rules';
import { planWith } from '../../testing/plans';
import { METRIC } from '../../units/units';
import { figureText } from '../../units/format';
import { minuteOf } from '../document/clock';
import { evaluatePlan } from '../../plan/evaluatePlan';
import { dayPaper } from '../paper';
import { doughBowls, fillingBowls } from './bowls';
import { PREPARATION_TIMES } from './preparationTimes';
import { TASK_KINDS } from './task';
import { dayWork } from './work';
import { DAY_PLANS, dayWith, supper, weekend } from '../testing/days';
import { lanesOf } from '../timetable/lanes';
import { solveDay } from '../timetable/solveDay';
import { startingPantry } from '../../composition/pantry';

const solved = (day = supper(), plans = DAY_PLANS) =>
  solveDay(day, plans, startingBasis, { tries: 300 });

describe('one dough, one bowl', () => {
  const sum = (grams: readonly { readonly g: number }[]) =>
    grams.reduce((total, { g }) => total + g, 0);

  it('is mixed together in whole eggs and divided, to the gram', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 60 }), fc.integer({ min: 2, max: 40 }), (many, few) => {
        const { services } = dayWork(
          dayWith([
            { planId: 'ravioli', portions: many },
            {
              planId: 'stall',
              portions: few,
              kind: 'handOver',
              ahead: 'frozen',
              at: '2026-11-28T09:30',
            },
          ]),
          DAY_PLANS,
          startingBasis,
        );
        const [bowl, ...others] = doughBowls(services);
        expect(others).toEqual([]);
        expect(sum(bowl!.parts)).toBeCloseTo(sum(bowl!.shares), 1);
        // One account: what each plan, its card and its bench weigh out.
        services.forEach(({ result }, i) => expect(bowl!.shares[i]!.g).toBe(result.dough.totalG));
        const eggs = bowl!.parts.find(({ id }) => id === 'egg-whole')!;
        const counts = services.map(
          ({ result }) => result.dough.parts.find(({ id }) => id === 'egg-whole')!.count,
        );
        expect(eggs.count?.n ?? null).toBe(
          counts.every((count) => count !== null)
            ? counts.reduce((total, count) => total + count!.n, 0)
            : null,
        );
        const [filling] = fillingBowls(services, startingBasis);
        expect(sum(filling!.shares)).toBeCloseTo(filling!.totalG, 6);
        expect(filling!.parts.reduce((total, { preparedG }) => total + preparedG, 0)).toBeCloseTo(
          filling!.totalG + filling!.cookedOffG,
          0,
        );
      }),
      { numRuns: 40 },
    );
  });

  it('is made as its plan says, eggs made up or not, and is what is shopped for', () => {
    for (const roundUp of [true, false, undefined]) {
      const plan = planWith({
        dough: { ...planWith().dough, ...(roundUp !== undefined && { roundUp }) },
      });
      const { work, timetable } = solved(
        dayWith([
          { planId: 'one', portions: 7 },
          { planId: 'two', portions: 5 },
        ]),
        new Map([
          ['one', plan],
          ['two', planWith({ ...plan, name: 'Two', hold: { ...plan.hold, medium: 'egg' } })],
        ]),
      );
      const [bowl] = work.doughs;
      const alone = evaluatePlan({ ...plan, batch: { ...plan.batch, portions: 7 } }, startingBasis);
      expect(bowl!.shares[0]!.g).toBe(alone.dough.totalG);
      const { shopping } = dayPaper(work, timetable, startingBasis, (v, u) =>
        figureText(v, u, METRIC),
      );
      const eggs = shopping.find(({ buy }) => buy.unit === 'eggs')!;
      const inBowl = bowl!.parts.find(({ id }) => id === 'egg-whole')!;
      // The bowl's eggs, and one to seal the second with.
      expect(eggs.buy.amount).toBe(Math.ceil(inBowl.g / plan.dough.eggG - 1e-6) + 1);
    }
  });

  it('stands apart where that is wanted, another recipe, or another day', () => {
    const bowls = (change: object) =>
      dayWork(
        dayWith([{ planId: 'ravioli' }, { planId: 'stall', ...change }]),
        DAY_PLANS,
        startingBasis,
      ).doughs.length;
    expect(bowls({})).toBe(1);
    expect(bowls({ ownDough: true })).toBe(2);
    expect(bowls({ at: '2026-11-28T09:00' })).toBe(2);
    const water = planWith({
      dough: {
        parts: [
          { id: 'flour-00', g: 400 },
          { id: 'water', g: 190 },
        ],
      },
    });
    const plans = new Map([...DAY_PLANS, ['half-moons', water]]);
    const two = dayWith([{ planId: 'ravioli' }, { planId: 'half-moons' }]);
    expect(dayWork(two, plans, startingBasis).doughs.length).toBe(2);
  });
});

describe('tasks', () => {
  it('come in the order of the work, each kind with a name', () => {
    const { work, timetable } = solved(weekend());
    expect(timetable.feasible).toBe(true);
    const at = (id: string) => timetable.tasks.find((task) => task.id === id)!;
    const { restMin } = work.services[0]!.plan.dough.work;
    expect(at('dough:supper/knead').fromMin).toBeGreaterThanOrEqual(at('dough:supper/mix').toMin);
    expect(at('supper/turn/1').fromMin - at('dough:supper/knead').toMin).toBeGreaterThanOrEqual(
      restMin,
    );
    expect(at('supper/turn/1').fromMin).toBeGreaterThanOrEqual(at('filling:supper/bind').toMin);
    expect(at('supper/round/1').fromMin).toBeGreaterThanOrEqual(at('supper/turn/1').toMin + 15);
    expect(at('stall/bag/1').fromMin - at('stall/turn/1').toMin).toBeGreaterThanOrEqual(90);
    expect(at('supper/ribbons').toMin).toBeLessThanOrEqual(
      minuteOf('2026-11-27T18:30', '2026-11-26'),
    );
    expect(at('supper/plate').toMin).toBe(minuteOf('2026-11-27T19:30', '2026-11-26'));
    for (const { kind } of timetable.tasks) expect(TASK_KINDS[kind].name).toBeTruthy();
  });

  it('make as many pieces as the plans want, and boil all but those that are tasted', () => {
    const { work } = solved(weekend());
    const total = (kind: string, service: string) =>
      work.tasks
        .filter((task) => task.kind === kind && task.services.includes(service))
        .reduce((sum, { pieces }) => sum + (pieces ?? 0), 0);
    for (const { service, result } of work.services) {
      expect(total('turn', service.id)).toBe(result.counts.made);
      if (service.kind === 'plates') {
        expect(total('round', service.id)).toBe(result.counts.made - result.counts.tasted);
      }
    }
  });

  it('never pass a sheet’s open time, nor let trays wait longer than they keep', () => {
    const { timetable } = solved(weekend());
    for (const { sheets } of timetable.tasks) {
      if (sheets) expect(sheets.usedMin).toBeLessThanOrEqual(sheets.openMin);
    }
    for (const { waitsMin, keepsMin } of timetable.services) {
      if (waitsMin !== null) expect(waitsMin).toBeLessThanOrEqual(keepsMin!);
    }
  });

  it('weigh what is mixed and prepared, by the bowl', () => {
    const { work } = solved();
    for (const bowl of work.doughs) {
      const mix = work.tasks.find(({ id }) => id === `dough:${bowl.id}/mix`)!;
      expect(mix.g).toBeCloseTo(bowl.totalG, 6);
    }
    for (const bowl of work.fillings) {
      const lines = bowl.parts.filter(({ preparation }) => preparation !== 'raw');
      for (const preparation of new Set(lines.map((line) => line.preparation))) {
        const g = lines
          .filter((line) => line.preparation === preparation)
          .reduce((sum, line) => sum + line.g, 0);
        const task = work.tasks.find(({ id }) => id === `filling:${bowl.id}/${preparation}`);
        if (task) expect(task.g).toBeCloseTo(g, 6);
      }
    }
  });

  it('are a class: shares before it, a demonstration first, pairs in turns at the rollers', () => {
    const day = dayWith([
      { planId: 'ravioli', portions: 20, kind: 'class', pairs: 10, at: '2026-11-27T16:00' },
    ]);
    const rollers = ['a', 'b'].map((each) => ({ id: each, name: `Crank ${each}` }));
    const two = { ...day, gear: { ...day.gear, rollers } };
    const { timetable, work } = solved(two);
    expect(timetable.breaches).toEqual([]);
    expect(timetable.feasible).toBe(true);
    const of = (kind: string) => timetable.tasks.filter((task) => task.kind === kind);
    const [demo] = of('demo');
    expect(demo!.fromMin).toBe(minuteOf('2026-11-27T16:00', '2026-11-26'));
    expect(of('shares')[0]!.toMin).toBeLessThanOrEqual(demo!.fromMin);
    // Five waves of two; nobody rolls before the demonstration, none rolls while another wave does.
    const waves = of('pairsRoll').sort((a, b) => a.fromMin - b.fromMin);
    expect(waves.map(({ name }) => name)).toEqual(
      [1, 3, 5, 7, 9].map((from) => `Roll, pairs ${from} to ${from + 1}`),
    );
    let free = demo!.toMin;
    for (const wave of waves) {
      expect(wave.fromMin).toBe(free);
      free = wave.toMin;
    }
    // The teacher goes round until the last pair has filled; then everybody packs.
    const lastFill = Math.max(...of('pairsFill').map(({ toMin }) => toMin));
    expect(of('session')[0]!.toMin).toBeGreaterThanOrEqual(lastFill);
    expect(of('takeHome')[0]!.fromMin).toBeGreaterThanOrEqual(lastFill);

    // Their list says what and when; each roller and each filling pair has its bar.
    const lanes = lanesOf(work, timetable);
    const bars = (id: string) =>
      lanes.flatMap((lane) => (lane.kind === 'gear' && lane.id.startsWith(id) ? lane.bars : []));
    expect(bars('roller').filter(({ task }) => task.includes('/roll/'))).toHaveLength(10);
    expect(bars('pairs')).toHaveLength(5);
    const { people } = dayPaper(work, timetable, startingBasis, (v, u) => figureText(v, u, METRIC));
    expect(people.at(-1)).toMatchObject({ name: 'The pairs' });
    expect(people.at(-1)!.lines).toHaveLength(10);

    const { bowls, labels } = dayPaper(work, timetable, startingBasis, (v, u) =>
      figureText(v, u, METRIC),
    );
    expect(bowls[0]!.shares.join()).toMatch(/to each of 10 pairs, and one share spare/);
    expect(labels).toHaveLength(10);
    expect(labels[0]).toMatchObject({ cook: expect.stringMatching(/Keep at/) });
  });

  it('with a roller for each pair are quicker, and a share more than pairs is made', () => {
    const lasts = (rollers: number) => {
      const day = dayWith([
        { planId: 'ravioli', portions: 12, kind: 'class', pairs: 4, at: '2026-11-27T16:00' },
      ]);
      const own = Array.from({ length: rollers }, (_, i) => ({ id: `r${i}`, name: `Roller ${i}` }));
      const { timetable, work } = solved({ ...day, gear: { ...day.gear, rollers: own } });
      const [session] = timetable.tasks.filter(({ kind }) => kind === 'session');
      const { service, result } = work.services[0]!;
      const { doughG, shares } = classShares(service, result);
      expect(shares).toBe(5);
      expect(doughG * shares).toBeCloseTo(result.dough.totalG, 6);
      // With one share gone there is still enough for all that is to be plated.
      expect(result.counts.made * (4 / 5)).toBeGreaterThanOrEqual(result.counts.plated - 4);
      return session!.toMin - session!.fromMin;
    };
    expect(lasts(4)).toBeLessThan(lasts(1));
  });

  const hot = (cooling: object) =>
    planWith({
      name: 'Squash',
      filling: {
        parts: [
          { id: 'squash-raw', g: 900, preparation: 'roast-cubes' },
          { id: 'egg-whole', g: 50, preparation: 'raw' },
        ],
        cooling: { ...planWith().filling.cooling, ...cooling },
      },
    });

  it('let a hot filling cool as long as it takes, and say what would cool it in time', () => {
    const day = (cooling: object) =>
      solved(dayWith([{ planId: 'hot' }]), new Map([['hot', hot(cooling)]]));
    const quick = day({ fromC: 85, depthMm: 15 });
    const slow = day({ fromC: 85, depthMm: 60 });
    for (const { timetable, work } of [quick, slow]) {
      const at = (id: string) => timetable.tasks.find((task) => task.id === id)!;
      const { firstMin } = work.services[0]!.result.filling.cooling;
      expect(
        at('filling:s1/bind').fromMin - at('filling:s1/roast-cubes').toMin,
      ).toBeGreaterThanOrEqual(firstMin);
      expect(timetable.waits.find(({ kind }) => kind === 'cool')).toMatchObject({
        fromMin: at('filling:s1/roast-cubes').toMin,
        toMin: at('filling:s1/roast-cubes').toMin + Math.ceil(firstMin),
      });
    }
    expect(quick.timetable.feasible).toBe(true);
    expect(slow.timetable.feasible).toBe(false);
    const [told] = slow.timetable.slowCooling;
    expect(told).toMatchObject({ name: 'Squash', services: ['s1'] });
    const { depthMm, trays, ice } = told!.cooling.meets;
    const { totalG } = slow.work.fillings[0]!;
    const { densityGPerMl } = slow.work.services[0]!.result.filling;
    expect(trays).toBe(Math.ceil((1000 * totalG) / densityGPerMl / (530 * 325 * depthMm)));
    expect(ice).toBe(false);
    expect(day({ fromC: 85, depthMm }).timetable.feasible).toBe(true);
  });

  it('cook a whole mixture off before it cools, and bind it cold', () => {
    const plan = hot({});
    const { timetable, work } = solved(
      dayWith([{ planId: 'hot' }]),
      new Map([['hot', { ...plan, filling: { ...plan.filling, cookedOffG: 60 } }]]),
    );
    const at = (id: string) => timetable.tasks.find((task) => task.id === id)!;
    expect(at('filling:s1/cookOff').fromMin).toBeGreaterThanOrEqual(
      at('filling:s1/roast-cubes').toMin,
    );
    expect(at('filling:s1/bind').fromMin - at('filling:s1/cookOff').toMin).toBeGreaterThanOrEqual(
      work.services[0]!.result.filling.cooling.firstMin,
    );
  });

  it('say what no clock can mend', () => {
    expect(dayWork(dayWith([{ planId: 'gone' }]), DAY_PLANS, startingBasis).troubles[0]).toMatch(
      /not there/,
    );
    const wide = new Map([
      [
        'ravioli',
        {
          ...DAY_PLANS.get('ravioli')!,
          sheet: { ...DAY_PLANS.get('ravioli')!.sheet, widthMm: 40 },
        },
      ],
    ]);
    expect(dayWork(supper(), wide, startingBasis).troubles[0]).toMatch(/no blank fits/);
    expect(solveDay(dayWith([]), DAY_PLANS, startingBasis).timetable.tasks).toEqual([]);
  });

  it('say where all doughs together take more of a flour than there is', () => {
    const alone = DAY_PLANS.get('ravioli')!;
    const [flour, ...rest] = alone.dough.parts;
    const plans = (haveG: number) =>
      new Map([
        [
          'ravioli',
          { ...alone, dough: { ...alone.dough, parts: [{ ...flour!, haveG }, ...rest] } },
        ],
      ]);
    const one = dayWith([{ planId: 'ravioli' }]);
    const two = dayWith([{ planId: 'ravioli' }, { planId: 'ravioli', id: 's2', ownDough: true }]);
    const weighed = dayWork(one, plans(5000), startingBasis).doughs[0]!.parts.find(
      ({ id }) => id === flour!.id,
    )!.g;
    const enoughForOne = plans(weighed * 1.5);
    expect(dayWork(one, enoughForOne, startingBasis).short).toEqual([]);
    const { timetable } = solveDay(two, enoughForOne, startingBasis);
    expect(timetable.feasible).toBe(false);
    expect(timetable.short).toEqual([
      expect.objectContaining({ id: flour!.id, haveG: weighed * 1.5 }),
    ]);
    expect(timetable.short[0]!.needsG).toBeCloseTo(2 * weighed, 0);
  });

  it('know how long every shipped preparation takes', () => {
    for (const { id } of startingPantry.preparations.values()) {
      if (id !== 'raw') expect(PREPARATION_TIMES[id]).toBeDefined();
    }
  });

  it.each(
    (Object.keys(startingRules) as RuleId[]).filter(
      (id) => id.startsWith('day.') && id !== 'day.frozenKeeps',
    ),
  )('stand on %s: another number, another day', (id) => {
    const factor = id.startsWith('day.knead') ? 0.2 : 2.3;
    const rules = withRules(startingRules, { [id]: factor * startingRules[id].value + 1 });
    const day = dayWith([
      { id: 'supper', planId: 'ravioli', portions: 30, ribbons: true },
      { id: 'stall', planId: 'stall', kind: 'handOver', ahead: 'frozen', at: '2026-11-28T09:30' },
      { id: 'class', planId: 'half-moons', kind: 'class', at: '2026-11-27T15:00' },
    ]);
    const by = (id.split('.')[2] ?? 'hand') as 'hand' | 'mixer' | 'processor';
    const plans = new Map(
      [...DAY_PLANS].map(([key, plan]) => [
        key,
        { ...plan, dough: { ...plan.dough, work: { ...plan.dough.work, by } } },
      ]),
    );
    const told = (basis: typeof startingBasis) => {
      const { problem, tasks } = dayWork(day, plans, basis);
      return JSON.stringify([problem.tasks, problem.links, tasks]);
    };
    expect(told({ ...startingBasis, rules }) === told(startingBasis)).toBe(false);
  });

  it('take each cook as long as the log knows, and are as sure as it is', () => {
    const learnt = (key: string, value: number) => learntOf('pace', value, { key });
    const family = DAY_PLANS.get('ravioli')!.shape.family;
    const rows = [learnt(family, 1), learnt(`${family}/Maren`, 0.6), learnt(`${family}/Ivo`, 1.4)];
    const turns = (known: readonly ReturnType<typeof learnt>[]) => {
      const { problem, tasks } = dayWork(supper(), DAY_PLANS, { ...startingBasis, learnt: known });
      const i = tasks.findIndex(({ kind }) => kind === 'turn');
      return {
        sure: tasks[i]!.sure,
        alone: problem.tasks[i]!.modes.flatMap(({ roles, minutes }) =>
          roles.length === 1
            ? [
                [
                  problem.hands
                    .filter(({ skills }) => skills.includes(roles[0]!))
                    .map(({ id }) => id)
                    .join(),
                  minutes,
                ] as const,
              ]
            : [],
        ),
      };
    };
    expect(turns([]).alone.map(([who]) => who)).toEqual(['maren,ivo']);
    const { alone, sure } = turns(rows);
    expect(alone.map(([who]) => who)).toEqual(['maren', 'ivo']);
    expect(alone[0]![1]).toBeLessThan(alone[1]![1]);
    expect(sure).toBeCloseTo(0.1, 6);
    // Held at typical, it is not stood on.
    expect(turns(rows.map((row) => ({ ...row, held: true }))).alone).toHaveLength(1);
  });
});
