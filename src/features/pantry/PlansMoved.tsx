'use client';

import { useEffect, useState } from 'react';
import type { ChangedRow, PantryChange } from '@/core/plan/questions/pantryChanges';
import { previewRow } from '@/server/actions/pantry';
import { useUnits } from '@/ui/units/UnitsContext';

/** Which plans use it, and what this change would do to each. Asked for as the figures change. */
export function PlansMoved({ change, before }: { change: ChangedRow; before: ChangedRow['row'] }) {
  const { text } = useUnits();
  const [changes, setChanges] = useState<readonly PantryChange[] | null>(null);
  const asked = JSON.stringify(change);
  useEffect(() => {
    let current = true;
    const timer = setTimeout(() => {
      void previewRow(JSON.parse(asked)).then(
        (result) => current && result.ok && setChanges(result.value),
        () => {},
      );
    }, 250);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [asked]);
  if (!changes) return <p className="text-ink-dim">Looking at your plans…</p>;
  if (!changes.length) return <p className="text-ink-dim">No plan uses it.</p>;
  const unchanged = JSON.stringify(before) === JSON.stringify(change.row);
  return (
    <section aria-label="Plans that use it">
      <h3>
        {changes.length === 1 ? 'One plan uses it' : `${changes.length} plans use it`}
        {!unchanged && ', and would change'}
      </h3>
      <ul>
        {changes.map(({ id, name, figures, trouble }) => (
          <li key={id} className="border-b border-board-line py-1.5">
            <b>{name}</b>
            {!unchanged && (
              <span className={trouble ? 'font-semibold text-brick' : 'text-ink-dim'}>
                :{' '}
                {trouble ??
                  (figures.length
                    ? figures
                        .map(
                          (each) =>
                            `${each.label} ${text(each.before, each.unit)} → ${text(each.after, each.unit)}`,
                        )
                        .join(', ')
                    : 'no figure moves')}
              </span>
            )}
          </li>
        ))}
      </ul>
      <p className="text-small text-ink-dim">
        Batches already logged keep what they were made with.
      </p>
    </section>
  );
}
