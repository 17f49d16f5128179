import { PlanError } from '@/core/plan/document/planError';
import { FieldError } from '@/core/range';
import { NotFoundError } from './repositories/notFound';
import { UnreadableError } from './repositories/unreadable';
import { databaseProblem } from './vault/problem';

/** What an action answers: it never throws at the interface. */
export type Outcome<T = void> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: string; readonly path?: string };

/** Runs a write and turns what can go wrong into one clear message. */
export function outcome<T>(write: () => T): Outcome<T> {
  try {
    return { ok: true, value: write() };
  } catch (error) {
    return failure(error);
  }
}

/** The same for one that takes its time. */
export async function outcomeOf<T>(write: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { ok: true, value: await write() };
  } catch (error) {
    return failure(error);
  }
}

/** The message for an error that the user can do something about; the rest is logged, not shown. */
function failure(error: unknown): { ok: false; error: string; path?: string } {
  if (error instanceof PlanError) return { ok: false, error: error.message, path: error.path };
  if (error instanceof FieldError) return { ok: false, error: error.message, path: error.field };
  if (error instanceof NotFoundError || error instanceof UnreadableError) {
    return { ok: false, error: error.message };
  }
  const problem = databaseProblem(error);
  if (problem) return { ok: false, error: problem.message };
  console.error(error);
  return { ok: false, error: 'It could not be written. Nothing stored was changed.' };
}
