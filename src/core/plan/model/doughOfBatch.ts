import type { Part } from '../../composition/compose';
import type { Rules } from '../../basis/rules';
import type { Basis } from '../../basis/basis';
import { findIngredient, type Pantry } from '../../composition/pantry';
import { doughCharacter } from '../../dough/character';
import { eggOptions, MOST_EGGS, MOST_G, type EggOption } from '../../dough/eggOptions';
import { hydration, type Hydration } from '../../dough/hydration';
import { EGG_WHITE, EGG_WHOLE, EGG_YOLK, WATER } from '../../dough/makeup';
import type { Plan } from '../document/schema';
import { madeOf, type PlanAtBench } from './atBench';

/** The dough of one batch as it is weighed out. */
export interface DoughWeighed {
  readonly parts: readonly Part[];
  /** In whole eggs and yolks; null when the recipe has none, or the batch is too small or too large to count. */
  readonly whole: EggOption | null;
}

const isCounted = (id: string) => id === EGG_WHOLE || id === EGG_YOLK;

/**
 * The recipe made up to a weight of dough: in whole eggs and yolks where that can be done at the
 * recipe's own hydration, else each part by its share. Parts add up to the weight. Law.
 */
export function weighDough(
  plan: Plan,
  recipe: Hydration,
  totalG: number,
  { pantry, rules }: Basis,
): DoughWeighed {
  const scale = totalG / recipe.massG;
  const byShare = plan.dough.parts.map(({ id, g }) => ({ id, g: g * scale }));
  const { blend, yolkShare, waterShare } = doughCharacter(
    plan.dough.parts,
    recipe,
    plan.dough,
    pantry,
  );
  if (yolkShare === null || totalG < 1 || totalG > MOST_G) return { parts: byShare, whole: null };
  const [best] = eggOptions(
    {
      blend,
      given: { kind: 'dough', g: totalG },
      egg: plan.dough,
      style: plan.dough.style,
      yolkShare,
      waterShare,
      aim: recipe.hydration,
    },
    pantry,
    { most: 1, within: rules['dough.eggs.worst'].value, exact: true, rules },
  );
  if (!best) return { parts: byShare, whole: null };
  return { parts: partsOfOption(plan.dough.parts, best, plan.dough, pantry), whole: best };
}

/**
 * The dough to make where so much is needed, g: made up to whole eggs where they come to hardly more,
 * where the batch is small, or where that is asked for; else what is needed, its eggs beaten and weighed.
 * @param neededG what the pieces need at the least
 */
export function wholeEggDough(plan: Plan, neededG: number, basis: Basis): number {
  const { rules } = basis;
  const { dough } = plan;
  const recipe = hydrationNow(plan, dough.parts, basis);
  const eggsInRecipe = dough.parts.reduce(
    (sum, { id, g }) =>
      sum + (id === EGG_WHOLE ? g / dough.eggG : id === EGG_YOLK ? g / dough.yolkG : 0),
    0,
  );
  if (eggsInRecipe <= 0 || neededG < 1 || neededG > MOST_G) return neededG;
  const eggsNeeded = (eggsInRecipe * neededG) / recipe.massG;
  const small = dough.roundUp ?? eggsNeeded < rules['dough.eggs.small'].value;
  const { blend, yolkShare, waterShare } = doughCharacter(dough.parts, recipe, dough, basis.pantry);
  if (yolkShare === null) return neededG;
  const float =
    dough.roundUp === false
      ? rules['dough.eggs.float'].value
      : floatOf({ yolkShare, waterShare }, dough, rules);
  const mostG =
    dough.roundUp === true
      ? Infinity
      : small
        ? Math.max(
            neededG * (1 + rules['dough.eggs.madeUp'].value),
            neededG + rules['dough.eggs.madeUpG'].value,
          )
        : neededG * (1 + float);
  const least = Math.max(1, Math.ceil(eggsNeeded - 1e-6));
  // Of so many, one more or less is no matter.
  if (least + 3 > MOST_EGGS) return neededG;
  // Another split between whole eggs and yolks may make a little less: then one egg more.
  for (let count = least; count <= least + 3; count += 1) {
    const options = eggOptions(
      {
        blend,
        given: { kind: 'eggs', count },
        egg: dough,
        style: dough.style,
        yolkShare,
        waterShare,
        aim: recipe.hydration,
      },
      basis.pantry,
      {
        most: small ? SPLITS : 1,
        within: small ? rules['dough.eggs.worst'].value : Infinity,
        rules,
      },
    );
    const fits = options.find(({ doughG }) => doughG >= neededG - 1e-6 && doughG <= mostG);
    if (fits) return fits.doughG;
    if (!options[0] || options.every(({ doughG }) => doughG > mostG)) return neededG;
  }
  return neededG;
}

