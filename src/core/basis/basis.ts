import { startingPantry, type Pantry } from '../composition/pantry';
import { startingRules, type Rules } from './rules';

/** What the place is like, beyond what a plan says of its own bench. */
export interface Conditions {
  /** Where doughs rest cold and pieces are chilled, °C. */
  readonly fridgeC: number;
  /** Air that hot fillings are set in to cool, °C. */
  readonly coldAirC: number;
}

/** What a plan is worked out on. A run keeps the basis it was made on. */
export interface Basis {
  readonly pantry: Pantry;
  readonly rules: Rules;
  readonly conditions: Conditions;
}

/** A kitchen of which nothing is known yet. */
export const startingBasis: Basis = {
  pantry: startingPantry,
  rules: startingRules,
  conditions: { fridgeC: 5, coldAirC: 3 },
};

/**
 * The starting basis with a pantry of one's own.
 * @example basisWith(pantryWith(ownRows)).pantry
 */
export const basisWith = (pantry: Pantry): Basis => ({ ...startingBasis, pantry });
