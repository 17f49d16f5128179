/** The command line over the core. Usage: npm run -s mortar -- plan|calc FILE.json, or schema plan. */
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { basisWith } from '../core/basis/basis';
import type { Learnt } from '../core/basis/learnt';
import { learn, learntFileSchema } from '../core/calibrate/learnt';
import { parseArgs } from 'node:util';
import * as z from 'zod';
import { runCalculations } from '../core/calc/calculators';
import type { Ingredient, Preparation } from '../core/composition/ingredient';
import { pantryWith, type Pantry } from '../core/composition/pantry';
import { allRows, kindOfTable, readIngredients, readPreparations } from '../core/formats/tablesCsv';
import { DRILL_IDS } from '../core/drills/drill';
import { drill, MOST_SEED } from '../core/drills/drills';
import { readDayFile } from '../core/formats/dayFile';
import { readRunFile } from '../core/formats/runFile';
import { faultFileSchema } from '../core/faults/faultFile';
import { placesOf } from '../core/layout/places';
import { cautionsFor } from '../core/plan/questions/cautions';
import { evaluatePlan } from '../core/plan/evaluatePlan';
import { modelOf } from '../core/plan/model/model';
import { scatter } from '../core/risk/scatter';
import { toMake } from '../core/risk/toMake';
import { bowlsOf } from '../core/run/bowls';
import { evidenceOf } from '../core/run/evidence';
import { foldRun } from '../core/run/fold';
import { runLedger } from '../core/run/ledger';
import { firstIssue, parsePlan } from '../core/plan/document/parsePlan';
import { PlanError } from '../core/plan/document/planError';
import { planSchema, type Plan } from '../core/plan/document/schema';
import { FieldError } from '../core/range';
import { daySchema } from '../core/schedule/document/day';
import { VaultProblem } from '../server/vault/problem';
import { isVaultCommand, VAULT_COMMANDS } from './vaultCommands';

const USAGE = `Usage:
  mortar plan FILE.json     work a plan document out; its full result as JSON
    --rows TABLE.csv        with rows of your own, ingredients or preparations; may be repeated
    --calibrations FILE     with what runs taught, as calibrate prints it
  mortar calc FILE.json     run a list of { "name", "input" }; outputs as JSON
  mortar run FILE.jsonl     fold a run's events; its state, bowls and ledger as JSON
    --plan FILE.json        the plan it was made from, where the file does not hold it
  mortar calibrate DIR      what the run files of a folder teach, as JSON
    --today 2026-11-24      the day older runs are weighed against; the latest run's when left out
  mortar day FILE.json      put a day on the clock; its timetable as JSON; takes --rows and --calibrations too
  mortar faults FILE.json   from what is seen to its likeliest causes; see docs/formats.md; takes --rows and --calibrations too
  mortar drill KIND         an exercise with its answer worked out: light, dose, opens, hand, left, now, firstSheet
    --seed N                the same seed gives the same exercise; 1 when left out
  mortar schema plan        the JSON Schema of the plan document, or: day, faults
  mortar backup FILE        copy the kitchen to a file of its own, while it is in use
  mortar restore FILE       put a copy in the kitchen's place; what stands there is copied first
  mortar export FILE.zip    write everything the kitchen keeps as one open archive
  mortar import FILE.zip    say what an archive would change; nothing is changed without --where-different
    --where-different keep  take it in; what is here stays where both have something, or: take
  mortar passphrase         set the house's passphrase, read from standard input, for coming in from other devices
    --cook NAME --role ROLE a cook's own: look, bench or plan
  mortar keys               who may come in
    --db FILE               another kitchen's file, for these six; MORTAR_DB or data/mortar.db when left out
FILE may be - for standard input. Bad input: one line on standard error, exit code 2.`;

/** Anything the user can mend; printed as one line. */
class UsageError extends Error {}

const nameOf = (file: string): string => (file === '-' ? 'standard input' : file);

function readText(file: string): string {
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch {
    throw new UsageError(`${nameOf(file)}: cannot be read`);
  }
}

function readJson(file: string | undefined): unknown {
  if (!file) throw new UsageError('FILE: name a JSON file, or - for standard input');
  try {
    return JSON.parse(readText(file));
  } catch (error) {
    if (error instanceof UsageError) throw error;
    throw new UsageError(
      `${nameOf(file)}: is not JSON: ${(error as Error).message.split('\n')[0]}`,
    );
  }
}

