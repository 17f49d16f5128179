import { PlanError } from '@/core/plan/document/planError';
import { FieldError } from '@/core/range';
import { ForbiddenError } from './door/forbidden';
import { NotFoundError } from './repositories/notFound';
import { UnreadableError } from './repositories/unreadable';
import { databaseProblem } from './vault/problem';

/** What an action answers: it never throws at the interface. */
export type Outcome<T = void> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: string; readonly path?: string };

/** Does a thing and turns what can go wrong into one clear message. */
export async function outcome<T>(act: () => T | Promise<T>): Promise<Outcome<Awaited<T>>> {
  try {
    return { ok: true, value: await act() };
  } catch (error) {
    return failure(error);
  }
}

/** The message for an error that the user can do something about; the rest is logged, not shown. */
function failure(error: unknown): { ok: false; error: string; path?: string } {
  if (error instanceof PlanError) return { ok: false, error: error.message, path: error.path };
  if (error instanceof FieldError) return { ok: false, error: error.message, path: error.field };
  const told =
    error instanceof NotFoundError ||
    error instanceof UnreadableError ||
    error instanceof ForbiddenError;
  if (told) {
    return { ok: false, error: error.message };
  }
  const problem = databaseProblem(error);
  if (problem) return { ok: false, error: problem.message };
  console.error(error);
  return { ok: false, error: 'It could not be written. Nothing stored was changed.' };
}
