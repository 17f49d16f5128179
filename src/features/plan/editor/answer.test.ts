import { basisWith, startingBasis } from '@/core/basis/basis';
import { pantryWith, startingPantry } from '@/core/composition/pantry';
import { learntOf } from '@/core/testing/learntOf';
import type { Plan } from '@/core/plan/document/schema';
import { planWith } from '@/core/testing/plans';
import { answering } from './answer';

const start = planWith();
const dosed = (plan: Plan, doseG: number): Plan => ({ ...plan, shape: { ...plan.shape, doseG } });

const answersOn = (...[basis, batch = null]: [typeof startingBasis, Batch?]) => {
  const answer = answering();
  return (plan: Plan) => answer(plan, basis, batch);
};

type Batch = Parameters<ReturnType<typeof answering>>[2];

/** The basis with one ingredient of a cook's own, sent and read again. */
const withRow = (id: string, water: number) => {
  const row = { ...startingPantry.ingredients.get('flour-00')!, id, water };
  return basisWith(pantryWith({ ingredients: [row], preparations: [] }), []);
};

describe('answering', () => {
  it('gives the very same answer when only words change', () => {
    const answer = answersOn(startingBasis);
    const first = answer(start);
    expect(answer({ ...start, note: 'thin edge', name: 'Friday' })).toBe(first);
    expect(answer(dosed(start, 7))).not.toBe(first);
  });

  it('and when what the plan does not use is known by now, but not when what it uses is another', () => {
    const answer = answering();
    const first = answer(start, startingBasis, null);
    expect(answer(start, withRow('own-flour', 0.1), null)).toBe(first);
    const used = start.filling.parts[0]!.id;
    const drier = answer(start, withRow(used, 0.1), null);
    expect(drier).not.toBe(first);
    expect(drier.result.filling.water).not.toBe(first.result.filling.water);
    const taught = answer(start, { ...startingBasis, learnt: [learntOf('dosed', 1.1)] }, null);
    expect(taught.result.filling.totalG).toBeGreaterThan(first.result.filling.totalG);
    expect(answer(start, startingBasis, { tests: {}, of: start })).not.toBe(taught);
  });
});

describe('a plan whose batch was tested', () => {
  const tests = { spoon: { volumeMl: 15, diameterMm: 90 } };
  const answer = answersOn(startingBasis, { tests, of: start });

  it('comes to what was tested, and stays what was planned', () => {
    const { plan, tested, result } = answer(start);
    expect(plan).toBe(start);
    expect(tested.filling.spoonTest).toEqual(tests.spoon);
    expect(result.filling.stiffnessFrom).toBe('spoon');
  });

  it('goes by the rules again where its filling is another one', () => {
    const other = { ...start, filling: { ...start.filling, texture: 'blended' as const } };
    expect(answer(other).result.filling.stiffnessFrom).toBe('rule');
  });
});