/** Of so many eggs, as many splits into whole eggs and yolks are looked at in a small batch. */
const SPLITS = 3;

/**
 * How much larger a dough may be made to come to whole eggs, share: more where it is whole eggs and flour
 * alone, since nobody splits an egg, or adds a yolk and drops of water, for a few grams.
 * @example floatOf({ yolkShare: 0.34, waterShare: 0 }, { eggG: 50, yolkG: 17 }, rules) // 0.12
 */
export function floatOf(
  { yolkShare, waterShare }: { yolkShare: number | null; waterShare: number },
  { eggG, yolkG }: { eggG: number; yolkG: number },
  rules: Rules,
): number {
  const plain = Math.abs((yolkShare ?? 0) - yolkG / eggG) < 0.01 && waterShare < 0.01;
  return rules[plain ? 'dough.eggs.plainFloat' : 'dough.eggs.float'].value;
}

/**
 * A recipe's lines with the eggs, yolks, water and flour of an option: flours and all else keep
 * their shares, eggs become whole, lines that are no longer needed go.
 */
export function partsOfOption(
  recipe: readonly Part[],
  option: Pick<EggOption, 'eggs' | 'yolks' | 'waterG' | 'flourG'>,
  { eggG, yolkG }: { eggG: number; yolkG: number },
  pantry: Pantry,
): Part[] {
  const isFlour = (id: string) => findIngredient(pantry, id).group === 'flour';
  const flourInRecipe = recipe.reduce((sum, { id, g }) => sum + (isFlour(id) ? g : 0), 0);
  const factor = option.flourG / flourInRecipe;
  const lines = new Map<string, number>();
  const add = (id: string, g: number) => lines.set(id, (lines.get(id) ?? 0) + g);
  for (const { id, g } of recipe) {
    if (isCounted(id) || id === WATER) add(id, 0);
    else add(id, g * factor);
  }
  add(EGG_WHOLE, option.eggs * eggG);
  add(EGG_YOLK, option.yolks * yolkG);
  add(WATER, option.waterG);
  return [...lines].filter(([, g]) => g > 0).map(([id, g]) => ({ id, g }));
}

/** Flour and water that corrections put into this batch, g. */
export const correctedBy = (plan: PlanAtBench): { flourG: number; waterG: number } => ({
  flourG: madeOf(plan, 'flourG'),
  waterG: madeOf(plan, 'waterG'),
});

/** Flour and water that corrections put into this batch, together, g. */
export const addedDough = (plan: PlanAtBench): number => {
  const { flourG, waterG } = correctedBy(plan);
  return flourG + waterG;
};

/** The batch as it now stands: weighed parts, and what corrections put in, flour as the recipe blends it. */
export function partsNow(plan: PlanAtBench, weighed: readonly Part[], pantry: Pantry): Part[] {
  const added = correctedBy(plan);
  const isFlour = (id: string) => findIngredient(pantry, id).group === 'flour';
  const flourG = weighed.reduce((sum, { id, g }) => sum + (isFlour(id) ? g : 0), 0);
  const parts = weighed.map(({ id, g }) => ({
    id,
    g: isFlour(id) ? g * (1 + added.flourG / flourG) : g,
  }));
  return added.waterG > 0 ? [...parts, { id: WATER, g: added.waterG }] : parts;
}

/** Hydration of the batch as it now stands. */
export const hydrationNow = (
  plan: Plan,
  parts: readonly Part[],
  { pantry, rules }: Basis,
): Hydration =>
  hydration(parts, pantry, {
    rh: plan.dough.rh,
    style: plan.dough.style,
    field: 'dough.parts',
    mostG: Number.MAX_VALUE,
    rules,
  });

/** Whites left when yolks are used alone, beyond the whites the recipe itself asks for. */
export function whitesLeft({ dough }: Plan, weighed: DoughWeighed): { count: number; g: number } {
  const yolksG = weighed.parts.reduce((sum, { id, g }) => sum + (id === EGG_YOLK ? g : 0), 0);
  const usedG = weighed.parts.reduce((sum, { id, g }) => sum + (id === EGG_WHITE ? g : 0), 0);
  const each = dough.eggG - dough.yolkG;
  const count = weighed.whole?.yolks ?? yolksG / dough.yolkG;
  const g = Math.max(0, count * each - usedG);
  return { count: g / each, g };
}
