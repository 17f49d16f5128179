'use client';

import { useState } from 'react';
import { startingRules } from '@/core/basis/rules';
import { compose } from '@/core/composition/compose';
import { panDryingTime, waterToCookOff, WIDE_PAN_CM } from '@/core/filling/panDrying';
import { freeWaterGrade } from '@/core/filling/freeWaterGrade';
import { input } from '@/core/working/working';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { PartsList, type SumPart } from './PartsList';
import { Answer, Inputs, Trouble, type SumProps } from './SumParts';

export function CookOffSum({ pantry }: SumProps) {
  const { text } = useUnits();
  const [parts, setParts] = useState<readonly SumPart[]>([
    { id: 'squash-raw', g: 900, preparation: 'steam' },
    { id: 'hard-cheese-aged', g: 90, preparation: 'raw' },
  ]);
  const [target, setTarget] = useState(0.03);
  const [panCm, setPan] = useState(WIDE_PAN_CM);
  const mixed = compose(parts, pantry);
  const waterG = waterToCookOff(mixed, target);
  const minutes = panDryingTime({ waterG, panCm }, startingRules);
  return (
    <>
      <PartsList
        pantry={pantry}
        parts={parts}
        prepared
        only={({ group }) => group !== 'flour'}
        onChange={setParts}
      />
      <div className="mt-3">
        <Inputs>
          <QuantityField
            label="Free water wanted"
            kind="share"
            range={{ min: 0, max: 0.5 }}
            value={target}
            step={0.01}
            onChange={setTarget}
          />
          <QuantityField
            label="Pan across"
            kind="length"
            range={{ min: 100, max: 1000, unit: 'mm' }}
            value={panCm * 10}
            step={10}
            onChange={(mm) => setPan(mm / 10)}
          />
        </Inputs>
      </div>
      {mixed.massG <= 0 ? (
        <Trouble>Put in more than 0 g of something.</Trouble>
      ) : (
        <Answer
          working={{
            label: 'Water to cook off',
            value: waterG,
            unit: 'g',
            kind: 'table',
            formula: '(free water − wanted × mass) ÷ (1 − wanted)',
            inputs: [
              input('free water', mixed.freeG, 'g'),
              input('mass', mixed.massG, 'g'),
              input('wanted', target, 'share'),
            ],
            source: 'balance on the ingredient and preparation tables',
          }}
        >
          <p>
            It is {freeWaterGrade(mixed.freeWaterShare, startingRules)} now,{' '}
            {text(mixed.freeWaterShare, 'share')} free.{' '}
            {waterG > 0
              ? `About ${text(minutes, 'min')} in an open pan, an estimate: stop when it weighs ${text(mixed.massG - waterG, 'g')}.`
              : 'Dry enough already.'}
          </p>
        </Answer>
      )}
    </>
  );
}
