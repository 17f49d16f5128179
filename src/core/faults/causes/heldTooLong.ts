import { defineCause } from '../cause';
import { heldLonger } from '../enacting';
import { stoodOver } from '../reading';

/** Held longer than the sheet bears. */
export const heldTooLong = defineCause({
  stage: 'tray',
  name: 'They stood too long',
  does: 'The filling’s water comes through: the under-face turns tacky, then gives way.',
  known: 'The earliest tray is the worst; the filling itself is no wetter than it should be.',
  now: 'Turn them onto dry semolina and freeze them, or boil them now.',
  next: 'Close later, or freeze flat within the hour.',
  caution: 'No more than two hours in all out of the cold; in the fridge, within the day.',
  usual: 'often',
  signs: { wetPatches: 'surely', sticksToTray: 'surely', mushyFace: 'seldom' },
  answers: { stood: { longer: 2, asSaid: -2 }, surface: { dusted: 1 }, fillingHow: { dry: 1 } },
  margins: ['seep', 'lift'],
  remedies: ['shorter', 'freeze', 'surface'],
  inRun: (made) => ({
    says: 'from the first sheet to the pot it was longer than planned',
    steps: stoodOver(made),
  }),
  enact: (plan, much) => ({ plan: heldLonger(plan, 60 + 150 * much) }),
});
