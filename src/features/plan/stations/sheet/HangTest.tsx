'use client';

import { Link } from '@/ui/layout/Link';
import { useState } from 'react';
import { writeAt } from '@/core/plan/document/patch';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { strengthFromHang } from '@/core/sheet/strengthFromHang';
import { HangTestDrawing } from '@/ui/drawings/TestDrawings';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown } from '../../editor/EditorContext';
import { besideEstimate, strengthWords } from '../../plainWords';
import { UseMeasured } from '../UseMeasured';
import { useBatchTests } from '../useBatchTests';

/** The hanging strip: a sheet's strength without an instrument. */
export function HangTest() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const { noted, counted, run, busy, note, takeBack } = useBatchTests();
  const planned = plan.dough.hangMm !== undefined;
  const done = noted.hangMm ?? plan.dough.hangMm;
  const [lengthMm, setLength] = useState(done ?? 1500);
  const strengthKPa = strengthFromHang(lengthMm);
  return (
    <div className="grid gap-5">
      <section aria-label="Hanging strip" className="grid gap-4 sm:grid-cols-[140px_minmax(0,1fr)]">
        <HangTestDrawing length={text(lengthMm, 'mm')} />
        <div className="grid content-start gap-2">
          <h3>Hanging strip: how strong the sheet is</h3>
          <p>
            Cut a strip two fingers wide, hold one end up and feed more over the edge until it tears
            under its own weight. Measure what hung. Width and thickness do not matter.
          </p>
          <div className="max-w-[12rem]">
            <QuantityField
              label="It tore at"
              kind="length"
              range={PLAN_FIELDS['dough.hangMm']}
              value={lengthMm}
              step={50}
              onChange={setLength}
            />
          </div>
          <p role="status">
            That sheet is <b>{strengthWords(strengthKPa)}</b>
            {result.dough.strengthMeasured
              ? '; the plan now reckons with what you measured.'
              : `, ${besideEstimate(strengthKPa, result.dough.strengthKPa, {
                  more: 'stronger',
                  less: 'weaker',
                  share: (value) => text(value, 'share'),
                })}.`}
          </p>
          <UseMeasured
            stands={
              counted.hangMm !== undefined
                ? 'counted'
                : noted.hangMm !== undefined
                  ? 'stale'
                  : 'none'
            }
            run={run}
            resting={busy}
            onUse={() => note({ hangMm: lengthMm })}
            {...(done !== undefined && {
              onBack: () => {
                if (noted.hangMm !== undefined) takeBack('hangMm');
                if (planned) edit((p) => writeAt(p, 'dough.hangMm', undefined));
              },
            })}
          />
        </div>
      </section>
      <p>
        Two more tests measure the roller itself, a weighed strip and what shows through: they are
        with the rollers in the{' '}
        <Link className="link" href="/kitchen">
          kitchen
        </Link>
        .
      </p>
    </div>
  );
}
