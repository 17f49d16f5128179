'use client';

import { Download, FileText, Printer } from 'lucide-react';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import { pantryWith, type PantryRows } from '@/core/composition/pantry';
import { buyText, shoppingCsv, shoppingText } from '@/core/formats/shoppingFile';
import { AISLES } from '@/core/shopping/packs';
import { shoppingList, type PlanNeeds } from '@/core/shopping/shoppingList';
import { BenchBar } from '@/ui/layout/BenchBar';
import { saveFile } from '@/ui/files/saveFile';
import { useUnits } from '@/ui/units/UnitsContext';

type ShownPlan = PlanNeeds & { readonly id: string; readonly pieces: number };

/** What to buy for one plan or several: grouped, merged, rounded to how things are sold. */
export function ShoppingPage({
  plans,
  chosen,
  ownRows,
}: {
  plans: readonly ShownPlan[];
  chosen: readonly string[];
  ownRows: PantryRows;
}) {
  const { text } = useUnits();
  const pantry = useMemo(() => pantryWith(ownRows), [ownRows]);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(() => new Set(chosen));
  const [got, setGot] = useState<ReadonlySet<string>>(() => new Set());
  const lines = useMemo(
    () =>
      shoppingList(
        plans.filter(({ id }) => ticked.has(id)),
        pantry,
      ),
    [plans, ticked, pantry],
  );
  // The address remembers what it was for, so that a list comes back as it was.
  useEffect(() => {
    const all = plans.every(({ id }) => ticked.has(id));
    const asked = plans.map(({ id }) => id).filter((id) => ticked.has(id));
    window.history.replaceState(null, '', all ? '/shopping' : `/shopping?plans=${asked.join(',')}`);
  }, [plans, ticked]);
  const toggled = (set: ReadonlySet<string>, id: string) => {
    const next = new Set(set);
    if (!next.delete(id)) next.add(id);
    return next;
  };
  return (
    <>
      <BenchBar />
      <main className="mx-auto grid max-w-[1080px] gap-8 p-5 md:py-8 lg:grid-cols-[minmax(0,1fr)_300px]">
        <section aria-label="Shopping list" className="order-2 lg:order-1">
          <div className="flex flex-wrap items-end justify-between gap-3">
            <h1 className="font-display text-[2rem] leading-tight">Shopping list</h1>
            {lines.length > 0 && (
              <div className="no-print flex flex-wrap gap-2">
                <button type="button" className="btn" onClick={() => window.print()}>
                  <Printer size={18} aria-hidden /> Print
                </button>
                <button
                  type="button"
                  className="btn"
                  onClick={() => saveFile('shopping.csv', 'text/csv', shoppingCsv(lines))}
                >
                  <Download size={18} aria-hidden /> CSV
                </button>
                <button
                  type="button"
                  className="btn"
                  onClick={() => saveFile('shopping.txt', 'text/plain', shoppingText(lines))}
                >
                  <FileText size={18} aria-hidden /> Text
                </button>
              </div>
            )}
          </div>
          {lines.length === 0 ? (
            <p className="py-6 text-lead">
              {plans.length ? (
                'Tick a plan, and what it needs stands here.'
              ) : (
                <>
                  No plans yet.{' '}
                  <Link className="link" href="/plans/new">
                    Make the first one
                  </Link>
                  , and what it needs stands here.
                </>
              )}
            </p>
          ) : (
            AISLES.filter((aisle) => lines.some((line) => line.aisle === aisle)).map((aisle) => (
              <section key={aisle} aria-label={aisle} className="mt-5 break-inside-avoid">
                <h2 className="border-b-[1.5px] border-board-rule pb-1">{aisle}</h2>
                <ul>
                  {lines
                    .filter((line) => line.aisle === aisle)
                    .map((line) => (
                      <li key={line.id} className="border-b border-board-line">
                        <label className="grid min-h-[48px] grid-cols-[28px_minmax(0,1fr)] items-center gap-x-2 py-1 sm:grid-cols-[28px_minmax(0,9.5rem)_minmax(0,1fr)]">
                          <input
                            type="checkbox"
                            className="h-5 w-5 accent-[var(--ink)]"
                            checked={got.has(line.id)}
                            onChange={() => setGot(toggled(got, line.id))}
                          />
                          <span
                            className={`numeral text-lead ${got.has(line.id) ? 'line-through opacity-60' : ''}`}
                          >
                            {buyText(line)}
                          </span>
                          <span
                            className={`max-sm:col-start-2 ${got.has(line.id) ? 'line-through opacity-60' : ''}`}
                          >
                            {line.name}
                            <span className="block text-small text-ink-dim">
                              {[
                                line.buy.unit !== 'eggs' && `${text(line.needG, 'g')} needed`,
                                line.madeInto.length > 0 &&
                                  `to make: ${line.madeInto.join(', ').toLowerCase()}`,
                                ticked.size > 1 && forPlans(line.plans, ticked.size),
                              ]
                                .filter(Boolean)
                                .join(', ')}
                            </span>
                          </span>
                        </label>
                      </li>
                    ))}
                </ul>
              </section>
            ))
          )}
          {lines.length > 0 && (
            <p className="mt-4 text-small text-ink-dim">
              Vegetables as they go into the pan: add what peel and stalk take. Packet sizes are
              typical. Chilled things home cold, and into the cold at once.
            </p>
          )}
        </section>
        {plans.length > 0 && (
          <aside aria-label="Plans to shop for" className="order-1 lg:order-2">
            <h2>For</h2>
            <ul>
              {plans.map(({ id, name, pieces }) => (
                <li
                  key={id}
                  className={`border-b border-board-line ${ticked.has(id) ? '' : 'print:hidden'}`}
                >
                  <label className="flex min-h-[48px] items-center gap-3 py-1">
                    <input
                      type="checkbox"
                      className="h-5 w-5 shrink-0 accent-[var(--ink)] print:hidden"
                      checked={ticked.has(id)}
                      onChange={() => setTicked(toggled(ticked, id))}
                    />
                    <span className="min-w-0 break-words">
                      {name} <span className="text-small text-ink-dim">{pieces} pieces</span>
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </aside>
        )}
      </main>
    </>
  );
}

/** Which of the plans a line is for, by name while they are few. */
const forPlans = (names: readonly string[], of: number): string =>
  names.length === of
    ? 'for all'
    : `for ${names.length <= 2 ? names.join(' and ') : `${names.length} plans`}`;
