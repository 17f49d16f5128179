'use client';

import type { Day } from '@/core/schedule/document/day';
import { useUnits } from '@/ui/units/UnitsContext';
import type { OnClock } from './clock/useTimetable';

/** What is on the day, in short. */
export function Facts({ day, shown }: { day: Day; shown: OnClock | null }) {
  const { text } = useUnits();
  const shared = shown?.work.doughs.find(({ services }) => services.length > 1);
  return (
    <span className="text-ink-dim max-md:hidden">
      {[
        `${day.services.length} ${day.services.length === 1 ? 'plan' : 'plans'}`,
        shared ? `one dough of ${text(shared.totalG, 'g')}` : '',
        `${day.people.length} ${day.people.length === 1 ? 'person' : 'people'}`,
      ]
        .filter(Boolean)
        .join(', ')}
    </span>
  );
}
