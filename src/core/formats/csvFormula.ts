/**
 * Cells that a spreadsheet would take for a formula: they are written with a quote before them. Numbers
 * below nothing are none. One that has the quote already gets another, so that each comes back as it was.
 */
export const FORMULA = /^'*(?:[=@\t\r]|[+-](?!\d*\.?\d+$))/;

/**
 * A cell as it was before it was made safe to open in a spreadsheet.
 * @example withoutQuote("'=1+1") // '=1+1'
 */
export const withoutQuote = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
