'use client';

import { useState } from 'react';
import type { DrillGear, DrillId } from '@/core/drills/drill';
import { anotherDrill, drill, DRILLS } from '@/core/drills/drills';
import { useKeptOffline } from '@/ui/browser/useKeptOffline';
import { anotherSeed } from './anotherSeed';
import { PracticeHead } from './PracticeHead';
import { Exercise } from './Exercise';

/** One exercise after another of a kind, each from a seed. */
export function DrillPage({
  kind,
  first,
  gear,
}: {
  kind: DrillId;
  first: number;
  gear: DrillGear;
}) {
  const [each, setEach] = useState(() => drill(kind, first, gear));
  useKeptOffline();
  return (
    <>
      <PracticeHead says={DRILLS[kind].trains} />
      <h1 className="font-display text-[2rem] leading-tight">{DRILLS[kind].name}</h1>
      <Exercise
        key={each.seed}
        drill={each}
        next="Another"
        onNext={() => setEach(anotherDrill(each, anotherSeed, gear))}
      />
    </>
  );
}
