import type { Basis } from '../../basis/basis';
import type { Part } from '../../composition/compose';
import { findIngredient } from '../../composition/pantry';
import { doughCharacter, type DoughCharacter } from '../../dough/character';
import type { EggOption } from '../../dough/eggOptions';
import { doughMoisture } from '../../dough/doughMoisture';
import type { Hydration } from '../../dough/hydration';
import { feelOf, type DoughFeel } from '../../dough/targetHydration';
import { holdBack } from '../../dough/holdBack';
import { pinchesFor, type Pinches } from '../../dough/pinches';
import { doughMakeup, EGG_WHOLE, EGG_YOLK, type DoughMakeup } from '../../dough/makeup';
import type { DoughWork, Readiness } from '../../dough/readiness';
import { sheetTraits, type SheetTraits } from '../../dough/sheetStrength';
import type { DoughNow } from '../../dough/feel';
import { strengthFromHang } from '../../sheet/strengthFromHang';
import { correctedBy, hydrationNow, partsNow, weighDough, whitesLeft } from './doughOfBatch';
import { inHand, spareFlourG, type InHand } from './flourInHand';
import type { RollingStage } from './rolling';
import { madeOf, type PlanAtBench } from './atBench';

/** The dough of a batch: what to weigh, how it stands now, and how it will roll. */
export interface DoughStage extends SheetTraits {
  /** As the batch now stands, corrections counted. */
  readonly hydration: number;
  readonly target: number;
  readonly low: number;
  readonly high: number;
  readonly addWaterG: number;
  readonly addFlourG: number;
  /** Everything behind the hydration; in the recipe's size when there is no batch. */
  readonly now: Hydration;
  /** How it stands in its bands: stiff and soft are schools, not faults. */
  readonly feel: DoughFeel;
  /** Water, or flour, to the nearest edge of “on target”, g; 0 inside it. */
  readonly mend: {
    readonly waterG: number;
    readonly flourG: number;
    /** Of what wets it, to leave out where the flour is not there, g. */
    readonly leaveOutG: number;
  };
  /** That flour as it is worked in: by pinches, until the dough no longer sticks. */
  readonly pinches: Pinches;
  /** Water in all of it, the flour's own too, wet basis. */
  readonly moisture: number;
  readonly recipeG: number;
  readonly scale: number;
  readonly weighedG: number;
  readonly parts: readonly DoughLine[];
  readonly whole: EggOption | null;
  readonly character: DoughCharacter;
  readonly corrected: { readonly flourG: number; readonly waterG: number };
  readonly whites: { readonly count: number; readonly g: number };
  readonly eggWaterG: number;
  readonly holdBackG: number;
  /** Ingredients of which there is only so much. */
  readonly inHand: readonly InHand[];
  /** Flour that is left to knead in, g; null where there is as much as is wanted. */
  readonly spareFlourG: number | null;
  readonly makeup: DoughMakeup;
  readonly work: DoughWork;
  readonly ready: Readiness;
  readonly strengthMeasured: boolean;
  /** How much thicker than the roller's gap its sheets come out, share. */
  readonly springBack: number;
  readonly hasEgg: boolean;
}

/** One ingredient of the dough, as it is weighed out. */
export interface DoughLine {
  readonly id: string;
  readonly name: string;
  readonly recipeG: number;
  readonly g: number;
  /** So many eggs or yolks, when they are counted. */
  readonly count: { readonly n: number; readonly word: 'egg' | 'yolk' } | null;
}

/**
 * Fifth stage: the dough for a weight of it.
 * @param weighedG dough as weighed out, before corrections made under the hand
 */
