import type { Metadata } from 'next';
import { PantryPage } from '@/features/pantry/PantryPage';
import { database } from '@/server/database';
import { ownRows } from '@/server/repositories/pantry';

export const metadata: Metadata = { title: 'Pantry' };

export default async function Page() {
  return <PantryPage ownRows={ownRows(database())} />;
}
