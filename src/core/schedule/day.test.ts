import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { startingBasis } from '../basis/basis';
import { startingRules, withRules, type RuleId } from '../basis/rules';
import { readDayFile, dayFileOf } from '../formats/dayFile';
import { planWith } from '../testing/plans';
import { METRIC } from '../units/units';
import { figureText } from '../units/format';
import { clockText, dayAfter, minuteOf, momentAt, spanText } from './document/clock';
import { newDay, parseDay } from './document/day';
import { startingKitchen } from '../kitchen/kitchen';
import { checkSchedule } from './engine/check';
import { solve } from './engine/solve';
import { dayPaper } from './paper';
import { shareInHand } from './sharing';
import { doughBowls, fillingBowls } from './tasks/bowls';
import { PREPARATION_TIMES } from './tasks/preparationTimes';
import { TASK_KINDS } from './tasks/task';
import { dayWork } from './tasks/work';
import { DAY_PLANS, dayWith } from './testing/days';
import { blocksOf } from './timetable/blocks';
import { handsCurve } from './timetable/handsCurve';
import { lanesOf } from './timetable/lanes';
import { mendsFor } from './timetable/mends';
import { breaksWhenMoved, solveDay } from './timetable/solveDay';
import { startingPantry } from '../composition/pantry';

const supper = () => dayWith([{ planId: 'ravioli', portions: 12 }]);
const weekend = () =>
  dayWith([
    { id: 'supper', planId: 'ravioli', portions: 12, ribbons: true },
    {
      id: 'stall',
      planId: 'stall',
      portions: 6,
      kind: 'handOver',
      ahead: 'frozen',
      at: '2026-11-28T09:30',
      overMin: 0,
    },
  ]);
const solved = (day = supper()) => solveDay(day, DAY_PLANS, startingBasis, { tries: 300 });

describe('the clock', () => {
  it.each([
    ['2026-11-27T19:00', 1140],
    ['2026-11-28T00:05', 1445],
    ['2026-11-26T23:00', -60],
  ])('%s is minute %d of its day, and back', (moment, minute) => {
    expect(minuteOf(moment, '2026-11-27')).toBe(minute);
    expect(momentAt(minute, '2026-11-27')).toBe(moment);
  });

  it('has no days that are not in the calendar', () => {
    expect(minuteOf('2026-02-30T10:00', '2026-02-01')).toBeNaN();
    expect(dayAfter('2026-12-31', 1)).toBe('2027-01-01');
  });

  it('says times and stretches as they are said', () => {
    expect([clockText(1145), clockText(1440 + 5), clockText(-60)]).toEqual([
      '19:05',
      '00:05',
      '23:00',
    ]);
    expect([spanText(40), spanText(60), spanText(95), spanText(-95)]).toEqual([
      '40 min',
      '1 h',
      '1 h 35',
      '1 h 35',
    ]);
  });
});

describe('a day document', () => {
  const document = () =>
    JSON.parse(JSON.stringify(supper())) as Record<string, never> & { services: { at: string }[] };

  it('is read as it was written', () => expect(parseDay(document())).toEqual(supper()));

  it.each([
    [
      'a time of no day',
      { at: '2026-13-01T19:00' },
      /services\[0\]\.at: Time must be a day there is/,
    ],
    ['a time with a zone', { at: '2026-11-27T19:00Z' }, /Time must be a moment as/],
    ['no portions', { portions: 0 }, /Portions must be a whole number from 1 to 5000/],
    ['an unknown kind', { kind: 'buffet' }, /For must be one of: plates, handOver, class/],
    ['a time long after', { at: '2027-11-27T19:00' }, /Time must be from 2026-11-26 to 2026-12-09/],
    ['a field of nothing', { guests: 3 }, /guests/],
  ])('refuses %s, naming the field', (_what, change, says) => {
    const bad = document();
    Object.assign(bad.services[0]!, change);
    expect(() => parseDay(bad)).toThrow(says);
  });

  it('refuses two of one id, and another’s version', () => {
    const bad = document();
    expect(() => parseDay({ ...bad, services: [bad.services[0], bad.services[0]] })).toThrow(
      /Id must be its own/,
    );
    expect(() => parseDay({ ...bad, version: 2 })).toThrow(/newer/);
    expect(() => parseDay(null)).toThrow();
  });

  it('begins with the kitchen’s people and gear', () => {
    const day = newDay(
      { ...startingKitchen, cooks: ['Maren', 'Ivo'] },
      { name: 'Supper', date: '2026-11-27' },
    );
    expect(day.people.map(({ name }) => name)).toEqual(['Maren', 'Ivo']);
    expect(day.gear.pots).toEqual(startingKitchen.pots);
    expect(newDay(startingKitchen, { name: 'x', date: '2026-11-27' }).people).toHaveLength(1);
  });
});

