import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { NuqsAdapter } from 'nuqs/adapters/next/app';
import { SumsPage } from '@/features/sums/SumsPage';
import { SUMS } from '@/features/sums/sumList';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { rowsFor } from '@/core/plan/model/withLearnt';
import { ownRows } from '@/server/repositories/pantry';

interface Props {
  params: Promise<{ sum: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { sum } = await params;
  return { title: SUMS.find(({ id }) => id === sum)?.name ?? 'Quick sums' };
}

export default async function Page({ params }: Props) {
  const { sum } = await params;
  const found = SUMS.find(({ id }) => id === sum);
  if (!found) notFound();
  const db = database();
  return (
    <NuqsAdapter>
      <SumsPage sum={found.id} kitchen={getKitchen(db)} ownRows={rowsFor([], ownRows(db))} />
    </NuqsAdapter>
  );
}
