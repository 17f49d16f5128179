'use client';

import { Plus, X } from 'lucide-react';
import type { Cutter } from '@/core/kitchen/kitchen';
import { QuantityField } from '@/ui/fields/QuantityField';
import { ItemName } from './GearList';

const FORMS = [
  { form: 'square', title: 'Square cutters', measure: 'Side', fresh: 55 },
  { form: 'round', title: 'Rings', measure: 'Across', fresh: 65 },
  { form: 'stamp', title: 'Stamps', measure: 'Across', fresh: 65 },
  { form: 'wheel', title: 'Wheels', measure: null, fresh: 20 },
] as const;

/** Cutters, rings, stamps and wheels, each plain or fluted. */
export function Cutters({
  cutters,
  onChange,
}: {
  cutters: readonly Cutter[];
  onChange(cutters: Cutter[], undo?: string): void;
}) {
  const replace = (at: Cutter, change: Partial<Cutter>) =>
    onChange(cutters.map((each) => (each === at ? { ...each, ...change } : each)));
  return (
    <div className="grid gap-8 sm:grid-cols-2">
      {FORMS.map(({ form, title, measure, fresh }) => {
        const own = cutters.filter((each) => each.form === form);
        return (
          <section key={form} aria-label={title}>
            <h2 className="text-lead">{title}</h2>
            {own.length === 0 && <p className="text-small text-ink-dim">None yet.</p>}
            <ul className="mt-1">
              {own.map((cutter, index) => (
                <li
                  key={`${index}${cutter.name}`}
                  className="flex items-center gap-1.5 border-b border-board-line py-1"
                >
                  <ItemName
                    title={title}
                    name={cutter.name}
                    onChange={(name) => replace(cutter, { name })}
                  />
                  {measure && (
                    <span className="w-[6.2rem] shrink-0">
                      <QuantityField
                        label={`${measure} of ${cutter.name}`}
                        hideLabel
                        kind="length"
                        range={{ min: 15, max: 200, unit: 'mm' }}
                        value={cutter.mm}
                        step={1}
                        onChange={(mm) => replace(cutter, { mm })}
                      />
                    </span>
                  )}
                  {form !== 'stamp' && (
                    <label className="flex min-h-[44px] shrink-0 items-center gap-1.5 px-1">
                      <input
                        type="checkbox"
                        aria-label={`${cutter.name} is fluted`}
                        className="h-5 w-5 accent-[var(--ink)]"
                        checked={cutter.edge === 'fluted'}
                        onChange={(event) =>
                          replace(cutter, { edge: event.target.checked ? 'fluted' : 'plain' })
                        }
                      />
                      fluted
                    </label>
                  )}
                  <button
                    type="button"
                    aria-label={`Remove ${cutter.name}`}
                    onClick={() =>
                      onChange(
                        cutters.filter((each) => each !== cutter),
                        `${cutter.name} removed`,
                      )
                    }
                    className="flex h-[44px] w-[44px] shrink-0 items-center justify-center rounded-md text-ink-dim hover:bg-band hover:text-ink"
                  >
                    <X size={18} aria-hidden />
                  </button>
                </li>
              ))}
            </ul>
            <button
              type="button"
              className="btn mt-2 w-full"
              onClick={() =>
                onChange([
                  ...cutters,
                  {
                    name: `New ${form === 'round' ? 'ring' : form === 'square' ? 'cutter' : form}`,
                    mm: fresh,
                    form,
                    edge: 'plain',
                  },
                ])
              }
            >
              <Plus size={18} aria-hidden /> Add
            </button>
          </section>
        );
      })}
    </div>
  );
}
