import type { Metadata } from 'next';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { PantryPage } from '@/features/pantry/PantryPage';
import { database } from '@/server/database';
import { readRows } from '@/server/repositories/pantry';

export const metadata: Metadata = { title: 'Pantry' };

export default async function Page() {
  const { rows, editions, unreadable } = readRows(database());
  return (
    <PantryPage
      ownRows={rows}
      editions={editions}
      notice={<UnreadableNotice documents={unreadable} />}
    />
  );
}
