import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { FieldError } from '@/core/range';
import { VaultProblem, type VaultTrouble } from './problem';
import type { Telling, VaultJob, VaultJobs } from './vaultJobs';

/** What a thread is begun with. */
export interface VaultOrder<Job extends VaultJob = VaultJob> {
  readonly job: Job;
  readonly asks: VaultJobs[Job]['asks'];
}

/** What it answers: shares that are done and parts of a file now and then, at last the result. */
export type VaultAnswer =
  | { readonly part: Uint8Array }
  | { readonly share: number }
  | { readonly gives: unknown }
  | { readonly field: string; readonly problem: string }
  | { readonly trouble: VaultTrouble; readonly detail: string }
  | { readonly error: string };

/** The thread's own file, bundled by scripts/worker.mjs. */
const FILE = join(process.cwd(), 'build', 'vault-thread.mjs');

/** So many at once; each holds what it works on in memory. */
const MOST_AT_ONCE = 3;

/** What a job may hold, MB: an archive unpacked and read. Past that the job ends, not the server. */
const MOST_MB = 3072;

/** So many more wait their turn; past that one is told to come again. */
const MOST_WAITING = 100;

/** Jobs at work and those that wait. Pages and routes are bundled apart, and run in one process. */
const held = ((globalThis as { mortarVaultJobs?: Jobs }).mortarVaultJobs ??= {
  working: 0,
  waiting: [],
});

interface Jobs {
  working: number;
  readonly waiting: (() => void)[];
}

/** Waits for a turn. @throws VaultProblem where too many do */
async function turn(): Promise<void> {
  if (held.working < MOST_AT_ONCE) {
    held.working += 1;
    return;
  }
  if (held.waiting.length >= MOST_WAITING) {
    throw new VaultProblem('busy', 'other copies or archives are being worked on');
  }
  // Whoever ends hands its turn on.
  await new Promise<void>((resolve) => held.waiting.push(resolve));
}

function endTurn(): void {
  const next = held.waiting.shift();
  if (next) next();
  else held.working -= 1;
}

/** Who hears of a job before it is done, and calls it off. */
interface Listening {
  readonly signal?: AbortSignal;
  readonly onProgress?: Telling['tell'];
  readonly onPart?: Telling['give'];
}

/**
 * Does work on a kitchen's file in a thread of its own: pages are answered meanwhile. Called off, nothing of it
 * was done.
 * @throws VaultProblem, or FieldError for a bad archive; Error when it was called off or takes too much room
 */
export async function inVault<Job extends VaultJob>(
  job: Job,
  asks: VaultJobs[Job]['asks'],
  { signal, onProgress, onPart }: Listening = {},
): Promise<VaultJobs[Job]['gives']> {
  await turn();
  let callOff = () => {};
  try {
    const worker = new Worker(FILE, {
      workerData: { job, asks } satisfies VaultOrder<Job>,
      resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
    });
    callOff = () => void worker.terminate();
    signal?.addEventListener('abort', callOff);
    return await new Promise((resolve, reject) => {
      worker.on('message', (answer: VaultAnswer) => {
        if ('share' in answer) onProgress?.(answer.share);
        else if ('part' in answer) onPart?.(answer.part);
        else if ('gives' in answer) resolve(answer.gives as VaultJobs[Job]['gives']);
        else if ('field' in answer) reject(new FieldError(answer.field, answer.problem));
        else if ('trouble' in answer) reject(new VaultProblem(answer.trouble, answer.detail));
        else reject(new Error(answer.error));
      });
      worker.on('error', reject);
      worker.on('exit', () => reject(new Error('It was called off. Nothing stored was changed.')));
      if (signal?.aborted) callOff();
    });
  } finally {
    signal?.removeEventListener('abort', callOff);
    endTurn();
  }
}

/** `checkCopy`, in a thread of its own. @throws VaultProblem */
export const checkAside = async (file: string): Promise<void> => {
  await inVault('check', { file });
};
