'use client';

import { useState } from 'react';
import { input } from '@/core/working/working';
import { cupMl } from '@/core/units/volume';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { Answer, IngredientSelect, Inputs, type SumProps } from './SumParts';

export function CupsSum({ pantry }: SumProps) {
  const { units } = useUnits();
  const [id, setId] = useState('flour-00');
  const [cups, setCups] = useState(1);
  const cup = cupMl(units);
  const row = pantry.ingredients.get(id);
  if (!row) return null;
  return (
    <>
      <Inputs>
        <IngredientSelect label="Of" pantry={pantry} value={id} onChange={setId} />
        <QuantityField
          label="Cups"
          kind="plain"
          range={{ min: 0, max: 1000 }}
          value={cups}
          step={0.25}
          onChange={setCups}
        />
      </Inputs>
      <Answer
        working={{
          label: row.name,
          value: cups * cup * row.densityGPerMl,
          unit: 'g',
          kind: 'table',
          formula: 'cups × cup × bulk density',
          inputs: [
            input('cups', cups, 'ratio'),
            input('a cup', cup, 'ml'),
            input('bulk density', row.densityGPerMl, 'gPerMl'),
          ],
          source: 'pantry; packed or sifted it differs by a tenth and more',
        }}
      >
        <p>Spooned in and levelled. Packed down it holds more: a scale is better.</p>
      </Answer>
    </>
  );
}
