/**
 * How sheets lie under and over the filling.
 * - `book`: one sheet, its far half folded back over the near half at a crease across it
 * - `foldLong`: one sheet, folded lengthwise along its middle
 * - `two`: two sheets in register
 * - `cutBlanks`: blanks cut first from single sheets, then paired
 * - `single`: one layer, each blank folded by itself
 */
export const SHEET_WAYS = ['book', 'foldLong', 'two', 'cutBlanks', 'single'] as const;

export type SheetWay = (typeof SHEET_WAYS)[number];

/** What a way of laying sheets is called, and what it means in a line. */
export const SHEET_WAY_NAMES: Readonly<Record<SheetWay, { name: string; says: string }>> = {
  book: { name: 'Book', says: 'one sheet, its far half folded back over the filling' },
  foldLong: { name: 'Folded long', says: 'one sheet, folded lengthwise over the filling' },
  two: { name: 'Two sheets', says: 'a lower and an upper sheet in register' },
  cutBlanks: { name: 'Cut blanks', says: 'blanks cut first, then paired' },
  single: { name: 'Single', says: 'one layer, each blank folded by itself' },
};
