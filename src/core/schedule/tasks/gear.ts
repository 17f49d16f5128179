import type { Gear, Span } from '../engine/problem';
import type { Day } from '../document/day';

/** Gear by its id in the engine. */
export const GEAR = {
  rollers: 'rollers',
  benches: 'benches',
  burners: 'burners',
  ovens: 'ovens',
  fridge: 'fridge',
  freezer: 'freezer',
  trays: 'trays',
} as const;

/** The engine's id of a pot. */
export const potGear = (name: string): string => `pot ${name}`;

/**
 * The gear of a day as the engine takes it: so many rollers, so much bench, room in trays.
 * @param open when somebody is there: no burner or oven is left alone in an empty house
 */
export function gearOfDay({ gear, services }: Day, open: readonly Span[]): Gear[] {
  const known = new Set(gear.pots.map(({ name }) => name));
  // A pot that was taken out of the kitchen is there no more.
  const gone = services.flatMap(({ pots = [] }) => pots).filter((name) => !known.has(name));
  return [
    { id: GEAR.rollers, capacity: gear.rollers.length },
    { id: GEAR.benches, capacity: gear.benches.reduce((sum, { mm }) => sum + mm, 0) },
    { id: GEAR.burners, capacity: gear.burners, hours: open },
    { id: GEAR.ovens, capacity: gear.ovens, hours: open },
    { id: GEAR.fridge, capacity: gear.fridgeTrays },
    { id: GEAR.freezer, capacity: gear.freezerTrays },
    { id: GEAR.trays, capacity: gear.trays },
    ...[...known].map((name) => ({ id: potGear(name), capacity: 1 })),
    ...[...new Set(gone)].map((name) => ({ id: potGear(name), capacity: 0 })),
  ];
}
