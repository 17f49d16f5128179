import type { Metadata } from 'next';
import { Suspense } from 'react';
import { DamagedNotice } from '@/features/keeping/DamagedNotice';
import { KeepingPage } from '@/features/keeping/KeepingPage';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { database } from '@/server/database';
import { fileOf, listCopies } from '@/server/vault/copies';
import { inVault } from '@/server/vault/inVault';
import { VaultProblem, vaultProblem } from '@/server/vault/problem';

export const metadata: Metadata = { title: 'Backups' };

export default async function Page() {
  const file = fileOf(database());
  return (
    <KeepingPage
      copies={listCopies(file)}
      notice={
        <Suspense>
          <Unread file={file} />
        </Suspense>
      }
    />
  );
}

/** What cannot be read of the kitchen: found by reading all of it, which the page does not wait for. */
async function Unread({ file }: { file: string }) {
  const found = await inVault('unreadable', { kitchen: file }).catch((error: unknown) => {
    const problem = vaultProblem(error);
    if (!problem) throw error;
    return problem;
  });
  if (found instanceof VaultProblem) {
    return <p className="my-4 font-semibold text-brick">{found.message}</p>;
  }
  return (
    <>
      <DamagedNotice kinds={found.damaged} />
      <UnreadableNotice documents={found.documents} />
    </>
  );
}
