import { defineRules } from '../rule';

const SOFT = 'bite one to be sure';

/** Rules of the pot, the hold and the verdict. */
export const judgingRules = defineRules({
  'boil.edge': [6, 1.8, 'ratio', SOFT],
  'boil.face': [3.2, 1, 'ratio', SOFT],
  'boil.hardFor': [0.8, 0.1, 'mm', 'a rolling boil splits a thinner sheet'],
  'boil.room': [0.35, 0.08, 'share', 'what a sealed pocket gives before its seal does'],
  'boil.rough.simmer': [1, 0.05, 'ratio', 'the measure of the other'],
  'boil.rough.rolling': [0.7, 0.1, 'ratio', 'hard boiling splits pieces that a simmer does not'],
  'boil.skin': [3, 1, 'C', 'air lies under the skin, a little cooler than the water'],
  'boil.bath': [2, 1, 'C', 'a pot with pieces in it, under its boiling point'],
  'boil.hot': [63, 3, 'C', 'a middle that eats as hot'],
  'boil.floats': [0.6, 0.1, 'share', 'of the way to a hot middle it comes up'],
  'boil.sauce': [0.5, 0.1, 'ratio', 'a simmering sauce cooks half as fast'],
  'boil.skinStands': [3, 0.8, 'ratio', 'so many times its own softening a skin stands'],
  'boil.skinStandsMin': [1, 0.3, 'min', 'and this much longer'],
  'boil.dip': [6, 1.5, 'C', 'a pot that cools further goes off the boil for too long'],
  'boil.cover': [0.7, 0.1, 'share', 'room to move'],
  'boil.potDepth': [0.6, 0.15, 'ratio', 'water in a pot, deep to wide'],
  'boil.lift': [0.5, 0.2, 'min', 'lifting a round out and dropping the next'],
  'batch.dosed': [1, 0.08, 'ratio', 'what lands in a piece, to the dose meant'],
  'batch.thicker': [1, 0.06, 'ratio', 'how thick sheets come out, to what was meant'],
  'batch.ribbons': [90, 20, 'g', 'fresh noodles to a plate'],
  'batch.soup': [40, 10, 'g', 'noodle squares to a bowl of soup'],
  'risk.scatter.thickness': [0.06, 0.02, 'share', 'a sheet by hand is no truer than this'],
  'risk.scatter.spoon': [0.1, 0.03, 'share', 'doses by the spoon'],
  'risk.scatter.bag': [0.05, 0.02, 'share', 'doses by the piping bag'],
  'risk.scatter.scale': [0.03, 0.01, 'share', 'doses weighed one by one'],
  'risk.scatter.offCentre': [1.5, 0.5, 'mm', 'a mound beside its mark'],
  'risk.scatter.air': [0.3, 0.1, 'ratio', 'air left from piece to piece, in its logarithm'],
  'risk.scatter.seal': [0.1, 0.03, 'share', 'from finger to finger'],
  'risk.opens': [0.5, 0.1, 'share', 'of the lip needed; where it is narrower a piece opens'],
  'risk.sticks': [1.3, 0.15, 'ratio', 'so far past being tacky a piece tears on lifting'],
  'risk.edge': [1.15, 0.05, 'ratio', 'holds, but not against a slip of the hand'],
  'risk.aim': [1.2, 0.05, 'ratio', 'comfortably past the edge'],
});
