'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Coming, ComingIn } from '@/server/vault/archive/comingIn';
import type { WhereDifferent } from '@/server/vault/archive/takeIn';
import { Button } from '@/ui/buttons/Button';
import { Choice } from '@/ui/fields/Choice';
import { ChooseFile } from '@/ui/files/ChooseFile';
import { say } from '@/ui/layout/say';
import { sendArchive } from './sendArchive';

const PARTS: readonly (readonly [keyof ComingIn, string])[] = [
  ['plans', 'Plans'],
  ['batches', 'Batches'],
  ['days', 'Days'],
  ['practice', 'Answers at practice'],
  ['ingredients', 'Ingredients of your own'],
  ['preparations', 'Preparations of your own'],
  ['kitchen', 'Kitchen'],
];

/** Names shown at most; the count says the rest. */
const MOST_NAMED = 6;

/** Everything as one open archive, out and in: what it would change is shown before anything is. */
export function ArchiveSection() {
  const router = useRouter();
  const [looked, setLooked] = useState<{ file: File; changes: ComingIn } | null>(null);
  const [where, setWhere] = useState<WhereDifferent>('keep');
  const [error, setError] = useState<string | null>(null);
  const [doing, setDoing] = useState<{ says: string; share: number; callOff(): void } | null>(null);

  const send = async (file: File, to: 'look' | WhereDifferent) => {
    const calledOff = new AbortController();
    const says = to === 'look' ? `Reading ${file.name}` : `Taking ${file.name} in`;
    const onProgress = (share: number) =>
      setDoing({ says, share, callOff: () => calledOff.abort() });
    setError(null);
    onProgress(0);
    const sent = await sendArchive(file, to, { onProgress, signal: calledOff.signal });
    setDoing(null);
    if ('error' in sent) setError(`${file.name} was not taken: ${sent.error}`);
    return 'error' in sent ? null : sent.changes;
  };
  const look = async (file: File) => {
    setLooked(null);
    const changes = await send(file, 'look');
    if (changes) setLooked({ file, changes });
  };
  const take = async (file: File) => {
    if (!(await send(file, where))) return;
    setLooked(null);
    void say('Taken in');
    router.refresh();
  };
  const differs = looked && PARTS.some(([part]) => looked.changes[part].different.length > 0);
  const fresh = looked && PARTS.some(([part]) => looked.changes[part].fresh > 0);

  return (
    <section aria-label="Everything as one archive" className="grid gap-3">
      <h2 className="font-display text-figure">Everything as one archive</h2>
      <p className="max-w-prose text-ink-dim">
        Plans with every revision, batches with every tap, days, pantry and kitchen, in an open
        format that can be read without this product. Another kitchen can take it in.
      </p>
      <div className="flex flex-wrap gap-2">
        <a className="btn" href="/api/archive" download>
          Save everything
        </a>
        <ChooseFile
          label="An archive"
          accept=".zip,application/zip"
          onFile={(file) => void look(file)}
        >
          Take an archive in
        </ChooseFile>
      </div>
      {doing && (
        <div className="flex max-w-prose flex-wrap items-center gap-3">
          <p role="status" className="min-w-0 break-words">
            {doing.says} …
          </p>
          <progress
            className="h-3 w-40 accent-[var(--ink)]"
            aria-label={doing.says}
            value={doing.share || undefined}
          />
          <button type="button" className="btn" onClick={doing.callOff}>
            Call it off
          </button>
        </div>
      )}
      {error && (
        <p role="alert" className="max-w-prose font-semibold break-words text-brick">
          {error}
        </p>
      )}
      {looked && (
        <div className="grid gap-3 border-l-4 border-board-rule pl-4">
          <p className="font-semibold break-words">{looked.file.name} would bring:</p>
          <dl className="grid gap-1">
            {PARTS.map(([part, name]) => (
              <div key={part} className="flex flex-wrap gap-x-3">
                <dt className="min-w-[11rem]">{name}</dt>
                <dd className="min-w-0 break-words">{comingText(looked.changes[part])}</dd>
              </div>
            ))}
          </dl>
          {differs && (
            <Choice<WhereDifferent>
              label="Where both have it and it differs"
              value={where}
              options={[
                { value: 'keep', label: 'Keep what is here' },
                { value: 'take', label: 'Take the archive’s' },
              ]}
              onChange={setWhere}
            />
          )}
          {differs && (
            <p className="max-w-prose text-small text-ink-dim">
              Of a plan the archive’s becomes a new revision and what is here stays behind it. Taps
              of a batch are joined either way.
            </p>
          )}
          <div className="flex flex-wrap gap-2">
            {(fresh || differs) && (
              <Button strong resting={doing !== null} onClick={() => void take(looked.file)}>
                Take it in
              </Button>
            )}
            <button type="button" className="btn" onClick={() => setLooked(null)}>
              {fresh || differs ? 'Leave it' : 'Nothing new in it'}
            </button>
          </div>
        </div>
      )}
    </section>
  );
}

function comingText({ fresh, same, different }: Coming): string {
  const parts = [
    fresh && `${fresh} new`,
    same && `${same} the same`,
    different.length &&
      `${different.length} different (${different.slice(0, MOST_NAMED).join(', ')}${
        different.length > MOST_NAMED ? ' …' : ''
      })`,
  ].filter(Boolean);
  return parts.join(', ') || 'none';
}
