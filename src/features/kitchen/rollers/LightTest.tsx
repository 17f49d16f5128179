'use client';

import { useState } from 'react';
import { startingRules } from '@/core/basis/rules';
import { lightTest } from '@/core/sheet/lightTest';
import type { Roller } from '@/core/sheet/roller';
import { useUnits } from '@/ui/units/UnitsContext';
import { SelectField } from '@/ui/fields/SelectField';

const WHAT = {
  hand: { ask: 'A hand shows first at', shows: 'A hand' },
  print: { ask: 'Print reads first at', shows: 'Print' },
} as const;

/** What shows through the sheet: a coarse check of a dial against its own figures. */
export function LightTest({ roller }: { roller: Roller }) {
  const { text } = useUnits();
  const [seen, setSeen] = useState<Record<keyof typeof WHAT, string>>({ hand: '', print: '' });
  const checks = (['hand', 'print'] as const).flatMap(
    (what) => lightTest(roller, what, seen[what], 0.035, startingRules) ?? [],
  );
  return (
    <section aria-label="Light test" className="grid gap-3 border-t border-board-line pt-4">
      <h4 className="font-semibold">Light test: a coarse check</h4>
      <p>
        Hold the sheet up after each setting. Note where a hand behind it first shows, and where
        print under it first reads.
      </p>
      <div className="grid max-w-[30rem] grid-cols-2 gap-3">
        {(['hand', 'print'] as const).map((what) => (
          <SelectField
            key={what}
            label={WHAT[what].ask}
            value={seen[what]}
            options={[
              { value: '', label: 'not tried' },
              ...roller.steps.map(({ label }) => ({ value: label, label })),
            ]}
            onChange={(label) => setSeen({ ...seen, [what]: label })}
          />
        ))}
      </div>
      {checks.map(({ what, label, mm, says }) => (
        <p key={what} role="status">
          {says === 'agrees' ? (
            <span aria-hidden className="text-verdigris">
              ✓{' '}
            </span>
          ) : (
            <span aria-hidden className="text-[var(--ochre)]">
              ▲{' '}
            </span>
          )}
          {WHAT[what].shows} shows at dial {label}, taken for {text(mm, 'mm')}:{' '}
          {says === 'agrees'
            ? 'that agrees.'
            : `the sheet must be ${says} than that. Weigh a strip of it.`}
        </p>
      ))}
    </section>
  );
}
