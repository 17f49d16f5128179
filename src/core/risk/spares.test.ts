import { learntOf } from '../testing/learntOf';
import type { Learnt } from '../basis/learnt';
import { startingBasis } from '../basis/basis';
import { toMake } from '../batch/toMake';
import { QUANTITIES } from '../calibrate/quantities';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan } from '../plan/evaluatePlan';
import { batchModel, heldModel, pieceModel } from '../plan/model/model';
import { startingPlans } from '../plan/starting/startingPlans';
import { FAMILY_IDS } from '../shapes/families';
import { planWith } from '../testing/plans';
import { expectedLoss } from './expectedLoss';
import { modelAgain, modelOf } from './modelOf';
import { scatter } from './scatter';

const on = (plan: Plan, learnt: readonly Learnt[] = []) =>
  modelOf(plan, { ...startingBasis, learnt });
const dosed = (doseG: number) => planWith({ shape: { doseG } });
const loss = (plan: Plan) => expectedLoss(on(plan));

const seeping = {
  ...planWith().filling,
  parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' }],
};

const PLANS: readonly (readonly [string, Plan])[] = [
  ...FAMILY_IDS.map((id) => [id, planWith({}, id)] as const),
  ...[14, 18, 20, 24, 30].map((g) => [`${g} g in it`, dosed(g)] as const),
  ...(['dry', 'egg', 'tooWet'] as const).flatMap((medium) =>
    (['clean', 'floured', 'filling'] as const).map(
      (faces) => [`${medium} on ${faces}`, planWith({ hold: { medium, faces } })] as const,
    ),
  ),
  ...(['none', 'oneSide', 'pricked'] as const).map(
    (air) => [`air: ${air}`, planWith({ hold: { air } })] as const,
  ),
  [
    'held wet on a bare tray',
    planWith({
      filling: seeping,
      hold: { surface: 'bare', phases: [{ place: 'bench', minutes: 70 }] },
    }),
  ],
  [
    'held wet on semolina',
    planWith({ filling: seeping, hold: { phases: [{ place: 'bench', minutes: 110 }] } }),
  ],
];

describe('expectedLoss', () => {
  it.each(PLANS)('is what a scatter of many pieces finds: %s', (_, plan) => {
    const model = on(plan);
    const { lost } = scatter(model, { pieces: 40_000 });
    // A sum over steps; worst where a wet sheet lets go within a hand’s breadth of its thickness.
    expect(Math.abs(expectedLoss(model) - lost)).toBeLessThan(0.006);
  });

  it('moves evenly with the dose, and never falls as it grows', () => {
    const doses = Array.from({ length: 45 }, (_, i) => 8 + 0.5 * i);
    const lost = doses.map((g) => loss(dosed(g)));
    lost.slice(1).forEach((each, i) => {
      expect(each).toBeGreaterThanOrEqual(lost[i]! - 1e-4);
      expect(each - lost[i]!).toBeLessThan(0.16);
    });
    expect(lost[0]).toBeLessThan(0.04);
    expect(lost.at(-1)).toBeGreaterThan(0.9);
  });
});

describe('spares', () => {
  it('are what hands lose of this plan, so that chance leaves no plate short', () => {
    const { breakage, batch } = on(planWith());
    const { counts } = batch.batch;
    expect(breakage.reckoned).toBe(true);
    expect(breakage.share).toBeCloseTo(loss(planWith()), 9);
    expect(counts.made - counts.tasted).toBe(toMake(counts.plated, breakage.share));
    expect(on(dosed(20)).batch.batch.counts.made).toBeGreaterThan(counts.made);
  });

  it('are the cook’s own where a share was set, none where that is none', () => {
    const set = (breakageShare: number) =>
      on(planWith({ batch: { ...planWith().batch, breakageShare } })).batch.batch.counts;
    expect(set(0).spare).toBe(0);
    const { made, plated, tasted } = set(0.25);
    expect(made).toBe(Math.ceil(plated / 0.75) + tasted);
  });

  it('are not made for a plan that is to be mended first', () => {
    const { breakage, basis } = on(dosed(30));
    expect(loss(dosed(30))).toBeGreaterThan(0.5);
    expect(breakage.share).toBe(basis.rules['batch.sparesMost'].value);
  });

  it('hang on the piece, not on the way in', () => {
    const shares = (['portions', 'dough', 'filling'] as const).map(
      (wayIn) => on(planWith({ batch: { ...planWith().batch, wayIn } })).breakage.share,
    );
    expect(new Set(shares.map((each) => each.toFixed(6))).size).toBe(1);
  });

  it('follow the hold once for piece and batch, which cook alike', () => {
    for (const family of FAMILY_IDS) {
      const pieces = pieceModel(startingPlans[family], startingBasis);
      const held = heldModel(pieces);
      const made = batchModel(pieces, { share: 0.1, reckoned: false });
      // An egg let down with a spoon of water is another dough by a hair: it is followed by itself.
      const letDown = made.dough.parts.some(({ id, recipeG }) => id === 'water' && recipeG === 0);
      if (letDown) continue;
      expect(made.hold.course.seconds).toBe(held.hold.course.seconds);
      expect(made.boil).toMatchObject(held.boil);
    }
  });

  it('are told in the working of the pieces, which agrees', () => {
    const { working, pieces } = evaluatePlan(planWith(), startingBasis);
    expect(working.pieces.value).toBe(pieces);
    expect(working.pieces.formula).toContain('95 % of the time');
  });

  describe('where runs taught what is lost', () => {
    const taught = (value: number, held = false) => [learntOf('burst', value, { held })];

    it('count on that, and on what this plan loses beyond the typical', () => {
      expect(on(planWith(), taught(0.01)).breakage.share).toBe(0.01);
      expect(on(planWith(), taught(0.3)).breakage.share).toBe(0.3);
      const over = loss(dosed(20)) - QUANTITIES.burst.typical;
      expect(over).toBeGreaterThan(0.01);
      expect(on(dosed(20), taught(0.01)).breakage.share).toBeCloseTo(0.01 + over, 9);
      expect(on(planWith(), taught(0.3, true)).breakage.share).toBeCloseTo(loss(planWith()), 9);
    });

    it('still do when the plan is changed', () => {
      const before = on(planWith(), taught(0.12));
      expect(modelAgain(before, before.plan).batch.batch.counts).toEqual(before.batch.batch.counts);
    });
  });
});
