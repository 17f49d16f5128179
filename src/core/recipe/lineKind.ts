/** Where what follows belongs: a side of the plan, or what no plan counts. */
export type Section = 'dough' | 'filling' | 'finish' | 'seal' | 'method' | null;

/** Why a line of a recipe is no part of dough or filling. */
export type LeftOut = 'title' | 'method' | 'finish' | 'seal' | 'taste' | 'tooMany';

/** What a line is, before it is read as an ingredient. */
export type LineKind =
  | { readonly kind: 'heading'; readonly section: Section }
  | { readonly kind: 'servings'; readonly portions: number | null }
  | { readonly kind: 'leftOut'; readonly why: 'method' | 'title' | 'seal' | 'finish' }
  | { readonly kind: 'ingredient' };

/** A heading has no more words. */
const MOST_HEADING_WORDS = 7;

/** Longer than anybody writes an ingredient. */
const MOST_LETTERS = 240;

/** A line of so many words that ends like a sentence is one. */
const SENTENCE_WORDS = 7;
const LONG_WORDS = 18;

const NUMBER_FIRST = /^\s*(?:\d|[¼½¾⅓⅔⅛])/;
const AMOUNT_FIRST =
  /^\s*(?:\d|[¼½¾⅓⅔⅛]|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|some|pinch|dash|handful|knob|glug|splash|zest|juice|salt|pepper|squeeze of)\b)/i;

/** How long, how hot, how wide: no amount of anything. */
const MEASURED =
  /^\s*[\d–-]+\s*(?:minutes?|mins?|hours?|hrs?|seconds?|°|degrees|mm|cm|inch(?:es)?)\b/i;

/** How a step of a method begins. */
const STEPS =
  /^(?:add|allow|arrange|bake|beat|blanch|blend|boil|break|bring|brush|chill|chop|combine|cook|cool|cover|crack|crumble|cut|divide|dot|drain|drop|dust|fill|fold|form|freeze|fry|grate|heat|in an?|in the|into|keep|knead|lay|leave|let|lift|make|mash|meanwhile|melt|mix|on an?|once|peel|pipe|place|poach|pour|press|process|pulse|put|reduce|refrigerate|remove|repeat|rest|return|roast|roll|rub|scrape|seal|season|serve|set|shape|sift|simmer|slice|spoon|sprinkle|squeeze(?! of)|stir|strain|sweat|take|taste|tip|toss|transfer|trim|turn|using|warm|wash|when|whisk|whizz|wilt|with|work|wrap|wring)\b/i;

const DISHES =
  /\b(?:ravioli|raviolo|tortell\w+|tortelloni|agnolotti|cappell\w+|half[- ]moons?|filled pasta|stuffed pasta|recipe|parcels|dumplings)\b/i;

const IN_BRACKETS = /[([][^)\]]*[)\]]/g;

/** Words that name a part of a recipe, and what stands under them. */
const SECTIONS: readonly (readonly [RegExp, Section])[] = [
  [/\b(?:method|directions?|instructions?|preparation|steps|how to make)\b/, 'method'],
  [/\b(?:to|for) (?:the )?(?:seal|sealing|brush|brushing|glaze|glazing)\b|\begg ?wash\b/, 'seal'],
  [/\b(?:fill|filling|fillings|stuffing|farce)\b/, 'filling'],
  [
    /\b(?:to serve|for serving|to finish|for finishing|to garnish|garnish|sauce|topping|dressing|to cook|for cooking|for the pot|broth|brodo|to plate|for the table|extra|(?:brown(?:ed)?|sage|melted) butter)\b/,
    'finish',
  ],
  [/\b(?:dough|pasta|sheets?|sfoglia|wrappers?)\b/, 'dough'],
];

/** Words that stand beside the name of a part in its heading. */
const BESIDE =
  /\b(?:for|the|an?|fresh|home ?made|egg|basic|your|our|and|of|to|with|my|simple|ingredients?|serve|serving|finish|seal|sealing|brush|butter|sage|brown(?:ed)?|tomato|cream|ricotta|cheese|spinach|squash|pumpkin|meat|mushroom|potato|vegetable|green|ravioli|tortelloni|tortellini|agnolotti|cappelletti)\b/g;

