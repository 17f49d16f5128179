'use client';

import Link from 'next/link';
import { eggSizeOf } from '@/core/dough/eggSizes';
import { eggGrade, eggGradeOptions } from '@/features/kitchen/eggGrades';
import { useRef, useState, type ReactNode } from 'react';
import { kitchenSchema, type Kitchen } from '@/core/kitchen/kitchen';
import { firstIssue } from '@/core/plan/document/parsePlan';
import { writeKitchen } from '@/server/actions/kitchen';
import { QuantityField } from '@/ui/fields/QuantityField';
import { BenchBar } from '@/ui/layout/BenchBar';
import { GearList } from './GearList';
import { Cutters } from './Cutters';
import { Moulds } from './Moulds';
import { Rollers } from './rollers/Rollers';
import { say } from '@/ui/layout/say';
import { SelectField } from '@/ui/fields/SelectField';

/** The kitchen: rollers, cutters, spoons, pots, eggs and people that plans draw on. Saved as you go. */
export function KitchenPage({ stored, notice }: { stored: Kitchen; notice: ReactNode }) {
  const [kitchen, setKitchen] = useState(stored);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [saving, setSaving] = useState(0);
  const newest = useRef(stored);

  /** Shows the change at once, then stores it; what does not make a kitchen is not taken. */
  const change = async (next: Kitchen, undo?: string) => {
    const parsed = kitchenSchema.safeParse(next);
    if (!parsed.success) {
      setTrouble(firstIssue(parsed.error).message);
      return;
    }
    const before = newest.current;
    newest.current = parsed.data;
    setKitchen(parsed.data);
    setTrouble(null);
    setSaving((n) => n + 1);
    const result = await writeKitchen(parsed.data).catch(() => null);
    setSaving((n) => n - 1);
    if (!result?.ok) {
      setTrouble(
        `${result?.error ?? 'No answer from the server'}. Your change is still shown here; change anything to try again.`,
      );
    } else if (undo) {
      void say(undo, { undo: () => void change(before) });
    }
  };
  return (
    <>
      <BenchBar
        actions={
          <span
            data-testid="save-state"
            className={`px-2 ${trouble ? 'font-semibold text-[var(--ochre-slate)]' : 'text-chalk-dim'}`}
          >
            {trouble ? '▲ Not saved' : saving ? 'Saving…' : '✓ Saved'}
          </span>
        }
      />
      <main id="main" tabIndex={-1} className="mx-auto grid max-w-[1080px] gap-8 p-5 md:py-8">
        <div>
          <h1 className="font-display text-[2rem] leading-tight">Kitchen</h1>
          <p className="text-ink-dim">
            What your plans are measured with. Changes here show on every ruler. What they are made
            from is in the{' '}
            <Link className="link" href="/kitchen/pantry">
              pantry
            </Link>
            , copies of everything are under{' '}
            <Link className="link" href="/kitchen/keeping">
              safe keeping
            </Link>
            , and other devices come in by{' '}
            <Link className="link" href="/kitchen/door">
              keys
            </Link>
            .
          </p>
          {notice}
          {trouble && (
            <p role="alert" className="mt-3 font-semibold text-brick">
              {trouble}
            </p>
          )}
        </div>
        <section
          aria-label="About"
          className="grid max-w-[64rem] grid-cols-2 items-end gap-4 sm:grid-cols-5"
        >
          <div className="col-span-2">
            <NameField name={kitchen.name} onChange={(name) => void change({ ...kitchen, name })} />
          </div>
          <QuantityField
            label="Temperature"
            kind="temperature"
            range={{ min: 0, max: 45, unit: '°C' }}
            value={kitchen.roomC}
            step={1}
            onChange={(roomC) => void change({ ...kitchen, roomC })}
          />
          <QuantityField
            label="Air humidity"
            kind="share"
            range={{ min: 0.05, max: 0.95 }}
            value={kitchen.rh}
            step={0.05}
            onChange={(rh) => void change({ ...kitchen, rh })}
          />
          <QuantityField
            label="Longest sheet"
            kind="length"
            range={{ min: 150, max: 4000, unit: 'mm' }}
            value={kitchen.benchMm}
            step={50}
            onChange={(benchMm) => void change({ ...kitchen, benchMm })}
          />
          <EggGrade
            eggG={kitchen.eggG}
            yolkG={kitchen.yolkG}
            onChange={(egg) => void change({ ...kitchen, ...egg })}
          />
          <QuantityField
            label="An egg, no shell"
            kind="mass"
            range={{ min: 30, max: 90, unit: 'g' }}
            value={kitchen.eggG}
            step={1}
            onChange={(eggG) => void change({ ...kitchen, eggG })}
          />
          <QuantityField
            label="A yolk"
            kind="mass"
            range={{ min: 8, max: 35, unit: 'g' }}
            value={kitchen.yolkG}
            step={1}
            onChange={(yolkG) => void change({ ...kitchen, yolkG })}
          />
        </section>
        <Rollers
          rollers={kitchen.rollers}
          onChange={(rollers, undo) => void change({ ...kitchen, rollers }, undo)}
        />
        <Cutters
          cutters={kitchen.cutters}
          onChange={(cutters, undo) => void change({ ...kitchen, cutters }, undo)}
        />
        <Moulds
          moulds={kitchen.moulds}
          widestMm={Math.max(...kitchen.rollers.map(({ widthMm }) => widthMm))}
          onChange={(moulds, undo) => void change({ ...kitchen, moulds }, undo)}
        />
        <div className="grid gap-8 sm:grid-cols-2 lg:grid-cols-3">
          <GearList
            title="Spoons"
            unitLabel="Level, ml"
            kind="plain"
            range={{ min: 0.5, max: 200, unit: 'ml' }}
            items={kitchen.spoons.map(({ name, ml }) => ({ name, value: ml }))}
            fresh={{ name: 'New spoon', value: 8 }}
            onChange={(items, undo) =>
              void change(
                { ...kitchen, spoons: items.map(({ name, value }) => ({ name, ml: value })) },
                undo,
              )
            }
          />
          <div className="grid content-start gap-4">
            <GearList
              title="Piping tips"
              unitLabel="Opening"
              kind="length"
              range={{ min: 2, max: 40, unit: 'mm' }}
              items={kitchen.tips.map(({ name, mm }) => ({ name, value: mm }))}
              fresh={{ name: 'New tip', value: 12 }}
              onChange={(items, undo) =>
                void change(
                  { ...kitchen, tips: items.map(({ name, value }) => ({ name, mm: value })) },
                  undo,
                )
              }
            />
            <QuantityField
              label="A bag, full, ml"
              kind="plain"
              range={{ min: 50, max: 5000, unit: 'ml' }}
              value={kitchen.bagMl}
              step={50}
              onChange={(bagMl) => void change({ ...kitchen, bagMl })}
            />
          </div>
          <GearList
            title="Pots"
            unitLabel="Full"
            kind="litres"
            range={{ min: 0.5, max: 200, unit: 'litres' }}
            items={kitchen.pots.map(({ name, litres }) => ({ name, value: litres }))}
            fresh={{ name: 'New pot', value: 6 }}
            onChange={(items, undo) =>
              void change(
                { ...kitchen, pots: items.map(({ name, value }) => ({ name, litres: value })) },
                undo,
              )
            }
          />
          <GearList
            title="Cooks"
            items={kitchen.cooks.map((name) => ({ name, value: 0 }))}
            fresh={{ name: 'New cook', value: 0 }}
            onChange={(items, undo) =>
              void change({ ...kitchen, cooks: items.map(({ name }) => name) }, undo)
            }
          />
        </div>
        <p className="text-small text-ink-dim">
          Fingers, hair and sleeves away from powered rollers; knives and wheels cut.
        </p>
      </main>
    </>
  );
}

/** Eggs by their grade, or as weighed. */
function EggGrade({
  eggG,
  yolkG,
  onChange,
}: {
  eggG: number;
  yolkG: number;
  onChange(egg: { eggG: number; yolkG: number }): void;
}) {
  return (
    <SelectField
      className="col-span-2"
      label="Eggs, by grade"
      value={eggSizeOf({ eggG, yolkG })?.id ?? ''}
      options={[{ value: '', label: 'Weighed by you', rests: true }, ...eggGradeOptions]}
      onChange={(id) => {
        const size = eggGrade(id);
        if (size) onChange({ eggG: size.eggG, yolkG: size.yolkG });
      }}
    />
  );
}

function NameField({ name, onChange }: { name: string; onChange(name: string): void }) {
  const [draft, setDraft] = useState(name);
  return (
    <label className="block">
      <span className="mb-1 block text-small text-ink-dim">Name</span>
      <input
        className="field"
        maxLength={120}
        value={draft}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={() => (draft.trim() ? draft !== name && onChange(draft) : setDraft(name))}
      />
    </label>
  );
}
