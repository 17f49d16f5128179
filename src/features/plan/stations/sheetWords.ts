import type { Rolling } from '@/core/batch/rolled';
import type { TrimUse } from '@/core/batch/trimUse';
import type { Place } from '@/core/layout/places';
import type { WriteFigure } from '@/core/units/format';

/** `plural(2, 'piece')` → `'2 pieces'` */
export const plural = (count: number, word: string): string =>
  `${Number.isInteger(count) ? count : count.toFixed(1)} ${word}${count === 1 ? '' : 's'}`;

/**
 * What every rolling gives, in a sentence.
 * @param together sheets that lie together: 2 in register, else 1
 * @example rollingsText(rollings, 1) // '84 from 6 sheets, 20 from the trim rolled again.'
 */
export function rollingsText(rollings: readonly Rolling[], together: 1 | 2): string {
  const word = together === 2 ? 'pair' : 'sheet';
  const said = rollings
    .filter(({ pieces }) => pieces > 0)
    .map(({ generation, pieces, full, short }) => {
      const last = short ? (full > 0 ? ' and a short one' : `a short ${word}`) : '';
      const sheets = `${full > 0 ? plural(full, word) : ''}${last}`;
      if (generation === 0) return `${pieces} from ${sheets}`;
      return `${pieces} from the trim rolled ${generation === 1 ? 'again' : 'a second time'}`;
    });
  return said.length ? `${said.join(', ')}.` : '';
}

/**
 * How mounds are set out, in words: the first, how far on the next one is, how rows lie to one another.
 * @example patternText(places, text) // 'First mound 33 mm from the end and 30 mm from the edge, every 55 mm along; rows 55 mm apart.'
 */
export function patternText(places: readonly Place[], write: WriteFigure): string {
  const [first] = places;
  if (!first) return '';
  const least = (values: readonly number[]) =>
    values.filter((each) => each > 0.5).sort((a, b) => a - b)[0];
  const on = least(
    places.filter(({ y }) => Math.abs(y - first.y) < 0.5).map(({ x }) => x - first.x),
  );
  const apart = least(places.map(({ y }) => Math.abs(y - first.y)));
  const beside = places.filter(({ y }) => apart && Math.abs(Math.abs(y - first.y) - apart) < 0.5);
  const shift = Math.min(...beside.map(({ x }) => Math.abs(x - first.x)));
  return [
    `First mound ${write(first.x, 'mm')} from the end and ${write(first.y, 'mm')} from the edge`,
    on ? `, every ${write(on, 'mm')} along` : '',
    apart ? `; rows ${write(apart, 'mm')} apart` : '',
    apart && shift > 0.5 ? `, every other one set ${write(shift, 'mm')} on` : '',
    '.',
  ].join('');
}

const TRIM_WORDS = {
  ribbons: { one: 'a plate', word: 'plate', of: 'ribbons' },
  soup: { one: 'a bowl', word: 'bowl', of: 'soup squares' },
} as const;

/** What trim is good for: `2 plates of ribbons`, `not enough for a bowl of soup squares`. */
export function trimText({ use, portions }: { use: TrimUse; portions: number }): string {
  if (use === 'waste') return 'thrown out';
  const { one, word, of } = TRIM_WORDS[use];
  return portions > 0 ? `${plural(portions, word)} of ${of}` : `not enough for ${one} of ${of}`;
}
