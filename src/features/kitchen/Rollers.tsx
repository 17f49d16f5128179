'use client';

import { useId, useState } from 'react';
import { genericRollers } from '@/core/sheet/genericRollers';
import type { Roller } from '@/core/sheet/roller';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';

/** The rollers, each dial drawn as a stair with what every step leaves. */
export function Rollers({
  rollers,
  onChange,
}: {
  rollers: readonly Roller[];
  onChange(rollers: Roller[], undo?: string): void;
}) {
  const [open, setOpen] = useState<string | null>(null);
  const pick = useId();
  const free = (id: string) => {
    let next = id;
    for (let n = 2; rollers.some((roller) => roller.id === next); n += 1) next = `${id}-${n}`;
    return next;
  };
  return (
    <section aria-label="Rollers">
      <h2 className="text-lead">Rollers</h2>
      <p className="max-w-prose text-ink-dim">
        A dial’s number means nothing without the machine: these are the millimetres each step
        leaves. Roll a strip, weigh it, measure its length and width, and put in what it truly is.
      </p>
      <ul className="mt-3 grid gap-4">
        {rollers.map((roller) => (
          <li key={roller.id} className="border-t-[1.5px] border-board-rule pt-3">
            <div className="flex flex-wrap items-center justify-between gap-3">
              <h3>{roller.name}</h3>
              <div className="flex gap-2">
                <button
                  type="button"
                  className="btn"
                  aria-expanded={open === roller.id}
                  onClick={() => setOpen(open === roller.id ? null : roller.id)}
                >
                  {open === roller.id ? 'Close' : 'Edit'}
                </button>
                <button
                  type="button"
                  className="btn"
                  disabled={rollers.length === 1}
                  onClick={() =>
                    onChange(
                      rollers.filter(({ id }) => id !== roller.id),
                      `${roller.name} removed`,
                    )
                  }
                >
                  Remove
                </button>
              </div>
            </div>
            <Stair roller={roller} />
            {open === roller.id && (
              <RollerFields
                roller={roller}
                onChange={(next) =>
                  onChange(rollers.map((each) => (each.id === roller.id ? next : each)))
                }
              />
            )}
          </li>
        ))}
      </ul>
      <label htmlFor={pick} className="mt-4 mb-1 block text-small text-ink-dim">
        Add a roller, from a typical one
      </label>
      <select
        id={pick}
        className="field max-w-[26rem]"
        value=""
        onChange={(event) => {
          const start = genericRollers.find(({ id }) => id === event.target.value);
          if (start) onChange([...rollers, { ...start, id: free(start.id) }]);
        }}
      >
        <option value="">Choose…</option>
        {genericRollers.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </section>
  );
}

const W = 900;

function Stair({ roller }: { roller: Roller }) {
  const { text } = useUnits();
  const each = Math.min(76, W / roller.steps.length);
  const widest = roller.steps[0]?.mm ?? 1;
  const every = Math.ceil(roller.steps.length / 14);
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
                  {label.length > 9 ? `${label.slice(0, 8)}…` : label}
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

function RollerFields({ roller, onChange }: { roller: Roller; onChange(roller: Roller): void }) {
  const [name, setName] = useState(roller.name);
  return (
    <div className="mt-2 grid gap-3 rounded-lg border-[1.5px] border-board-rule p-4">
      <div className="grid gap-3 sm:grid-cols-[1fr_10rem]">
        <label className="block">
          <span className="mb-1 block text-small text-ink-dim">Name</span>
          <input
            className="field"
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
            onBlur={() =>
              name.trim()
                ? name !== roller.name && onChange({ ...roller, name })
                : setName(roller.name)
            }
          />
        </label>
        <QuantityField
          label="Width"
          kind="length"
          range={{ min: 80, max: 700, unit: 'mm' }}
          value={roller.widthMm}
          step={5}
          onChange={(widthMm) => onChange({ ...roller, widthMm })}
        />
      </div>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4 lg:grid-cols-6">
        {roller.steps.map((step, index) => {
          const wider = roller.steps[index - 1]?.mm ?? 12;
          const thinner = roller.steps[index + 1]?.mm ?? 0.2;
          return (
            <QuantityField
              key={step.label}
              label={`Dial ${step.label} leaves`}
              kind="length"
              // Widest first: a step stays between its neighbours.
              range={{
                min: index === roller.steps.length - 1 ? 0.2 : Number((thinner + 0.01).toFixed(2)),
                max: index === 0 ? 12 : Number((wider - 0.01).toFixed(2)),
                unit: 'mm',
              }}
              value={step.mm}
              step={0.05}
              onChange={(mm) =>
                onChange({
                  ...roller,
                  steps: roller.steps.map((each, i) => (i === index ? { ...each, mm } : each)),
                })
              }
            />
          );
        })}
      </div>
    </div>
  );
}
