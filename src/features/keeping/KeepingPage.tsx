'use client';

import { useState, type ReactNode } from 'react';
import { NO_ANSWER, useAction } from '@/features/actions/useAction';
import { copyNow, restoreCopy } from '@/server/actions/keeping';
import type { Copy, CopyKind } from '@/server/vault/copyNames';
import { Button } from '@/ui/buttons/Button';
import { ChooseFile } from '@/ui/files/ChooseFile';
import { AskOnce } from '@/ui/layout/AskOnce';
import type { Outcome } from '@/server/outcome';
import { BenchBar } from '@/ui/layout/BenchBar';
import { Moment } from '@/ui/text/Moment';
import { ArchiveSection } from './ArchiveSection';

const MADE: Readonly<Record<CopyKind, string>> = {
  daily: 'the day’s own',
  'by-hand': 'by hand',
  'before-restoring': 'before restoring',
};

/** What is to be put in the kitchen's place. */
type Wanted = { readonly at: string; readonly name: string } | { readonly file: File };

async function restoreUpload(file: File): Promise<Outcome<null>> {
  const response = await fetch('/api/copies', {
    method: 'POST',
    headers: { 'content-type': 'application/vnd.sqlite3' },
    body: file,
  });
  if (response.ok) return { ok: true, value: null };
  const body = (await response.json().catch(() => ({}))) as { error?: string };
  return { ok: false, error: body.error ?? NO_ANSWER };
}

/** Copies of the kitchen, everything in it as one archive, and what of it cannot be read. */
export function KeepingPage({
  copies,
  notice,
}: {
  copies: readonly (Copy & { readonly bytes: number })[];
  notice: ReactNode;
}) {
  const [wanted, setWanted] = useState<Wanted | null>(null);
  const { busy: under, trouble, run: act } = useAction({ tells: 'here' });
  const [doing, setDoing] = useState('');
  const busy = under ? doing : null;

  const run = (doing: string, work: () => Promise<Outcome<unknown>>, done: string) => {
    setDoing(doing);
    return act(work, { done });
  };
  const restore = (what: Wanted) =>
    run(
      'Restoring…',
      () => ('file' in what ? restoreUpload(what.file) : restoreCopy(what.name)),
      'Restored. What stood here is kept beside the kitchen’s file.',
    );
  const [newest] = copies;

  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto grid max-w-[820px] gap-8 p-5 md:py-8">
        <div>
          <h1 className="font-display text-[2rem] leading-tight">Backups</h1>
          <p className="mt-1 text-lead">
            {newest ? (
              <>
                The last copy of everything here was made <Moment at={newest.at} time />.
              </>
            ) : (
              'There is no copy of this kitchen yet.'
            )}
          </p>
          {notice}
          <p role="status" className="font-semibold">
            {busy}
          </p>
          {trouble && (
            <p role="alert" className="mt-2 font-semibold break-words text-brick">
              {trouble}
            </p>
          )}
        </div>
        <section aria-label="Copies" className="grid gap-3">
          <h2 className="font-display text-figure">Copies</h2>
          <p className="max-w-prose text-ink-dim">
            One is made each day, beside the kitchen’s file, and read back before it counts. Seven
            days stay, and one of each of the four weeks before. Keep one on another disk now and
            then: a copy beside the file goes with the file.
          </p>
          <div className="flex flex-wrap gap-2">
            <Button
              strong
              resting={busy !== null}
              onClick={() => void run('Copying…', copyNow, 'Copied')}
            >
              Make a copy now
            </Button>
            <ChooseFile
              label="A kitchen’s copy"
              accept=".db,application/vnd.sqlite3"
              onFile={(file) => setWanted({ file })}
            >
              Restore from a file
            </ChooseFile>
          </div>
          <ul>
            {copies.map(({ name, kind, at, bytes }) => (
              <li
                key={name}
                className="flex flex-wrap items-center gap-x-4 border-b border-board-line py-1"
              >
                <span className="min-w-[11rem] flex-1">
                  <Moment at={at} time /> <span className="text-ink-dim">{MADE[kind]}</span>
                </span>
                <span className="tabular-nums text-ink-dim">{sizeText(bytes)}</span>
                <a
                  className="link inline-flex min-h-[44px] items-center"
                  href={`/api/copies/${name}`}
                  download
                >
                  Save as a file
                </a>
                <button
                  type="button"
                  className="link min-h-[44px]"
                  onClick={() => setWanted({ at, name })}
                >
                  Restore
                </button>
              </li>
            ))}
          </ul>
        </section>
        <ArchiveSection />
        {wanted && (
          <AskOnce
            question={
              'file' in wanted
                ? `Restore ${wanted.file.name}?`
                : 'Put this copy in the kitchen’s place?'
            }
            says="Plans, batches, pantry and kitchen are then as they were in it. What stands here now is copied first, so that it can be put back."
            yes="Restore"
            no="Leave it as it is"
            onNo={() => setWanted(null)}
            onYes={() => {
              setWanted(null);
              void restore(wanted);
            }}
          />
        )}
      </main>
    </>
  );
}

const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.round(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
