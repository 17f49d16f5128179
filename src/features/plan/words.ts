import { onDial } from '@/core/sheet/setting';
import type { GlossaryId } from '@/core/glossary';
import { SURFACE_NAMES } from '@/core/hold/surfaces';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { coolingAdvice } from '@/core/filling/coolingText';
import type { Pantry } from '@/core/composition/pantry';
import type { PhasePlace } from '@/core/hold/phases';
import { conflictTexts } from '@/core/plan/contentsText';
import type { Change, Cost } from '@/core/risk/remedy';
import type { Laid } from '@/core/shapes/mound';
import type { DoesNotFit } from '@/core/layout/doesNotFit';
import { isShort } from '@/core/plan/model/flourInHand';
import { shareOut } from '@/core/plan/questions/shareOut';
import { SAFE_CORE_C } from '@/core/plan/model/safeCore';
import type { Plan } from '@/core/plan/document/schema';
import { STATIONS, type StationId } from '@/core/plan/stations';
import type { Finish } from '@/core/shapes/finish';
import type { WriteFigure } from '@/core/units/format';
import { marginText } from './marginWords';
import { STATION_NAMES } from './stationNames';
import { dryingText } from './stations/bowlWords';

export const SERVING_NAMES: Record<Plan['serving'], string> = {
  firstCourse: 'first course',
  main: 'main',
  broth: 'in broth',
};

export const MEDIUM_NAMES: Record<Plan['hold']['medium'], string> = {
  water: 'Water',
  mist: 'Mist',
  egg: 'Egg',
  eggWhite: 'Egg white',
  dry: 'Nothing',
  tooWet: 'Dripping wet',
};

export const FACE_NAMES: Record<Plan['hold']['faces'], string> = {
  clean: 'clean',
  floured: 'floured',
  filling: 'filling on the lip',
};

export const AIR_NAMES: Record<Plan['hold']['air'], string> = {
  middle: 'from the middle',
  oneSide: 'from one side',
  pricked: 'pricked',
  none: 'not at all',
};

export const PLACE_NAMES: Record<PhasePlace, string> = {
  bench: 'bench',
  drying: 'drying',
  fridge: 'fridge',
  freezer: 'freezer',
};

/**
 * Where and how long pieces wait, in words.
 * @example heldText([{ place: 'fridge', minutes: 60 }], 'semolina', write) // '1 h fridge, on semolina'
 */
export const heldText = (
  { phases, surface }: Pick<Plan['hold'], 'phases' | 'surface'>,
  write: WriteFigure,
): string =>
  phases.length === 0
    ? 'straight into the pot'
    : `${phases.map(({ place, minutes }) => `${write(minutes, 'min')} ${PLACE_NAMES[place]}`).join(', ')}, on ${SURFACE_NAMES[surface]}`;

/** With a capital: `on a cloth` → `On a cloth`. */
export const capital = (words: string): string =>
  `${words[0]?.toUpperCase() ?? ''}${words.slice(1)}`;

/** The one figure a station shows on the run. */
export function keyFigure(
  station: StationId,
  plan: Plan,
  result: PlanResult,
  write: WriteFigure,
): { figure: string; of: string } {
  switch (station) {
    case 'count': {
      const { people, each } = shareOut(plan, result);
      return { figure: `${people} × ${each}`, of: 'portions' };
    }
    case 'dough':
      return { figure: write(result.dough.hydration, 'share'), of: 'hydration' };
    case 'filling':
      return { figure: write(result.filling.freeWaterShare, 'share'), of: 'free water' };
    case 'sheet':
      return {
        figure: write(result.sheet.thicknessMm, 'mm'),
        of: `${result.sheet.between ? 'near ' : ''}${onDial(plan.sheet.roller, result.sheet.setting)}`,
      };
    case 'shape':
      return result.shape.lipMm > 0
        ? { figure: write(result.shape.lipMm, 'mm'), of: 'lip' }
        : { figure: 'no', of: 'lip' };
    case 'seal':
      return result.hold.goodFor
        ? { figure: write(result.hold.goodFor.minute, 'min'), of: 'keeping time' }
        : { figure: write(result.hold.plannedMin, 'min'), of: 'frozen' };
    case 'boil':
      return { figure: `≈ ${write(result.boil.potMin, 'min')}`, of: 'in the pot' };
  }
}

/**
 * A change as something to do: `Wider by 3 mm: 58 mm`, `0.5 g less filling`.
 * @param batch what names ingredients, and how many times the filling's recipe is made
 */
