'use client';

import { useCallback } from 'react';
import { rowsUsed } from '@/core/composition/pantry';
import { writeAt } from '@/core/plan/document/patch';
import { hold } from '@/core/risk/remedy';
import { Button } from '@/ui/buttons/Button';
import { useUnits } from '@/ui/units/UnitsContext';
import type { Remote } from 'comlink';
import type { ModelWorker } from '@/workers/model.worker';
import { useEdit, useShown, useWorld } from '../editor/EditorContext';
import { MARGIN_NAMES, spareWords } from '../marginWords';
import { useLive } from '../search/useLive';
import { BalanceChart } from './BalanceChart';
import { BalanceTable } from './BalanceTable';
import { Scattered } from './Scattered';

/** Where the piece holds, thickness against dose, and how many hands as they are will lose. */
export function Balance() {
  const { plan, result } = useShown();
  const { pantry } = useWorld();
  const { edit } = useEdit();
  const { text } = useUnits();
  const ask = useCallback(
    (model: Remote<ModelWorker>) =>
      model.balance(plan, rowsUsed([...plan.dough.parts, ...plan.filling.parts], pantry)),
    [plan, pantry],
  );
  const { value, behind, failed } = useLive(ask);
  const move = (thicknessMm: number, doseG: number, passing: boolean) =>
    edit(
      (before) => {
        const free = { ...before, ...hold(before, 'dose') };
        const dosed = writeAt({ ...free, ...hold(free, 'thickness') }, 'shape.doseG', doseG);
        return writeAt(dosed, 'sheet.thicknessMm', thicknessMm);
      },
      'balance',
      passing,
    );
  return (
    <section aria-label="Where it holds" className="grid grid-cols-[minmax(0,1fr)] gap-2">
      <h3>Where it holds: thickness against dose</h3>
      {failed && (
        <p role="alert">The map could not be worked out. It is tried again at the next change.</p>
      )}
      {!value && !failed && <p className="text-ink-dim">Working out where it holds…</p>}
      {value && (
        <div className={behind ? 'opacity-60' : ''} aria-busy={behind}>
          <BalanceChart map={value.map} own={result.shape} onMove={move} />
          <Scattered balance={value} />
          <p className="mt-2">
            Here: {text(value.map.own.doseG, 'g')} at {text(value.map.own.thicknessMm, 'mm')};{' '}
            {MARGIN_NAMES[value.map.own.weakest]},{' '}
            {spareWords(value.map.own.weakest, value.map.own.margin)}.
            {value.map.best && (
              <>
                {' '}
                Fullest with room: {text(value.map.best.doseG, 'g')} at{' '}
                {text(value.map.best.thicknessMm, 'mm')}.{' '}
                <Button
                  onClick={() => {
                    const { thicknessMm, doseG } = value.map.best!;
                    move(Math.round(thicknessMm * 100) / 100, Math.round(doseG * 2) / 2, false);
                  }}
                >
                  Take the fullest
                </Button>
              </>
            )}
          </p>
          <BalanceTable map={value.map} />
        </div>
      )}
    </section>
  );
}
