import type { Rolling } from '@/core/batch/sheetRun';

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
