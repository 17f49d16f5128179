'use client';

import { Plus } from 'lucide-react';
import { LEAST_RIDGE_MM, type Mould } from '@/core/kitchen/kitchen';
import type { FieldRange } from '@/core/range';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { MOULD_RIM_MM } from '@/core/shapes/families/mouldedRavioli';
import { EditableList } from '@/ui/lists/EditableList';
import { ItemName } from './GearList';
import { SelectField } from '@/ui/fields/SelectField';

const FRESH: Mould = {
  name: 'New mould',
  rows: 3,
  columns: 4,
  pitchMm: 42,
  pocketMm: 30,
  depthMm: 9,
  pocket: 'square',
};

const FIELDS = [
  { key: 'rows', label: 'Rows', kind: 'count', range: { min: 1, max: 20, whole: true } },
  { key: 'columns', label: 'Columns', kind: 'count', range: { min: 1, max: 20, whole: true } },
  {
    key: 'pitchMm',
    label: 'Pocket to pocket',
    kind: 'length',
    range: { min: 20, max: 110, unit: 'mm' },
  },
  {
    key: 'pocketMm',
    label: 'Pocket across',
    kind: 'length',
    range: { min: 12, max: 100, unit: 'mm' },
  },
  { key: 'depthMm', label: 'Pocket depth', kind: 'length', range: { min: 3, max: 40, unit: 'mm' } },
] as const;

/** What a measure may be beside the others: pockets must not run into one another. */
function rangeIn(
  { pitchMm, pocketMm }: Mould,
  key: (typeof FIELDS)[number]['key'],
  range: FieldRange,
): FieldRange {
  if (key === 'pocketMm') {
    return { ...range, max: Math.min(range.max, pitchMm - LEAST_RIDGE_MM) };
  }
  if (key === 'pitchMm') return { ...range, min: Math.max(range.min, pocketMm + LEAST_RIDGE_MM) };
  return range;
}

/** Trays and plate moulds, by their pockets, each drawn. */
export function Moulds({
  moulds,
  widestMm,
  onChange,
}: {
  moulds: readonly Mould[];
  widestMm: number;
  onChange(moulds: Mould[], undo?: string): void;
}) {
  const { text } = useUnits();
  return (
    <section aria-label="Moulds">
      <h2 className="text-lead">Moulds</h2>
      <EditableList
        rows={moulds}
        nameOf={({ name }) => name}
        onChange={(rows, removed) => onChange(rows, removed && `${removed} removed`)}
        empty={<p className="text-small text-ink-dim">None yet.</p>}
        className="grid gap-4"
        rowClassName="grid gap-3 border-t-[1.5px] border-board-rule pt-3 md:grid-cols-[190px_1fr]"
        add={(insert) => (
          <button type="button" className="btn mt-3" onClick={() => insert(FRESH)}>
            <Plus size={18} aria-hidden /> Add a mould
          </button>
        )}
      >
        {(mould, { replace, remove }) => {
          const narrowMm = Math.min(mould.rows, mould.columns) * mould.pitchMm + 2 * MOULD_RIM_MM;
          return (
            <>
              <MouldDrawing mould={mould} />
              <div>
                <div className="flex items-center gap-1.5">
                  <ItemName
                    title="Moulds"
                    name={mould.name}
                    onChange={(name) => replace({ name })}
                  />
                  {remove}
                </div>
                <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-3 lg:grid-cols-6">
                  {FIELDS.map(({ key, label, kind, range }) => (
                    <QuantityField
                      key={key}
                      label={label}
                      kind={kind}
                      range={rangeIn(mould, key, range)}
                      value={mould[key]}
                      step={1}
                      onChange={(value) => replace({ [key]: value })}
                    />
                  ))}
                  <SelectField
                    label="Pockets"
                    fullLabel={`Pockets of ${mould.name}`}
                    value={mould.pocket}
                    options={[
                      { value: 'square', label: 'square' },
                      { value: 'disc', label: 'round' },
                    ]}
                    onChange={(pocket) => replace({ pocket })}
                  />
                </div>
                {narrowMm > widestMm && (
                  <p className="mt-2 font-semibold text-[var(--ochre)]">
                    <span aria-hidden>▲</span> It needs a sheet {text(narrowMm, 'mm')} wide; your
                    widest roller gives {text(widestMm, 'mm')}: lap two sheets.
                  </p>
                )}
              </div>
            </>
          );
        }}
      </EditableList>
    </section>
  );
}

/** The mould from above, to scale in itself. */
function MouldDrawing({ mould }: { mould: Mould }) {
  const { rows, columns, pitchMm, pocketMm, pocket } = mould;
  const w = columns * pitchMm + 2 * MOULD_RIM_MM;
  const h = rows * pitchMm + 2 * MOULD_RIM_MM;
  return (
    <svg
      viewBox={`-2 -2 ${w + 4} ${h + 4}`}
      role="img"
      aria-label={`${mould.name}: ${rows} by ${columns} pockets`}
      className="max-h-[130px] w-full"
    >
      <rect
        width={w}
        height={h}
        rx={5}
        fill="var(--board-raised)"
        stroke="var(--board-rule)"
        strokeWidth={1.5}
      />
      {Array.from({ length: rows * columns }, (_, i) => {
        const x = MOULD_RIM_MM + ((i % columns) + 0.5) * pitchMm;
        const y = MOULD_RIM_MM + (Math.floor(i / columns) + 0.5) * pitchMm;
        return pocket === 'disc' ? (
          <circle key={i} cx={x} cy={y} r={pocketMm / 2} fill="var(--dough)" stroke="var(--draw)" />
        ) : (
          <rect
            key={i}
            x={x - pocketMm / 2}
            y={y - pocketMm / 2}
            width={pocketMm}
            height={pocketMm}
            rx={3}
            fill="var(--dough)"
            stroke="var(--draw)"
          />
        );
      })}
    </svg>
  );
}