/** The shipped pantry with the rows of tables put into it. */
function readPantry(files: readonly string[]): Pantry {
  const ingredients: Ingredient[] = [];
  const preparations: Preparation[] = [];
  for (const file of files) {
    const csv = readText(file);
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

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
}

/** A plan's result, with the passes, every blank's place, and the cautions that go with it. */
function printPlan(plan: Plan, pantry: Pantry, learnt: readonly Learnt[]): void {
  const basis = basisWith(pantry, learnt);
  const result = evaluatePlan(plan, basis);
  const model = modelOf(plan, basis);
  const hands = scatter(model);
  print({
    ...result,
    remedies: result.weakestLink.remedies,
    scatter: { ...hands, make: toMake(result.counts.plated, hands.lost) + result.counts.tasted },
    layout: { ...result.layout, places: placesOf(result.layout.laying) },
    cautions: cautionsFor(plan, pantry),
  });
}

function readCalibrations(file: string): readonly Learnt[] {
  const read = learntFileSchema.safeParse(readJson(file));
  if (read.success) return read.data.learnt;
  const { path, message } = firstIssue(read.error);
  throw new UsageError(`${nameOf(file)}: ${path}: ${message}`);
}

/** A run's state, and against its plan its bowls and ledger. */
function printRun(file: string | undefined, pantry: Pantry, planFile: string | undefined): void {
  if (!file) throw new UsageError('FILE: name a run file, or - for standard input');
  const { id, plan: held, learnt, events, bad } = readRunFile(readText(file), pantry);
  const plan = planFile === undefined ? held : parsePlan(readJson(planFile), pantry);
  const state = foldRun(events);
  const result = plan && evaluatePlan(plan, basisWith(pantry, learnt));
  const { events: _events, ...rest } = state;
  print({
    id,
    ...rest,
    begun: [...state.begun],
    done: [...state.done],
    ticked: [...state.ticked],
    ingredients: Object.fromEntries(state.ingredients),
    bowls: result && bowlsOf(result, state),
    ledger: result && runLedger(result, state),
    unreadable: bad,
  });
}

/** What the run files of a folder teach, as a file that plans can be worked out with. */
function printCalibrations(
  folder: string | undefined,
  pantry: Pantry,
  today: string | undefined,
): void {
  if (!folder) throw new UsageError('DIR: name a folder of run files');
  if (today !== undefined && !z.iso.date().safeParse(today).success) {
    throw new UsageError(`--today: must be a day as 2026-11-24, not ${today}`);
  }
  let files: string[];
  try {
    files = readdirSync(folder)
      .filter((name) => name.endsWith('.jsonl'))
      .sort();
  } catch {
    throw new UsageError(`${folder}: is not a folder that can be read`);
  }
  const runs = files.map((name) => {
    const { plan, learnt, events } = readRunFile(readText(join(folder, name)), pantry);
    if (!plan) throw new UsageError(`${name}: holds no plan`);
    const state = foldRun(events);
    return {
      run: name,
      madeOn: state.madeOn ?? '1970-01-01',
      evidence: evidenceOf(plan, state, basisWith(pantry, learnt)),
    };
  });
  const latest = runs
    .map(({ madeOn }) => madeOn)
    .sort()
    .at(-1);
  print({
    format: 'mortar-sheet/calibrations',
    version: 1,
    learnt: learn(runs, { today: today ?? latest ?? '1970-01-01' }),
  });
}

/** An exercise, its answer and how it comes. */
function printDrill(kind: string | undefined, seed = '1'): void {
  const id = DRILL_IDS.find((each) => each === kind);
  if (!id) throw new UsageError(`KIND: must be one of: ${DRILL_IDS.join(', ')}`);
  const n = Number(seed);
  if (!Number.isInteger(n) || n < 0 || n > MOST_SEED) {
    throw new UsageError(`--seed: must be a whole number from 0 to ${MOST_SEED}`);
  }
  print(drill(id, n));
}

/** @throws UsageError when an option is not known */
function readOptions(args: string[]) {
  try {
    const options = {
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
    const { values, positionals } = parseArgs({ args, options, allowPositionals: true });
    const { rows = [], help, ...rest } = values;
    return { ...rest, rows, words: help ? ['help'] : positionals };
  } catch (error) {
    throw new UsageError((error as Error).message);
  }
}

async function main(args: string[]): Promise<void> {
  const { rows, calibrations, plan, today, db, words, ...options } = readOptions(args);
  const [command, argument] = words;
  const goes = (option: string, given: boolean, ...commands: string[]) => {
    if (given && !commands.includes(command ?? '')) {
      throw new UsageError(`--${option}: goes with ${commands.join(', ')} only`);
    }
  };
  goes('rows', rows.length > 0, 'plan', 'day', 'faults', 'run', 'calibrate');
  goes('calibrations', calibrations !== undefined, 'plan', 'day', 'faults');
  goes('plan', plan !== undefined, 'run');
  goes('today', today !== undefined, 'calibrate');
  goes('db', db !== undefined, ...VAULT_COMMANDS, 'passphrase', 'keys');
  goes('seed', options.seed !== undefined, 'drill');
  goes('cook', options.cook !== undefined, 'passphrase');
  goes('role', options.role !== undefined, 'passphrase');
  goes('where-different', options['where-different'] !== undefined, 'import');
  if (isVaultCommand(command)) {
    if (!argument) throw new UsageError('FILE: name a file');
    // The database is loaded only where it is asked for.
    const { vaultCommand } = await import('./vault');
    return print(
      await vaultCommand(command, argument, { db, different: options['where-different'] }),
    );
  }
  switch (command) {
    case 'plan': {
      const pantry = readPantry(rows);
      const learnt = calibrations === undefined ? [] : readCalibrations(calibrations);
      return printPlan(parsePlan(readJson(argument), pantry), pantry, learnt);
    }
    case 'day': {
      const pantry = readPantry(rows);
      const learnt = calibrations === undefined ? [] : readCalibrations(calibrations);
      const beside = argument === '-' || argument === undefined ? '.' : dirname(argument);
      const file = readDayFile(readJson(argument), {
        pantry,
        fileOf: (name) => readJson(join(beside, name)),
      });
      const { dayResult } = await import('./day');
      return print(dayResult(file, basisWith(pantry, learnt)));
    }
    case 'faults': {
      const pantry = readPantry(rows);
      const learnt = calibrations === undefined ? [] : readCalibrations(calibrations);
      const beside = argument === '-' || argument === undefined ? '.' : dirname(argument);
      const { faultsOf } = await import('./faults');
      return print(
        faultsOf(readJson(argument), {
          basis: basisWith(pantry, learnt),
          jsonOf: (name) => readJson(join(beside, name)),
          textOf: (name) => readText(join(beside, name)),
        }),
      );
    }
    case 'drill':
      return printDrill(argument, options.seed);
    case 'run':
      return printRun(argument, readPantry(rows), plan);
    case 'calibrate':
      return printCalibrations(argument, readPantry(rows), today);
    case 'calc': {
      const results = runCalculations(readJson(argument));
      print(results);
      const bad = results.filter((result) => 'error' in result);
      const [first] = bad;
      if (first) {
        const more = bad.length > 1 ? ` (and ${bad.length - 1} more)` : '';
        throw new UsageError(`${first.name}: ${first.error}${more}`);
      }
      return;
    }
    case 'passphrase': {
      const { askPassphrase, setPassphrase } = await import('./keys');
      const { cook, role } = options;
      const given = process.stdin.isTTY ? await askPassphrase() : readText('-');
      return print(await setPassphrase(given, { db, cook, role }));
    }
    case 'keys': {
      const { keysOf } = await import('./keys');
      return print(keysOf(db));
    }
    case 'schema':
      if (argument === 'plan') return print(z.toJSONSchema(planSchema, { io: 'input' }));
      if (argument === 'day') return print(z.toJSONSchema(daySchema, { io: 'input' }));
      if (argument === 'faults') return print(z.toJSONSchema(faultFileSchema, { io: 'input' }));
      throw new UsageError('schema: must be one of: plan, day, faults');
    case 'help':
      process.stdout.write(`${USAGE}\n`);
      return;
    default:
      throw new UsageError(
        `${command ? `unknown command "${command}"` : 'no command'}; one of: plan, day, faults, drill, calc, run, calibrate, schema, ${VAULT_COMMANDS.join(', ')}, passphrase, keys, help`,
      );
  }
}

main(process.argv.slice(2)).catch((error: unknown) => {
  const mendable =
    error instanceof UsageError ||
    error instanceof PlanError ||
    error instanceof FieldError ||
    error instanceof VaultProblem;
  if (!mendable) throw error;
  process.stderr.write(`${error.message.replace(/\s*\n\s*/g, ' ')}\n`);
  process.exitCode = 2;
});
