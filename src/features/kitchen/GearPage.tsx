'use client';

import {
  COMMON_CUTTERS,
  hasCutter,
  rollersOf,
  withCommon,
  withRollers,
} from '@/core/kitchen/owned';
import type { Kitchen } from '@/core/kitchen/kitchen';
import { genericRollers } from '@/core/sheet/genericRollers';
import { SAVE_WORDS } from '@/ui/editor/saveWords';
import { CheckField } from '@/ui/fields/CheckField';
import { QuantityField } from '@/ui/fields/QuantityField';
import { BenchBar } from '@/ui/layout/BenchBar';
import { Link } from '@/ui/layout/Link';
import { useUnits } from '@/ui/units/UnitsContext';
import { Pots } from './Pots';
import { RoomFields } from './RoomFields';
import { useKitchenEditor } from './useKitchenEditor';

/** What a kitchen owns, on one screen: plans, days and classes count on it and on no more. */
export function GearPage({ stored, edition }: { stored: Kitchen; edition: number }) {
  const { kitchen, save, change, trouble } = useKitchenEditor(stored, edition);
  const { text } = useUnits();
  return (
    <>
      <BenchBar
        actions={
          <span data-testid="save-state" className="px-2 text-chalk-dim">
            {SAVE_WORDS[save.kind]}
          </span>
        }
      />
      <main id="main" tabIndex={-1} className="mx-auto grid max-w-[1080px] gap-6 p-5 md:py-8">
        <div>
          <h1 className="font-display text-[2rem] leading-tight">What do you have?</h1>
          <p className="text-ink-dim">Plans and days count on this gear, and on no more.</p>
          {trouble && (
            <p role="alert" className="mt-3 font-semibold text-brick">
              {trouble}
            </p>
          )}
        </div>
        <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
          <section aria-label="To roll with">
            <h2 className="text-lead">To roll with</h2>
            <ul>
              {genericRollers.map((kind) => (
                <li
                  key={kind.id}
                  className="grid grid-cols-[minmax(0,1fr)_6.5rem] items-center gap-3 border-b border-board-line py-1"
                >
                  <span>{kind.name}</span>
                  <QuantityField
                    label={`How many: ${kind.name}`}
                    hideLabel
                    kind="count"
                    range={{ min: 0, max: 9, whole: true }}
                    step={1}
                    value={rollersOf(kitchen.rollers, kind)}
                    onChange={(many) =>
                      change({
                        ...kitchen,
                        rollers: [...withRollers(kitchen.rollers, kind, many)],
                      })
                    }
                  />
                </li>
              ))}
            </ul>
            <p className="mt-2">
              Your dial isn’t among these? Take one that is near, then{' '}
              <Link href="/kitchen#rollers" className="link">
                measure what its steps leave
              </Link>
              .
            </p>
          </section>
          <div className="grid content-start gap-6">
            <section aria-label="To cut with">
              <h2 className="text-lead">To cut with</h2>
              <div className="grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-x-3">
                {COMMON_CUTTERS.map((cutter) => (
                  <CheckField
                    key={cutter.name}
                    label={
                      cutter.form === 'wheel'
                        ? cutter.name
                        : `${text(cutter.mm, 'mm')} ${cutter.form === 'round' ? 'ring' : 'square'}`
                    }
                    checked={hasCutter(kitchen.cutters, cutter)}
                    onChange={(owned) =>
                      change({ ...kitchen, cutters: withCommon(kitchen.cutters, cutter, owned) })
                    }
                  />
                ))}
              </div>
            </section>
            <Pots
              pots={kitchen.pots}
              onChange={(pots, undo) => change({ ...kitchen, pots }, undo)}
            />
          </div>
        </div>
        <section aria-label="Room">
          <h2 className="text-lead">Room</h2>
          <div className="mt-2">
            <RoomFields room={kitchen.room} onChange={(room) => change({ ...kitchen, room })} />
          </div>
        </section>
        <p className="flex flex-wrap items-center gap-4">
          <Link href="/plans/new" className="btn btn-strong">
            Make a plan
          </Link>
          <Link href="/kitchen" className="link">
            Moulds, spoons, eggs and the rest
          </Link>
        </p>
      </main>
    </>
  );
}
