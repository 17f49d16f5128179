import type { Metadata } from 'next';
import { connection } from 'next/server';
import { PaperPage } from '@/features/practice/PaperPage';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { BenchBar } from '@/ui/layout/BenchBar';
import { seedAsked } from '../seedAsked';

export const metadata: Metadata = { title: 'A batch on paper' };

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** `?seed=N` begins at that kitchen. */
export default async function Page({ searchParams }: Props) {
  await connection();
  const first = seedAsked(await searchParams);
  const [roller] = getKitchen(database()).rollers;
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <PaperPage first={first} gear={{ roller: roller! }} />
      </main>
    </>
  );
}
