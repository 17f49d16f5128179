'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import { DRIVE_NAMES, DRIVES } from '@/core/sheet/drive';
import type { Roller } from '@/core/sheet/roller';
import { QuantityField } from '@/ui/fields/QuantityField';
import { EditableList } from '@/ui/lists/EditableList';
import { ItemName } from '../GearList';
import { SelectField } from '@/ui/fields/SelectField';
import { Button } from '@/ui/buttons/Button';

type Step = Roller['steps'][number];

/** A roller's name, drive, width and every step of its dial, widest first. */
export function RollerFields({
  roller,
  onChange,
}: {
  roller: Roller;
  onChange(roller: Roller): void;
}) {
  const [name, setName] = useState(roller.name);
  const { steps } = roller;
  const withSteps = (next: Step[]) => onChange({ ...roller, steps: next });
  const first = steps[0];
  const last = steps[steps.length - 1];
  return (
    <div className="mt-2 grid gap-3 rounded-lg border-[1.5px] border-board-rule p-4">
      <div className="grid gap-3 sm:grid-cols-[1fr_14rem_10rem]">
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
        <SelectField
          label="Turned by"
          value={roller.drive}
          options={DRIVES.map((drive) => ({ value: drive, label: DRIVE_NAMES[drive] }))}
          onChange={(drive) => onChange({ ...roller, drive })}
        />
        <QuantityField
          label="Width"
          kind="length"
          range={{ min: 80, max: 700, unit: 'mm' }}
          value={roller.widthMm}
          step={5}
          onChange={(widthMm) => onChange({ ...roller, widthMm })}
        />
      </div>
      {(roller.drive === 'powered' || roller.drive === 'sheeter') && (
        <p className="text-small text-ink-dim">
          Fingers, hair and sleeves away from it; stop it before you clear a jam.
        </p>
      )}
      <EditableList
        rows={steps}
        nameOf={({ label }) => `step ${label}`}
        onChange={(rows, removed) =>
          onChange({
            ...roller,
            steps: rows,
            // Strips weighed at a step go with it.
            strips: removed
              ? roller.strips.filter(({ label }) => rows.some((step) => step.label === label))
              : roller.strips,
          })
        }
        least={1}
        className="grid gap-x-5 sm:grid-cols-2 lg:grid-cols-3"
        rowClassName="flex items-center gap-1.5 border-b border-board-line py-1"
      >
        {(step, { index, replace, remove }) => {
          const wider = steps[index - 1]?.mm ?? 12;
          const thinner = steps[index + 1]?.mm ?? 0.2;
          return (
            <>
              <span className="w-[7rem] shrink-0 font-semibold">
                <ItemName title="Dial" name={step.label} onChange={(label) => replace({ label })} />
              </span>
              <span className="min-w-0 grow">
                <QuantityField
                  label={`Dial ${step.label} leaves`}
                  hideLabel
                  kind="length"
                  // Widest first: a step stays between its neighbours.
                  range={{
                    min: index === steps.length - 1 ? 0.2 : Number((thinner + 0.01).toFixed(2)),
                    max: index === 0 ? 12 : Number((wider - 0.01).toFixed(2)),
                    unit: 'mm',
                  }}
                  value={step.mm}
                  step={0.05}
                  onChange={(mm) => replace({ mm })}
                />
              </span>
              {remove}
            </>
          );
        }}
      </EditableList>
      <div className="flex flex-wrap gap-2">
        <Button
          resting={!first || first.mm >= 11 || steps.length >= 40}
          onClick={() =>
            first &&
            withSteps([
              { label: freeLabel(steps, first.label, 'wider'), mm: round(first.mm * 1.25) },
              ...steps,
            ])
          }
        >
          <Plus size={18} aria-hidden /> A wider step
        </Button>
        <Button
          resting={!last || last.mm <= 0.26 || steps.length >= 40}
          onClick={() =>
            last &&
            withSteps([
              ...steps,
              { label: freeLabel(steps, last.label, 'thinner'), mm: round(last.mm * 0.8) },
            ])
          }
        >
          <Plus size={18} aria-hidden /> A thinner step
        </Button>
        <button
          type="button"
          className="btn"
          onClick={() => {
            const labels = steps.map(({ label }) => label).reverse();
            // Weighed strips go with the step they were rolled at, not with its number.
            const renamed = new Map(steps.map(({ label }, i) => [label, labels[i] ?? label]));
            onChange({
              ...roller,
              steps: steps.map((step) => ({ ...step, label: renamed.get(step.label)! })),
              strips: roller.strips.map((strip) => ({
                ...strip,
                label: renamed.get(strip.label)!,
              })),
            });
          }}
        >
          Number it the other way
        </button>
      </div>
    </div>
  );
}

const round = (mm: number): number => Math.min(12, Math.max(0.2, Math.round(mm * 100) / 100));

/** The next label on from the end of a dial, whatever way its numbers run; a plain one where there is none. */
function freeLabel(steps: readonly Step[], end: string, side: 'wider' | 'thinner'): string {
  const numbers = steps.map(({ label }) => Number(label));
  const at = Number(end);
  const [a, b] = [numbers[0] ?? 0, numbers[numbers.length - 1] ?? 0];
  const on = (b >= a ? 1 : -1) * (side === 'thinner' ? 1 : -1);
  const next = String(at + on);
  if (Number.isInteger(at) && at + on >= 0 && !steps.some(({ label }) => label === next)) {
    return next;
  }
  let n = 1;
  while (steps.some(({ label }) => label === `${side} ${n}`)) n += 1;
  return `${side} ${n}`;
}
