import type { Metadata } from 'next';
import { KitchenPage } from '@/features/kitchen/KitchenPage';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';

export const metadata: Metadata = { title: 'Kitchen' };

export default async function Page() {
  return <KitchenPage stored={getKitchen(database())} />;
}
