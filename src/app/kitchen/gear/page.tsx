import type { Metadata } from 'next';
import { GearPage } from '@/features/kitchen/GearPage';
import { database } from '@/server/database';
import { getKitchen, kitchenEdition } from '@/server/repositories/kitchen';

export const metadata: Metadata = { title: 'What you have' };

export default async function Page() {
  const db = database();
  return <GearPage stored={getKitchen(db)} edition={kitchenEdition(db)} />;
}
