'use client';

import type { Cutter } from '@/core/kitchen/kitchen';
import { QuantityField } from '@/ui/fields/QuantityField';
import { CheckField } from '@/ui/fields/CheckField';
import { EditableList } from '@/ui/lists/EditableList';
import { AddButton, ItemName } from './GearList';

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
  return (
    <div className="grid gap-8 sm:grid-cols-2">
      {FORMS.map(({ form, title, measure, fresh }) => (
        <section key={form} aria-label={title}>
          <h2 className="text-lead">{title}</h2>
          <EditableList
            rows={cutters.filter((each) => each.form === form)}
            nameOf={({ name }) => name}
            onChange={(rows, removed) =>
              onChange(
                FORMS.flatMap((each) =>
                  each.form === form ? rows : cutters.filter((cutter) => cutter.form === each.form),
                ),
                removed && `${removed} removed`,
              )
            }
            empty={<p className="text-small text-ink-dim">None yet.</p>}
            className="mt-1"
            rowClassName="flex items-center gap-1.5 border-b border-board-line py-1"
            add={(insert) => (
              <AddButton
                onClick={() =>
                  insert({
                    name: `New ${form === 'round' ? 'ring' : form === 'square' ? 'cutter' : form}`,
                    mm: fresh,
                    form,
                    edge: 'plain',
                  })
                }
              />
            )}
          >
            {(cutter, { replace, remove }) => (
              <>
                <ItemName title={title} name={cutter.name} onChange={(name) => replace({ name })} />
                {measure && (
                  <span className="w-[6.2rem] shrink-0">
                    <QuantityField
                      label={`${measure} of ${cutter.name}`}
                      hideLabel
                      kind="length"
                      range={{ min: 15, max: 200, unit: 'mm' }}
                      value={cutter.mm}
                      step={1}
                      onChange={(mm) => replace({ mm })}
                    />
                  </span>
                )}
                {form !== 'stamp' && (
                  <CheckField
                    className="shrink-0 px-1"
                    label={
                      <>
                        <span className="sr-only">{cutter.name} is </span>fluted
                      </>
                    }
                    checked={cutter.edge === 'fluted'}
                    onChange={(fluted) => replace({ edge: fluted ? 'fluted' : 'plain' })}
                  />
                )}
                {remove}
              </>
            )}
          </EditableList>
        </section>
      ))}
    </div>
  );
}
