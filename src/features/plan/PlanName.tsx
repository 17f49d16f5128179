'use client';

import { cutTo } from '@/core/cutTo';
import { useRef, useState } from 'react';
import { useEdit, useEditorState, usePlan } from './editor/EditorContext';

/** The plan's name in the bar; a tap makes it a field. */
export function PlanName() {
  const revision = useEditorState((state) => state.revision);
  const name = usePlan((plan) => plan.name);
  const own = useRef<HTMLButtonElement>(null);
  const { edit } = useEdit();
  const [draft, setDraft] = useState<string | null>(null);
  const commit = () => {
    const next = draft?.trim();
    if (next && next !== name) edit((before) => ({ ...before, name: cutTo(next, 120) }));
    setDraft(null);
  };
  /** By key: the name itself has the focus again. */
  const leave = () => requestAnimationFrame(() => own.current?.focus());
  return (
    <div className="flex min-w-0 items-baseline gap-3">
      <span aria-hidden className="text-chalk-dim max-sm:hidden">
        /
      </span>
      <h1 className="min-w-0 text-lead font-normal">
        {draft === null ? (
          <button
            ref={own}
            type="button"
            title="Rename"
            onClick={() => setDraft(name)}
            className="block min-h-[44px] max-w-[min(34rem,62vw)] truncate lg:max-w-[30vw] xl:max-w-[24vw]"
          >
            {name}
          </button>
        ) : (
          <input
            autoFocus
            aria-label="Name of the plan"
            maxLength={120}
            value={draft}
            onChange={(event) => setDraft(event.target.value)}
            onBlur={commit}
            onKeyDown={(event) => {
              if (event.key === 'Enter') {
                commit();
                leave();
              }
              if (event.key === 'Escape') {
                setDraft(null);
                leave();
              }
            }}
            className="min-h-[44px] w-[min(22rem,60vw)] rounded border border-bench-line bg-bench-raised px-2 text-chalk"
          />
        )}
      </h1>
      <span className="text-small whitespace-nowrap text-chalk-dim max-md:hidden">
        revision {revision}
      </span>
    </div>
  );
}
