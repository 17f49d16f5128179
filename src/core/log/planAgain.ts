import { findIngredient, type Pantry } from '../composition/pantry';
import type { Basis } from '../basis/basis';
import { WATER } from '../dough/makeup';
import { isCause, type CauseId } from '../faults/causes';
import { mendsOf } from '../faults/mending';
import { PLAN_FIELDS } from '../plan/document/planFields';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan } from '../plan/evaluatePlan';
import { modelOf } from '../risk/modelOf';
import { MARGIN_IDS, type MarginId } from '../risk/margins';
import { applyChange, quotesOf } from '../risk/remedies';
import type { Change, ChangeKind, Quoted } from '../risk/remedy';
import { testsOf, withTests } from '../run/batchTests';
import type { RunState } from '../run/fold';
import { WAY_IDS, WAYS } from '../run/ways';
import type { FigureUnit } from '../working/working';

/** One thing that the next plan starts from: a figure, or a change of how it is made. */
export type AgainChange =
  | {
      readonly what: string;
      readonly from: number | null;
      readonly to: number;
      readonly unit: FigureUnit;
    }
  | { readonly change: Change };

/** Fewer lost in one way than this share of those made, and nothing need change for it. */
const MANY_LOST = 0.1;

/** A plan on its way to the next one, and what has changed of it so far. */
interface Again {
  readonly plan: Plan;
  readonly changes: readonly AgainChange[];
}

/**
 * The plan with what a batch found out, and what that changes: a dose or thickness changed at the bench,
 * tests that replace a rule, water or flour that the dough truly wanted, rest and kneading it was given,
 * what mends the causes that were confirmed, what mends the ways in which many were lost, and as many pieces
 * a head as were eaten.
 * @param weighedG dough as it was weighed out, before corrections; the recipe takes its share of them
 */
export function planAgain(
  plan: Plan,
  state: RunState,
  { weighedG, basis }: { weighedG: number; basis: Basis },
): Again {
  const steps = [
    fromBench(state),
    fromTests(state, basis.pantry),
    fromDough(state, weighedG, basis.pantry),
    fromWork(state),
    fromCauses(state, basis),
    fromLosses(state, basis),
    fromPot(state),
    fromPlates(state),
  ];
  return steps.reduce<Again>((again, step) => step(again), { plan, changes: [] });
}

type Step = (again: Again) => Again;

const figure =
  (
    what: string,
    { to, from, unit }: { to: number; from: number | null | undefined; unit: FigureUnit },
    change: (plan: Plan) => Plan,
  ): Step =>
  ({ plan, changes }) =>
    to === from
      ? { plan, changes }
      : { plan: change(plan), changes: [...changes, { what, from: from ?? null, to, unit }] };

const inTurn =
  (...steps: readonly Step[]): Step =>
  (again) =>
    steps.reduce((now, step) => step(now), again);

const nothing: Step = (again) => again;

/** A dose or a thickness that was changed at the bench: what the hand aims for from now on. */
const fromBench =
  ({ now: { doseG, thicknessMm } }: RunState): Step =>
  (again) => {
    const { shape, sheet } = again.plan;
    return inTurn(
      doseG === null
        ? nothing
        : figure('Dose', { from: shape.doseG, to: doseG, unit: 'g' }, (plan) => ({
            ...plan,
            shape: { ...plan.shape, doseG },
          })),
      thicknessMm === null
        ? nothing
        : figure('Thickness', { from: sheet.thicknessMm, to: thicknessMm, unit: 'mm' }, (plan) => ({
            ...plan,
            sheet: { ...plan.sheet, thicknessMm },
          })),
    )(again);
  };

const fromTests =
  (state: RunState, pantry: Pantry): Step =>
  ({ plan, changes }) => {
    const tests = testsOf(state);
    const { dough, filling } = plan;
    const found = [
      { what: 'Hanging strip', unit: 'mm', from: dough.hangMm, to: tests.hangMm },
      {
        what: 'Spoon test',
        unit: 'mm',
        from: filling.spoonTest?.diameterMm,
        to: tests.spoon?.diameterMm,
      },
      { what: 'Towel test', unit: 'g', from: filling.towelTest?.wetG, to: tests.towel?.wetG },
    ] as const;
    return {
      plan: withTests(plan, tests, pantry),
      changes: [
        ...changes,
        ...found.flatMap(({ what, unit, from, to }) =>
          to !== undefined && to !== from ? [{ what, from: from ?? null, to, unit }] : [],
        ),
      ],
    };
  };

const didOf = ({ corrections }: RunState, kind: RunState['corrections'][number]['did']): number =>
  corrections.reduce((sum, each) => sum + (each.did === kind ? each.amount : 0), 0);

/** Water and flour that went into the dough under the hand, as the recipe's share of them. */
const fromDough =
  (state: RunState, weighedG: number, pantry: Pantry): Step =>
  (again) => {
    const { parts } = again.plan.dough;
    const recipeG = parts.reduce((sum, { g }) => sum + g, 0);
    const share = weighedG > 0 ? recipeG / weighedG : 0;
    const water = round(didOf(state, 'waterG') * share);
    const flour = round(didOf(state, 'flourG') * share);
    const isFlour = (id: string) => findIngredient(pantry, id).group === 'flour';
    const hadWater = parts.find(({ id }) => id === WATER)?.g ?? 0;
    const hadFlour = parts.reduce((sum, { id, g }) => sum + (isFlour(id) ? g : 0), 0);
    const withParts = (plan: Plan, next: Plan['dough']['parts']): Plan => ({
      ...plan,
      dough: { ...plan.dough, parts: next },
    });
    return inTurn(
      figure('Water in the recipe', { from: hadWater, to: hadWater + water, unit: 'g' }, (plan) =>
        withParts(
          plan,
          hadWater > 0
            ? plan.dough.parts.map((part) =>
                part.id === WATER ? { ...part, g: hadWater + water } : part,
              )
            : [...plan.dough.parts, { id: WATER, g: water }],
        ),
      ),
      hadFlour <= 0
        ? nothing
        : figure(
            'Flour in the recipe',
            { from: hadFlour, to: hadFlour + flour, unit: 'g' },
            (plan) =>
              withParts(
                plan,
                plan.dough.parts.map((part) =>
                  isFlour(part.id)
                    ? { ...part, g: round((part.g * (hadFlour + flour)) / hadFlour) }
                    : part,
                ),
              ),
          ),
    )(again);
  };

