import { startingBasis } from '../basis/basis';
import { startingRules, withRules, type RuleId, type Rules } from '../basis/rules';
import { waterIn } from '../boil/rounds';
import { doughAdvice } from '../dough/advice';
import { optionState } from '../dough/optionState';
import { spoonDose } from '../filling/doses';
import { panDryingTime } from '../filling/panDrying';
import { FAMILY_IDS } from '../shapes/families';
import { lightTest } from '../sheet/lightTest';
import { genericRollers } from '../sheet/genericRollers';
import { planWith } from '../testing/plans';
import type { Plan } from './document/schema';
import { evaluatePlan } from './evaluatePlan';
import { modelOf } from '../risk/modelOf';
import { scatter } from '../risk/scatter';
import { AIR_WAYS, FACES, MEDIA } from '../hold/seal';
import { SURFACES } from '../hold/surfaces';
import { dryingRemedies } from '../risk/drying';

const shaped = (change: object) => planWith({ shape: { ...planWith().shape, ...change } });
const rolled = (change: object) => planWith({ sheet: { ...planWith().sheet, ...change } });
const mixed = (change: object) => planWith({ dough: { ...planWith().dough, ...change } });
const wet = {
  ...planWith().filling,
  parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' }],
};

/** Plans that between them meet every rule there is. */
const plans: readonly Plan[] = [
  ...FAMILY_IDS.map((family) => planWith({}, family)),
  ...(['ball', 'piped', 'spooned'] as const).map((laid) => shaped({ laid })),
  ...(['fork', 'wheel', 'cutter', 'pinch'] as const).map((finish) => shaped({ finish })),
  ...(['coarse', 'mixed', 'minced', 'blended'] as const).map((texture) =>
    planWith({ filling: { ...wet, texture } }),
  ),
  ...(['slow', 'fast'] as const).map((speed) => rolled({ speed })),
  ...genericRollers.map((roller) => rolled({ roller, thicknessMm: 1 })),
  rolled({ roller: { ...genericRollers[0]!, drive: 'powered' } }),
  rolled({ air: 'fan' }),
  rolled({ thicknessMm: 0.6 }),
  rolled({ thicknessMm: 0.74 }),
  ...(['mixer', 'processor'] as const).map((by) =>
    mixed({ work: { ...planWith().dough.work, by, kneadMin: 2 } }),
  ),
  mixed({ work: { ...planWith().dough.work, kneadMin: 7, restMin: 22 } }),
  ...(['benchFlourFree', 'rolledByPin'] as const).map((style) => mixed({ style })),
  mixed({ rh: 0.7 }),
  mixed({
    parts: [
      { id: 'flour-00', g: 400 },
      { id: 'water', g: 240 },
    ],
  }),
  mixed({
    parts: [
      { id: 'flour-00', g: 400 },
      { id: 'water', g: 110 },
    ],
  }),
  mixed({
    parts: [
      { id: 'flour-rye-light', g: 400 },
      { id: 'egg-whole', g: 100 },
      { id: 'egg-yolk', g: 130 },
    ],
  }),
  planWith({
    filling: { ...wet, parts: [...wet.parts, { id: 'egg-whole', g: 36, preparation: 'raw' }] },
  }),
  planWith({ filling: { ...wet, yieldStressPa: 110 } }),
  planWith({ filling: { ...wet, yieldStressPa: 2700 } }),
  ...[30, 60, 90].map((yieldStressPa) =>
    planWith({
      filling: { ...wet, yieldStressPa },
      shape: { ...planWith().shape, doseG: 60 },
    }),
  ),
  planWith({ boil: { ...planWith().boil, style: 'rolling' } }),
  ...[150, 250, 400].map((yieldStressPa) => planWith({ filling: { ...wet, yieldStressPa } })),
  ...[0.6, 0.7, 0.8, 0.85, 0.88, 0.9, 0.92, 0.95].map((share) =>
    planWith({
      filling: {
        ...wet,
        parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw', weighedG: 500 * share }],
      },
    }),
  ),
  planWith({
    filling: {
      ...wet,
      texture: 'blended',
      parts: [{ id: 'milk-whole', g: 500, preparation: 'raw' }],
    },
  }),
  shaped({ doseG: 13 }),
  ...SURFACES.map((surface) => planWith({ filling: wet, hold: { surface } })),
  ...MEDIA.map((medium) => planWith({ hold: { medium } })),
  ...FACES.map((faces) => planWith({ hold: { faces } })),
  ...AIR_WAYS.map((air) => planWith({ hold: { air } })),
  planWith({ hold: { phases: [{ place: 'bench', minutes: 50 }] } }),
  // What tells most stands last: it is asked first.
  ...(['semolina', 'granular', 'fine'] as const).map((kind) =>
    rolled({ dust: { kind, gPerKg: 30 } }),
  ),
  rolled({ thicknessMm: 0.93 }),
  mixed({ work: { ...planWith().dough.work, restAt: 'chilled' } }),
  planWith({ batch: { ...planWith().batch, trimTo: 'soup', rerolls: 0, portions: 60 } }),
  planWith({
    batch: { ...planWith().batch, wayIn: 'dough', doughInHandG: 777, rerolls: 2 },
    dough: { ...planWith().dough, work: { ...planWith().dough.work, kneadMin: 3, folds: 0 } },
  }),
  mixed({
    parts: [
      { id: 'flour-00', g: 400 },
      { id: 'egg-whole', g: 150 },
      { id: 'egg-yolk', g: 40 },
    ],
  }),
  mixed({
    parts: [
      { id: 'flour-00', g: 400 },
      { id: 'egg-whole', g: 240 },
    ],
  }),
  planWith({ filling: { ...planWith().filling, meetsC: 31 } }),
  ...[
    { on: 'board', covered: false },
    { on: 'ice', covered: true },
  ].map((pan) =>
    planWith({
      filling: {
        ...wet,
        parts: [{ id: 'squash-raw', g: 500, preparation: 'roast-cubes' }],
        cooling: { ...planWith().filling.cooling, ...pan },
      },
    } as never),
  ),
];

