import type { Basis } from '../basis/basis';
import { evaluatePlan } from '../plan/evaluatePlan';
import type { Plan } from '../plan/document/schema';

/** What is in hand, and how it is to fall to several shapes. */
export interface Sharing {
  readonly doughG: number;
  /** Filling in hand, where that too is shared: then both are used up together as far as that goes. */
  readonly fillingG: number | null;
  /** By so many pieces of each, or by so much dough to each. */
  readonly by: 'pieces' | 'dough';
}

/** One shape, with its share by its own measure. */
export interface Sharer {
  readonly id: string;
  readonly plan: Plan;
  /** 0 or more; shares are taken to one another. */
  readonly weight: number;
}

/** What falls to one shape, and what it makes of it. */
export interface Shared {
  readonly id: string;
  readonly doughG: number;
  readonly fillingG: number;
  readonly pieces: number;
  readonly doseG: number;
  readonly thicknessMm: number;
  readonly leftDoughG: number;
  readonly leftFillingG: number;
}

/** A plan works with no less than this in hand, g. */
const LEAST_G = 5;
/** Dough for a piece is measured so often, each time in what then falls to its shape. */
const ROUNDS = 3;

/** A plan on what is in hand. */
const inHand = (plan: Plan, doughInHandG: number, fillingInHandG: number | null): Plan => ({
  ...plan,
  batch: {
    ...plan.batch,
    wayIn: fillingInHandG === null ? 'dough' : 'both',
    doughInHandG,
    ...(fillingInHandG !== null && { fillingInHandG }),
  },
});

/** Dough that a piece takes where so much is in hand: trim and all, without what is left over. */
function doughOfPiece(plan: Plan, doughG: number, basis: Basis): number {
  const few = doughG < LEAST_G ? null : evaluatePlan(inHand(plan, doughG, null), basis);
  // Where that makes none, as the plan has it.
  const { pieces, leftover, dough } = few && few.pieces > 0 ? few : evaluatePlan(plan, basis);
  return (dough.totalG - leftover.doughG) / Math.max(1, pieces);
}

/**
 * Splits dough in hand, and filling where it is shared too, between shapes. Law: what falls to them is what there
 * was. Each then makes as many pieces as its share gives; with both in hand, dose, thickness and blank are moved
 * within their bands so that both end together.
 * @throws FieldError when an amount is out of a plan's range
 * @example shareInHand({ doughG: 1000, fillingG: null, by: 'dough' }, sharers, basis)[0].doughG // 500
 */
export function shareInHand(
  { doughG, fillingG, by }: Sharing,
  sharers: readonly Sharer[],
  basis: Basis,
): Shared[] {
  const total = (shares: readonly number[]) => shares.reduce((sum, share) => sum + share, 0) || 1;
  /** What falls to each of something that is shared so. */
  const falls = (amount: number, shares: readonly number[]) =>
    shares.map((share) => (amount * share) / total(shares));
  // A piece takes more dough of a small batch than of a large one: measured in what falls to its shape.
  let perPieceG = sharers.map(() => 1);
  let dough = falls(
    doughG,
    sharers.map(({ weight }) => weight),
  );
  for (let round = 0; round < ROUNDS; round += 1) {
    perPieceG = sharers.map(({ plan }, i) => doughOfPiece(plan, dough[i]!, basis));
    if (by === 'dough') break;
    dough = falls(
      doughG,
      sharers.map(({ weight }, i) => weight * perPieceG[i]!),
    );
  }
  const filling =
    fillingG === null
      ? null
      : falls(
          fillingG,
          sharers.map(
            ({ plan, weight }, i) =>
              (by === 'dough' ? weight / perPieceG[i]! : weight) * plan.shape.doseG,
          ),
        );
  return sharers.map(({ id, plan, weight }, i) => {
    const own = dough[i]!;
    const ownFilling = filling?.[i] ?? null;
    if (weight <= 0 || own < LEAST_G || (ownFilling !== null && ownFilling < LEAST_G)) {
      return {
        id,
        doughG: own,
        fillingG: ownFilling ?? 0,
        pieces: 0,
        doseG: plan.shape.doseG,
        thicknessMm: plan.sheet.thicknessMm,
        leftDoughG: own,
        leftFillingG: ownFilling ?? 0,
      };
    }
    const made = evaluatePlan(inHand(plan, own, ownFilling), basis);
    return {
      id,
      doughG: own,
      fillingG: ownFilling ?? made.filling.totalG,
      pieces: made.pieces,
      doseG: made.shape.doseG,
      thicknessMm: made.sheet.thicknessMm,
      leftDoughG: made.leftover.doughG,
      leftFillingG: made.leftover.fillingG,
    };
  });
}
