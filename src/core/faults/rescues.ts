import type { SignId } from './signs';
import { within, type Stage } from './stages';

/** What can still be done with the dough, the sheet, the trays at hand. */
export interface Rescue {
  readonly id: string;
  readonly signs: readonly SignId[];
  /** Stages at which there is still something to save. */
  readonly when: readonly [Stage, Stage];
  readonly does: string;
  /** It is what not to do. */
  readonly never?: true;
  readonly caution?: string;
}

/** Every rescue there is, the best first. A further one is one more entry. */
export const RESCUES: readonly Rescue[] = [
  {
    id: 'pinches',
    signs: ['sticky', 'sticksInRoller'],
    when: ['dough', 'shape'],
    does: 'Dust flour over the dough by pinches and fold each in; stop as soon as it lets go of the hand.',
  },
  {
    id: 'chill',
    signs: ['sticky', 'sticksInRoller', 'slides'],
    when: ['dough', 'shape'],
    does: 'Wrap it and chill it for ten minutes: a warm dough firms without any flour.',
  },
  {
    id: 'wetHands',
    signs: ['crumbly', 'cracksAtFold', 'tearsInRoller'],
    when: ['dough', 'sheet'],
    does: 'Fold the dough with wet hands, twice or three times; wrap it ten minutes and feel again.',
  },
  {
    id: 'restNow',
    signs: ['springsBack', 'tearsInRoller', 'crumbly'],
    when: ['dough', 'sheet'],
    does: 'Wrap it airtight and leave it twenty minutes; go on with the filling meanwhile.',
  },
  {
    id: 'backToWidest',
    signs: ['tearsInRoller', 'streaks', 'grains'],
    when: ['sheet', 'sheet'],
    does: 'Fold the strip in three, go back to the widest setting, and come down step by step.',
    caution: 'Fingers, hair and sleeves away from a powered roller.',
  },
  {
    id: 'cutCrust',
    signs: ['grains'],
    when: ['dough', 'sheet'],
    does: 'Cut the dry skin away before you roll on; sieve nothing, knead nothing in.',
  },
  {
    id: 'noodles',
    signs: ['grey', 'grains', 'doughLeft'],
    when: ['sheet', 'end'],
    does: 'Cut it to ribbons or soup squares: what closes badly can still be boiled well.',
    caution: 'Only dough that smells clean and was kept cold. When in doubt, throw it away.',
  },
  {
    id: 'mist',
    signs: ['wontSeal', 'cracksAtFold'],
    when: ['shape', 'shape'],
    does: 'Brush the lips clean, mist or wet them with a fingertip, wait a moment, press again.',
  },
  {
    id: 'blot',
    signs: ['slides'],
    when: ['shape', 'shape'],
    does: 'Blot the lips with a cloth and wait a minute before you press.',
  },
  {
    id: 'smallerMounds',
    signs: ['runsIntoLip', 'pokesThrough'],
    when: ['shape', 'shape'],
    does: 'Take a third off each mound that is not closed yet, push it to the middle, and wipe the lip.',
  },
  {
    id: 'chillFilling',
    signs: ['runsIntoLip', 'wetPatches'],
    when: ['filling', 'shape'],
    does: 'Drain or squeeze the filling that is left, chill it, and fold in crumbs or hard cheese.',
    caution: 'Keep it at 5 °C or below while it drains.',
  },
  {
    id: 'patch',
    signs: ['pokesThrough'],
    when: ['shape', 'shape'],
    does: 'Lay a wetted scrap of sheet over a small hole and press it round.',
  },
  {
    id: 'freezeNow',
    signs: ['wetPatches', 'sticksToTray', 'runsIntoLip'],
    when: ['shape', 'tray'],
    does: 'Freeze the trays flat, now: what is hard seeps no further, and comes loose by itself.',
    caution: 'At −18 °C; cooked from frozen, never thawed.',
  },
  {
    id: 'turnOver',
    signs: ['wetPatches', 'sticksToTray'],
    when: ['tray', 'tray'],
    does: 'Turn each piece onto dry semolina or a cloth, wet side up.',
  },
  {
    id: 'blade',
    signs: ['sticksToTray'],
    when: ['tray', 'tray'],
    does: 'Slide a thin blade or a scraper under each, dipped in flour.',
    caution: 'Blades slip: move away from the hand.',
  },
  {
    id: 'boilFirst',
    signs: ['wetPatches', 'sticksToTray'],
    when: ['tray', 'tray'],
    does: 'Boil the wettest tray first, gently, and keep it in its sauce.',
  },
  {
    id: 'prick',
    signs: ['pops', 'floatsHigh'],
    when: ['shape', 'pot'],
    does: 'Prick the bubbles of those not boiled yet with a needle, and pinch each hole shut.',
    caution: 'Keep your face away from a piece that is blowing up: it throws hot water.',
  },
  {
    id: 'simmer',
    signs: ['pops', 'tearsInPot', 'opensAtLip', 'floatsHigh'],
    when: ['pot', 'pot'],
    does: 'Turn the pot down until it only trembles, and put in half as many at once.',
    caution: 'Steam and boiling water scald.',
  },
  {
    id: 'pinchAgain',
    signs: ['opensAtLip', 'hardEdge', 'wontSeal'],
    when: ['shape', 'pot'],
    does: 'Pinch round the rims of those not boiled yet, with a wet fingertip where they gape.',
  },
  {
    id: 'inTheSauce',
    signs: ['opensAtLip', 'tearsInPot', 'pops', 'mushyFace', 'sticksTogether'],
    when: ['tray', 'plate'],
    does: 'Cook loose and torn ones in the sauce in a wide pan, where nothing washes them out.',
    caution: 'A filling of meat, fish or egg must still be hot in its middle.',
  },
  {
    id: 'asSoup',
    signs: ['opensAtLip', 'tearsInPot', 'mushyFace'],
    when: ['pot', 'end'],
    does: 'Serve what is beyond saving in broth: what ran out seasons it.',
  },
  {
    id: 'longer',
    signs: ['coldMiddle', 'hardEdge'],
    when: ['pot', 'plate'],
    does: 'Two minutes more in the simmering sauce, lid on; then test one in its middle.',
    caution: 'A filling with meat, fish or egg: by a thermometer, its safe core temperature.',
  },
  {
    id: 'doubleBoilNever',
    signs: ['coldMiddle', 'hardEdge', 'opensAtLip', 'mushyFace'],
    when: ['pot', 'plate'],
    never: true,
    does: 'Never boil plated pieces a second time: the face goes before the middle warms. The sauce does it.',
  },
  {
    id: 'refreezeNever',
    signs: ['sticksTogether', 'sticksToTray', 'wetPatches'],
    when: ['tray', 'end'],
    never: true,
    does: 'Never freeze again what has thawed, and never leave it to thaw on purpose.',
    caution: 'Food safety: cook it at once or throw it away.',
  },
  {
    id: 'part',
    signs: ['sticksTogether'],
    when: ['tray', 'pot'],
    does: 'Part frozen ones with a knock on the bag; let fresh ones part in the water, by a spoon’s back.',
  },
  {
    id: 'rinse',
    signs: ['slickFilm'],
    when: ['pot', 'plate'],
    does: 'Change the water, brush the rest off before they go in, and finish the slick ones in their sauce.',
    caution: 'Pour hot water away from you, in small lots.',
  },
  {
    id: 'freezeFilling',
    signs: ['fillingLeft'],
    when: ['end', 'end'],
    does: 'Freeze the filling flat today, or loosen it with stock into a sauce or a gratin.',
    caution: 'Only what stayed cold: two hours out of it, all told, at the most.',
  },
  {
    id: 'smallDough',
    signs: ['fillingLeft'],
    when: ['end', 'end'],
    does: 'Make a small dough beside it, whole eggs by the plan’s own recipe, or roll the trim once more.',
  },
];

/** What can be done now for some signs, what must not be done last. */
export const rescuesFor = (signs: readonly SignId[], stage: Stage): Rescue[] =>
  RESCUES.filter(
    (rescue) => rescue.signs.some((sign) => signs.includes(sign)) && within(stage, rescue.when),
  ).sort((a, b) => Number(a.never ?? false) - Number(b.never ?? false));
