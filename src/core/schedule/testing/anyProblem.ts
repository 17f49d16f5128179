import fc from 'fast-check';
import { NO_DISLIKES, type Link, type Problem } from '../engine/problem';

const SKILLS = ['a', 'b'];

/** For tests: any small day in the abstract: people with hours and skills, gear, room, waits, ways of doing things. */
export const anyProblem: fc.Arbitrary<Problem> = fc
  .record({
    tasks: fc.array(
      fc.record({
        ways: fc.array(
          fc.record({
            minutes: fc.integer({ min: 1, max: 40 }),
            roles: fc.array(fc.constantFrom(...SKILLS), { maxLength: 2 }),
            attends: fc.double({ min: 0.1, max: 1, noNaN: true }),
            gear: fc.integer({ min: 0, max: 3 }),
          }),
          { minLength: 1, maxLength: 2 },
        ),
        deadline: fc.constantFrom(0, -60, -200),
      }),
      { minLength: 1, maxLength: 12 },
    ),
    links: fc.array(
      fc.record({
        from: fc.nat(),
        to: fc.nat(),
        least: fc.integer({ min: -5, max: 60 }),
        slack: fc.option(fc.integer({ min: 60, max: 900 })),
        room: fc.boolean(),
      }),
      { maxLength: 12 },
    ),
    hands: fc.array(
      fc.record({
        skills: fc.subarray(SKILLS, { minLength: 1 }),
        from: fc.integer({ min: -1500, max: -600 }),
        gap: fc.integer({ min: 0, max: 200 }),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    capacity: fc.integer({ min: 1, max: 3 }),
    room: fc.integer({ min: 1, max: 6 }),
  })
  .map(({ tasks, links, hands, capacity, room }): Problem => {
    const chain = links.flatMap(({ from, to, least, slack, room: waits }): Link[] => {
      const [a, b] = [from % tasks.length, to % tasks.length];
      if (a === b) return [];
      return [
        {
          before: Math.min(a, b),
          after: Math.max(a, b),
          least,
          most: slack === null ? null : least + slack,
          waitsIn: waits ? { gear: 1, amount: 1 } : null,
        },
      ];
    });
    return {
      tasks: tasks.map(({ ways, deadline }, i) => ({
        id: `t${i}`,
        group: `g${i % 3}`,
        modes: ways.map(({ minutes, roles, attends, gear }) => ({
          minutes,
          roles,
          attended: {
            from: 0,
            to: roles.length > 0 ? Math.max(1, Math.round(minutes * attends)) : 0,
          },
          uses: gear > 0 && gear <= capacity ? [{ gear: 0, amount: gear }] : [],
        })),
        together: null,
        release: -5000,
        deadline,
        fixed: null,
        done: false,
      })),
      links: chain,
      hands: hands.map(({ skills, from, gap }, i) => ({
        id: `h${i}`,
        skills,
        hours: [
          { from, to: from + 300 },
          { from: from + 300 + gap + 1, to: 10 },
        ],
      })),
      gear: [
        { id: 'gear', capacity },
        { id: 'room', capacity: room },
      ],
      dislikes: NO_DISLIKES,
      stood: null,
    };
  });
