import { pantryWith, startingPantry, type Pantry, type PantryRows } from '../composition/pantry';
import type { Learnt } from './learnt';
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
  /** What this kitchen's runs taught; what a plan stands on of it is applied as it is worked out. */
  readonly learnt: readonly Learnt[];
  /** Allergens this kitchen handles, whatever is in the plan: shared boards and water spread them. */
  readonly alsoHandles: readonly string[];
}

/** A kitchen of which nothing is known yet. */
export const startingBasis: Basis = {
  pantry: startingPantry,
  rules: startingRules,
  conditions: { fridgeC: 5, coldAirC: 3 },
  learnt: [],
  alsoHandles: [],
};

/**
 * The starting basis with a pantry of one's own, and what its runs taught.
 * @example basisWith(pantryWith(ownRows)).pantry
 */
export const basisWith = (
  pantry: Pantry,
  learnt: readonly Learnt[] = [],
  alsoHandles: readonly string[] = [],
): Basis => ({ ...startingBasis, pantry, learnt, alsoHandles });

/** A basis in parts that can be sent and kept: the rows of one's own, what was learnt, what else is handled. */
export interface BasisParts {
  readonly pantry: PantryRows;
  readonly learnt: readonly Learnt[];
  readonly alsoHandles: readonly string[];
}

/** The basis of its parts. `basisFrom({ pantry: ownRows, learnt: [], alsoHandles: [] }).rules` → the rules to begin with */
export const basisFrom = ({ pantry, learnt, alsoHandles }: BasisParts): Basis =>
  basisWith(pantryWith(pantry), learnt, alsoHandles);
