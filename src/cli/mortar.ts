/** The command line over the core. Usage: npm run -s mortar -- plan|calc FILE.json, or schema plan. */
import { readFileSync } from 'node:fs';
import * as z from 'zod';
import { runCalculations } from '../core/calc/calculators';
import { startingPantry } from '../core/composition/pantry';
import { placesOf } from '../core/layout/places';
import { cautionsFor } from '../core/plan/cautions';
import { evaluatePlan } from '../core/plan/evaluatePlan';
import { ladderOfPlan } from '../core/plan/ladderOfPlan';
import { parsePlan } from '../core/plan/parsePlan';
import { PlanError } from '../core/plan/planError';
import { planSchema, type Plan } from '../core/plan/schema';
import { FieldError } from '../core/range';

const USAGE = `Usage:
  mortar plan FILE.json     work a plan document out; its full result as JSON
  mortar calc FILE.json     run a list of { "name", "input" }; outputs as JSON
  mortar schema plan        the JSON Schema of the plan document
FILE may be - for standard input. Bad input: one line on standard error, exit code 2.`;

/** Anything the user can mend; printed as one line. */
class UsageError extends Error {}

function readJson(file: string | undefined): unknown {
  if (!file) throw new UsageError('FILE: name a JSON file, or - for standard input');
  const from = file === '-' ? 'standard input' : file;
  let text: string;
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch {
    throw new UsageError(`${from}: cannot be read`);
  }
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new UsageError(`${from}: is not JSON: ${(error as Error).message.split('\n')[0]}`);
  }
}

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
}

/** A plan's result, with the passes, every blank's place, and the cautions that go with it. */
function printPlan(plan: Plan): void {
  const result = evaluatePlan(plan);
  print({
    ...result,
    layout: { ...result.layout, places: placesOf(result.layout.laying) },
    ladder: ladderOfPlan(plan, result),
    cautions: cautionsFor(plan, startingPantry),
  });
}

function main([command, argument]: string[]): void {
  switch (command) {
    case 'plan':
      return printPlan(parsePlan(readJson(argument)));
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
    case '--help':
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
