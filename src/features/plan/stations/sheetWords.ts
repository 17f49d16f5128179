import type { Rolling } from '@/core/batch/sheetRun';
import type { Place } from '@/core/layout/places';
import type { WriteFigure } from '../words';

/** `plural(2, 'piece')` → `'2 pieces'` */
export const plural = (count: number, word: string): string =>
  `${Number.isInteger(count) ? count : count.toFixed(1)} ${word}${count === 1 ? '' : 's'}`;

/**
 * What every rolling gives, in a sentence.
 * @example rollingsText(rollings) // '84 from 6 sheets, 20 from the trim rolled again.'
 */
export function rollingsText(rollings: readonly Rolling[]): string {
  const said = rollings
    .filter(({ pieces }) => pieces > 0)
    .map(({ generation, pieces, full, short }) => {
      const last = short ? (full > 0 ? ' and a short one' : 'a short sheet') : '';
      const sheets = `${full > 0 ? plural(full, 'sheet') : ''}${last}`;
      if (generation === 0) return `${pieces} from ${sheets}`;
      return `${pieces} from the trim rolled ${generation === 1 ? 'again' : 'a second time'}`;
    });
  return said.length ? `${said.join(', ')}.` : '';
}

/** How mounds are set out, in words: the first, and how far on the next one is along and across. */
export function patternText(places: readonly Place[], write: WriteFigure): string {
  const [first] = places;
  if (!first) return '';
  const next = places.find(({ along }) => along === first.along + 1);
  const beside = places.find(({ along, across }) => along === first.along && across === 2);
  const on = [
    next ? `the next ${write(next.x - first.x, 'mm')} along` : '',
    beside ? `${write(Math.abs(beside.y - first.y), 'mm')} across` : '',
  ].filter(Boolean);
  return `First mound ${write(first.x, 'mm')} from the end and ${write(first.y, 'mm')} from the edge${on.length ? `, ${on.join(', ')}` : ''}.`;
}
