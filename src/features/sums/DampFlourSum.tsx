'use client';

import { useState } from 'react';
import { flourMoisture } from '@/core/dough/flourMoisture';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { input } from '@/core/working/working';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { Answer, IngredientSelect, Inputs, type SumProps } from './SumParts';

export function DampFlourSum({ kitchen, pantry }: SumProps) {
  const { text } = useUnits();
  const [id, setId] = useState('flour-00');
  const [g, setG] = useState(1000);
  const [rh, setRh] = useState(kitchen.rh);
  const row = pantry.ingredients.get(id);
  if (!row) return null;
  const moisture = flourMoisture(rh);
  const waterG = g * (moisture - row.water);
  return (
    <>
      <Inputs>
        <IngredientSelect
          label="Flour"
          pantry={pantry}
          value={id}
          only={({ group }) => group === 'flour'}
          onChange={setId}
        />
        <QuantityField
          label="How much"
          kind="mass"
          range={{ min: 1, max: 100_000, unit: 'g' }}
          value={g}
          step={50}
          onChange={setG}
        />
        <QuantityField
          label="Air humidity"
          kind="share"
          range={PLAN_FIELDS['dough.rh']}
          value={rh}
          step={0.05}
          onChange={setRh}
        />
      </Inputs>
      <Answer
        working={{
          label: waterG >= 0 ? 'Water the air put into it' : 'Water the air took from it',
          value: Math.abs(waterG),
          unit: 'g',
          kind: 'law',
          formula: 'flour × (moisture at this humidity − moisture in the table)',
          inputs: [
            input('flour', g, 'g'),
            input('moisture at this humidity', moisture, 'share'),
            input('in the table', row.water, 'share'),
          ],
          source: 'Oswin isotherm, fitted constants; flour that has stood open a day or more',
        }}
      >
        <p>
          {waterG >= 0
            ? `Leave ${text(waterG, 'g')} of water out of the dough.`
            : `Give the dough ${text(-waterG, 'g')} more water.`}
        </p>
      </Answer>
    </>
  );
}
