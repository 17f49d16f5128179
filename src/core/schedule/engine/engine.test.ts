import fc from 'fast-check';
import { instance, shortest } from '../testing/instances';
import { anyProblem } from '../testing/anyProblem';
import { chainsOf, inOrder, latestStart } from './bound';
import { checkSchedule } from './check';
import { lengthOf } from './cost';
import { generate } from './generate';
import { mirror, mirrorSchedule, prepare } from './prepared';
import { emptyProfile, lastBlocked, mostTaken, take } from './profile';
import { NO_DISLIKES, type Mode, type Problem, type Task } from './problem';
import { readySooner, sooner } from './ready';
import { slackOf } from './slack';
import { search, solve } from './solve';

const mode = (minutes: number, roles: string[] = [], more: Partial<Mode> = {}): Mode => ({
  minutes,
  roles,
  uses: [],
  attended: { from: 0, to: roles.length > 0 ? minutes : 0 },
  ...more,
});

const task = (id: string, modes: Mode[], more: Partial<Task> = {}): Task => ({
  id,
  group: id,
  modes,
  together: null,
  release: -Infinity,
  deadline: 0,
  fixed: null,
  done: false,
  ...more,
});

const problem = (more: Partial<Problem>): Problem => ({
  tasks: [],
  links: [],
  hands: [{ id: 'a', skills: ['do'], hours: [{ from: -1000, to: 1000 }] }],
  gear: [],
  dislikes: NO_DISLIKES,
  stood: null,
  ...more,
});

const link = (before: number, after: number, more: object = {}) => ({
  before,
  after,
  least: 0,
  most: null,
  waitsIn: null,
  ...more,
});

describe('a profile', () => {
  const spans = fc.array(
    fc.record({
      from: fc.integer({ min: 0, max: 40 }),
      long: fc.integer({ min: 0, max: 12 }),
      amount: fc.integer({ min: 1, max: 3 }),
    }),
    { maxLength: 12 },
  );

  it('knows at every minute how much is taken', () => {
    fc.assert(
      fc.property(
        spans,
        fc.integer({ min: 0, max: 50 }),
        fc.integer({ min: 1, max: 12 }),
        (all, from, long) => {
          const profile = emptyProfile();
          for (const span of all) take(profile, span.from, span.from + span.long, span.amount);
          const at = (minute: number) =>
            all.reduce(
              (sum, span) =>
                sum + (minute >= span.from && minute < span.from + span.long ? span.amount : 0),
              0,
            );
          const minutes = Array.from({ length: long }, (_, i) => from + i);
          expect(mostTaken(profile, from, from + long)).toBe(Math.max(...minutes.map(at)));
          const blocked = minutes.filter((minute) => at(minute) > 2).at(-1);
          const found = lastBlocked(profile, from, from + long, 2);
          if (blocked === undefined) expect(found).toBeNull();
          else {
            expect(found).toBeLessThanOrEqual(blocked);
            expect(at(found!)).toBeGreaterThan(2);
            expect(at(found! - 1)).toBeLessThanOrEqual(2);
          }
        },
      ),
    );
  });
});

describe('against known answers', () => {
  const SEEDS = Array.from({ length: 120 }, (_, i) => i + 1);
  const small = (seed: number) => instance(seed, { tasks: 4 + (seed % 7), gear: 1 + (seed % 2) });

  it('is never better than the shortest there is, and within 2 % of it on average', () => {
    let over = 0;
    for (const seed of SEEDS) {
      const of = small(seed);
      const least = shortest(of);
      const solved = solve(of, { seed, tries: 300 });
      expect(solved.breaches).toEqual([]);
      expect(solved.lengthMin).toBeGreaterThanOrEqual(least);
      // The bound is one.
      expect(solved.leastMin).toBeLessThanOrEqual(least);
      over += solved.lengthMin / least - 1;
    }
    expect(over / SEEDS.length).toBeLessThan(0.02);
  });

  it('keeps to the gear on larger ones, not far over the least possible', () => {
    const over = [1, 2, 3].map((seed) => {
      const solved = solve(instance(seed, { tasks: 60, gear: 2 }), { seed, tries: 300 });
      expect(solved.breaches).toEqual([]);
      return solved.lengthMin / solved.leastMin - 1;
    });
    expect(over.reduce((sum, each) => sum + each, 0) / over.length).toBeLessThan(0.15);
  });

  it('finds the same by the same seed, and no worse the longer it looks', () => {
    const of = instance(5, { tasks: 40, gear: 2 });
    expect(solve(of, { seed: 3, tries: 100 })).toEqual(solve(of, { seed: 3, tries: 100 }));
    let last = Infinity;
    for (const { cost } of search(of, { seed: 3, tries: 400 })) {
      expect(cost).toBeLessThanOrEqual(last);
      last = cost;
    }
  });
});

