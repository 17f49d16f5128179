import { startingPantry } from '../../composition/pantry';
import { readFileSync } from 'node:fs';
import { startingBasis } from '../../basis/basis';
import { readDayFile } from '../../formats/dayFile';
import { METRIC } from '../../units/units';
import { figureText, type WriteFigure } from '../../units/format';
import { dayAfter, momentAt } from '../document/clock';
import { minuteOf } from '../document/clock';
import { newDay, parseDay } from '../document/day';
import { readySooner } from '../engine/ready';
import { startingKitchen } from '../../kitchen/kitchen';
import { inKitchen } from '../../plan/questions/inKitchen';
import { startingPlans } from '../../plan/starting/startingPlans';
import { FAMILY_IDS } from '../../shapes/families';
import { planWith } from '../../testing/plans';
import { solve } from '../engine/solve';
import { dayPaper } from '../paper';
import { dayWork } from '../tasks/work';
import { DAY_PLANS, dayWith, supper, weekend } from '../testing/days';
import { blocksOf } from './blocks';
import { handsCurve } from './handsCurve';
import { mendsFor } from './mends';
import { breaksWhenMoved, solveDay } from './solveDay';

const write: WriteFigure = (value, unit) => figureText(value, unit, METRIC);

const solved = (day = supper()) => solveDay(day, DAY_PLANS, startingBasis, { tries: 300 });

describe('moving a task', () => {
  it('says at once what breaks, and nothing where nothing does', () => {
    const day = solved();
    const turn = day.timetable.tasks.find(({ kind }) => kind === 'turn')!;
    expect(
      breaksWhenMoved(day, turn.id, { start: turn.fromMin, people: turn.people }, write),
    ).toEqual([]);
    const late = breaksWhenMoved(
      day,
      turn.id,
      { start: turn.fromMin + 180, people: turn.people },
      write,
    );
    expect(late.join(' ')).toMatch(/too soon after/);
    expect(breaksWhenMoved(day, 'nothing', { start: 0, people: [] }, write)).toEqual([]);
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
      expect(
        solve(dayWork(parseDay(day), DAY_PLANS, startingBasis).problem, { tries: 80 }).breaches,
      ).toEqual([]);
    }
    expect(enough.map(({ says }) => says).join()).toMatch(/serve over 1 h/);
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
    // Enough: the first crew with which it can be done and whom one more saves no five minutes.
    const saves = (people: number) => points[people - 1]!.lengthMin - points[people]!.lengthMin;
    expect(points[enough - 1]!.feasible).toBe(true);
    if (enough < points.length) expect(saves(enough)).toBeLessThan(5);
    for (const { people, feasible } of points.slice(0, enough - 1)) {
      if (feasible) expect(saves(people)).toBeGreaterThanOrEqual(5);
    }
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
    expect(frozen.contains).toMatch(/gluten/);
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
  const read = (name: string) => {
    const text = readFileSync(`demo/days/${name}.json`, 'utf8');
    return readDayFile(JSON.parse(text), {
      pantry: startingPantry,
      fileOf: (file) => JSON.parse(readFileSync(`demo/days/${file}`, 'utf8')) as unknown,
    });
  };

  it('fits, with a few minutes to spare, on one dough of eggs uncut', () => {
    const { day, plans } = read('friday-supper-and-saturday-stall');
    const { work, timetable } = solveDay(day, plans, startingBasis, { tries: 1500 });
    expect(timetable.feasible).toBe(true);
    expect(timetable.over).toBeLessThan(0.1);
    expect(work.doughs[0]!.services.map(({ service }) => service.id)).toEqual(['supper', 'stall']);
    const soonerMin = readySooner(work.problem, true)!;
    expect(soonerMin).toBeGreaterThan(0);
    expect(soonerMin).toBeLessThan(60);
  });

  it('has a second that does not: one pot is too small to serve so quickly', () => {
    const { day, plans } = read('ferry-lunch-with-one-pot');
    const { timetable } = solveDay(day, plans, startingBasis, { tries: 600 });
    expect(timetable.breaches.map(({ says }) => says)).toEqual([
      expect.stringMatching(/^Boil, round 1 .* would wait \d+ min too long in its sauce\.$/),
    ]);
    const mends = mendsFor(day, plans, startingBasis);
    expect(mends.some(({ enough, says }) => enough && /serve over 1 h/.test(says))).toBe(true);
  });
});

describe('a supper at home', () => {
  it.each(FAMILY_IDS)('fits on the starting kitchen’s one pot, for 4, 6 and 12: %s', (family) => {
    const plan = inKitchen(startingPlans[family], startingKitchen, startingBasis);
    const date = '2026-12-05';
    for (const portions of [4, 6, 12]) {
      const day = parseDay({
        ...newDay(startingKitchen, { name: 'Supper', date }),
        services: [{ id: 's', planId: 'p', at: `${date}T19:00`, portions }],
      });
      const { timetable } = solveDay(day, new Map([['p', plan]]), startingBasis, { tries: 200 });
      expect(timetable.breaches).toEqual([]);
      expect(timetable.feasible).toBe(true);
      expect(timetable.tasks.filter(({ kind }) => kind === 'round').length).toBeLessThanOrEqual(6);
    }
  });
});

describe('what is frozen', () => {
  const plans = new Map([['moulded', planWith({ name: 'Moulded' }, 'mouldedRavioli')]]);
  const served = (ahead: 'frozen' | 'inFreezer') =>
    solveDay(
      dayWith([{ planId: 'moulded', portions: 50, overMin: 90, ahead }]),
      plans,
      startingBasis,
      { tries: 300 },
    );

  it('before its day is rolled and bagged before anything is served', () => {
    const { timetable } = served('frozen');
    expect(timetable.feasible).toBe(true);
    const at = minuteOf('2026-11-27T19:00', '2026-11-26');
    const made = timetable.tasks.filter(({ kind }) => kind === 'turn' || kind === 'bag');
    expect(made.length).toBeGreaterThan(1);
    for (const { toMin } of made) expect(toMin).toBeLessThanOrEqual(at - 30);
  });

  it('weeks before is only boiled and plated: three hundred pieces over an hour and a half', () => {
    const { timetable, work } = served('inFreezer');
    expect(timetable.feasible).toBe(true);
    expect(new Set(timetable.tasks.map(({ kind }) => kind))).toEqual(
      new Set(['water', 'round', 'plate']),
    );
    expect([work.doughs, work.fillings]).toEqual([[], []]);
    const rounds = timetable.tasks.filter(({ kind }) => kind === 'round');
    const { counts } = work.services[0]!.result;
    expect(counts.plated).toBeGreaterThanOrEqual(300);
    expect(rounds.reduce((sum, { pieces }) => sum + pieces!, 0)).toBe(counts.made - counts.tasted);
    // Spread over the service, not all at its beginning.
    const times = rounds.map(({ fromMin }) => fromMin).sort((a, b) => a - b);
    expect(times.at(-1)! - times[0]!).toBeGreaterThan(60);
    // Plates go out as the rounds do: whoever plates is told for how long.
    const plate = timetable.tasks.find(({ kind }) => kind === 'plate')!;
    expect(plate.name).toBe('Plate, 50 portions, a few at a time for 1 h 30');
    expect(plate.toMin - plate.fromMin).toBe(90);
    // A round takes hands in and out of the pot, not all along.
    for (const { fromMin, toMin, handsToMin } of rounds) {
      expect(handsToMin - fromMin).toBeLessThan(toMin - fromMin);
    }
  });
});
