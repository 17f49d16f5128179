'use client';

import { useMemo, useState } from 'react';
import type { EggGiven } from '@/core/dough/eggDough';
import { eggOptions, MOST_G, type EggOption } from '@/core/dough/eggOptions';
import { optionState } from '@/core/dough/optionState';
import { eggsText } from '@/core/dough/eggsText';
import { floatOf, partsOfOption } from '@/core/plan/model/doughOfBatch';
import type { Plan } from '@/core/plan/document/schema';
import { Choice } from '@/ui/fields/Choice';
import { QuantityField } from '@/ui/fields/QuantityField';
import { StateMark } from '@/ui/figure/StateMark';
import { say } from '@/ui/layout/say';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { TakeButton } from '@/ui/buttons/TakeButton';

type From = 'batch' | 'flour' | 'eggs';

/** Doughs in whole eggs and yolks: for the batch, for a flour, or for the eggs there are. */
export default function WholeEggs() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { pantry, basis } = useWorld();
  const { text } = useUnits();
  const { dough: d } = result;
  const { blend, yolkShare, waterShare } = d.character;
  const [from, setFrom] = useState<From>('batch');
  const [flourG, setFlourG] = useState(() => Math.round(d.now.flourG));
  const [eggs, setEggs] = useState(() => Math.max(1, Math.ceil((d.whole?.eggs ?? 0) || 4)));
  const batchG = d.weighedG;
  const options = useMemo(() => {
    const given: EggGiven =
      from === 'batch'
        ? { kind: 'dough', g: batchG }
        : from === 'flour'
          ? { kind: 'flour', g: flourG }
          : { kind: 'eggs', count: eggs };
    const countable = given.kind === 'eggs' || (given.g >= 1 && given.g <= MOST_G);
    if (yolkShare === null || !countable) return [];
    const { dough } = plan;
    return eggOptions(
      { blend, given, egg: dough, style: dough.style, yolkShare, waterShare },
      pantry,
      { rules: basis.rules, float: floatOf({ yolkShare, waterShare }, dough, basis.rules) },
    );
  }, [from, batchG, flourG, eggs, blend, yolkShare, waterShare, plan, pantry, basis]);
  if (yolkShare === null) {
    return (
      <p>No hen egg in this recipe: everything is weighed, and nothing needs to come out whole.</p>
    );
  }
  const take = (option: EggOption) => {
    edit((p) => asOption(p, option, from));
    void say(
      from === 'batch'
        ? `Recipe now ${eggsText(option)}.`
        : `Recipe now ${eggsText(option)}; the count follows from its ${text(option.doughG, 'g')}.`,
    );
  };
  /** The recipe of an option; from flour or eggs, its dough is what is in hand. */
  const asOption = (p: Plan, option: EggOption, source: From): Plan => {
    const haveG = (id: string) => p.dough.parts.find((part) => part.id === id)?.haveG;
    const parts = partsOfOption(p.dough.parts, option, p.dough, pantry).map(({ id, g }) => ({
      id,
      g: Math.round(g * 10) / 10,
      ...(haveG(id) !== undefined && { haveG: haveG(id) }),
    }));
    const next = { ...p, dough: { ...p.dough, parts } };
    if (source === 'batch') return next;
    const hasFilling = p.batch.wayIn === 'filling' || p.batch.wayIn === 'both';
    return {
      ...next,
      batch: {
        ...p.batch,
        wayIn: hasFilling ? 'both' : 'dough',
        doughInHandG: Math.round(parts.reduce((sum, { g }) => sum + g, 0) * 10) / 10,
      },
    };
  };
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-[minmax(0,1fr)_9rem] items-end gap-3 max-sm:grid-cols-1">
        <Choice<From>
          label="Whole eggs for"
          value={from}
          options={[
            { value: 'batch', label: `This batch, ${text(d.weighedG, 'g')}` },
            { value: 'flour', label: 'Flour I have' },
            { value: 'eggs', label: 'Eggs I have' },
          ]}
          onChange={setFrom}
        />
        {from === 'flour' && (
          <QuantityField
            label="Flour"
            kind="mass"
            range={{ min: 1, max: MOST_G, unit: 'g' }}
            value={flourG}
            step={10}
            onChange={setFlourG}
          />
        )}
        {from === 'eggs' && (
          <QuantityField
            label="Eggs to crack"
            kind="count"
            range={{ min: 1, max: 500, whole: true }}
            value={eggs}
            step={1}
            onChange={setEggs}
          />
        )}
      </div>
      {options.length === 0 ? (
        <p>Too small or too large to count eggs for: beat them and weigh.</p>
      ) : (
        <ol aria-label="Doughs in whole eggs, nearest to your recipe first">
          {options.slice(0, 6).map((option) => (
            <OptionRow
              key={`${option.eggs}+${option.yolks}`}
              option={option}
              onTake={() => take(option)}
            />
          ))}
        </ol>
      )}
      <p className="text-small text-ink-dim">
        Nearest to your recipe first, in hydration, yolk and added water. Each meets its target
        hydration (✓) unless its eggs alone are already too wet.
      </p>
    </div>
  );
}

function OptionRow({ option, onTake }: { option: EggOption; onTake(): void }) {
  const { text } = useUnits();
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 border-b border-board-line py-1 sm:grid-cols-[10rem_minmax(0,1fr)_auto]">
      <p className="font-semibold">
        {eggsText(option)}
        {option.yolks > 0 && (
          <span className="block text-small font-normal text-ink-dim">
            {option.yolks} {option.yolks === 1 ? 'white' : 'whites'} left
          </span>
        )}
      </p>
      <p className="row-start-2 flex flex-wrap gap-x-4 max-sm:col-span-2 sm:row-start-1">
        <Amount name="flour">{text(option.flourG, 'g')}</Amount>
        <Amount name="water">{option.waterG < 0.05 ? 'no' : text(option.waterG, 'g')}</Amount>
        <span className="whitespace-nowrap">
          <span className="text-small text-ink-dim">makes</span>{' '}
          <span className="numeral">{text(option.doughG, 'g')}</span>
        </span>
        <span className="whitespace-nowrap">
          <StateMark state={optionState(option)} />{' '}
          <span className="numeral">{text(option.hydration, 'share')}</span>
        </span>
      </p>
      <TakeButton what={eggsText(option)} onTake={onTake} />
    </li>
  );
}

const Amount = ({ name, children }: { name: string; children: React.ReactNode }) => (
  <span className="whitespace-nowrap">
    <span className="numeral">{children}</span>{' '}
    <span className="text-small text-ink-dim">{name}</span>
  </span>
);
