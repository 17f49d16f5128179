import type { FigureUnit } from '../working/working';
import type { QuantityId } from '../basis/learnt';
import { startingRules } from '../basis/rules';
import type { Scale } from './scale';

/** Something that a kitchen's runs teach. */
export interface Quantity {
  /** As a cook says it. */
  readonly name: string;
  readonly unit: FigureUnit;
  readonly scale: Scale;
  /** What is held true before anything was seen, in its own unit. */
  readonly typical: number;
  /** How far kitchens differ in it, one standard deviation in its scale. */
  readonly spread: number;
  /** How far one run may be off from the next, in its scale. */
  readonly noise: number;
  /** Whose it is: of the whole kitchen, or of each cook, roller, preparation, shape. */
  readonly of: 'kitchen' | 'cook' | 'roller' | 'preparation' | 'shape' | 'cause';
  /** Of each cook as well, beside all of them together: its key is then `shape/cook`. */
  readonly byCook?: true;
  /** Figures of a plan that it moves, by the ids of their workings. */
  readonly moves: readonly string[];
  /** What it means where it is more than typical, and where it is less. */
  readonly more: string;
  readonly less: string;
}

const BATCH_DOUGH = ['doughTotal', 'pieces', 'stuckDough', 'leftoverDough'];

/** Everything that is learnt. One line each. */
export const QUANTITIES = {
  dosed: {
    name: 'Dose in a piece, against the dose planned',
    unit: 'ratio',
    scale: 'log',
    typical: startingRules['batch.dosed'].value,
    spread: startingRules['batch.dosed'].spread,
    noise: 0.04,
    of: 'cook',
    moves: ['fillingTotal', 'pieces', 'leftoverFilling'],
    more: 'doses run over',
    less: 'doses run under',
  },
  thicker: {
    name: 'How thick sheets come out, to what was meant',
    unit: 'ratio',
    scale: 'log',
    typical: startingRules['batch.thicker'].value,
    spread: startingRules['batch.thicker'].spread,
    noise: 0.03,
    of: 'roller',
    moves: ['doughTotal', 'pieces', 'leftoverDough'],
    more: 'sheets come out thicker than the dial says',
    less: 'sheets come out thinner than the dial says',
  },
  stuck: {
    name: 'Dough left sticking',
    unit: 'share',
    scale: 'log',
    typical: 0.02,
    spread: 0.6,
    noise: 0.45,
    of: 'kitchen',
    moves: BATCH_DOUGH,
    more: 'more dough stays on hands and board',
    less: 'less dough stays on hands and board',
  },
  trimFit: {
    name: 'Trim fit to roll again',
    unit: 'share',
    scale: 'logit',
    typical: 0.85,
    spread: 0.6,
    noise: 0.5,
    of: 'kitchen',
    moves: ['doughTotal', 'pieces', 'trimDough'],
    more: 'more of the trim rolls again',
    less: 'less of the trim rolls again',
  },
  bowl: {
    name: 'Filling that stays in the bowl',
    unit: 'share',
    scale: 'log',
    typical: 0.03,
    spread: 0.5,
    noise: 0.3,
    of: 'kitchen',
    moves: ['fillingTotal', 'inBowl', 'pieces'],
    more: 'more filling stays in the bowl',
    less: 'less filling stays in the bowl',
  },
  prepared: {
    name: 'What a preparation yields, to the table',
    unit: 'ratio',
    scale: 'log',
    typical: 1,
    spread: 0.12,
    noise: 0.06,
    of: 'preparation',
    moves: ['fillingTotal', 'freeWater'],
    more: 'comes out heavier: less was driven off',
    less: 'comes out lighter: more was driven off',
  },
  water: {
    name: 'Water the flour wants beyond the rule',
    unit: 'share',
    scale: 'plain',
    typical: 0,
    spread: 0.015,
    noise: 0.012,
    of: 'kitchen',
    moves: ['hydrationTarget', 'addWater', 'addFlour'],
    more: 'the flour here wants more water',
    less: 'the flour here wants less water',
  },
  pace: {
    name: 'Time a piece takes, to the rule',
    unit: 'ratio',
    scale: 'log',
    typical: 1,
    spread: 0.35,
    noise: 0.15,
    of: 'shape',
    byCook: true,
    moves: ['fillTime'],
    more: 'pieces take longer here',
    less: 'pieces go quicker here',
  },
  rest: {
    name: 'Rest a dough takes, to the rule',
    unit: 'ratio',
    scale: 'log',
    typical: 1,
    spread: 0.25,
    noise: 0.25,
    of: 'kitchen',
    moves: ['readiness', 'earliest'],
    more: 'doughs rest longer here',
    less: 'doughs rest quicker here',
  },
  edge: {
    name: 'Boiling to a soft edge, to the rule',
    unit: 'ratio',
    scale: 'log',
    typical: 1,
    spread: 0.3,
    noise: 0.2,
    of: 'kitchen',
    moves: ['cookFor', 'edgeSoft'],
    more: 'edges take longer here',
    less: 'edges are soft sooner here',
  },
  // Of batches planned before losses were learned by their causes.
  burst: {
    name: 'Pieces lost',
    unit: 'share',
    scale: 'logit',
    typical: 0.05,
    spread: 0.7,
    noise: 0.45,
    of: 'kitchen',
    moves: ['pieces', 'spareDough', 'doughTotal', 'fillingTotal'],
    more: 'more pieces are lost here',
    less: 'fewer pieces are lost here',
  },
  lost: {
    name: 'Pieces lost to one cause, to what the sums expect',
    unit: 'ratio',
    scale: 'log',
    typical: 1,
    spread: 0.5,
    noise: 0.5,
    of: 'cause',
    moves: ['pieces', 'spareDough', 'doughTotal', 'fillingTotal'],
    more: 'more pieces are lost to it here',
    less: 'fewer pieces are lost to it here',
  },
} as const satisfies Record<QuantityId, Quantity>;
