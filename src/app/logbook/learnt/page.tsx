import type { Metadata } from 'next';
import type { Learnt } from '@/core/basis/learnt';
import { HOLD_ALL } from '@/core/calibrate/learntKeys';
import { QUANTITIES } from '@/core/calibrate/quantities';
import type { Pantry } from '@/core/composition/pantry';
import type { Kitchen } from '@/core/kitchen/kitchen';
import { FAMILY_IDS, familyOf } from '@/core/shapes/families';
import { LearntTable } from '@/features/logbook/LearntTable';
import { LogbookBar } from '@/features/logbook/LogbookBar';
import { database } from '@/server/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { getLearnt } from '@/server/repositories/learnt';
import { getPantry } from '@/server/repositories/pantry';
import { BenchBar } from '@/ui/layout/BenchBar';
import type { MarginId } from '@/core/risk/margins';
import { MARGIN_NAMES } from '@/features/plan/marginWords';
import { WordsHere } from '@/ui/glossary/WordsHere';

export const metadata: Metadata = { title: 'What we’ve learned' };

/** Whose a thing learnt is, as a cook says it. */
function whose({ quantity, key }: Learnt, kitchen: Kitchen, pantry: Pantry): string {
  switch (QUANTITIES[quantity].of) {
    case 'roller':
      return kitchen.rollers.find(({ id }) => id === key)?.name ?? key;
    case 'preparation':
      return pantry.preparations.get(key)?.name ?? key;
    case 'shape': {
      const [shape = '', ...cook] = key.split('/');
      const family = FAMILY_IDS.find((id) => id === shape);
      return [
        family ? familyOf(family).name : shape,
        ...(cook.length ? [cook.join('/')] : []),
      ].join(', by ');
    }
    case 'cook':
      return key === '' ? 'all cooks' : key;
    case 'cause':
      return MARGIN_NAMES[key as MarginId] ?? key;
    case 'kitchen':
      return '';
  }
}

export default function Page() {
  const db = database();
  const [kitchen, pantry] = [getKitchen(db), getPantry(db)];
  const learnt = getLearnt(db);
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <LogbookBar here="/logbook/learnt" says={kitchen.name} />
        {learnt.length === 0 ? (
          <p className="max-w-prose py-10 text-lead">
            Nothing learnt yet: plans stand on what is typical. Close a batch at the bench, with
            what was left weighed, and this fills.
          </p>
        ) : (
          <>
            <p className="mt-4 max-w-prose">
              What is true here, by the batches written down: plans start from it. Estimates, each
              with the range that holds it nine times in ten.
            </p>
            <LearntTable
              allHeld={kitchen.held.includes(HOLD_ALL)}
              rows={learnt.map((each) => ({ learnt: each, whose: whose(each, kitchen, pantry) }))}
            />
            <WordsHere words={['dose', 'trim', 'hydration', 'springBack']} />
          </>
        )}
      </main>
    </>
  );
}
