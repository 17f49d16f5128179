import type { PlanResult } from '@/core/plan/evaluatePlan';
import type { Change } from '@/core/risk/remedy';
import type { DoesNotFit } from '@/core/layout/doesNotFit';
import { SAFE_CORE_C } from '@/core/plan/model/safeCore';
import type { Plan } from '@/core/plan/document/schema';
import type { StationId } from '@/core/plan/stations';
import { FINISH_NAMES } from '@/core/shapes/finish';
import { startingRules } from '@/core/basis/rules';
import type { FigureUnit } from '@/core/working/working';

/** Writes a figure in the user's units. */
export type WriteFigure = (value: number, unit: FigureUnit) => string;

export const STATION_NAMES: Record<StationId, string> = {
  count: 'How many',
  dough: 'Dough',
  filling: 'Filling',
  sheet: 'Sheet',
  shape: 'Shape',
  seal: 'Seal and hold',
  boil: 'Boil',
};

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
};

/** The one figure a station shows on the run. */
export function keyFigure(
  station: StationId,
  plan: Plan,
  result: PlanResult,
  write: WriteFigure,
): { figure: string; of: string } {
  switch (station) {
    case 'count':
      return { figure: `${result.portions} × ${plan.batch.piecesPerPortion}`, of: 'portions' };
    case 'dough':
      return { figure: write(result.dough.hydration, 'share'), of: 'hydration' };
    case 'filling':
      return { figure: write(result.filling.freeWaterShare, 'share'), of: 'free water' };
    case 'sheet':
      return {
        figure: write(result.sheet.thicknessMm, 'mm'),
        of: `${result.sheet.between ? 'near dial' : 'dial'} ${result.sheet.setting}`,
      };
    case 'shape':
      return result.shape.lipMm > 0
        ? { figure: write(result.shape.lipMm, 'mm'), of: 'lip' }
        : { figure: 'no', of: 'lip' };
    case 'seal':
      return {
        figure: write(plan.hold.minutes, 'min'),
        of: plan.hold.place === 'bench' ? 'on the bench' : plan.hold.place,
      };
    case 'boil':
      return result.safeCore.tempC === null
        ? { figure: `≈ ${write(result.edge.softMin, 'min')}`, of: 'edge soft' }
        : { figure: write(result.safeCore.tempC, 'C'), of: 'in the middle' };
  }
}

/** A change as something to do: `Blank 58 mm`, `0.5 g less filling`. */
export function changeText(change: Change, write: WriteFigure): string {
  switch (change.kind) {
    case 'size':
      return `Wider by ${write(change.toMm - change.fromMm, 'mm').replace(/\.0+(?= )/, '')}: ${write(change.toMm, 'mm')}`;
    case 'dose':
      return `${write(change.fromG - change.toG, 'g')} less filling: ${write(change.toG, 'g')}`;
    case 'thickness':
      return `${change.toMm > change.fromMm ? 'Thicker' : 'Thinner'}, ${write(change.toMm, 'mm')} on dial ${change.setting}`;
    case 'finish':
      return `${FINISH_NAMES[change.to]} the edge, not ${FINISH_NAMES[change.from].toLowerCase()}`;
  }
}

export interface Verdict {
  readonly title: string;
  readonly says: string;
}

/** The weakest link in a sentence. */
export function weakestText(result: PlanResult, write: WriteFigure): Verdict {
  const { name, margin, state } = result.weakestLink;
  const share = margin.toFixed(2);
  if (name === 'lip') {
    if (result.shape.lipMm <= 0) {
      return {
        title: 'No lip at all',
        says: 'The settled mound runs past the edge: it cannot seal.',
      };
    }
    return {
      title: `Lip, ${share} of what it needs`,
      says:
        state === 'holds'
          ? `${write(result.shape.lipMm, 'mm')} where ${write(result.shape.neededLipMm, 'mm')} would do.`
          : `${write(result.shape.lipMm, 'mm')} where it needs ${write(result.shape.neededLipMm, 'mm')}.`,
    };
  }
  return {
    title: `Dough over the top, ${share} of what it needs`,
    says: `${write(result.shape.overTopMm, 'mm')} over the dome; it tears at ${write(startingRules['shape.tears'].value, 'mm')}.`,
  };
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
      return result.pieces < 1
        ? 'Too little for one piece.'
        : result.portions < 1
          ? 'Too little for one full portion.'
          : 'Nothing inside its band uses both up.';
    case 'dough':
      if (word === 'weak') return 'Dough has little gluten: mix in strong flour, roll it thicker.';
      if (word === 'not ready') {
        return !dough.ready.kneadedEnough
          ? `Dough wants kneading: ${write(dough.ready.kneadWantedMin, 'min')} in all.`
          : `Dough wants rest: ${write(dough.ready.restWantedMin, 'min')} in all, wrapped.`;
      }
      return dough.hydration < dough.target
        ? `Dough is dry: ${write(dough.addWaterG, 'g')} more water.`
        : `Dough is wet: ${write(dough.addFlourG, 'g')} more flour.`;
    case 'filling':
      return filling.grade === 'wet'
        ? 'Filling is wet: drain it longer or cook it drier.'
        : 'Filling will seep: drain, press or cook water off.';
    case 'sheet':
      if (result.layout.doesNotFit) return doesNotFitText(result.layout.doesNotFit, write);
      if (word.startsWith('dries')) {
        return `Sheet dries in ${write(sheet.fill.openMin, 'min')}: ${sheet.fill.piecesAtATime} pieces at a time, or more hands.`;
      }
      return `Sheet is ${word} for this shape: ${write(sheet.bandMm[0], 'mm')} to ${write(sheet.bandMm[1], 'mm')}.`;
    case 'shape':
      return null;
    case 'seal':
      return word === 'freeze instead'
        ? 'Held chilled past a day: freeze the pieces.'
        : 'At room temperature no more than 2 hours in all: chill or freeze.';
    case 'boil':
      return word === 'below the usual core'
        ? `Core set below the usual ${write(SAFE_CORE_C, 'C')} for what is in it.`
        : 'A rolling boil splits a thin sheet: simmer.';
  }
}
