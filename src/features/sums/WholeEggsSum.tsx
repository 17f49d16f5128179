'use client';

import { useState } from 'react';
import { startingRules } from '@/core/basis/rules';
import { doughCharacter } from '@/core/dough/character';
import type { EggGiven } from '@/core/dough/eggDough';
import { eggOptions, MOST_G } from '@/core/dough/eggOptions';
import { eggsText } from '@/core/dough/eggsText';
import { optionState } from '@/core/dough/optionState';
import { hydration } from '@/core/dough/hydration';
import { Choice } from '@/ui/fields/Choice';
import { QuantityField } from '@/ui/fields/QuantityField';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { IngredientSelect, Inputs, type SumProps } from './SumParts';

type From = EggGiven['kind'];

export function WholeEggsSum({ kitchen, pantry }: SumProps) {
  const { text } = useUnits();
  const [from, setFrom] = useState<From>('flour');
  const [amounts, setAmounts] = useState({ flour: 400, eggs: 4, dough: 600 });
  const [flour, setFlour] = useState('flour-00');
  const [yolkShare, setYolkShare] = useState(
    Math.round((100 * kitchen.yolkG) / kitchen.eggG) / 100,
  );
  const parts = [{ id: flour, g: 1 }];
  const { blend } = doughCharacter(
    parts,
    hydration(parts, pantry, { rules: startingRules }),
    kitchen,
    pantry,
  );
  const given: EggGiven =
    from === 'eggs' ? { kind: from, count: amounts.eggs } : { kind: from, g: amounts[from] };
  const options = eggOptions({ blend, given, egg: kitchen, style: 'plain', yolkShare }, pantry, {
    rules: startingRules,
  });
  return (
    <>
      <div className="mb-3 max-w-[38rem]">
        <Choice<From>
          label="I start from"
          value={from}
          options={[
            { value: 'flour', label: 'Flour' },
            { value: 'eggs', label: 'Eggs' },
            { value: 'dough', label: 'Dough I need' },
          ]}
          onChange={setFrom}
        />
      </div>
      <Inputs>
        <QuantityField
          key={from}
          label={{ flour: 'Flour, in all', eggs: 'Eggs', dough: 'Dough, in all' }[from]}
          kind={from === 'eggs' ? 'count' : 'mass'}
          range={
            from === 'eggs' ? { min: 1, max: 500, whole: true } : { min: 1, max: MOST_G, unit: 'g' }
          }
          value={amounts[from]}
          step={from === 'eggs' ? 1 : 10}
          onChange={(value) => setAmounts((before) => ({ ...before, [from]: value }))}
        />
        <IngredientSelect
          label="Of"
          pantry={pantry}
          value={flour}
          only={({ group }) => group === 'flour'}
          onChange={setFlour}
        />
        <QuantityField
          label="Yolk in the egg"
          kind="share"
          range={{ min: 0, max: 1 }}
          value={yolkShare}
          step={0.05}
          onChange={setYolkShare}
        />
      </Inputs>
      <div
        role="status"
        className="slate mt-5 max-w-[38rem] rounded-lg bg-bench px-5 py-4 text-chalk"
      >
        <p className="text-chalk-dim">
          Eggs of {text(kitchen.eggG, 'g')}, yolk {text(kitchen.yolkG, 'g')}, as in your kitchen
        </p>
        {options.length === 0 ? (
          <p>Too little for an egg or a yolk: beat one and weigh what you need.</p>
        ) : (
          <ol>
            {options.slice(0, 5).map((option, index) => (
              <li
                key={`${option.eggs}+${option.yolks}`}
                className="flex flex-wrap items-baseline justify-between gap-x-4 border-t border-bench-line py-1.5 first:border-0"
              >
                <span className={index === 0 ? 'numeral text-figure' : 'numeral text-lead'}>
                  {eggsText(option)}
                </span>
                <span>
                  {text(option.flourG, 'g')} flour,{' '}
                  {option.waterG < 0.05 ? 'no' : text(option.waterG, 'g')} water, makes{' '}
                  {text(option.doughG, 'g')} <StateMark slate state={optionState(option)} />{' '}
                  {text(option.hydration, 'share')}
                </span>
              </li>
            ))}
          </ol>
        )}
      </div>
      <p className="mt-2 max-w-[38rem] text-small text-ink-dim">
        Nearest first: to the target hydration, to the yolk you ask for, and to no added water. A
        whole egg alone is {text(kitchen.yolkG / kitchen.eggG, 'share')} yolk.
      </p>
    </>
  );
}
