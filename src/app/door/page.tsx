import type { Metadata } from 'next';
import { DoorPage } from '@/features/door/DoorPage';

export const metadata: Metadata = { title: 'Sign in' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ to?: string | string[] }>;
}) {
  const { to } = await searchParams;
  return <DoorPage to={localPath(to)} />;
}

/** Where to go once signed in: a path here, and nowhere else. */
function localPath(to: unknown): string {
  if (typeof to !== 'string' || !/^\/(?![/\\])/.test(to) || to.startsWith('/door')) return '/';
  return to;
}
