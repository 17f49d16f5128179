import { defineRules } from '../rule';

const ODDS = 'in log-odds, as cooks’ own accounts weigh it';
const TOLD = 'of batches with that cause, as cooks’ own accounts tell';

/** Rules of going from a sign to its cause: what a cause weighs before, and what each thing known adds. */
export const faultRules = defineRules({
  'fault.usual.often': [0.6, 0.3, 'ratio', ODDS],
  'fault.usual.sometimes': [0, 0.2, 'ratio', ODDS],
  'fault.usual.seldom': [-0.8, 0.3, 'ratio', ODDS],
  'fault.shows.surely': [0.7, 0.15, 'share', TOLD],
  'fault.shows.often': [0.35, 0.1, 'share', TOLD],
  'fault.shows.seldom': [0.1, 0.04, 'share', TOLD],
  'fault.shows.never': [0.004, 0.003, 'share', 'a sign is taken for another'],
  'fault.answer': [1.5, 0.4, 'ratio', `a step of an answer, ${ODDS}`],
  'fault.misread': [0.08, 0.04, 'share', 'answers that are mistaken'],
  'fault.asPlanned': [0.5, 0.2, 'share', 'of what is answered, what the plan says by itself'],
  'fault.margin': [1.6, 0.5, 'ratio', `a margin as low again, ${ODDS}`],
  'fault.marginMost': [1.6, 0.4, 'ratio', 'a plan is not always kept to'],
  'fault.scatter': [0.4, 0.2, 'ratio', 'a share of pieces lost as large again'],
  'fault.run': [1.3, 0.4, 'ratio', `a step of what the bench noted, ${ODDS}`],
  'fault.log': [12, 4, 'count', 'batches that what is usual elsewhere counts for beside one’s own'],
  'fault.clear': [0.8, 0.05, 'share', 'so likely, one cause is taken as found'],
  'fault.tells': [0.06, 0.03, 'ratio', 'bits; a question that tells less is not asked'],
  'fault.points': [
    1.5,
    0.3,
    'ratio',
    'a question that the plan’s own figures point at is asked so much sooner',
  ],
});
