import type { Metadata } from 'next';
import { NuqsAdapter } from 'nuqs/adapters/next/app';
import { FaultsPage, type FaultsOf } from '@/features/faults/FaultsPage';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { basisPartsOf } from '@/server/repositories/basis';
import { foundCauses } from '@/server/repositories/faults';
import { getPlan } from '@/server/repositories/plans';
import { getRun } from '@/server/repositories/runs';
import { BenchBar } from '@/ui/layout/BenchBar';

export const metadata: Metadata = { title: 'What went wrong?' };

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** `?run=ID` for a batch, `?plan=ID` for a plan, `&sign=NAME` for what is seen, read on the page; all may be left out. */
export default async function Page({ searchParams }: Props) {
  const asked = await searchParams;
  const one = (name: string) => [asked[name]].flat()[0];
  const db = database();
  const [runId, planId] = [one('run'), one('plan')];
  const found = foundCauses(db);
  const of = orNotFound((): FaultsOf => {
    if (runId) {
      const run = getRun(db, runId);
      const { plan, events, pantry, learnt, alsoHandles } = run;
      return {
        planId: run.planId,
        runId,
        plan,
        events,
        basis: { pantry, learnt, alsoHandles },
        found,
      };
    }
    const plan = planId ? getPlan(db, planId).plan : null;
    return {
      planId: planId ?? null,
      runId: null,
      plan,
      events: null,
      basis: basisPartsOf(db, plan ? [plan] : []),
      found,
    };
  });
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <NuqsAdapter>
          <FaultsPage key={`${runId ?? ''}/${planId ?? ''}`} of={of} />
        </NuqsAdapter>
      </main>
    </>
  );
}
