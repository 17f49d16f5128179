'use client';

import { dayAfter, spanText } from '@/core/schedule/document/clock';
import type { WriteFigure } from '@/core/units/format';
import { dayName } from './paper/dayName';
import type { OnClock } from './clock/useTimetable';

/** A moment of a day's clock with its day where there are several. */
export function momentText(
  date: string,
  minute: number,
  { several, write }: { several: boolean; write: WriteFigure },
): string {
  const time = write(minute, 'timeOfDay');
  return several ? `${dayName(dayAfter(date, Math.floor(minute / 1440)))} ${time}` : time;
}

/** What the whole day comes to, in a sentence, and how good it is. */
export function headlineText(
  { work, timetable, soonerMin }: OnClock,
  { underWay, write }: { underWay: boolean; write: WriteFigure },
) {
  const { date, startsMin, endsMin, services, feasible, over, tightest } = timetable;
  const several = Math.floor(startsMin / 1440) !== Math.floor(endsMin / 1440);
  const at = (minute: number) => momentText(date, minute, { several, write });
  if (services.length === 0) {
    return { title: 'Nothing is on this day yet', says: 'Put on it what is to be served.' };
  }
  if (!feasible) {
    const late = soonerMin !== null && soonerMin !== undefined && soonerMin < 0;
    return {
      title: underWay
        ? late
          ? `About ${spanText(soonerMin)} late`
          : 'It will not be ready in time'
        : 'This day doesn’t fit yet',
      says: late
        ? `Served ${spanText(soonerMin)} later it fits.`
        : 'See what doesn’t fit, and ways to make it fit.',
    };
  }
  const first = services.reduce((a, b) => (a.atMin <= b.atMin ? a : b));
  const serving = work.day.services.find(({ id }) => id === first.id)?.kind ?? 'plates';
  const ready =
    services.length > 1
      ? `All ${services.length} ready in time`
      : serving === 'plates'
        ? `On the plates at ${at(first.atMin)}`
        : `Ready at ${at(first.atMin)}`;
  const hand =
    soonerMin === undefined || soonerMin === null
      ? ''
      : soonerMin > 0
        ? `, ${spanText(soonerMin)} in hand`
        : ', nothing in hand';
  return {
    title: `${ready}${hand}`,
    says: [
      `Work begins ${at(startsMin)}`,
      over < 0.005
        ? 'as short as it can be'
        : `within ${Math.ceil(100 * over)} % of the least possible`,
      ...(tightest
        ? [
            `tightest: ${tightest.name} from ${at(tightest.fromMin)} to ${write(tightest.toMin, 'timeOfDay')}`,
          ]
        : []),
    ].join('; '),
  };
}
