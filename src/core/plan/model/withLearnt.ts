import type { Basis, BasisParts } from '../../basis/basis';
import { withRules, type RuleId } from '../../basis/rules';
import type { Learnt, QuantityId } from '../../basis/learnt';
import { learntOfKey } from '../../calibrate/learntKeys';
import { QUANTITIES } from '../../calibrate/quantities';
import { makePantry, rowsUsed, startingPantry, type PantryRows } from '../../composition/pantry';
import { USUAL } from '../document/planFields';
import type { Plan } from '../document/schema';
import type { PlanAtBench } from './atBench';
import { onPiece } from '../document/onPiece';

/** What was learnt that this plan stands on: of the kitchen, its roller, its shape, its preparations. */
export function learntFor(plan: Plan, learnt: readonly Learnt[]): readonly Learnt[] {
  const wanted: readonly (readonly [QuantityId, string])[] = [
    ['dosed', ''],
    ['thicker', plan.sheet.roller.id],
    ...usualOnly(plan),
    ['water', ''],
    ...(plan.sheet.secondsPerPiece === undefined ? [['pace', plan.shape.family] as const] : []),
    ['rest', ''],
    ['edge', ''],
    ...[
      ...new Set(
        plan.filling.parts.flatMap(({ preparation, weighedG }) =>
          weighedG === undefined && preparation !== 'raw' ? preparation : [],
        ),
      ),
    ].map((id) => ['prepared', id] as const),
  ];
  // What is lost to each cause, where the cook set no share of their own.
  const lost = learnt.filter(
    ({ quantity, held }) => quantity === 'lost' && !held && plan.batch.breakageShare === undefined,
  );
  return [...wanted.flatMap(([id, key]) => learntOfKey(learnt, id, key) ?? []), ...lost];
}

/** What the cook set otherwise than usual stays as it was set. */
function usualOnly({ batch }: Plan): (readonly [QuantityId, string])[] {
  const usual: (readonly [QuantityId, boolean])[] = [
    ['stuck', batch.stuckShare === USUAL['batch.stuckShare']],
    ['trimFit', batch.trimUsable === USUAL['batch.trimUsable']],
    [
      'bowl',
      batch.fillingLoss.kind === USUAL['batch.fillingLoss.kind'] &&
        batch.fillingLoss.share === USUAL['batch.fillingLoss.share'],
    ],
    ['burst', batch.breakageShare === undefined],
  ];
  return usual.flatMap(([id, isUsual]) => (isUsual ? [[id, ''] as const] : []));
}

/** No rule is moved further than this by what was learnt. */
const within = (value: number, [low, high]: readonly [number, number]): number =>
  Math.min(high, Math.max(low, value));

/**
 * The plan and the basis with what this kitchen’s runs taught: rules moved, and what the plan left at its
 * usual set to what is true here. The same ones again where nothing was learnt.
 */
export function withLearnt(
  plan: PlanAtBench,
  basis: Basis,
): { plan: PlanAtBench; basis: Basis; learnt: readonly Learnt[] } {
  const found = learntFor(plan, basis.learnt);
  if (found.length === 0) return { plan, basis, learnt: found };
  const of = (id: QuantityId) => found.find(({ quantity }) => quantity === id)?.value ?? null;
  const rules: Partial<Record<RuleId, number>> = {};
  const times = (id: QuantityId, rule: RuleId) => {
    const value = of(id);
    if (value !== null) rules[rule] = basis.rules[rule].value * within(value, [0.3, 3]);
  };
  times('dosed', 'batch.dosed');
  times('thicker', 'batch.thicker');
  times('pace', `shape.seconds.${plan.shape.family}`);
  times('rest', 'dough.rest.tau');
  times('edge', 'boil.edge');
  const water = of('water');
  if (water !== null) {
    rules['dough.target.base'] =
      basis.rules['dough.target.base'].value + within(water, [-0.06, 0.06]);
  }
  const prepared = new Map(
    found.flatMap(({ quantity, key, value }) =>
      quantity === 'prepared' ? [[key, within(value, [0.7, 1.4])] as const] : [],
    ),
  );
  const { batch } = plan;
  return {
    learnt: found,
    plan: {
      ...plan,
      batch: {
        ...batch,
        stuckShare: within(of('stuck') ?? batch.stuckShare, [0, 0.3]),
        trimUsable: within(of('trimFit') ?? batch.trimUsable, [0, 1]),
        fillingLoss:
          batch.fillingLoss.kind === 'bowl'
            ? {
                ...batch.fillingLoss,
                share: within(of('bowl') ?? batch.fillingLoss.share, [0, 0.3]),
              }
            : batch.fillingLoss,
      },
    },
    basis: {
      ...basis,
      // What it changes is worked out on it again: nothing may count twice.
      learnt: [],
      rules: withRules(basis.rules, rules),
      pantry:
        prepared.size === 0
          ? basis.pantry
          : makePantry(
              [...basis.pantry.ingredients.values()],
              [...basis.pantry.preparations.values()].map((row) => {
                const factor = prepared.get(row.id);
                return factor === undefined ? row : { ...row, massYield: row.massYield * factor };
              }),
            ),
    },
  };
}

/** What moved a figure, by the figure's id. */
export const learntOfFigure = (found: readonly Learnt[], figure: string): readonly Learnt[] =>
  found.filter(({ quantity }) =>
    (QUANTITIES[quantity].moves as readonly string[]).includes(figure),
  );

/**
 * Of a cook's own rows those that plans may be worked out on: what they use, and what stands in place of shipped
 * rows, which a remedy or an egg may be taken from.
 * @example rowsFor([plan], { ingredients: [], preparations: [] }) // { ingredients: [], preparations: [] }
 */
export function rowsFor(
  plans: readonly Plan[],
  { ingredients, preparations }: PantryRows,
): PantryRows {
  const parts = plans.flatMap((plan) => [...onPiece(plan), ...plan.filling.parts]);
  const pick = <T extends { readonly id: string }>(
    own: readonly T[],
    shipped: ReadonlyMap<string, T>,
    used: ReadonlySet<string>,
  ) => own.filter(({ id }) => used.has(id) || shipped.has(id));
  return {
    ingredients: pick(ingredients, startingPantry.ingredients, new Set(parts.map(({ id }) => id))),
    preparations: pick(
      preparations,
      startingPantry.preparations,
      new Set(plans.flatMap(({ filling }) => filling.parts.map(({ preparation }) => preparation))),
    ),
  };
}

/** What a plan uses of a basis, in parts that can be sent and kept. */
export const basisPartsFor = (plan: Plan, { pantry, learnt, alsoHandles }: Basis): BasisParts => ({
  pantry: rowsUsed([...onPiece(plan), ...plan.filling.parts], pantry),
  learnt: learntFor(plan, learnt),
  alsoHandles,
});