describe('a day file', () => {
  const file = () =>
    dayFileOf({ day: supper(), plans: new Map([['ravioli', DAY_PLANS.get('ravioli')!]]) });

  it('holds all that is needed, and comes back the same', () => {
    const read = readDayFile(JSON.parse(JSON.stringify(file())));
    expect(read.day).toEqual(supper());
    expect(read.plans.get('ravioli')).toEqual(DAY_PLANS.get('ravioli'));
  });

  it.each([
    [{ plans: {} }, /services\[0\]\.planId: must be one of the file’s plans, not “ravioli”/],
    [{ plans: { ravioli: 'plan.json' } }, /plans\.ravioli: must be a plan document/],
    [{ plans: { ravioli: { format: 'x' } } }, /plans\.ravioli\.format/],
    [{ plans: [] }, /plans/],
    [[], /day: must be an object/],
  ])('refuses %j with its reason', (change, says) => {
    expect(() => readDayFile(Array.isArray(change) ? change : { ...file(), ...change })).toThrow(
      says,
    );
  });
});

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
        );
        const [bowl, ...others] = doughBowls(services, startingBasis);
        expect(others).toEqual([]);
        expect(sum(bowl!.parts)).toBeCloseTo(sum(bowl!.shares) + bowl!.overG, 1);
        expect(bowl!.overG).toBeGreaterThanOrEqual(-1e-6);
        const eggs = bowl!.parts.find(({ count }) => count?.word === 'egg');
        expect(Number.isInteger(eggs?.count?.n)).toBe(true);
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

  it('stands apart where that is wanted, another recipe, or another day', () => {
    const bowls = (change: object) =>
      dayWork(dayWith([{ planId: 'ravioli' }, { planId: 'stall', ...change }]), DAY_PLANS).doughs
        .length;
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
    expect(dayWork(two, plans).doughs.length).toBe(2);
  });

  it('is shared out as it is in hand, by dough or by pieces, with nothing lost', () => {
    const sharers = ['ravioli', 'half-moons'].map((id, i) => ({
      id,
      plan: DAY_PLANS.get(id)!,
      weight: i + 1,
    }));
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 4000 }),
        fc.option(fc.integer({ min: 200, max: 4000 })),
        fc.constantFrom('pieces' as const, 'dough' as const),
        (doughG, fillingG, by) => {
          const shared = shareInHand({ doughG, fillingG, by }, sharers, startingBasis);
          expect(shared.reduce((total, share) => total + share.doughG, 0)).toBeCloseTo(doughG, 6);
          if (fillingG !== null) {
            expect(shared.reduce((total, share) => total + share.fillingG, 0)).toBeCloseTo(
              fillingG,
              6,
            );
          }
          for (const share of shared) expect(share.leftDoughG).toBeLessThanOrEqual(share.doughG);
        },
      ),
      { numRuns: 30 },
    );
    const [few, many] = shareInHand(
      { doughG: 2000, fillingG: null, by: 'pieces' },
      sharers,
      startingBasis,
    );
    expect(many!.pieces / few!.pieces).toBeGreaterThan(1.6);
    expect(many!.pieces / few!.pieces).toBeLessThan(2.4);
    const [none] = shareInHand(
      { doughG: 1000, fillingG: null, by: 'dough' },
      [{ ...sharers[0]!, weight: 0 }, sharers[1]!],
      startingBasis,
    );
    expect(none).toMatchObject({ doughG: 0, pieces: 0 });
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

  it('are a class: shares weighed out before it, pairs at the bench at its hour', () => {
    const day = dayWith([
      { planId: 'ravioli', portions: 12, kind: 'class', pairs: 4, at: '2026-11-27T16:00' },
    ]);
    const { timetable, work } = solved(day);
    expect(timetable.feasible).toBe(true);
    const session = timetable.tasks.find(({ kind }) => kind === 'session')!;
    expect(session.fromMin).toBe(minuteOf('2026-11-27T16:00', '2026-11-26'));
    expect(timetable.tasks.find(({ kind }) => kind === 'shares')!.toMin).toBeLessThanOrEqual(
      session.fromMin,
    );
    const { bowls } = dayPaper(work, timetable, startingBasis, (v, u) => figureText(v, u, METRIC));
    expect(bowls[0]!.shares.join()).toMatch(/to each of 4 pairs/);
  });

  it('say what no clock can mend', () => {
    expect(dayWork(dayWith([{ planId: 'gone' }]), DAY_PLANS).troubles[0]).toMatch(/not there/);
    const wide = new Map([
      [
        'ravioli',
        {
          ...DAY_PLANS.get('ravioli')!,
          sheet: { ...DAY_PLANS.get('ravioli')!.sheet, widthMm: 40 },
        },
      ],
    ]);
    expect(dayWork(supper(), wide).troubles[0]).toMatch(/no blank fits/);
    expect(solveDay(dayWith([]), DAY_PLANS).timetable.tasks).toEqual([]);
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
});

