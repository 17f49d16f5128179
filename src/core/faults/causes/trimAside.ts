import { defineCause } from '../cause';
import { trimOver } from '../reading';

/** Trim put aside. */
export const trimAside = defineCause({
  stage: 'end',
  name: 'The trim was not rolled again',
  does: 'A fifth of the dough and more lies beside the pieces, and the filling waits for it.',
  known: 'A heap of trim at the end.',
  now: 'Knead it together, wrap it twenty minutes, roll it once more; or cut it to ribbons.',
  next: 'Roll trim again once or twice, kept under cover meanwhile.',
  usual: 'often',
  signs: { fillingLeft: 'often' },
  answers: { trim: { aside: 2, rolled: -2 }, light: { asSaid: 1 }, dose: { asSaid: 1 } },
  margins: [],
  remedies: [],
  inRun: (made) => ({ says: 'much trim was weighed at the end', steps: trimOver(made) }),
  enact: () => ({ slips: { trim: 'setAside' } }),
});
