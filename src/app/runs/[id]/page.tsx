import type { Metadata } from 'next';
import { NuqsAdapter } from 'nuqs/adapters/next/app';
import { BenchPage } from '@/features/bench/BenchPage';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { foundCauses } from '@/server/repositories/faults';
import { getKitchen } from '@/server/repositories/kitchen';
import { getRun } from '@/server/repositories/runs';

interface Props {
  params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: `${orNotFound(() => getRun(database(), id)).plan.name}, at the bench` };
}

export default async function Page({ params }: Props) {
  const { id } = await params;
  const db = database();
  const run = {
    ...orNotFound(() => getRun(db, id)),
    found: foundCauses(db),
    timeZone: getKitchen(db).timeZone,
  };
  return (
    <NuqsAdapter>
      <BenchPage key={id} run={run} cooks={getKitchen(db).cooks} />
    </NuqsAdapter>
  );
}