describe('any day', () => {
  const anyDay = fc
    .record({
      services: fc.array(
        fc.record({
          planId: fc.constantFrom('ravioli', 'stall', 'half-moons'),
          portions: fc.integer({ min: 1, max: 40 }),
          kind: fc.constantFrom('plates' as const, 'handOver' as const, 'class' as const),
          ahead: fc.constantFrom('sameDay' as const, 'dayBefore' as const, 'frozen' as const),
          at: fc.constantFrom('2026-11-27T13:00', '2026-11-27T19:00', '2026-11-28T09:30'),
          overMin: fc.integer({ min: 0, max: 90 }),
          ribbons: fc.boolean(),
        }),
        { minLength: 1, maxLength: 3 },
      ),
      rollers: fc.integer({ min: 0, max: 2 }),
      pots: fc.integer({ min: 0, max: 3 }),
      trays: fc.integer({ min: 1, max: 20 }),
      people: fc.integer({ min: 0, max: 4 }),
    })
    .map(({ services, rollers, pots, trays, people }) => {
      const day = dayWith(services);
      return {
        ...day,
        people: Array.from({ length: people }, (_, i) => ({
          ...day.people[i % 2]!,
          id: `p${i}`,
          pace: 1 + (i % 2) / 4,
        })),
        gear: {
          ...day.gear,
          rollers: day.gear.rollers.concat({ id: 'r2', name: 'Other' }).slice(0, rollers),
          pots: Array.from({ length: pots }, (_, i) => ({ name: `Pot ${i}`, litres: 6 + 4 * i })),
          fridgeTrays: trays,
          freezerTrays: trays,
          trays,
        },
      };
    });

  it('breaks no limit that it does not tell, and counts every task once', () => {
    let done = 0;
    fc.assert(
      fc.property(anyDay, (day) => {
        const {
          work,
          solved: found,
          timetable,
        } = solveDay(day, DAY_PLANS, startingBasis, { tries: 20 });
        expect(checkSchedule(work.problem, found.schedule)).toEqual(found.breaches);
        expect(timetable.feasible).toBe(found.breaches.length === 0 && work.troubles.length === 0);
        expect(new Set(timetable.tasks.map(({ id }) => id)).size).toBe(timetable.tasks.length);
        if (timetable.feasible) done += 1;
        // What cannot be done says why.
        else expect(timetable.breaches.every(({ says }) => /^[A-Z0-9].*\.$/.test(says))).toBe(true);
      }),
      { numRuns: 60 },
    );
    expect(done).toBeGreaterThan(5);
  });

  it('never takes more room, or gear, than its lanes have', () => {
    fc.assert(
      fc.property(anyDay, (day) => {
        const { work, timetable } = solveDay(day, DAY_PLANS, startingBasis, { tries: 20 });
        if (!timetable.feasible) return;
        for (const lane of lanesOf(work, timetable)) {
          if (lane.kind === 'room') {
            for (const { trays } of lane.levels) {
              expect(trays.reduce((sum, { n }) => sum + n, 0)).toBeLessThanOrEqual(lane.capacity);
            }
          }
          if (lane.kind === 'person') {
            lane.blocks
              .slice(1)
              .forEach((block, i) =>
                expect(block.fromMin).toBeGreaterThanOrEqual(lane.blocks[i]!.toMin),
              );
          }
        }
      }),
      { numRuns: 30 },
    );
  });
});

