'use client';

import { useMemo, useState } from 'react';
import type { DrillGear, DrillId } from '@/core/drills/drill';
import { drill, DRILLS } from '@/core/drills/drills';
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
  const [seed, setSeed] = useState(first);
  useKeptOffline();
  const each = useMemo(() => drill(kind, seed, gear), [kind, seed, gear]);
  return (
    <>
      <PracticeHead says={DRILLS[kind].trains} />
      <h1 className="font-display text-[2rem] leading-tight">{DRILLS[kind].name}</h1>
      <Exercise key={seed} drill={each} next="Another" onNext={() => setSeed(anotherSeed())} />
    </>
  );
}