/** Everything that the product says of these plans, by a set of rules; what takes long stands first, for it is asked last. */
const ASKED: readonly ((rules: Rules) => unknown)[] = [
  // Remedies try many plans out: of a few they are asked.
  ...[shaped({ doseG: 13 }), shaped({ doseG: 21 }), planWith({ filling: wet })].map(
    (plan) => (rules: Rules) =>
      evaluatePlan(plan, { ...startingBasis, rules }).weakestLink.remedies.length,
  ),
  ...(['spooned', 'piped', 'ball'] as const).map((laid) => (rules: Rules) => {
    const plan = shaped({ laid, doseG: 21 });
    return scatter(modelOf(plan, { ...startingBasis, rules }), { pieces: 300 });
  }),
  (rules) => {
    const held = { ...planWith({ filling: wet }).hold, surface: 'bare' as const };
    const plan = planWith({
      filling: wet,
      hold: { ...held, phases: [{ place: 'bench', minutes: 110 }] },
    });
    return scatter(modelOf(plan, { ...startingBasis, rules }), { pieces: 300 });
  },
  ...plans.map((plan) => (rules: Rules) => {
    const {
      shape,
      weakestLink,
      working: _working,
      boil: { freshCourse: _fresh, frozenCourse: _frozen, ...boil },
      hold: { moments: _moments, ...hold },
      ...rest
    } = evaluatePlan(plan, {
      ...startingBasis,
      rules,
    });
    const { drawing: _drawing, ...measures } = shape;
    return [rest, boil, hold, measures, weakestLink.state];
  }),
  (rules) => dryingRemedies(wet, 0, { ...startingBasis, rules }),
  (rules) => spoonDose({ ml: 5, densityGPerMl: 1, heaped: true }, rules),
  (rules) => panDryingTime({ waterG: 50 }, rules),
  (rules) => waterIn(5, rules),
  (rules) =>
    genericRollers[0]!.steps.map(({ label }) =>
      lightTest(genericRollers[0]!, 'hand', label, 0, rules),
    ),
  () => optionState({ hydration: 0.41, band: evaluatePlan(plans[0]!, startingBasis).dough.now }),
  (rules) => doughAdvice(evaluatePlan(plans[0]!, startingBasis).dough.makeup, new Set(), rules),
];

describe('every rule', () => {
  const before = [...ASKED].reverse().map((ask) => {
    // What does not read a rule cannot tell that it changed: it need not be asked again.
    const read = new Set<string | symbol>();
    const watched = new Proxy(startingRules, {
      get(rules, id) {
        read.add(id);
        return Reflect.get(rules, id);
      },
    });
    return { ask, read, says: JSON.stringify(ask(watched)) };
  });

  // Those of a day's clock and of faults say nothing of a plan: they are met in schedule/tasks/tasks.test
  // and faults/diagnose.test; those of a batch on paper in paper/paper.test.
  const ofPlans = (Object.keys(startingRules) as RuleId[]).filter(
    (id) => !/^(day|fault|paper)\./.test(id),
  );
  it.each(ofPlans)('%s changes what is said, once changed', (id) => {
    const { value } = startingRules[id];
    const changed = [value * 1.3 + 0.01, value * 0.7, value * 3, value / 10].map((to) =>
      withRules(startingRules, { [id]: to }),
    );
    // The plans made for one rule stand last: they are asked first.
    const told = before.some(
      ({ ask, read, says }) =>
        read.has(id) && changed.some((rules) => JSON.stringify(ask(rules)) !== says),
    );
    expect(told).toBe(true);
  });

  it('says what it stands on and how far off it may be', () => {
    for (const rule of Object.values(startingRules)) {
      expect([rule.id, rule.source.length > 4, rule.spread >= 0]).toEqual([rule.id, true, true]);
    }
    expect(withRules(startingRules, { 'risk.aim': 1.3 })['risk.aim']).toMatchObject({
      value: 1.3,
      from: 'log',
    });
  });
});
