import { airLeft } from './causes/airLeft';
import { bigEggs } from './causes/bigEggs';
import { boiledAsFresh } from './causes/boiledAsFresh';
import { boiledHard } from './causes/boiledHard';
import { crowdedPot } from './causes/crowdedPot';
import { crust } from './causes/crust';
import { dampDay } from './causes/dampDay';
import { driedSheet } from './causes/driedSheet';
import { dryDay } from './causes/dryDay';
import { dryDough } from './causes/dryDough';
import { drySeal } from './causes/drySeal';
import { edgeNotPressed } from './causes/edgeNotPressed';
import { fillingOnLip } from './causes/fillingOnLip';
import { fineFlour } from './causes/fineFlour';
import { flouredFaces } from './causes/flouredFaces';
import { foldedNarrow } from './causes/foldedNarrow';
import { heldTooLong } from './causes/heldTooLong';
import { liftedEarly } from './causes/liftedEarly';
import { looseFilling } from './causes/looseFilling';
import { lumps } from './causes/lumps';
import { noDust } from './causes/noDust';
import { offCentre } from './causes/offCentre';
import { oldDough } from './causes/oldDough';
import { overBlended } from './causes/overBlended';
import { overcooked } from './causes/overcooked';
import { overfilled } from './causes/overfilled';
import { overworked } from './causes/overworked';
import { rolledFast } from './causes/rolledFast';
import { skippedSetting } from './causes/skippedSetting';
import { smallEggs } from './causes/smallEggs';
import { smoothSurface } from './causes/smoothSurface';
import { thawed } from './causes/thawed';
import { thickSheet } from './causes/thickSheet';
import { thinSheet } from './causes/thinSheet';
import { thirstyFlour } from './causes/thirstyFlour';
import { tooLittleFilling } from './causes/tooLittleFilling';
import { tooMuchFilling } from './causes/tooMuchFilling';
import { tooMuchWater } from './causes/tooMuchWater';
import { touching } from './causes/touching';
import { trimAside } from './causes/trimAside';
import { underfilled } from './causes/underfilled';
import { underKneaded } from './causes/underKneaded';
import { unrested } from './causes/unrested';
import { warmFilling } from './causes/warmFilling';
import { warmRoom } from './causes/warmRoom';
import { wetDough } from './causes/wetDough';
import type { Cause } from './cause';

/** Every cause there is, in the order of the work. A further one is one file and one line here. */
export const CAUSES = {
  wetDough,
  bigEggs,
  dampDay,
  warmRoom,
  underKneaded,
  dryDough,
  smallEggs,
  dryDay,
  thirstyFlour,
  unrested,
  overworked,
  rolledFast,
  crust,
  oldDough,
  foldedNarrow,
  skippedSetting,
  noDust,
  fineFlour,
  driedSheet,
  thinSheet,
  thickSheet,
  looseFilling,
  overBlended,
  lumps,
  warmFilling,
  overfilled,
  underfilled,
  offCentre,
  flouredFaces,
  fillingOnLip,
  drySeal,
  tooMuchWater,
  airLeft,
  edgeNotPressed,
  heldTooLong,
  smoothSurface,
  touching,
  thawed,
  boiledAsFresh,
  boiledHard,
  overcooked,
  liftedEarly,
  crowdedPot,
  trimAside,
  tooMuchFilling,
  tooLittleFilling,
} satisfies Readonly<Record<string, Cause>>;

export type CauseId = keyof typeof CAUSES;

export const CAUSE_IDS = Object.keys(CAUSES) as [CauseId, ...CauseId[]];

export const causeOf = (id: CauseId): Cause => CAUSES[id];

/** Whether a name is one of them: what was kept may be older, or newer. */
export const isCause = (id: string): id is CauseId => Object.hasOwn(CAUSES, id);
