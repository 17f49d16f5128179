import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { openKitchenFile } from '../../database';
import { freshFile } from '../kitchenFile';
import { missing, type Cut } from './kills';

/** Whether writes to the disk can be watched here: it takes `strace`. */
export const canWatchDisk = (): boolean => spawnSync('strace', ['-V']).status === 0;

/** What a process did to its files, and said, one after the other. */
type Step =
  | { readonly kind: 'write'; readonly file: string; readonly at: number; readonly bytes: Buffer }
  | { readonly kind: 'cut'; readonly file: string; readonly length: number }
  | { readonly kind: 'sync'; readonly file: string }
  | { readonly kind: 'said'; readonly line: string };

/** A file as it surely is on the disk, and what was written since it was last told to be. */
interface OnDisk {
  bytes: Buffer;
  pending: Exclude<Step, { kind: 'sync' | 'said' }>[];
}

const CALL =
  /^(pwrite64|write|fdatasync|fsync|ftruncate)\((\d+)<([^>]*)>(?:, "((?:\\x[0-9a-f]{2})*)", \d+(?:, (\d+))?|, (\d+))?\)\s+= (\d+)/;

/** Lets a writer do so many things, and gives all that it did to its files. */
function watched(file: string, writes: number, synchronous: 'FULL' | 'OFF'): Step[] {
  const trace = `${file}.trace`;
  const writer = 'src/server/testing/hardness/writer.ts';
  const { status, stderr } = spawnSync(
    'strace',
    [
      // A file for each thread, so that no call stands in the middle of another's.
      ...['-ff', '-y', '-xx', '-s', '70000', '-o', trace],
      ...['-e', 'trace=pwrite64,write,fdatasync,fsync,ftruncate'],
      ...[process.execPath, '--import', 'tsx', writer, file, 'p', String(writes), synchronous],
    ],
    { encoding: 'utf8' },
  );
  if (status !== 0) throw new Error(`The writer could not be watched: ${stderr}`);
  // The thread that says what was answered is the one that writes.
  const threads = readdirSync(dirname(trace))
    .filter((name) => name.startsWith(basename(trace)))
    .map((name) => readFileSync(join(dirname(trace), name), 'utf8'))
    .filter((text) => text.includes(hex('ready\n')));
  if (threads.length !== 1) throw new Error(`${threads.length} threads wrote`);
  return threads[0]!.split('\n').flatMap((line): Step[] => {
    const [, call, fd, named = '', data = '', offset, length] = CALL.exec(line) ?? [];
    if (!call) return [];
    const [path, bytes] = [unhex(named).toString(), unhex(data)];
    if (call === 'write') {
      return fd === '1' ? [{ kind: 'said', line: bytes.toString().trim() }] : [];
    }
    // The file and its log: what else stands beside them is made anew, or gone before the first is said.
    if (path !== file && path !== `${file}-wal`) return [];
    if (call === 'pwrite64') return [{ kind: 'write', file: path, at: Number(offset), bytes }];
    if (call === 'ftruncate') return [{ kind: 'cut', file: path, length: Number(length) }];
    return [{ kind: 'sync', file: path }];
  });
}

const unhex = (text: string) => Buffer.from(text.replaceAll('\\x', ''), 'hex');

const hex = (text: string) =>
  [...Buffer.from(text)].map((byte) => `\\x${byte.toString(16).padStart(2, '0')}`).join('');

function apply(bytes: Buffer, step: OnDisk['pending'][number]): Buffer {
  if (step.kind === 'cut') {
    const cut = Buffer.alloc(step.length);
    bytes.copy(cut);
    return cut;
  }
  const end = step.at + step.bytes.length;
  const grown =
    end > bytes.length ? Buffer.concat([bytes, Buffer.alloc(end - bytes.length)]) : bytes;
  step.bytes.copy(grown, step.at);
  return grown;
}

/**
 * Cuts the power: of all that a writer gave to the disk only what it was told to keep is there, and of the rest what
 * chance leaves, some of it torn. What was answered before must be there, and the file whole.
 * @param random a number from 0 to 1, from a seed
 * @param synchronous how the writer has its file synced; the product's own is FULL
 */
export function cutPower(
  times: number,
  random: () => number,
  { writes = 40, synchronous = 'FULL' as 'FULL' | 'OFF' } = {},
): Cut {
  const file = freshFile();
  const steps = watched(file, writes, synchronous);
  const first = steps.findIndex((step) => step.kind === 'said' && step.line === 'ready');
  const cuts = new Set(
    Array.from({ length: times }, () => first + 1 + Math.floor(random() * (steps.length - first))),
  );
  const disk = new Map<string, OnDisk>();
  const said: string[] = [];
  let [answered, lost, broken] = [0, 0, 0];
  steps.forEach((step, i) => {
    if (step.kind === 'said') {
      if (step.line !== 'ready') said.push(step.line);
    } else {
      const on = disk.get(step.file) ?? { bytes: Buffer.alloc(0), pending: [] };
      disk.set(step.file, on);
      if (step.kind === 'sync') {
        on.bytes = on.pending.reduce(apply, on.bytes);
        on.pending = [];
      } else on.pending.push(step);
    }
    if (!cuts.has(i)) return;
    const there = freshFile();
    for (const [path, { bytes, pending }] of disk) {
      const left = pending.flatMap((each) => {
        if (random() < 0.5) return [];
        if (each.kind === 'cut' || random() < 0.7) return [each];
        const torn = Math.floor(random() * each.bytes.length);
        return [{ ...each, bytes: each.bytes.subarray(0, torn) }];
      });
      writeFileSync(there + path.slice(file.length), left.reduce(apply, Buffer.from(bytes)));
    }
    answered += said.length;
    try {
      const db = openKitchenFile(there);
      const found = missing(db, said);
      db.$client.close();
      lost += found.lost;
      broken += Number(found.broken);
    } catch {
      lost += said.length;
      broken += 1;
    }
  });
  return { answered, lost, broken };
}
