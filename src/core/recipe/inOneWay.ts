import { CONTAINER_WORDS } from './typicalWeights';

/** A number as recipes have it: `400`, `1.5`, `1 1/2`, `½`, `2 ½`. */
const NUMBER = String.raw`(?:\d+\s+\d\/\d|\d\/\d|(?:\d+\s*)?[¼½¾⅓⅔⅛]|\d+(?:[.,]\d+)?)`;

const METRIC = String.raw`(?:kg|kilos?|kilograms?|g|gr|grams?|grammes?|ml|millilit(?:re|er)s?|cl|dl|l|lit(?:re|er)s?)`;

const OTHER = String.raw`(?:lbs?|pounds?|oz|ounces?|fl\.?\s?oz|cups?|tbsps?|tablespoons?|tsps?|teaspoons?|pints?|sticks?)`;

const CONTAINER = `(?:${CONTAINER_WORDS.join('|')})(?:s|es)?`;

const metric = `${NUMBER}\\s*${METRIC}\\b\\.?`;
const other = `${NUMBER}\\s*${OTHER}\\b\\.?(?:\\s+${NUMBER}\\s*${OTHER}\\b\\.?)?`;

/** What stands before a line in a list. */
const BULLET = String.raw`^([\s\-–•*·▢☐]*)`;

/** What an ingredient is called, in a few words. */
const WORD = String.raw`(?![–—-])[^\d\s:,;()]+`;
const NAME = `(${WORD}(?:\\s+${WORD}){0,3})`;

/** One, some or half, as before a fruit. */
const HOWMANY = String.raw`(half\s+(?:an?\s+)?|an?\s+|one\s+|two\s+|three\s+|${NUMBER}\s*)?`;

/** Ways of writing that mean the same as the usual one, amount first. */
const WAYS: readonly (readonly [pattern: RegExp, usual: string])[] = [
  // Said twice, in either house's units: the weight in grams is the one that was weighed.
  [new RegExp(`${BULLET}${other}\\s*/\\s*(${metric})(?=\\s)`, 'i'), '$1$2'],
  [new RegExp(`${BULLET}(${metric})\\s*/\\s*${other}(?=\\s)`, 'i'), '$1$2'],
  // `2 14-oz cans pumpkin`
  [
    new RegExp(
      `${BULLET}(\\w+)\\s+(\\d+(?:[.,]\\d+)?)[\\s-]*(${METRIC}|${OTHER})\\b\\.?[\\s-]*(${CONTAINER})\\b`,
      'i',
    ),
    '$1$2 ($3 $4) $5',
  ],
  // `Ricotta 500 g`, `Flour: 400 g`
  [new RegExp(`${BULLET}${NAME}\\s*[:,–—-]?\\s+(${metric}|${other})\\s*$`, 'i'), '$1$3 $2'],
  // `zest of 1 lemon`, `juice of half a lemon`
  [
    new RegExp(
      `${BULLET}(?:(?:finely|freshly)\\s+)?(?:grated\\s+|squeezed\\s+)?(zest|juice)\\s+(?:of|from)\\s+${HOWMANY}(?:unwaxed\\s+|small\\s+|large\\s+)?(lemon|lime|orange)s?`,
      'i',
    ),
    '$1$3 $4 $2',
  ],
  // `eggs (4)`
  [new RegExp(`${BULLET}${NAME}\\s*\\((${NUMBER})\\)\\s*$`, 'i'), '$1$3 $2'],
  // `Eggs: 3`; without the mark a number may be part of a name, as in `flour 00`.
  [new RegExp(`${BULLET}${NAME}(?:\\s*:|\\s+[–—-])\\s*(${NUMBER})\\s*$`, 'i'), '$1$3 $2'],
];

/**
 * A line of a recipe written the usual way, amount first and once.
 * @example inOneWay('8 oz/225 g ricotta') // '225 g ricotta'
 * @example inOneWay('Flour: 400 g') // '400 g Flour'
 */
export const inOneWay = (line: string): string =>
  WAYS.reduce((text, [pattern, usual]) => text.replace(pattern, usual), line);
