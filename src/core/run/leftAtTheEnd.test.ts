import { eventsFrom } from '../testing/kitchens';
import type { Happening } from './events';
import { foldRun } from './fold';

const run = (...happenings: Happening[]) => foldRun(eventsFrom(happenings));
const sheet: Happening = { kind: 'sheetDone', pieces: 12, torn: false };
const left = (what: 'dough' | 'filling', g: number): Happening => ({ kind: 'left', what, g });

describe('what is left at the end', () => {
  it('is not what was weighed with sheets still to come', () => {
    const middle = run(sheet, left('dough', 300), left('filling', 400), sheet);
    expect(middle.left).toEqual({ doughG: null, fillingG: null, trimG: null });
    const end = run(sheet, left('dough', 300), sheet, left('dough', 40));
    expect(end.left.doughG).toBe(40);
  });

  it('stands when all pieces are counted once more', () => {
    expect(run(sheet, left('filling', 25), { kind: 'counted', pieces: 13 }).left.fillingG).toBe(25);
  });
});
