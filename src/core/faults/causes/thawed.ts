import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Frozen pieces that thawed. */
export const thawed = defineCause({
  stage: 'tray',
  name: 'Frozen pieces thawed',
  does: 'Frost turns to water on the faces: they tack, tear and stick together.',
  known: 'They were frozen and went in soft.',
  now: 'Straight into the pot, gently, a few at a time; do not freeze them again.',
  next: 'From the freezer into the water, a bag at a time.',
  caution:
    'Thawed meat, fish and egg fillings are cooked at once or thrown away; never frozen twice.',
  usual: 'seldom',
  signs: { sticksToTray: 'often', sticksTogether: 'often', wetPatches: 'seldom' },
  answers: { frozen: { thawed: 2, hard: -2, fresh: -2 } },
  margins: [],
  remedies: [],
  enact: (plan) => ({
    plan: withPart(plan, 'hold', {
      phases: [
        { place: 'freezer', minutes: 1440 },
        { place: 'bench', minutes: 40 },
      ],
    }),
    slips: { thawed: true },
  }),
});
