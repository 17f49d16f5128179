import type { Rules } from '../basis/rules';
import type { Basis } from '../basis/basis';
import type { Composition } from '../composition/compose';
import type { Ingredient, Preparation } from '../composition/ingredient';
import { findIngredient, preparationsFor, type Pantry } from '../composition/pantry';
import { BINDERS, type BinderKind } from '../filling/binders';
import { waterToCookOff } from '../filling/panDrying';
import { PLAN_FIELDS } from '../plan/document/planFields';
import { composeFilling, type FillingRecipe } from '../plan/document/recipe';
import { stiffnessOf } from '../plan/model/filling';

/** One thing to do to a wet filling. Amounts are of the recipe as written. */
export type DryingStep =
  | {
      readonly kind: 'binder';
      readonly binder: BinderKind;
      readonly id: string;
      readonly addG: number;
      /** As much as its taste allows, and still not enough. */
      readonly capped: boolean;
    }
  | { readonly kind: 'cookOff'; readonly waterG: number; readonly capped: boolean }
  | {
      readonly kind: 'drain';
      readonly index: number;
      readonly id: string;
      readonly preparation: string;
      readonly fromG: number;
      readonly toG: number;
      readonly capped: boolean;
    }
  | {
      readonly kind: 'prepare';
      readonly index: number;
      readonly id: string;
      readonly from: string;
      readonly preparation: string;
    }
  | { readonly kind: 'texture' };

/** A step with what it would give. */
export type DryingRemedy = DryingStep & {
  /** Names the same step again after something else has changed. */
  readonly key: string;
  readonly freeWaterShare: number;
  readonly yieldStressPa: number;
  /** Change of the filling's weight, g. */
  readonly massChangeG: number;
  /** Share of the filling that the added binder, all of its kind, then is; 0 when nothing is added. */
  readonly tasteShare: number;
  readonly reaches: boolean;
};

/** Free water this near to the target counts as there. */
const CLOSE = 1e-6;

/** Preparations that take water away by weight alone, in a sieve, a cloth or a press. */
const drains = ({ id, liquorShare, hot }: Preparation): boolean =>
  id !== 'raw' && liquorShare === 1 && (!hot || id.startsWith('wilt'));

/**
 * Every remedy for a target share of free water, each solved on its own. Law on tables: from
 * (water − held) = target × mass, for grams of a binder, grams to cook off, or a weight to drain to;
 * a binder never goes above its flavour limit, and drying never below the driest usual result. Other
 * preparations and a coarser texture are given with what they come to. Those that reach it come first,
 * the lightest in taste and weight before the others.
 * @param target free water wanted, 0 to 0.5
 */
export function dryingRemedies(
  filling: FillingRecipe,
  target: number,
  { pantry, rules }: Pick<Basis, 'pantry' | 'rules'>,
): DryingRemedy[] {
  const now = composeFilling(filling, pantry);
  if (now.freeWaterShare <= target + CLOSE) return [];
  const steps: { key: string; step: DryingStep }[] = [
    ...binderSteps(filling, now, target, pantry, rules),
    ...(holdsRawEgg(filling, pantry) ? [] : [cookOffStep(filling, now, target)]),
    ...drainSteps(filling, now, target, pantry),
    ...preparationSteps(filling, pantry),
    ...(filling.texture === 'coarse'
      ? []
      : [{ key: 'texture', step: { kind: 'texture' } as const }]),
  ];
  return steps
    .map(({ key, step }): DryingRemedy => {
      const after = applyDrying(filling, step);
      const composition = composeFilling(after, pantry);
      return {
        ...step,
        key,
        freeWaterShare: composition.freeWaterShare,
        yieldStressPa: stiffnessOf(after, composition, rules).pa,
        massChangeG: composition.massG - now.massG,
        tasteShare: step.kind === 'binder' ? binderMass(after, step.binder) / composition.massG : 0,
        reaches: composition.freeWaterShare <= target + CLOSE,
      };
    })
    .filter(
      (remedy) => remedy.kind === 'texture' || remedy.freeWaterShare < now.freeWaterShare - 0.0005,
    )
    .sort(
      (a, b) =>
        Number(b.reaches) - Number(a.reaches) ||
        Number(a.kind === 'texture') - Number(b.kind === 'texture') ||
        (a.reaches
          ? a.tasteShare - b.tasteShare || Math.abs(a.massChangeG) - Math.abs(b.massChangeG)
          : a.freeWaterShare - b.freeWaterShare),
    );
}

