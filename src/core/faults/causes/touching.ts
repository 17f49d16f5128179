import { defineCause } from '../cause';

/** Pieces that touched. */
export const touching = defineCause({
  stage: 'tray',
  name: 'Pieces touched each other',
  does: 'Two moist faces are a seal: they grow together, frozen ones too.',
  known: 'They are joined where they lay side by side.',
  now: 'Part frozen ones with a knock on the bag; fresh ones are boiled as they are and parted in the water.',
  next: 'A finger apart on the tray, frozen hard before they are bagged.',
  usual: 'sometimes',
  signs: { sticksTogether: 'surely' },
  answers: { apart: { touched: 2, apart: -2 } },
  margins: [],
  remedies: [],
  enact: () => ({ slips: { apart: false } }),
});
