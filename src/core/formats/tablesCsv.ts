import Papa from 'papaparse';
import { FORMULA, withoutQuote } from './csvFormula';
import type * as z from 'zod';
import type { Ingredient, Preparation } from '../composition/ingredient';
import {
  INGREDIENT_RANGES,
  ingredientSchema,
  preparationSchema,
} from '../composition/pantrySchema';
import { FieldError } from '../range';

/** What is wrong in a table, by line and column; line 1 names the columns. */
export interface TableProblem {
  readonly line: number;
  readonly column: string;
  readonly message: string;
}

/** What a table holds: the rows that can be taken, and what is wrong with the others. */
export interface TableRead<T> {
  readonly rows: readonly T[];
  readonly problems: readonly TableProblem[];
}

/** How one field of a row is written in the table. */
interface Column {
  readonly column: string;
  read(text: string): unknown;
  write(value: never): string;
  /** Said in place of the schema’s own words where the table counts in another unit. */
  readonly outOfRange?: string;
}

const text = (column: string): Column => ({
  column,
  read: (cell) => cell.trim(),
  write: (value: string) => value,
});
/** Not a number reads as NaN, which every range refuses. */
const asNumber = (cell: string): number =>
  cell.trim() === '' ? Number.NaN : Number(cell.replace(',', '.'));
const tidy = (value: number): string => String(Number(value.toFixed(6)));
const number = (column: string): Column => ({
  column,
  read: asNumber,
  write: (value: number) => tidy(value),
});
/** Per 100 g in the table, a share inside. */
const percent = (column: 'water' | 'protein' | 'fat' | 'carbohydrate' | 'fibre'): Column => ({
  column,
  outOfRange: `${INGREDIENT_RANGES[column].label} must be a number from 0 to 100, grams in 100 g`,
  read: (cell) => Math.round(asNumber(cell) * 1000) / 1e5,
  write: (value: number) => tidy(value * 100),
});
const list = (column: string): Column => ({
  column,
  read: (cell) =>
    cell
      .split(';')
      .map((each) => each.trim())
      .filter(Boolean),
  write: (value: readonly string[]) => value.join(';'),
});
const yesNo = (column: string): Column => ({
  column,
  read: (cell) => ({ '1': true, '0': false })[cell.trim()],
  write: (value: boolean) => (value ? '1' : '0'),
});

const INGREDIENT_COLUMNS: Record<keyof Ingredient, Column> = {
  id: text('id'),
  name: text('name'),
  group: text('group'),
  water: percent('water'),
  protein: percent('protein'),
  fat: percent('fat'),
  carbohydrate: percent('carbohydrate'),
  fibre: percent('fibre'),
  densityGPerMl: number('density_g_per_ml'),
  holding: number('holding'),
  gluten: number('gluten'),
  absorption: number('absorption'),
  allergens: list('allergens'),
  diet: text('diet'),
};

const PREPARATION_COLUMNS: Record<keyof Preparation, Column> = {
  id: text('id'),
  name: text('name'),
  appliesTo: list('applies_to'),
  massYield: number('mass_yield'),
  solidsLost: number('solids_lost'),
  liquorShare: number('liquor_share'),
  hot: yesNo('hot'),
  note: text('note'),
};

/**
 * Reads an ingredient table: per-100 g figures in, shares of mass out. Never throws: what cannot be
 * taken is named by line and column, the rest is given. Format: docs/formats.md.
 * @example readIngredients(csv).problems[0] // { line: 3, column: 'water', message: 'Water must be …' }
 */
export const readIngredients = (csv: string): TableRead<Ingredient> =>
  readTable(csv, INGREDIENT_COLUMNS, ingredientSchema);

/** Reads a preparation table, in the same way. */
export const readPreparations = (csv: string): TableRead<Preparation> =>
  readTable(csv, PREPARATION_COLUMNS, preparationSchema);

/** Writes ingredients as the table that `readIngredients` reads. */
export const writeIngredients = (rows: readonly Ingredient[]): string =>
  writeTable(rows, INGREDIENT_COLUMNS);

/** Writes preparations as the table that `readPreparations` reads. */
export const writePreparations = (rows: readonly Preparation[]): string =>
  writeTable(rows, PREPARATION_COLUMNS);

/** Which of the two tables a file is, by its columns; null when neither. */
export function kindOfTable(csv: string): 'ingredients' | 'preparations' | null {
  const columns =
    Papa.parse<string[]>(csv, { preview: 1, delimiter: delimiterOf(csv) }).data[0] ?? [];
  if (columns.includes('mass_yield')) return 'preparations';
  return columns.includes('density_g_per_ml') ? 'ingredients' : null;
}