/** Rest, kneading and folds that were added under the hand. */
const fromWork = (state: RunState): Step =>
  inTurn(
    ...(
      [
        ['Rest', 'restMin', 'min'],
        ['Kneading', 'kneadMin', 'min'],
        ['Letter folds', 'folds', 'count'],
      ] as const
    ).map(([what, key, unit]): Step => (again) => {
      const from = again.plan.dough.work[key];
      const { max } = PLAN_FIELDS[`dough.work.${key}`];
      const to = Math.min(max, from + didOf(state, key));
      return figure(what, { from, to, unit }, (plan) => ({
        ...plan,
        dough: { ...plan.dough, work: { ...plan.dough.work, [key]: to } },
      }))(again);
    }),
  );

/** What mends each cause that was confirmed, each worked out on the plan as it then is. */
const fromCauses = (state: RunState, basis: Basis): Step =>
  inTurn(
    ...[...new Set(state.traced.map(({ cause }) => cause))]
      .filter((cause) => isCause(cause))
      .map(
        (cause): Step =>
          (again) =>
            RESTED_LONGER.has(cause)
              ? restedEnough(basis)(again)
              : mended(again, mendsOf(cause, modelOf(again.plan, basis)), basis),
      ),
  );

/** Causes that a longer rest mends: no remedy of the piece does. */
const RESTED_LONGER: ReadonlySet<CauseId> = new Set(['unrested']);

const restedEnough =
  (basis: Basis): Step =>
  (again) => {
    const { restMin } = again.plan.dough.work;
    const wantedMin = evaluatePlan(again.plan, basis).dough.ready.restWantedMin;
    const to = Math.max(restMin, 5 * Math.ceil(wantedMin / 5));
    return figure('Rest', { from: restMin, to, unit: 'min' }, (plan) => ({
      ...plan,
      dough: { ...plan.dough, work: { ...plan.dough.work, restMin: to } },
    }))(again);
  };

/** What mends a way in which many were lost, where nothing was confirmed. */
const fromLosses = (state: RunState, basis: Basis): Step =>
  state.traced.length > 0
    ? nothing
    : inTurn(
        ...WAY_IDS.filter((way) => {
          const many = Math.max(3, MANY_LOST * state.pieces);
          return WAYS[way].lost && state.burst[way] >= many;
        }).map((way): Step => (again) => {
          const margin = MARGIN_IDS.find((id) => id === WAYS[way].margin);
          return margin === undefined
            ? again
            : mended(again, quotesFor(again, margin, basis), basis);
        }),
      );

/** Ways of making it that mend a margin without another piece, dough or filling being wanted. */
const BY_HAND: readonly ChangeKind[] = ['air', 'medium', 'faces', 'simmer', 'surface', 'laid'];

const quotesFor = ({ plan }: Again, margin: MarginId, basis: Basis): Quoted[] => {
  const model = modelOf(plan, basis);
  const byHand = quotesOf(model, { kinds: BY_HAND, lifts: [margin] });
  return byHand.length > 0
    ? byHand
    : quotesOf(model, { kinds: ['dose', 'size', 'thickness', 'shorter'], lifts: [margin] });
};

/** The smallest change that holds, else the one that helps most; none where nothing helps. */
function mended(again: Again, quotes: readonly Quoted[], { rules }: Basis): Again {
  const edge = rules['risk.edge'].value;
  const quoted = quotes.filter(({ margin }) => margin >= edge).at(-1) ?? quotes[0];
  if (!quoted) return again;
  const { margin: _margin, weakest: _weakest, cost: _cost, ...change } = quoted;
  return {
    plan: applyChange(again.plan, change as Change),
    changes: [...again.changes, { change: change as Change }],
  };
}

/** As many in the pot at a time as the cook put in, more often than not. */
const fromPot =
  ({ rounds }: RunState): Step =>
  (again) => {
    const full = rounds.map(({ pieces }) => pieces).sort((a, b) => b - a);
    // The last round is what was left.
    const usual = full[Math.floor((full.length - 1) / 2)];
    if (full.length < 3 || usual === undefined || usual < 1) return again;
    const from = again.plan.boil.atOnce;
    return figure('Pieces at a time', { from, to: usual, unit: 'count' }, (plan) => ({
      ...plan,
      boil: { ...plan.boil, atOnce: usual },
    }))(again);
  };

/** Pieces each as they were eaten. */
const fromPlates =
  ({ ate }: RunState): Step =>
  (again) => {
    if (ate === null || again.plan.batch.wayIn !== 'portions') return again;
    const from = again.plan.batch.piecesPerPortion;
    const to = Math.max(1, Math.round(ate.pieces / ate.people));
    return figure('Pieces each', { from, to, unit: 'count' }, (plan) => ({
      ...plan,
      batch: { ...plan.batch, piecesPerPortion: to },
    }))(again);
  };

const round = (g: number): number => Math.round(g * 10) / 10;
