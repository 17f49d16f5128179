'use client';

import { useState } from 'react';
import { startingRules } from '@/core/basis/rules';
import { hydration, type Hydration } from '@/core/dough/hydration';
import type { DoughStyle } from '@/core/dough/targetHydration';
import { FieldError } from '@/core/range';
import { input } from '@/core/working/working';
import { Choice } from '@/ui/fields/Choice';
import { useUnits } from '@/ui/units/UnitsContext';
import { inDough } from './doughGroups';
import { PartsList, type SumPart } from './PartsList';
import { Answer, Trouble, type SumProps } from './SumParts';

export function HydrationSum({ kitchen, pantry }: SumProps) {
  const { text } = useUnits();
  const [parts, setParts] = useState<readonly SumPart[]>([
    { id: 'flour-00', g: 400 },
    { id: 'egg-whole', g: 4 * kitchen.eggG },
  ]);
  const [style, setStyle] = useState<DoughStyle>('plain');
  const found = attempt(() =>
    hydration(parts, pantry, { style, field: 'The dough', rules: startingRules }),
  );
  return (
    <>
      <PartsList pantry={pantry} parts={parts} only={inDough} onChange={setParts} />
      <div className="mt-3 max-w-[38rem]">
        <Choice<DoughStyle>
          label="Method"
          value={style}
          options={[
            { value: 'plain', label: 'As usual' },
            { value: 'benchFlourFree', label: 'No bench flour' },
            { value: 'rolledByPin', label: 'By pin' },
          ]}
          onChange={setStyle}
        />
      </div>
      {typeof found === 'string' ? (
        <Trouble>{found}</Trouble>
      ) : (
        <Answer
          working={{
            label: 'Hydration',
            value: found.hydration,
            unit: 'share',
            kind: 'law',
            formula: 'water in all that is not flour ÷ flour',
            inputs: [input('water', found.waterG, 'g'), input('flour', found.flourG, 'g')],
            source: 'pantry',
          }}
        >
          <p>
            {verdict(found)} It wants {text(found.low, 'share')} to {text(found.high, 'share')}, an
            estimate.
          </p>
          <p>
            Exactly on {text(found.target, 'share')}: {signed(found.addWaterG, 'water', text)}, or{' '}
            {signed(found.addFlourG, 'flour', text)}.
          </p>
        </Answer>
      )}
    </>
  );
}

const verdict = ({ hydration: h, low, high }: Hydration): string =>
  h < low ? 'Dry.' : h > high ? 'Wet.' : 'In its band.';

const signed = (g: number, what: string, text: (value: number, unit: 'g') => string): string =>
  Math.abs(g) < 0.5
    ? `no more ${what}`
    : `${text(Math.abs(g), 'g')} ${g > 0 ? 'more' : 'less'} ${what}`;

/** What was found, or why it could not be. */
function attempt<T>(find: () => T): T | string {
  try {
    return find();
  } catch (error) {
    if (error instanceof FieldError) return `${error.message}.`;
    throw error;
  }
}
