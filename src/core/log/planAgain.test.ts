import { startingPantry } from '../composition/pantry';
import { startingBasis as basis } from '../basis/basis';
import { parsePlan } from '../plan/document/parsePlan';
import { evaluatePlan } from '../plan/evaluatePlan';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import type { Happening } from '../run/events';
import { foldRun } from '../run/fold';
import { planAgain } from './planAgain';

const plan = planWith();
const recipeG = plan.dough.parts.reduce((sum, { g }) => sum + g, 0);
const again = (weighedG: number, ...happenings: Happening[]) =>
  planAgain(plan, foldRun(eventsFrom(happenings)), { weighedG, basis });
const gOf = (made: typeof plan, id: string) => made.dough.parts.find((part) => part.id === id)?.g;
const corrected = (did: 'waterG' | 'flourG', amount: number): Happening => ({
  kind: 'corrected',
  feel: did === 'waterG' ? 'crumbly' : 'sticky',
  did,
  amount,
});

describe('planning again', () => {
  it('is the same plan where the run found nothing out', () => {
    const made = again(recipeG, { kind: 'noted', text: 'All well' });
    expect(made.plan).toBe(plan);
    expect(made.changes).toEqual([]);
  });

  it('starts from the dose and the thickness that were changed to, and lists them', () => {
    const { plan: next, changes } = again(recipeG, {
      kind: 'changed',
      doseG: plan.shape.doseG - 1,
      thicknessMm: 0.9,
    });
    expect([next.shape.doseG, next.sheet.thicknessMm]).toEqual([plan.shape.doseG - 1, 0.9]);
    expect(changes).toEqual([
      { what: 'Dose', from: plan.shape.doseG, to: plan.shape.doseG - 1, unit: 'g' },
      { what: 'Thickness', from: plan.sheet.thicknessMm, to: 0.9, unit: 'mm' },
    ]);
  });

  it('takes the tests of the run in place of the rules they replace', () => {
    const { plan: next, changes } = again(
      recipeG,
      { kind: 'measured', test: 'hangMm', value: 900 },
      { kind: 'measured', test: 'spoonMm', value: 44 },
    );
    expect(next.dough.hangMm).toBe(900);
    expect(next.filling.spoonTest).toEqual({ volumeMl: 15, diameterMm: 44 });
    expect(
      changes.map((each) => ('what' in each ? [each.what, each.from] : each.change.kind)),
    ).toEqual([
      ['Hanging strip', null],
      ['Spoon test', null],
    ]);
    // And what follows is worked out with them.
    expect(evaluatePlan(next, basis).filling.yieldStressPa).not.toBeCloseTo(
      evaluatePlan(plan, basis).filling.yieldStressPa,
      0,
    );
  });

  it('gives the recipe its share of the water that a larger batch took', () => {
    const { plan: next, changes } = again(
      2 * recipeG,
      corrected('waterG', 20),
      corrected('waterG', 10),
    );
    expect(gOf(next, 'water')).toBe(15);
    expect(changes).toEqual([{ what: 'Water in the recipe', from: 0, to: 15, unit: 'g' }]);
    expect(evaluatePlan(next, basis).dough.hydration).toBeGreaterThan(
      evaluatePlan(plan, basis).dough.hydration,
    );
  });

  it('adds to the water that is there, in one line', () => {
    const watered = planWith({
      dough: {
        ...plan.dough,
        parts: [
          { id: 'flour-00', g: 400 },
          { id: 'water', g: 180 },
        ],
      },
    });
    const state = foldRun(eventsFrom([corrected('waterG', 12)]));
    const made = planAgain(watered, state, { weighedG: 580, basis });
    expect(made.plan.dough.parts).toEqual([
      { id: 'flour-00', g: 400 },
      { id: 'water', g: 192 },
    ]);
  });

  it('shares flour that was worked in among the flours, as they stand', () => {
    const { plan: next, changes } = again(recipeG, corrected('flourG', 20));
    const flours = (of: typeof plan) =>
      of.dough.parts.filter(({ id }) => basis.pantry.ingredients.get(id)?.group === 'flour');
    const sum = (of: typeof plan) => flours(of).reduce((total, { g }) => total + g, 0);
    expect(sum(next)).toBeCloseTo(sum(plan) + 20, 0);
    const [before, after] = [plan, next].map((of) => flours(of).map(({ g }) => g / sum(of)));
    after!.forEach((share, i) => expect(share).toBeCloseTo(before![i]!, 3));
    expect(changes[0]).toMatchObject({ what: 'Flour in the recipe', unit: 'g' });
  });

  it('is a plan that can be kept, whatever the run found out', () => {
    const { plan: next } = again(
      recipeG,
      { kind: 'changed', doseG: 7.5 },
      corrected('waterG', 8),
      corrected('flourG', 5),
      { kind: 'measured', test: 'spoonMm', value: 50 },
    );
    expect(parsePlan(JSON.parse(JSON.stringify(next)), startingPantry)).toEqual(next);
  });

  it('puts nothing into a recipe of which nothing was weighed', () => {
    expect(again(0, corrected('waterG', 20)).changes).toEqual([]);
  });

  it('carries what was confirmed: the air pressed out, a longer rest, the dose', () => {
    const loose = planWith({ hold: { air: 'none' } } as never);
    const state = foldRun(
      eventsFrom([
        { kind: 'sheetDone', pieces: 38, torn: false },
        { kind: 'burst', how: 'popped', pieces: 33 },
        { kind: 'traced', cause: 'airLeft', signs: ['pops'] },
        { kind: 'corrected', feel: 'springsBack', did: 'restMin', amount: 20 },
        { kind: 'finished' },
      ]),
    );
    const made = planAgain(loose, state, { weighedG: recipeG, basis });
    expect(made.plan.hold.air).toBe('middle');
    expect(made.plan.dough.work.restMin).toBe(loose.dough.work.restMin + 20);
    expect(made.changes).toEqual([
      { what: 'Rest', from: 30, to: 50, unit: 'min' },
      { change: { kind: 'air', from: 'none', to: 'middle' } },
    ]);
    expect(evaluatePlan(made.plan, basis).margins.burst).toBeGreaterThan(1.15);
  });

  it('mends the way in which many were lost, where nothing was confirmed', () => {
    const lost = (pieces: number) =>
      again(
        recipeG,
        { kind: 'sheetDone', pieces: 38, torn: false },
        { kind: 'burst', how: 'popped', pieces },
      );
    expect(lost(2).changes).toEqual([]);
    expect(lost(33).changes).toEqual([{ change: expect.objectContaining({ kind: 'air' }) }]);
    expect(lost(33).plan.hold.air).not.toBe(plan.hold.air);
  });

  it('rests a dough as long as it wants where that was the cause', () => {
    const short = planWith({ dough: { ...plan.dough, work: { ...plan.dough.work, restMin: 5 } } });
    const state = foldRun(eventsFrom([{ kind: 'traced', cause: 'unrested', signs: [] }]));
    const { plan: next } = planAgain(short, state, { weighedG: recipeG, basis });
    const { ready } = evaluatePlan(next, basis).dough;
    expect(ready.restedEnough).toBe(true);
    expect(next.dough.work.restMin - ready.restWantedMin).toBeLessThan(5);
  });

  it('makes as many pieces each as were eaten', () => {
    const { plan: next, changes } = again(
      recipeG,
      { kind: 'sheetDone', pieces: 60, torn: false },
      { kind: 'ate', people: 6, pieces: 53 },
    );
    expect(next.batch.piecesPerPortion).toBe(9);
    expect(changes).toContainEqual({ what: 'Pieces each', from: 6, to: 9, unit: 'count' });
  });
});
