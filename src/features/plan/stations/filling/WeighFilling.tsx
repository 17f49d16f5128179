'use client';

import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from '../../editor/EditorContext';
import { BatchTable } from '../BatchTable';
import { LedgerBar } from '../LedgerBar';

/** What to weigh for this batch, and where its water goes. */
export function WeighFilling() {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { filling: f, working: w } = result;
  const water = f.water;
  return (
    <div className="grid gap-5">
      <BatchTable
        title="Weigh for this batch, raw"
        scale={w.fillingScale}
        rows={f.parts.map((part) => ({
          ...part,
          ...(part.preparation !== 'As it is' && {
            note: `${part.preparation.toLowerCase()}, gives ${text(part.preparedG, 'g')}`,
          }),
        }))}
        total={w.fillingTotal}
      />
      {f.cookedOffG > 0 && (
        <p>
          Mixed, it is cooked until <b>{text(f.cookedOffG, 'g')}</b> of water has steamed off. Weigh
          the pan before and after.
        </p>
      )}
      <LedgerBar
        title="Where its water goes"
        total={w.waterRaw}
        parts={[
          { name: 'held', of: w.waterHeld, fill: plan.colour },
          { name: 'free', of: w.waterFree, fill: 'var(--ochre)' },
          { name: 'drip, for the sauce', of: w.waterDrip, fill: 'var(--dough-edge)' },
          { name: 'steamed off', of: w.waterSteamed, fill: 'var(--dim-line)' },
        ]}
      />
      {water.dripG >= 5 && (
        <p>Keep the drip and liquor, about {text(water.dripG, 'g')}: it is stock for the sauce.</p>
      )}
    </div>
  );
}
