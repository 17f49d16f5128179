import { defineCause } from '../cause';
import { withLooseWater } from '../enacting';
import { towel } from '../reading';

/** Water in the filling that nothing holds. */
export const looseFilling = defineCause({
  stage: 'filling',
  name: 'Free water in the filling',
  does: 'The mound spreads into the lip, and the water comes through the sheet while pieces wait.',
  known: 'Water gathers at the edge of the bowl; a spoonful on a towel leaves a wide wet ring.',
  now: 'Drain or squeeze it, or bind it with crumbs or hard cheese; freeze what is already closed.',
  next: 'Roast, press or drain until a spoonful stands; taste and season after that.',
  caution: 'Cool a hot filling fast and keep it cold while it drains.',
  usual: 'often',
  signs: {
    runsIntoLip: 'often',
    wetPatches: 'surely',
    sticksToTray: 'often',
    opensAtLip: 'seldom',
    mushyFace: 'seldom',
  },
  answers: {
    fillingHow: { watery: 2, dry: -2, warm: -2 },
    mound: { runs: 1, settles: 1, stands: -1 },
    worked: { byHand: 1 },
    lip: { filling: 1 },
    stood: { asSaid: 1 },
  },
  margins: ['lip', 'seep'],
  remedies: ['dry', 'freeze', 'shorter'],
  inRun: (made) => ({ says: 'the towel test showed more water than reckoned', steps: towel(made) }),
  enact: (plan, much) => ({ plan: withLooseWater(plan, 0.2 * much) }),
});
