'use client';

import type { Day } from '@/core/schedule/document/day';
import type { PlanChoice } from '@/server/repositories/findPlans';

const SHEETS = [
  ['people', 'Everybody’s list', 'A page each, in large print.'],
  ['bowls', 'Bowls', 'What is weighed together, and how it is divided.'],
  ['shopping', 'Shopping list', 'What to buy for all of it, as it is sold.'],
  ['allergens', 'Allergen sheet', 'For whoever serves and whoever asks.'],
  ['labels', 'Labels', 'For bags and trays: what, count, made, use by, allergens, how to cook.'],
] as const;

/** What the day puts on paper and into calendars. */
export function Paper({
  dayId,
  day,
  choices,
}: {
  dayId: string;
  day: Day;
  choices: readonly PlanChoice[];
}) {
  const at = (path: string) => `/api/days/${encodeURIComponent(dayId)}/${path}`;
  return (
    <div className="grid gap-8 md:grid-cols-2">
      <ul className="grid content-start gap-3">
        {SHEETS.map(([sheet, name, says]) => (
          <li key={sheet}>
            <a className="link text-lead" href={at(`sheets?sheet=${sheet}`)}>
              {name} (PDF)
            </a>
            <p className="text-small text-ink-dim">{says}</p>
          </li>
        ))}
        <li>
          <button type="button" className="btn" onClick={() => window.print()}>
            Print the clock
          </button>
        </li>
      </ul>
      <div className="grid content-start gap-4">
        <section aria-label="Calendar">
          <h2 className="font-display text-lead font-semibold">Calendar</h2>
          <ul className="mt-1">
            <li>
              <a className="link inline-flex min-h-[44px] items-center" href={at('calendar')}>
                Everybody (iCalendar)
              </a>
            </li>
            {day.people.map(({ id, name }) => (
              <li key={id}>
                <a
                  className="link inline-flex min-h-[44px] items-center"
                  href={at(`calendar?person=${encodeURIComponent(id)}`)}
                >
                  {name} (iCalendar)
                </a>
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="Cards">
          <h2 className="font-display text-lead font-semibold">Cards</h2>
          <ul className="mt-1">
            {day.services.map(({ id, planId, portions }) => (
              <li key={id}>
                <a
                  className="link inline-flex min-h-[44px] items-center"
                  href={at(`card?service=${encodeURIComponent(id)}`)}
                >
                  Bench card: {choices.find((plan) => plan.id === planId)?.name ?? planId}, for{' '}
                  {portions} (PDF)
                </a>
              </li>
            ))}
            <li>
              <a
                className="link inline-flex min-h-[44px] items-center"
                href={`/api/days/${encodeURIComponent(dayId)}`}
              >
                The day as a file
              </a>
            </li>
          </ul>
        </section>
      </div>
    </div>
  );
}
