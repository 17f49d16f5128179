'use client';

import { Button } from '@/ui/buttons/Button';

/** Takes what a home test measured in place of an estimate, and gives it back. */
export function UseMeasured({
  use = 'Use what I measured',
  back = 'Back to the estimate',
  disabled = false,
  onUse,
  onBack,
}: {
  use?: string;
  back?: string;
  disabled?: boolean;
  onUse(): void;
  /** Only where something measured is in use. */
  onBack?: () => void;
}) {
  return (
    <div className="flex flex-wrap gap-2">
      <Button strong resting={disabled} onClick={onUse}>
        {use}
      </Button>
      {onBack && (
        <button type="button" className="btn" onClick={onBack}>
          {back}
        </button>
      )}
    </div>
  );
}
