import { findIngredient, type Pantry } from '../composition/pantry';
import { requireInRange } from '../range';
import type { EggContents } from './eggSizes';
import { EGG_WHOLE, EGG_YOLK } from './makeup';
import { HYDRATION_BAND, targetHydration, type DoughStyle } from './targetHydration';

/** What goes with a gram of flour, whatever the eggs. */
export interface FlourBlend {
  /** Σ share of each flour × its absorption. */
  readonly absorption: number;
  /** Everything that is neither flour, hen egg nor plain water, g for a gram of flour. */
  readonly othersG: number;
  /** The water in it. */
  readonly othersWaterG: number;
  /** Solids in it that count as egg. */
  readonly othersEggSolidsG: number;
  /** Water that the weather put into the flour, g for a gram of flour. */
  readonly weatherWaterG: number;
}

/** What the cook starts from: flour, eggs in hand (each used whole or for its yolk), or the dough wanted. */
export type EggGiven =
  | { readonly kind: 'flour'; readonly g: number }
  | { readonly kind: 'eggs'; readonly count: number }
  | { readonly kind: 'dough'; readonly g: number };

export interface EggWish {
  readonly blend: FlourBlend;
  readonly given: EggGiven;
  readonly egg: EggContents;
  readonly style: DoughStyle;
  /** Yolk in the egg wanted, share of its mass; a whole egg's own when left out. */
  readonly yolkShare?: number | undefined;
  /** Plain water wanted, share of all the water; 0 when left out. */
  readonly waterShare?: number | undefined;
  /** Hydration to meet; the target of the flours and eggs when left out. */
  readonly aim?: number | undefined;
}

/** One dough in whole eggs and whole yolks. */
export interface EggOption {
  readonly eggs: number;
  readonly yolks: number;
  readonly waterG: number;
  readonly flourG: number;
  /** All of it, g. */
  readonly doughG: number;
  readonly hydration: number;
  readonly target: number;
  /** Distance from the wish, each part in its own measure; 0 is on it. */
  readonly error: number;
}

/** One unit of error: this much off in hydration, in yolk share, in the share of plain water. */
const UNIT = { hydration: HYDRATION_BAND, yolk: 0.1, water: 0.1 } as const;

/** Above this eggs are weighed, not counted, g of flour or dough. */
export const MOST_G = 20_000;

/** Options given back at most. */
const MOST_OPTIONS = 8;

interface Liquids {
  readonly massG: number;
  readonly waterG: number;
  readonly solidsG: number;
}

/**
 * Doughs in whole eggs and whole yolks, with the grams of water and flour that meet the hydration
 * wanted, the nearest to the wish first. Law (mass and water balance) on a target that is a rule.
 * An option that is too wet even without water is given with its true hydration, and ranked by it.
 *
 * error = |h − wanted| ÷ 0.025 + |yolk share − wanted| ÷ 0.1 + |water share − wanted| ÷ 0.1
 *
 * @param wish.given flour or dough 1 to 20000 g, or eggs 1 to 500
 * @throws FieldError out of range
 * @example
 * eggOptions({ blend: flour00, given: { kind: 'flour', g: 400 }, egg: { eggG: 50, yolkG: 17 },
 *   style: 'plain' }, startingPantry)[0] // { eggs: 4, yolks: 0, waterG: 1.6, flourG: 400, … }
 */
export function eggOptions(wish: EggWish, pantry: Pantry): EggOption[] {
  const { given, egg } = wish;
  checkWish(wish);
  const whole = findIngredient(pantry, EGG_WHOLE);
  const yolk = findIngredient(pantry, EGG_YOLK);
  const wantedYolk = wish.yolkShare ?? egg.yolkG / egg.eggG;
  const yolkErrorOf = (eggs: number, yolks: number) =>
    Math.abs(((eggs + yolks) * egg.yolkG) / (eggs * egg.eggG + yolks * egg.yolkG) - wantedYolk) /
    UNIT.yolk;
  const candidates = countsFor(given, egg, whole.water, yolk.water, wantedYolk)
    .map(([eggs, yolks]) => ({ eggs, yolks, yolkError: yolkErrorOf(eggs, yolks) }))
    .sort((a, b) => a.yolkError - b.yolkError);
  const best: EggOption[] = [];
  for (const { eggs, yolks, yolkError } of candidates) {
    // The yolk alone puts this one, and all after it, behind what is there already.
    if (best.length === MOST_OPTIONS && yolkError > best[MOST_OPTIONS - 1]!.error) break;
    const wholeG = eggs * egg.eggG;
    const yolkG = yolks * egg.yolkG;
    const liquids: Liquids = {
      massG: wholeG + yolkG,
      waterG: wholeG * whole.water + yolkG * yolk.water,
      solidsG: wholeG * (1 - whole.water) + yolkG * (1 - yolk.water),
    };
    const option = solveOne(wish, liquids);
    if (!option) continue;
    const { flourG, waterG } = option;
    const totalWaterG =
      liquids.waterG + waterG + flourG * (wish.blend.othersWaterG + wish.blend.weatherWaterG);
    const hydration = totalWaterG / flourG;
    const target = targetFor(wish, liquids, flourG);
    const error =
      Math.abs(hydration - (wish.aim ?? target)) / UNIT.hydration +
      yolkError +
      Math.abs(waterG / totalWaterG - (wish.waterShare ?? 0)) / UNIT.water;
    if (best.length === MOST_OPTIONS && error >= best[MOST_OPTIONS - 1]!.error) continue;
    best.push({
      eggs,
      yolks,
      waterG,
      flourG,
      doughG: flourG * (1 + wish.blend.othersG) + liquids.massG + waterG,
      hydration,
      target,
      error,
    });
    best.sort((a, b) => a.error - b.error || a.yolks - b.yolks || a.eggs - b.eggs);
    best.length = Math.min(best.length, MOST_OPTIONS);
  }
  return best;
}

