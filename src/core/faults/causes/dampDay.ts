import { defineCause } from '../cause';
import { withWater } from '../enacting';
import { withPart } from '../../plan/document/patch';

/** Flour that stood open on a damp day. */
export const dampDay = defineCause({
  stage: 'dough',
  name: 'A damp day',
  does: 'Flour standing open takes up water from the air, and the same recipe comes out wetter.',
  known: 'The recipe was fine last week; the flour bag stood open, the windows are wet.',
  now: 'Work flour in by pinches until it no longer sticks.',
  next: 'Keep flour closed, and hold back a little liquid on damp days.',
  usual: 'seldom',
  signs: { sticky: 'often', sticksInRoller: 'often' },
  answers: { wetFrom: { damp: 2, none: -2 }, pinch: { tacks: 1, cracks: -2 }, eggs: { asSaid: 1 } },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'the air was measured as damp',
    steps: (made.run.measured.rh ?? 50) > 70 ? 1 : 0,
  }),
  enact: (plan, much, pantry) => ({
    plan: withPart(withWater(plan, 0.06 * much, pantry), 'dough', {
      parts: withWater(plan, 0.06 * much, pantry).dough.parts,
      rh: 0.85,
    }),
  }),
});
