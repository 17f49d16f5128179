import { defineCause } from '../cause';

/** Lumps in the filling. */
export const lumps = defineCause({
  stage: 'filling',
  name: 'Lumps in the filling',
  does: 'A stalk or a corner of nut breaks the sheet from inside and blocks the tip.',
  known: 'The hole has something in it.',
  now: 'Patch a small hole with a wetted scrap; chop the rest of the filling finer.',
  next: 'Chop herbs fine, crush nuts, sieve what is baked.',
  caution: 'Knives cut: chop on a steady board.',
  usual: 'sometimes',
  signs: { pokesThrough: 'surely', tearsInPot: 'seldom' },
  answers: { lumps: { pea: 2, small: -2 }, light: { asSaid: 1 } },
  margins: [],
  remedies: [],
  enact: (_plan, much) => ({ slips: { lumpMm: 6 + 4 * much } }),
});
