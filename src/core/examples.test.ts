import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { startingBasis } from './basis/basis';
import { startingRules } from './basis/rules';
import { startingPantry } from './composition/pantry';
import { startingKitchen } from './kitchen/kitchen';
import { evaluatePlan } from './plan/evaluatePlan';
import { modelOf } from './risk/modelOf';
import { ravioliSquare } from './shapes/families/ravioli';
import { capMound } from './shapes/mound';
import { differs } from './testing/examples';
import { planWith } from './testing/plans';
import { METRIC } from './units/units';

/** An `@example call // what it gives` of a doc comment. */
interface Example {
  /** `batch/batch.ts:45`. */
  readonly at: string;
  readonly file: string;
  readonly code: string;
  /** As written; the value stands first, words may follow. */
  readonly gives: string;
}

/** Every example in one line of a folder's doc comments. */
function examplesIn(folder: string): Example[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.ts$/.test(file) && !/\.test\.ts$|^testing\//.test(file))
    .sort()
    .flatMap((file) =>
      readFileSync(join(folder, file), 'utf8')
        .split('\n')
        .flatMap((text, i) => {
          const [, code, gives] = /@example (.+?) \/\/ (.+?)(?: \*\/)?$/.exec(text) ?? [];
          return code && gives ? [{ at: `${file}:${i + 1}`, file, code, gives }] : [];
        }),
    );
}

const plan = planWith();

/** What examples may name without saying where it is from. */
const COMMON = {
  basis: startingBasis,
  kitchen: startingKitchen,
  METRIC,
  model: modelOf(plan, startingBasis),
  mound: capMound(
    { doseG: 9, densityGPerMl: 1.04, yieldStressPa: 900, laid: 'piped' },
    startingRules,
  ),
  pantry: startingPantry,
  plan,
  ravioliSquare,
  result: evaluatePlan(plan, startingBasis),
  rules: startingRules,
  startingPantry,
  startingRules,
  tenStep: startingKitchen.rollers[0],
};

/** What is too long for a line stands in an example by its name alone; such an example is read, not run. */
const GIVEN = [
  ...['a', 'band', 'bench', 'begun', 'celeriac', 'conflicts', 'cooling', 'course', 'crank', 'csv'],
  ...['day', 'document', 'dough', 'entry', 'events', 'figures', 'grid55', 'input', 'laying'],
  ...['look', 'maren', 'missedYesterday', 'moundOf8g', 'options', 'page', 'piece', 'pin'],
  ...['planShortOfFlour', 'problem', 'rows', 'runs', 'service', 'sharers', 'size', 'slow'],
  ...['state', 'terms', 'timetable', 'watch'],
];

/** What an example gives; `null` where it cannot be run as it stands. */
function run({ file, code }: { file: string; code: string }): { value: unknown } | null {
  if (code.includes('…')) return null;
  const scope = { ...COMMON, ...(jest.requireActual(join(__dirname, file)) as object) };
  try {
    const call = new Function(...Object.keys(scope), `return (${code})`);
    return { value: (call as (...all: unknown[]) => unknown)(...Object.values(scope)) };
  } catch (error) {
    const [, name] = /^(\w+) is not defined$/.exec((error as Error).message) ?? [];
    if (name && GIVEN.includes(name)) return null;
    throw error;
  }
}

const examples = examplesIn(__dirname);
/** Fewer run, and names that stand for something have crept in. */
const MOST = 0.7;

test('examples in doc comments give what they say', () => {
  const wrong: string[] = [];
  let ran = 0;
  for (const example of examples) {
    try {
      const found = run(example);
      const difference = found && differs(example.gives, found.value);
      if (difference) wrong.push(`${example.at}: ${difference}`);
      if (found) ran++;
    } catch (error) {
      wrong.push(`${example.at}: ${(error as Error).message}`);
    }
  }
  expect(wrong).toEqual([]);
  expect(ran / examples.length).toBeGreaterThan(MOST);
});

test.each([
  ['0.83', 0.829, null],
  ['0.83', 0.836, 'it is 0.836, not 0.83'],
  ['−0.89: hardly why', -0.8854, null],
  ['8 lines', 8.5, null],
  ["'about 2 cups'", 'about 2 cups', null],
  ['{ mm: 0.83, … }', { mm: 0.8, label: '8' }, 'it.mm is 0.8, not 0.83'],
  ['[{ a: 1 }, …]', [{ a: 1 }, { a: 2 }], null],
  ['[1, 2]', [1, 2, 3], 'it holds 3'],
  ['the same each time', 7, null],
])('%s held against %j', (gives, value, difference) => {
  expect(differs(gives, value)).toBe(difference);
});
