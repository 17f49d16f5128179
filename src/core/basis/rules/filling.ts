import { defineRules } from '../rule';

const GRADE = 'what drips from a sieve, what stands, what weeps on a tray';
const STIFF = 'spoon tests of fillings by their free water; a spoon test replaces it';
const TEXTURE = 'coarse mash stands, a blended one flows';
const TASTE = 'more than this and the filling tastes of it';

/** Rules of the filling: its water, how it stands, how it is handled. */
export const fillingRules = defineRules({
  'filling.free.firm': [0.02, 0.005, 'share', GRADE],
  'filling.free.workable': [0.05, 0.01, 'share', GRADE],
  'filling.free.wet': [0.1, 0.02, 'share', GRADE],
  'filling.stiffness': [900, 300, 'Pa', STIFF],
  'filling.stiffness.water': [20, 5, 'perShare', STIFF],
  'filling.stiffness.at': [0.02, 0.005, 'share', STIFF],
  'filling.stiffness.least': [20, 10, 'Pa', 'softer is no paste but a liquid'],
  'filling.texture.coarse': [1.3, 0.2, 'ratio', TEXTURE],
  'filling.texture.mixed': [1, 0.15, 'ratio', TEXTURE],
  'filling.texture.minced': [0.9, 0.15, 'ratio', TEXTURE],
  'filling.texture.blended': [0.5, 0.15, 'ratio', TEXTURE],
  'filling.lump.coarse': [6, 2, 'mm', TEXTURE],
  'filling.lump.mixed': [4, 1, 'mm', TEXTURE],
  'filling.lump.minced': [3, 1, 'mm', TEXTURE],
  'filling.lump.blended': [1, 0.5, 'mm', TEXTURE],
  'filling.pipe.lumpOfTip': [
    1 / 3,
    0.05,
    'share',
    'a tip passes lumps up to a third of its opening',
  ],
  'filling.pipe.least': [120, 40, 'Pa', 'softer runs from the bag by itself'],
  'filling.pipe.most': [2600, 600, 'Pa', 'stiffer wants more than a hand’s squeeze'],
  'filling.stand.stands': [1.05, 0.03, 'ratio', 'settled hardly wider than laid'],
  'filling.stand.settles': [1.33, 0.1, 'ratio', 'settled a third wider than laid'],
  'filling.limit.crumbs': [0.08, 0.02, 'share', TASTE],
  'filling.limit.potato': [0.15, 0.03, 'share', TASTE],
  'filling.limit.hardCheese': [0.25, 0.05, 'share', TASTE],
  'filling.limit.starch': [0.03, 0.01, 'share', TASTE],
  'filling.egg.least': [0.04, 0.01, 'share', 'less egg does not bind'],
  'filling.egg.most': [0.08, 0.02, 'share', 'more egg loosens it and tastes of egg'],
  'filling.panDrying': [0.02, 0.006, 'gPerMinCm2', 'water off a wide pan at a lively heat'],
  'filling.heaped': [1.6, 0.2, 'ratio', 'a heaped spoon to a level one'],
  'filling.meets.warm': [30, 5, 'C', 'warmer, it steams and softens the sheet'],
  'filling.cool.open': [
    20,
    5,
    'WPerM2K',
    'heat off an open moist face: air, radiation, evaporation',
  ],
  'filling.cool.covered': [5, 2, 'WPerM2K', 'heat off a covered pan'],
  'filling.cool.shelf': [8, 2, 'WPerM2K', 'heat out under a pan on a wire shelf'],
  'filling.cool.board': [3, 1, 'WPerM2K', 'heat out under a pan on a board'],
  'filling.cool.ice': [150, 40, 'WPerM2K', 'heat out under a pan in an ice bath'],
});
