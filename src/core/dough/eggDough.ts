import type { Rules } from '../basis/rules';
import type { Ingredient } from '../composition/ingredient';
import type { EggContents } from './eggSizes';
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

/** What eggs and yolks bring to a dough. */
export interface Liquids {
  readonly massG: number;
  readonly waterG: number;
  readonly solidsG: number;
  readonly fatG: number;
}

/** One unit of error: this much off in hydration, in yolk share, in the share of plain water. */
export interface ErrorUnits {
  readonly hydration: number;
  readonly yolk: number;
  readonly water: number;
}

/** The least and the most that the hydration wanted can be, over every amount of egg. */
export function aimRange(
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

export const bandFor = (
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

/** A dough of given eggs. */
export interface Made {
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

/** What such a dough weighs, g. */
export const weightOf = ({ flourG, waterG }: Made, { blend }: EggWish, eggs: Liquids): number =>
  flourG * (1 + blend.othersG) + eggs.massG + waterG;

/** The wish for these very eggs, whatever they weigh. */
const byEggs = (wish: EggWish): EggWish => ({ ...wish, given: { kind: 'eggs', count: 1 } });

/** Whether these eggs may make the weight that is wanted, nearly: a wetter dough of them is a lighter one. */
export function mayFloat(
  wish: EggWish,
  eggs: Liquids,
  [low, high]: readonly [number, number],
  float: number,
): boolean {
  const { given } = wish;
  if (given.kind !== 'dough' || float <= 0) return false;
  const own = byEggs(wish);
  const [lightest, heaviest] = [doughAt(high, own, eggs), doughAt(low, own, eggs)];
  if (!lightest || !heaviest) return true;
  return (
    weightOf(lightest, wish, eggs) <= given.g * (1 + float) &&
    weightOf(heaviest, wish, eggs) >= given.g * (1 - float)
  );
}

/**
 * The wish itself, or for a dough whose weight these eggs nearly make: the eggs, so that no drops of water
 * are weighed to meet it.
 */
export function floated(
  wish: EggWish,
  eggs: Liquids,
  aims: readonly [number, number],
  float: number,
  rules: Rules,
): EggWish {
  if (wish.given.kind !== 'dough' || float <= 0) return wish;
  const own = byEggs(wish);
  const made = solve(own, eggs, aims, rules);
  if (!made) return wish;
  return Math.abs(weightOf(made, wish, eggs) / wish.given.g - 1) <= float ? own : wish;
}

/** No less error in water and hydration than this, whatever the target turns out to be. */
export function leastError(
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
export function solve(
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
