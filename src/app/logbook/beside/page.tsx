import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { BesideView } from '@/features/logbook/BesideView';
import { database } from '@/server/database';
import { listRuns } from '@/server/repositories/runs';
import { BenchBar } from '@/ui/layout/BenchBar';

export const metadata: Metadata = { title: 'Side by side' };

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function Page({ searchParams }: Props) {
  const asked = await searchParams;
  const all = listRuns(database());
  const [a, b] = [asked.a, asked.b].map((id) => all.find((each) => each.id === id));
  if (!a || !b) notFound();
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <h1 className="font-display text-[2rem] leading-tight">Side by side</h1>
        <BesideView a={a} b={b} />
      </main>
    </>
  );
}
