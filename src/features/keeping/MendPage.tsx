'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useAction } from '@/features/actions/useAction';
import { mend, removeUnreadable } from '@/server/actions/keeping';
import { goBackToRevision } from '@/server/actions/plans';
import type { Outcome } from '@/server/outcome';
import type { Unreadable } from '@/server/repositories/unreadable';
import { saveFile } from '@/ui/files/saveFile';
import { AskOnce } from '@/ui/layout/AskOnce';
import { BenchBar } from '@/ui/layout/BenchBar';
import { KIND_NAMES, REMOVING } from './kindNames';

/** A document with its lines, where it is JSON at all. */
function laidOut(text: string): string {
  try {
    return JSON.stringify(JSON.parse(text), null, 2);
  } catch {
    return text;
  }
}

/** One document that cannot be read: why, and the ways out. Nothing is changed until one is taken. */
export function MendPage({
  document,
  text,
  lastReadable,
}: {
  document: Unreadable;
  text: string;
  /** Of a plan: its newest revision that can be read. */
  lastReadable: number | null;
}) {
  const router = useRouter();
  const [draft, setDraft] = useState(() => laidOut(text));
  const { trouble, run } = useAction({ tells: 'here' });
  const [asking, setAsking] = useState(false);
  const { kind, id, name, reason } = document;
  const after = (ask: () => Promise<Outcome>, done: string, to: string) =>
    run(ask, { done, then: () => router.push(to) });
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto grid max-w-[820px] gap-6 p-5 md:py-8">
        <div>
          <p className="text-ink-dim">{KIND_NAMES[kind]} cannot be read</p>
          <h1 className="font-display text-[2rem] leading-tight break-words">{name}</h1>
          <p className="mt-2 text-lead break-words">
            {reason[0]?.toUpperCase()}
            {reason.slice(1)}.
          </p>
          <p className="mt-1 text-ink-dim">It stays as it is until you choose.</p>
        </div>
        <div className="flex flex-wrap gap-2">
          {lastReadable !== null && (
            <button
              type="button"
              className="btn btn-strong"
              onClick={() =>
                void after(
                  () => goBackToRevision(id, lastReadable),
                  `Revision ${lastReadable} is the newest again`,
                  `/plans/${id}`,
                )
              }
            >
              Go back to revision {lastReadable}
            </button>
          )}
          <button
            type="button"
            className="btn"
            onClick={() => saveFile(`${kind}-${id.replaceAll('/', '-')}.txt`, 'text/plain', text)}
          >
            Save it as it stands
          </button>
          <button type="button" className="btn" onClick={() => setAsking(true)}>
            Remove it
          </button>
        </div>
        <section aria-label="Mend it by hand" className="grid gap-2">
          <h2 className="font-display text-figure">Mend it by hand</h2>
          <label className="grid gap-1">
            <span className="text-small text-ink-dim">The document, as it is kept</span>
            <textarea
              className="field min-h-[18rem] font-mono text-small"
              spellCheck={false}
              value={draft}
              onChange={(event) => setDraft(event.target.value)}
            />
          </label>
          {trouble && (
            <p role="alert" className="font-semibold break-words text-brick">
              {trouble}
            </p>
          )}
          <div>
            <button
              type="button"
              className="btn"
              onClick={() =>
                void after(
                  () => mend({ kind, id }, draft),
                  'Mended',
                  kind === 'plan' ? `/plans/${id}` : '/kitchen/keeping',
                )
              }
            >
              Put this in its place
            </button>
          </div>
        </section>
        {asking && (
          <AskOnce
            question={`Remove “${name}”?`}
            says={REMOVING[kind]}
            yes="Remove"
            no="Keep"
            onNo={() => setAsking(false)}
            onYes={() => {
              setAsking(false);
              void after(() => removeUnreadable({ kind, id }), 'Removed', '/kitchen/keeping');
            }}
          />
        )}
      </main>
    </>
  );
}