export function changeText(
  change: Change,
  write: WriteFigure,
  { pantry, scale }: { pantry: Pantry; scale: number },
): string {
  switch (change.kind) {
    case 'size':
      return `Wider by ${write(change.toMm - change.fromMm, 'mm').replace(/\.0+(?= )/, '')}: ${write(change.toMm, 'mm')}`;
    case 'dose':
      return `${write(change.fromG - change.toG, 'g')} less filling: ${write(change.toG, 'g')}`;
    case 'thickness':
      return `${change.toMm > change.fromMm ? 'Thicker' : 'Thinner'}, ${write(change.toMm, 'mm')} on dial ${change.setting}`;
    case 'finish':
      return FINISH_ACTS[change.to];
    case 'laid':
      return LAID_ACTS[change.to];
    case 'dry':
      return dryingText(change.step, pantry, write, scale);
    case 'people':
      return `${change.to} pairs of hands at the sheet`;
    case 'bench':
      return `Shorter sheets, ${write(change.toMm, 'mm')} at most`;
    case 'medium':
      return 'Wet the lip with a brush of water';
    case 'faces':
      return change.from === 'floured' ? 'Brush the flour off the faces' : 'Wipe the lip clean';
    case 'air':
      return AIR_ACTS[change.to];
    case 'surface':
      return `Keep them on ${SURFACE_NAMES[change.to]}`;
    case 'freeze':
      return 'Freeze them at once';
    case 'shorter':
      return `Hold them ${write(change.byMin, 'min')} less`;
    case 'simmer':
      return 'Simmer, not a rolling boil';
  }
}

const AIR_ACTS: Readonly<Record<Plan['hold']['air'], string>> = {
  middle: 'Press the air out from the middle',
  oneSide: 'Press the air out by one side',
  pricked: 'Prick the bubbles and pinch the holes shut',
  none: 'Leave the air in',
};

/** What is done to the edge, as something to do. */
const FINISH_ACTS: Readonly<Record<Finish, string>> = {
  fork: 'Press the edge with a fork',
  wheel: 'Run a wheel round the edge',
  cutter: 'Cut the edge with a cutter',
  press: 'Press the edge with fingers, cut it by knife',
  pinch: 'Pinch the edge',
  mould: 'Let the mould’s ridge seal it',
};

/** How the filling is put down, as something to do. */
const LAID_ACTS: Readonly<Record<Laid, string>> = {
  ball: 'Roll the filling to balls, so that it lies narrower',
  ring: 'Gather each mound with a dull ring',
  piped: 'Pipe it, so that it stands taller',
  spooned: 'Spoon it',
};

/** The weakest link in a title and a line. */
export const weakestText = (result: PlanResult, write: WriteFigure) =>
  marginText(result.weakestLink.name, result, write);

/**
 * The whole answer in a sentence, for those who hear the page.
 * @example answerText(result, write) // '40 pieces, 281 g dough, 330 g filling, holds'
 */
export function answerText(result: PlanResult, write: WriteFigure): string {
  const { pieces, dough, filling, weakestLink } = result;
  const failing = STATIONS.find((station) => result.stations[station].state === 'fails');
  const verdict =
    weakestLink.state === 'fails'
      ? `fails: ${weakestText(result, write).title}`
      : failing
        ? `${STATION_NAMES[failing]} fails`
        : weakestLink.state === 'edge'
          ? `on the edge: ${weakestText(result, write).title}`
          : 'holds';
  const counted = `${pieces} ${pieces === 1 ? 'piece' : 'pieces'}`;
  return `${counted}, ${write(dough.totalG, 'g')} dough, ${write(filling.totalG, 'g')} filling, ${verdict}`;
}

/**
 * What a remedy costs, in words; nothing when it costs nothing worth saying.
 * @example costText({ pieces: 0, doughG: 18, fillingG: 0, minutes: 0 }, write) // '18 g more dough'
 */
