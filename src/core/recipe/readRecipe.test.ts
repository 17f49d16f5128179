import fc from 'fast-check';
import { startingPantry } from '../composition/pantry';
import { phrasesOf } from './lineAmount';
import { KNOWN_WORDS } from './knownWords';
import { SCOOPED, type ReadOptions } from './grams';
import { readRecipe } from './readRecipe';
import { EACH_G } from './typicalWeights';

const partsOf = (...[text, how]: Parameters<typeof readRecipe>) => [...readRecipe(text, how).parts];

const options: ReadOptions = {
  pantry: startingPantry,
  egg: { eggG: 50, yolkG: 17 },
  cup: 'us',
  flour: 'spooned',
};

const one = (line: string, over: Partial<ReadOptions> = {}) =>
  partsOf(line, { ...options, ...over })[0]!;

describe('what comes in a can, a tub, a bag', () => {
  it.each([
    ['400 g tin of pumpkin', 400],
    ['a 400 g can pumpkin', 400],
    ['one 14-oz can pumpkin', 14 * 28.349523125],
    ['2 14 oz. cans pumpkin', 28 * 28.349523125],
    ['2 (14-ounce) cans pumpkin', 28 * 28.349523125],
    ['1 1/2 lb bag pumpkin', 1.5 * 453.59237],
  ])('%s is %s g of it', (line, g) => {
    const { g: raw, weighedG } = one(line);
    expect(weighedG ?? raw).toBeCloseTo(g, 6);
  });

  it.each(['a can of pumpkin', '2 cans pumpkin', '3 tubs ricotta'])(
    '%s has to be asked',
    (line) => {
      expect(one(line)).toMatchObject({ g: null, asks: ['howMuch'] });
    },
  );

  it('is told as it was counted', () => {
    expect(one('2 14 oz. cans pumpkin').how).toBe('2 of 397 g');
    expect(one('4 oz goat cheese').how).toBe('4 ounces');
    expect(one('1 oz goat cheese').how).toBe('1 ounce');
  });
});

describe('commas', () => {
  const read = (line: string) =>
    partsOf(line, options).map(({ ids, g }) => [ids[0], g && Math.round(g)]);

  it('part ingredients that each have an amount', () => {
    expect(read('400 g 00 flour, 4 eggs, 1 tbsp olive oil')).toEqual([
      ['flour-00', 400],
      ['egg-whole', 200],
      ['oil-olive', 13],
    ]);
    expect(read('ricotta 500 g, parmesan 80 g, 1 yolk')).toEqual([
      ['ricotta-fresh', 500],
      ['hard-cheese-aged', 80],
      ['egg-yolk', 17],
    ]);
  });

  it.each([
    ['500 g squash, 2 cm dice', 1],
    ['500 g ricotta, drained', 1],
    ['1 onion, 150 g', 1],
    ['100 g parmesan, grated, 20 g of it for the table', 1],
    ['1,5 kg squash', 1],
  ])('of %s part nothing', (line, parts) => {
    expect(read(line)).toHaveLength(parts);
  });
});