/** What a line is. Tells by its look: amounts, colons, verbs, length. Rule. */
export function lineKind(line: string): LineKind {
  if (line.length > MOST_LETTERS) return { kind: 'leftOut', why: 'method' };
  const numbered = /^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+(?=[A-Za-z])/i;
  const said = line.replace(numbered, '').trim();
  const bare = said
    .replace(IN_BRACKETS, ' ')
    .replace(/[\s:*#_–—-]+$/, '')
    .replace(/^[\s*#_•·–—-]+/, '')
    .trim();
  const servings = servingsOf(bare.length > 0 ? bare : said);
  if (servings !== undefined) return { kind: 'servings', portions: servings };
  const heading = headingOf(said, bare);
  if (heading !== undefined) return { kind: 'heading', section: heading };
  const words = said.split(/\s+/).length;
  if (numbered.test(line) && !AMOUNT_FIRST.test(said)) return { kind: 'leftOut', why: 'method' };
  if (MEASURED.test(said)) return { kind: 'leftOut', why: 'method' };
  if (/\b(?:for|to) (?:seal|sealing|brush|brushing|glaze|glazing)\b|\begg ?wash\b/i.test(said)) {
    return { kind: 'leftOut', why: 'seal' };
  }
  if (
    /\b(?:to|for) (?:serve|serving|garnish|finish|finishing|the table)\b/i.test(said) &&
    !/\b(?:extra|more|some|of it|of them|of which)\b/i.test(said)
  ) {
    return { kind: 'leftOut', why: 'finish' };
  }
  if (!NUMBER_FIRST.test(said)) {
    if (STEPS.test(said) && (words > 2 || /[.!]$/.test(said)))
      return { kind: 'leftOut', why: 'method' };
    if (!AMOUNT_FIRST.test(said) && words >= SENTENCE_WORDS && /[.!]$/.test(said)) {
      return { kind: 'leftOut', why: 'method' };
    }
    if (DISHES.test(said) && !/\d/.test(said)) return { kind: 'leftOut', why: 'title' };
  }
  return words > LONG_WORDS && /[.!]$/.test(said) && !NUMBER_FIRST.test(said)
    ? { kind: 'leftOut', why: 'method' }
    : { kind: 'ingredient' };
}

/**
 * A part named on one line with what it is made of: `Dough: 300 g flour, 3 eggs`.
 * @returns the part and the rest of the line; null where a line is none such
 */
export function headedLine(line: string): { section: Section; rest: string } | null {
  const [, named = '', rest = ''] = /^([^:\d]{3,40}):\s+(.*\d.*)$/.exec(line) ?? [];
  const section = named && headingOf(`${named}:`, named.trim());
  return section ? { section, rest } : null;
}

/** For how many, where a line says only that; undefined where it does not. */
function servingsOf(bare: string): number | null | undefined {
  const served =
    /^(?:serves|servings?|portions?|for)\s*:?\s*(?:about\s+)?(\d{1,4})(?:\s*(?:-|–|to|or)\s*\d+)?\s*(?:people|persons?|portions?|servings?|as an? .*)?$/i.exec(
      bare,
    );
  const portions =
    served ?? /^(\d{1,4})(?:\s*(?:-|–|to)\s*\d+)?\s+(?:servings?|portions?|people)$/i.exec(bare);
  if (portions) return Number(portions[1]);
  return /^(?:makes|yields?|quantity|prep(?:aration)? time|cook(?:ing)? time|total time|time|difficulty|author|source)\b.*/i.test(
    bare,
  )
    ? null
    : undefined;
}

/** What follows a heading; null for one that names neither side, undefined where a line is none. */
function headingOf(said: string, bare: string): Section | undefined {
  const words = bare.toLowerCase();
  if (!words || /\d/.test(words)) return undefined;
  if (words.split(/\s+/).length > MOST_HEADING_WORDS || /,/.test(words)) return undefined;
  const marked =
    /:\s*$/.test(said.replace(IN_BRACKETS, '')) ||
    /^#/.test(said) ||
    /^for (?:the|an?) /.test(words);
  const found = SECTIONS.find(([pattern]) => pattern.test(words));
  if (/^ingredients?$/.test(words)) return null;
  if (!found) return marked ? null : undefined;
  if (marked) return found[1];
  // Without a colon: nothing but the part's name, and what such names are made of.
  const beside = words.replace(new RegExp(found[0].source, 'g'), ' ').replace(BESIDE, ' ').trim();
  return beside === '' ? found[1] : undefined;
}