function checkWish({ given, egg, yolkShare, waterShare }: EggWish): void {
  requireInRange('eggG', egg.eggG, { min: 20, max: 120, unit: 'g' });
  requireInRange('yolkG', egg.yolkG, { min: 5, max: Math.min(60, egg.eggG), unit: 'g' });
  if (given.kind === 'flour') requireInRange('flourG', given.g, { min: 1, max: MOST_G, unit: 'g' });
  if (given.kind === 'dough') requireInRange('doughG', given.g, { min: 1, max: MOST_G, unit: 'g' });
  if (given.kind === 'eggs') {
    requireInRange('eggs', given.count, { min: 1, max: 500, whole: true });
  }
  if (yolkShare !== undefined) requireInRange('yolkShare', yolkShare, { min: 0, max: 1 });
  if (waterShare !== undefined) requireInRange('waterShare', waterShare, { min: 0, max: 1 });
}

/**
 * Every count of eggs and yolks worth a look: at least one of them, not twice too wet, and the yolks
 * within a dozen, 15 % of the eggs or 60 % of themselves of what the yolk share asks for.
 */
function countsFor(
  given: EggGiven,
  { eggG, yolkG }: EggContents,
  wholeWater: number,
  yolkWater: number,
  yolkShare: number,
): [eggs: number, yolks: number][] {
  if (given.kind === 'eggs') {
    return Array.from({ length: given.count + 1 }, (_, yolks) => [given.count - yolks, yolks]);
  }
  // No sheet dough holds more water than 0.7 of its flour; dough is at least as heavy as its flour.
  const mostWaterG = 0.7 * given.g;
  const counts: [number, number][] = [];
  // Yolks to an egg at that share; yolks alone have no bound but the water.
  const perEgg =
    yolkShare < 1 ? Math.max(0, (eggG * yolkShare - yolkG) / (yolkG * (1 - yolkShare))) : Infinity;
  for (let eggs = 0; eggs * eggG * wholeWater <= mostWaterG; eggs += 1) {
    const mostYolks = Math.floor((mostWaterG - eggs * eggG * wholeWater) / (yolkG * yolkWater));
    const near = Math.min(eggs === 0 ? 0 : eggs * perEgg, mostYolks);
    const reach = eggs === 0 ? mostYolks : Math.max(12, 0.15 * eggs, 0.6 * near);
    const first = Math.max(eggs === 0 ? 1 : 0, Math.floor(near - reach));
    for (let yolks = first; yolks <= Math.min(mostYolks, near + reach); yolks += 1) {
      counts.push([eggs, yolks]);
    }
  }
  return counts;
}

const targetFor = ({ blend, style }: EggWish, liquids: Liquids, flourG: number): number =>
  targetHydration({
    eggSolidsRatio: liquids.solidsG / flourG + blend.othersEggSolidsG,
    absorption: blend.absorption,
    style,
  });

/** Flour and water for given eggs; null when the eggs alone outweigh the dough wanted. */
function solveOne(
  wish: EggWish,
  liquids: Liquids,
): { readonly flourG: number; readonly waterG: number } | null {
  const { blend, given, aim } = wish;
  const wanted = (flourG: number) => aim ?? targetFor(wish, liquids, flourG);
  const perFlour = blend.othersWaterG + blend.weatherWaterG;
  /** Water to add for a flour; below 0 when the eggs bring more than is wanted. */
  const waterFor = (flourG: number) => wanted(flourG) * flourG - liquids.waterG - perFlour * flourG;
  if (given.kind === 'flour') {
    return { flourG: given.g, waterG: Math.max(0, waterFor(given.g)) };
  }
  if (given.kind === 'eggs') {
    // Plain water as its wished share of all the water.
    const share = Math.min(0.95, wish.waterShare ?? 0);
    const waterWith = (flourG: number) =>
      (share / (1 - share)) * (liquids.waterG + perFlour * flourG);
    const flourG = falling(
      (f) => liquids.waterG + perFlour * f + waterWith(f) - wanted(f) * f,
      1e-6,
      liquids.waterG * 200,
    );
    return { flourG, waterG: waterWith(flourG) };
  }
  const mostFlourG = (given.g - liquids.massG) / (1 + blend.othersG);
  if (mostFlourG <= 0) return null;
  const waterLeft = (flourG: number) =>
    Math.max(0, given.g - liquids.massG - flourG * (1 + blend.othersG));
  // Too wet with no water at all: the flour is what there is room for.
  if (waterFor(mostFlourG) <= 0) return { flourG: mostFlourG, waterG: 0 };
  const flourG = falling((f) => waterLeft(f) - waterFor(f), mostFlourG * 1e-6, mostFlourG);
  return { flourG, waterG: waterLeft(flourG) };
}

/** Where a falling function crosses 0: false position, the end that stays weighed down by half. */
function falling(f: (x: number) => number, from: number, to: number): number {
  let low = from;
  let high = to;
  let atLow = f(low);
  let atHigh = f(high);
  let side = 0;
  let x = low;
  for (let i = 0; i < 100 && high - low > 1e-9 * high; i += 1) {
    x = (low * atHigh - high * atLow) / (atHigh - atLow);
    const at = f(x);
    if (Math.abs(at) < 1e-10) break;
    if (at > 0) {
      low = x;
      atLow = at;
      if (side === 1) atHigh /= 2;
      side = 1;
    } else {
      high = x;
      atHigh = at;
      if (side === -1) atLow /= 2;
      side = -1;
    }
  }
  return x;
}
