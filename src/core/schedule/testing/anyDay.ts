import fc from 'fast-check';
import type { Day } from '../document/day';
import { dayWith } from './days';

/** For tests: any day: one to three services of any kind and hour, by few hands or none, with little gear or none. */
export const anyDay: fc.Arbitrary<Day> = fc
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
