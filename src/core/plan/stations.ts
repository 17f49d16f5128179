import { REFERENCE_GLUTEN } from '../dough/makeup';
import { HYDRATION_BAND } from '../dough/targetHydration';
import { FREE_WATER_BOUNDS } from '../filling/freeWaterGrade';
import { againstBand } from '../sheet/band';
import { ROOM_LIMIT_MIN, SAFE_CORE_C } from './safeCore';
import type { PlanFigures } from './figures';
import type { Plan } from './schema';
import { stateOfMargin, worst, type State } from './state';

/** Under half of a wheat sheet's gluten a sheet will hardly lift. Rule. */
const WEAK_GLUTEN = 0.5 * REFERENCE_GLUTEN;

/** Nearly ready rolls, with some spring. Rule. */
const READY = 0.9;

/** The stations of a plan, in the order of the work. */
export const STATIONS = ['count', 'dough', 'filling', 'sheet', 'shape', 'seal', 'boil'] as const;

export type StationId = (typeof STATIONS)[number];

export interface Station {
  readonly state: State;
  /** What stands out, in a word or two: `dry`, `wet`, `thin`, `lip short`. */
  readonly word: string;
}

/** How each station stands. Rules over the figures. */
export function stationsOf(plan: Plan, figures: PlanFigures): Record<StationId, Station> {
  return {
    count: countStation(figures),
    dough: doughStation(figures),
    filling: fillingStation(figures),
    sheet: sheetStation(figures),
    shape: shapeStation(figures),
    seal: sealStation(plan),
    boil: boilStation(plan, figures),
  };
}

function countStation({ portions, pieces, deadHeat }: PlanFigures): Station {
  if (pieces < 1) return { state: 'fails', word: 'too little for one piece' };
  if (portions < 1) return { state: 'fails', word: 'no full portion' };
  if (deadHeat && !deadHeat.usedUp) return { state: 'edge', word: 'some is left over' };
  return { state: 'holds', word: 'enough' };
}

function doughStation({ dough }: PlanFigures): Station {
  const off = dough.hydration - dough.target;
  const word = off < 0 ? 'dry' : 'wet';
  if (Math.abs(off) <= HYDRATION_BAND + 1e-9) {
    if (dough.makeup.glutenRatio < WEAK_GLUTEN) return { state: 'edge', word: 'weak' };
    if (dough.ready.readiness < READY) return { state: 'edge', word: 'not ready' };
    return { state: 'holds', word: 'in its band' };
  }
  return { state: Math.abs(off) <= 2 * HYDRATION_BAND ? 'edge' : 'fails', word };
}

function fillingStation({ filling }: PlanFigures): Station {
  const { freeWaterShare, grade } = filling;
  if (freeWaterShare < FREE_WATER_BOUNDS.workable) return { state: 'holds', word: grade };
  return { state: freeWaterShare < FREE_WATER_BOUNDS.wet ? 'edge' : 'fails', word: grade };
}

function sheetStation({ sheet, layout }: PlanFigures): Station {
  if (layout.doesNotFit) {
    return { state: 'fails', word: `${layout.doesNotFit.what} does not fit` };
  }
  const [thin, thick] = sheet.bandMm;
  const t = sheet.thicknessMm;
  const word = againstBand(t, sheet.bandMm);
  if (word === 'thin') return { state: t < thin - 0.15 ? 'fails' : 'edge', word };
  if (word === 'thick') return { state: t > thick + 0.4 ? 'fails' : 'edge', word };
  if (sheet.fill.margin !== null && sheet.fill.margin < 1) {
    return { state: 'edge', word: 'dries before it is filled' };
  }
  return { state: 'holds', word: 'in its band' };
}

function shapeStation({ margins }: PlanFigures): Station {
  const lip = stateOfMargin(margins.lip);
  const thinning = stateOfMargin(margins.thinning);
  const state = worst(lip, thinning);
  if (state === 'holds') return { state, word: 'lip holds' };
  return { state, word: margins.lip <= margins.thinning ? 'lip short' : 'thin over the top' };
}

function sealStation({ hold }: Plan): Station {
  if (hold.place !== 'bench') {
    const dayMin = 24 * 60;
    return hold.place === 'chilled' && hold.minutes > dayMin
      ? { state: 'edge', word: 'freeze instead' }
      : { state: 'holds', word: hold.place };
  }
  if (hold.minutes > ROOM_LIMIT_MIN) return { state: 'fails', word: 'too long warm' };
  return { state: hold.minutes > ROOM_LIMIT_MIN / 2 ? 'edge' : 'holds', word: 'on the bench' };
}

function boilStation({ boil }: Plan, { sheet, safeCore }: PlanFigures): Station {
  if (safeCore.setByCook && safeCore.because.length && (safeCore.tempC ?? 0) < SAFE_CORE_C) {
    return { state: 'edge', word: 'below the usual core' };
  }
  // Hard boiling splits thin pieces. Rule.
  if (boil.style === 'rolling' && sheet.thicknessMm < 0.8) {
    return { state: 'edge', word: 'hard for a thin sheet' };
  }
  return { state: 'holds', word: boil.style === 'simmer' ? 'gentle' : 'rolling' };
}
