import { defineCause } from '../cause';
import { withLooseWater } from '../enacting';
import { withPart } from '../../plan/document/patch';

/** Filling that met the dough warm. */
export const warmFilling = defineCause({
  stage: 'filling',
  name: 'The filling went in warm',
  does: 'It steams under the sheet: water runs through a warm sheet several times as fast.',
  known: 'Warm to the finger as it was laid; the dough over it turned glassy within minutes.',
  now: 'Chill or freeze the trays at once, and put the bowl on ice.',
  next: 'Spread it thin on a cold tray until it is cold all through.',
  caution:
    'Cool it fast: two hours at the most out of the cold, all told. Local food codes come first.',
  usual: 'sometimes',
  signs: { wetPatches: 'often', sticksToTray: 'seldom', slides: 'seldom' },
  answers: { fillingHow: { warm: 2, watery: -2, dry: -2 } },
  margins: ['seep'],
  remedies: ['freeze', 'shorter'],
  inRun: (made) => ({
    says: 'the filling was measured warm',
    steps: (made.run.measured.fillingC ?? 5) > 25 ? 2 : 0,
  }),
  enact: (plan, much) => ({
    plan: withPart(withLooseWater(plan, 0.1), 'filling', {
      ...withLooseWater(plan, 0.1).filling,
      meetsC: Math.min(60, 34 + 12 * much),
    }),
  }),
});
