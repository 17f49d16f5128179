import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import type { Database } from '../../db/database';
import { openKitchenFile } from '../../database';
import { runEvents, plans, planRevisions } from '../../db/schema';
import { freshFile } from '../kitchenFile';

/** What came of writing and being cut off. */
export interface Cut {
  /** Writes that were answered. */
  readonly answered: number;
  /** Of those, not there afterwards: none may be. */
  readonly lost: number;
  /** Files that were not whole afterwards. */
  readonly broken: number;
}

/** A writer at work. */
interface Writer {
  readonly child: ChildProcess;
  /** What it has said was answered. */
  said(): string[];
  ready: Promise<void>;
  ended: Promise<unknown>;
}

function startWriter(file: string, name: string): Writer {
  const script = 'src/server/testing/hardness/writer.ts';
  const child = spawn(process.execPath, ['--import', 'tsx', script, file, name], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let text = '';
  let told = () => {};
  const ready = new Promise<void>((resolve) => (told = resolve));
  child.stdout.on('data', (chunk: Buffer) => {
    text += chunk.toString();
    if (text.startsWith('ready\n')) told();
  });
  const ended = new Promise((resolve) => child.once('close', resolve));
  return {
    child,
    ready,
    ended,
    // A line that was cut short was not said.
    said: () => text.split('\n').slice(1, -1),
  };
}

/** Which of what was answered is not in a file, and whether the file is whole. */
export function missing(db: Database, said: readonly string[]): { lost: number; broken: boolean } {
  const kept = new Set([
    ...db
      .select({ id: plans.id })
      .from(plans)
      .all()
      .map(({ id }) => id),
    ...db
      .select({ id: runEvents.id })
      .from(runEvents)
      .all()
      .map(({ id }) => id),
  ]);
  const saved = new Set(
    db
      .select({ id: planRevisions.planId, number: planRevisions.number })
      .from(planRevisions)
      .all()
      .filter(({ number }) => number === 2)
      .map(({ id }) => id),
  );
  const lost = said.filter((line) => {
    const [kind, id = ''] = line.split(' ');
    return !kept.has(id) || (kind === 'plan' && !saved.has(id));
  });
  const whole = db.$client.pragma('integrity_check', { simple: true }) === 'ok';
  return { lost: lost.length, broken: !whole };
}

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * Kills writers at random moments, one after the other on one file, and looks each time whether all that was
 * answered is there.
 * @param random a number from 0 to 1, from a seed
 */
export async function killWriters(times: number, random: () => number): Promise<Cut> {
  const file = freshFile();
  let [answered, lost, broken] = [0, 0, 0];
  for (let i = 0; i < times; i++) {
    const writer = startWriter(file, `k${i}`);
    await writer.ready;
    await wait(random() * 150);
    writer.child.kill('SIGKILL');
    await writer.ended;
    const db = openKitchenFile(file);
    const found = missing(db, writer.said());
    db.$client.close();
    answered += writer.said().length;
    lost += found.lost;
    broken += Number(found.broken);
  }
  return { answered, lost, broken };
}

/** Lets several processes write to one file at once for a while. */
export async function writeTogether(writers: number, ms: number): Promise<Cut> {
  const file = join(freshFile());
  openKitchenFile(file).$client.close();
  const all = Array.from({ length: writers }, (_, i) => startWriter(file, `w${i}`));
  await Promise.all(all.map(({ ready }) => ready));
  await wait(ms);
  for (const { child } of all) child.kill('SIGKILL');
  await Promise.all(all.map(({ ended }) => ended));
  const db = openKitchenFile(file);
  const said = all.flatMap((writer) => writer.said());
  const found = missing(db, said);
  db.$client.close();
  return { answered: said.length, lost: found.lost, broken: Number(found.broken) };
}
