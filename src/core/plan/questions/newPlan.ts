import * as z from 'zod';
import type { Basis } from '../../basis/basis';
import { doughCharacter } from '../../dough/character';
import { eggOptions } from '../../dough/eggOptions';
import type { EggContents } from '../../dough/eggSizes';
import { DOUGH_STYLES } from '../../dough/styles';
import { oneOf, quantity, shortText } from '../../fields';
import type { Kitchen } from '../../kitchen/kitchen';
import { FAMILY_IDS, familyOf, type FamilyId } from '../../shapes/families';
import { parsePlan } from '../document/parsePlan';
import { PLAN_FIELDS } from '../document/planFields';
import { fillingPartSchema, doughPartSchema, type Plan } from '../document/schema';
import { evaluatePlan } from '../evaluatePlan';
import { hydrationNow, partsOfOption } from '../model/doughOfBatch';
import { STARTING_FILLINGS } from '../starting/startingFillings';
import { startingPlans } from '../starting/startingPlans';
import { STATIONS } from '../stations';
import { haveRecipe } from './haveRecipe';
import { inKitchen } from './inKitchen';

/** How a filling that came made feels; a row of the pantry each. */
export const MADE_FEELS = ['firm', 'workable', 'loose', 'wet'] as const;

const had = z.boolean({ error: 'All I have must be true or false' }).default(false);

/** What a cook knows before there is a plan. */
export const newPlanSchema = z.strictObject({
  name: shortText('Name', 120).optional(),
  portions: quantity('For how many', PLAN_FIELDS['batch.portions']),
  /** Left out: chosen for what is in it. */
  family: z.enum(FAMILY_IDS, { error: 'Shape must be one of the shapes offered' }).optional(),
  dough: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('style'), id: shortText('Dough', 40) }),
    z.strictObject({
      kind: z.literal('recipe'),
      parts: z.array(doughPartSchema).min(1).max(30),
      had,
    }),
    z.strictObject({
      kind: z.literal('inHand'),
      flour: shortText('Flour', 80),
      flourG: quantity('Flour in hand', { min: 20, max: 50_000, unit: 'g' }),
      eggs: quantity('Eggs in hand', { min: 0, max: 1000, whole: true }),
    }),
  ]),
  filling: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('starting'), id: shortText('Filling', 40) }),
    z.strictObject({
      kind: z.literal('recipe'),
      parts: z.array(fillingPartSchema).min(1).max(40),
      had,
    }),
    z.strictObject({
      kind: z.literal('made'),
      g: quantity('Filling in hand', PLAN_FIELDS['batch.fillingInHandG']),
      feel: oneOf('How it feels', MADE_FEELS),
    }),
  ]),
});

export type NewPlan = z.infer<typeof newPlanSchema>;

/**
 * A plan from what a cook knows: for how many, what shape or none yet, what there is. The shape left
 * open becomes the first, of the easiest first, that holds with this filling.
 * @throws PlanError when what is given makes no plan
 */
export function newPlan(wish: NewPlan, kitchen: Kitchen, basis: Basis): Plan {
  const families = wish.family ? [wish.family] : EASIEST_FIRST;
  const plans = families.map((family) => planAs(family, wish, kitchen, basis));
  return plans.find((plan) => holds(plan, basis)) ?? plans[0]!;
}

/** Shapes to choose for a cook who has no wish: few tools first, large before small. */
const EASIEST_FIRST: readonly FamilyId[] = [
  'ravioliSquare',
  'halfMoon',
  'ravioliRound',
  'foldedTriangle',
  'tortelloni',
  'agnolottiPinched',
];

function holds(plan: Plan, basis: Basis): boolean {
  const { stations, weakestLink } = evaluatePlan(plan, basis);
  return weakestLink.state === 'holds' && STATIONS.every((at) => stations[at].state !== 'fails');
}