describe('any problem', () => {
  it('is solved so that no limit is broken that is not told, 2,000 times', () => {
    let kept = 0;
    fc.assert(
      fc.property(anyProblem, fc.integer({ min: 1, max: 1e6 }), (of, seed) => {
        const there = prepare(of);
        const keys = of.tasks.map((_, i) => ((i + 1) * seed) % 101);
        const made = generate(there, {
          keys,
          modes: of.tasks.map(({ modes }) => seed % modes.length),
          scheme: seed % 3 === 0 ? 'parallel' : 'serial',
        });
        const breaches = checkSchedule(of, made.placed);
        if (made.broken === 0) {
          kept += 1;
          expect(breaches).toEqual([]);
        }
        // What is broken is told as broken.
        if (breaches.length > 0) expect(made.broken).toBeGreaterThan(0);
      }),
      { numRuns: 2000 },
    );
    // Most can be done: the rest of this says something.
    expect(kept).toBeGreaterThan(800);
  });

  it('mirrored twice is itself, and each schedule with it', () => {
    fc.assert(
      fc.property(anyProblem, (of) => {
        const twice = mirror(mirror(of));
        expect(twice.tasks.map(({ modes }) => modes)).toEqual(of.tasks.map(({ modes }) => modes));
        expect(twice.hands).toEqual(of.hands);
        const { placed } = generate(prepare(of), {
          keys: of.tasks.map((_, i) => i),
          modes: of.tasks.map(() => 0),
          scheme: 'serial',
        });
        expect(mirrorSchedule(mirror(of), mirrorSchedule(of, placed))).toEqual(placed);
      }),
      { numRuns: 100 },
    );
  });

  it('starts no later than the bound allows', () => {
    fc.assert(
      fc.property(anyProblem, (of) => {
        const solved = solve(of, { tries: 30 });
        if (solved.breaches.length > 0) return;
        const first = Math.min(...solved.schedule.map(({ start }) => start));
        expect(first).toBeLessThanOrEqual(latestStart(of) + 1e-9);
      }),
      { numRuns: 150 },
    );
  });

  it('served sooner never begins later', () => {
    fc.assert(
      fc.property(anyProblem, fc.integer({ min: 1, max: 90 }), (of, minutes) => {
        const always = of.hands.map((hand) => ({ ...hand, hours: [{ from: -1e5, to: 1e5 }] }));
        const open = { ...of, hands: always };
        const first = (solved: { schedule: readonly { start: number }[] }) =>
          Math.min(...solved.schedule.map(({ start }) => start));
        const [now, early] = [open, sooner(open, minutes)].map((each) =>
          solve(each, { tries: 40 }),
        );
        if (now!.breaches.length > 0) return;
        expect(first(early!)).toBeLessThanOrEqual(first(now!));
      }),
      { numRuns: 100 },
    );
  });

  it('with another pair of hands is never worse, the old way kept where it is better', () => {
    fc.assert(
      fc.property(anyProblem, (of) => {
        const few = solve(of, { tries: 30 });
        const more: Problem = {
          ...of,
          hands: [
            ...of.hands,
            { id: 'more', skills: ['a', 'b'], hours: [{ from: -1e5, to: 1e5 }] },
          ],
        };
        const many = solve(more, { tries: 30, from: few.schedule });
        expect(many.cost).toBeLessThanOrEqual(few.cost + 1e-6);
      }),
      { numRuns: 100 },
    );
  });
});

