import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import * as fontkit from 'fontkit';

const WEIGHTS = { regular: 400, bold: 700 } as const;

export type Weight = keyof typeof WEIGHTS;

/** One file of letters. */
export interface Face {
  readonly name: string;
  readonly bytes: Buffer;
  has(letter: string): boolean;
}

/** A stretch of a line that one file holds. */
export interface Run {
  readonly face: Face;
  readonly text: string;
}

/**
 * Where letters are looked for, in this order: the product’s own text face, then faces that hold what else may be
 * typed in a name, then signs. Read when they are first needed: nearly all that is printed is in the first.
 */
const FILES: readonly { readonly of: string; readonly subset: string; readonly only?: 400 }[] = [
  { of: '@fontsource/atkinson-hyperlegible-next', subset: 'latin' },
  { of: '@fontsource/atkinson-hyperlegible-next', subset: 'latin-ext' },
  ...['latin', 'latin-ext', 'vietnamese', 'greek', 'greek-ext'].map((subset) => ({
    of: '@fontsource/noto-sans',
    subset,
  })),
  ...['cyrillic', 'cyrillic-ext', 'devanagari'].map((subset) => ({
    of: '@fontsource/noto-sans',
    subset,
  })),
  { of: '@fontsource/noto-sans-math', subset: 'latin', only: 400 },
];

/** Signs that no face holds, by one that is read the same. */
const READ_AS: Readonly<Record<string, string>> = { '✕': '×', '✗': '×', '✔': '✓' };

const read = new Map<string, Face>();

function faceAt(i: number, weight: Weight): Face {
  const { of, subset, only } = FILES[i]!;
  const name = `${of.split('/')[1]}-${subset}-${only ?? WEIGHTS[weight]}`;
  const known = read.get(name);
  if (known) return known;
  const root = dirname(
    createRequire(join(process.cwd(), 'package.json')).resolve(`${of}/package.json`),
  );
  const bytes = readFileSync(join(root, 'files', `${name}-normal.woff`));
  const font = fontkit.create(bytes);
  const face: Face = {
    name,
    bytes,
    has: (letter) =>
      'hasGlyphForCodePoint' in font && font.hasGlyphForCodePoint(letter.codePointAt(0) ?? 0),
  };
  read.set(name, face);
  return face;
}

function faceOf(letter: string, weight: Weight): Face | null {
  for (let i = 0; i < FILES.length; i += 1) {
    const face = faceAt(i, weight);
    if (face.has(letter)) return face;
  }
  return null;
}

/** A letter with the face that holds it; where none does, what it is made of, or is read as; else a question mark. */
function written(letter: string, weight: Weight): Run[] {
  const face = faceOf(letter, weight);
  if (face) return [{ face, text: letter }];
  const parts = [...(READ_AS[letter] ?? letter.normalize('NFKC'))];
  const held = parts.map((part) => ({ face: faceOf(part, weight), text: part }));
  return held.every((part): part is Run => part.face !== null)
    ? held
    : [{ face: faceAt(0, weight), text: '?' }];
}

/**
 * A line in stretches that one face each holds.
 * @example runsOf('≈ 4', 'regular').map(({ text }) => text) // ['≈', ' 4']
 */
export function runsOf(line: string, weight: Weight): Run[] {
  const runs: Run[] = [];
  for (const letter of line.normalize('NFC')) {
    for (const { face, text } of written(letter, weight)) {
      const last = runs.at(-1);
      if (last?.face === face) runs[runs.length - 1] = { face, text: last.text + text };
      else runs.push({ face, text });
    }
  }
  return runs;
}
