import { startingRules } from '../basis/rules';
import { startingBasis } from '../basis/basis';
import { startingPantry } from '../composition/pantry';
import { DOUGH_STYLES } from '../dough/styles';
import { startingKitchen } from '../kitchen/kitchen';
import { changeFamily } from '../plan/questions/changeFamily';
import { compareShapes } from '../plan/questions/compareShapes';
import { searchHeats } from '../plan/questions/heatSearch';
import { haveFlour } from '../plan/questions/haveFlour';
import { haveRecipe } from '../plan/questions/haveRecipe';
import { newPlan } from '../plan/questions/newPlan';
import { piecesFromDough, usualPiece } from '../plan/questions/piecesFromDough';
import { shareOut } from '../plan/questions/shareOut';
import { bestPartners, splitAmong } from '../plan/questions/splitShapes';
import { TEMPLATES, templatePages, wholeSheetPage } from '../plan/questions/templatesOfPlan';
import { variant, variantsOf } from '../plan/questions/variants';
import { evaluatePlan } from '../plan/evaluatePlan';
import { STARTING_FILLINGS } from '../plan/starting/startingFillings';
import { startingPlans } from '../plan/starting/startingPlans';
import { balanceMap } from '../risk/balanceMap';
import { expectedLoss } from '../risk/expectedLoss';
import { modelOf } from '../risk/modelOf';
import { scatter } from '../risk/scatter';
import { sizeMap } from '../risk/sizeMap';
import { waterMap } from '../risk/waterMap';
import { FAMILY_IDS } from '../shapes/families';
import { planNeeds, shoppingList } from '../shopping/shoppingList';
import { table } from '../testing/table';
import { FEW_PLANS, GOLDEN_PLANS } from '../../../demo/goldenPlans';

const plan = startingPlans.ravioliSquare;
const withFlour = {
  ...plan,
  dough: { ...plan.dough, parts: plan.dough.parts.map((part) => ({ ...part, haveG: 130 })) },
};
const both = {
  ...plan,
  batch: { ...plan.batch, wayIn: 'both' as const, doughInHandG: 480, fillingInHandG: 900 },
};

describe('what is asked of a plan', () => {
  it.each(FEW_PLANS)('%s: its risk, its maps and what else it might be', (_name, each) => {
    const model = modelOf(each, startingBasis);
    expect(
      table({
        loss: expectedLoss(model),
        scatter: scatter(model, { pieces: 400 }),
        maps: [
          balanceMap(model, 12),
          sizeMap(
            model,
            startingKitchen.cutters.map(({ mm }) => mm),
            12,
          ) ?? [],
          waterMap(model, 8),
        ],
        variants: variantsOf(model).map((change) => {
          const { plan: _plan, ...made } = variant(each, change, startingBasis);
          return made;
        }),
        shareOut: shareOut(each, evaluatePlan(each, startingBasis)),
      }),
    ).toMatchSnapshot();
  });

  it('another shape of the same', () => {
    const changed = FAMILY_IDS.map((id) => {
      const { shape, sheet, batch, hold } = changeFamily(plan, id, 0.05, startingRules);
      return { shape, mm: sheet.thicknessMm, batch, hold };
    });
    expect(table({ changed, shapes: compareShapes(plan, startingBasis) })).toMatchSnapshot();
  });

  it('both bowls used up', () => {
    expect(
      table({
        heats: searchHeats(both, startingBasis),
        split: splitAmong(both, ['halfMoon', 'tortelloni'], startingBasis),
        partners: bestPartners(both, startingBasis).map(({ parts, ...split }) => ({
          ...split,
          parts: parts.map(({ plan: _plan, ...part }) => part),
        })),
      }),
    ).toMatchSnapshot();
  });

  it('from what is there', () => {
    expect(
      table({
        flour: haveFlour(withFlour, startingBasis).batch,
        dough: haveRecipe(plan, 'dough', startingBasis).batch,
        filling: haveRecipe(plan, 'filling', startingBasis).batch,
        pieces: FAMILY_IDS.map((family) => {
          const { label: _label, range: _range, ...usual } = usualPiece(family);
          return piecesFromDough(
            { family, doughG: 500, ...usual },
            startingKitchen,
            startingPantry,
          );
        }),
      }),
    ).toMatchSnapshot();
  });

  it.each(FEW_PLANS)('%s: its templates on paper', (_name, each) => {
    const pages = TEMPLATES.flatMap((template) =>
      templatePages(each, startingBasis, { template, paper: 'a4' }),
    );
    expect(table({ pages, whole: wholeSheetPage(each, startingBasis) ?? [] })).toMatchSnapshot();
  });

  it('what to buy for all of them', () => {
    const needs = GOLDEN_PLANS.map(([, each]) =>
      planNeeds(each, evaluatePlan(each, startingBasis)),
    );
    expect(table(shoppingList(needs, startingPantry))).toMatchSnapshot();
  });

  it.each(STARTING_FILLINGS.map(({ id }) => id))('a first plan with %s', (id) => {
    const { batch, shape, sheet, dough, filling } = newPlan(
      {
        portions: 6,
        dough: { kind: 'style', id: 'wholeEgg' },
        filling: { kind: 'starting', id },
      },
      startingKitchen,
      startingBasis,
    );
    expect(table({ batch, shape, sheet, dough, filling })).toMatchSnapshot();
  });

  it.each(DOUGH_STYLES.map(({ id }) => id))('a dough of style %s, and other eggs for it', (id) => {
    const made = newPlan(
      {
        portions: 6,
        family: 'halfMoon',
        dough: { kind: 'style', id },
        filling: { kind: 'starting', id: 'curdGreens' },
      },
      startingKitchen,
      startingBasis,
    );
    const { dough, verdict } = evaluatePlan(made, startingBasis);
    expect(table({ dough, verdict, parts: made.dough.parts })).toMatchSnapshot();
  });
});
