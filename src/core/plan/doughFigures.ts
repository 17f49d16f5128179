import { findIngredient, type Pantry } from '../composition/pantry';
import { doughCharacter } from '../dough/character';
import { holdBack } from '../dough/holdBack';
import { doughMakeup, EGG_WHOLE, EGG_YOLK } from '../dough/makeup';
import { readiness } from '../dough/readiness';
import { sheetTraits } from '../dough/sheetStrength';
import type { DoughNow } from '../dough/feel';
import { strengthFromHang } from '../sheet/strengthFromHang';
import { correctedBy, hydrationNow, partsNow, weighDough, whitesLeft } from './doughOfBatch';
import { springBackOf, workOf } from './rolling';
import type { Plan } from './schema';

/** The dough of a batch: what to weigh, how it stands now, and how it will roll. */
export type DoughFigures = ReturnType<typeof doughFigures>;

/**
 * Works the dough out for a weight of it.
 * @param weighedG dough as weighed out, before corrections made under the hand
 */
export function doughFigures(plan: Plan, pantry: Pantry, weighedG: number) {
  const { dough } = plan;
  const recipe = hydrationNow(plan, dough.parts, pantry);
  const weighed = weighDough(plan, recipe, weighedG, pantry);
  const standing = partsNow(plan, weighed.parts, pantry);
  const now = weighedG > 0 ? hydrationNow(plan, standing, pantry) : recipe;
  const makeup = doughMakeup(weighedG > 0 ? standing : dough.parts, pantry, dough);
  const work = workOf(plan);
  const ready = readiness(work);
  const traits = sheetTraits({
    glutenRatio: makeup.glutenRatio,
    development: ready.development,
    over: now.hydration - now.target,
    fatShare: makeup.fatShare,
  });
  const eggWaterG = weighed.parts.reduce((sum, { id, g }) => {
    const row = findIngredient(pantry, id);
    return sum + (row.group === 'egg' ? g * row.water : 0);
  }, 0);
  const inRecipe = (id: string) =>
    dough.parts.reduce((sum, part) => sum + (part.id === id ? part.g : 0), 0);
  return {
    /** As the batch now stands, corrections counted. */
    hydration: now.hydration,
    target: now.target,
    low: now.low,
    high: now.high,
    addWaterG: weighedG > 0 ? now.addWaterG : 0,
    addFlourG: weighedG > 0 ? now.addFlourG : 0,
    /** Everything behind the hydration; in the recipe's size when there is no batch. */
    now,
    recipeG: recipe.massG,
    scale: weighedG / recipe.massG,
    weighedG,
    parts: weighed.parts.map(({ id, g }) => ({
      id,
      name: findIngredient(pantry, id).name,
      recipeG: inRecipe(id),
      g,
      /** So many eggs or yolks, when they are counted. */
      count: weighed.whole ? countOf(id, weighed.whole) : null,
    })),
    whole: weighed.whole,
    character: doughCharacter(dough.parts, recipe, dough, pantry),
    corrected: correctedBy(plan),
    whites: whitesLeft(plan, weighed),
    eggWaterG,
    holdBackG: holdBack({
      flourG: weighedG > 0 ? now.flourG - correctedBy(plan).flourG : 0,
      eggWaterG,
      target: now.target,
      flourKept: dough.rh === undefined ? 'sealed' : 'open',
    }),
    makeup,
    work,
    ready,
    ...traits,
    /** A hanging strip, where one was torn, replaces the rule. */
    ...(dough.hangMm !== undefined && {
      strengthKPa: strengthFromHang(dough.hangMm),
    }),
    strengthMeasured: dough.hangMm !== undefined,
    springBack: springBackOf(plan, pantry),
    hasEgg: dough.parts.some(({ id }) => findIngredient(pantry, id).group === 'egg'),
  };
}

const countOf = (
  id: string,
  { eggs, yolks }: { eggs: number; yolks: number },
): { n: number; word: 'egg' | 'yolk' } | null => {
  if (id === EGG_WHOLE) return { n: eggs, word: 'egg' };
  if (id === EGG_YOLK) return { n: yolks, word: 'yolk' };
  return null;
};

/** The dough as the hand holds it now, for advice on a feel. */
export function doughUnderHand({ dough }: Plan, f: DoughFigures): DoughNow {
  return {
    flourG: f.now.flourG,
    waterG: f.now.waterG,
    target: f.target,
    kneadMin: f.work.kneadMin,
    by: f.work.by,
    relaxationLeft: f.ready.relaxationLeft,
    restMin: f.work.restMin,
    restC: f.work.restC,
    roomC: dough.roomC,
    thirsty: f.makeup.fibreShare > 0.05,
  };
}
