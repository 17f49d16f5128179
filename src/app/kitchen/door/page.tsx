import type { Metadata } from 'next';
import { KeysPage } from '@/features/door/KeysPage';
import { database } from '@/server/database';
import { asker } from '@/server/door/asker';
import { doorState } from '@/server/door/state';
import { listKeys } from '@/server/repositories/door';

export const metadata: Metadata = { title: 'Access' };

export default async function Page() {
  const keys = listKeys(database()).map(({ id, name, role }) => ({ id, name, role }));
  return <KeysPage keys={keys} asks={doorState() !== null} me={await asker()} />;
}
