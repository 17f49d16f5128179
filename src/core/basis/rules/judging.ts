import { defineRules } from '../rule';

const SOFT = 'bite one to be sure';

/** Rules of the pot, the hold and the verdict. */
export const judgingRules = defineRules({
  'boil.edge': [6, 1.8, 'ratio', SOFT],
  'boil.face': [3.2, 1, 'ratio', SOFT],
  'boil.hardFor': [0.8, 0.1, 'mm', 'a rolling boil splits a thinner sheet'],
  'batch.ribbons': [90, 20, 'g', 'fresh noodles to a plate'],
  'batch.soup': [40, 10, 'g', 'noodle squares to a bowl of soup'],
  'risk.edge': [1.15, 0.05, 'ratio', 'holds, but not against a slip of the hand'],
  'risk.aim': [1.2, 0.05, 'ratio', 'comfortably past the edge'],
});
