import { metricText } from '../units/format';
import { sentenceText } from '../units/sentence';

/** For tests: a sentence with its figures in metric units. */
export const inMetric = (words: string): string => sentenceText(words, metricText);
