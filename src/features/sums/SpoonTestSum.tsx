'use client';

import { useState } from 'react';
import { yieldStressFromSpread } from '@/core/filling/yieldStress';
import { PLAN_FIELDS } from '@/core/plan/planFields';
import { input } from '@/core/working/working';
import { SpoonTestDrawing } from '@/ui/drawings/TestDrawings';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { Answer, Inputs, type SumProps } from './SumParts';

export function SpoonTestSum({ kitchen }: SumProps) {
  const { text } = useUnits();
  const [volumeMl, setVolume] = useState(kitchen.spoons.at(-1)?.ml ?? 15);
  const [diameterMm, setDiameter] = useState(40);
  const [densityGPerMl, setDensity] = useState(1.04);
  const pa = yieldStressFromSpread({ volumeMl, diameterMm, densityGPerMl });
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-5">
        <SpoonTestDrawing colour="var(--dough-edge)" across={text(diameterMm, 'mm')} />
        <p className="max-w-[24rem]">
          Level a spoon, tip it onto a flat plate, wait a minute. Measure across the spread, twice,
          and take the middle.
        </p>
      </div>
      <Inputs>
        <QuantityField
          label="Level spoon, ml"
          kind="plain"
          range={PLAN_FIELDS['filling.spoonTest.volumeMl']}
          value={volumeMl}
          step={1}
          onChange={setVolume}
        />
        <QuantityField
          label="Spread across"
          kind="length"
          range={PLAN_FIELDS['filling.spoonTest.diameterMm']}
          value={diameterMm}
          step={1}
          onChange={setDiameter}
        />
        <QuantityField
          label="Density, g/ml"
          kind="plain"
          range={{ min: 0.2, max: 2.5, unit: 'g/ml' }}
          value={densityGPerMl}
          step={0.01}
          onChange={setDensity}
        />
      </Inputs>
      <Answer
        working={{
          label: 'Stiffness',
          value: pa,
          unit: 'Pa',
          kind: 'law',
          formula: '225 ρ g V² ÷ (128 π² R⁵)',
          inputs: [
            input('V', volumeMl, 'ml'),
            input('2 R', diameterMm, 'mm'),
            input('ρ', densityGPerMl, 'gPerMl'),
          ],
          source: 'Roussel & Coussot 2005, spread of a yield-stress paste',
        }}
      >
        <p>
          {pa >= 600
            ? 'Stands where it is put.'
            : pa >= 200
              ? 'Settles under a sheet: keep the dose small, or dry it.'
              : 'Runs into the lip: dry it, bind it, or leave it coarser.'}
        </p>
      </Answer>
    </>
  );
}
