import type { Metadata } from 'next';
import { RunPage } from '@/features/logbook/RunPage';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { linksTo } from '@/server/repositories/door';
import { getRun, listRuns } from '@/server/repositories/runs';
import { BenchBar } from '@/ui/layout/BenchBar';

interface Props {
  params: Promise<{ id: string }>;
}

export const metadata: Metadata = { title: 'A batch' };

/** Batches offered to be set beside this one. */
const OFFERED = 60;

export default async function Page({ params }: Props) {
  const { id } = await params;
  const db = database();
  const run = orNotFound(() => getRun(db, id));
  const others = listRuns(db, { status: ['finished'] })
    .filter((each) => each.id !== id)
    // The same plan's own come first.
    .sort((a, b) => Number(b.planId === run.planId) - Number(a.planId === run.planId))
    .slice(0, OFFERED)
    .map(({ id: other, madeOn, summary }) => ({ id: other, madeOn, name: summary.planned.name }));
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1180px] p-5 md:py-8">
        <RunPage run={run} others={others} links={linksTo(db, id)} />
      </main>
    </>
  );
}
