import type { Feel } from '../dough/feel';
import type { WayId } from '../run/ways';
import type { Batch } from './batch';
import { STAGES, type Stage } from './stages';

/** Something a cook sees that is wrong. */
export interface Sign {
  readonly stage: Stage;
  /** As a cook says it. */
  readonly name: string;
  /** What it looks and feels like: carries as much as its picture. */
  readonly looks: string;
  /** The feel it is, where the bench asks for one. */
  readonly feel?: Feel;
  /** The way pieces go wrong that it is, where the bench counts one. */
  readonly way?: WayId;
  /** How likely a batch shows it, 0 to 1, by what the model says of it. */
  readonly shows: (batch: Batch) => number;
}

/** 0 well below `at`, 1 well above, over about `width` either way. */
const over = (value: number, at: number, width: number): number =>
  1 / (1 + Math.exp((-4 * (value - at)) / width));

const under = (value: number, at: number, width: number): number => over(-value, -at, width);

/** That at least one of several shows. */
const either = (...chances: readonly number[]): number =>
  1 - chances.reduce((none, chance) => none * (1 - chance), 1);

/** How far a dough is over what it can be, share of flour; below 0 while it is not. */
const wetBy = ({ made: { dough } }: Batch) => dough.hydration - dough.high;

/** The same of a dry one. */
const dryBy = ({ made: { dough } }: Batch) => dough.low - dough.hydration;

const lipOf = ({ made: { piece }, slips }: Batch) =>
  Math.max(0, piece.made.lipMm - slips.offMm) / piece.made.neededLipMm;

const sealOf = ({ made: { hold, basis } }: Batch) =>
  hold.sealFactor / basis.rules['seal.holds'].value;

const heldOf = ({ made: { hold } }: Batch) =>
  hold.minutesToTacky === null ? 9 : hold.minutesToTacky / Math.max(1, hold.plannedMin);

const burstOf = ({ made: { boil } }: Batch) =>
  boil.burst.growth > 0 ? boil.burst.room / boil.burst.growth : 9;

const potOf = ({ made: { boil }, slips }: Batch) => boil.potMin * slips.potShare;

/** What the sauce still cooks, in minutes of the pot. */
const inSauce = ({ made: { basis, plan } }: Batch) =>
  basis.rules['boil.sauce'].value * plan.boil.sauceMin;

/** What the dough that is made gives in pieces, against what the filling that is made gives. */
const doughAgainstFilling = ({ meant, made, slips }: Batch) => {
  const dough = meant.piece.made.doughG / made.piece.made.doughG;
  const trim = slips.trim === 'setAside' && meant.plan.batch.rerolls > 0 ? 0.85 : 1;
  const filling = (slips.fillingShare * meant.piece.input.doseG) / made.piece.input.doseG;
  return (dough * trim) / filling;
};

