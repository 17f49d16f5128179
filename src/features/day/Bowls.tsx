'use client';

import { classShares, classShareText } from '@/core/schedule/classShares';
import { useState } from 'react';
import type { Basis } from '@/core/basis/basis';
import { shareInHand } from '@/core/schedule/sharing';
import type { DoughBowl, FillingBowl } from '@/core/schedule/tasks/bowls';
import type { DayWork } from '@/core/schedule/tasks/work';
import { CheckField } from '@/ui/fields/CheckField';
import { Choice } from '@/ui/fields/Choice';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { DataTable } from '@/ui/lists/DataTable';

/** One dough, one bowl: what is weighed together and how it is divided, and what is in hand shared out. */
export function Bowls({ work, basis }: { work: DayWork; basis: Basis }) {
  const { text } = useUnits();
  const nameOf = (id: string) =>
    work.services.find(({ service }) => service.id === id)?.plan.name ?? id;
  return (
    <div className="grid gap-8">
      <div className="grid gap-x-10 gap-y-6 md:grid-cols-2">
        {work.doughs.map((bowl) => (
          <Bowl
            key={`dough ${bowl.id}`}
            title={`Dough, ${text(bowl.totalG, 'g')}`}
            bowl={bowl}
            rows={bowl.parts.map(({ name, g, count }) => [
              count ? `${name}, ${count.n} ${count.word}${count.n === 1 ? '' : 's'}` : name,
              text(g, 'g'),
            ])}
            shares={[
              ...sharesOf(bowl, nameOf, text),
              ...bowl.services.flatMap(({ service, result }) =>
                service.kind === 'class'
                  ? [classShareText(text(classShares(service, result).doughG, 'g'), service.pairs)]
                  : [],
              ),
            ]}
          />
        ))}
        {work.fillings.map((bowl) => (
          <Bowl
            key={`filling ${bowl.id}`}
            title={`Filling, ${text(bowl.totalG, 'g')}`}
            bowl={bowl}
            rows={bowl.parts.map(({ name, preparation, preparationName, g }) => [
              preparation === 'raw' ? name : `${name}, ${preparationName.toLowerCase()}`,
              text(g, 'g'),
            ])}
            shares={[
              ...sharesOf(bowl, nameOf, text),
              ...bowl.services.flatMap(({ service, result }) =>
                service.kind === 'class'
                  ? [
                      classShareText(
                        text(classShares(service, result).fillingG, 'g'),
                        service.pairs,
                      ),
                    ]
                  : [],
              ),
            ]}
          />
        ))}
      </div>
      <TrimUses work={work} />
      <SharingOut work={work} basis={basis} />
    </div>
  );
}

const sharesOf = (
  { shares }: DoughBowl | FillingBowl,
  nameOf: (id: string) => string,
  text: (value: number, unit: 'g') => string,
): string[] =>
  shares.length > 1 ? shares.map(({ service, g }) => `${text(g, 'g')} to ${nameOf(service)}`) : [];

function Bowl({
  title,
  bowl,
  rows,
  shares,
}: {
  title: string;
  bowl: DoughBowl | FillingBowl;
  rows: readonly (readonly [string, string])[];
  shares: readonly string[];
}) {
  return (
    <section aria-label={title}>
      <h2 className="font-display text-lead font-semibold">{title}</h2>
      <p className="text-small text-ink-dim">
        {bowl.services.map(({ plan }) => plan.name).join(' and ')}
      </p>
      <ul className="mt-1">
        {rows.map(([name, amount]) => (
          <li key={name} className="flex justify-between gap-4 border-b border-board-line py-1">
            <span>{name}</span>
            <span className="numeral font-semibold">{amount}</span>
          </li>
        ))}
      </ul>
      {shares.map((share) => (
        <p key={share} className="mt-1 font-semibold">
          {share}
        </p>
      ))}
    </section>
  );
}

