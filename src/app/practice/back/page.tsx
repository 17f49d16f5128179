import type { Metadata } from 'next';
import { connection } from 'next/server';
import { BackPage } from '@/features/practice/BackPage';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { BenchBar } from '@/ui/layout/BenchBar';

export const metadata: Metadata = { title: 'What comes back' };

export default async function Page() {
  await connection();
  const [roller] = getKitchen(database()).rollers;
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <BackPage gear={{ roller: roller! }} />
      </main>
    </>
  );
}
