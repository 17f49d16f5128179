import type { Kitchen } from '../kitchen/kitchen';
import type { Plan } from './schema';

/** A plan made with a kitchen's own: its first roller, its eggs, its air. */
export function inKitchen(
  plan: Plan,
  { rollers: [roller], eggG, yolkG, roomC, rh, benchMm }: Kitchen,
): Plan {
  return {
    ...plan,
    dough: { ...plan.dough, eggG, yolkG, roomC },
    sheet: {
      ...plan.sheet,
      // A starting plan's own shorter sheet stays: a longer one would dry before it is filled.
      benchMm: Math.min(plan.sheet.benchMm, benchMm),
      rh,
      ...(roller && { roller, widthMm: Math.min(plan.sheet.widthMm, roller.widthMm) }),
    },
  };
}
