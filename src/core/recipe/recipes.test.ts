import { startingPantry } from '../composition/pantry';
import { headedLine, lineKind } from './lineKind';
import { readRecipe } from './readRecipe';

const options = {
  pantry: startingPantry,
  egg: { eggG: 58, yolkG: 19 },
  cup: 'us',
  flour: 'spooned',
} as const;

/** A recipe as it was read: side, grams, row and what is asked, a line each; then what was left out. */
function told(text: string) {
  const { parts, leftOut, ...rest } = readRecipe(text, options);
  return {
    ...rest,
    parts: parts.map(({ side, g, ids, asks }) =>
      [side, g === null ? '?' : Math.round(g), ids[0] ?? '?', ...asks].join(' '),
    ),
    leftOut: leftOut.map(({ line, why }) => `${why}: ${line}`),
  };
}

describe('whole recipes', () => {
  it('with a title, servings, headings in capitals, a sauce and a method', () => {
    expect(
      told(`Ricotta ravioli with sage
Serves 4-6

FOR THE DOUGH
400g "00" flour
4 large eggs
1 tbsp extra virgin olive oil
Pinch of salt

FILLING (makes 40)
500g ricotta
100g Parmesan, finely grated, plus extra to serve
1 egg yolk
Zest of 1 lemon
Freshly grated nutmeg
Salt and black pepper

To serve
80g butter

METHOD
1. Tip the flour onto a board and crack in the eggs.
Roll out to setting 7. Boil for 3 minutes.`),
    ).toEqual({
      name: 'Ricotta ravioli with sage',
      portions: 4,
      parts: [
        'dough 400 flour-00',
        'dough 232 egg-whole',
        'dough 13 oil-olive',
        'dough 0 salt-fine',
        'filling 500 ricotta-fresh',
        'filling 100 hard-cheese-aged',
        'filling 19 egg-yolk',
        'filling 4 citrus-zest',
        'filling 2 salt-fine',
      ],
      leftOut: [
        'title: Ricotta ravioli with sage',
        'taste: Freshly grated nutmeg',
        'finish: 80g butter',
        'method: 1. Tip the flour onto a board and crack in the eggs.',
        'method: Roll out to setting 7. Boil for 3 minutes.',
      ],
    });
  });

  it('in cups, with a can, an egg to seal, and milk that is ricotta', () => {
    expect(
      told(`Pasta dough:
3 cups all-purpose flour, plus more for dusting
3 eggs plus 2 yolks
Filling:
1 can (15 oz) pumpkin
1 cup whole-milk ricotta
1/2 cup grated Parmesan (about 2 oz)
1/4 cup plain dry breadcrumbs
8 fl oz heavy cream
2 balls mozzarella (125 g each)
1 egg, beaten, for sealing`),
    ).toEqual({
      name: null,
      portions: null,
      parts: [
        'dough 376 flour-all-purpose',
        'dough 174 egg-whole',
        'dough 38 egg-yolk',
        'filling 438 pumpkin-raw',
        'filling 241 ricotta-fresh',
        'filling 57 hard-cheese-aged',
        'filling 27 breadcrumbs-dry',
        'filling 234 cream-double',
        'filling 250 mozzarella',
      ],
      leftOut: ['seal: 1 egg, beaten, for sealing'],
    });
  });

  it('each part on one line, one egg of three in the filling, and no heading', () => {
    expect(
      told(
        'Dough: 300g fine semolina, 150 ml warm water\nFilling: 400 g firm tofu, 100 ml oat milk',
      ).parts,
    ).toEqual([
      'dough 300 semolina-durum-fine',
      'dough 150 water',
      'filling 400 tofu-firm',
      'filling ? ? what howMuch',
    ]);
    expect(
      told('300 g wholewheat flour\n3 eggs, 1 for the filling\n250 g goat’s cheese').parts,
    ).toEqual([
      'dough 300 flour-wholemeal',
      'dough 116 egg-whole',
      'filling 58 egg-whole',
      'filling 250 curd-goat',
    ]);
  });

  it('a sauce after both, by any name, is no filling', () => {
    expect(
      told(`Pasta
200 g tipo 00 flour
Mushroom filling
350 g chestnut mushrooms, fried hard
For the brown butter
100 g butter
For the crumb
50 g walnuts`).parts,
    ).toEqual(['dough 200 flour-00', 'filling 350 mushroom-raw doneTo']);
  });
});

