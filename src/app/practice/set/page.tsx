import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { drillSet } from '@/core/drills/drillSet';
import { MOST_SEED } from '@/core/drills/drills';
import { DrillSheet } from '@/features/practice/DrillSheet';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { BenchBar } from '@/ui/layout/BenchBar';

export const metadata: Metadata = { title: 'A set for a class' };

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** `?seed=N` names the set. */
export default async function Page({ searchParams }: Props) {
  const seed = Number([(await searchParams).seed].flat()[0] ?? NaN);
  if (!Number.isInteger(seed) || seed < 0 || seed > MOST_SEED) notFound();
  const [roller] = getKitchen(database()).rollers;
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <DrillSheet seed={seed} drills={drillSet(seed, { gear: { roller: roller! } })} />
      </main>
    </>
  );
}
