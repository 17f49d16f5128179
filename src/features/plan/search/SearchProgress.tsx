'use client';

import type { SearchState } from './useSearch';

/** How far a search is, with a way to stop it; what went wrong, when it failed. */
export function SearchProgress({
  state,
  onCancel,
}: {
  state: SearchState<unknown>;
  onCancel(): void;
}) {
  if (state.at === 'failed') {
    return (
      <p role="alert" className="font-semibold text-brick">
        <span aria-hidden>✕</span> {state.why}. Nothing of the plan was changed; try again.
      </p>
    );
  }
  if (state.at !== 'running') return null;
  return (
    <p className="flex flex-wrap items-center gap-3" role="status">
      <progress className="h-4 w-48 accent-[var(--ink)]" value={state.done} max={state.of} />
      <span>
        {state.done} of {state.of} tried
      </span>
      <button type="button" className="btn" onClick={onCancel}>
        Stop
      </button>
    </p>
  );
}