/** Raw egg scrambles in a pan: nothing that holds it is dried by heat. */
const holdsRawEgg = ({ parts }: FillingRecipe, pantry: Pantry): boolean =>
  parts.some(
    ({ id, preparation }) =>
      findIngredient(pantry, id).group === 'egg' && !pantry.preparations.get(preparation)?.hot,
  );

/** The filling with one step done. What was measured before a texture or a part changed is dropped where it no longer holds. */
export function applyDrying(filling: FillingRecipe, step: DryingStep): FillingRecipe {
  // A spoon test speaks of the filling as it was.
  const { spoonTest: _spoon, yieldStressPa: _typed, ...rest } = filling;
  switch (step.kind) {
    case 'binder': {
      const index = rest.parts.findIndex(
        ({ id, weighedG }) => id === step.id && weighedG === undefined,
      );
      const parts =
        index < 0
          ? [...rest.parts, { id: step.id, g: step.addG, preparation: 'raw' }]
          : rest.parts.map((part, i) => (i === index ? { ...part, g: part.g + step.addG } : part));
      return { ...rest, parts };
    }
    case 'cookOff':
      return { ...rest, cookedOffG: rest.cookedOffG + step.waterG };
    case 'drain':
      return {
        ...rest,
        parts: rest.parts.map((part, i) =>
          i === step.index ? { ...part, preparation: step.preparation, weighedG: step.toG } : part,
        ),
      };
    case 'prepare':
      return {
        ...rest,
        parts: rest.parts.map(({ id, g, ...part }, i) =>
          i === step.index ? { id, g, preparation: step.preparation } : { id, g, ...part },
        ),
      };
    case 'texture':
      return { ...rest, texture: 'coarse' };
  }
}

/**
 * Two steps together: the first takes half of what is too much, or all it can; the second is solved
 * for the rest.
 * @returns the filling after both, and the steps as done; null when either is not to be had
 */
export function combineDrying(
  filling: FillingRecipe,
  keys: readonly [string, string],
  target: number,
  basis: Pick<Basis, 'pantry' | 'rules'>,
): { readonly filling: FillingRecipe; readonly steps: readonly DryingRemedy[] } | null {
  const { pantry } = basis;
  const before = composeFilling(filling, pantry).freeWaterShare;
  const find = (from: FillingRecipe, key: string, to: number) =>
    dryingRemedies(from, to, basis).find((remedy) => remedy.key === key);
  const first = find(filling, keys[0], (before + target) / 2);
  if (!first) return null;
  const half = applyDrying(filling, first);
  if (composeFilling(half, pantry).freeWaterShare <= target + CLOSE) {
    return { filling: half, steps: [first] };
  }
  const second = find(half, keys[1], target);
  return second ? { filling: applyDrying(half, second), steps: [first, second] } : null;
}

const factorOf = (filling: FillingRecipe) => filling.towelTest?.holdingFactor ?? 1;

const binderMass = (filling: FillingRecipe, kind: BinderKind): number =>
  filling.parts.reduce(
    (sum, { id, g, weighedG }) => sum + (BINDERS[kind].ids.includes(id) ? (weighedG ?? g) : 0),
    0,
  );

/** (water − held) − target × mass: what is too much, and what every remedy brings to nothing. */
const excess = ({ freeG, massG }: Composition, target: number): number => freeG - target * massG;