/** One line of a table, or several where a cell goes over them. */
interface TableLine {
  /** Where it begins; the first is 1. */
  readonly line: number;
  readonly cells: readonly string[];
  /** What the parser found wrong with its quotes. */
  readonly broken: string | null;
}

/** What stands between a table's cells: a comma, or what a spreadsheet of another country writes. */
function delimiterOf(csv: string): string {
  const [head = ''] = csv.split(/[\r\n]/, 1);
  return [',', ';', '\t'].find((each) => head.includes(each)) ?? ',';
}

/** The lines of a table that hold anything, each with where it stands in the file. */
function linesOf(csv: string): TableLine[] {
  const lines: TableLine[] = [];
  let [from, line] = [0, 1];
  Papa.parse<string[]>(csv, {
    delimiter: delimiterOf(csv),
    transform: withoutQuote,
    step({ data, errors, meta }) {
      const [broken] = errors.filter(({ type }) => type === 'Quotes');
      if (data.some((cell) => cell !== '') || broken) {
        lines.push({ line, cells: data, broken: broken?.message ?? null });
      }
      line += csv.slice(from, meta.cursor).match(/\r\n|\n|\r/g)?.length ?? 0;
      from = meta.cursor;
    },
  });
  return lines;
}

/** What is wrong with a table's first line: columns that are missing, or there twice. */
function headProblems(head: readonly string[], wanted: readonly string[]): TableProblem[] {
  return wanted.flatMap((column) => {
    const times = head.filter((each) => each === column).length;
    if (times === 1) return [];
    const message = times === 0 ? 'is a column that must be there' : 'is there twice';
    return [{ line: 1, column, message }];
  });
}

function readTable<T>(
  csv: string,
  columns: Readonly<Record<string, Column>>,
  schema: z.ZodType<T>,
): TableRead<T> {
  const [first, ...lines] = linesOf(csv.replace(/^\uFEFF/, ''));
  const head = (first?.cells ?? []).map((cell) => cell.trim());
  const wanted = Object.values(columns).map(({ column }) => column);
  const bad = headProblems(head, wanted);
  if (bad.length) return { rows: [], problems: bad };
  const rows: T[] = [];
  const problems: TableProblem[] = [];
  const seen = new Map<string, number>();
  for (const { line, cells, broken } of lines) {
    const [column = 'id'] = wanted;
    if (broken) {
      // From an open quote on, nothing can be told apart.
      problems.push({ line, column, message: `a quote is not closed: ${broken}` });
      continue;
    }
    if (cells.slice(head.length).some((cell) => cell.trim() !== '')) {
      const message = `the row has ${cells.length} cells, the table ${head.length} columns`;
      problems.push({ line, column, message });
      continue;
    }
    const cellOf = new Map(head.map((name, at) => [name, cells[at] ?? '']));
    const row = Object.fromEntries(
      Object.entries(columns).map(([field, { column: name, read }]) => [
        field,
        read(cellOf.get(name) ?? ''),
      ]),
    );
    const result = schema.safeParse(row);
    const id = String(row.id);
    const before = seen.get(id);
    if (!result.success) {
      for (const issue of result.error.issues) {
        const field = String(issue.path[0] ?? 'id');
        const own = issue.code === 'custom' ? undefined : columns[field]?.outOfRange;
        problems.push({
          line,
          column: columns[field]?.column ?? field,
          message: own ?? issue.message,
        });
      }
    } else if (before !== undefined) {
      problems.push({ line, column: 'id', message: `“${id}” is on line ${before} already` });
    } else {
      rows.push(result.data);
    }
    if (before === undefined) seen.set(id, line);
  }
  if (lines.length === 0) {
    problems.push({ line: 2, column: wanted[0] ?? 'id', message: 'there are no rows' });
  }
  return { rows, problems };
}

const writeTable = <T extends object>(
  rows: readonly T[],
  columns: Readonly<Record<string, Column>>,
): string =>
  `${Papa.unparse(
    rows.map((row) =>
      Object.fromEntries(
        Object.entries(columns).map(([field, { column, write }]) => [
          column,
          write((row as Record<string, never>)[field] as never),
        ]),
      ),
    ),
    {
      columns: Object.values(columns).map(({ column }) => column),
      newline: '\n',
      escapeFormulae: FORMULA,
    },
  )}\n`;

/**
 * The rows of a table that must be right as a whole.
 * @throws FieldError naming the line and column of the first thing wrong
 */
export function allRows<T>({ rows, problems }: TableRead<T>): readonly T[] {
  const [first] = problems;
  if (first) throw new FieldError(`line ${first.line}, ${first.column}:`, first.message);
  return rows;
}
