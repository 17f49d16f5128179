import ical, { ICalCalendarMethod } from 'ical-generator';
import type { DayWork } from '../schedule/tasks/work';
import { momentAt } from '../schedule/document/clock';
import { blocksOf } from '../schedule/timetable/blocks';
import type { Timetable } from '../schedule/timetable/timetable';
import { planNames } from '../schedule/timetable/words';

/**
 * A day as an iCalendar file (RFC 5545): an event for each stretch of somebody's work, and for each serving. Times
 * float: they are those of the kitchen's own clock, whatever zone a calendar is read in.
 * @param stamp when it was written
 * @param only one person's, by their id; everybody's when left out
 */
export function dayCalendar(
  work: DayWork,
  timetable: Timetable,
  { id, stamp, only }: { id: string; stamp: Date; only?: string },
): string {
  const { day, services } = work;
  const calendar = ical({
    // The library escapes what events say, not what the calendar is called.
    name: day.name.replace(/\s+/g, ' ').replace(/[\\;,]/g, '\\$&'),
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Mortar Sheet', product: 'Day', language: 'EN' },
  });
  // A date whose UTC figures are those of the kitchen's clock, written without a zone.
  const at = (minute: number) => new Date(`${momentAt(minute, day.date)}:00.000Z`);
  for (const person of day.people) {
    if (only !== undefined && person.id !== only) continue;
    for (const block of blocksOf(timetable, person.id)) {
      calendar.createEvent({
        id: `${id}-${person.id}-${block.id}`.replace(/[^\w-]+/g, '-'),
        stamp,
        floating: true,
        timezone: null,
        start: at(block.fromMin),
        end: at(block.toMin),
        summary: `${person.name}: ${block.name}`,
        description: planNames(work, block.services),
      });
    }
  }
  for (const { service, plan, atMin } of services) {
    calendar.createEvent({
      id: `${id}-${service.id}-serving`.replace(/[^\w-]+/g, '-'),
      stamp,
      floating: true,
      timezone: null,
      start: at(atMin),
      end: at(atMin + Math.max(15, service.overMin ?? 0)),
      summary: `${service.portions} × ${plan.name}`,
    });
  }
  return calendar.toString();
}
