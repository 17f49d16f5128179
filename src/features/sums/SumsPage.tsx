'use client';

import { useWholePantry } from '../pantry/useWholePantry';
import { Link } from '@/ui/layout/Link';
import { useMemo, type ComponentType } from 'react';
import type { Kitchen } from '@/core/kitchen/kitchen';
import { pantryWith, type PantryRows } from '@/core/composition/pantry';
import { WordsHere } from '@/ui/glossary/WordsHere';
import { BenchBar } from '@/ui/layout/BenchBar';
import { BurstSum } from './BurstSum';
import { CookOffSum } from './CookOffSum';
import { CupsSum } from './CupsSum';
import { DampFlourSum } from './DampFlourSum';
import { HydrationSum } from './HydrationSum';
import { DiscsSum, HangTestSum, OpenTimeSum, SheetLengthSum, StripTestSum } from './SheetSums';
import { PiecesSum } from './PiecesSum';
import { FrozenSum, KeepSum, PotSum, SwellingSum } from './PotSums';
import { TraySum, TrimSum } from './TrayAndTrimSums';
import { SpoonTestSum } from './SpoonTestSum';
import type { SumProps } from './SumParts';
import { SUMS, type SumId } from './sumList';
import { WholeEggsSum } from './WholeEggsSum';

const SUM_PARTS: Record<SumId, ComponentType<SumProps>> = {
  pieces: PiecesSum,
  hydration: HydrationSum,
  'whole-eggs': WholeEggsSum,
  'damp-flour': DampFlourSum,
  'spoon-test': SpoonTestSum,
  cups: CupsSum,
  'cook-off': CookOffSum,
  'sheet-length': SheetLengthSum,
  'strip-test': StripTestSum,
  'hang-test': HangTestSum,
  discs: DiscsSum,
  tray: TraySum,
  trim: TrimSum,
  'open-time': OpenTimeSum,
  keep: KeepSum,
  'pot-load': PotSum,
  'from-frozen': FrozenSum,
  swelling: SwellingSum,
  burst: BurstSum,
};

/** What is asked without a plan as well, and is more than a sum. */
const BESIDE = [
  ['/faults', 'Faults', 'What went wrong, and what can be saved?'],
  ['/practice', 'Practice', 'Train the eye and the hand'],
] as const;

/** Single sums, without a plan: the questions at the left, the one asked at the right. */
export function SumsPage({
  sum,
  kitchen,
  ownRows,
}: {
  sum: SumId;
  kitchen: Kitchen;
  ownRows: PantryRows;
}) {
  const { rows } = useWholePantry(ownRows, true);
  const pantry = useMemo(() => pantryWith(rows), [rows]);
  const shown = SUMS.find(({ id }) => id === sum) ?? SUMS[0];
  const { name, asks } = shown;
  const Part = SUM_PARTS[sum];
  return (
    <>
      <BenchBar />
      <div className="mx-auto grid max-w-[1080px] gap-x-10 gap-y-4 p-5 md:py-8 lg:grid-cols-[260px_minmax(0,1fr)]">
        <nav aria-label="Quick sums">
          <ul className="flex flex-wrap gap-x-1 lg:block">
            {SUMS.map((each) => (
              <li key={each.id} className="lg:border-b lg:border-board-line">
                <Link
                  href={`/sums/${each.id}`}
                  aria-current={each.id === sum ? 'page' : undefined}
                  className={`flex min-h-[44px] flex-col justify-center rounded-md px-3 py-1.5 hover:bg-band ${
                    each.id === sum ? 'border-l-[3px] border-dough-edge bg-board-raised' : ''
                  }`}
                >
                  <span className={each.id === sum ? 'font-semibold' : ''}>{each.name}</span>
                  <span className="text-small text-ink-dim max-lg:hidden">{each.asks}</span>
                </Link>
              </li>
            ))}
            {BESIDE.map(([href, name, asks]) => (
              <li key={href} className="lg:border-b lg:border-board-line">
                <Link
                  href={href}
                  className="flex min-h-[44px] flex-col justify-center rounded-md px-3 py-1.5 hover:bg-band"
                >
                  <span>{name}</span>
                  <span className="text-small text-ink-dim max-lg:hidden">{asks}</span>
                </Link>
              </li>
            ))}
          </ul>
        </nav>
        <main>
          <p className="text-ink-dim">{asks}</p>
          <h1 className="font-display text-[2rem] leading-tight">{name}</h1>
          <div className="mt-4">
            <Part kitchen={kitchen} pantry={pantry} />
          </div>
          {'words' in shown && (
            <div className="mt-8">
              <WordsHere words={shown.words} />
            </div>
          )}
        </main>
      </div>
    </>
  );
}
