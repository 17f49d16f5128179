import { defineCause } from '../cause';

/** Mounds beside their marks. */
export const offCentre = defineCause({
  stage: 'shape',
  name: 'Mounds off their marks',
  does: 'One side has no lip left, and opens there.',
  known: 'Cut in half, the mound lies to one side.',
  now: 'Push the mounds to the middle before closing; cut with the eye on the mound, not on the sheet’s edge.',
  next: 'Mark the blanks lightly first, a finger or two apart.',
  usual: 'sometimes',
  signs: { opensAtLip: 'often', runsIntoLip: 'often' },
  answers: { centred: { off: 2, middle: -2 }, dose: { asSaid: 1 } },
  margins: ['lip'],
  remedies: ['size', 'dose'],
  enact: (plan, much) => ({ slips: { offMm: 3 + 3.5 * much } }),
});
