import { input, type Working } from '../../working/working';
import type { PlanModel } from '../model/model';
import type { PlanFigures } from '../model/figures';
import { BALANCE } from './sources';

/** Workings of the counts, the totals and what is left. */
export function countWorkings({ plan, batch: { terms } }: PlanModel, f: PlanFigures) {
  const { batch } = plan;
  const lost = terms.fillingLoss;
  const piecesFormula = {
    portions: 'portions × pieces each ÷ (1 − breakage), rounded up, + pieces to taste',
    dough: '(dough in hand − end trim) × yield × (1 − stuck) ÷ dough per piece, whole pieces',
    filling: 'filling in hand, less what the bowl keeps, ÷ dose, whole pieces',
    both: 'the fewer of what the dough and what the filling give',
  }[batch.wayIn];
  const inHand =
    batch.wayIn === 'portions'
      ? [
          input('portions', batch.portions, 'count'),
          input('pieces each', batch.piecesPerPortion, 'count'),
        ]
      : [
          ...(batch.wayIn !== 'filling' ? [input('dough in hand', batch.doughInHandG, 'g')] : []),
          ...(batch.wayIn !== 'dough' ? [input('filling in hand', batch.fillingInHandG, 'g')] : []),
        ];
  const perPiece = [
    input('pieces', f.pieces, 'count'),
    input('dough per piece', f.dough.perPieceG, 'g'),
    input('yield', f.yield, 'share'),
    input('stuck', terms.stuckShare, 'share'),
    input('end trim', terms.endTrimG, 'g'),
  ];
  return {
    pieces: {
      label: 'Pieces to make',
      value: f.pieces,
      unit: 'count',
      kind: 'law',
      formula: piecesFormula,
      inputs: [
        ...inHand,
        input('breakage', terms.breakageShare, 'share'),
        input('pieces to taste', terms.tasted, 'count'),
      ],
      source: 'counting; breakage is the share you set',
    },
    yield: {
      label: 'Rolled dough that ends in blanks',
      value: f.yield,
      unit: 'share',
      kind: 'law',
      formula: 'u × Σ (q (1 − u))ⁱ for i = 0 … rerolls',
      inputs: [
        input('u, share of sheet used', terms.usedShare, 'share'),
        input('q, trim fit to reroll', terms.trimUsable, 'share'),
        input('rerolls', terms.rerolls, 'count'),
      ],
      source: BALANCE,
    },
    doughTotal: {
      label: batch.wayIn === 'dough' || batch.wayIn === 'both' ? 'Dough in hand' : 'Dough to make',
      value: f.dough.totalG,
      unit: 'g',
      kind: batch.wayIn === 'dough' || batch.wayIn === 'both' ? 'choice' : 'law',
      formula:
        'pieces × dough per piece ÷ (yield × (1 − stuck)) + end trim + what whole sheets and eggs ask for',
      inputs: [...perPiece, input('made up by', f.layout.madeUpG, 'g')],
      source: BALANCE,
    },
    fillingTotal: {
      label:
        batch.wayIn === 'filling' || batch.wayIn === 'both' ? 'Filling in hand' : 'Filling to make',
      value: f.filling.totalG,
      unit: 'g',
      kind: batch.wayIn === 'filling' || batch.wayIn === 'both' ? 'choice' : 'law',
      formula:
        lost.kind === 'bowl'
          ? 'pieces × dose ÷ (1 − left in the bowl)'
          : 'pieces × dose + left in the bag',
      inputs: [
        input('pieces', f.pieces, 'count'),
        input('dose', f.filling.perPieceG, 'g'),
        lost.kind === 'bowl'
          ? input('left in the bowl', lost.share, 'share')
          : input('left in the bag', lost.g, 'g'),
      ],
      source: BALANCE,
    },
    leftoverDough: {
      label: 'Dough left over',
      value: f.leftover.doughG,
      unit: 'g',
      kind: 'law',
      formula: 'dough in − dough the whole pieces use',
      inputs: [input('dough in', f.dough.totalG, 'g'), ...perPiece],
      source: BALANCE,
    },
    leftoverFilling: {
      label: 'Filling left over',
      value: f.leftover.fillingG,
      unit: 'g',
      kind: 'law',
      formula: 'filling in − filling the whole pieces use, the bowl’s share counted',
      inputs: [
        input('filling in', f.filling.totalG, 'g'),
        input('pieces', f.pieces, 'count'),
        input('dose', f.filling.perPieceG, 'g'),
        input('stays in bowl or bag', f.ledger.filling.inBowlG, 'g'),
      ],
      source: BALANCE,
    },
    ratio: {
      label: 'Dough to filling in one piece',
      value: f.ratio,
      unit: 'ratio',
      kind: 'law',
      formula: 'dough per piece ÷ dose',
      inputs: [
        input('dough per piece', f.dough.perPieceG, 'g'),
        input('dose', f.filling.perPieceG, 'g'),
      ],
      source: BALANCE,
    },
  } satisfies Record<string, Working>;
}