/** Every sign there is. A further one is one more entry. */
export const SIGNS = {
  sticky: {
    stage: 'dough',
    name: 'The dough sticks to my hands',
    looks: 'It clings to fingers and board, shines, and leaves a film when it is pulled away.',
    feel: 'sticky',
    shows: (batch) =>
      either(
        over(wetBy(batch), 0.008, 0.02),
        under(batch.made.dough.ready.kneaded, 0.75, 0.2),
        over(batch.made.plan.dough.roomC, 27, 3),
      ),
  },
  crumbly: {
    stage: 'dough',
    name: 'The dough crumbles',
    looks: 'Dry flakes will not come together, or it falls apart where it is pressed.',
    feel: 'crumbly',
    shows: (batch) =>
      either(
        over(dryBy(batch), 0.008, 0.02),
        // Bran drinks slowly.
        0.8 *
          over(batch.made.dough.character.blend.absorption, 0.03, 0.02) *
          under(batch.made.plan.dough.work.restMin, 20, 10),
      ),
  },
  springsBack: {
    stage: 'sheet',
    name: 'The sheet springs back',
    looks:
      'It draws together behind the roller, shorter and thicker than the setting should leave it.',
    feel: 'springsBack',
    shows: ({ made: { dough, plan }, slips }) =>
      either(
        over(dough.ready.relaxationLeft, 0.35, 0.2),
        plan.sheet.speed === 'fast' ? 0.5 : 0,
        slips.overworked ? 0.7 : 0,
      ),
  },
  streaks: {
    stage: 'sheet',
    name: 'Streaks in the sheet',
    looks: 'Pale and yellow bands run along it; it is not one colour.',
    feel: 'streaky',
    shows: ({ made: { dough } }) => under(dough.ready.development, 0.8, 0.15),
  },
  grains: {
    stage: 'sheet',
    name: 'Grains in the sheet',
    looks:
      'Small hard bits that do not roll out, felt by a fingertip, some with a tear beside them.',
    feel: 'grainy',
    shows: ({ slips }) => (slips.crust ? 0.8 : 0.01),
  },
  grey: {
    stage: 'sheet',
    name: 'The dough has gone grey',
    looks: 'Dull, greenish or with dark specks, darker outside than within.',
    shows: ({ slips, made }) => (made.dough.hasEgg ? over(slips.doughH, 26, 10) : 0.01),
  },
  tearsInRoller: {
    stage: 'sheet',
    name: 'It tears in the roller',
    looks: 'Holes or a ragged edge come out of the rollers, mostly at the narrower settings.',
    shows: (batch) =>
      either(
        batch.slips.pass === 'even' ? 0 : 0.8,
        0.6 * over(dryBy(batch), 0.012, 0.02),
        0.7 * over(batch.made.dough.ready.relaxationLeft, 0.5, 0.2),
        batch.slips.crust ? 0.2 : 0,
        batch.slips.overworked ? 0.2 : 0,
      ),
  },
  sticksInRoller: {
    stage: 'sheet',
    name: 'It sticks in the roller',
    looks: 'It clings to the rollers or wrinkles as it leaves them.',
    shows: (batch) =>
      either(
        0.8 * over(wetBy(batch), 0.008, 0.02),
        0.6 * over(batch.made.plan.dough.roomC, 28, 3),
        batch.made.sheet.dust.usedG > 0 || ['dry', 'stiff'].includes(batch.made.dough.feel)
          ? 0
          : batch.made.dough.feel === 'on target'
            ? 0.32
            : 0.7,
      ),
  },
  cracksAtFold: {
    stage: 'shape',
    name: 'It cracks where it is folded',
    looks: 'The face splits white along the fold or round the mound.',
    feel: 'cracking',
    shows: (batch) =>
      either(
        0.8 * over(dryBy(batch), 0.008, 0.02),
        0.8 * over(usedOfOpen(batch), 1.2, 0.5),
        batch.made.plan.hold.faces === 'floured' ? 0.2 : 0,
      ),
  },
  runsIntoLip: {
    stage: 'shape',
    name: 'The filling runs into the lip',
    looks: 'The mound spreads by itself, or is pressed out towards the edge as it is closed.',
    shows: (batch) => under(lipOf(batch), 0.75, 0.3),
  },
  pokesThrough: {
    stage: 'shape',
    name: 'The filling pokes through',
    looks: 'A corner or a lump shows through the dough over the mound, or tears it.',
    shows: ({ made: { piece, basis }, slips }) =>
      either(
        under(piece.made.overTopMm / basis.rules['shape.tears'].value, 1.05, 0.3),
        over(slips.lumpMm, 5, 2),
      ),
  },
  wontSeal: {
    stage: 'shape',
    name: 'It will not seal',
    looks: 'The faces lie on each other and peel apart again.',
    shows: (batch) => under(sealOf(batch), 1.45, 0.4),
  },
  slides: {
    stage: 'shape',
    name: 'The faces slide and tack',
    looks: 'Wet and slippery: the upper face moves on the lower one, and fingers stick.',
    shows: ({ made: { plan } }) => (plan.hold.medium === 'tooWet' ? 0.9 : 0.01),
  },
  wetPatches: {
    stage: 'tray',
    name: 'Wet patches on the tray',
    looks: 'Under the pieces it is dark and damp; the dough is glassy over the filling.',
    shows: (batch) => under(heldOf(batch), 1.05, 0.4),
  },
  sticksToTray: {
    stage: 'tray',
    name: 'Pieces stick to the tray',
    looks: 'They come up with a torn bottom, or leave dough behind.',
    way: 'wet',
    shows: (batch) =>
      either(
        0.9 * under(heldOf(batch), 0.95, 0.3),
        under(batch.made.hold.wetKPa / batch.made.hold.pullKPa, 1.1, 0.5),
        batch.slips.thawed ? 0.6 : 0,
        batch.made.plan.hold.surface === 'bare' ? 0.3 : 0,
      ),
  },
  sticksTogether: {
    stage: 'tray',
    name: 'Pieces stick to each other',
    looks: 'Neighbours have grown together and tear when they are parted.',
    way: 'stuck',
    shows: ({ slips }) =>
      either(slips.apart ? 0 : 0.8, slips.crowded ? 0.5 : 0, slips.thawed ? 0.3 : 0),
  },
  opensAtLip: {
    stage: 'pot',
    name: 'Pieces open at the lip',
    looks: 'The edge gives way and the filling clouds the water.',
    way: 'lip',
    shows: (batch) => either(under(lipOf(batch), 0.6, 0.25), under(sealOf(batch), 1.15, 0.35)),
  },
  pops: {
    stage: 'pot',
    name: 'Pieces pop, full of air',
    looks: 'They blow up like a cushion, ride high, and burst.',
    way: 'popped',
    // What opens with little air in it opens quietly.
    shows: (batch) => under(burstOf(batch), 1, 0.3) * over(batch.made.hold.air, 0.03, 0.03),
  },
  tearsInPot: {
    stage: 'pot',
    name: 'The skin tears over the filling',
    looks: 'The edge holds; the face over the mound is torn.',
    way: 'torn',
    shows: (batch) => {
      const { made, slips } = batch;
      const thin = made.piece.made.overTopMm / made.basis.rules['shape.tears'].value;
      const rolling = made.plan.boil.style === 'rolling';
      return either(
        under(thin, rolling ? 1.9 : 1.1, 0.4),
        over(potOf(batch), made.boil.skinStandsMin, 2),
        0.4 * over(slips.lumpMm, 5, 2),
        rolling ? 0.15 : 0,
      );
    },
  },
  floatsHigh: {
    stage: 'pot',
    name: 'Pieces float high and lopsided',
    looks: 'A blister of air on one side lifts it half out of the water.',
    shows: ({ made: { hold } }) => over(hold.air, 0.07, 0.05),
  },
  hardEdge: {
    stage: 'plate',
    name: 'The edge is hard',
    looks: 'The face is done, the doubled rim is chewy, with a white line where it is cut.',
    way: 'hardEdge',
    shows: (batch) => {
      const { made, slips } = batch;
      const needs = made.boil.edgeMin * slips.edgeLeft ** 2;
      return over(needs / Math.max(0.1, potOf(batch) + inSauce(batch)), 1.2, 0.4);
    },
  },
  coldMiddle: {
    stage: 'plate',
    name: 'The middle is cold',
    looks: 'Steam from the edge and none from the filling; a thermometer says so.',
    way: 'coldMiddle',
    shows: (batch) => {
      // A pot off the boil takes its time.
      const needs = ((batch.slips.crowded ? 1.4 : 1) * (batch.made.boil.coreS ?? 3600)) / 60;
      return over(needs / Math.max(0.1, potOf(batch) + inSauce(batch)), 1.25, 0.3);
    },
  },
  mushyFace: {
    stage: 'plate',
    name: 'The face is mushy',
    looks: 'It gives like wet paper, and the shape slumps on the plate.',
    way: 'mushy',
    shows: (batch) =>
      either(
        over(potOf(batch) / batch.made.boil.skinStandsMin, 0.85, 0.4),
        0.5 * under(heldOf(batch), 0.9, 0.3),
      ),
  },
  slickFilm: {
    stage: 'plate',
    name: 'A slick film on the pieces',
    looks: 'Slippery and gluey outside; the water turned cloudy at once.',
    shows: ({ made: { sheet } }) => (sheet.dust.slip ? 0.85 : 0.02),
  },
  fillingLeft: {
    stage: 'end',
    name: 'Much filling is left',
    looks: 'The dough is used up and the bowl is not.',
    shows: (batch) => under(doughAgainstFilling(batch), 0.88, 0.08),
  },
  doughLeft: {
    stage: 'end',
    name: 'Much dough is left',
    looks: 'The filling is used up and there is dough for many more.',
    shows: (batch) => over(doughAgainstFilling(batch), 1.13, 0.08),
  },
} as const satisfies Readonly<Record<string, Sign>>;

export type SignId = keyof typeof SIGNS;

export const SIGN_IDS = Object.keys(SIGNS) as [SignId, ...SignId[]];

/** The latest stage at which one of some signs is seen. `stageOfSigns(['sticky', 'pops'])` → `'pot'` */
export const stageOfSigns = (signs: readonly SignId[]): Stage =>
  STAGES.findLast((stage) => signs.some((sign) => SIGNS[sign].stage === stage)) ?? 'end';

/** Minutes that the faces lie open, of those they stay open. */
function usedOfOpen({ made: { sheet } }: Batch): number {
  return sheet.fill.openMin > 0 ? sheet.fill.fillMin / sheet.fill.openMin : 0;
}
