import { startingBasis } from '../basis/basis';
import { startingPantry as pantry } from '../composition/pantry';
import { composeFilling } from '../plan/document/recipe';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan } from '../plan/evaluatePlan';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import {
  asPlanned,
  happeningsOf,
  onlyTested,
  testsOf,
  testsThatHold,
  withTests,
} from './batchTests';
import type { Happening } from './events';
import { foldRun } from './fold';
import { planAtBench } from './planAtBench';

const plan = planWith();
const fold = (...happenings: Happening[]) => foldRun(eventsFrom(happenings));
const ALL = {
  hangMm: 900,
  spoon: { volumeMl: 10, diameterMm: 44 },
  towel: { spoonfulG: 20, wetG: 1.4 },
};
const filled = (filling: Partial<Plan['filling']>): Plan => ({
  ...plan,
  filling: { ...plan.filling, ...filling },
});

describe('tests of a batch', () => {
  it('are noted and read back as they were made', () => {
    expect(testsOf(fold(...happeningsOf(ALL)))).toEqual(ALL);
    expect(testsOf(fold())).toEqual({});
  });

  it('are of a level tablespoon where nobody said', () => {
    const { spoon, towel } = testsOf(
      fold(
        { kind: 'measured', test: 'spoonMm', value: 44 },
        { kind: 'measured', test: 'towelG', value: 1 },
      ),
    );
    expect(spoon).toEqual({ volumeMl: 15, diameterMm: 44 });
    expect(towel).toEqual({ spoonfulG: 15, wetG: 1 });
  });

  it('count by the last one, and not once they are taken back', () => {
    const events = eventsFrom([
      { kind: 'measured', test: 'spoonMm', value: 44, of: 10 },
      { kind: 'measured', test: 'spoonMm', value: 52 },
    ]);
    expect(testsOf(foldRun(events)).spoon).toEqual({ volumeMl: 15, diameterMm: 52 });
    const back = eventsFrom(
      events.map(({ id }) => ({ kind: 'takenBack' as const, event: id })),
      2,
    );
    expect(testsOf(foldRun([...events, ...back]))).toEqual({});
  });

  it('are left aside where they cannot be', () => {
    expect(
      testsOf(
        fold(
          { kind: 'measured', test: 'hangMm', value: 1 },
          { kind: 'measured', test: 'spoonMm', value: 90_000 },
          { kind: 'measured', test: 'towelG', value: 40, of: 20 },
        ),
      ),
    ).toEqual({});
  });

  it('stand in place of the rules, and leave the plan as it was planned', () => {
    const before = JSON.stringify(plan);
    const { dough, filling } = evaluatePlan(withTests(plan, ALL, pantry), startingBasis);
    expect([dough.strengthMeasured, filling.stiffnessFrom]).toEqual([true, 'spoon']);
    expect(filling.freeWaterShare).toBeCloseTo(1.4 / 20, 9);
    expect(JSON.stringify(plan)).toBe(before);
    expect(withTests(plan, {}, pantry)).toBe(plan);
  });

  it('do not hold of another dough or filling; what solids hold is followed while they are there', () => {
    expect(testsThatHold(plan, plan, ALL)).toEqual(ALL);
    expect(testsThatHold(planWith({ shape: { doseG: 7 } }), plan, ALL)).toEqual(ALL);
    const dried = filled({ cookedOffG: 20 });
    expect(testsThatHold(dried, plan, ALL)).toEqual({ hangMm: 900, towel: ALL.towel });
    // It holds less water now, by as much as was cooked off.
    const wet = evaluatePlan(withTests(plan, { towel: ALL.towel }, pantry), startingBasis).filling;
    const dry = evaluatePlan(
      withTests(dried, { towel: ALL.towel }, pantry, plan),
      startingBasis,
    ).filling;
    const { massG } = composeFilling(plan.filling, pantry);
    expect(dry.freeWaterShare * (massG - 20)).toBeCloseTo(wet.freeWaterShare * massG - 20, 6);
    const other = filled({ parts: [{ id: 'potato-boiled', g: 300, preparation: 'raw' }] });
    expect(testsThatHold(other, plan, ALL)).toEqual({ hangMm: 900 });
    const kneaded = { ...plan, dough: { ...plan.dough, work: { ...plan.dough.work, folds: 9 } } };
    expect(testsThatHold(kneaded, plan, ALL).hangMm).toBeUndefined();
  });

  it('go out of a filling that was worked out on them and is kept', () => {
    const worked = withTests(plan, { towel: ALL.towel }, pantry).filling;
    expect(asPlanned(worked, plan.filling)).toEqual(plan.filling);
    const own = filled({ towelTest: { spoonfulG: 20, wetG: 1, holdingFactor: 1.1 } });
    expect(asPlanned(worked, own.filling)).toEqual(own.filling);
  });

  it('alone do not begin the making', () => {
    const events = (...happenings: Happening[]) => eventsFrom(happenings);
    expect(onlyTested(events(...happeningsOf(ALL), { kind: 'noted', text: 'soft' }))).toBe(true);
    expect(onlyTested(events(...happeningsOf(ALL), { kind: 'begun' }))).toBe(false);
  });
});

describe('the plan at a bench', () => {
  const planned = evaluatePlan(plan, startingBasis);
  const at = { pantry, planned };

  it('is the plan itself where nothing was changed, corrected or tested', () => {
    expect(planAtBench(plan, fold({ kind: 'stepDone', step: 'knead' }), at)).toBe(plan);
  });

  it('has what was changed, corrected and tested there', () => {
    const now = planAtBench(
      plan,
      fold(
        ...happeningsOf(ALL),
        { kind: 'changed', doseG: 7.5 },
        { kind: 'corrected', feel: 'sticky', did: 'flourG', amount: 8 },
      ),
      at,
    );
    expect(now).toMatchObject({
      dough: { hangMm: 900 },
      filling: { spoonTest: ALL.spoon },
      shape: { doseG: 7.5 },
      sheet: { thicknessMm: plan.sheet.thicknessMm },
      made: [{ kind: 'flourG', amount: 8 }],
    });
  });

  it('is of as many pieces as were planned, whatever is found of them since', () => {
    const loose = fold(...happeningsOf({ spoon: { volumeMl: 15, diameterMm: 44 } }));
    const now = evaluatePlan(planAtBench(plan, loose, at), startingBasis);
    expect(now.weakestLink.state).toBe('fails');
    expect(now.counts).toEqual(planned.counts);
    expect(now.dough.totalG).toBe(planned.dough.totalG);
    // On the plan's own page it is planned with more of them.
    expect(
      evaluatePlan(withTests(plan, testsOf(loose), pantry), startingBasis).pieces,
    ).toBeGreaterThan(planned.pieces);
  });
});
