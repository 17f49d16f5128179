'use client';

import { useMemo, useState } from 'react';
import { causeOf, type CauseId } from '@/core/faults/causes';
import { knownOf } from '@/core/faults/known';
import type { SignId } from '@/core/faults/signs';
import { BOARD_LOOK } from '@/features/faults/looks';
import { TracePanel } from '@/features/faults/TracePanel';
import { useTrace } from '@/features/faults/useTrace';
import { keepFinding } from '@/server/actions/faults';
import { Link } from '@/ui/layout/Link';
import { say, sayTrouble } from '@/ui/layout/say';

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
  const known = useMemo(() => knownOf({}), []);
  const trace = useTrace(known);
  const [confirmed, setConfirmed] = useState<CauseId | null>(null);
  const confirm = async (cause: CauseId) => {
    if (confirmed === cause) return;
    const kept = await keepFinding({ cause }).catch(() => null);
    if (!kept?.ok) return void sayTrouble(kept?.error ?? 'No answer from the server.');
    setConfirmed(cause);
    void say(`Kept: ${causeOf(cause).name.toLowerCase()}. It counts next time.`, {
      undo: () => {
        setConfirmed(null);
        void keepFinding({ cause, back: true });
      },
    });
  };
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
        onConfirm={(cause) => void confirm(cause)}
        confirmed={confirmed}
      />
    </>
  );
}
