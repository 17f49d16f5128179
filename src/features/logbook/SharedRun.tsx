'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { stepNow } from '@/core/run/steps/steps';
import type { GivenRun } from '@/features/bench/BenchContext';
import { PlainBar } from '@/ui/layout/PlainBar';
import { Moment } from '@/ui/text/Moment';
import { RunCount, RunRead, useReadRun } from './RunRead';

/** How often it is looked whether more happened, ms. */
const LOOK_MS = 4000;

/** One batch, for whoever was given a link to it: looked at as it is made, and nothing changed. */
export function SharedRun({ run }: { run: GivenRun }) {
  const router = useRouter();
  const read = useReadRun(run);
  const { state, bench } = read;
  const open = state.status === 'open';
  const made = state.madeOn ?? state.beganAt;
  useEffect(() => {
    if (!open) return;
    const timer = setInterval(() => {
      if (document.visibilityState === 'visible') router.refresh();
    }, LOOK_MS);
    return () => clearInterval(timer);
  }, [open, router]);
  return (
    <>
      <PlainBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[820px] p-5 md:py-8">
        <p className="text-ink-dim">
          {made && <Moment at={made} />}
          {state.cooks.length > 0 && `, ${state.cooks.join(' and ')}`}
        </p>
        <h1 className="font-display text-[2rem] leading-tight [overflow-wrap:anywhere]">
          {run.plan.name}
        </h1>
        {open && (
          <p className="mt-2 text-lead" role="status">
            Now: <b>{stepNow(bench).title(bench)}</b>
          </p>
        )}
        <RunCount state={state} />
        <div className="mt-6">
          <RunRead run={run} read={read} />
        </div>
      </main>
    </>
  );
}
