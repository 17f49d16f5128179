import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';
import { slowSheets } from '../reading';

/** A face past its open time. */
export const driedSheet = defineCause({
  stage: 'sheet',
  name: 'The sheet dried before it was closed',
  does: 'A dry face neither joins nor bends: it peels apart, cracks at the fold and opens in the pot.',
  known:
    'The lip is dry to the touch and dull; the last pieces of a sheet are worse than the first.',
  now: 'Mist the rest lightly, wait a moment, and close a few at a time; cover what waits.',
  next: 'One sheet at a time, filled and closed before the next is rolled; two people halve it.',
  usual: 'often',
  signs: { wontSeal: 'often', cracksAtFold: 'often', opensAtLip: 'often' },
  answers: {
    stoodOpen: { long: 2, short: -2 },
    lip: { dry: 2, clean: -1, slick: -2, flour: -1 },
    pinch: { bends: 1 },
    wetted: { brush: 1 },
  },
  margins: ['open', 'seal'],
  remedies: ['people', 'bench', 'medium'],
  inRun: (made) => ({
    says: 'a sheet took longer to close than it stays open',
    steps: slowSheets(made),
  }),
  enact: (plan, much) => ({
    plan: withPart(plan, 'sheet', {
      air: 'fan',
      secondsPerPiece: Math.min(120, (2 + much) * (plan.sheet.secondsPerPiece ?? 12)),
      people: 1,
      rh: Math.min(plan.sheet.rh, 0.4),
    }),
  }),
});