function planAs(family: FamilyId, wish: NewPlan, kitchen: Kitchen, basis: Basis): Plan {
  const base = inKitchen(startingPlans[family], kitchen, basis);
  const start = STARTING_FILLINGS.find(
    ({ id }) => wish.filling.kind === 'starting' && id === wish.filling.id,
  );
  const filled: Plan = {
    ...base,
    batch: { ...base.batch, portions: wish.portions },
    ...(start && { colour: start.colour }),
    filling:
      wish.filling.kind === 'made'
        ? { ...base.filling, parts: madeParts(wish.filling), texture: 'mixed' }
        : wish.filling.kind === 'recipe'
          ? { ...base.filling, parts: wish.filling.parts, texture: 'mixed' }
          : start
            ? { ...base.filling, parts: [...start.parts], texture: start.texture }
            : base.filling,
  };
  const doughed = withDough(filled, wish.dough, kitchen, basis);
  const named = parsePlan(
    { ...doughed, name: wish.name ?? nameOf(family, start?.name) },
    basis.pantry,
  );
  const dough = wish.dough.kind === 'inHand' || (wish.dough.kind === 'recipe' && wish.dough.had);
  const filling =
    wish.filling.kind === 'made' || (wish.filling.kind === 'recipe' && wish.filling.had);
  const withDoughHad = dough ? haveRecipe(named, 'dough', basis) : named;
  return filling ? haveRecipe(withDoughHad, 'filling', basis) : withDoughHad;
}

/** A filling that came made: its weight, and a row of the pantry for how it feels. */
const madeParts = ({ g, feel }: { g: number; feel: string }): Plan['filling']['parts'] => [
  { id: `filling-made-${feel}`, g, preparation: 'raw' },
];

const nameOf = (family: FamilyId, filling: string | undefined): string =>
  filling ? `${familyOf(family).name}, ${filling.toLowerCase()}` : familyOf(family).name;

function withDough(plan: Plan, wish: NewPlan['dough'], kitchen: Kitchen, basis: Basis): Plan {
  switch (wish.kind) {
    case 'recipe':
      return { ...plan, dough: { ...plan.dough, parts: wish.parts } };
    case 'inHand':
      return { ...plan, dough: { ...plan.dough, parts: inHandDough(wish, kitchen, basis, plan) } };
    case 'style': {
      const style = DOUGH_STYLES.find(({ id }) => id === wish.id);
      if (!style?.parts) return plan;
      const { restMin, style: worked } = style.work;
      return {
        ...plan,
        dough: {
          ...plan.dough,
          parts: style.parts.map(({ id, g }) => ({ id, g })),
          style: worked,
          work: { ...plan.dough.work, restMin },
        },
      };
    }
  }
}

/**
 * The most dough that so much flour and so many eggs make: every egg where the flour reaches, else
 * all of the flour with as many eggs as it takes, water to its target either way.
 */
function inHandDough(
  { flour, flourG, eggs }: { flour: string; flourG: number; eggs: number },
  egg: EggContents,
  basis: Basis,
  plan: Plan,
): Plan['dough']['parts'] {
  const pattern = [
    { id: flour, g: 100 },
    { id: 'egg-whole', g: 50 },
  ];
  const recipe = hydrationNow(
    { ...plan, dough: { ...plan.dough, parts: pattern } },
    pattern,
    basis,
  );
  const { blend } = doughCharacter(pattern, recipe, egg, basis.pantry);
  const solve = (given: { kind: 'flour'; g: number } | { kind: 'eggs'; count: number }) =>
    eggOptions({ blend, given, egg, style: plan.dough.style }, basis.pantry, {
      most: 12,
      rules: basis.rules,
    });
  const [allEggs] = eggs > 0 ? solve({ kind: 'eggs', count: eggs }) : [];
  const best =
    allEggs && allEggs.flourG <= flourG && allEggs.yolks === 0
      ? allEggs
      : solve({ kind: 'flour', g: flourG }).find(
          (option) => option.yolks === 0 && option.eggs <= eggs,
        );
  if (best) return partsOfOption(pattern, best, egg, basis.pantry);
  // No egg fits, or there is none: flour and water on their own target.
  const water = hydrationNow(plan, [{ id: flour, g: flourG }], basis);
  return [
    { id: flour, g: flourG },
    { id: 'water', g: Math.round(water.target * flourG - water.waterG) },
  ];
}
