'use client';

import { useMemo } from 'react';
import { startingBasis } from '@/core/basis/basis';
import { knownOf } from '@/core/faults/known';
import type { SignId } from '@/core/faults/signs';
import { BOARD_LOOK } from '@/features/faults/looks';
import { TracePanel } from '@/features/faults/TracePanel';
import { useFinding } from '@/features/faults/useFinding';
import { useTrace } from '@/features/faults/useTrace';
import { useTracedInAddress } from '@/features/faults/useTracedInAddress';
import { Link } from '@/ui/layout/Link';

/** Ways in which a piece comes to grief between tray and plate. */
const BURSTS: readonly SignId[] = [
  'opensAtLip',
  'pops',
  'tearsInPot',
  'floatsHigh',
  'sticksToTray',
];

/** Why did it burst: from what is seen to its likeliest cause, without a plan. */
export function BurstSum() {
  const known = useMemo(() => knownOf({ basis: startingBasis }), []);
  const trace = useTrace(known, useTracedInAddress());
  const { confirmed, confirm } = useFinding(null, trace.signs);
  return (
    <>
      <p className="mb-5 max-w-[42rem]">
        Tap what you see.{' '}
        <Link className="link" href="/faults">
          Everything else that goes wrong
        </Link>{' '}
        has a page of its own, and knows more when it is reached from a plan or a batch.
      </p>
      <TracePanel
        trace={trace}
        look={BOARD_LOOK}
        signs={BURSTS}
        remedyText={() => ''}
        onConfirm={confirm}
        confirmed={confirmed}
      />
    </>
  );
}
