'use client';

import { STILL_MADE_H } from '@/core/run/batchTests';
import { Button } from '@/ui/buttons/Button';
import { Link } from '@/ui/layout/Link';

/** Takes what a home test measured in place of an estimate, and gives it back. */
export function UseMeasured({
  use = 'Use what I measured',
  back = 'Back to the estimate',
  stands,
  run,
  resting = false,
  onUse,
  onBack,
}: {
  use?: string;
  back?: string;
  /** How the test stands: reckoned with, noted of another dough or filling, or not noted. */
  stands: 'counted' | 'stale' | 'none';
  /** The run it is noted in. */
  run: string | null;
  resting?: boolean;
  onUse(): void;
  /** Only where something measured is in use. */
  onBack?: () => void;
}) {
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-2">
        <Button strong resting={resting} onClick={onUse}>
          {use}
        </Button>
        {onBack && (
          <button type="button" className="btn" onClick={onBack}>
            {back}
          </button>
        )}
      </div>
      <p className="text-small text-ink-dim">
        {stands === 'none' ? (
          'It is noted in the batch you make now; the plan stays as planned.'
        ) : (
          <>
            {stands === 'counted'
              ? `Noted in the batch you make now, and counted until that is closed, or left alone for ${STILL_MADE_H} hours.`
              : 'Noted in the batch you make now, but of another recipe than this: not counted.'}{' '}
            {run && (
              <Link className="link" href={`/runs/${run}`}>
                To its bench
              </Link>
            )}
          </>
        )}
      </p>
    </div>
  );
}
