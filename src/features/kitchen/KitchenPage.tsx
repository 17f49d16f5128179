'use client';

import { Link } from '@/ui/layout/Link';
import { eggSizeOf } from '@/core/dough/eggSizes';
import { eggGrade, eggGradeOptions } from '@/features/kitchen/eggGrades';
import { useState, type ReactNode } from 'react';
import type { Kitchen } from '@/core/kitchen/kitchen';
import { useKitchenEditor } from './useKitchenEditor';
import { Pots } from './Pots';
import { RoomFields } from './RoomFields';
import { KeepOne } from '@/ui/editor/KeepOne';
import { SAVE_WORDS } from '@/ui/editor/saveWords';
import { QuantityField } from '@/ui/fields/QuantityField';
import { BenchBar } from '@/ui/layout/BenchBar';
import { useUnits } from '@/ui/units/UnitsContext';
import { GearList } from './GearList';
import { Cutters } from './Cutters';
import { Moulds } from './Moulds';
import { Rollers } from './rollers/Rollers';
import { SelectField } from '@/ui/fields/SelectField';
import { AllergenChecks } from '@/features/pantry/AllergenChecks';
import { useInBrowser } from '@/ui/browser/useInBrowser';
import { WordsHere } from '@/ui/glossary/WordsHere';

