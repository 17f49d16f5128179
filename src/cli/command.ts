/** One command of the command line: its words read, its result written. */
import { dirname, join } from 'node:path';
import * as z from 'zod';
import { basisWith } from '../core/basis/basis';
import { runCalculations } from '../core/calc/calculators';
import { faultFileSchema } from '../core/faults/faultFile';
import { readDayFile } from '../core/formats/dayFile';
import { parsePlan } from '../core/plan/document/parsePlan';
import { PlanError } from '../core/plan/document/planError';
import { planSchema } from '../core/plan/document/schema';
import { FieldError } from '../core/range';
import { daySchema } from '../core/schedule/document/day';
import { VaultProblem } from '../server/vault/problem';
import { readCalibrations, readOptions, readPantry } from './reads';
import { calibrations, exercise, planResult, runResult } from './results';
import { USAGE } from './usage';
import { isVaultCommand, VAULT_COMMANDS } from './vaultCommands';
import { readJson, UsageError, type World } from './world';

/**
 * Carries a command out.
 * @param args as they were typed, the name of the program not among them
 * @throws UsageError, PlanError, FieldError or VaultProblem for what the user can mend
 */
export async function runCommand(args: string[], world: World): Promise<void> {
  const { rows, db, words, ...options } = readOptions(args);
  const [command, argument] = words;
  if (isVaultCommand(command)) {
    if (!argument) throw new UsageError('FILE: name a file');
    // The database is loaded only where it is asked for.
    const { vaultCommand } = await import('./vault');
    return world.print(
      await vaultCommand(command, argument, { db, different: options['where-different'] }),
    );
  }
  switch (command) {
    case 'plan': {
      const pantry = readPantry(world, rows);
      const learnt = readCalibrations(world, options.calibrations);
      return world.print(planResult(parsePlan(readJson(world, argument), pantry), pantry, learnt));
    }
    case 'day': {
      const pantry = readPantry(world, rows);
      const learnt = readCalibrations(world, options.calibrations);
      const beside = argument === '-' || argument === undefined ? '.' : dirname(argument);
      const file = readDayFile(readJson(world, argument), {
        pantry,
        fileOf: (name) => readJson(world, join(beside, name)),
      });
      const { dayResult } = await import('./day');
      return world.print(dayResult(file, basisWith(pantry, learnt)));
    }
    case 'faults': {
      const pantry = readPantry(world, rows);
      const learnt = readCalibrations(world, options.calibrations);
      const beside = argument === '-' || argument === undefined ? '.' : dirname(argument);
      const { faultsOf } = await import('./faults');
      return world.print(
        faultsOf(readJson(world, argument), {
          basis: basisWith(pantry, learnt),
          jsonOf: (name) => readJson(world, join(beside, name)),
          textOf: (name) => world.readText(join(beside, name)),
        }),
      );
    }
    case 'drill':
      return world.print(exercise(argument, options.seed));
    case 'run':
      return world.print(runResult(world, argument, readPantry(world, rows), options.plan));
    case 'calibrate':
      return world.print(calibrations(world, argument, readPantry(world, rows), options.today));
    case 'calc': {
      const results = runCalculations(readJson(world, argument));
      world.print(results);
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
      const given = process.stdin.isTTY ? await askPassphrase() : world.readText('-');
      return world.print(await setPassphrase(given, { db, cook, role }));
    }
    case 'keys': {
      const { keysOf } = await import('./keys');
      return world.print(keysOf(db));
    }
    case 'schema':
      if (argument === 'plan') return world.print(z.toJSONSchema(planSchema, { io: 'input' }));
      if (argument === 'day') return world.print(z.toJSONSchema(daySchema, { io: 'input' }));
      if (argument === 'faults')
        return world.print(z.toJSONSchema(faultFileSchema, { io: 'input' }));
      throw new UsageError('schema: must be one of: plan, day, faults');
    case 'help':
      world.say(USAGE);
      return;
    default:
      throw new UsageError(
        `${command ? `unknown command "${command}"` : 'no command'}; one of: plan, day, faults, drill, calc, run, calibrate, schema, ${VAULT_COMMANDS.join(', ')}, passphrase, keys, help`,
      );
  }
}

/** The one line for an error the user can mend; null for any other. */
export function refusalOf(error: unknown): string | null {
  const mendable =
    error instanceof UsageError ||
    error instanceof PlanError ||
    error instanceof FieldError ||
    error instanceof VaultProblem;
  return mendable ? error.message.replace(/\s*\n\s*/g, ' ') : null;
}
