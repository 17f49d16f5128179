import ICAL from 'ical.js';
import { startingBasis } from '../basis/basis';
import { momentAt } from '../schedule/document/clock';
import { DAY_PLANS, dayWith } from '../schedule/testing/days';
import { blocksOf } from '../schedule/timetable/blocks';
import { solveDay } from '../schedule/timetable/solveDay';
import { dayCalendar } from './calendar';

const day = dayWith([{ id: 'supper', planId: 'ravioli', portions: 12 }], {
  name: 'Supper; for 12, at the hall',
});
const { work, timetable } = solveDay(day, DAY_PLANS, startingBasis, { tries: 100 });
const stamp = new Date('2026-11-20T10:00:00Z');
const events = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents('vevent')
    .map((each) => new ICAL.Event(each));

describe('a day as a calendar', () => {
  it('is read back as it was written: everybody’s work, and the serving', () => {
    const read = events(dayCalendar(work, timetable, { id: 'day', stamp }));
    const blocks = day.people.flatMap(({ id, name }) =>
      blocksOf(timetable, id).map((block) => ({ ...block, name: `${name}: ${block.name}` })),
    );
    expect(read).toHaveLength(blocks.length + 1);
    for (const block of blocks) {
      const event = read.find(
        ({ summary, startDate }) =>
          summary === block.name &&
          startDate.toString().slice(0, 16) === momentAt(block.fromMin, day.date),
      );
      expect(event?.endDate.toString().slice(0, 16)).toBe(momentAt(block.toMin, day.date));
      // The kitchen's own clock, in no zone.
      expect(event?.startDate.zone).toBe(ICAL.Timezone.localTimezone);
    }
    expect(read.map(({ summary }) => summary)).toContain('12 × Ravioli');
    expect(new Set(read.map(({ uid }) => uid)).size).toBe(read.length);
  });

  it('is one person’s alone where that is asked for, and folds long lines', () => {
    const text = dayCalendar(work, timetable, { id: 'day', stamp, only: 'ivo' });
    expect(events(text).some(({ summary }) => summary.startsWith('Maren'))).toBe(false);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(text).toContain('NAME:Supper\\; for 12\\, at the hall');
  });
});
