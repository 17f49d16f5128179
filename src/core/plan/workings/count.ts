import { piecesForWhole, piecesFromFilling } from '../../batch/batch';
import { figure, type FigureInput } from '../../working/figure';
import type { Asked, FigureList } from './asked';
import { BALANCE } from './asked';

const inHand = (way: string): boolean => way === 'dough' || way === 'both';

/** Pieces that each rolling gives, as inputs. */
const ofRollings = ({ figures: f }: Asked): Record<string, FigureInput> =>
  Object.fromEntries(
    f.layout.rollings.map(({ generation, pieces }) => [
      generation ? `from trim, reroll ${generation}` : 'from the sheets',
      [pieces, 'count'],
    ]),
  );

/** Pieces that the filling in hand fills, as an input. */
const ofFilling = ({ figures: f, model }: Asked): Record<string, FigureInput> =>
  f.wayIn === 'both'
    ? { 'the filling fills': [piecesFromFilling(f.filling.totalG, model.batch.terms), 'count'] }
    : {};

/** The counts, the totals and what is left. */
export const countFigures = {
  pieces: (asked) => {
    const { model, figures: f } = asked;
    const { batch } = model.plan;
    const { terms } = model.batch;
    const common = { label: 'Pieces to make', unit: 'count', kind: 'law' } as const;
    if (batch.wayIn === 'portions') {
      const { reckoned } = terms.breakage;
      return figure({
        ...common,
        formula: reckoned
          ? 'the fewest of which portions × pieces each are whole 95 % of the time, + pieces to taste'
          : 'portions × pieces each ÷ (1 − breakage), rounded up, + pieces to taste',
        inputs: {
          portions: [batch.portions, 'count'],
          'pieces each': [batch.piecesPerPortion, 'count'],
          breakage: [terms.breakage.share, 'share'],
          'pieces to taste': [terms.tasted, 'count'],
        },
        source: reckoned
          ? 'counting (binomial); breakage is what hands as they are lose of this plan, with what your runs taught: an estimate'
          : 'counting; breakage is the share you set',
        compute: (of) =>
          piecesForWhole(of.portions * of['pieces each'], { share: of.breakage, reckoned }) +
          of['pieces to taste'],
      });
    }
    if (batch.wayIn === 'filling') {
      return figure({
        ...common,
        formula: 'filling that leaves the bowl or bag ÷ dose, whole pieces',
        inputs: {
          'filling in hand': [batch.fillingInHandG, 'g'],
          ...bowlInput(asked),
          dose: [model.batch.terms.doseG, 'g'],
        },
        source: 'counting',
        compute: (of) => Math.floor(usable(of['filling in hand'], of) / of.dose + 1e-9),
      });
    }
    if (f.layout.counted && !f.layout.doesNotFit) {
      return figure({
        ...common,
        formula:
          batch.wayIn === 'both'
            ? 'what the sheets give, and no more than the filling fills'
            : 'what the sheets give, trim rolled again counted',
        inputs: { ...ofRollings(asked), ...ofFilling(asked) },
        source: 'the pattern, sheet by sheet',
        compute: ({ 'the filling fills': most = Infinity, ...rollings }: Record<string, number>) =>
          Math.min(
            most,
            Object.values(rollings).reduce((sum, each) => sum + each, 0),
          ),
      });
    }
    return figure({
      ...common,
      formula:
        '(dough in hand − end trim) × (1 − stuck) × yield ÷ dough per piece, whole pieces, and no more than the filling fills',
      inputs: {
        'dough in hand': [f.dough.totalG, 'g'],
        'end trim': [terms.endTrimG, 'g'],
        stuck: [terms.stuckShare, 'share'],
        'u, share of sheet used': [terms.usedShare, 'share'],
        'q, trim fit to reroll': [terms.trimUsable, 'share'],
        rerolls: [terms.rerolls, 'count'],
        'dough per piece': [model.batch.terms.doughPerPieceG, 'g'],
        ...ofFilling(asked),
      },
      source: BALANCE,
      compute: (of: Record<string, number>) =>
        Math.min(
          of['the filling fills'] ?? Infinity,
          Math.floor(
            (Math.max(0, of['dough in hand']! - of['end trim']!) *
              (1 - of.stuck!) *
              yieldBy(of['u, share of sheet used']!, of['q, trim fit to reroll']!, of.rerolls!)) /
              of['dough per piece']! +
              1e-9,
          ),
        ),
    });
  },
  yield: ({ model, figures: f }) => {
    const { inG, leftoverG, endTrimG, stuckG } = f.ledger.dough;
    return figure({
      label: 'Rolled dough that ends in pieces',
      unit: 'share',
      kind: 'law',
      formula: 'pieces × dough per piece ÷ dough rolled, trim rolled again counted',
      inputs: {
        pieces: [f.pieces, 'count'],
        'dough per piece': [model.batch.terms.doughPerPieceG, 'g'],
        'dough rolled': [inG - leftoverG - endTrimG - stuckG, 'g'],
        'share of a sheet used': [model.batch.terms.usedShare, 'share'],
      },
      source: BALANCE,
      compute: (of) =>
        of['dough rolled'] > 0 ? (of.pieces * of['dough per piece']) / of['dough rolled'] : f.yield,
    });
  },
  doughTotal: ({ model, figures: f }) => {
    const { terms } = model.batch;
    const given = inHand(f.wayIn);
    const { dough } = f.ledger;
    if (given) {
      return figure({
        label: 'Dough in hand',
        unit: 'g',
        kind: 'choice',
        formula: 'what you have, + what corrections put in',
        inputs: {
          'in hand': [model.plan.batch.doughInHandG, 'g'],
          corrections: [model.batch.addedDoughG, 'g'],
        },
        source: 'your scale',
        compute: (of) => of['in hand'] + of.corrections,
      });
    }
    return figure({
      label: 'Dough to make',
      unit: 'g',
      kind: 'law',
      formula:
        'pieces × dough per piece ÷ (yield × (1 − stuck)) + end trim + what whole eggs and corrections leave over',
      inputs: {
        pieces: [f.pieces, 'count'],
        'dough per piece': [model.batch.terms.doughPerPieceG, 'g'],
        yield: [f.yield, 'share'],
        stuck: [terms.stuckShare, 'share'],
        'end trim': [dough.endTrimG, 'g'],
        'left over': [dough.leftoverG, 'g'],
      },
      source: BALANCE,
      compute: (of) =>
        (of.pieces * of['dough per piece']) / (of.yield * (1 - of.stuck)) +
        of['end trim'] +
        of['left over'],
    });
  },
  fillingTotal: (asked) => {
    const { model, figures: f } = asked;
    if (f.wayIn === 'filling' || f.wayIn === 'both') {
      return figure({
        label: 'Filling in hand',
        unit: 'g',
        kind: 'choice',
        formula: 'what you have',
        inputs: { 'in hand': [model.plan.batch.fillingInHandG, 'g'] },
        source: 'your scale',
        compute: (of) => of['in hand'],
      });
    }
    const bag = model.batch.terms.fillingLoss.kind === 'bag';
    return figure({
      label: 'Filling to make',
      unit: 'g',
      kind: 'law',
      formula: bag ? 'pieces × dose + left in the bag' : 'pieces × dose ÷ (1 − left in the bowl)',
      inputs: {
        pieces: [f.pieces, 'count'],
        dose: [model.batch.terms.doseG, 'g'],
        ...bowlInput(asked),
      },
      source: BALANCE,
      compute: (of: Record<string, number>) => {
        if (of.pieces === 0) return 0;
        const filled = of.pieces! * of.dose!;
        return bag ? filled + of['left in the bag']! : filled / (1 - of['left in the bowl']!);
      },
    });
  },
  leftoverDough: ({ figures: { ledger } }) =>
    figure({
      label: 'Dough left over',
      unit: 'g',
      kind: 'law',
      formula: 'dough in − rolled − stuck − end trim',
      inputs: {
        'dough in': [ledger.dough.inG, 'g'],
        rolled: [
          ledger.dough.platedG +
            ledger.dough.spareG +
            ledger.dough.tastedG +
            ledger.dough.trimG +
            ledger.dough.spoiltG,
          'g',
        ],
        stuck: [ledger.dough.stuckG, 'g'],
        'end trim': [ledger.dough.endTrimG, 'g'],
      },
      source: BALANCE,
      compute: (of) => Math.max(0, of['dough in'] - of.rolled - of.stuck - of['end trim']),
    }),
  leftoverFilling: ({ model, figures: f }) =>
    figure({
      label: 'Filling left over',
      unit: 'g',
      kind: 'law',
      formula: 'filling in − pieces × dose − what stays in bowl or bag',
      inputs: {
        'filling in': [f.filling.totalG, 'g'],
        pieces: [f.pieces, 'count'],
        dose: [model.batch.terms.doseG, 'g'],
        'stays in bowl or bag': [f.ledger.filling.inBowlG, 'g'],
      },
      source: BALANCE,
      compute: (of) =>
        Math.max(0, of['filling in'] - of.pieces * of.dose - of['stays in bowl or bag']),
    }),
  ratio: ({ figures: f }) =>
    figure({
      label: 'Dough to filling in one piece',
      unit: 'ratio',
      kind: 'law',
      formula: 'dough per piece ÷ dose',
      inputs: {
        'dough per piece': [f.dough.perPieceG, 'g'],
        dose: [f.filling.perPieceG, 'g'],
      },
      source: BALANCE,
      compute: (of) => of['dough per piece'] / of.dose,
    }),
} satisfies FigureList;

/** What stays behind of the filling, as an input. */
function bowlInput({ model }: Asked): Record<string, FigureInput> {
  const { fillingLoss } = model.batch.terms;
  return fillingLoss.kind === 'bag'
    ? { 'left in the bag': [fillingLoss.g, 'g'] }
    : { 'left in the bowl': [fillingLoss.share, 'share'] };
}

const usable = (g: number, of: Readonly<Record<string, number>>): number =>
  of['left in the bag'] === undefined
    ? g * (1 - (of['left in the bowl'] ?? 0))
    : Math.max(0, g - of['left in the bag']);

const yieldBy = (used: number, fit: number, rerolls: number): number => {
  let share = 0;
  for (let i = 0; i <= rerolls; i += 1) share += (fit * (1 - used)) ** i;
  return used * share;
};
