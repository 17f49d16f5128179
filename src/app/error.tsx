'use client';

import { useEffect } from 'react';
import { PlainBar, WholeLink } from '@/ui/layout/PlainBar';

/** What is shown when a page cannot be made: what is safe, and two ways on. */
export default function PageError({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset(): void;
}) {
  useEffect(() => {
    console.error(error);
  }, [error]);
  return (
    <>
      <PlainBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[720px] p-5 py-12">
        <h1 className="font-display text-[2rem]">This page could not be laid out</h1>
        <p className="mt-2 mb-5 text-lead">
          Nothing stored was changed, and what you typed is kept on this device. Try again; if it
          stays so, the plan’s older revisions are still there, and Backups says whether the
          kitchen’s file is whole.
        </p>
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn btn-strong" onClick={reset}>
            Try again
          </button>
          <WholeLink to="/" className="btn">
            All plans
          </WholeLink>
          <WholeLink to="/kitchen/keeping" className="btn">
            Backups
          </WholeLink>
        </div>
      </main>
    </>
  );
}
