import { findIngredient, type Pantry } from '../composition/pantry';
import { requireInRange } from '../range';
import { EGG_WHOLE, EGG_YOLK } from './makeup';
import type { Rules } from '../basis/rules';
import {
  aimRange,
  bandFor,
  floated,
  leastError,
  mayFloat,
  solve,
  weightOf,
  type EggWish,
  type ErrorUnits,
  type Liquids,
} from './eggDough';
import type { HydrationBand } from './targetHydration';

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
  /** What its hydration may be. */
  readonly band: HydrationBand;
  /** Distance from the wish, each part in its own measure; 0 is on it. */
  readonly error: number;
}

/** Above this eggs are weighed, not counted, g of flour or dough. */
export const MOST_G = 20_000;

/** The most eggs that are counted whole. */
export const MOST_EGGS = 500;

/** Eggs drier than this are powder: weighed, not counted. Share of water. */
const DRIEST_EGG = 0.2;

/** Which options are wanted. */
export interface EggLimits {
  /** As many as are given back, the best; 8 when left out. */
  readonly most?: number;
  /** None further from the wish than this. */
  readonly within?: number;
  /** Only those that meet the hydration wanted, none too wet. */
  readonly exact?: boolean;
  /** How far a dough may be from the weight wanted, to come to whole eggs without drops of water, share. */
  readonly float?: number;
  readonly rules: Rules;
}

const unitsOf = (rules: Rules): ErrorUnits => ({
  hydration: rules['dough.eggs.hydrationUnit'].value,
  yolk: rules['dough.eggs.yolkUnit'].value,
  water: rules['dough.eggs.waterUnit'].value,
});

/** Meeting a hydration to this is meeting it. */
const EXACT = 1e-6;

/**
 * Doughs in whole eggs and whole yolks, with the grams of water and flour that meet the hydration
 * wanted, the nearest to the wish first. Law (mass and water balance) on a target that is a rule.
 * An option that is too wet even without water is given with its true hydration, and ranked by it.
 *
 * error = |h − wanted| ÷ 0.025 + |yolk share − wanted| ÷ 0.1 + |water share − wanted| ÷ 0.1
 *
 * Every count of eggs and yolks is looked at; those whose yolk or water alone puts them behind the
 * best are not worked out.
 *
 * @param wish.given flour or dough 1 to 20000 g, or eggs 1 to 500
 * @throws FieldError out of range
 * @example
 * eggOptions({ blend: flour00, given: { kind: 'flour', g: 400 }, egg: { eggG: 50, yolkG: 17 },
 *   style: 'plain' }, startingPantry)[0] // { eggs: 4, yolks: 0, waterG: 1.6, flourG: 400, … }
 */
