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
  const each = sharers.map(({ plan, weight }) => {
    const result = evaluatePlan(plan, basis);
    const perPieceG = result.dough.totalG / Math.max(1, result.pieces);
    return {
      dough: by === 'dough' ? weight : weight * perPieceG,
      filling: (by === 'dough' ? weight / perPieceG : weight) * result.filling.perPieceG,
    };
  });
  const total = (of: 'dough' | 'filling') => each.reduce((sum, share) => sum + share[of], 0) || 1;
  const [allDough, allFilling] = [total('dough'), total('filling')];
  return sharers.map(({ id, plan, weight }, i) => {
    const own = (doughG * each[i]!.dough) / allDough;
    const ownFilling = fillingG === null ? null : (fillingG * each[i]!.filling) / allFilling;
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
    const made = evaluatePlan(
      {
        ...plan,
        batch: {
          ...plan.batch,
          wayIn: ownFilling === null ? 'dough' : 'both',
          doughInHandG: own,
          ...(ownFilling !== null && { fillingInHandG: ownFilling }),
        },
      },
      basis,
    );
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
