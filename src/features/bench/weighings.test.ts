import { startingBasis } from '@/core/basis/basis';
import { startingRules } from '@/core/basis/rules';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { benchOf } from '@/core/run/bench';
import { runEventSchema, type Happening } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { STEPS } from '@/core/run/steps/steps';
import type { StepTest } from '@/core/run/steps/step';
import { eventsFrom } from '@/core/testing/kitchens';
import { planWith } from '@/core/testing/plans';
import { figureText, formatFigure } from '@/core/units/format';
import { METRIC } from '@/core/units/units';
import { weighingsOf } from './weighings';

const plan = planWith({
  filling: {
    ...planWith().filling,
    parts: [
      { id: 'ricotta-fresh', g: 300, preparation: 'drain-overnight' },
      { id: 'salt-fine', g: 4, preparation: 'raw' },
    ],
  },
});
const benchAfter = (...happenings: readonly Happening[]) =>
  benchOf(plan, evaluatePlan(plan, startingBasis), {
    state: foldRun(eventsFrom(happenings)),
    rules: startingRules,
    write: (value, unit) => figureText(value, unit, METRIC),
    split: (value, unit) => formatFigure(value, unit, METRIC),
  });
const TESTS = [...new Set(Object.values(STEPS).flatMap(({ tests }) => tests))];
const of = (id: StepTest) => weighingsOf([id], benchAfter()).find((each) => each.id === id)!;

describe('what is weighed and measured at the bench', () => {
  it.each(TESTS.filter((id) => id !== 'ingredient'))(
    'the whole range of %s is something that can happen, and is shown once it has',
    (id) => {
      const one = of(id);
      const { min, max } = one.asked.range;
      for (const value of [min, (min + max) / 2, max]) {
        const events = eventsFrom(one.happens(value, 5));
        expect(events.map((event) => runEventSchema.safeParse(event).success)).not.toContain(false);
      }
      expect(one.last(benchAfter())).toBeNull();
      expect(one.last(benchAfter(...one.happens((min + max) / 2, 1)))).toMatch(/\d/);
    },
  );

  it('a square of sheet weighed is a thickness', () => {
    expect(of('thicknessMm').happens(9.6, 1)).toEqual([
      { kind: 'measured', test: 'thicknessMm', value: expect.closeTo(0.8, 9) },
    ]);
  });

  it('spoon and towel say what they were of, so that another spoon is no other filling', () => {
    expect(of('spoonMm').happens(44, 1)).toEqual([
      { kind: 'measured', test: 'spoonMm', value: 44, of: 15 },
    ]);
    expect(of('towelG').happens(1, 1)).toEqual([
      { kind: 'measured', test: 'towelG', value: 1, of: 15 },
    ]);
  });

  it('what is left of a bowl is weighed and left in one', () => {
    expect(
      of('doughLeft')
        .happens(12, 1)
        .map(({ kind }) => kind),
    ).toEqual(['weighed', 'left']);
  });

  it('asks for what was prepared, not for what goes in as it is', () => {
    const ready = weighingsOf(['filling'], benchAfter()).filter(({ id }) =>
      id.startsWith('ready:'),
    );
    expect(ready.map(({ name }) => name)).toEqual([expect.stringMatching(/, ready$/)]);
    expect(ready[0]!.asked.hint).toMatch(/^The plan reckons with \d+ g\.$/);
    const done = benchAfter(...ready[0]!.happens(240, 1));
    expect(ready[0]!.last(done)).toBe('240 g');
    expect(weighingsOf(['dough'], benchAfter())).toHaveLength(1);
  });
});
