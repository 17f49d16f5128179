import { figureText } from '../units/format';
import { sentenceText } from '../units/sentence';
import { METRIC } from '../units/units';

/** For tests: a sentence with its figures in metric units. */
export const inMetric = (words: string): string =>
  sentenceText(words, (value, unit) => figureText(value, unit, METRIC));
