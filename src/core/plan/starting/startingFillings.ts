import type { Plan } from '../document/schema';

/** A filling to begin from: it stands and pipes as it is written. */
export interface StartingFilling {
  readonly id: string;
  readonly name: string;
  /** What it is like and what suits it, in a line. */
  readonly says: string;
  /** Its colour in the drawings. */
  readonly colour: string;
  readonly parts: Plan['filling']['parts'];
  readonly texture: Plan['filling']['texture'];
}

const part = (id: string, g: number, preparation = 'raw') => ({ id, g, preparation });

/**
 * Fillings offered to begin from, one at least for every diet. A test holds that each is dry enough to
 * close in and that most allergens can be done without.
 */
export const STARTING_FILLINGS: readonly StartingFilling[] = [
  {
    id: 'squashHardCheese',
    name: 'Roast squash and aged cheese',
    says: 'Sweet and dense; stands by itself.',
    colour: '#d08a3e',
    texture: 'mixed',
    parts: [
      part('squash-raw', 900, 'roast-cubes'),
      part('hard-cheese-aged', 90),
      part('breadcrumbs-dry', 40),
      part('salt-fine', 6),
    ],
  },
  {
    id: 'curdGreens',
    name: 'Curd and squeezed greens',
    says: 'Mild; the greens must be wrung hard.',
    colour: '#7f9d70',
    texture: 'mixed',
    parts: [
      part('ricotta-fresh', 500, 'drain-overnight'),
      part('spinach-raw', 400, 'wilt-squeeze'),
      part('hard-cheese-aged', 90),
      part('salt-fine', 6),
    ],
  },
  {
    id: 'curdLemon',
    name: 'Drained curd, lemon and herbs',
    says: 'Light and quick; nothing is cooked.',
    colour: '#e6dfc2',
    texture: 'mixed',
    parts: [
      part('ricotta-fresh', 600, 'drain-overnight'),
      part('hard-cheese-aged', 110),
      part('egg-yolk', 17),
      part('herbs-soft', 15),
      part('citrus-zest', 4),
      part('salt-fine', 6),
    ],
  },
  {
    id: 'potatoLeek',
    name: 'Potato and sweated leek',
    says: 'Plain and filling; hardly ever leaks.',
    colour: '#cfc08a',
    texture: 'coarse',
    parts: [
      part('potato-baked-riced', 500),
      part('leek-raw', 300, 'sweat-open'),
      part('butter', 40),
      part('hard-cheese-ewe', 60),
      part('salt-fine', 7),
    ],
  },
  {
    id: 'mushroomBarley',
    name: 'Mushroom and barley',
    says: 'No animal in it; mushrooms fried until dry.',
    colour: '#8b7355',
    texture: 'minced',
    parts: [
      part('mushroom-raw', 700, 'saute-hard'),
      part('barley-pearl-cooked', 200),
      part('shallot-raw', 80, 'sweat-open'),
      part('oil-olive', 25),
      part('herbs-woody', 4),
      part('salt-fine', 6),
    ],
  },
  {
    id: 'beanMint',
    name: 'Broad bean and mint',
    says: 'No animal and no nuts in it; bright and firm.',
    colour: '#9bb36a',
    texture: 'coarse',
    parts: [
      part('broad-beans-cooked', 450),
      part('potato-baked-riced', 150),
      part('oil-olive', 30),
      part('herbs-soft', 12),
      part('salt-fine', 5),
    ],
  },
  {
    id: 'celeriacTofu',
    name: 'Celeriac, tofu and walnut',
    says: 'No animal in it; roasted, not boiled.',
    colour: '#d8c7a0',
    texture: 'mixed',
    parts: [
      part('celeriac-raw', 600, 'roast-cubes'),
      part('tofu-firm', 200, 'press'),
      part('walnut', 60, 'toast'),
      part('nutritional-yeast', 12),
      part('salt-fine', 6),
    ],
  },
  {
    id: 'beetPoppy',
    name: 'Roast beetroot and poppy seed',
    says: 'Stains all it touches; roasted whole it stays wet, in cubes it does not.',
    colour: '#96304a',
    texture: 'mixed',
    parts: [
      part('beetroot-raw', 700, 'roast-cubes'),
      part('ricotta-fresh', 150, 'drain-overnight'),
      part('breadcrumbs-dry', 35),
      part('poppy-seed', 12, 'toast'),
      part('salt-fine', 6),
    ],
  },
  {
    id: 'braisedMeat',
    name: 'Braised meat',
    says: 'Minced fine for small shapes; keep the liquor for the sauce.',
    colour: '#8d5a44',
    texture: 'minced',
    parts: [
      part('beef-shin-raw', 700, 'braise-shred'),
      part('onion-raw', 200, 'sweat-open'),
      part('hard-cheese-aged', 60),
      part('breadcrumbs-dry', 30),
      part('egg-whole', 50),
      part('salt-fine', 6),
    ],
  },
  {
    id: 'sausageGreens',
    name: 'Sausage and bitter greens',
    says: 'Fried to crumbs and drained of its fat.',
    colour: '#a56b4d',
    texture: 'minced',
    parts: [
      part('sausage-meat-raw', 400, 'fry-crumble'),
      part('wild-greens-raw', 400, 'wilt-squeeze'),
      part('hard-cheese-ewe', 60),
      part('breadcrumbs-dry', 30),
    ],
  },
  {
    id: 'crabLeek',
    name: 'Crab and leek',
    says: 'Delicate and soon wet: press the crab, cook the leek dry.',
    colour: '#e2a98d',
    texture: 'coarse',
    parts: [
      part('crab-cooked', 300),
      part('leek-raw', 250, 'sweat-open'),
      part('breadcrumbs-dry', 45),
      part('mascarpone', 60),
      part('citrus-zest', 3),
      part('salt-fine', 4),
    ],
  },
  {
    id: 'smokedFish',
    name: 'Smoked fish and curd',
    says: 'Nothing is cooked but the piece; salt only after tasting.',
    colour: '#e39a80',
    texture: 'mixed',
    parts: [
      part('salmon-smoked', 160),
      part('ricotta-fresh', 450, 'drain-overnight'),
      part('breadcrumbs-dry', 25),
      part('herbs-soft', 12),
      part('citrus-zest', 3),
    ],
  },
  {
    id: 'squashMustard',
    name: 'Squash, mustard fruit and almond crumbs',
    says: 'Sweet, sharp and bitter; chop the fruit fine, it blocks a piping tip.',
    colour: '#c97b2c',
    texture: 'mixed',
    parts: [
      part('squash-raw', 900, 'roast-cubes'),
      part('hard-cheese-aged', 70),
      part('mustard-fruit', 60),
      part('amaretti-crumbs', 40),
      part('breadcrumbs-dry', 20),
      part('salt-fine', 4),
    ],
  },
];
