import type { Metadata } from 'next';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { KitchenPage } from '@/features/kitchen/KitchenPage';
import { database } from '@/server/database';
import { getKitchen, kitchenEdition, kitchenUnreadable } from '@/server/repositories/kitchen';

export const metadata: Metadata = { title: 'Kitchen' };

export default async function Page() {
  const db = database();
  return (
    <KitchenPage
      stored={getKitchen(db)}
      edition={kitchenEdition(db)}
      notice={<UnreadableNotice documents={kitchenUnreadable(db)} />}
    />
  );
}
