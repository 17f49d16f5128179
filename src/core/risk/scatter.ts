import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { HeldModel } from '../plan/model/model';
import { BURST, handsOf, LIP, SEAL, steadyLink, type Hands, type Spread } from './hands';
import type { Range } from './interpolate';
import { kernelOf, type Kernel } from './kernel';
import { MARGIN_IDS, type MarginId } from './margins';
import { fillDistances, fillNormals } from './normals';
import type { DoseSide, SheetSide } from './sides';

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

/**
 * Makes a batch many times over with hands as they are: thickness, dose, place of the mound, air and seal
 * each a little off. Rules over the margins; the same seed gives the same batch.
 * @param pieces 100 to a million
 * @example scatter(model).lost // 0.0243
 */
export function scatter(
  model: HeldModel,
  { pieces = PIECES, seed = 1 }: { pieces?: number; seed?: number } = {},
): Scatter {
  const { thicknessMm, doseG } = model.piece.input;
  const hands = handsOf(model);
  const { spread, opens, sealed, burst, thicknessMm: thickness, doseG: dose } = hands;
  const kernel = kernelOf(model, { thicknessMm: thickness, doseG: dose });
  const at = ([from, to]: Range, i: number) => from + ((to - from) * (i + 0.5)) / STEPS;
  const sheets = Array.from({ length: STEPS }, (_, i) => kernel.sheetSide(at(thickness, i)));
  const doses = Array.from({ length: STEPS }, (_, i) => kernel.doseSide(at(dose, i)));
  const perMm = STEPS / (thickness[1] - thickness[0]);
  const perG = STEPS / (dose[1] - dose[0]);
  const steady = steadyLinks(kernel, hands, { sheets, doses });

  const random = xoroshiro128plus(seed);
  const normals = new Float64Array(4 * BLOCK);
  const distances = new Float64Array(BLOCK);
  const losses = new Float64Array(MARGIN_IDS.length);
  const weights = new Float64Array(pieces);
  const airMiddle = spread.air ** 2 / 2;
  for (let i = 0; i < pieces; i += 1) {
    const n = i % BLOCK;
    if (n === 0) {
      fillNormals(random, normals);
      fillDistances(random, distances);
    }
    const mm = thicknessMm * (1 + spread.thickness * normals[4 * n]!);
    const g = doseG * (1 + spread.dose * normals[4 * n + 1]!);
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

/** Works each pair of steps out once, when the first piece falls on it. */
function steadyLinks(
  kernel: Kernel,
  hands: Hands,
  { sheets, doses }: { sheets: readonly SheetSide[]; doses: readonly DoseSide[] },
): SteadyLinks {
  const least = new Float64Array(sheets.length * doses.length);
  const links = new Uint8Array(least.length).fill(UNKNOWN);
  const margins = new Float64Array(MARGIN_IDS.length);
  return {
    least,
    link(s, d) {
      const at = s * doses.length + d;
      const known = links[at]!;
      if (known !== UNKNOWN) return known;
      const worst = steadyLink(kernel, hands, { dose: doses[d]!, sheet: sheets[s]! }, margins);
      least[at] = margins[worst]!;
      links[at] = worst;
      return worst;
    },
  };
}

const UNKNOWN = 255;
