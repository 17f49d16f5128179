import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { SharedRun } from '@/features/logbook/SharedRun';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { sharedRun } from '@/server/repositories/door';
import { getRun } from '@/server/repositories/runs';

export const metadata: Metadata = { title: 'A batch, looked at', robots: { index: false } };

export default async function Page({ params }: { params: Promise<{ token: string }> }) {
  const db = database();
  const id = sharedRun(db, (await params).token);
  if (!id) notFound();
  return <SharedRun run={orNotFound(() => getRun(db, id))} />;
}
