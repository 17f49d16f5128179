import type { Pantry } from '../composition/pantry';
import { holdingFactorFrom, towelFreeWater } from '../filling/towelTest';
import { PLAN_FIELDS, type PlanFieldPath } from '../plan/document/planFields';
import { composeFilling, type FillingRecipe } from '../plan/document/recipe';
import type { Plan } from '../plan/document/schema';
import type { Happening, RunEvent } from './events';
import type { RunState } from './fold';

/** Tests that say how a batch truly is, in place of the rules. They belong to its run. */
export interface BatchTests {
  /** A strip tore under its own weight at this length. */
  readonly hangMm?: number;
  readonly spoon?: { readonly volumeMl: number; readonly diameterMm: number };
  readonly towel?: { readonly spoonfulG: number; readonly wetG: number };
}

/** A batch nobody touched for so long is no longer the one that is being made, h. */
export const STILL_MADE_H = 18;

/** A level tablespoon, where nobody said which spoon, ml. */
export const TABLESPOON_ML = 15;

/** What it holds of a filling, g. */
export const SPOONFUL_G = 15;

const allows = (path: PlanFieldPath, value: number): boolean =>
  value >= PLAN_FIELDS[path].min && value <= PLAN_FIELDS[path].max;

/**
 * The tests of a run that can be reckoned with; one beyond what is possible is left aside.
 * @example testsOf(state) // { spoon: { volumeMl: 15, diameterMm: 44 } }
 */
export function testsOf({ measured, measuredOf }: RunState): BatchTests {
  const { hangMm, spoonMm, towelG } = measured;
  const volumeMl = measuredOf.spoonMm ?? TABLESPOON_ML;
  const spoonfulG = measuredOf.towelG ?? SPOONFUL_G;
  return {
    ...(hangMm !== undefined && allows('dough.hangMm', hangMm) && { hangMm }),
    ...(spoonMm !== undefined &&
      allows('filling.spoonTest.diameterMm', spoonMm) &&
      allows('filling.spoonTest.volumeMl', volumeMl) && {
        spoon: { volumeMl, diameterMm: spoonMm },
      }),
    ...(towelG !== undefined &&
      towelG <= spoonfulG &&
      allows('filling.towelTest.wetG', towelG) &&
      allows('filling.towelTest.spoonfulG', spoonfulG) && { towel: { spoonfulG, wetG: towelG } }),
  };
}

/** What a batch is told when a test was made; the inverse of {@link testsOf}. */
export const happeningsOf = ({ hangMm, spoon, towel }: BatchTests): Happening[] => [
  ...(hangMm === undefined
    ? []
    : [{ kind: 'measured' as const, test: 'hangMm' as const, value: hangMm }]),
  ...(spoon
    ? [
        {
          kind: 'measured' as const,
          test: 'spoonMm' as const,
          value: spoon.diameterMm,
          of: spoon.volumeMl,
        },
      ]
    : []),
  ...(towel
    ? [
        {
          kind: 'measured' as const,
          test: 'towelG' as const,
          value: towel.wetG,
          of: towel.spoonfulG,
        },
      ]
    : []),
];

/** What tests say something of. */
type Tested = Pick<Plan, 'dough' | 'filling'>;

/**
 * The plan as it is with the tests of a batch in place of its rules. The plan itself stays as it was: this
 * is worked out from, never saved. The same one again where nothing was tested.
 * @param of dough and filling as they were tested, where the plan has changed since
 */
export function withTests(
  plan: Plan,
  { hangMm, spoon, towel }: BatchTests,
  pantry: Pantry,
  of: Tested = plan,
): Plan {
  if (hangMm === undefined && !spoon && !towel) return plan;
  return {
    ...plan,
    dough: { ...plan.dough, ...(hangMm !== undefined && { hangMm }) },
    filling: {
      ...plan.filling,
      ...(spoon && { spoonTest: spoon }),
      // What its solids hold was found once; a filling dried or bound since is followed from there.
      ...(towel && { towelTest: towelTestOf(of.filling, towel, pantry) }),
    },
  };
}

/**
 * The tests that still hold of a plan. A dough of another recipe, and a filling dried or mixed otherwise, are
 * no longer as strong or as stiff as was tested; what the solids of a filling hold stays while they are in it.
 * @param of dough and filling as they were tested
 */
export const testsThatHold = (plan: Tested, of: Tested, tests: BatchTests): BatchTests => {
  const { hangMm, spoon, towel } = tests;
  const now = new Set(plan.filling.parts.map(({ id }) => id));
  return {
    ...(hangMm !== undefined && doughAs(plan) === doughAs(of) && { hangMm }),
    ...(spoon && fillingAs(plan) === fillingAs(of) && { spoon }),
    ...(towel && of.filling.parts.every(({ id }) => now.has(id)) && { towel }),
  };
};

const doughAs = ({ dough: { parts, work, style, eggG, yolkG } }: Tested): string =>
  JSON.stringify([parts, work, style, eggG, yolkG]);

const fillingAs = ({ filling: { parts, texture, air, cookedOffG } }: Tested): string =>
  JSON.stringify([parts, texture, air, cookedOffG]);

/**
 * A filling that was worked out on the tests of a batch, as a plan keeps it: with what the plan itself was made
 * with in their place.
 * @param own the plan's filling as it stands
 */
export function asPlanned(worked: FillingRecipe, own: FillingRecipe): FillingRecipe {
  const { towelTest: _tested, ...rest } = worked;
  return own.towelTest ? { ...rest, towelTest: own.towelTest } : rest;
}

/** A towel test of a filling, with what its solids hold by it against the table. */
function towelTestOf(
  filling: FillingRecipe,
  towel: { readonly spoonfulG: number; readonly wetG: number },
  pantry: Pantry,
): NonNullable<FillingRecipe['towelTest']> {
  const { towelTest: _before, ...plain } = filling;
  const { waterG, massG, parts } = composeFilling(plain, pantry);
  const holdingFactor = holdingFactorFrom({
    freeWaterShare: towelFreeWater(towel),
    waterG,
    massG,
    tableHoldingG: parts.reduce((sum, part) => sum + part.holdingG, 0),
  });
  return { ...towel, holdingFactor };
}

/** Whether nothing of a batch was made yet: only tests were noted for it. */
export const onlyTested = (events: readonly RunEvent[]): boolean =>
  events.every(({ kind }) => kind === 'measured' || kind === 'takenBack' || kind === 'noted');
