import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Rules } from '../basis/rules';
import type { PlanModel } from '../plan/model/model';
import type { Laid } from '../shapes/mound';
import { kernelOf, type DoseSide, type Kernel, type SheetSide } from './kernel';
import { MARGIN_IDS, type MarginId } from './margins';
import { fillDistances, fillNormals } from './normals';

/** What becomes of a batch made by hands. */
export interface Scatter {
  readonly tried: number;
  /** Share of pieces lost, and of all pieces by what failed first. */
  readonly lost: number;
  readonly byCause: Readonly<Partial<Record<MarginId, number>>>;
  /** Weight of a piece: middle, and what 19 of 20 lie between, g. */
  readonly weightG: number;
  readonly weightRangeG: readonly [number, number];
  /** How far hands were off in it. */
  readonly spread: Spread;
}

const PIECES = 10_000;
/** Chance is drawn for so many pieces at once. */
const BLOCK = 500;
/** So many steps of thickness and of dose are worked out; pieces take the nearest. */
const STEPS = 64;
/** Steps reach so many standard deviations either way. */
const REACH = 4;

/** How evenly a dose comes, by the way it is laid. */
const DOSED_BY: Readonly<Record<Laid, 'spoon' | 'bag' | 'scale'>> = {
  spooned: 'spoon',
  ring: 'spoon',
  piped: 'bag',
  ball: 'scale',
};

/** How far one piece in a batch is out of true, one standard deviation. */
export interface Spread {
  /** Shares of what was meant. */
  readonly thickness: number;
  readonly dose: number;
  /** Of the mound beside its mark, mm. */
  readonly offMm: number;
  /** Of the air left, in its logarithm. */
  readonly air: number;
  readonly seal: number;
}

const spreadOf = ({ plan }: PlanModel, rules: Rules): Spread => ({
  thickness: rules['risk.scatter.thickness'].value,
  dose: rules[`risk.scatter.${DOSED_BY[plan.shape.laid]}`].value,
  // A mould's pocket centres what is pressed into it.
  offMm: plan.shape.finish === 'mould' ? 0 : rules['risk.scatter.offCentre'].value,
  air: rules['risk.scatter.air'].value,
  seal: rules['risk.scatter.seal'].value,
});

/**
 * Makes a batch many times over with hands as they are: thickness, dose, place of the mound, air and seal
 * each a little off. Rules over the margins; the same seed gives the same batch.
 * @param pieces 100 to a million
 * @example scatter(model).lost // 0.021
 */
