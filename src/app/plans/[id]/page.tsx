import type { Metadata } from 'next';
import { NuqsAdapter } from 'nuqs/adapters/next/app';
import { PlanPage } from '@/features/plan/PlanPage';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { getKitchen } from '@/server/repositories/kitchen';
import { basisPartsOf } from '@/server/repositories/basis';
import { testedBatch } from '@/server/repositories/batch';
import { getPlan } from '@/server/repositories/plans';

interface Props {
  params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: orNotFound(() => getPlan(database(), id)).plan.name };
}

export default async function Page({ params }: Props) {
  const { id } = await params;
  const { plan, edition, revision } = orNotFound(() => getPlan(database(), id));
  return (
    <NuqsAdapter>
      <PlanPage
        key={id}
        id={id}
        stored={{ plan, edition, revision }}
        kitchen={getKitchen(database())}
        basisParts={basisPartsOf(database(), [plan])}
        batch={testedBatch(database(), id, new Date())}
      />
    </NuqsAdapter>
  );
}