describe('moving a task', () => {
  it('says at once what breaks, and nothing where nothing does', () => {
    const day = solved();
    const turn = day.timetable.tasks.find(({ kind }) => kind === 'turn')!;
    expect(breaksWhenMoved(day, turn.id, { start: turn.fromMin, people: turn.people })).toEqual([]);
    const late = breaksWhenMoved(day, turn.id, { start: turn.fromMin + 180, people: turn.people });
    expect(late.join(' ')).toMatch(/too soon after/);
    expect(breaksWhenMoved(day, 'nothing', { start: 0, people: [] })).toEqual([]);
  });

  it('keeps it where it was put, with whom, and what follows round it', () => {
    const day = supper();
    const first = solved(day);
    const knead = first.timetable.tasks.find(({ kind }) => kind === 'knead')!;
    const other = day.people.find(({ id }) => !knead.people.includes(id))!.id;
    const at = knead.fromMin - 40;
    const pinned = {
      ...day,
      pins: [{ task: knead.id, at: momentAt(at, day.date), people: [other] }],
    };
    const again = solveDay(pinned, DAY_PLANS, startingBasis, { tries: 300 }).timetable;
    expect(again.feasible).toBe(true);
    expect(again.tasks.find(({ id }) => id === knead.id)).toMatchObject({
      fromMin: at,
      people: [other],
      pinned: true,
    });
  });

  it('tells that a pinned task breaks something', () => {
    const day = supper();
    const pinned = {
      ...day,
      pins: [{ task: 'dough:s1/mix', at: '2026-11-27T18:50', people: ['maren'] }],
    };
    const { timetable } = solveDay(pinned, DAY_PLANS, startingBasis, { tries: 50 });
    expect(timetable.feasible).toBe(false);
    expect(timetable.breaches.length).toBeGreaterThan(0);
  });
});

describe('what would mend it', () => {
  const tight = () =>
    dayWith([{ planId: 'ravioli', portions: 40, overMin: 0 }], {
      gear: { ...supper().gear, pots: [{ name: 'Pot', litres: 8 }] },
    });

  it('is worked out again, each enough by itself, and mends when it is taken', () => {
    const mends = mendsFor(tight(), DAY_PLANS, startingBasis);
    expect(mends.length).toBeGreaterThan(0);
    const enough = mends.filter((mend) => mend.enough);
    expect(enough.length).toBeGreaterThan(0);
    for (const { day } of enough) {
      expect(solve(dayWork(parseDay(day), DAY_PLANS).problem, { tries: 80 }).breaches).toEqual([]);
    }
    expect(enough.map(({ says }) => says).join()).toMatch(/plates go out over/);
  });

  it('is nothing where nothing is wrong', () => {
    expect(mendsFor(supper(), DAY_PLANS, startingBasis)).toEqual([]);
  });
});

describe('more hands', () => {
  it('never make the day worse, and stop helping somewhere', () => {
    const { points, enough } = handsCurve(weekend(), DAY_PLANS, startingBasis, { tries: 40 });
    expect(points.map(({ people }) => people)).toEqual([1, 2, 3, 4]);
    points.slice(1).forEach((point, i) => {
      const before = points[i]!;
      expect(Number(point.feasible)).toBeGreaterThanOrEqual(Number(before.feasible));
      if (before.feasible) expect(point.lengthMin).toBeLessThanOrEqual(before.lengthMin);
    });
    expect(enough).toBeGreaterThanOrEqual(1);
  });
});

