import type { Metadata } from 'next';
import { DoorPage } from '@/features/door/DoorPage';
import { localPath } from '@/server/door/localPath';

export const metadata: Metadata = { title: 'Sign in' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ to?: string | string[] }>;
}) {
  const { to } = await searchParams;
  return <DoorPage to={localPath(to)} />;
}