export function doughStage(
  plan: PlanAtBench,
  basis: Basis,
  { work, ready, springBack }: RollingStage,
  weighedG: number,
): DoughStage {
  const { dough } = plan;
  const { pantry, rules } = basis;
  const recipe = hydrationNow(plan, dough.parts, basis);
  const weighed = weighDough(plan, recipe, weighedG, basis);
  const standing = partsNow(plan, weighed.parts, pantry);
  const now = weighedG > 0 ? hydrationNow(plan, standing, basis) : recipe;
  const makeup = doughMakeup(weighedG > 0 ? standing : dough.parts, pantry, dough);
  const traits = sheetTraits(
    {
      glutenRatio: makeup.glutenRatio,
      development: ready.development,
      over: now.hydration - now.target,
      fatShare: makeup.fatShare,
    },
    rules,
  );
  const limited = inHand(plan.dough.parts, standing, basis);
  const spareG = spareFlourG(limited, standing, basis);
  const mend = mendOf(now, spareG ?? Infinity, wetShare(standing, now, basis));
  const eggWaterG = weighed.parts.reduce((sum, { id, g }) => {
    const row = findIngredient(pantry, id);
    return sum + (row.group === 'egg' ? g * row.water : 0);
  }, 0);
  const inRecipe = (id: string) =>
    dough.parts.reduce((sum, part) => sum + (part.id === id ? part.g : 0), 0);
  return {
    hydration: now.hydration,
    target: now.target,
    low: now.low,
    high: now.high,
    addWaterG: weighedG > 0 ? now.addWaterG : 0,
    addFlourG: weighedG > 0 ? now.addFlourG : 0,
    now,
    feel: feelOf(now.hydration, now),
    mend,
    pinches: pinchesFor(Math.min(mend.flourG, spareG ?? Infinity), rules),
    moisture: doughMoisture(weighedG > 0 ? standing : dough.parts, pantry, now),
    recipeG: recipe.massG,
    scale: weighedG / recipe.massG,
    weighedG,
    parts: weighed.parts.map(({ id, g }) => ({
      id,
      name: findIngredient(pantry, id).name,
      recipeG: inRecipe(id),
      g,
      count: weighed.whole ? countOf(id, weighed.whole) : null,
    })),
    whole: weighed.whole,
    character: doughCharacter(dough.parts, recipe, dough, pantry),
    corrected: correctedBy(plan),
    whites: whitesLeft(plan, weighed),
    eggWaterG,
    holdBackG: holdBack(
      {
        flourG: weighedG > 0 ? now.flourG - correctedBy(plan).flourG : 0,
        eggWaterG,
        target: now.target,
        flourKept: dough.rh === undefined ? 'sealed' : 'open',
      },
      rules,
    ),
    inHand: limited,
    spareFlourG: spareG,
    makeup,
    work,
    ready,
    ...traits,
    /** A hanging strip, where one was torn, replaces the rule. */
    ...(dough.hangMm !== undefined && {
      strengthKPa: strengthFromHang(dough.hangMm),
    }),
    strengthMeasured: dough.hangMm !== undefined,
    springBack,
    hasEgg: dough.parts.some(({ id }) => findIngredient(pantry, id).group === 'egg'),
  };
}

/**
 * What leads a dough outside “on target” to the nearest edge of it. Law.
 * @param spareG flour that is there to knead in
 * @param wet share of water in what wets the dough
 */
function mendOf(
  { hydration, flourG, waterG, asItShouldBe: [from, to] }: Hydration,
  spareG: number,
  wet: number,
): DoughStage['mend'] {
  const wantedG = hydration > to ? waterG / to - flourG : 0;
  return {
    waterG: hydration < from ? (from - hydration) * flourG : 0,
    flourG: wantedG,
    leaveOutG: wantedG > spareG && wet > 0 ? (waterG - to * (flourG + spareG)) / wet : 0,
  };
}

/** Share of water in everything that wets a dough: in eggs about three quarters. */
function wetShare(parts: readonly Part[], { waterG }: Hydration, { pantry }: Basis): number {
  const wettingG = parts.reduce((sum, { id, g }) => {
    const { group, water } = findIngredient(pantry, id);
    return sum + (group !== 'flour' && water > 0.2 ? g : 0);
  }, 0);
  return wettingG > 0 ? Math.min(1, waterG / wettingG) : 0;
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
export function doughUnderHand(plan: PlanAtBench, f: DoughStage): DoughNow {
  return {
    flourG: f.now.flourG,
    waterG: f.now.waterG,
    target: f.target,
    spareFlourG: f.spareFlourG ?? Infinity,
    heldBackG: Math.max(0, f.holdBackG - madeOf(plan, 'heldBackG')),
    kneadMin: f.work.kneadMin,
    kneadWantedMin: f.ready.kneadWantedMin,
    restMin: f.work.restMin,
    restWantedMin: f.ready.restWantedMin,
    roomC: plan.dough.roomC,
    thirsty: f.makeup.fibreShare > 0.05,
  };
}
