import type { Ingredient } from '../composition/ingredient';
import { findIngredient, type Pantry } from '../composition/pantry';
import { requireInRange } from '../range';
import type { EggContents } from './eggSizes';
import { EGG_WHOLE, EGG_YOLK } from './makeup';
import { startingRules, type Rules } from '../basis/rules';
import { hydrationBand, type DoughStyle, type HydrationBand } from './targetHydration';

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
  /** The fat in it. */
  readonly othersFatG: number;
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
  /** What its hydration may be. */
  readonly band: HydrationBand;
  /** Distance from the wish, each part in its own measure; 0 is on it. */
  readonly error: number;
}

/** Above this eggs are weighed, not counted, g of flour or dough. */
export const MOST_G = 20_000;

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
  readonly rules?: Rules;
}

/** One unit of error: this much off in hydration, in yolk share, in the share of plain water. */
interface ErrorUnits {
  readonly hydration: number;
  readonly yolk: number;
  readonly water: number;
}

const unitsOf = (rules: Rules): ErrorUnits => ({
  hydration: rules['dough.eggs.hydrationUnit'].value,
  yolk: rules['dough.eggs.yolkUnit'].value,
  water: rules['dough.eggs.waterUnit'].value,
});

/** Meeting a hydration to this is meeting it. */
const EXACT = 1e-6;

/** What eggs and yolks bring to a dough. */
interface Liquids {
  readonly massG: number;
  readonly waterG: number;
  readonly solidsG: number;
  readonly fatG: number;
}

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
    rules = startingRules,
    float = exact ? 0 : rules['dough.eggs.float'].value,
  }: EggLimits = {},
): EggOption[] {
  const UNIT = unitsOf(rules);
  checkWish(wish);
  const { given, egg } = wish;
  const whole = findIngredient(pantry, EGG_WHOLE);
  const yolk = findIngredient(pantry, EGG_YOLK);
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
    const least = given.kind === 'dough' && float > 0 ? 0 : leastError(wish, liquids, aims, UNIT);
    if (ofYolk + least >= worst()) return;
    const made = solve(floated(wish, liquids, aims, float, rules), liquids, aims, rules);
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
    const doughG = flourG * (1 + wish.blend.othersG) + liquids.massG + waterG;
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
    requireInRange('eggs', given.count, { min: 1, max: 500, whole: true });
  }
  if (yolkShare !== undefined) requireInRange('yolkShare', yolkShare, { min: 0, max: 1 });
  if (waterShare !== undefined) requireInRange('waterShare', waterShare, { min: 0, max: 1 });
}

/** The least and the most that the hydration wanted can be, over every amount of egg. */
function aimRange(
  { aim, blend: { absorption, othersFatG }, style }: EggWish,
  yolk: Ingredient,
  rules: Rules,
): readonly [number, number] {
  if (aim !== undefined) return [aim, aim];
  return [
    // No dough holds more yolk than its water allows: 0.7 of the flour.
    hydrationBand(
      {
        eggSolidsRatio: Infinity,
        fatRatio: othersFatG + (0.7 * yolk.fat) / yolk.water,
        absorption,
        style,
      },
      rules,
    ).target,
    hydrationBand({ eggSolidsRatio: 0, fatRatio: othersFatG, absorption, style }, rules).target,
  ];
}

const bandFor = (
  { blend, style }: EggWish,
  liquids: Liquids,
  flourG: number,
  rules: Rules,
): HydrationBand =>
  hydrationBand(
    {
      eggSolidsRatio: liquids.solidsG / flourG + blend.othersEggSolidsG,
      fatRatio: liquids.fatG / flourG + blend.othersFatG,
      absorption: blend.absorption,
      style,
    },
    rules,
  );

interface Made {
  readonly flourG: number;
  readonly waterG: number;
  readonly hydration: number;
  /** Plain water, share of all the water. */
  readonly waterShare: number;
}

/**
 * The dough of given eggs that has a hydration, from two balances: of water, and of what is given.
 * Without plain water when the eggs alone bring too much; null when they outweigh the dough.
 */
