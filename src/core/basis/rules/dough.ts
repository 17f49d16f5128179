import { defineRules } from '../rule';

const BAND = 'between the stiffest and the softest doughs that cooks roll';
const KNEADING = 'how soon a dough is smooth by hand, mixer or processor';
const REST = 'how long a kneaded ball springs back from a poke';
const STRENGTH = 'how long a strip hangs before it tears; a hanging strip measures it';

/** Rules of the dough: the water it wants, how it is worked and rested, what it bears. */
export const doughRules = defineRules({
  'dough.target.base': [0.49, 0.01, 'share', 'water doughs near 49 %'],
  'dough.target.eggDrop': [0.085, 0.01, 'share', 'egg sets a dough stiffer than its water says'],
  'dough.target.eggFull': [0.12, 0.01, 'share', 'egg solids of a whole-egg dough, to its flour'],
  'dough.target.fat': [0.25, 0.08, 'ratio', 'fat makes a dough supple without making it sticky'],
  'dough.band.fat': [0.5, 0.12, 'ratio', 'fat carries a dry dough'],
  'dough.band.low': [0.045, 0.01, 'share', BAND],
  'dough.band.high': [0.04, 0.01, 'share', BAND],
  'dough.band.rich': [0.6, 0.2, 'ratio', 'fat beyond a whole-egg dough’s carries a soft one too'],
  'dough.band.richFrom': [0.05, 0.01, 'share', 'fat of a whole-egg dough, to its flour'],
  'dough.band.asItShouldBe': [0.02, 0.005, 'share', 'what no hand tells from the target'],
  'dough.band.edge': [0.04, 0.01, 'share', 'so far outside, a few pinches or drops still mend it'],
  'dough.style.plain': [0, 0, 'share', 'no shift'],
  'dough.style.benchFlourFree': [-0.02, 0.005, 'share', 'drier, so that it needs no dusting'],
  'dough.style.rolledByPin': [0.015, 0.005, 'share', 'softer, so that arms can roll it'],
  'dough.gluten.reference': [0.095, 0.005, 'share', 'gluten of a sheet of fine wheat flour'],
  'dough.gluten.weak': [0.5, 0.1, 'ratio', 'under half of a wheat sheet it hardly lifts'],
  'dough.knead.tau.hand': [3.5, 0.8, 'min', KNEADING],
  'dough.knead.tau.mixer': [2.5, 0.6, 'min', KNEADING],
  'dough.knead.tau.processor': [0.4, 0.1, 'min', KNEADING],
  'dough.knead.fold': [0.04, 0.015, 'share', 'what a letter fold at the widest setting adds'],
  'dough.knead.enough': [0.9, 0.03, 'share', KNEADING],
  'dough.rest.tau': [15, 4, 'min', REST],
  'dough.rest.doubling': [10, 2, 'C', 'rest takes twice as long for every so many degrees colder'],
  'dough.rest.enough': [0.2, 0.05, 'share', REST],
  'dough.ready': [0.9, 0.05, 'share', 'nearly ready rolls, with some spring'],
  'dough.strength': [25, 8, 'kPa', STRENGTH],
  'dough.strength.gluten': [1.5, 0.3, 'ratio', STRENGTH],
  'dough.strength.wet': [0.06, 0.02, 'share', STRENGTH],
  'dough.strength.fat': [0.6, 0.2, 'ratio', 'fat shortens the gluten'],
  'dough.stretch': [0.8, 0.2, 'share', 'how far a rested corner draws out before it tears'],
  'dough.stretch.dry': [0.06, 0.02, 'share', 'dry doughs crack at the fold'],
  'dough.holdBack.egg': [0.06, 0.02, 'share', 'how far counted eggs may be off in their water'],
  'dough.holdBack.sealed': [
    0.01,
    0.005,
    'share',
    'how far the moisture of sealed flour may be off',
  ],
  'dough.holdBack.open': [0.015, 0.005, 'share', 'how far the moisture of open flour may be off'],
  'dough.pinch.least': [5, 1, 'g', 'a small pinch of flour between three fingers'],
  'dough.pinch.most': [10, 2, 'g', 'a large pinch of flour'],
  'dough.eggs.float': [
    0.03,
    0.01,
    'share',
    'dough that a batch may be larger by, to come to whole eggs',
  ],
  'dough.eggs.small': [4, 1, 'count', 'under so many eggs a batch is made up to whole ones'],
  'dough.eggs.hydrationUnit': [
    0.025,
    0.008,
    'share',
    'so much off in hydration counts as one step',
  ],
  'dough.eggs.yolkUnit': [0.1, 0.03, 'share', 'so much off in yolk share counts as one step'],
  'dough.eggs.waterUnit': [0.1, 0.03, 'share', 'so much off in plain water counts as one step'],
  'dough.eggs.worst': [1.5, 0.3, 'ratio', 'further off, eggs are better beaten and weighed'],
});
