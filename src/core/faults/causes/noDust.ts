import { defineCause } from '../cause';
import { withWater } from '../enacting';
import { withPart } from '../../plan/document/patch';

/** Nothing between dough and rollers. */
export const noDust = defineCause({
  stage: 'sheet',
  name: 'No dust on a soft sheet',
  does: 'A supple sheet with nothing on it takes hold of roller and bench.',
  known: 'It sticks only where it was not dusted; the dough itself does not cling to the hand.',
  now: 'A pinch of coarse semolina over the strip, brushed off again.',
  next: 'A light dust of semolina between passes, or a drier dough that needs none.',
  caution: 'Semolina on a floor is slippery.',
  usual: 'sometimes',
  signs: { sticksInRoller: 'often' },
  answers: {
    dust: { none: 2, fine: -2, coarse: -2 },
    pinch: { bends: 1, tacks: -1 },
    warm: { cool: 1 },
  },
  margins: [],
  remedies: [],
  enact: (plan, _much, pantry) => ({
    plan: withPart(withWater(plan, 0.018, pantry), 'sheet', { dust: { kind: 'none', gPerKg: 0 } }),
  }),
});