function doughAt(
  aim: number,
  { blend, given, waterShare = 0 }: EggWish,
  eggs: Liquids,
): Made | null {
  const perFlour = blend.othersWaterG + blend.weatherWaterG;
  const made = (flourG: number, waterG: number): Made => {
    const allG = eggs.waterG + perFlour * flourG + waterG;
    return { flourG, waterG, hydration: allG / flourG, waterShare: allG > 0 ? waterG / allG : 0 };
  };
  switch (given.kind) {
    case 'flour':
      return made(given.g, Math.max(0, (aim - perFlour) * given.g - eggs.waterG));
    case 'eggs': {
      // Plain water as its wished share of all the water.
      const share = Math.min(0.95, waterShare);
      const flourG = eggs.waterG / (aim * (1 - share) - perFlour);
      return flourG > 0
        ? made(flourG, (share / (1 - share)) * (eggs.waterG + perFlour * flourG))
        : null;
    }
    case 'dough': {
      const roomG = given.g - eggs.massG;
      if (roomG <= 0) return null;
      const others = 1 + blend.othersG;
      const flourG = Math.min((eggs.waterG + roomG) / (aim + others - perFlour), roomG / others);
      return made(flourG, Math.max(0, roomG - flourG * others));
    }
  }
}

/**
 * The wish itself, or for a dough whose weight these eggs nearly make: the eggs, so that no drops of water
 * are weighed to meet it.
 */
function floated(
  wish: EggWish,
  eggs: Liquids,
  aims: readonly [number, number],
  float: number,
  rules: Rules,
): EggWish {
  if (wish.given.kind !== 'dough' || float <= 0) return wish;
  const byEggs: EggWish = { ...wish, given: { kind: 'eggs', count: 1 } };
  const made = solve(byEggs, eggs, aims, rules);
  if (!made) return wish;
  const doughG = made.flourG * (1 + wish.blend.othersG) + eggs.massG + made.waterG;
  return Math.abs(doughG / wish.given.g - 1) <= float ? byEggs : wish;
}

/** No less error in water and hydration than this, whatever the target turns out to be. */
function leastError(
  wish: EggWish,
  eggs: Liquids,
  [low, high]: readonly [number, number],
  UNIT: ErrorUnits,
): number {
  const wettest = doughAt(high, wish, eggs);
  if (!wettest) return Infinity;
  const driest = low === high ? wettest : (doughAt(low, wish, eggs) ?? wettest);
  const wanted = wish.waterShare ?? 0;
  return (
    Math.max(0, driest.waterShare - wanted, wanted - wettest.waterShare) / UNIT.water +
    Math.max(0, wettest.hydration - high) / UNIT.hydration
  );
}

/**
 * The dough whose hydration is the one wanted of it. Its target moves with the flour: more water asks
 * for less flour, which makes the eggs count for more and the target fall, so that there is one answer.
 */
function solve(
  wish: EggWish,
  eggs: Liquids,
  [low, high]: readonly [number, number],
  rules: Rules,
): Made | null {
  let made = doughAt(high, wish, eggs);
  if (!made || low === high) return made;
  // False position, the end that stays weighed down by half.
  let from = low;
  let to = high;
  const off = (aim: number): number => {
    made = doughAt(aim, wish, eggs);
    return made ? bandFor(wish, eggs, made.flourG, rules).target - aim : 0;
  };
  let atFrom = off(from);
  let atTo = off(to);
  for (let i = 0, side = 0; i < 60 && to - from > 1e-13 && atFrom !== atTo; i += 1) {
    const aim = (from * atTo - to * atFrom) / (atTo - atFrom);
    const at = off(aim);
    if (Math.abs(at) < 1e-13) return made;
    if (at > 0) {
      from = aim;
      atFrom = at;
      if (side > 0) atTo /= 2;
      side = 1;
    } else {
      to = aim;
      atTo = at;
      if (side < 0) atFrom /= 2;
      side = -1;
    }
  }
  return made;
}
