import type { FigureUnit } from '../working/working';
import type { WriteFigure } from './format';

/**
 * A figure within a sentence, left to be written in the units of whoever reads it.
 * @example inSentence(42, 'mm') // '{42|mm}'
 */
export const inSentence = (value: number, unit: FigureUnit): string =>
  `{${Number(value.toPrecision(6))}|${unit}}`;

/**
 * A sentence with its figures written.
 * @example sentenceText('A mound {42|mm} wide', (value, unit) => `${value} ${unit}`) // 'A mound 42 mm wide'
 */
export const sentenceText = (sentence: string, write: WriteFigure): string =>
  sentence.replace(/\{(-?[\d.]+(?:e[-+]?\d+)?)\|(\w+)\}/g, (_whole, value: string, unit: string) =>
    write(Number(value), unit as FigureUnit),
  );
