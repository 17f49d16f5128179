import { defineCause } from '../cause';
import { heldLonger } from '../enacting';
import { withPart } from '../../plan/document/patch';

/** A tray with nothing under the pieces. */
export const smoothSurface = defineCause({
  stage: 'tray',
  name: 'Kept on a smooth, bare surface',
  does: 'The under-face sweats against it and sticks; lifted, it leaves its bottom behind.',
  known: 'Only the under-side is wet, and it is wet where it touched.',
  now: 'Freeze the tray until they come loose, or slide a thin blade under each.',
  next: 'Semolina, a floured cloth or a rack under them.',
  caution: 'A blade under a stuck piece slips: move it away from the hand.',
  usual: 'sometimes',
  signs: { sticksToTray: 'often', wetPatches: 'often' },
  answers: { surface: { bare: 2, dusted: -2 }, stood: { asSaid: 1 }, fillingHow: { dry: 1 } },
  margins: [],
  remedies: ['surface'],
  enact: (plan, much) => ({
    plan: withPart(heldLonger(plan, 20 * much), 'hold', {
      ...heldLonger(plan, 20 * much).hold,
      surface: 'bare',
    }),
  }),
});
