import type { IngredientGroup } from '../../composition/ingredient';
import { findIngredient, type Pantry } from '../../composition/pantry';
import type { Plan } from '../document/schema';

/** Core temperature taken as safe for meat, fish, poultry and egg when nothing else is set, °C. */
export const SAFE_CORE_C = 74;

/** Groups that ask for it. What came made may hold any of them. */
const ASKS: ReadonlySet<IngredientGroup> = new Set(['meat', 'fish', 'egg', 'made']);

export interface SafeCore {
  readonly tempC: number | null;
  /** Ingredients that ask for it, by name. */
  readonly because: readonly string[];
  readonly setByCook: boolean;
}

/** The core temperature a plan's filling must reach; null when nothing in it asks for one. Table. */
export function safeCore(plan: Plan, pantry: Pantry): SafeCore {
  const because = plan.filling.parts
    .map((part) => findIngredient(pantry, part.id))
    .filter(({ group }) => ASKS.has(group))
    .map(({ name }) => name);
  const set = plan.boil.safeCoreC;
  return {
    tempC: set ?? (because.length ? SAFE_CORE_C : null),
    because,
    setByCook: set !== undefined,
  };
}
