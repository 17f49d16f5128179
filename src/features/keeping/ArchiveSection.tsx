'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Coming, ComingIn } from '@/server/vault/archive/comingIn';
import type { WhereDifferent } from '@/server/vault/archive/takeIn';
import { Button } from '@/ui/buttons/Button';
import { Choice } from '@/ui/fields/Choice';
import { ChooseFile } from '@/ui/files/ChooseFile';
import { say } from '@/ui/layout/say';

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

async function send(
  file: File,
  where: 'look' | WhereDifferent,
): Promise<{ readonly changes: ComingIn } | { readonly error: string }> {
  try {
    const response = await fetch(`/api/archive?where=${where}`, {
      method: 'POST',
      headers: { 'content-type': 'application/zip' },
      body: file,
    });
    const body = (await response.json()) as ComingIn & { error?: string };
    return response.ok ? { changes: body } : { error: body.error ?? 'It was not taken.' };
  } catch {
    return { error: 'No answer from the server. Nothing was changed.' };
  }
}

/** Everything as one open archive, out and in: what it would change is shown before anything is. */
export function ArchiveSection() {
  const router = useRouter();
  const [looked, setLooked] = useState<{ file: File; changes: ComingIn } | null>(null);
  const [where, setWhere] = useState<WhereDifferent>('keep');
  const [error, setError] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const look = async (file: File) => {
    setError(null);
    setLooked(null);
    const found = await send(file, 'look');
    if ('error' in found) setError(`${file.name} was not taken: ${found.error}`);
    else setLooked({ file, changes: found.changes });
  };
  const take = async (file: File) => {
    setBusy(true);
    const found = await send(file, where);
    setBusy(false);
    if ('error' in found) return setError(`${file.name} was not taken: ${found.error}`);
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
              <Button strong resting={busy} onClick={() => void take(looked.file)}>
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
