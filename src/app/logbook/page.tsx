import { NuqsAdapter } from 'nuqs/adapters/next/app';
import { cutTo } from '@/core/cutTo';
import type { Metadata } from 'next';
import { choicesOf, findRuns, type RunQuery } from '@/features/logbook/findRuns';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { LogbookBar } from '@/features/logbook/LogbookBar';
import { RunList } from '@/features/logbook/RunList';
import { RunSearch } from '@/features/logbook/RunSearch';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { readRuns } from '@/server/repositories/runs';
import { BenchBar } from '@/ui/layout/BenchBar';
import { Pages } from '@/ui/layout/Pages';

export const metadata: Metadata = { title: 'Logbook' };

/** Runs on one page of the list. */
const A_PAGE = 30;

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function Page({ searchParams }: Props) {
  const asked = await searchParams;
  const one = (key: string) => {
    const value = asked[key];
    return typeof value === 'string' ? cutTo(value, 120) : '';
  };
  const query: RunQuery = {
    q: one('q'),
    cook: one('cook'),
    plan: one('plan'),
    shape: one('shape'),
    roller: one('roller'),
    month: one('month'),
  };
  const db = database();
  const { runs: all, unreadable } = readRuns(db);
  const found = findRuns(all, query);
  const pages = Math.max(1, Math.ceil(found.length / A_PAGE));
  const page = Math.min(pages, Math.max(1, Number.parseInt(one('page'), 10) || 1));
  const shown = found.slice((page - 1) * A_PAGE, page * A_PAGE);
  const toPage = (n: number) =>
    `/logbook?${new URLSearchParams({ ...query, page: String(n) }).toString()}`;
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <LogbookBar here="/logbook" says={getKitchen(db).name} />
        <UnreadableNotice documents={unreadable} />
        {all.length === 0 ? (
          <p className="max-w-prose py-10 text-lead">
            Nothing made yet. Open a plan, then “To the bench”: what you tap there stands here, and
            the next plan starts from it.
          </p>
        ) : (
          <>
            <NuqsAdapter>
              <RunSearch choices={choicesOf(all)} />
            </NuqsAdapter>
            <div className="mt-4 flex flex-wrap items-baseline justify-between gap-3">
              <p className="text-ink-dim" role="status">
                {found.length} {found.length === 1 ? 'batch' : 'batches'}
              </p>
              <p className="flex gap-4">
                <a className="link min-h-[44px]" href="/api/runs?format=csv" download>
                  All as CSV
                </a>
                <a className="link min-h-[44px]" href="/api/runs" download>
                  All as JSON
                </a>
              </p>
            </div>
            {found.length === 0 ? (
              <p className="py-10 text-lead">No batches match.</p>
            ) : (
              <RunList rows={shown} />
            )}
            <Pages page={page} pages={pages} href={toPage} />
          </>
        )}
      </main>
    </>
  );
}
