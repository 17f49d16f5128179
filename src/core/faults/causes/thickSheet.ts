import { defineCause } from '../cause';
import { rolledTo } from '../enacting';
import { thickness } from '../reading';

/** A sheet thicker than it should be. */
export const thickSheet = defineCause({
  stage: 'sheet',
  name: 'The sheet is too thick',
  does: 'The doubled edge stays hard, and the dough runs out before the filling does.',
  known: 'No hand shows through; fewer pieces to a sheet’s weight than planned.',
  now: 'Press the edges out between two fingers, roll the rest a step finer, boil a minute longer.',
  next: 'One step finer on the dial, slowly, twice; measure the dial by a weighed strip.',
  usual: 'often',
  signs: { hardEdge: 'often', fillingLeft: 'surely' },
  answers: {
    light: { thicker: 2, asSaid: -2, thinner: -2 },
    edge: { pressed: 1 },
    dose: { asSaid: 1 },
    trim: { rolled: 1 },
    reckoned: { byPlan: 1 },
  },
  margins: ['face'],
  remedies: ['thickness', 'finish'],
  inRun: (made) => ({
    says: 'strips were measured thicker than planned',
    steps: thickness(made) > 1.1 ? 2 : 0,
  }),
  enact: (plan, much) => ({ plan: rolledTo(plan, 1 + 0.35 * much) }),
});
