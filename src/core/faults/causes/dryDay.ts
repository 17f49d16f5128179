import { defineCause } from '../cause';
import { withFlour } from '../enacting';
import { withPart } from '../../plan/document/patch';

/** Flour and face dried by dry air. */
export const dryDay = defineCause({
  stage: 'dough',
  name: 'A dry day',
  does: 'Heated or frosty air takes water from flour, ball and sheet: all of it comes out drier.',
  known: 'Heating on or hard frost; the same recipe was supple in autumn.',
  now: 'Wet hands, and a damp cloth over everything that waits.',
  next: 'A spoonful more liquid in winter, and sheets under cover at once.',
  usual: 'seldom',
  signs: { crumbly: 'often', cracksAtFold: 'often' },
  answers: { dryFrom: { dry: 2, none: -2 }, pinch: { cracks: 2, tacks: -2 }, eggs: { asSaid: 1 } },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'the air was measured as dry',
    steps: (made.run.measured.rh ?? 50) < 35 ? 1 : 0,
  }),
  enact: (plan, much, pantry) => {
    const dry = withFlour(plan, 0.16 * much, pantry);
    return { plan: withPart(dry, 'dough', { rh: 0.25 }) };
  },
});
