import Papa from 'papaparse';
import type { Ingredient, IngredientGroup, Preparation } from '../composition/ingredient';
import { FieldError } from '../range';

type Row = Record<string, string>;

/**
 * Reads the ingredient table: per-100 g figures in, shares of mass out. Format: docs/formats.md.
 * @throws FieldError naming the line and column of the first bad figure
 */
export function ingredientRowsFromCsv(csv: string): Ingredient[] {
  return rowsOf(csv).map((row, index) => {
    const share = (column: string) => Math.round(cell(row, column, index, 100) * 1000) / 1e5;
    return {
      id: row.id ?? '',
      name: row.name ?? '',
      group: row.group as IngredientGroup,
      water: share('water'),
      protein: share('protein'),
      fat: share('fat'),
      carbohydrate: share('carbohydrate'),
      fibre: share('fibre'),
      densityGPerMl: cell(row, 'density_g_per_ml', index, 5),
      holding: cell(row, 'holding', index, 20),
      gluten: cell(row, 'gluten', index, 1),
      absorption: cell(row, 'absorption', index, 1, -1),
      allergens: list(row.allergens),
      diet: row.diet ?? '',
    };
  });
}

/** Reads the preparation table. Format: docs/formats.md. */
export function preparationRowsFromCsv(csv: string): Preparation[] {
  return rowsOf(csv).map((row, index) => ({
    id: row.id ?? '',
    name: row.name ?? '',
    appliesTo: list(row.applies_to),
    massYield: cell(row, 'mass_yield', index, 5),
    solidsLost: cell(row, 'solids_lost', index, 1),
    liquorShare: cell(row, 'liquor_share', index, 1),
    hot: cell(row, 'hot', index, 1) === 1,
    note: row.note ?? '',
  }));
}

const rowsOf = (csv: string): Row[] =>
  Papa.parse<Row>(csv, { header: true, skipEmptyLines: true }).data;

const list = (text: string | undefined): string[] => (text ? text.split(';') : []);

function cell(row: Row, column: string, index: number, max: number, min = 0): number {
  const value = Number(row[column]);
  if (!row[column]?.trim() || !(value >= min && value <= max)) {
    // Line 1 is the header.
    throw new FieldError(`line ${index + 2}, ${column}`, `must be a number from ${min} to ${max}`);
  }
  return value;
}
