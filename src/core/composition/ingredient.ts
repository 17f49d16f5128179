/** What an ingredient is for; decides how dough and filling count it. */
export const INGREDIENT_GROUPS = [
  'flour',
  'egg',
  'egg-substitute',
  'liquid',
  'colour',
  'fat',
  'seasoning',
  'fresh-cheese',
  'melting-cheese',
  'hard-cheese',
  'binder',
  'starchy',
  'vegetable',
  'leaf',
  'herb',
  'meat',
  'fish',
  'nut',
  /** A filling that came made: nobody here knows what is in it. */
  'made',
] as const;

export type IngredientGroup = (typeof INGREDIENT_GROUPS)[number];

/** One row of the pantry. Composition is in shares of mass (0 to 1). */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly group: IngredientGroup;
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly fibre: number;
  /** Bulk density as measured in a cup or spoon, g/ml. */
  readonly densityGPerMl: number;
  /** Grams of water one gram of dry solids holds against draining. */
  readonly holding: number;
  /** Quality of the protein for a gluten network, 0 to 1. */
  readonly gluten: number;
  /** Shift of the target hydration at a full share of this flour. */
  readonly absorption: number;
  readonly allergens: readonly string[];
  readonly diet: string;
}

/** A way of preparing an ingredient: typical mass yield and share of solids lost. */
export interface Preparation {
  readonly id: string;
  readonly name: string;
  /** Ingredient ids it suits; `any` for all. */
  readonly appliesTo: readonly string[];
  readonly massYield: number;
  readonly solidsLost: number;
  /** Share of the water lost that drips or is pressed out and can be kept for the sauce; the rest steams off. */
  readonly liquorShare: number;
  /** It comes out hot: to be cooled before egg, and before dough. */
  readonly hot: boolean;
  readonly note: string;
}
