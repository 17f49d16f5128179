import { NuqsAdapter } from 'nuqs/adapters/next/app';
import { cutTo } from '@/core/cutTo';
import { Link } from '@/ui/layout/Link';
import { ImportPlan } from '@/features/plans/ImportPlan';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { PlanList } from '@/features/plans/PlanList';
import { PlanSearch } from '@/features/plans/PlanSearch';
import { planSummary } from '@/features/plans/planSummary';
import { database } from '@/server/database';
import { getKitchen, kitchenEdition } from '@/server/repositories/kitchen';
import { PLANS_A_PAGE, PLAN_SORTS, queryPlans, tagsInUse } from '@/server/repositories/findPlans';
import { countShelves, lastMade, type PlanShelf } from '@/server/repositories/plans';
import { talliesOf } from '@/server/repositories/tallies';
import { BenchBar } from '@/ui/layout/BenchBar';

const SHELVES: readonly (readonly [PlanShelf, string])[] = [
  ['current', 'Plans'],
  ['archived', 'Archived'],
  ['deleted', 'Deleted'],
];

const EMPTY: Record<PlanShelf, string> = {
  current: 'No plans yet. Start with a shape: you get a plan that holds, and change it into yours.',
  archived: 'Nothing archived. A plan you do not need now can be put here from its menu.',
  deleted: 'Nothing deleted. Deleted plans wait here and can be brought back.',
};

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function Page({ searchParams }: Props) {
  const asked = await searchParams;
  const one = (key: string) => {
    const value = asked[key];
    return typeof value === 'string' ? cutTo(value, 80) : '';
  };
  const shelf = SHELVES.find(([id]) => id === asked.shelf)?.[0] ?? 'current';
  const db = database();
  const counts = countShelves(db);
  const isNew = kitchenEdition(db) === 0;
  const found = queryPlans(db, {
    shelf,
    words: one('q'),
    tag: one('tag'),
    sort: PLAN_SORTS.find((sort) => sort === asked.sort) ?? 'changed',
    page: Number.parseInt(one('page'), 10) || 1,
  });
  const tallies = talliesOf(db, found.plans);
  const made = lastMade(
    db,
    found.plans.map(({ id }) => id),
  );
  const plans = found.plans.map((plan, n) => planSummary(plan, tallies[n]!, made.get(plan.id)));
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <div>
            <p className="text-ink-dim">{getKitchen(db).name}</p>
            <h1 className="font-display text-[2rem] leading-tight">Filled pasta, planned</h1>
          </div>
          <div className="flex flex-wrap gap-2">
            <ImportPlan />
            <Link href="/plans/new" className="btn btn-strong">
              New plan
            </Link>
          </div>
        </div>
        <nav aria-label="Shelves" className="mt-5 flex gap-1 border-b-[1.5px] border-board-rule">
          {SHELVES.map(([id, name]) => (
            <Link
              key={id}
              href={id === 'current' ? '/' : `/?shelf=${id}`}
              aria-current={id === shelf ? 'page' : undefined}
              className={`flex min-h-[44px] items-center gap-1.5 px-3 ${
                id === shelf ? 'rounded-t-md bg-ink font-semibold text-board' : 'hover:underline'
              }`}
            >
              {name} <span className={id === shelf ? '' : 'text-ink-dim'}>{counts[id]}</span>
            </Link>
          ))}
        </nav>
        {counts[shelf] > 0 && (
          <NuqsAdapter>
            <PlanSearch
              tags={tagsInUse(db, shelf)}
              total={found.total}
              pages={Math.ceil(found.total / PLANS_A_PAGE)}
              page={found.page}
            />
          </NuqsAdapter>
        )}
        <UnreadableNotice documents={found.unreadable} />
        {plans.length === 0 && found.unreadable.length > 0 ? null : plans.length === 0 &&
          counts[shelf] > 0 ? (
          <p className="py-10 text-lead">No plans match.</p>
        ) : plans.length === 0 ? (
          <div className="grid justify-items-start gap-4 py-10">
            <p className="max-w-prose text-lead">{EMPTY[shelf]}</p>
            {shelf === 'current' && (
              <div className="flex flex-wrap gap-2">
                {isNew && (
                  <Link href="/kitchen/gear" className="btn btn-strong">
                    Say what you have
                  </Link>
                )}
                <Link href="/plans/new" className={`btn ${isNew ? '' : 'btn-strong'}`}>
                  Make the first plan
                </Link>
              </div>
            )}
          </div>
        ) : (
          <PlanList plans={plans} shelf={shelf} />
        )}
      </main>
    </>
  );
}
