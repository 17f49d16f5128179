import type { Metadata } from 'next';
import { BenchCard } from '@/features/card/BenchCard';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { getKitchen } from '@/server/repositories/kitchen';
import { basisPartsOf } from '@/server/repositories/basis';
import { getPlan } from '@/server/repositories/plans';

export const metadata: Metadata = { title: 'Bench card' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { plan, revision } = orNotFound(() => getPlan(database(), id));
  return (
    <BenchCard
      id={id}
      plan={plan}
      revision={revision}
      basisParts={basisPartsOf(database(), [plan])}
      kitchenName={getKitchen(database()).name}
    />
  );
}
