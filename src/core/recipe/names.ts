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
  const said = ` ${wordsOf((line.split(',')[0] ?? '').replace(RICHNESS, ' ')).join(' ')} `;
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

/** How rich a thing is says nothing of what it is: whole-milk ricotta is ricotta. */
const RICHNESS =
  /\b(?:whole|full|skimmed|skim|semi|part|low|reduced|half)[-\s]?(?:milk|fat|skim|cream)\b(?=[-\s]+\w)/gi;

/** What stands before the first comma, or another such mark, says what a thing is; the rest what is done to it. */
const saidFirst = (text: string): string => text.split(/[,;]|\s[–—-]\s|\bor\b/)[0] ?? '';

/**
 * The name with the most words in the line; of those with as many, one that stands before the first comma, then
 * the last of them: `goat’s milk curd` is curd.
 */
export function nameIn(text: string, names: readonly KnownWords[]): KnownWords | undefined {
  const plain = text.replace(RICHNESS, ' ');
  const words = wordsOf(plain);
  const there = new Set(words);
  const first = wordsOf(saidFirst(plain));
  let best: KnownWords | undefined;
  let most: readonly number[] = [0, 0, 0];
  for (const name of names) {
    const own = wordsOf(name.words);
    if (own.length === 0 || own.length < most[0]! || !own.every((word) => there.has(word)))
      continue;
    const isFirst = own.every((word) => first.includes(word));
    const among = isFirst ? first : words;
    const place = Math.max(...own.map((word) => among.lastIndexOf(word)));
    const score = [own.length, isFirst ? 1 : 0, place];
    if (isMore(score, most)) [best, most] = [name, score];
  }
  return best;
}

/** Whether the first figure that differs is greater. */
function isMore(a: readonly number[], b: readonly number[]): boolean {
  const at = a.findIndex((each, i) => each !== b[i]);
  return at >= 0 && a[at]! > b[at]!;
}

/** Words that change nothing of what an ingredient is: how much, how good, how cut, how warm, what it comes in. */
const HARMLESS = new Set(
  `a about additional aged all amount an and approximately aged at baby bag baked ball beaten best big bit block
  blanched boiled boneless box bought brown bulb bunch can carton chilled chopped chunk clean clove coarse coarsely
  cold container cooked cooled cream crumbled crushed cube cubed cut dash deseeded dice diced divided dozen drained
  dried dry each extra few fat fillet fine finely firm flaked flat flesh freshly fresh from frozen full g garden
  generous golden good grated green ground half handful hard head heaped heavy hot homemade in italian jar juice
  juicy just knob large leaf lean leftover lightly long loose loosely loaf low lukewarm mashed medium melted milled
  mild minced mince mixed more natural neutral of off only organic optional overnight own pack packed packet peeled
  piece picked pinch pitted plain plus plump pot pre prepared punnet pure puree quality quantity raw rasher red
  reserved rich rindless rinsed ripe roasted roast room roughly rough runny s scant sea seeded separated shaved
  shelled shredded shell side sieved sifted skinless skin sliced slice small smooth soft softened some spoonful sprig
  squeezed stalk starchy steamed stem stick stock strained strong sweet table taste temperature the their thick thin
  thinly tightly tin toasted to trimmed tub type typical unpeeled unsalted unsmoked unwaxed up use very virgin warm
  washed waxy weight well wheel whipped white whole wild wilted with yellow young zest semi drain drip dusting for
  filling dough pasta sheet free range new old season one two three approx equivalent floury day left over size sized
  if needed as such preferably your choice black pepper kilo glass third quarter bit ready made lump fine`
    .split(/\s+/)
    .map(singular),
);

/**
 * Whether a name says all that a line does: a word that it does not know may mean another thing altogether.
 * @example isSureOf('fresh ricotta', { words: 'ricotta', ids: ['ricotta-fresh'] }) // true
 */
export function isSureOf(text: string, { words }: KnownWords): boolean {
  const own = new Set(wordsOf(words));
  return wordsOf(saidFirst(text.replace(RICHNESS, ' '))).every(
    (word) => own.has(word) || HARMLESS.has(word) || /^\d/.test(word),
  );
}
