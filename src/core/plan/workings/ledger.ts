import { figure } from '../../working/figure';
import type { Asked, FigureList } from './asked';
import { BALANCE } from './asked';

const common = { unit: 'g', kind: 'law', source: BALANCE } as const;

/** Pieces of a kind, each of so much dough or filling. */
const ofPieces = (label: string, what: string, count: number, each: string, eachG: number) =>
  figure({
    ...common,
    label,
    formula: `${what} pieces × ${each}`,
    inputs: { [what]: [count, 'count'], [each]: [eachG, 'g'] },
    compute: (of) => (of[what] ?? 0) * (of[each] ?? 0),
  });

const dough =
  (label: string, what: 'plated' | 'spare' | 'tasted') =>
  ({ model, figures: { counts } }: Asked) =>
    ofPieces(label, what, counts[what], 'dough per piece', model.batch.terms.doughPerPieceG);

const filling =
  (label: string, what: 'plated' | 'spare' | 'tasted') =>
  ({ model, figures: { counts } }: Asked) =>
    ofPieces(label, what, counts[what], 'dose', model.batch.terms.doseG);

/** Where the dough and the filling go, gram by gram. */
export const ledgerFigures = {
  platedDough: dough('Dough plated', 'plated'),
  spareDough: dough('Dough in spares', 'spare'),
  tastedDough: dough('Dough tasted', 'tasted'),
  trimDough: ({ figures: { ledger } }) =>
    figure({
      ...common,
      label: 'Trim not rolled again',
      formula: 'trim fit to use after the last rolling + trim not fit + end trim',
      inputs: {
        'fit to use': [ledger.dough.trimG, 'g'],
        'not fit': [ledger.dough.spoiltG, 'g'],
        'end trim': [ledger.dough.endTrimG, 'g'],
      },
      compute: (of) => of['fit to use'] + of['not fit'] + of['end trim'],
    }),
  stuckDough: ({ model, figures: { ledger } }) =>
    figure({
      ...common,
      label: 'Dough left sticking',
      formula: '(dough in − left over − end trim) × share left sticking',
      inputs: {
        'dough in': [ledger.dough.inG, 'g'],
        'left over': [ledger.dough.leftoverG, 'g'],
        'end trim': [ledger.dough.endTrimG, 'g'],
        share: [model.batch.terms.stuckShare, 'share'],
      },
      compute: (of) => (of['dough in'] - of['left over'] - of['end trim']) * of.share,
    }),
  platedFilling: filling('Filling plated', 'plated'),
  spareFilling: filling('Filling in spares', 'spare'),
  tastedFilling: filling('Filling tasted', 'tasted'),
  inBowl: ({ model, figures: f }) => {
    const { fillingLoss } = model.batch.terms;
    const bag = fillingLoss.kind === 'bag';
    return figure({
      ...common,
      label: 'Filling that stays in bowl or bag',
      formula: bag
        ? 'what the bag keeps'
        : 'pieces × dose × share ÷ (1 − share) that stays in the bowl',
      inputs: {
        pieces: [f.pieces, 'count'],
        dose: [model.batch.terms.doseG, 'g'],
        kept: bag ? [fillingLoss.g, 'g'] : [fillingLoss.share, 'share'],
      },
      compute: (of) => {
        if (of.pieces === 0) return 0;
        return bag ? of.kept : (of.pieces * of.dose * of.kept) / (1 - of.kept);
      },
    });
  },
} satisfies FigureList;
