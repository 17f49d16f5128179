import fc from 'fast-check';
import { startingBasis } from '../../basis/basis';
import { checkSchedule } from '../engine/check';
import { anyDay } from '../testing/anyDay';
import { DAY_PLANS } from '../testing/days';
import { lanesOf } from './lanes';
import { solveDay, type SolvedDay } from './solveDay';

/** No lane holds more than it has room for, and nobody is in two places at once. */
function expectLanesKept({ work, timetable }: SolvedDay): void {
  for (const lane of lanesOf(work, timetable)) {
    if (lane.kind === 'room') {
      for (const { trays } of lane.levels) {
        expect(trays.reduce((sum, { n }) => sum + n, 0)).toBeLessThanOrEqual(lane.capacity);
      }
    }
    if (lane.kind === 'person') {
      lane.blocks
        .slice(1)
        .forEach((block, i) => expect(block.fromMin).toBeGreaterThanOrEqual(lane.blocks[i]!.toMin));
    }
  }
}

it('any day, 2,000 times, breaks no limit that it does not tell, and has every task once', () => {
  let done = 0;
  fc.assert(
    fc.property(anyDay, (day) => {
      const found = solveDay(day, DAY_PLANS, startingBasis, { tries: 3 });
      const { work, solved, timetable } = found;
      expect(checkSchedule(work.problem, solved.schedule)).toEqual(solved.breaches);
      expect(timetable.feasible).toBe(
        solved.breaches.length + work.troubles.length + work.slowCooling.length === 0,
      );
      expect(new Set(timetable.tasks.map(({ id }) => id)).size).toBe(timetable.tasks.length);
      if (timetable.feasible) {
        done += 1;
        expectLanesKept(found);
        // What cannot be done says why.
      } else expect(timetable.breaches.every(({ says }) => /^[A-Z0-9].*\.$/.test(says))).toBe(true);
    }),
    { numRuns: 2000 },
  );
  // Enough can be done: the rest of this says something.
  expect(done).toBeGreaterThan(300);
});
