'use client';

import { useState } from 'react';
import { comingBack, dueBy, type ComingBack } from '@/core/drills/comingBack';
import type { DrillGear } from '@/core/drills/drill';
import { drill, DRILLS } from '@/core/drills/drills';
import { useInBrowser } from '@/ui/browser/useInBrowser';
import { useKeptOffline } from '@/ui/browser/useKeptOffline';
import { Link } from '@/ui/layout/Link';
import { Exercise } from './Exercise';
import { PracticeHead } from './PracticeHead';
import { practice } from './usePractice';

/** What was missed and is due, one after the other. */
export function BackPage({ gear }: { gear: DrillGear }) {
  // Which come is settled as the page opens: what is answered here does not move them.
  const here = useInBrowser(() => true, false);
  useKeptOffline();
  return (
    <>
      <PracticeHead says="What was missed comes back just before it would be forgotten." />
      {here && <Due gear={gear} />}
    </>
  );
}

function Due({ gear }: { gear: DrillGear }) {
  const [due] = useState<readonly ComingBack[]>(() =>
    dueBy(comingBack(practice().read().answers), new Date().toISOString()),
  );
  const [at, setAt] = useState(0);
  const each = due[at];
  if (!each) {
    return (
      <>
        <h1 className="font-display text-[2rem] leading-tight">
          {due.length === 0 ? 'Nothing comes back today' : 'That was all for today'}
        </h1>
        <p className="mt-2">
          <Link className="link" href="/practice">
            To the exercises
          </Link>
        </p>
      </>
    );
  }
  return (
    <>
      <h1 className="font-display text-[2rem] leading-tight">{DRILLS[each.kind].name}</h1>
      <p className="text-small text-ink-dim">
        {at + 1} of {due.length}, missed {each.missed === 1 ? 'once' : `${each.missed} times`}
      </p>
      <Exercise
        key={`${each.kind} ${each.seed}`}
        drill={drill(each.kind, each.seed, gear)}
        next={at + 1 < due.length ? 'The next' : 'Done'}
        onNext={() => setAt(at + 1)}
      />
    </>
  );
}
