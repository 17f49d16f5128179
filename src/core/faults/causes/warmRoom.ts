import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** A warm dough in a warm room. */
export const warmRoom = defineCause({
  stage: 'dough',
  name: 'A warm room',
  does: 'Warm dough slackens: it feels wetter than it is and clings to the rollers.',
  known: 'The dough is warm at the wrist; chilled, it firms without any flour.',
  now: 'Wrap it and chill it for ten minutes; knead nothing in before that.',
  next: 'Cold eggs, a shorter time in the mixer, and rest it in the fridge.',
  caution: 'Do not leave raw-egg dough standing in the warm.',
  usual: 'sometimes',
  signs: { sticky: 'often', sticksInRoller: 'often' },
  answers: { warm: { warm: 2, cool: -2 }, wetFrom: { warm: 2, none: -2 }, eggs: { asSaid: 1 } },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'the room was measured above 26 °C',
    steps: (made.run.measured.roomC ?? 20) > 26 ? 2 : 0,
  }),
  enact: (plan, much) => ({
    plan: withPart(plan, 'dough', { roomC: Math.min(36, 28 + 3 * much) }),
  }),
});
