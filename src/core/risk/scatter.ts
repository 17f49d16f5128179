import { uniformFloat32 } from 'pure-rand/distribution/uniformFloat32';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Rules } from '../basis/rules';
import type { PlanModel } from '../plan/model/model';
import type { Laid } from '../shapes/mound';
import { kernelOf, type DoseSide, type SheetSide } from './kernel';
import { MARGIN_IDS, type MarginId } from './margins';

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
  const step = ([from, to]: [number, number], value: number) =>
    Math.min(STEPS - 1, Math.max(0, Math.floor((STEPS * (value - from)) / (to - from))));
  // What does not hang on the single piece: the middle's heat moves little over a batch.
  const coreMin = (boil.coreS ?? 0) / 60;

  const gauss = normals(seed);
  const losses = new Float64Array(MARGIN_IDS.length);
  const margins = new Float64Array(MARGIN_IDS.length);
  const weights = new Float64Array(pieces);
  const opens = rules['risk.opens'].value;
  const sticks = rules['risk.sticks'].value;
  const held = hold.goodFor?.by === 'tacky';
  for (let i = 0; i < pieces; i += 1) {
    const mm = input.thicknessMm * (1 + spread.thickness * gauss());
    const g = input.doseG * (1 + spread.dose * gauss());
    const side: SheetSide = sheets[step(thickness, mm)]!;
    const mound: DoseSide = doses[step(dose, g)]!;
    weights[i] = g + side.doughG;
    kernel.margins(mound, side, coreMin, margins);
    const off = spread.offMm * Math.SQRT1_2 * Math.hypot(gauss(), gauss());
    const lip = Math.max(0, mound.lipMm - off) / side.neededLipMm;
    // Air presses on the seal all round: half of what one side lost.
    const round = Math.max(0, mound.lipMm - off / 2) / side.neededLipMm;
    const seal = Math.max(0.05, 1 + spread.seal * gauss());
    const air = Math.exp(spread.air * gauss() - spread.air ** 2 / 2);
    margins[LIP] = lip / opens;
    margins[SEAL] = margins[SEAL]! * seal;
    margins[BURST] =
      (boil.burst.room * seal * Math.min(1, round)) /
      (Math.min(1, made.margins.lip) || 1) /
      (boil.burst.growth * air);
    // A sheet that dries is covered, an unsafe hold is thrown away: neither splits single pieces.
    margins[OPEN] = Infinity;
    margins[SEEP] = held ? margins[SEEP]! * sticks : Infinity;
    let worst = 0;
    for (let k = 1; k < MARGIN_IDS.length; k += 1) if (margins[k]! < margins[worst]!) worst = k;
    if (margins[worst]! < 1) losses[worst]! += 1;
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

const place = (id: MarginId) => MARGIN_IDS.indexOf(id);
const [LIP, OPEN, SEAL, SEEP, BURST] = [
  place('lip'),
  place('open'),
  place('seal'),
  place('seep'),
  place('burst'),
] as const;

/** Normal numbers from a seed, two at a time (Box and Muller). */
function normals(seed: number): () => number {
  const random = xoroshiro128plus(seed);
  const uniform = () => 1 - uniformFloat32(random);
  let spare: number | null = null;
  return () => {
    if (spare !== null) {
      const now = spare;
      spare = null;
      return now;
    }
    const size = Math.sqrt(-2 * Math.log(uniform()));
    const turn = 2 * Math.PI * uniform();
    spare = size * Math.sin(turn);
    return size * Math.cos(turn);
  };
}