/** What becomes of the last trim. */
function TrimUses({ work }: { work: DayWork }) {
  const { text } = useUnits();
  const uses = work.services.filter(({ service, result }) => service.ribbons && result.trim.g > 0);
  if (uses.length === 0) return null;
  return (
    <p>
      {uses
        .map(
          ({ plan, result }) =>
            `Trim of ${plan.name}: ${text(result.trim.g, 'g')} of ribbons, ${staffMeal(result.trim.portions)}.`,
        )
        .join(' ')}
    </p>
  );
}

/** A column of figures. */
const figure = { right: true, cellClassName: 'numeral' } as const;

/** Dough in hand, and filling, split between the day's shapes. */
function SharingOut({ work, basis }: { work: DayWork; basis: Basis }) {
  const { text } = useUnits();
  const [doughG, setDough] = useState(1000);
  const [both, setBoth] = useState(false);
  const [fillingG, setFilling] = useState(1000);
  const [by, setBy] = useState<'pieces' | 'dough'>('dough');
  const [weights, setWeights] = useState<Readonly<Record<string, number>>>({});
  if (work.services.length < 2) return null;
  const planOf = (id: string) => work.services.find(({ service }) => service.id === id)!.plan;
  const shared = shareInHand(
    { doughG, fillingG: both ? fillingG : null, by },
    work.services.map(({ service, plan }) => ({
      id: service.id,
      plan,
      weight: weights[service.id] ?? 1,
    })),
    basis,
  );
  return (
    <section aria-labelledby="sharing" className="border-t-[1.5px] border-board-rule pt-4">
      <h2 id="sharing" className="font-display text-lead font-semibold">
        Share what is in hand
      </h2>
      <div className="mt-2 grid grid-cols-2 items-end gap-3 md:grid-cols-[9rem_9rem_14rem_auto]">
        <QuantityField
          label="Dough in hand"
          kind="mass"
          range={{ min: 10, max: 100_000, unit: 'g' }}
          value={doughG}
          step={50}
          onChange={setDough}
        />
        {both && (
          <QuantityField
            label="Filling in hand"
            kind="mass"
            range={{ min: 10, max: 100_000, unit: 'g' }}
            value={fillingG}
            step={50}
            onChange={setFilling}
          />
        )}
        <Choice<'pieces' | 'dough'>
          label="Split by"
          value={by}
          options={[
            { value: 'dough', label: 'Dough' },
            { value: 'pieces', label: 'Pieces' },
          ]}
          onChange={setBy}
        />
        <CheckField label="Use up a filling too" checked={both} onChange={setBoth} />
      </div>
      <DataTable
        className="mt-3 w-full max-w-[52rem]"
        rows={shared}
        keyOf={({ id }) => id}
        columns={[
          {
            id: 'shape',
            head: 'Shape',
            names: true,
            className: 'py-1',
            cell: ({ id }) => planOf(id).name,
          },
          {
            id: 'parts',
            head: 'Parts',
            className: 'w-24 py-1',
            cell: ({ id }) => (
              <QuantityField
                label={`Parts to ${planOf(id).name}`}
                hideLabel
                kind="plain"
                range={{ min: 0, max: 100 }}
                value={weights[id] ?? 1}
                step={1}
                onChange={(weight) => setWeights({ ...weights, [id]: weight })}
              />
            ),
          },
          { id: 'dough', head: 'Dough', ...figure, cell: ({ doughG: g }) => text(g, 'g') },
          { id: 'filling', head: 'Filling', ...figure, cell: ({ fillingG: g }) => text(g, 'g') },
          {
            id: 'pieces',
            head: 'Pieces',
            right: true,
            cellClassName: 'numeral text-lead font-semibold',
            cell: ({ pieces }) => pieces,
          },
          { id: 'dose', head: 'Dose', ...figure, cell: ({ doseG }) => text(doseG, 'g') },
        ]}
      />
    </section>
  );
}

/** What ribbons are good for. */
const staffMeal = (portions: number): string =>
  portions < 1
    ? 'less than a plate'
    : `${portions} staff ${portions === 1 ? 'portion' : 'portions'}`;
