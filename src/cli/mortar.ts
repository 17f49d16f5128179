/** The command line over the core. Usage: npm run -s mortar -- plan|calc FILE.json, or schema plan. */
import { basisWith } from '../core/basis/basis';
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import * as z from 'zod';
import { runCalculations } from '../core/calc/calculators';
import type { Ingredient, Preparation } from '../core/composition/ingredient';
import { pantryWith, type Pantry } from '../core/composition/pantry';
import { allRows, kindOfTable, readIngredients, readPreparations } from '../core/formats/tablesCsv';
import { placesOf } from '../core/layout/places';
import { cautionsFor } from '../core/plan/questions/cautions';
import { evaluatePlan } from '../core/plan/evaluatePlan';
import { modelOf } from '../core/plan/model/model';
import { scatter, toMake } from '../core/risk/scatter';
import { parsePlan } from '../core/plan/document/parsePlan';
import { PlanError } from '../core/plan/document/planError';
import { planSchema, type Plan } from '../core/plan/document/schema';
import { FieldError } from '../core/range';

const USAGE = `Usage:
  mortar plan FILE.json     work a plan document out; its full result as JSON
    --rows TABLE.csv        with rows of your own, ingredients or preparations; may be repeated
  mortar calc FILE.json     run a list of { "name", "input" }; outputs as JSON
  mortar schema plan        the JSON Schema of the plan document
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
function printPlan(plan: Plan, pantry: Pantry): void {
  const basis = basisWith(pantry);
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

/** @throws UsageError when an option is not known */
function readOptions(args: string[]) {
  try {
    const options = {
      rows: { type: 'string', multiple: true },
      help: { type: 'boolean' },
    } as const;
    const { values, positionals } = parseArgs({ args, options, allowPositionals: true });
    return { rows: values.rows ?? [], words: values.help ? ['help'] : positionals };
  } catch (error) {
    throw new UsageError((error as Error).message);
  }
}

function main(args: string[]): void {
  const { rows, words } = readOptions(args);
  const [command, argument] = words;
  if (rows.length && command !== 'plan') throw new UsageError('--rows: goes with plan only');
  switch (command) {
    case 'plan': {
      const pantry = readPantry(rows);
      return printPlan(parsePlan(readJson(argument), pantry), pantry);
    }
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
    case 'schema':
      if (argument !== 'plan') throw new UsageError('schema: must be one of: plan');
      return print(z.toJSONSchema(planSchema, { io: 'input' }));
    case 'help':
      process.stdout.write(`${USAGE}\n`);
      return;
    default:
      throw new UsageError(
        `${command ? `unknown command "${command}"` : 'no command'}; one of: plan, calc, schema, help`,
      );
  }
}

try {
  main(process.argv.slice(2));
} catch (error) {
  if (error instanceof UsageError || error instanceof PlanError || error instanceof FieldError) {
    process.stderr.write(`${error.message.replace(/\s*\n\s*/g, ' ')}\n`);
    process.exitCode = 2;
  } else {
    throw error;
  }
}
