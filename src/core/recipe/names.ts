import type { Pantry } from '../composition/pantry';
import { KNOWN_WORDS, type KnownWords } from './knownWords';

const singular = (word: string): string =>
  word.length > 3 && /[^su]s$/.test(word)
    ? word.replace(/(tomato|potato)es$/, '$1').replace(/(?<!ee)s$/, '')
    : word;

const wordsOf = (text: string): string[] =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map(singular);

/** The names known, and the pantry's own, a cook's rows among them. */
export function namesOf(pantry: Pantry): KnownWords[] {
  const own = [...pantry.ingredients.values()].map(({ id, name }) => ({
    words: name.replace(/\b(raw|fresh|as sold|chopped|without shell|hen|\(.*\))\b/gi, ' '),
    ids: [id],
  }));
  return [
    ...KNOWN_WORDS.filter(({ ids }) => ids.every((id) => pantry.ingredients.has(id))),
    ...own,
  ];
}

/** A name of one word may be said of anything. */
const LEAST_WORDS = 2;

/**
 * The ingredient whose name in the pantry stands in the line in full, brackets and all, as a plan writes it.
 * @example fullNameIn('320 g Soft wheat flour fine (00)', startingPantry)?.ids // ['flour-00']
 */
export function fullNameIn(line: string, pantry: Pantry): KnownWords | undefined {
  // What comes after a comma says what is done to it.
  const said = ` ${wordsOf(line.split(',')[0] ?? '').join(' ')} `;
  let best: KnownWords | undefined;
  let most = LEAST_WORDS - 1;
  for (const { id, name } of pantry.ingredients.values()) {
    const words = wordsOf(name);
    if (words.length > most && said.includes(` ${words.join(' ')} `)) {
      best = { words: name, ids: [id] };
      most = words.length;
    }
  }
  return best;
}

/** The name with the most words in the line; of those with as many, the first known. */
export function nameIn(text: string, names: readonly KnownWords[]): KnownWords | undefined {
  const there = new Set(wordsOf(text));
  let best: KnownWords | undefined;
  let most = 0;
  for (const name of names) {
    const words = wordsOf(name.words);
    if (words.length > most && words.every((word) => there.has(word))) {
      best = name;
      most = words.length;
    }
  }
  return best;
}