describe('phrasesOf', () => {
  it.each([
    ['2 ½ cups flour', [[2.5, 'cup']], 'flour'],
    [
      '1 lb 4 oz spinach',
      [
        [1, 'pound'],
        [4, 'ounce'],
      ],
      'spinach',
    ],
    [
      '1 cup plus 2 tablespoons flour',
      [
        [1, 'cup'],
        [2, 'tablespoon'],
      ],
      'flour',
    ],
    ['1,5 kg squash', [[1.5, 'kilogram']], 'squash'],
    ['two eggs', [[2, null]], 'eggs'],
    ['2-3 cloves garlic', [[2.5, null]], 'cloves garlic'],
    ['2 x 250 g tubs ricotta', [[500, 'gram']], 'tubs ricotta'],
    ['- 250 gr semola', [[250, 'gram']], 'semola'],
    ['pinch of nutmeg', [[1, 'pinch']], 'nutmeg'],
    ['salt to taste', [], 'salt to taste'],
  ] as const)('%s', (line, amounts, words) => {
    const [phrase] = phrasesOf(line);
    expect(phrase!.amounts.map(({ n, unit }) => [n, unit])).toEqual(amounts);
    expect(phrase!.words).toBe(words);
  });

  it.each([
    ['8 ounces/225 g ricotta', [[225, 'gram']], 'ricotta'],
    ['225 g / 8 oz ricotta', [[225, 'gram']], 'ricotta'],
    ['- 500g/1lb 2oz flour', [[500, 'gram']], 'flour'],
    ['2 cups/250 g flour', [[250, 'gram']], 'flour'],
    ['1/2 cup milk', [[0.5, 'cup']], 'milk'],
    ['Ricotta 500 g', [[500, 'gram']], 'ricotta'],
    ['Flour: 400 g', [[400, 'gram']], 'flour'],
    ['Parmesan, 80 g', [[80, 'gram']], 'parmesan'],
    ['goat cheese – 4 oz', [[4, 'ounce']], 'goat cheese'],
    ['milk 1 ½ cups', [[1.5, 'cup']], 'milk'],
    ['Eggs: 3', [[3, null]], 'eggs'],
    ['Egg yolks - 4', [[4, null]], 'egg yolks'],
  ] as const)('%s, in other ways than the usual', (line, amounts, words) => {
    const [phrase] = phrasesOf(line);
    expect(phrase!.amounts.map(({ n, unit }) => [n, unit])).toEqual(amounts);
    expect(phrase!.words).toBe(words);
  });

  it('tells two things on a line apart, and leaves out what is for dusting', () => {
    expect(phrasesOf('3 large eggs + 2 yolks').map(({ words }) => words)).toEqual([
      'large eggs',
      'yolks',
    ]);
    expect(phrasesOf('3 cups flour, plus more for dusting')).toHaveLength(1);
  });

  it('takes a weight in brackets', () => {
    expect(phrasesOf('a can of pumpkin (425 g)')[0]!.inBrackets).toEqual({ n: 425, unit: 'gram' });
    expect(phrasesOf('1 (15-ounce) can pumpkin')[0]!.inBrackets).toEqual({ n: 15, unit: 'ounce' });
  });
});

