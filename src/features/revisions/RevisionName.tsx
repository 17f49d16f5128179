'use client';

import { useRef, useState } from 'react';
import { useAction } from '@/features/actions/useAction';
import { putRevisionName } from '@/server/actions/plans';

/** What the cook calls a revision: `as at the supper`. A tap makes it a field; Escape leaves it as it was. */
export function RevisionName({
  planId,
  number,
  name,
}: {
  planId: string;
  number: number;
  name: string;
}) {
  const own = useRef<HTMLButtonElement>(null);
  const { run } = useAction();
  const [draft, setDraft] = useState<string | null>(null);
  const close = () => {
    setDraft(null);
    requestAnimationFrame(() => own.current?.focus());
  };
  const commit = async () => {
    const next = draft?.trim() ?? '';
    close();
    if (draft === null || next === name) return;
    await run(() => putRevisionName(planId, number, next));
  };
  if (draft === null) {
    return (
      <button
        ref={own}
        type="button"
        className="link ml-2 min-h-[44px] text-small"
        onClick={() => setDraft(name)}
      >
        {name || 'Name it'}
        <span className="sr-only"> revision {number}</span>
      </button>
    );
  }
  return (
    <input
      autoFocus
      aria-label={`Name of revision ${number}`}
      maxLength={60}
      className="field ml-2 inline-block w-[14rem]"
      value={draft}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={() => void commit()}
      onKeyDown={(event) => {
        if (event.key === 'Enter') void commit();
        if (event.key === 'Escape') close();
      }}
    />
  );
}