describe('what it keeps', () => {
  it('waits: what is boiled does not stand, what rests does', () => {
    const of = problem({
      tasks: [task('mix', [mode(10, ['do'])]), task('roll', [mode(20, ['do'])])],
      links: [link(0, 1, { least: 30 })],
    });
    expect(solve(of).schedule.map(({ start }) => start)).toEqual([-60, -20]);
    const crust = { ...of, links: [link(0, 1, { least: 30, most: 40 })] };
    expect(
      checkSchedule(crust, [
        { start: -100, mode: 0, hands: [0] },
        { start: -20, mode: 0, hands: [0] },
      ]),
    ).toEqual([{ kind: 'wait', task: 0, other: 1, by: 30 }]);
  });

  it('hours, skills and one thing at a time', () => {
    const of = problem({
      tasks: [task('a', [mode(10, ['do'])]), task('b', [mode(10, ['do'])])],
      hands: [{ id: 'x', skills: ['do'], hours: [{ from: -100, to: -30 }] }],
    });
    const { schedule, breaches } = solve(of);
    expect(breaches).toEqual([]);
    expect(schedule.map(({ start }) => start).sort((a, b) => a - b)).toEqual([-50, -40]);
    const both = [
      { start: -35, mode: 0, hands: [0] },
      { start: -25, mode: 0, hands: [0] },
    ];
    expect(checkSchedule(of, both).map(({ kind, by }) => [kind, by])).toEqual([
      ['hours', 5],
      ['hours', 10],
    ]);
    const cannot = { ...of, hands: [{ ...of.hands[0]!, skills: ['other'] }] };
    expect(solve(cannot).breaches.map(({ kind }) => kind)).toEqual(['nobody', 'nobody']);
  });

  it('hands only as long as they are at it', () => {
    const roast = mode(60, ['do'], { attended: { from: 0, to: 10 } });
    const of = problem({ tasks: [task('a', [roast]), task('b', [mode(50, ['do'])])] });
    expect(solve(of).lengthMin).toBe(60);
  });

  it('room: what waits takes it, and is done sooner where it would not fit', () => {
    const tray = { gear: 0, amount: 1 };
    const of = problem({
      gear: [{ id: 'freezer', capacity: 1 }],
      tasks: [
        task('make 1', [mode(10, ['do'])], { deadline: Infinity }),
        task('make 2', [mode(10, ['do'])], { deadline: Infinity }),
        task('bag 1', [mode(5, ['do'])]),
        task('bag 2', [mode(5, ['do'])]),
      ],
      links: [link(0, 2, { least: 60, waitsIn: tray }), link(1, 3, { least: 60, waitsIn: tray })],
    });
    const solved = solve(of, { tries: 400 });
    expect(solved.breaches).toEqual([]);
    expect(solved.lengthMin).toBeGreaterThanOrEqual(2 * 60 + 15);
  });

  it('what is fixed where it stands, the rest round it', () => {
    const at = { start: -30, mode: 0, hands: [0] };
    const of = problem({
      tasks: [task('a', [mode(10, ['do'])], { fixed: at }), task('b', [mode(25, ['do'])])],
    });
    const { schedule } = solve(of);
    expect(schedule[0]).toEqual(at);
    expect(schedule[1]!.start).toBe(-55);
  });

  it('what stood, as far as it can', () => {
    const of = problem({
      hands: ['x', 'y'].map((id) => ({ id, skills: ['do'], hours: [{ from: -1000, to: 1000 }] })),
      tasks: [task('a', [mode(10, ['do'])]), task('b', [mode(10, ['do'])])],
      dislikes: { ...NO_DISLIKES, moved: 2 },
      stood: [
        { start: -10, mode: 0, hands: [1] },
        { start: -10, mode: 0, hands: [0] },
      ],
    });
    expect(solve(of).schedule.map(({ hands }) => hands)).toEqual([[1], [0]]);
  });

  it('a way of doing it that is shorter', () => {
    const of = problem({
      hands: ['x', 'y'].map((id) => ({ id, skills: ['do'], hours: [{ from: -1000, to: 1000 }] })),
      tasks: [task('a', [mode(30, ['do']), mode(15, ['do', 'do'])])],
    });
    expect(solve(of).lengthMin).toBe(15);
  });
});

