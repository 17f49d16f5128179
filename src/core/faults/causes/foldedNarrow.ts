import { defineCause } from '../cause';

/** A fold at a narrow setting. */
export const foldedNarrow = defineCause({
  stage: 'sheet',
  name: 'Folded at a narrow setting',
  does: 'Three layers are pressed where one has room: the sheet rips.',
  known: 'It tore right after a fold.',
  now: 'Back to the widest setting with it, then down step by step.',
  next: 'After every fold back to the widest.',
  usual: 'sometimes',
  signs: { tearsInRoller: 'surely' },
  answers: { pass: { narrowFold: 2, skipped: -2, any: -2 } },
  margins: [],
  remedies: [],
  enact: () => ({ slips: { pass: 'foldedNarrow' } }),
});
