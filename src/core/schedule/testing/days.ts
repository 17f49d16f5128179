import { startingPantry } from '../../composition/pantry';
import { parsePlan } from '../../plan/document/parsePlan';
import type { Plan } from '../../plan/document/schema';
import { planWith } from '../../testing/plans';
import { parseDay, type Day } from '../document/day';

/** For tests: plans by their ids. The two ravioli share dough and filling. */
export const DAY_PLANS: ReadonlyMap<string, Plan> = new Map([
  ['ravioli', planWith({ name: 'Ravioli', batch: { portions: 12, piecesPerPortion: 6 } })],
  ['stall', planWith({ name: 'Stall trays', batch: { portions: 6, piecesPerPortion: 8 } })],
  [
    'half-moons',
    parsePlan(
      {
        ...planWith(
          { name: 'Half-moons', batch: { portions: 8, piecesPerPortion: 5 } },
          'halfMoon',
        ),
      },
      startingPantry,
    ),
  ],
]);

const FRIDAY = '2026-11-27';
const DAYS = [
  { date: '2026-11-26', from: '14:00', to: '19:00' },
  { date: FRIDAY, from: '10:00', to: '22:30' },
  { date: '2026-11-28', from: '07:00', to: '10:00' },
];

/** A service as it may be written, its defaults left out. */
export type AnyService = Partial<Day['services'][number]> & { readonly planId: string };

/** For tests: a Friday with two cooks, begun on Thursday where that is wanted, its services given. */
export function dayWith(
  services: readonly AnyService[],
  change: Partial<Omit<Day, 'services'>> & { readonly date?: string } = {},
): Day {
  return parseDay({
    format: 'mortar-sheet/day',
    version: 1,
    name: 'A Friday',
    date: '2026-11-26',
    people: ['Maren', 'Ivo'].map((name) => ({ id: name.toLowerCase(), name, hours: DAYS })),
    gear: {
      rollers: [{ id: 'r1', name: 'Crank' }],
      pots: [
        { name: 'Big pot', litres: 12 },
        { name: 'Small pot', litres: 6 },
      ],
      fridgeTrays: 12,
      freezerTrays: 6,
      trays: 20,
    },
    ...change,
    services: services.map((service, i) => ({
      id: `s${i + 1}`,
      at: `${FRIDAY}T19:00`,
      portions: 8,
      overMin: 30,
      ...service,
    })),
  });
}

/** For tests: one supper for twelve. */
export const supper = () => dayWith([{ planId: 'ravioli', portions: 12 }]);

/** For tests: a supper, and frozen trays of the same dough and filling for a stall the day after. */
export const weekend = () =>
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
