import type { Rules } from '../basis/rules';
import { heatFactor } from '../physics/diffusion';

/** Where sealed pieces wait for the pot. */
export const PHASE_PLACES = ['bench', 'drying', 'fridge', 'freezer'] as const;

export type PhasePlace = (typeof PHASE_PLACES)[number];

/** One stretch of the hold. */
export interface Phase {
  readonly place: PhasePlace;
  readonly minutes: number;
}

/** Temperatures of the places, °C. A frozen sheet passes no water whatever its cold. */
export interface HoldClimate {
  readonly roomC: number;
  readonly fridgeC: number;
}

const warm = (place: PhasePlace): boolean => place === 'bench' || place === 'drying';

/** Temperature of a place, °C. */
export const placeC = (place: PhasePlace, { roomC, fridgeC }: HoldClimate): number => {
  if (place === 'freezer') return FREEZER_C;
  return warm(place) ? roomC : fridgeC;
};

/** Where filled pieces are frozen, °C. */
export const FREEZER_C = -18;

/** How fast water goes through a sheet in a place, against 20 °C; 0 where it is frozen. Law on a rule. */
export const paceIn = (place: PhasePlace, climate: HoldClimate, rules: Rules): number =>
  place === 'freezer' ? 0 : heatFactor(placeC(place, climate), rules['hold.diffusion.heat'].value);

const SECOND_MIN = 1 / 60;

/** All of a hold, minutes; what is shorter than a second is none. */
export function holdMinutes(phases: readonly Phase[]): number {
  const total = phases.reduce((sum, { minutes }) => sum + minutes, 0);
  return total < SECOND_MIN ? 0 : total;
}

/** Where pieces are when they go into the pot: straight from the bench when they were not held. */
export const lastPlace = (phases: readonly Phase[]): PhasePlace => phases.at(-1)?.place ?? 'bench';

/**
 * What a hold comes to as seconds at 20 °C. Law.
 * @example warmSeconds([{ place: 'freezer', minutes: 600 }], { roomC: 22, fridgeC: 5 }) // 0
 */
export const warmSeconds = (phases: readonly Phase[], climate: HoldClimate, rules: Rules): number =>
  phases.reduce((sum, { place, minutes }) => sum + 60 * minutes * paceIn(place, climate, rules), 0);

/**
 * The minute of a hold at which so much has run up, its last place going on for as long as it takes;
 * null when it never does.
 * @param paceOf what a minute in a place adds
 */
export function minuteWhen(
  phases: readonly Phase[],
  wanted: number,
  paceOf: (place: PhasePlace) => number,
): number | null {
  let [had, minute] = [0, 0];
  for (const { place, minutes } of phases) {
    const pace = paceOf(place);
    if (pace > 0 && had + pace * minutes >= wanted) return minute + (wanted - had) / pace;
    had += pace * minutes;
    minute += minutes;
  }
  const pace = paceOf(lastPlace(phases));
  return pace > 0 ? minute + Math.max(0, wanted - had) / pace : null;
}

/**
 * A hold as far as one of its minutes; its last place goes on for as long as that takes.
 * @example untilMinute([{ place: 'bench', minutes: 20 }, { place: 'fridge', minutes: 60 }], 30)
 * // [{ place: 'bench', minutes: 20 }, { place: 'fridge', minutes: 10 }]
 */
export function untilMinute(phases: readonly Phase[], minute: number): Phase[] {
  let left = minute;
  const held = phases.map(({ place, minutes }) => {
    const here = Math.min(minutes, left);
    left -= here;
    return { place, minutes: here };
  });
  return left > 0 ? [...held, { place: lastPlace(phases), minutes: left }] : held;
}

/** The safe limit of a hold: at room temperature in all, or in the fridge. */
export interface SafeLimit {
  readonly minute: number;
  readonly by: 'room' | 'fridge';
}

/**
 * The minute at which a hold has been too long out of the cold, or too long in the fridge; null when it
 * goes into the freezer before. Rule; local codes come first.
 */
export function safeLimit(phases: readonly Phase[], rules: Rules): SafeLimit | null {
  const room = minuteWhen(phases, rules['hold.roomLimit'].value, (place) => (warm(place) ? 1 : 0));
  const fridge = minuteWhen(phases, rules['hold.fridgeLimit'].value, (place) =>
    place === 'fridge' ? 1 : 0,
  );
  if (room === null && fridge === null) return null;
  return (room ?? Infinity) <= (fridge ?? Infinity)
    ? { minute: room!, by: 'room' }
    : { minute: fridge!, by: 'fridge' };
}
