import { readFileSync } from 'node:fs';
import { PlanError } from '../../core/plan/document/planError';
import { pick, scribbled, spoilt, type Random } from '../../server/testing/hardness/badInputs';
import { refusalOf, runCommand } from '../command';
import { UsageError, type World } from '../world';

const PLAN = readFileSync('demo/plans/celeriac-and-smoked-curd-ravioli.json', 'utf8');

/** A good file for each command, to be spoilt. */
const FILES = new Map<string, string>(
  Object.entries({
    'plan.json': PLAN,
    'day.json': readFileSync('demo/days/friday-supper-and-saturday-stall.json', 'utf8'),
    'faults.json': JSON.stringify({
      plan: JSON.parse(PLAN),
      signs: ['bursts'],
      answers: { floatedHigh: 'yes' },
    }),
    'calc.json': JSON.stringify([
      { name: 'moundHeight', input: { volumeMl: 9, radiusMm: 18 } },
      { name: 'discLayout', input: { widthMm: 145, lengthMm: 900, diameterMm: 60, gapMm: 4 } },
    ]),
    'run.jsonl': `${JSON.stringify({ format: 'mortar-sheet/run', version: 1, id: 'r', plan: JSON.parse(PLAN) })}\n`,
    'table.csv': readFileSync('data/ingredients.csv', 'utf8').split('\n').slice(0, 5).join('\n'),
    'learnt.json': JSON.stringify({ format: 'mortar-sheet/calibrations', version: 1, learnt: [] }),
  }),
);

const COMMANDS: readonly (readonly string[])[] = [
  ['plan', 'plan.json'],
  ['plan', 'plan.json', '--rows', 'table.csv'],
  ['plan', 'plan.json', '--calibrations', 'learnt.json'],
  ['day', 'day.json'],
  ['faults', 'faults.json'],
  ['calc', 'calc.json'],
  ['run', 'run.jsonl'],
  ['run', 'run.jsonl', '--plan', 'plan.json'],
  ['calibrate', '.', '--today', '2026-11-24'],
  ['drill', 'dose', '--seed', '3'],
  ['schema', 'plan'],
  ['help'],
];

/** A document or a line of words with something wrong in it. */
function broken(text: string, random: Random): string {
  const json = text.startsWith('{') && !text.includes('}\n');
  return json && random() < 0.4
    ? JSON.stringify(spoilt(JSON.parse(text), random))
    : scribbled(text, random);
}

/**
 * Gives the command line a bad command, or a good one bad files. What the user can mend must be said in one
 * line.
 * @throws PlanError with that line
 */
export async function badCommand(random: Random): Promise<void> {
  const command = pick(random, COMMANDS);
  const wordsToo = random() < 0.2;
  const args = command.map((word) => (wordsToo ? scribbled(word, random) : word));
  const world: World = {
    readText(file) {
      const text = FILES.get(file) ?? FILES.get(file.split('/').at(-1) ?? '');
      if (text === undefined) throw new UsageError(`${file}: cannot be read`);
      return broken(text, random);
    },
    list: () => ['run.jsonl', 'plan.json'],
    print: (value) => void JSON.stringify(value),
    say: () => {},
  };
  // A vault, or a terminal, is no business of a guess.
  if (['backup', 'restore', 'export', 'import', 'passphrase', 'keys'].includes(args[0] ?? ''))
    return;
  try {
    await runCommand(args, world);
  } catch (error) {
    const line = refusalOf(error);
    if (line === null || line.includes('\n')) throw error;
    throw new PlanError(line);
  }
}