export function eggOptions(
  wish: EggWish,
  pantry: Pantry,
  {
    most = 8,
    within = Infinity,
    exact = false,
    rules,
    float = exact ? 0 : rules['dough.eggs.float'].value,
  }: EggLimits,
): EggOption[] {
  const UNIT = unitsOf(rules);
  checkWish(wish);
  const { given, egg } = wish;
  const whole = findIngredient(pantry, EGG_WHOLE);
  const yolk = findIngredient(pantry, EGG_YOLK);
  if (Math.min(whole.water, yolk.water) < DRIEST_EGG) return [];
  const wantedYolk = wish.yolkShare ?? egg.yolkG / egg.eggG;
  const aims = aimRange(wish, yolk, rules);
  const best: EggOption[] = [];
  const worst = () => (best.length < most ? within : best[most - 1]!.error);
  const yolkError = (eggs: number, yolks: number) =>
    Math.abs(((eggs + yolks) * egg.yolkG) / (eggs * egg.eggG + yolks * egg.yolkG) - wantedYolk) /
    UNIT.yolk;
  const consider = (eggs: number, yolks: number) => {
    if (eggs + yolks === 0) return;
    const wholeG = eggs * egg.eggG;
    const yolkG = yolks * egg.yolkG;
    const liquids: Liquids = {
      massG: wholeG + yolkG,
      waterG: wholeG * whole.water + yolkG * yolk.water,
      solidsG: wholeG * (1 - whole.water) + yolkG * (1 - yolk.water),
      fatG: wholeG * whole.fat + yolkG * yolk.fat,
    };
    const ofYolk = yolkError(eggs, yolks);
    const floats = mayFloat(wish, liquids, aims, float);
    const least = floats ? 0 : leastError(wish, liquids, aims, UNIT);
    if (ofYolk + least >= worst()) return;
    const asked = floats ? floated(wish, liquids, aims, float, rules) : wish;
    const made = solve(asked, liquids, aims, rules);
    if (!made) return;
    const band = bandFor(wish, liquids, made.flourG, rules);
    const { target } = band;
    const off = Math.abs(made.hydration - (wish.aim ?? target));
    if (exact && off > EXACT) return;
    const error =
      off / UNIT.hydration +
      ofYolk +
      Math.abs(made.waterShare - (wish.waterShare ?? 0)) / UNIT.water;
    if (error >= worst()) return;
    const { flourG, waterG, hydration } = made;
    const doughG = weightOf(made, wish, liquids);
    best.push({ eggs, yolks, waterG, flourG, doughG, hydration, target, band, error });
    best.sort((a, b) => a.error - b.error || a.yolks - b.yolks || a.eggs - b.eggs);
    best.length = Math.min(best.length, most);
  };
  if (given.kind === 'eggs') {
    for (let yolks = 0; yolks <= given.count; yolks += 1) consider(given.count - yolks, yolks);
    return best;
  }
  // No sheet dough holds more water than 0.7 of its flour; dough is at least as heavy as its flour.
  const mostWaterG = 0.7 * given.g;
  const mostEggs = Math.floor(mostWaterG / (egg.eggG * whole.water));
  const mostYolks = (eggs: number) =>
    Math.floor((mostWaterG - eggs * egg.eggG * whole.water) / (egg.yolkG * yolk.water));
  /** Yolks that come nearest to the yolk share; without eggs all are as near. */
  const nearest = (eggs: number) => {
    const perEgg =
      wantedYolk < 1
        ? (egg.eggG * wantedYolk - egg.yolkG) / (egg.yolkG * (1 - wantedYolk))
        : Infinity;
    const wanted = eggs === 0 ? mostYolks(0) / 2 : eggs * perEgg;
    return Math.round(Math.min(mostYolks(eggs), Math.max(0, wanted)));
  };
  // First the nearest of each, so that most of the rest need not be worked out.
  for (let eggs = 0; eggs <= mostEggs; eggs += 1) consider(eggs, nearest(eggs));
  for (let eggs = 0; eggs <= mostEggs; eggs += 1) {
    const from = nearest(eggs);
    for (let yolks = from - 1; yolks >= (eggs === 0 ? 1 : 0); yolks -= 1) {
      if (yolkError(eggs, yolks) >= worst()) break;
      consider(eggs, yolks);
    }
    for (let yolks = from + 1; yolks <= mostYolks(eggs); yolks += 1) {
      if (yolkError(eggs, yolks) >= worst()) break;
      consider(eggs, yolks);
    }
  }
  return best;
}

function checkWish({ given, egg, yolkShare, waterShare }: EggWish): void {
  requireInRange('eggG', egg.eggG, { min: 6, max: 200, unit: 'g' });
  requireInRange('yolkG', egg.yolkG, { min: 2, max: Math.min(90, egg.eggG), unit: 'g' });
  if (given.kind === 'flour') requireInRange('flourG', given.g, { min: 1, max: MOST_G, unit: 'g' });
  if (given.kind === 'dough') requireInRange('doughG', given.g, { min: 1, max: MOST_G, unit: 'g' });
  if (given.kind === 'eggs') {
    requireInRange('eggs', given.count, { min: 1, max: MOST_EGGS, whole: true });
  }
  if (yolkShare !== undefined) requireInRange('yolkShare', yolkShare, { min: 0, max: 1 });
  if (waterShare !== undefined) requireInRange('waterShare', waterShare, { min: 0, max: 1 });
}