export function scatter(
  model: PlanModel,
  { pieces = PIECES, seed = 1 }: { pieces?: number; seed?: number } = {},
): Scatter {
  const { basis, piece, hold, boil } = model;
  const { rules } = basis;
  const { input, made } = piece;
  const spread = spreadOf(model, rules);
  const range = (mean: number, share: number): [number, number] => [
    mean * Math.max(0.2, 1 - REACH * share),
    mean * (1 + REACH * share),
  ];
  const thickness = range(input.thicknessMm, spread.thickness);
  const dose = range(input.doseG, spread.dose);
  const kernel = kernelOf(model, { thicknessMm: thickness, doseG: dose });
  const at = ([from, to]: [number, number], i: number) => from + ((to - from) * (i + 0.5)) / STEPS;
  const sheets = Array.from({ length: STEPS }, (_, i) => kernel.sheetSide(at(thickness, i)));
  const doses = Array.from({ length: STEPS }, (_, i) => kernel.doseSide(at(dose, i)));
  const perMm = STEPS / (thickness[1] - thickness[0]);
  const perG = STEPS / (dose[1] - dose[0]);
  // What does not hang on the single piece: the middle's heat moves little over a batch.
  const coreMin = (boil.coreS ?? 0) / 60;
  const steady = steadyLinks(kernel, {
    sheets,
    doses,
    coreMin,
    sticks: hold.goodFor?.by === 'tacky' ? rules['risk.sticks'].value : null,
  });

  const random = xoroshiro128plus(seed);
  const normals = new Float64Array(4 * BLOCK);
  const distances = new Float64Array(BLOCK);
  const losses = new Float64Array(MARGIN_IDS.length);
  const weights = new Float64Array(pieces);
  const opens = rules['risk.opens'].value;
  const sealed = hold.sealFactor / rules['seal.holds'].value;
  const burst = boil.burst.room / (Math.min(1, made.margins.lip) || 1) / boil.burst.growth;
  const airMiddle = spread.air ** 2 / 2;
  for (let i = 0; i < pieces; i += 1) {
    const n = i % BLOCK;
    if (n === 0) {
      fillNormals(random, normals);
      fillDistances(random, distances);
    }
    const mm = input.thicknessMm * (1 + spread.thickness * normals[4 * n]!);
    const g = input.doseG * (1 + spread.dose * normals[4 * n + 1]!);
    const s = Math.min(STEPS - 1, Math.max(0, Math.floor(perMm * (mm - thickness[0]))));
    const d = Math.min(STEPS - 1, Math.max(0, Math.floor(perG * (g - dose[0]))));
    const side = sheets[s]!;
    weights[i] = g + side.doughG;
    const off = spread.offMm * distances[n]!;
    const lipMm = doses[d]!.lipMm;
    const seal = Math.max(0.05, 1 + spread.seal * normals[4 * n + 2]!);
    // Air presses on the seal all round: half of what one side lost.
    const round = Math.min(1, Math.max(0, lipMm - off / 2) / side.neededLipMm);
    const air = Math.exp(spread.air * normals[4 * n + 3]! - airMiddle);
    let link = steady.link(s, d);
    let least = steady.least[s * STEPS + d]!;
    const lip = Math.max(0, lipMm - off) / side.neededLipMm / opens;
    if (lip < least) {
      least = lip;
      link = LIP;
    }
    if (sealed * seal < least) {
      least = sealed * seal;
      link = SEAL;
    }
    const holds = (burst * seal * round) / air;
    if (holds < least) {
      least = holds;
      link = BURST;
    }
    if (least < 1) losses[link]! += 1;
  }
  weights.sort();
  return {
    tried: pieces,
    lost: losses.reduce((sum, each) => sum + each, 0) / pieces,
    byCause: Object.fromEntries(
      MARGIN_IDS.flatMap((id, i) => (losses[i]! > 0 ? [[id, losses[i]! / pieces]] : [])),
    ),
    weightG: weights[Math.floor(pieces / 2)]!,
    weightRangeG: [weights[Math.floor(pieces * 0.025)]!, weights[Math.floor(pieces * 0.975)]!],
    spread,
  };
}

/** The weakest of the links that neither hand nor chance moves, for each step of sheet and of dose. */
interface SteadyLinks {
  /** Its margin; asked for by {@link SteadyLinks.link} first. */
  readonly least: Float64Array;
  /** Which it is, as its place in {@link MARGIN_IDS}. */
  link(sheet: number, dose: number): number;
}

/**
 * Works each pair of steps out once, when the first piece falls on it.
 * @param sticks what the seep's margin counts for; null where seep splits no piece
 */
function steadyLinks(
  kernel: Kernel,
  {
    sheets,
    doses,
    coreMin,
    sticks,
  }: {
    sheets: readonly SheetSide[];
    doses: readonly DoseSide[];
    coreMin: number;
    sticks: number | null;
  },
): SteadyLinks {
  const least = new Float64Array(sheets.length * doses.length);
  const links = new Uint8Array(least.length).fill(UNKNOWN);
  const margins = new Float64Array(MARGIN_IDS.length);
  return {
    least,
    link(sheet, dose) {
      const at = sheet * doses.length + dose;
      const known = links[at]!;
      if (known !== UNKNOWN) return known;
      kernel.margins(doses[dose]!, sheets[sheet]!, coreMin, margins);
      // These hang on the single piece. A sheet that dries is covered, an unsafe hold is thrown away: neither
      // splits single pieces.
      for (const own of [LIP, SEAL, BURST, OPEN]) margins[own] = Infinity;
      margins[SEEP] = sticks === null ? Infinity : margins[SEEP]! * sticks;
      let worst = 0;
      for (let k = 1; k < margins.length; k += 1) if (margins[k]! < margins[worst]!) worst = k;
      least[at] = margins[worst]!;
      links[at] = worst;
      return worst;
    },
  };
}

const UNKNOWN = 255;

const place = (id: MarginId) => MARGIN_IDS.indexOf(id);
const [LIP, OPEN, SEAL, SEEP, BURST] = [
  place('lip'),
  place('open'),
  place('seal'),
  place('seep'),
  place('burst'),
] as const;
