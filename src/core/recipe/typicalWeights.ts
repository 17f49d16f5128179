/** What one of a thing weighs as a cook counts it, g: typical, and said to be so. Table. */
export const EACH_G: Readonly<Record<string, number>> = {
  'garlic-raw': 5,
  'shallot-raw': 30,
  'onion-raw': 130,
  'leek-raw': 150,
  'carrot-raw': 80,
  'courgette-raw': 200,
  'aubergine-raw': 300,
  'tomato-raw': 100,
  'apple-raw': 150,
  'beetroot-raw': 120,
  'celeriac-raw': 700,
  'potato-boiled-riced': 150,
  'potato-baked-riced': 150,
  'lemon-juice': 40,
  'citrus-zest': 4,
  'egg-white': 33,
  mozzarella: 125,
};

/** Salt and the like to taste, g: typical, and said to be so. */
export const TO_TASTE_G = 2;

/** What things are bought in. */
export const CONTAINER_WORDS = [
  'can',
  'tin',
  'jar',
  'tub',
  'pack',
  'packet',
  'package',
  'bag',
  'carton',
  'container',
  'bottle',
  'box',
  'ball',
  'block',
  'log',
  'wheel',
  'wedge',
  'punnet',
  'bunch',
  'head',
] as const;