describe('what each does', () => {
  it('is said in stretches: one feeds the roller, the other fills', () => {
    const sheets = { first: 1, count: 4, openMin: 8, usedMin: 5 };
    const task = (n: number, fromMin: number) => ({
      ...solved().timetable.tasks[0]!,
      id: `s/turn/${n}`,
      kind: 'turn' as const,
      name: '',
      people: ['maren', 'ivo'],
      fromMin,
      toMin: fromMin + 10,
      handsToMin: fromMin + 10,
      sheets: { ...sheets, first: 4 * n - 3 },
      done: false,
    });
    const tasks = [task(1, 0), task(2, 10), task(3, 60)];
    expect(blocksOf({ tasks }, 'maren').map(({ name }) => name)).toEqual([
      'Roll: one feeds, sheets 1 to 8',
      'Roll: one feeds, sheets 9 to 12',
    ]);
    expect(blocksOf({ tasks }, 'ivo')[0]).toMatchObject({
      name: 'Fill and seal, sheets 1 to 8',
      others: ['maren'],
    });
    expect(blocksOf({ tasks }, 'nobody')).toEqual([]);
  });
});

describe('on paper', () => {
  const paper = () => {
    const { work, timetable } = solved(weekend());
    return {
      work,
      ...dayPaper(work, timetable, startingBasis, (v, u) => figureText(v, u, METRIC)),
    };
  };

  it('has a label for every tray, for every piece', () => {
    const { labels, work } = paper();
    const counted = labels.reduce((sum, { count }) => sum + Number.parseInt(count, 10), 0);
    expect(counted).toBe(work.services.reduce((sum, { result }) => sum + result.counts.made, 0));
    const frozen = labels.find(({ title }) => title === 'Stall trays')!;
    expect(frozen.cook).toMatch(/From frozen, never thawed/);
    expect(frozen.useBy).toBe(dayAfter(frozen.made, 60));
    expect(frozen.allergens).toMatch(/gluten/);
  });

  it('has everybody’s list, in order, and what to buy', () => {
    const { people, shopping, allergens } = paper();
    expect(people.map(({ name }) => name)).toEqual(['Maren', 'Ivo']);
    for (const { lines } of people) {
      const times = lines.map(({ date, from }) => `${date} ${from}`);
      expect([...times].sort()).toEqual(times);
    }
    expect(shopping.length).toBeGreaterThan(3);
    expect(allergens.map(({ name }) => name)).toEqual(['Ravioli', 'Stall trays']);
  });
});

describe('the demo’s week-end', () => {
  const read = () => {
    const text = readFileSync('demo/days/friday-supper-and-saturday-stall.json', 'utf8');
    const json = JSON.parse(text) as {
      plans: Record<string, string>;
      services: { overMin?: number }[];
    };
    return (overMin?: number) => {
      if (overMin !== undefined) json.services[0]!.overMin = overMin;
      return readDayFile(json, {
        fileOf: (name) => JSON.parse(readFileSync(`demo/days/${name}`, 'utf8')) as unknown,
      });
    };
  };

  it('has one clash: the pots are too small to plate so quickly', () => {
    const { day, plans } = read()();
    const { timetable } = solveDay(day, plans, startingBasis, { tries: 600 });
    expect(timetable.breaches.map(({ says }) => says)).toEqual([
      expect.stringMatching(/^Boil, round 1 .* would wait \d+ min too long in its sauce\.$/),
    ]);
  });

  it('can be done once the plates go out over an hour, on one dough of eggs uncut', () => {
    const { day, plans } = read()(60);
    const { work, timetable } = solveDay(day, plans, startingBasis, { tries: 1500 });
    expect(timetable.feasible).toBe(true);
    expect(timetable.over).toBeLessThan(0.1);
    expect(work.doughs[0]!.services.map(({ service }) => service.id)).toEqual(['supper', 'stall']);
  });
});
