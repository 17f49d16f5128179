import type { Rules } from '../basis/rules';
import type { HeldModel } from '../plan/model/model';
import type { Laid } from '../shapes/mound';
import type { Range } from './interpolate';
import type { Kernel } from './kernel';
import { MARGIN_IDS, type MarginId } from './margins';
import type { DoseSide, SheetSide } from './sides';

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

/** A plan as hands make it: how far they are off, and what a piece must stand. */
export interface Hands {
  readonly spread: Spread;
  /** Thicknesses and doses that pieces come in. */
  readonly thicknessMm: Range;
  readonly doseG: Range;
  /** A piece opens where its lip is less than this share of what it needs. */
  readonly opens: number;
  /** Seal over the least that holds, where it was made as meant. */
  readonly sealed: number;
  /** Room for swelling over growth, at a full lip. */
  readonly burst: number;
  /** Minutes until the middle is hot: they move little over a batch. */
  readonly coreMin: number;
  /** What the margin of the seep counts for; null where seep splits no piece. */
  readonly sticks: number | null;
}

/** How evenly a dose comes, by the way it is laid. */
const DOSED_BY: Readonly<Record<Laid, 'spoon' | 'bag' | 'scale'>> = {
  spooned: 'spoon',
  ring: 'spoon',
  piped: 'bag',
  ball: 'scale',
};

/** Pieces come so many standard deviations off, either way. */
const REACH = 4;

const range = (mean: number, share: number): Range => [
  mean * Math.max(0.2, 1 - REACH * share),
  mean * (1 + REACH * share),
];

const spreadOf = ({ plan }: HeldModel, rules: Rules): Spread => ({
  thickness: rules['risk.scatter.thickness'].value,
  dose: rules[`risk.scatter.${DOSED_BY[plan.shape.laid]}`].value,
  // A mould's pocket centres what is pressed into it.
  offMm: plan.shape.finish === 'mould' ? 0 : rules['risk.scatter.offCentre'].value,
  air: rules['risk.scatter.air'].value,
  seal: rules['risk.scatter.seal'].value,
});

/** How a plan comes out of hands as they are. Rules over the margins. */
export function handsOf(model: HeldModel): Hands {
  const { hold, boil, piece, basis } = model;
  const { rules } = basis;
  const { input, made } = piece;
  const spread = spreadOf(model, rules);
  return {
    spread,
    thicknessMm: range(input.thicknessMm, spread.thickness),
    doseG: range(input.doseG, spread.dose),
    opens: rules['risk.opens'].value,
    sealed: hold.sealFactor / rules['seal.holds'].value,
    burst: boil.burst.room / (Math.min(1, made.margins.lip) || 1) / boil.burst.growth,
    coreMin: (boil.coreS ?? 0) / 60,
    sticks: hold.goodFor?.by === 'tacky' ? rules['risk.sticks'].value : null,
  };
}

/** Place of a margin in {@link MARGIN_IDS}. */
const placeOf = (id: MarginId) => MARGIN_IDS.indexOf(id);

export const [LIP, OPEN, SEAL, SEEP, BURST] = [
  placeOf('lip'),
  placeOf('open'),
  placeOf('seal'),
  placeOf('seep'),
  placeOf('burst'),
] as const;

/**
 * The weakest of the links that hang on dose and sheet alone, as its place in {@link MARGIN_IDS}.
 * @param margins its margin is left there
 */
export function steadyLink(
  kernel: Kernel,
  { coreMin, sticks }: Hands,
  { dose, sheet }: { dose: DoseSide; sheet: SheetSide },
  margins: Float64Array,
): number {
  kernel.margins(dose, sheet, coreMin, margins);
  // Lip, seal and burst hang on the single piece. A sheet that dries is covered, an unsafe hold is thrown
  // away: neither splits single pieces.
  margins[LIP] = margins[SEAL] = margins[BURST] = margins[OPEN] = Infinity;
  margins[SEEP] = sticks === null ? Infinity : margins[SEEP]! * sticks;
  let worst = 0;
  for (let k = 1; k < margins.length; k += 1) if (margins[k]! < margins[worst]!) worst = k;
  return worst;
}
