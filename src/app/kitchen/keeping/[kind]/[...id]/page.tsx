import type { Metadata } from 'next';
import { notFound, redirect } from 'next/navigation';
import { MendPage } from '@/features/keeping/MendPage';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { lastReadable, rawDocument } from '@/server/repositories/keeping';
import { DOCUMENT_KINDS } from '@/server/repositories/unreadable';

export const metadata: Metadata = { title: 'Cannot be read' };

interface Props {
  params: Promise<{ kind: string; id: string[] }>;
}

export default async function Page({ params }: Props) {
  const { kind: asked, id: parts } = await params;
  const kind = DOCUMENT_KINDS.find((each) => each === asked);
  if (!kind) notFound();
  const id = parts.map(decodeURIComponent).join('/');
  const db = database();
  const { text, why } = orNotFound(() => rawDocument(db, kind, id));
  if (!why) redirect(kind === 'plan' ? `/plans/${id}` : '/kitchen/keeping');
  return (
    <MendPage
      document={why}
      text={text}
      lastReadable={kind === 'plan' ? lastReadable(db, id) : null}
    />
  );
}
