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
  /** Not gear: time in which nobody is being served, for what is made for another day. */
  quiet: 'quiet',
} as const;

/** The engine's id of a pot. */
export const potGear = (name: string): string => `pot ${name}`;

/** As many tasks as there may be go on in quiet. */
const MANY = 1000;

/** Before the first plate goes out, its round is in the pot, min. */
const BEFORE_MIN = 10;

/**
 * The time in which no plates go out: between services, over all the days.
 * @param served services with plates: from when, and for how long, minutes of the day's clock
 * @example quietTime([{ atMin: 1140, overMin: 60 }], 2880) // [{ from: 0, to: 1130 }, { from: 1200, to: 2880 }]
 */
export function quietTime(
  served: readonly { readonly atMin: number; readonly overMin: number }[],
  untilMin: number,
): Span[] {
  const busy = served
    .map(({ atMin, overMin }) => ({ from: atMin - BEFORE_MIN, to: atMin + overMin }))
    .sort((a, b) => a.from - b.from);
  const quiet: Span[] = [];
  let from = 0;
  for (const each of busy) {
    if (each.from > from) quiet.push({ from, to: each.from });
    from = Math.max(from, each.to);
  }
  if (untilMin > from) quiet.push({ from, to: untilMin });
  return quiet;
}

/**
 * The gear of a day as the engine takes it: so many rollers, so much bench, room in trays.
 * @param open when somebody is there: no burner or oven is left alone in an empty house
 * @param quiet when nobody is served
 */
export function gearOfDay(
  { gear, services }: Day,
  open: readonly Span[],
  quiet: readonly Span[],
): Gear[] {
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
    { id: GEAR.quiet, capacity: MANY, hours: quiet },
    ...[...known].map((name) => ({ id: potGear(name), capacity: 1 })),
    ...[...new Set(gone)].map((name) => ({ id: potGear(name), capacity: 0 })),
  ];
}
