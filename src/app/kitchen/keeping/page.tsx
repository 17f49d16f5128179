import type { Metadata } from 'next';
import { KeepingPage } from '@/features/keeping/KeepingPage';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { database } from '@/server/database';
import { findUnreadable } from '@/server/repositories/keeping';
import { fileOf, listCopies } from '@/server/vault/copies';

export const metadata: Metadata = { title: 'Safe keeping' };

export default async function Page() {
  const db = database();
  return (
    <KeepingPage
      copies={listCopies(fileOf(db))}
      notice={<UnreadableNotice documents={findUnreadable(db)} />}
    />
  );
}
