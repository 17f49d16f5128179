import { FieldError } from '../range';
import { findIngredient, findPreparation, type Pantry } from './pantry';
import { prepare, type PartMasses } from './prepare';

/** One line of a formula: an ingredient by id, raw grams, and what is done to it. */
export interface Part {
  readonly id: string;
  readonly g: number;
  readonly preparation?: string | undefined;
  readonly weighedG?: number | undefined;
}

export interface Composition {
  readonly massG: number;
  readonly waterG: number;
  readonly proteinG: number;
  readonly fatG: number;
  readonly carbohydrateG: number;
  /** With the air worked in. */
  readonly densityGPerMl: number;
  /** Water the solids cannot hold, as a share of mass. */
  readonly freeWaterShare: number;
  /** Water the solids hold, and water free to drain or seep; together all the water. */
  readonly heldG: number;
  readonly freeG: number;
  readonly parts: readonly PartMasses[];
}

export interface ComposeOptions {
  /** Air worked in, share of volume. */
  readonly air?: number;
  /** Water cooked off the mixture, g. */
  readonly cookedOffG?: number;
  /** What the solids hold against what the table says: measured by a towel test. */
  readonly holdingFactor?: number;
  readonly field?: string;
}

/** Air worked into a filling when nothing else is said, share of volume. */
export const DEFAULT_AIR_SHARE = 0.03;

const PHASE_DENSITY_G_PER_ML = { water: 1.0, protein: 1.35, fat: 0.92, carbohydrate: 1.55 };

/** No food packs denser than dry salt, g/ml. */
const MAX_DENSITY_G_PER_ML = 2.16;

/**
 * Adds prepared parts up to one composition.
 *
 * Density (law): 1/ρ = Σ wᵢ/ρᵢ over water 1.00, protein 1.35, fat 0.92, carbohydrate 1.55 g/ml,
 * times (1 − air). Minerals count as mass without volume: dissolved they add almost none.
 * Free water (law on a table): φ = max(0, W − Σ solidsᵢ × holdingᵢ) / mass.
 *
 * @throws FieldError for more cooked off than there is water, an unknown id, a preparation that does not suit, or an amount out of range
 */
export function compose(
  parts: readonly Part[],
  pantry: Pantry,
  {
    air = DEFAULT_AIR_SHARE,
    cookedOffG = 0,
    holdingFactor = 1,
    field = 'parts',
  }: ComposeOptions = {},
): Composition {
  const masses = parts.map((part, index) => {
    const at = `${field}[${index}]`;
    const ingredient = findIngredient(pantry, part.id, `${at}.id`);
    const preparation = part.preparation
      ? findPreparation(pantry, part.preparation, part.id, `${at}.preparation`)
      : undefined;
    return prepare(ingredient, part.g, preparation, part.weighedG, at);
  });
  const sum = (key: keyof PartMasses) => masses.reduce((total, each) => total + each[key], 0);
  const wetG = sum('waterG');
  if (cookedOffG > wetG) {
    throw new FieldError(
      field.replace(/parts$/, 'cookedOffG'),
      `must be at most ${wetG.toFixed(1)} g, the water in it, not ${cookedOffG}`,
    );
  }
  const massG = sum('massG') - cookedOffG;
  const waterG = wetG - cookedOffG;
  const freeG = Math.max(0, waterG - sum('holdingG') * holdingFactor);
  const proteinG = sum('proteinG');
  const fatG = sum('fatG');
  const carbohydrateG = sum('carbohydrateG');
  const volumeMl =
    waterG / PHASE_DENSITY_G_PER_ML.water +
    proteinG / PHASE_DENSITY_G_PER_ML.protein +
    fatG / PHASE_DENSITY_G_PER_ML.fat +
    carbohydrateG / PHASE_DENSITY_G_PER_ML.carbohydrate;
  const solidDensity =
    massG > 0
      ? massG / Math.max(volumeMl, massG / MAX_DENSITY_G_PER_ML)
      : PHASE_DENSITY_G_PER_ML.water;
  return {
    massG,
    waterG,
    proteinG,
    fatG,
    carbohydrateG,
    densityGPerMl: solidDensity * (1 - air),
    freeWaterShare: massG > 0 ? freeG / massG : 0,
    heldG: waterG - freeG,
    freeG,
    parts: masses,
  };
}
