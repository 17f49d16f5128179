import { defineCause } from '../cause';

/** A setting left out. */
export const skippedSetting = defineCause({
  stage: 'sheet',
  name: 'A setting was skipped',
  does: 'The sheet is asked to halve at once and tears instead.',
  known: 'It tore where the dial went two steps.',
  now: 'Fold it, go back to the widest, and take every step.',
  next: 'Every setting in its order, twice from the middle on.',
  usual: 'sometimes',
  signs: { tearsInRoller: 'surely', streaks: 'seldom' },
  answers: { pass: { skipped: 2, narrowFold: -2, any: -2 } },
  margins: [],
  remedies: [],
  enact: () => ({ slips: { pass: 'skipped' } }),
});
