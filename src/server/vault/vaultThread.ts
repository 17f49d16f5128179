import { parentPort, workerData } from 'node:worker_threads';
import { FieldError } from '@/core/range';
import type { VaultAnswer, VaultOrder } from './inVault';
import { vaultProblem } from './problem';
import { VAULT_JOBS, type Telling } from './vaultJobs';

/** A share is told at most so often. */
const TELL_MS = 100;

/** The thread's own file: does the one job it was begun for, and ends. */
function run<T extends VaultOrder>({ job, asks }: T): VaultAnswer {
  let told = 0;
  const tell = (share: number) => {
    const now = Date.now();
    if (now - told < TELL_MS) return;
    told = now;
    parentPort?.postMessage({ share } satisfies VaultAnswer);
  };
  try {
    const work = VAULT_JOBS[job] as (asks: unknown, telling: Telling) => unknown;
    const give = (part: Uint8Array) => parentPort?.postMessage({ part } satisfies VaultAnswer);
    return { gives: work(asks, { tell, give }) };
  } catch (error) {
    if (error instanceof FieldError) {
      return { field: error.field, problem: error.message.slice(error.field.length + 1) };
    }
    const problem = vaultProblem(error);
    if (problem) return { trouble: problem.trouble, detail: problem.detail };
    return { error: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
}

parentPort?.postMessage(run(workerData as VaultOrder));