function binderSteps(
  filling: FillingRecipe,
  now: Composition,
  target: number,
  pantry: Pantry,
  rules: Rules,
): { key: string; step: DryingStep }[] {
  return (Object.keys(BINDERS) as BinderKind[]).flatMap((binder) => {
    const { ids } = BINDERS[binder];
    const limit = rules[BINDERS[binder].limit].value;
    // The one already in the recipe, else the usual one.
    const id = filling.parts.find((part) => ids.includes(part.id))?.id ?? ids[0];
    const row = id === undefined ? undefined : pantry.ingredients.get(id);
    if (!row || id === undefined) return [];
    // (free + water·x − held·x) = target × (mass + x)
    const gain = holdingGain(row, factorOf(filling)) + target;
    if (gain <= 0) return [];
    const wanted = excess(now, target) / gain;
    const thereG = binderMass(filling, binder);
    const room = Math.min(
      (limit * now.massG - thereG) / (1 - limit),
      PLAN_FIELDS['filling.parts.g'].max - thereG,
    );
    if (room < 0.05) return [];
    const addG = Math.min(wanted, room);
    return [
      {
        key: `binder:${binder}`,
        step: { kind: 'binder', binder, id, addG, capped: wanted > room },
      },
    ];
  });
}

/** Water that a gram of an ingredient takes up beyond its own, g. */
const holdingGain = ({ water, holding }: Ingredient, factor: number): number =>
  (1 - water) * holding * factor - water;

function cookOffStep(
  { cookedOffG }: FillingRecipe,
  now: Composition,
  target: number,
): { key: string; step: DryingStep } {
  const wantedG = waterToCookOff(now, target);
  const waterG = Math.min(wantedG, PLAN_FIELDS['filling.cookedOffG'].max - cookedOffG);
  return { key: 'cookOff', step: { kind: 'cookOff', waterG, capped: waterG < wantedG } };
}

function drainSteps(
  filling: FillingRecipe,
  now: Composition,
  target: number,
  pantry: Pantry,
): { key: string; step: DryingStep }[] {
  const factor = factorOf(filling);
  return filling.parts.flatMap((part, index) => {
    const ways = preparationsFor(pantry, part.id).filter(drains);
    if (!ways.length) return [];
    const row = findIngredient(pantry, part.id);
    const before = now.parts[index]!;
    const way = ways.find(({ id }) => id === part.preparation) ?? ways[0]!;
    const solidsG = part.g * (1 - row.water) * (1 - way.solidsLost);
    const heldG = solidsG * row.holding * factor;
    // All but this part, then the weight of this part that meets the target.
    const restFreeG = now.freeG - (before.waterG - before.holdingG * factor);
    const restMassG = now.massG - before.massG;
    const wantedG = (target * restMassG - restFreeG + solidsG + heldG) / (1 - target);
    const driestG = part.g * Math.min(...ways.map(({ massYield }) => massYield));
    const toG = Math.max(wantedG, driestG, solidsG);
    const most = Math.min(before.massG - 0.05, PLAN_FIELDS['filling.parts.weighedG'].max);
    if (toG >= most) return [];
    return [
      {
        key: `drain:${index}`,
        step: {
          kind: 'drain',
          index,
          id: part.id,
          preparation: way.id,
          fromG: before.massG,
          toG,
          capped: toG > wantedG + 1e-9,
        },
      },
    ];
  });
}

function preparationSteps(
  filling: FillingRecipe,
  pantry: Pantry,
): { key: string; step: DryingStep }[] {
  return filling.parts.flatMap((part, index) =>
    preparationsFor(pantry, part.id)
      .filter(({ id }) => id !== part.preparation && id !== 'raw')
      .filter(({ hot }) => !hot || findIngredient(pantry, part.id).group !== 'egg')
      .map(({ id }) => ({
        key: `prepare:${index}:${id}`,
        step: {
          kind: 'prepare' as const,
          index,
          id: part.id,
          from: part.preparation,
          preparation: id,
        },
      })),
  );
}
