import type { Metadata } from 'next';
import { findings } from '@/core/log/findings';
import { trends } from '@/core/log/trends';
import { LogbookBar } from '@/features/logbook/LogbookBar';
import { TrendsView } from '@/features/logbook/TrendsView';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { listRuns } from '@/server/repositories/runs';
import { BenchBar } from '@/ui/layout/BenchBar';

export const metadata: Metadata = { title: 'Trends' };

export default function Page() {
  const db = database();
  const runs = listRuns(db, { status: ['finished'] });
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <LogbookBar here="/logbook/trends" says={getKitchen(db).name} />
        {runs.length === 0 ? (
          <p className="max-w-prose py-10 text-lead">
            Nothing to show before the first batch is closed at the bench.
          </p>
        ) : (
          <TrendsView months={trends(runs)} findings={findings(runs)} />
        )}
      </main>
    </>
  );
}
