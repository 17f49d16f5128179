/** What the command line reads from and writes to; all of it can be stood in for. */
import { readdirSync, readFileSync } from 'node:fs';

/** Anything the user can mend; printed as one line. */
export class UsageError extends Error {}

export interface World {
  /** The text of a file, `-` for standard input. @throws UsageError when it cannot be read */
  readText(file: string): string;
  /** Names of the files in a folder. @throws UsageError when it cannot be read */
  list(folder: string): string[];
  /** Writes a result, as JSON. */
  print(value: unknown): void;
  /** Writes words. */
  say(text: string): void;
}

/** What a file is called in a message. */
export const nameOf = (file: string): string => (file === '-' ? 'standard input' : file);

/** Files, standard input and standard output. */
export const machine: World = {
  readText(file) {
    try {
      return readFileSync(file === '-' ? 0 : file, 'utf8');
    } catch {
      throw new UsageError(`${nameOf(file)}: cannot be read`);
    }
  },
  list(folder) {
    try {
      return readdirSync(folder);
    } catch {
      throw new UsageError(`${folder}: is not a folder that can be read`);
    }
  },
  print: (value) => void process.stdout.write(`${JSON.stringify(value, null, 2)}\n`),
  say: (text) => void process.stdout.write(`${text}\n`),
};

/** @throws UsageError when a file is not named, cannot be read or is not JSON */
export function readJson(world: World, file: string | undefined): unknown {
  if (!file) throw new UsageError('FILE: name a JSON file, or - for standard input');
  const text = world.readText(file);
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new UsageError(
      `${nameOf(file)}: is not JSON: ${(error as Error).message.split('\n')[0]}`,
    );
  }
}
