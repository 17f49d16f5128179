'use client';

import type { SearchState } from './useSearch';

/** How far a search is, with a way to stop it; what went wrong; and, for those who hear the page, what it found. */
export function SearchProgress<T>({
  state,
  found,
  onCancel,
}: {
  state: SearchState<T>;
  /** The result in a few words. */
  found(result: T): string;
  onCancel(): void;
}) {
  if (state.at === 'failed') {
    return (
      <p role="alert" className="font-semibold text-brick">
        <span aria-hidden>✕</span> {state.why}. Nothing of the plan was changed; try again.
      </p>
    );
  }
  return (
    <>
      {/* Stands there before it has anything to say: what is put in later is heard. */}
      <p role="status" className="sr-only">
        {state.at === 'done' && found(state.result)}
      </p>
      {state.at === 'running' && (
        <p className="flex flex-wrap items-center gap-3">
          <progress className="h-4 w-48 accent-[var(--ink)]" value={state.done} max={state.of} />
          <span>
            {state.done} of {state.of} tried
          </span>
          <button type="button" className="btn" onClick={onCancel}>
            Stop
          </button>
        </p>
      )}
    </>
  );
}
