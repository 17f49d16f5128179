import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { DRILL_IDS } from '@/core/drills/drill';
import { DRILLS } from '@/core/drills/drills';
import { DrillPage } from '@/features/practice/DrillPage';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { BenchBar } from '@/ui/layout/BenchBar';
import { seedAsked } from '../seedAsked';

interface Props {
  params: Promise<{ kind: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

const kindOf = async ({ params }: Props) => {
  const { kind } = await params;
  return DRILL_IDS.find((id) => id === kind) ?? notFound();
};

export async function generateMetadata(props: Props): Promise<Metadata> {
  return { title: DRILLS[await kindOf(props)].name };
}

/** `?seed=N` begins at that exercise. */
export default async function Page(props: Props) {
  await connection();
  const kind = await kindOf(props);
  const seed = seedAsked(await props.searchParams);
  const [roller] = getKitchen(database()).rollers;
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <DrillPage key={kind} kind={kind} first={seed} gear={{ roller: roller! }} />
      </main>
    </>
  );
}
