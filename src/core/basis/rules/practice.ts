import { defineRules } from '../rule';

const PLAYED = 'a batch on paper: so that a slip costs what cooks say it costs';

/** Rules of the batch on paper: what is hidden in its kitchen, and what a slip costs in it. */
export const practiceRules = defineRules({
  'paper.ruined': [0.2, 0.08, 'share', `of a dough that surely sticks or tears; ${PLAYED}`],
  'paper.eggs': [0.16, 0.05, 'share', 'an egg grade up or down'],
  'paper.damp': [0.82, 0.05, 'share', 'humidity of a wet day'],
  'paper.dry': [0.26, 0.05, 'share', 'humidity of a heated room in frost'],
  'paper.warm': [29, 1, 'C', 'a small kitchen with the pots on'],
  'paper.leaves': [0.22, 0.06, 'share', 'a roller that was never measured'],
  'paper.hand': [0.22, 0.06, 'share', 'a spoon heaped, or scraped'],
  'paper.loose': [0.07, 0.015, 'share', 'water let go by a filling that was not drained'],
  'paper.left': [
    0.5,
    0.1,
    'share',
    'what is left is eaten another day: it counts for less than what is ruined',
  ],
  'paper.pinch': [0.04, 0.01, 'share', 'of the flour, worked in where none was wanted'],
  'paper.splash': [0.05, 0.01, 'share', 'of the flour, worked in where none was wanted'],
  'paper.crumbs': [0.05, 0.01, 'share', 'of the filling: a good handful of dry crumbs'],
  'paper.cookedOff': [0.06, 0.02, 'share', 'of the filling: five minutes in a wide pan'],
});