describe('chains', () => {
  it('that run in a ring are a fault of the product', () => {
    const of = problem({
      tasks: [task('a', [mode(1)]), task('b', [mode(1)])],
      links: [link(0, 1), link(1, 0)],
    });
    expect(() => inOrder(of)).toThrow(/ring/);
  });

  it('end when somebody is there', () => {
    const of = problem({
      tasks: [task('a', [mode(10, ['do'])])],
      hands: [{ id: 'x', skills: ['do'], hours: [{ from: -100, to: -30 }] }],
    });
    expect(chainsOf(of).latestEnd).toEqual([-30]);
  });
});

describe('two tasks of one pair of hands at once', () => {
  const at = (start: number) => ({ start, mode: 0, hands: [0] });
  const told = (done: [boolean, boolean]) =>
    checkSchedule(
      problem({
        tasks: done.map((each, i) => task(`t${i}`, [mode(10, ['do'])], { done: each })),
      }),
      [at(-40), at(-36)] as never,
    );

  it('are told by how long, but for those that are both done: they stood so', () => {
    const busy = { kind: 'busy', task: 1, hand: 0, by: 6 };
    expect(told([false, false])).toEqual([busy]);
    expect(told([true, false])).toEqual([busy]);
    expect(told([false, true])).toEqual([busy]);
    expect(told([true, true])).toEqual([]);
  });
});

describe('what may slip', () => {
  it('is what is to spare at the end, and gaps on the way', () => {
    const of = problem({
      tasks: [task('a', [mode(10, ['do'])]), task('b', [mode(10, ['do'])])],
      links: [link(0, 1, { least: 15, spare: 15 })],
    });
    const { schedule } = solve(of);
    expect(slackOf(of, schedule)).toEqual([15, 0]);
  });

  it('never makes anything late', () => {
    fc.assert(
      fc.property(anyProblem, fc.nat(), (of, pick) => {
        const solved = solve(of, { tries: 10 });
        if (solved.breaches.length > 0) return;
        const slack = slackOf(of, solved.schedule);
        expect(slack.every((each) => each >= 0)).toBe(true);
        // The last of all may slip by itself as far as it is told.
        const i = pick % of.tasks.length;
        if (of.links.some(({ before, after }) => before === i || after === i)) return;
        const { deadline } = of.tasks[i]!;
        const { start, mode: way } = solved.schedule[i]!;
        expect(start + of.tasks[i]!.modes[way]!.minutes + slack[i]!).toBeLessThanOrEqual(deadline);
      }),
      { numRuns: 100 },
    );
  });
});

describe('ready sooner', () => {
  const of = problem({
    tasks: [task('a', [mode(30, ['do'])])],
    hands: [{ id: 'x', skills: ['do'], hours: [{ from: -100, to: 200 }] }],
  });

  it('is as much as the hours leave', () => {
    expect(readySooner(of, true)).toBe(70);
  });

  it('is below nothing where it comes late', () => {
    const late = { ...of, hands: [{ ...of.hands[0]!, hours: [{ from: 20, to: 200 }] }] };
    expect(readySooner(late, false)).toBe(-50);
  });

  it('is never where nobody comes at all', () => {
    expect(readySooner({ ...of, hands: [] }, false)).toBeNull();
  });
});

it('a length is counted from what is not fixed', () => {
  const of = problem({
    tasks: [
      task('a', [mode(10)]),
      task('b', [mode(10)], { fixed: { start: -90, mode: 0, hands: [] } }),
    ],
  });
  expect(
    lengthOf(
      of,
      [
        { start: -10, mode: 0, hands: [] },
        { start: -90, mode: 0, hands: [] },
      ],
      0,
    ),
  ).toBe(10);
});
