import { defineCause } from '../cause';

/** A doubled edge not pressed out. */
export const edgeNotPressed = defineCause({
  stage: 'shape',
  name: 'The edge was not pressed out',
  does: 'Two faces are twice as thick and take four times as long: the rim stays hard.',
  known: 'Between two fingers the rim is as thick as two faces.',
  now: 'Pinch round the rims of what is left; give the others another minute in the sauce.',
  next: 'Fork, wheel or fingers all round, until the rim is little thicker than one face.',
  usual: 'often',
  signs: { hardEdge: 'surely', opensAtLip: 'seldom' },
  answers: { edge: { double: 2, pressed: -2 }, light: { asSaid: 1 }, lifted: { planned: 1 } },
  margins: ['face'],
  remedies: ['finish'],
  enact: (_plan, much) => ({ slips: { edgeLeft: 1.3 + 0.3 * much } }),
});
