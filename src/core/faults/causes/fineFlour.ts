import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Fine flour on the bench. */
export const fineFlour = defineCause({
  stage: 'sheet',
  name: 'Fine flour on the bench',
  does: 'It works into the dough, toughens it, and cooks to a slick film.',
  known: 'The water turns cloudy at once and pieces feel gluey.',
  now: 'Brush the pieces off before they go in; change the water between rounds.',
  next: 'Coarse semolina, little of it, or a drier dough.',
  caution: 'Flour on a floor is slippery.',
  usual: 'sometimes',
  signs: { slickFilm: 'surely', cracksAtFold: 'seldom' },
  answers: { dust: { fine: 2, coarse: -2, none: -2 } },
  margins: [],
  remedies: [],
  enact: (plan, much) => ({
    plan: withPart(plan, 'sheet', { dust: { kind: 'fine', gPerKg: 40 + 30 * much } }),
  }),
});
