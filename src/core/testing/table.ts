/**
 * For tests: a result as a table to read, a line for each of its parts with that part's own figures, so that a test
 * which fails says what moved. Words are left out, as they may be said better any day; figures in them are kept.
 * Long rows of numbers stand as how many, the first, the last, their sum, and their sum weighted by place.
 * @example table({ pieces: 12, sheet: { mm: 0.84 } }) // 'pieces 12\nsheet: mm 0.84'
 */
export function table(value: unknown): string {
  const lines: string[] = [];
  walk(value, '', lines);
  return lines.join('\n');
}

/** So many numbers still stand one by one. */
const SHORT = 6;

/** To six digits, and nothing below a billionth: what differs beyond them is the order of a sum. */
const numberText = (value: number): string =>
  Math.abs(value) < 1e-9 ? '0' : String(Number(value.toPrecision(6)));

/** An id as it is; of a sentence only its figures. */
const wordText = (word: string): string =>
  /^[\w./:-]*$/.test(word) ? word : `“${(word.match(/\d+(?:[.,:]\d+)*/g) ?? []).join(' ')}”`;

function leafText(value: unknown): string | null {
  if (value === null) return '-';
  if (typeof value === 'number') return numberText(value);
  if (typeof value === 'string') return wordText(value);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value) || ArrayBuffer.isView(value)) return rowText([value].flat(4));
  return null;
}

/** Numbers, and what holds nothing but numbers, on one line; null for other arrays. */
function rowText(given: readonly unknown[]): string | null {
  const all = given.flatMap((each) =>
    ArrayBuffer.isView(each) ? [...(each as Float64Array)] : [each],
  );
  if (all.length === 0) return 'none';
  if (all.every((each) => typeof each === 'string')) return all.map(wordText).join(', ');
  if (!all.every((each): each is number => typeof each === 'number')) return null;
  if (all.length <= SHORT) return `[${all.map(numberText).join(' ')}]`;
  const sum = all.reduce((total, each) => total + each, 0);
  const placed = all.reduce((total, each, i) => total + each * (i + 1), 0);
  return `[${all.length}: ${[all[0]!, all.at(-1)!, sum, placed].map(numberText).join(' ')}]`;
}

function walk(value: unknown, path: string, lines: string[]): void {
  const parts =
    value instanceof Map
      ? [...(value as Map<unknown, unknown>)]
      : Object.entries(value as Readonly<Record<string, unknown>>);
  const own: string[] = [];
  const deeper: (readonly [string, unknown])[] = [];
  for (const [key, part] of parts) {
    if (part === undefined || typeof part === 'function') continue;
    const text = leafText(part);
    if (text === null) deeper.push([String(key), part]);
    else own.push(`${String(key)} ${text}`);
  }
  if (own.length) lines.push(path ? `${path}: ${own.join(', ')}` : own.join(', '));
  for (const [key, part] of deeper) {
    const under = path ? `${path}.${key}` : key;
    const columns = columnsOf(part);
    if (columns) lines.push(`${under}: ${columns}`);
    else walk(part, under, lines);
  }
}

/** A long row of parts alike that hold nothing but numbers, column by column; null for anything else. */
function columnsOf(part: unknown): string | null {
  if (!Array.isArray(part) || part.length <= SHORT) return null;
  const rows = part as readonly Readonly<Record<string, unknown>>[];
  const isNumbers = (each: unknown): boolean =>
    Array.isArray(each) ? each.every(isNumbers) : typeof each === 'number';
  const keys = Object.keys(rows[0]!);
  if (!rows.every((row) => keys.every((key) => isNumbers(row[key])))) return null;
  return keys
    .map((key) => `${key} ${rowText(rows.flatMap((row) => [row[key]].flat(4)))!}`)
    .join(', ');
}
