import type { HeldModel } from '../plan/model/model';
import { handsOf, steadyLink, type Hands } from './hands';
import { kernelOf } from './kernel';
import { MARGIN_IDS } from './margins';
import { seepNear, seepOver } from './seepOver';

/** Sheets and doses lie this far apart, and go so far either way, in standard deviations. */
const APART = 0.5;
const STEPS = 12;

/** The middle of a step, in standard deviations. */
const OFF = Array.from({ length: STEPS }, (_, i) => APART * (i - (STEPS - 1) / 2));

/** How many of all pieces fall on each step. */
const COUNTS = (() => {
  const each = OFF.map((z) => Math.exp((-z * z) / 2));
  const all = each.reduce((sum, one) => sum + one, 0);
  return each.map((one) => one / all);
})();

/** Points and counts over 0 to 1 that give any smooth sum (Gauss and Legendre). */
const THREE: readonly (readonly [at: number, counts: number])[] = [
  [0.1127016654, 5 / 18],
  [0.5, 8 / 18],
  [0.8872983346, 5 / 18],
];

/** Only where a sheet may give way is its seep told closely, by a few thicknesses. */
const NEAR = 1.2;
const FEW = 5;

/** Seals are looked at in so many steps. */
const SEALS = 7;

/** No hand is further off than this, in standard deviations. */
const FARTHEST = 3.5;

/** Chance that a number of the normal distribution lies below (Abramowitz and Stegun 26.2.17, to 1e-7). */
function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    0.3989422804 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z > 0 ? 1 - tail : tail;
}

/**
 * The share of pieces that hands as they are lose of a plan: what {@link scatter} finds by chance, summed
 * instead, so that it moves smoothly with the plan and costs little. Mound, seal and air are summed over at
 * each thickness and dose; the links that hang on those two alone are read where they cross the edge. Rules
 * over the margins.
 * @returns 0 to 1; within 0.6 % of a scatter of many pieces
 * @example expectedLoss(model) // 0.0224
 */
export function expectedLoss(model: HeldModel): number {
  const { thicknessMm, doseG } = model.piece.input;
  const hands = handsOf(model);
  /** Sheets, doses and their steady links, the seep told in some way. */
  const linksBy = (seep: typeof seepOver) => {
    const kernel = kernelOf(model, { ...hands, seep });
    const doses = OFF.map((z) => kernel.doseSide(doseG * (1 + hands.spread.dose * z)));
    const sheets = OFF.map((z) => kernel.sheetSide(thicknessMm * (1 + hands.spread.thickness * z)));
    const margins = new Float64Array(MARGIN_IDS.length);
    const steady = sheets.map((sheet) =>
      doses.map((dose) => margins[steadyLink(kernel, hands, { dose, sheet }, margins)]!),
    );
    return { doses, sheets, steady };
  };
  const rough = linksBy(seepNear);
  const mayGive = rough.steady.some((row) => row.some((margin) => margin < NEAR));
  const { doses, sheets, steady } = mayGive
    ? linksBy((of, range) => seepOver(of, range, FEW))
    : rough;
  const ownWhole = ownLinks(hands);
  let whole = 0;
  // Lip, seal and air change slowly: they are summed over at every second step.
  for (let i = 0; i < STEPS; i += 2) {
    for (let k = 0; k < STEPS; k += 2) {
      let stands = 0;
      for (const s of [i, i + 1]) {
        for (const d of [k, k + 1]) stands += COUNTS[s]! * COUNTS[d]! * shareOver(steady, s, d);
      }
      if (stands === 0) continue;
      const lipMm = (doses[k]!.lipMm + doses[k + 1]!.lipMm) / 2;
      const neededMm = (sheets[i]!.neededLipMm + sheets[i + 1]!.neededLipMm) / 2;
      whole += stands * ownWhole(lipMm, neededMm);
    }
  }
  return Math.min(1, Math.max(0, 1 - whole));
}

/** Of a step, the share where a margin that changes evenly across it is 1 or more. */
function shareOver(margins: readonly (readonly number[])[], i: number, k: number): number {
  const here = margins[i]![k]!;
  const up = Math.min(i + 1, STEPS - 1);
  const down = Math.max(i - 1, 0);
  const right = Math.min(k + 1, STEPS - 1);
  const left = Math.max(k - 1, 0);
  const across =
    Math.abs(margins[up]![k]! - margins[down]![k]!) / (up - down) +
    Math.abs(margins[i]![right]! - margins[i]![left]!) / (right - left);
  if (!Number.isFinite(across) || across < 1e-12) return here >= 1 ? 1 : 0;
  return Math.min(1, Math.max(0, 0.5 + (here - 1) / across));
}

/** Chance that lip, seal and air hold, by the lip as it lies and the lip needed. */
function ownLinks({
  spread,
  opens,
  sealed,
  burst,
}: Hands): (lipMm: number, neededMm: number) => number {
  const least = Math.max(-FARTHEST, Math.min(FARTHEST, (1 / sealed - 1) / spread.seal));
  const firm = 1 - below(least);
  const places = Array.from(
    { length: SEALS },
    (_, i) => least + ((FARTHEST - least) * i) / (SEALS - 1),
  );
  const falls = places.map(
    (z, i) => Math.exp(-(z * z) / 2) * (i === 0 || i === SEALS - 1 ? 0.5 : 1),
  );
  const all = falls.reduce((sum, each) => sum + each, 0);
  const airMiddle = spread.air ** 2 / 2;
  // Air a seal stands, in its logarithm.
  const stands = places.map((z) => Math.log(burst * (1 + spread.seal * z)) + airMiddle);
  /** Of all seals, those that hold, where so much of the lip presses on all round (its logarithm). */
  const holding = (round: number): number => {
    let whole = 0;
    for (let i = 0; i < SEALS; i += 1) {
      whole += falls[i]! * below((stands[i]! + round) / spread.air);
    }
    return (firm * whole) / all;
  };
  const atFull = holding(0);
  return (lipMm, neededMm) => {
    const most = lipMm - opens * neededMm;
    if (most < 0) return 0;
    const roundAt = (off: number) => Math.min(1, Math.max(0, lipMm - off / 2) / neededMm);
    if (spread.offMm === 0) return holding(Math.log(roundAt(0)));
    // How far beside its mark a mound lies: beyond a share of all, further (Rayleigh).
    const near = 1 - Math.exp(-((most / spread.offMm) ** 2));
    if (roundAt(most) === 1) return near * atFull;
    let whole = 0;
    for (const [at, counts] of THREE) {
      const off = spread.offMm * Math.sqrt(-Math.log(1 - near * at));
      whole += counts * holding(Math.log(roundAt(off)));
    }
    return near * whole;
  };
}
