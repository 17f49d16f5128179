'use client';

import { cutTo } from '@/core/cutTo';
import { useState } from 'react';
import { RollerFields } from './RollerFields';
import { Calibration } from './Calibration';
import { genericRollers } from '@/core/sheet/genericRollers';
import type { Roller } from '@/core/sheet/roller';
import { useUnits } from '@/ui/units/UnitsContext';
import { useView } from '@/ui/layout/ViewContext';
import { SelectField } from '@/ui/fields/SelectField';
import { Button } from '@/ui/buttons/Button';

/** The rollers, each dial drawn as a stair with what every step leaves. */
export function Rollers({
  rollers,
  onChange,
}: {
  rollers: readonly Roller[];
  onChange(rollers: Roller[], undo?: string): void;
}) {
  const [open, setOpen] = useState<{ id: string; at: 'edit' | 'measure' } | null>(null);
  const replace = (roller: Roller, next: Roller) =>
    onChange(rollers.map((each) => (each.id === roller.id ? next : each)));
  const free = (id: string) => {
    let next = id;
    for (let n = 2; rollers.some((roller) => roller.id === next); n += 1) next = `${id}-${n}`;
    return next;
  };
  return (
    <section aria-label="Rollers" id="rollers" className="scroll-mt-16">
      <h2 className="text-lead">Rollers</h2>
      <p className="max-w-prose text-ink-dim">
        A dial’s number means nothing without the machine: these are the millimetres between the
        rollers at each step. Measure your own with a few weighed strips.
      </p>
      <ul className="mt-3 grid gap-4">
        {rollers.map((roller) => (
          <li key={roller.id} className="border-t-[1.5px] border-board-rule pt-3">
            <div className="flex flex-wrap items-center justify-between gap-3">
              <h3>{roller.name}</h3>
              <div className="flex gap-2">
                {(['edit', 'measure'] as const).map((at) => {
                  const isOpen = open?.id === roller.id && open.at === at;
                  return (
                    <button
                      key={at}
                      type="button"
                      className="btn"
                      aria-expanded={isOpen}
                      onClick={() => setOpen(isOpen ? null : { id: roller.id, at })}
                    >
                      {isOpen ? 'Close' : at === 'edit' ? 'Edit' : 'Measure it'}
                    </button>
                  );
                })}
                <Button
                  resting={rollers.length === 1}
                  onClick={() =>
                    onChange(
                      rollers.filter(({ id }) => id !== roller.id),
                      `${roller.name} removed`,
                    )
                  }
                >
                  Remove <span className="sr-only">{roller.name}</span>
                </Button>
              </div>
            </div>
            <Stair roller={roller} />
            {open?.id === roller.id &&
              (open.at === 'edit' ? (
                <RollerFields roller={roller} onChange={(next) => replace(roller, next)} />
              ) : (
                <Calibration roller={roller} onChange={(next) => replace(roller, next)} />
              ))}
          </li>
        ))}
      </ul>
      <SelectField
        className="mt-4 max-w-[26rem]"
        label="Add a roller, from a typical one"
        value=""
        options={[
          { value: '', label: 'Choose…' },
          ...genericRollers.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(id) => {
          const start = genericRollers.find((each) => each.id === id);
          if (start) onChange([...rollers, { ...start, id: free(start.id) }]);
        }}
      />
    </section>
  );
}

function Stair({ roller }: { roller: Roller }) {
  const { text } = useUnits();
  const W = useView() === 'phone' ? 280 : 900;
  const each = Math.min(76, W / roller.steps.length);
  const widest = roller.steps[0]?.mm ?? 1;
  const every = Math.max(1, Math.ceil(52 / each));
  return (
    <svg
      viewBox={`0 0 ${W} 96`}
      role="img"
      aria-label={`${roller.name}: ${roller.steps.map(({ label, mm }) => `${label} leaves ${text(mm, 'mm')}`).join(', ')}`}
      className="mt-1 block w-full"
    >
      {roller.steps.map(({ label, mm }, index) => {
        const h = Math.max(2, (mm / widest) * 52);
        const middle = index * each + each / 2;
        return (
          <g key={label}>
            <rect
              x={index * each}
              y={54 - h}
              width={each}
              height={h}
              fill="var(--dough)"
              stroke="var(--draw)"
            />
            {index % every === 0 && (
              <>
                <text
                  x={middle}
                  y={72}
                  textAnchor="middle"
                  fontSize={15}
                  fontWeight={600}
                  fill="var(--ink)"
                >
                  {label.length > 9 ? `${cutTo(label, 8)}…` : label}
                </text>
                <text x={middle} y={90} textAnchor="middle" fontSize={14} fill="var(--ink-dim)">
                  {text(mm, 'mm')}
                </text>
              </>
            )}
          </g>
        );
      })}
    </svg>
  );
}
