import type { Kitchen } from '../kitchen/kitchen';
import type { Plan } from './schema';

/** A plan made with a kitchen's own: its first roller, its eggs, its air. */
export function inKitchen(plan: Plan, { rollers: [roller], eggG, yolkG, roomC }: Kitchen): Plan {
  return {
    ...plan,
    dough: { ...plan.dough, eggG, yolkG, roomC },
    ...(roller && { sheet: { ...plan.sheet, roller } }),
  };
}