describe('nothing is read wrong without a question', () => {
  it.each([
    '100 g coconut milk',
    '1 sweet potato',
    '50 g peanut butter',
    '100 g vegan parmesan',
    '200 g gluten-free breadcrumbs',
    '100 g soy milk',
    '3 duck eggs',
    '30 g sesame oil',
    '200 g oat flour',
    '100 ml red wine',
  ])('%s is none of what the pantry has', (line) => {
    const [part] = readRecipe(line, options).parts;
    expect(part!.ids).toEqual([]);
    expect(part!.asks).toContain('what');
  });

  it.each([
    ['100 g moonlit ricotta', 'ricotta-fresh'],
    ['200 g veal cheeks', 'beef-shin-raw'],
    ['150 g corn flour', 'maize-meal'],
  ])('%s is asked, %s filled in', (line, id) => {
    const [part] = readRecipe(line, options).parts;
    expect([part!.ids[0], part!.asks.includes('which')]).toEqual([id, true]);
  });

  it.each([
    ['1 cup almond flour', 'almond-ground'],
    ['100 g rice flour', 'flour-rice'],
    ['100 g rye flour', 'flour-rye-light'],
    ['100 g white spelt flour', 'flour-spelt-white'],
    ['200 g fresh full-fat ricotta, at room temperature', 'ricotta-fresh'],
    ['2 tbsp finely chopped fresh parsley', 'herbs-soft'],
    ['100 ml chicken stock', 'stock'],
    ['50 g unsalted butter, melted', 'butter'],
    ['2 cups whole milk', 'milk-whole'],
    ['juice of half a lemon', 'lemon-juice'],
    ['1 heaped tbsp cornflour', 'cornflour'],
  ])('%s is sure', (line, id) => {
    const [part] = readRecipe(line, options).parts;
    expect([part!.ids[0], part!.asks]).toEqual([id, []]);
  });

  it('what a second thing on a line is, though unknown, is asked', () => {
    expect(told('3 carrots, 2 stalks celery').parts.at(-1)).toBe('filling ? ? what howMuch');
  });
});

describe('eggs', () => {
  it.each([
    ['4 large eggs', 232],
    ['4 eggs (medium)', 200],
    ['2 extra-large eggs', 132],
    ['eggs (4)', 232],
    ['half a dozen eggs', 348],
    ['2 small egg yolks', 30],
  ])('%s weigh %s g, by the kitchen’s own grades', (line, g) => {
    expect(Math.round(readRecipe(line, options).parts[0]!.g!)).toBe(g);
  });

  it('of a kitchen that weighs them are its own', () => {
    const egg = { eggG: 53.5, yolkG: 17 };
    expect(readRecipe('2 large eggs', { ...options, egg }).parts[0]!.g).toBe(107);
  });
});

describe('what a line is', () => {
  it.each([
    ['Dough', { kind: 'heading', section: 'dough' }],
    ['For the pasta:', { kind: 'heading', section: 'dough' }],
    ['Spinach and ricotta filling', { kind: 'heading', section: 'filling' }],
    ['TO SERVE', { kind: 'heading', section: 'finish' }],
    ['Directions', { kind: 'heading', section: 'method' }],
    ['For the dough, mix the flour and the eggs until smooth.', { kind: 'leftOut', why: 'method' }],
    ['20 minutes in the fridge', { kind: 'leftOut', why: 'method' }],
    ['50 g parmesan, to serve', { kind: 'leftOut', why: 'finish' }],
    ['6 servings', { kind: 'servings', portions: 6 }],
    ['Serves 4 as a starter', { kind: 'servings', portions: 4 }],
    ['Makes 48', { kind: 'servings', portions: null }],
    ['squeeze of lemon', { kind: 'ingredient' }],
    ['1. 300 g flour', { kind: 'ingredient' }],
    ['ricotta', { kind: 'ingredient' }],
  ] as const)('%s', (line, kind) => {
    expect(lineKind(line)).toEqual(kind);
  });

  it('a name before an amount is no part of a recipe', () => {
    expect(headedLine('Flour: 400 g')).toBeNull();
    expect(headedLine('Filling: 400 g ricotta')).toEqual({
      section: 'filling',
      rest: '400 g ricotta',
    });
  });
});

it('reads two hundred thousand letters of anything in time that grows with them', () => {
  const took = (text: string) => {
    const from = process.cpuUsage();
    readRecipe(text, options);
    return process.cpuUsage(from).user / 1000;
  };
  for (const text of [
    '1 '.repeat(100_000),
    '('.repeat(200_000),
    `${'1 '.repeat(99)}\n`.repeat(1000),
  ]) {
    expect(took(text)).toBeLessThan(15_000);
  }
});
