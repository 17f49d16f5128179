'use client';

import { Copy, Download, FileText, Printer, Share2 } from 'lucide-react';
import { Link } from '@/ui/layout/Link';
import { parseAsArrayOf, parseAsString, useQueryState } from 'nuqs';
import { useMemo, useTransition, type ReactNode } from 'react';
import { pantryWith, type PantryRows } from '@/core/composition/pantry';
import { shoppingCsv, shoppingText } from '@/core/formats/shoppingFile';
import { AISLES } from '@/core/shopping/packs';
import { shoppingList, type PlanNeeds, type ShoppingLine } from '@/core/shopping/shoppingList';
import { BenchBar } from '@/ui/layout/BenchBar';
import { saveFile } from '@/ui/files/saveFile';
import { useInBrowser } from '@/ui/browser/useInBrowser';
import { useUnits } from '@/ui/units/UnitsContext';
import { Button } from '@/ui/buttons/Button';
import { CheckField } from '@/ui/fields/CheckField';
import { say, sayTrouble } from '@/ui/layout/say';
import { Line, OwnLines } from './ShoppingLines';
import { isMarked, marked } from './shoppingMarks';
import { useShoppingMarks } from './useShoppingMarks';

const CHOSEN = parseAsArrayOf(parseAsString);

type ShownPlan = PlanNeeds & { readonly id: string; readonly pieces: number };

/** What to buy for one plan or several: grouped, merged, rounded to how things are sold. */
export function ShoppingPage({
  plans,
  all,
  rows,
  notice,
}: {
  /** What of the plans cannot be read. */
  notice: ReactNode;
  /** Those that are offered: all of them, or what was found and chosen. */
  plans: readonly ShownPlan[];
  /** Whether these are all the plans there are: then all are chosen until it is said which. */
  all: boolean;
  /** Of the cook's own pantry, those that are bought for these plans. */
  rows: PantryRows;
}) {
  const { units } = useUnits();
  const canShare = useInBrowser(() => typeof navigator.share === 'function', false);
  const pantry = useMemo(() => pantryWith(rows), [rows]);
  // The address says what it is for, so that a list comes back as it was.
  const [asked, ask] = useQueryState('plans', CHOSEN);
  const ticked = useMemo(
    () =>
      new Set(
        plans.map(({ id }) => id).filter((id) => (asked === null ? all : asked.includes(id))),
      ),
    [asked, all, plans],
  );
  const lines = useMemo(
    () =>
      shoppingList(
        plans.filter(({ id }) => ticked.has(id)),
        pantry,
      ),
    [plans, ticked, pantry],
  );
  const { marks, setMarks } = useShoppingMarks([...ticked]);
  const toBuy = lines.filter((line) => !isMarked(marks.have, line));
  const inHand = lines.filter((line) => isMarked(marks.have, line));
  const asText = () =>
    [shoppingText(toBuy, units), ...marks.own.map((line) => line.text)].join('\n').trim();
  const row = (line: ShoppingLine) => (
    <Line
      key={line.id}
      line={line}
      plans={ticked.size}
      got={isMarked(marks.got, line)}
      have={isMarked(marks.have, line)}
      onGot={(on) => setMarks({ ...marks, got: marked(marks.got, line, on) })}
      onHave={(on) => setMarks({ ...marks, have: marked(marks.have, line, on) })}
    />
  );
  const toggle = (id: string) => {
    const next = new Set(ticked);
    if (!next.delete(id)) next.add(id);
    void ask(all && plans.every((plan) => next.has(plan.id)) ? null : [...next]);
  };
  return (
    <>
      <BenchBar />
      <main
        id="main"
        tabIndex={-1}
        className="mx-auto grid max-w-[1080px] gap-8 p-5 md:py-8 lg:grid-cols-[minmax(0,1fr)_300px]"
      >
        <section aria-label="Shopping list" className="order-2 lg:order-1">
          <div className="flex flex-wrap items-end justify-between gap-3">
            <h1 className="font-display text-[2rem] leading-tight">Shopping list</h1>
            {lines.length > 0 && (
              <div className="no-print flex flex-wrap gap-2">
                <button type="button" className="btn" onClick={() => window.print()}>
                  <Printer size={18} aria-hidden /> Print
                </button>
                <Button onClick={() => void copyList(asText())}>
                  <Copy size={18} aria-hidden /> Copy
                </Button>
                {canShare && (
                  <Button onClick={() => void shareList(asText())}>
                    <Share2 size={18} aria-hidden /> Share
                  </Button>
                )}
                <button
                  type="button"
                  className="btn"
                  onClick={() => saveFile('shopping.csv', 'text/csv', shoppingCsv(toBuy))}
                >
                  <Download size={18} aria-hidden /> CSV
                </button>
                <button
                  type="button"
                  className="btn"
                  onClick={() => saveFile('shopping.txt', 'text/plain', asText())}
                >
                  <FileText size={18} aria-hidden /> Text
                </button>
              </div>
            )}
          </div>
          {notice}
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
            <>
              {AISLES.filter((aisle) => toBuy.some((line) => line.aisle === aisle)).map((aisle) => (
                <section key={aisle} aria-label={aisle} className="mt-5 break-inside-avoid">
                  <h2 className="border-b-[1.5px] border-board-rule pb-1">{aisle}</h2>
                  <ul>{toBuy.filter((line) => line.aisle === aisle).map(row)}</ul>
                </section>
              ))}
              {inHand.length > 0 && (
                <section aria-label="Already have" className="mt-5 print:hidden">
                  <h2 className="border-b-[1.5px] border-board-rule pb-1">Already have</h2>
                  <ul className="text-ink-dim">{inHand.map(row)}</ul>
                </section>
              )}
            </>
          )}
          {ticked.size > 0 && (
            <OwnLines
              own={marks.own}
              onChange={(own, removed) => {
                setMarks({ ...marks, own });
                if (removed) {
                  void say(`${removed}: taken off`, { undo: () => setMarks(marks) });
                }
              }}
            />
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
            {!all && <FindPlan />}
            <ul>
              {plans.map(({ id, name, pieces }) => (
                <li
                  key={id}
                  className={`border-b border-board-line ${ticked.has(id) ? '' : 'print:hidden'}`}
                >
                  <CheckField
                    className="gap-3 py-1"
                    label={
                      <span className="min-w-0 break-words">
                        {name} <span className="text-small text-ink-dim">{pieces} pieces</span>
                      </span>
                    }
                    checked={ticked.has(id)}
                    onChange={() => toggle(id)}
                  />
                </li>
              ))}
            </ul>
          </aside>
        )}
      </main>
    </>
  );
}

/** Narrows the plans that are offered, where there are too many to show. */
function FindPlan() {
  const [pending, startTransition] = useTransition();
  const [q, find] = useQueryState('q', {
    defaultValue: '',
    shallow: false,
    throttleMs: 250,
    startTransition,
  });
  return (
    <label className="no-print my-2 block" aria-busy={pending}>
      <span className="mb-1 block text-small text-ink-dim">Find a plan</span>
      <input
        type="search"
        className="field"
        maxLength={80}
        value={q}
        onChange={(event) => void find(event.target.value || null)}
      />
    </label>
  );
}

async function copyList(text: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    void say('The list is copied.');
  } catch {
    void sayTrouble('Copying is not allowed here. Save it as text instead.');
  }
}

async function shareList(text: string): Promise<void> {
  try {
    await navigator.share({ title: 'Shopping list', text });
  } catch {
    // Shared with nobody: the cook thought better of it.
  }
}
