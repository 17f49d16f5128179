import type { Rule } from './rule';
import { dayRules } from './rules/day';
import { doughRules } from './rules/dough';
import { faultRules } from './rules/faults';
import { fillingRules } from './rules/filling';
import { holdRules } from './rules/hold';
import { judgingRules } from './rules/judging';
import { practiceRules } from './rules/practice';
import { shapeRules } from './rules/shape';
import { sheetRules } from './rules/sheet';

/** Every rule as the product ships it; a kitchen's log moves them. */
const SHIPPED = {
  ...doughRules,
  ...fillingRules,
  ...sheetRules,
  ...shapeRules,
  ...holdRules,
  ...judgingRules,
  ...dayRules,
  ...faultRules,
  ...practiceRules,
};

/** Id of a rule: `dough.target.base`. */
export type RuleId = keyof typeof SHIPPED;

/** Every rule by its id. */
export type Rules = Readonly<Record<RuleId, Rule>>;

/** The rules to begin with. */
export const startingRules: Rules = SHIPPED;

/**
 * The rules with some values of a kitchen's own.
 * @example withRules(startingRules, { 'sheet.springBack': 0.28 })['sheet.springBack'].from // 'log'
 */
export const withRules = (
  rules: Rules,
  values: Readonly<Partial<Record<RuleId, number>>>,
): Rules => ({
  ...rules,
  ...Object.fromEntries(
    Object.entries(values).map(([id, value]) => [
      id,
      { ...rules[id as RuleId], value, from: 'log' } satisfies Rule,
    ]),
  ),
});
