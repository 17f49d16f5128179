import { randomInt } from 'node:crypto';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { PracticeHome } from '@/features/practice/PracticeHome';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { BenchBar } from '@/ui/layout/BenchBar';

export const metadata: Metadata = { title: 'Practice' };

export default async function Page() {
  await connection();
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <PracticeHome classSeed={randomInt(100, 1000)} cooks={getKitchen(database()).cooks} />
      </main>
    </>
  );
}
