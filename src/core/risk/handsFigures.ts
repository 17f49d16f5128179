import { figure } from '../working/figure';
import type { Working } from '../working/working';
import type { Scatter } from './scatter';
import { toMake } from '../batch/toMake';

/**
 * The working of the share lost: pieces made over and over, each a little out of true, and how many of them
 * have a link that fails. An estimate over estimates: its range is wide.
 */
export const lostFigure = ({ tried, lost, spread }: Scatter): Working =>
  figure({
    label: 'Lost, as hands are',
    unit: 'share',
    kind: 'rule',
    formula: 'pieces whose weakest link fails ÷ pieces tried, each a little out of true',
    inputs: {
      'pieces tried': [tried, 'count'],
      'of them lost': [Math.round(lost * tried), 'count'],
      'thickness, off by': [spread.thickness, 'share'],
      'dose, off by': [spread.dose, 'share'],
      'mound beside its mark': [spread.offMm, 'mm'],
      'air, off by': [spread.air, 'share'],
      'seal, off by': [spread.seal, 'share'],
    },
    source: 'seeded draws over the eight links; how far hands are off is a craft rule',
    compute: (of) => of['of them lost'] / of['pieces tried'],
    times: [0.4, 2.2],
  });

/**
 * The working of how many to make.
 * @param plated whole pieces wanted
 * @param tasted pieces to cook and taste first
 */
export const makeFigure = (
  { lost }: Scatter,
  { plated, tasted }: { plated: number; tasted: number },
): Working =>
  figure({
    label: 'To make',
    unit: 'count',
    kind: 'law',
    formula: 'the fewest of which so many are whole 95 % of the time, and those to taste',
    inputs: { whole: [plated, 'count'], lost: [lost, 'share'], 'to taste': [tasted, 'count'] },
    source: 'binomial, on the share lost as estimated',
    compute: (of) => toMake(of.whole, of.lost) + of['to taste'],
  });
