/** What several commands read: tables, calibrations, options. */
import { parseArgs } from 'node:util';
import type { Learnt } from '../core/basis/learnt';
import { learntFileSchema } from '../core/calibrate/learntSchema';
import type { Ingredient, Preparation } from '../core/composition/ingredient';
import { pantryWith, type Pantry } from '../core/composition/pantry';
import { allRows, kindOfTable, readIngredients, readPreparations } from '../core/formats/tablesCsv';
import { firstIssue } from '../core/plan/document/parsePlan';
import { FieldError } from '../core/range';
import { VAULT_COMMANDS } from './vaultCommands';
import { nameOf, readJson, UsageError, type World } from './world';

/** The shipped pantry with the rows of tables put into it. @throws UsageError naming the file and the line */
export function readPantry(world: World, files: readonly string[]): Pantry {
  const ingredients: Ingredient[] = [];
  const preparations: Preparation[] = [];
  for (const file of files) {
    const csv = world.readText(file);
    try {
      if (kindOfTable(csv) === 'preparations') preparations.push(...allRows(readPreparations(csv)));
      else ingredients.push(...allRows(readIngredients(csv)));
    } catch (error) {
      if (error instanceof FieldError) throw new UsageError(`${nameOf(file)}: ${error.message}`);
      throw error;
    }
  }
  return pantryWith({ ingredients, preparations });
}

/** What runs taught, from a file as `calibrate` prints it; nothing where none is named. */
export function readCalibrations(world: World, file: string | undefined): readonly Learnt[] {
  if (file === undefined) return [];
  const read = learntFileSchema.safeParse(readJson(world, file));
  if (read.success) return read.data.learnt;
  const { path, message } = firstIssue(read.error);
  throw new UsageError(`${nameOf(file)}: ${path}: ${message}`);
}

const OPTIONS = {
  rows: { type: 'string', multiple: true },
  calibrations: { type: 'string' },
  plan: { type: 'string' },
  today: { type: 'string' },
  db: { type: 'string' },
  cook: { type: 'string' },
  role: { type: 'string' },
  seed: { type: 'string' },
  'where-different': { type: 'string' },
  help: { type: 'boolean' },
} as const;

/** Which commands each option goes with. */
const GOES_WITH: Readonly<Record<Exclude<keyof typeof OPTIONS, 'help'>, readonly string[]>> = {
  rows: ['plan', 'day', 'faults', 'run', 'calibrate'],
  calibrations: ['plan', 'day', 'faults'],
  plan: ['run'],
  today: ['calibrate'],
  db: [...VAULT_COMMANDS, 'passphrase', 'keys'],
  seed: ['drill'],
  cook: ['passphrase'],
  role: ['passphrase'],
  'where-different': ['import'],
};

/** Words and options of a command. @throws UsageError when an option is not known, or goes with another command */
export function readOptions(args: string[]) {
  const { values, positionals } = parsed(args);
  const { rows = [], help, ...rest } = values;
  const words = help ? ['help'] : positionals;
  for (const [option, commands] of Object.entries(GOES_WITH)) {
    const given = values[option as keyof typeof GOES_WITH] !== undefined;
    if (given && !help && !commands.includes(words[0] ?? '')) {
      throw new UsageError(`--${option}: goes with ${commands.join(', ')} only`);
    }
  }
  return { ...rest, rows, words };
}

function parsed(args: string[]) {
  try {
    return parseArgs({ args, options: OPTIONS, allowPositionals: true });
  } catch (error) {
    throw new UsageError((error as Error).message);
  }
}