export function costText(
  { pieces, doughG, fillingG, minutes, boilMin }: Cost,
  write: WriteFigure,
): string {
  const more = (value: number) => (value > 0 ? 'more' : 'less');
  return [
    Math.abs(pieces) >= 1 &&
      `${Math.abs(pieces)} ${pieces > 0 ? 'more' : 'fewer'} ${Math.abs(pieces) === 1 ? 'piece' : 'pieces'}`,
    Math.abs(doughG) >= 5 && `${write(Math.abs(doughG), 'g')} ${more(doughG)} dough`,
    Math.abs(fillingG) >= 5 && `${write(Math.abs(fillingG), 'g')} ${more(fillingG)} filling`,
    Math.abs(minutes) >= 1.5 && `${write(Math.abs(minutes), 'min')} ${more(minutes)}`,
    Math.abs(boilMin) >= 0.5 && `${write(Math.abs(boilMin), 'min')} ${more(boilMin)} in the pot`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** Why nothing can be cut from the sheet, and what would fit. */
export function doesNotFitText(
  { which, what, needsMm, hasMm, largestMm }: DoesNotFit,
  write: WriteFigure,
): string {
  const needs = write(needsMm, 'mm');
  const has = write(hasMm, 'mm');
  if (which === 'along') {
    return `The ${what} needs a sheet ${needs} long; the longest is ${has}: allow longer sheets.`;
  }
  return what === 'mould'
    ? `The mould needs a sheet ${needs} wide; this one is ${has}: lap two sheets, or take a narrower mould.`
    : `The blank needs ${needs} across; the sheet gives ${has}: up to ${write(largestMm ?? 0, 'mm')} fits.`;
}

/** What to do at a station that does not hold, in a line; null when there is nothing to say. */
export function stationAdvice(
  station: StationId,
  result: PlanResult,
  write: WriteFigure,
): string | null {
  const { state, word } = result.stations[station];
  if (state === 'holds') return null;
  const { dough, filling, sheet } = result;
  switch (station) {
    case 'count':
      if (word === 'not for these guests') {
        return conflictTexts(result.contents.conflicts).join(' ');
      }
      if (word === 'traces for these guests') {
        return `Shared equipment may bring ${result.contents.traces.join(', ')}: clean tools, fresh water and a board of their own first.`;
      }
      // What does not fit is said at the sheet.
      if (result.layout.doesNotFit) return null;
      return result.pieces < 1
        ? 'Too little for one piece.'
        : result.portions < 1
          ? 'Too little for one full portion.'
          : 'Nothing inside its band uses both up.';
    case 'dough':
      if (word === 'not enough in hand') {
        return `${dough.inHand
          .filter(isShort)
          .map(
            ({ name, needsG, haveG }) =>
              `${name}: this takes ${write(needsG, 'g')}, you have ${write(haveG, 'g')}.`,
          )
          .join(' ')} Make what there is, or mix in another flour.`;
      }
      if (word === 'weak') return 'Dough has little gluten: mix in strong flour, roll it thicker.';
      if (word === 'not ready') {
        return !dough.ready.kneadedEnough
          ? `Dough wants kneading: ${write(dough.ready.kneadWantedMin, 'min')} in all.`
          : `Dough wants rest: ${write(dough.ready.restWantedMin, 'min')} in all, wrapped.`;
      }
      return word === 'dry'
        ? `Dough is dry: ${write(dough.mend.waterG, 'g')} more water, by wet hands.`
        : dough.mend.leaveOutG > 0.5
          ? `Dough is wet, and the flour is all in: leave out ${write(dough.mend.leaveOutG, 'g')} of the egg or water.`
          : `Dough is wet: knead in ${write(dough.mend.flourG, 'g')} of flour by pinches, until it no longer sticks.`;
    case 'filling':
      if (word === 'too slow to cool') return coolingAdvice(filling.cooling, write);
      if (word === 'still warm') {
        return 'Filling meets the dough warm: it steams and softens the sheet. Cool it first.';
      }
      return filling.grade === 'wet'
        ? 'Filling is wet: drain it longer or cook it drier.'
        : 'Filling will seep: drain, press or cook water off.';
    case 'sheet':
      if (result.layout.doesNotFit) return doesNotFitText(result.layout.doesNotFit, write);
      if (word.startsWith('dries')) {
        return `Sheet dries in ${write(sheet.fill.openMin, 'min')}: ${sheet.fill.piecesAtATime} pieces at a time, or more hands.`;
      }
      return `Sheet is ${word} for this shape; usual: ${write(sheet.bandMm[0], 'mm')} to ${write(sheet.bandMm[1], 'mm')}.`;
    case 'shape':
      return word === 'pocket half empty'
        ? 'Pockets are half empty: air stays in, and the dome wrinkles. Fill them level.'
        : null;
    case 'seal':
      if (word === 'freeze instead') return 'Held chilled past a day: freeze the pieces.';
      // What else it asks, its margins say.
      return word === 'too long warm'
        ? 'At room temperature no more than 2 hours in all: chill or freeze.'
        : null;
    case 'boil':
      if (word === 'never hot enough') {
        return `This pot stays under ${write(result.boil.bathC, 'C')}: its middle is never ${write(result.boil.targetC, 'C')}.`;
      }
      if (word === 'below the usual core') {
        return `Core set below the usual ${write(SAFE_CORE_C, 'C')} for what is in it.`;
      }
      return word === 'hard for a thin sheet'
        ? 'A rolling boil splits a thin sheet: simmer.'
        : null;
  }
} /** The words of the craft each station uses. */
export const STATION_TERMS: Readonly<Record<StationId, readonly GlossaryId[]>> = {
  count: ['trim', 'dose'],
  dough: ['hydration', 'strength', 'springBack', 'letterFold', 'underHand'],
  filling: ['freeWater', 'stiffness', 'dose'],
  sheet: ['springBack', 'letterFold', 'book', 'openTime', 'benchDust', 'trim'],
  shape: ['blank', 'lip', 'mound', 'dose', 'book'],
  seal: ['lip', 'openTime', 'freeWater', 'blank', 'dose'],
  boil: ['lip', 'dose'],
};