describe('readRecipe', () => {
  it.each([
    ['3 eggs', 150, 'egg-whole'],
    ['2 yolks', 34, 'egg-yolk'],
    ['4 egg yolks', 68, 'egg-yolk'],
    ['2 egg whites', 66, 'egg-white'],
    ['500 g ricotta', 500, 'ricotta-fresh'],
    ['300g 00 flour', 300, 'flour-00'],
    ['1 kg bread flour', 1000, 'flour-bread'],
    ['100 g Parmesan, grated', 100, 'hard-cheese-aged'],
    ['½ cup (60g) grated parmesan', 60, 'hard-cheese-aged'],
    ['1 lb spinach', 454, 'spinach-raw'],
    ['2 cloves garlic', 10, 'garlic-raw'],
    ['100 ml milk', 103, 'milk-whole'],
    ['50 g walnuts', 50, 'walnut'],
    ['butternut squash 900 g', 900, 'squash-raw'],
  ] as const)('%s is %s g of %s', (line, g, id) => {
    const part = one(line);
    expect(part.g === null ? null : Math.round(part.g)).toBe(g);
    expect(part.ids[0]).toBe(id);
  });

  it('reads a cup as whose it is, and flour as it goes into it', () => {
    const cups = (over: Partial<ReadOptions>) => one('2 cups all-purpose flour', over).g!;
    const { densityGPerMl } = startingPantry.ingredients.get('flour-all-purpose')!;
    expect(cups({ cup: 'metric' })).toBeCloseTo(500 * densityGPerMl, 9);
    expect(cups({ cup: 'us' })).toBeCloseTo(2 * 236.588 * densityGPerMl, 2);
    expect(cups({ flour: 'scooped' }) / cups({ flour: 'spooned' })).toBeCloseTo(SCOOPED, 9);
    // Only flour packs by how it is taken.
    expect(one('1 cup milk', { flour: 'scooped' }).g).toBe(one('1 cup milk').g);
  });

  it('asks which flour, and is sure of a named one', () => {
    expect(one('2 cups flour').asks).toEqual(['which']);
    expect(one('200 g plain flour').asks).toEqual([]);
  });

  it('asks what is done to what is never rolled up raw, and takes what is said', () => {
    expect(one('400 g spinach').asks).toEqual(['doneTo']);
    expect(one('400 g spinach').preparation).not.toBe('raw');
    expect(one('400 g spinach, blanched and squeezed')).toMatchObject({
      preparation: 'wilt-squeeze',
      asks: [],
    });
    expect(one('500 g ricotta, drained overnight').preparation).toBe('drain-overnight');
    expect(one('500 g ricotta, drained').asks).toEqual(['doneTo']);
  });

  it('takes a can of purée as the steamed thing it is, weighed', () => {
    const can = one('a can of pumpkin (425 g)');
    expect(can).toMatchObject({ preparation: 'steam', weighedG: 425, ids: ['pumpkin-raw'] });
    expect(can.g! * startingPantry.preparations.get('steam')!.massYield).toBeCloseTo(425, 6);
    expect(one('2 cans pumpkin (425 g)').weighedG).toBe(850);
  });

  it('asks what and how much rather than guess', () => {
    expect(one('300 g frobnitz')).toMatchObject({ ids: [], asks: ['what'], g: 300 });
    expect(one('a jar of artichokes')).toMatchObject({ g: null, asks: ['howMuch'] });
  });

  it('leaves out what nobody weighs, and sentences', () => {
    expect(partsOf('nutmeg to taste\nblack pepper\nMix it well and let it rest.', options)).toEqual(
      [],
    );
  });

  it('goes by headings; without them eggs go with the flour until the filling begins', () => {
    const sides = (text: string) => partsOf(text, options).map(({ side }) => side);
    expect(sides('Dough:\n2 eggs\nFor the filling:\n2 eggs')).toEqual(['dough', 'filling']);
    expect(sides('300 g flour\n3 eggs\n400 g ricotta\n1 egg\n30 g flour')).toEqual([
      'dough',
      'dough',
      'filling',
      'filling',
      'filling',
    ]);
    expect(sides('400 g ricotta\n1 egg')).toEqual(['filling', 'filling']);
    // Written the other way about: the eggs that follow the flour are the dough's.
    expect(sides('500 g ricotta\n1 egg\n400 g flour\n4 eggs\n50 g semolina')).toEqual([
      'filling',
      'filling',
      'dough',
      'dough',
      'dough',
    ]);
    expect(sides('4 eggs\n400 g flour\n500 g ricotta')).toEqual(['dough', 'dough', 'filling']);
    expect(sides('30 g flour\n400 g ricotta\n1 egg')).toEqual(['dough', 'filling', 'filling']);
  });

  it('reads the cook’s own ingredients by name', () => {
    const lake = {
      ...startingPantry.ingredients.get('white-fish-raw')!,
      id: 'own-1',
      name: 'Lake perch raw',
    };
    const pantry = {
      ...startingPantry,
      ingredients: new Map([...startingPantry.ingredients, [lake.id, lake]]),
    };
    expect(one('300 g lake perch', { pantry }).ids).toEqual(['own-1']);
  });

  it('never fails, whatever is pasted', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        for (const part of partsOf(text, options)) {
          expect(part.g === null || (part.g >= 0 && Number.isFinite(part.g))).toBe(true);
        }
      }),
    );
    const words = fc.constantFrom(
      '2',
      '½',
      'cups',
      'g',
      '(',
      ')',
      '+',
      'flour',
      'eggs',
      ',',
      '-',
      'a',
    );
    fc.assert(
      fc.property(fc.array(words, { maxLength: 12 }), (parts) => {
        expect(() => partsOf(parts.join(' '), options)).not.toThrow();
      }),
    );
  });
});

describe('known words', () => {
  it('mean only what is in the pantry, and prepare it in ways that suit it', () => {
    for (const { ids, prepared } of KNOWN_WORDS) {
      for (const id of ids) expect(startingPantry.ingredients.has(id)).toBe(true);
      if (prepared) expect(startingPantry.preparations.has(prepared)).toBe(true);
    }
    for (const id of Object.keys(EACH_G)) expect(startingPantry.ingredients.has(id)).toBe(true);
  });
});
