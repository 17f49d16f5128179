'use client';

import { yieldStressFromSpread } from '@/core/filling/yieldStress';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { input } from '@/core/working/working';
import { NumbersSum } from './NumbersSum';
import type { SumProps } from './SumParts';

/** Spoon test: how stiff a filling is, from how far a spoonful spreads. */
export function SpoonTestSum({ kitchen }: SumProps) {
  return (
    <NumbersSum
      inputs={{
        volumeMl: {
          label: 'Level spoon',
          kind: 'spoonful',
          range: PLAN_FIELDS['filling.spoonTest.volumeMl'],
          step: 1,
          start: kitchen.spoons.at(-1)?.ml ?? 15,
        },
        diameterMm: {
          label: 'Spread across',
          kind: 'length',
          range: PLAN_FIELDS['filling.spoonTest.diameterMm'],
          step: 1,
          start: 40,
        },
        densityGPerMl: {
          label: 'Density',
          kind: 'density',
          range: { min: 0.2, max: 2.5, unit: 'g/ml' },
          step: 0.01,
          start: 1.04,
        },
      }}
      work={(test) => {
        const pa = yieldStressFromSpread(test);
        return {
          working: {
            label: 'Stiffness',
            value: pa,
            unit: 'Pa',
            kind: 'law',
            formula: '225 ρ g V² ÷ (128 π² R⁵)',
            inputs: [
              input('V', test.volumeMl, 'ml'),
              input('2 R', test.diameterMm, 'mm'),
              input('ρ', test.densityGPerMl, 'gPerMl'),
            ],
            source: 'Roussel & Coussot 2005, spread of a yield-stress paste',
          },
          says: verdict(pa),
        };
      }}
    >
      <p className="mb-3 max-w-[38rem]">
        Level a spoon, tip it onto a flat plate, wait a minute. Measure across the spread, twice,
        and take the middle.
      </p>
    </NumbersSum>
  );
}

const verdict = (pa: number): string => {
  if (pa >= 600) return 'Stands where it is put.';
  return pa >= 200
    ? 'Settles under a sheet: keep the dose small, or dry it.'
    : 'Runs into the lip: dry it, bind it, or leave it coarser.';
};
