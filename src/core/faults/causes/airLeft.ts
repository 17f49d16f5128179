import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Air shut in. */
export const airLeft = defineCause({
  stage: 'shape',
  name: 'Air left in the pocket',
  does: 'It swells to three or four times its size in the pot: the piece rides high, cooks unevenly, and bursts.',
  known: 'A bubble beside the filling before, a blister after.',
  now: 'Prick every bubble with a needle and pinch the hole shut before they go in.',
  next: 'Press from the middle outward, all round, before the edge closes.',
  caution: 'A bursting piece throws hot water: keep your face away from the pot.',
  usual: 'often',
  signs: { pops: 'surely', floatsHigh: 'surely', opensAtLip: 'seldom' },
  answers: { bubble: { air: 2, none: -2 }, pot: { trembling: 1 } },
  margins: ['burst'],
  remedies: ['air'],
  inRun: (made) => ({ says: 'some popped', steps: made.run.burst.popped > 0 ? 1 : 0 }),
  enact: (plan) => ({ plan: withPart(plan, 'hold', { air: 'none' }) }),
});
