import type { Metadata } from 'next';
import { Link } from '@/ui/layout/Link';
import { DayList } from '@/features/day/DayList';
import { NewDay } from '@/features/day/NewDay';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { database } from '@/server/database';
import { countDays, DAYS_A_PAGE, listDays } from '@/server/repositories/days';
import { kitchenDay } from '@/server/repositories/kitchen';
import { BenchBar } from '@/ui/layout/BenchBar';
import { Pages } from '@/ui/layout/Pages';

export const metadata: Metadata = { title: 'Days' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ shelf?: string | string[]; page?: string | string[] }>;
}) {
  const { shelf: asked, page: at } = await searchParams;
  const deleted = asked === 'deleted';
  const shelf = deleted ? 'deleted' : 'current';
  const db = database();
  const pages = Math.max(1, Math.ceil(countDays(db, shelf) / DAYS_A_PAGE));
  const page = Math.min(pages, Math.max(1, Number.parseInt(String(at), 10) || 1));
  const { days, unreadable } = listDays(db, shelf, page);
  const gone = countDays(db, 'deleted');
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <h1 className="font-display text-[2rem] leading-tight">
          {deleted ? 'Deleted days' : 'Days'}
        </h1>
        <p className="max-w-prose text-ink-dim">
          {deleted
            ? 'They wait here and can be brought back.'
            : 'Several plans on one clock: who does what with which gear, so that everything is ready at its hour.'}
        </p>
        <UnreadableNotice documents={unreadable} />
        {!deleted && <NewDay today={kitchenDay(database(), new Date())} />}
        {days.length === 0 ? (
          <p className="mt-6 text-lead">
            {deleted
              ? 'Nothing deleted.'
              : 'No days yet. Make one, put your plans on it, and see when to begin.'}
          </p>
        ) : (
          <DayList
            deleted={deleted}
            days={days.map(({ id, day }) => ({
              id,
              name: day.name,
              date: day.date,
              serves:
                day.services.length === 0
                  ? 'nothing on it yet'
                  : `${day.services.length} ${day.services.length === 1 ? 'plan' : 'plans'}, ${day.services.reduce((sum, { portions }) => sum + portions, 0)} portions`,
              people: day.people.length,
            }))}
          />
        )}
        <Pages
          page={page}
          pages={pages}
          href={(n) => `/days?${deleted ? 'shelf=deleted&' : ''}page=${n}`}
        />
        <p className="mt-6">
          {deleted ? (
            <Link className="link" href="/days">
              Back to the days
            </Link>
          ) : (
            gone > 0 && (
              <Link className="link" href="/days?shelf=deleted">
                Deleted days ({gone})
              </Link>
            )
          )}
        </p>
      </main>
    </>
  );
}