/** The kitchen: rollers, cutters, spoons, pots, eggs and people that plans draw on. Saved as you go. */
export function KitchenPage({
  stored,
  edition,
  notice,
}: {
  stored: Kitchen;
  edition: number;
  notice: ReactNode;
}) {
  const { editor, kitchen, save, change, trouble } = useKitchenEditor(stored, edition);
  return (
    <>
      <BenchBar
        actions={
          <span
            data-testid="save-state"
            className={`px-2 ${
              save.kind === 'failed' || save.kind === 'conflict'
                ? 'font-semibold text-[var(--ochre-slate)]'
                : 'text-chalk-dim'
            }`}
          >
            {SAVE_WORDS[save.kind]}
          </span>
        }
      />
      <main id="main" tabIndex={-1} className="mx-auto grid max-w-[1080px] gap-8 p-5 md:py-8">
        <div>
          <h1 className="font-display text-[2rem] leading-tight">Kitchen</h1>
          <p className="text-ink-dim">
            What your plans are measured with. Changes here show on every ruler; the short of it is{' '}
            <Link className="link" href="/kitchen/gear">
              what you have
            </Link>
            . What they are made from is in the{' '}
            <Link className="link" href="/kitchen/pantry">
              pantry
            </Link>
            , copies of everything in{' '}
            <Link className="link" href="/kitchen/keeping">
              backups
            </Link>
            , and who else may open the kitchen in{' '}
            <Link className="link" href="/kitchen/door">
              access
            </Link>
            .
          </p>
          {notice}
          {trouble && (
            <p role="alert" className="mt-3 font-semibold text-brick">
              {trouble}
            </p>
          )}
          {save.kind === 'conflict' && (
            <div role="alert" className="mt-3 border-l-4 border-ochre pl-4">
              <p className="font-semibold">
                The kitchen was changed in another window, and the same was changed here. All else
                is joined: keep one of the two.
              </p>
              <p className="mt-2">
                <KeepOne editor={editor} />
              </p>
            </div>
          )}
        </div>
        <section
          aria-label="About"
          className="grid max-w-[64rem] grid-cols-2 items-end gap-4 sm:grid-cols-5"
        >
          <div className="col-span-2">
            <NameField name={kitchen.name} onChange={(name) => change({ ...kitchen, name })} />
          </div>
          <QuantityField
            label="Temperature"
            kind="temperature"
            range={{ min: 0, max: 45, unit: '°C' }}
            value={kitchen.roomC}
            step={1}
            onChange={(roomC) => change({ ...kitchen, roomC })}
          />
          <QuantityField
            label="Air humidity"
            kind="share"
            range={{ min: 0.05, max: 0.95 }}
            value={kitchen.rh}
            step={0.05}
            onChange={(rh) => change({ ...kitchen, rh })}
          />
          <QuantityField
            label="Longest sheet"
            kind="length"
            range={{ min: 150, max: 4000, unit: 'mm' }}
            value={kitchen.benchMm}
            step={50}
            onChange={(benchMm) => change({ ...kitchen, benchMm })}
          />
          <TimeZone
            value={kitchen.timeZone}
            onChange={(timeZone) => change({ ...kitchen, timeZone })}
          />
          <EggGrade
            eggG={kitchen.eggG}
            yolkG={kitchen.yolkG}
            onChange={(egg) => change({ ...kitchen, ...egg })}
          />
          <QuantityField
            label="An egg, no shell"
            kind="mass"
            range={{ min: 30, max: 90, unit: 'g' }}
            value={kitchen.eggG}
            step={1}
            onChange={(eggG) => change({ ...kitchen, eggG })}
          />
          <QuantityField
            label="A yolk"
            kind="mass"
            range={{ min: 8, max: 35, unit: 'g' }}
            value={kitchen.yolkG}
            step={1}
            onChange={(yolkG) => change({ ...kitchen, yolkG })}
          />
        </section>
        <Rollers
          rollers={kitchen.rollers}
          onChange={(rollers, undo) => change({ ...kitchen, rollers }, undo)}
        />
        <Cutters
          cutters={kitchen.cutters}
          onChange={(cutters, undo) => change({ ...kitchen, cutters }, undo)}
        />
        <Moulds
          moulds={kitchen.moulds}
          widestMm={Math.max(...kitchen.rollers.map(({ widthMm }) => widthMm))}
          onChange={(moulds, undo) => change({ ...kitchen, moulds }, undo)}
        />
        <div className="grid gap-8 sm:grid-cols-2 lg:grid-cols-3">
          <GearList
            title="Spoons"
            unitLabel="Level"
            kind="spoonful"
            range={{ min: 0.5, max: 200, unit: 'ml' }}
            items={kitchen.spoons.map(({ name, ml }) => ({ name, value: ml }))}
            fresh={{ name: 'New spoon', value: 8 }}
            onChange={(items, undo) =>
              change(
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
                change(
                  { ...kitchen, tips: items.map(({ name, value }) => ({ name, mm: value })) },
                  undo,
                )
              }
            />
            <QuantityField
              label="A bag, full"
              kind="volume"
              range={{ min: 50, max: 5000, unit: 'ml' }}
              value={kitchen.bagMl}
              step={50}
              onChange={(bagMl) => change({ ...kitchen, bagMl })}
            />
          </div>
          <Pots pots={kitchen.pots} onChange={(pots, undo) => change({ ...kitchen, pots }, undo)} />
          <GearList
            title="Cooks"
            items={kitchen.cooks.map((name) => ({ name, value: 0 }))}
            fresh={{ name: 'New cook', value: 0 }}
            onChange={(items, undo) =>
              change({ ...kitchen, cooks: items.map(({ name }) => name) }, undo)
            }
          />
        </div>
        <section aria-label="Allergens handled here">
          <h2 className="text-lead">Allergens handled here</h2>
          <p className="text-small text-ink-dim">
            Labels and cards say a piece may contain them, whatever is in it.
          </p>
          <AllergenChecks
            legend="In this kitchen there is also"
            chosen={kitchen.alsoHandles}
            onChange={(alsoHandles) => change({ ...kitchen, alsoHandles })}
          />
        </section>
        <section aria-label="Room">
          <h2 className="text-lead">Room</h2>
          <p className="text-small text-ink-dim">
            What a day’s clock reckons with, beside rollers and pots.
          </p>
          <div className="mt-2">
            <RoomFields room={kitchen.room} onChange={(room) => change({ ...kitchen, room })} />
          </div>
        </section>
        <p className="text-small text-ink-dim">
          Fingers, hair and sleeves away from powered rollers; knives and wheels cut.
        </p>
        <WordsHere words={['springBack', 'strength', 'trim']} />
      </main>
    </>
  );
}

const NO_ZONES: readonly string[] = [];
let known: readonly string[] | null = null;

/** Names of the time zone database, as this browser knows them; the server may know others. */
const zonesHere = (): readonly string[] => (known ??= Intl.supportedValuesOf('timeZone'));

/** Whose days and clock the kitchen keeps. */
function TimeZone({
  value,
  onChange,
}: {
  value: string | undefined;
  onChange(zone: string | undefined): void;
}) {
  const zones = useInBrowser(zonesHere, NO_ZONES);
  const names = value && !zones.includes(value) ? [value, ...zones] : zones;
  return (
    <SelectField
      className="col-span-2"
      label="Time zone"
      value={value ?? ''}
      options={[
        { value: '', label: 'As this computer' },
        ...names.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') })),
      ]}
      onChange={(zone) => onChange(zone || undefined)}
    />
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
  const { text } = useUnits();
  return (
    <SelectField
      className="col-span-2"
      label="Eggs, by grade"
      value={eggSizeOf({ eggG, yolkG })?.id ?? ''}
      options={[{ value: '', label: 'Weighed by you', rests: true }, ...eggGradeOptions(text)]}
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
