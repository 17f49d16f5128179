import { againstBand } from '../sheet/band';
import { isShort } from './model/flourInHand';
import { SAFE_CORE_C } from './model/safeCore';
import type { PlanFigures } from './model/figures';
import type { PlanModel } from './model/model';
import type { Plan } from './document/schema';
import type { Margins } from '../risk/margins';
import { stateOfMargin, worst, type State } from '../basis/state';
import type { Rules } from '../basis/rules';

/** The stations of a plan, in the order of the work. */
export const STATIONS = ['count', 'dough', 'filling', 'sheet', 'shape', 'seal', 'boil'] as const;

export type StationId = (typeof STATIONS)[number];

export interface Station {
  readonly state: State;
  /** What stands out, in a word or two: `dry`, `wet`, `thin`, `lip short`. */
  readonly word: string;
}

/** Every station's state. */
export type Stations = Readonly<Record<StationId, Station>>;

/** What a plan comes to in a word: its weakest link, and any station that fails beside it. */
export interface PlanVerdict {
  readonly state: State;
  /** The first station that fails, with its word; null where none does. */
  readonly failing: { readonly station: StationId; readonly word: string } | null;
}

/** The verdict of a plan: no better than its weakest link, and no better than a station that fails. */
export function verdictOf(weakest: State, stations: Stations): PlanVerdict {
  const station = STATIONS.find((each) => stations[each].state === 'fails');
  return {
    state: station ? 'fails' : weakest,
    failing: station ? { station, word: stations[station].word } : null,
  };
}

/** How each station stands. Rules over the figures and the margins. */
export function stationsOf(
  { plan, basis: { rules } }: PlanModel,
  figures: PlanFigures,
  margins: Margins,
): Stations {
  return {
    count: countStation(figures),
    dough: doughStation(figures, rules),
    filling: fillingStation(plan, figures, rules),
    sheet: sheetStation(figures, margins, rules),
    shape: shapeStation(figures, margins, rules),
    seal: sealStation(figures, margins, rules),
    boil: boilStation(plan, figures, margins, rules),
  };
}

function countStation({ portions, pieces, layout, deadHeat, contents }: PlanFigures): Station {
  if (contents.conflicts.length > 0) return { state: 'fails', word: 'not for these guests' };
  if (layout.doesNotFit) return { state: 'fails', word: 'nothing fits the sheet' };
  if (pieces < 1) return { state: 'fails', word: 'too little for one piece' };
  if (portions < 1) return { state: 'fails', word: 'no full portion' };
  if (deadHeat && !deadHeat.usedUp) return { state: 'edge', word: 'some is left over' };
  if (contents.traces.length > 0) return { state: 'edge', word: 'traces for these guests' };
  return { state: 'holds', word: 'enough' };
}

function doughStation({ dough }: PlanFigures, rules: Rules): Station {
  const { feel, now } = dough;
  if (dough.inHand.some(isShort)) return { state: 'fails', word: 'not enough in hand' };
  if (feel === 'dry' || feel === 'wet') {
    const outside = feel === 'dry' ? now.low - now.hydration : now.hydration - now.high;
    const state = outside <= rules['dough.band.edge'].value ? 'edge' : 'fails';
    return { state, word: feel };
  }
  const weak = rules['dough.gluten.weak'].value * rules['dough.gluten.reference'].value;
  if (dough.makeup.glutenRatio < weak) return { state: 'edge', word: 'weak' };
  if (dough.ready.readiness < rules['dough.ready'].value) {
    return { state: 'edge', word: 'not ready' };
  }
  return { state: 'holds', word: feel };
}

function fillingStation(plan: Plan, { filling }: PlanFigures, rules: Rules): Station {
  const { freeWaterShare, grade, cooling } = filling;
  if (cooling.late) return { state: 'fails', word: 'too slow to cool' };
  if (plan.filling.meetsC > rules['filling.meets.warm'].value) {
    return { state: 'edge', word: 'still warm' };
  }
  if (freeWaterShare < rules['filling.free.workable'].value) return { state: 'holds', word: grade };
  const wet = rules['filling.free.wet'].value;
  return { state: freeWaterShare < wet ? 'edge' : 'fails', word: grade };
}

function sheetStation({ sheet, layout }: PlanFigures, { open }: Margins, rules: Rules): Station {
  if (layout.doesNotFit) {
    return { state: 'fails', word: `${layout.doesNotFit.what} does not fit` };
  }
  // A band is advice: what a sheet bears, its margins say.
  const word = againstBand(sheet.thicknessMm, sheet.bandMm, rules);
  if (word !== 'in') return { state: 'edge', word };
  if (open !== null && open < 1) {
    return { state: 'edge', word: 'dries before it is filled' };
  }
  return { state: 'holds', word: 'in its band' };
}

function shapeStation({ shape }: PlanFigures, { lip, thinning }: Margins, rules: Rules): Station {
  const state = worst(stateOfMargin(lip, rules), stateOfMargin(thinning, rules));
  if (state !== 'holds')
    return { state, word: lip <= thinning ? 'lip short' : 'thin over the top' };
  const { pocketShare } = shape.mound;
  if (pocketShare !== null && pocketShare < rules['shape.underfilled'].value) {
    return { state: 'edge', word: 'pocket half empty' };
  }
  return { state, word: 'lip holds' };
}

const TOO_LONG = { tacky: 'tacky too soon', room: 'too long warm', fridge: 'freeze instead' };

function sealStation({ hold }: PlanFigures, margins: Margins, rules: Rules): Station {
  const { seal, seep, lift } = margins;
  const state = worst(...[seal, seep, lift].map((each) => stateOfMargin(each, rules)));
  if (state === 'holds') return { state, word: 'holds' };
  const least = Math.min(seal, seep, lift);
  if (least === seep) return { state, word: TOO_LONG[hold.goodFor?.by ?? 'tacky'] };
  return { state, word: least === seal ? 'weak seal' : 'tears when lifted' };
}

function boilStation(
  { boil }: Plan,
  { sheet, safeCore, boil: cooked }: PlanFigures,
  margins: Margins,
  rules: Rules,
): Station {
  if (cooked.coreS === null) return { state: 'fails', word: 'never hot enough' };
  const { burst, face } = margins;
  const state = worst(stateOfMargin(burst, rules), stateOfMargin(face, rules));
  if (state !== 'holds') return { state, word: burst <= face ? 'air splits it' : 'skin gives out' };
  if (safeCore.setByCook && safeCore.because.length && (safeCore.tempC ?? 0) < SAFE_CORE_C) {
    return { state: 'edge', word: 'below the usual core' };
  }
  if (boil.style === 'rolling' && sheet.thicknessMm < rules['boil.hardFor'].value) {
    return { state: 'edge', word: 'hard for a thin sheet' };
  }
  return { state, word: boil.style === 'simmer' ? 'gentle' : 'rolling' };
}
