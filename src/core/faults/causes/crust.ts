import { defineCause } from '../cause';

/** A ball or a sheet that dried at its face. */
export const crust = defineCause({
  stage: 'dough',
  name: 'A crust from bad covering',
  does: 'What has dried never dissolves again: it makes grains, and tears start at them.',
  known: 'A leathery skin on ball or strip; grains under a fingertip.',
  now: 'Cut the skin away; do not knead it in. Wrap what is left airtight.',
  next: 'Wrapped airtight or under an upturned bowl, from the first minute.',
  usual: 'sometimes',
  signs: { grains: 'surely', tearsInRoller: 'seldom', cracksAtFold: 'seldom' },
  answers: { skin: { skin: 2, none: -2 } },
  margins: [],
  remedies: [],
  enact: () => ({ slips: { crust: true } }),
});
