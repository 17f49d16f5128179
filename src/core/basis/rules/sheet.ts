import { defineRules } from '../rule';

const PACE = 'sheet through the rollers at an even pace';
const HANDS = 'lifting, turning and feeding a strip once';
const DUST = 'what stays of flour strewn on a bench';
const AIR = 'how well air carries water off a face';

/** Rules of the sheet: the roller, the passes, drying, dust. */
export const sheetRules = defineRules({
  'sheet.springBack': [0.35, 0.1, 'share', 'a strip test shows the truth'],
  'sheet.springBack.rested': [0.2, 0.05, 'share', 'what a rested dough still springs back'],
  'sheet.springBack.again': [0.5, 0.1, 'share', 'what a second pass at one setting leaves of it'],
  'sheet.speed.slow': [0.85, 0.05, 'ratio', 'slow cranking leaves a thinner sheet'],
  'sheet.speed.even': [1, 0, 'ratio', 'the measure of the others'],
  'sheet.speed.fast': [1.2, 0.08, 'ratio', 'fast cranking leaves a thicker sheet'],
  'sheet.air.still': [0.0035, 0.001, 'mPerS', AIR],
  'sheet.air.fan': [0.008, 0.002, 'mPerS', AIR],
  'sheet.open.face': [0.96, 0.01, 'share', 'the air at the face of a moist sheet'],
  'sheet.open.gone': [
    0.04,
    0.012,
    'share',
    'with so much of its water gone a face no longer seals',
  ],
  'sheet.band.slack': [0.05, 0.01, 'mm', 'no dial is set finer, no strip test tells'],
  'sheet.setting.same': [0.06, 0.02, 'share', 'what a strip test resolves'],
  'sheet.portion': [220, 60, 'g', 'what two hands roll with ease'],
  'sheet.pace.crank': [110, 30, 'mmPerS', PACE],
  'sheet.pace.powered': [150, 40, 'mmPerS', PACE],
  'sheet.pace.sheeter': [250, 60, 'mmPerS', PACE],
  'sheet.pace.pin': [25, 8, 'mmPerS', 'a pin goes to and fro'],
  'sheet.pace.slow': [0.65, 0.1, 'ratio', PACE],
  'sheet.pace.even': [1, 0, 'ratio', PACE],
  'sheet.pace.fast': [1.5, 0.2, 'ratio', PACE],
  'sheet.hands.crank': [4, 1, 's', HANDS],
  'sheet.hands.powered': [3, 1, 's', HANDS],
  'sheet.hands.sheeter': [3, 1, 's', HANDS],
  'sheet.hands.pin': [4, 1, 's', HANDS],
  'sheet.rough': [10, 2, 'mm', 'a portion patted out before the widest setting'],
  'sheet.dust.workedIn.semolina': [0.1, 0.05, 'share', DUST],
  'sheet.dust.workedIn.granular': [0.2, 0.07, 'share', DUST],
  'sheet.dust.workedIn.fine': [0.55, 0.15, 'share', DUST],
  'sheet.dust.onPiece.semolina': [0.1, 0.04, 'share', DUST],
  'sheet.dust.onPiece.granular': [0.15, 0.05, 'share', DUST],
  'sheet.dust.onPiece.fine': [0.35, 0.1, 'share', DUST],
  'sheet.dust.slip': [10, 3, 'g', 'flour left on a kilogram of dough that is felt as a slick film'],
  'sheet.reroll.dried': [0.02, 0.01, 'share', 'water that trim loses on the bench'],
  'sheet.reroll.kneaded': [0.1, 0.04, 'share', 'what kneading trim together adds'],
  'sheet.light.hand': [0.9, 0.1, 'mm', 'the thickest sheet that a hand shows through'],
  'sheet.light.print': [0.6, 0.08, 'mm', 'the thickest sheet that print reads through'],
  'sheet.light.coarse': [0.2, 0.05, 'share', 'how coarse the light test is'],
});
