import fc from 'fast-check';
import { dayAfter, dayOf, localMoment, minuteOf, momentAt, spanText, timeOfDay } from './clock';
import { standingMarks, dayMarkSchema, type DayMark } from './marks';

const DATE = '2026-11-27';

describe('the kitchen’s own clock', () => {
  it.each([
    ['2026-11-27T19:00', 1140],
    ['2026-11-27T00:00', 0],
    ['2026-11-28T00:30', 1470],
    ['2026-11-26T23:59', -1],
    // No hour is lost or had twice: a kitchen has no zone.
    ['2026-03-29T03:00', -349_740],
  ])('%s is minute %s', (moment, minute) => {
    expect(minuteOf(moment, DATE)).toBe(minute);
    expect(momentAt(minute, DATE)).toBe(moment);
  });

  it('gives every minute of a century back', () => {
    fc.assert(
      fc.property(fc.integer({ min: -26_000_000, max: 26_000_000 }), (minute) => {
        expect(minuteOf(momentAt(minute, DATE), DATE)).toBe(minute);
      }),
    );
  });

  it.each(['2026-02-30T10:00', '2026-13-01T10:00', '2026-11-31T10:00'])('knows no %s', (moment) => {
    expect(minuteOf(moment, DATE)).toBeNaN();
    expect(() => localMoment('Ready').parse(moment)).toThrow('Ready must be a day there is');
  });

  it.each(['19:00', '2026-11-27 19:00', '2026-11-27T24:00', '2026-11-27T19:00:00', 19])(
    'refuses %s as a moment, by name and by example',
    (moment) => {
      expect(() => localMoment('Ready').parse(moment)).toThrow(
        'Ready must be a moment as 2026-11-27T19:00',
      );
    },
  );

  it('takes a time and a day as they are written, and nothing else', () => {
    expect(timeOfDay('From').parse('09:30')).toBe('09:30');
    expect(() => timeOfDay('From').parse('9:30')).toThrow('From must be a time as 19:00');
    expect(() => timeOfDay('From').parse('25:00')).toThrow('From must be a time');
    expect(dayOf('Day').parse('2028-02-29')).toBe('2028-02-29');
    expect(() => dayOf('Day').parse('2027-02-29')).toThrow('Day must be a day as 2026-11-27');
  });

  it.each([
    [DATE, 1, '2026-11-28'],
    [DATE, 4, '2026-12-01'],
    ['2028-02-28', 1, '2028-02-29'],
    ['2026-01-01', -1, '2025-12-31'],
  ])('%s and %s days is %s', (date, days, other) => {
    expect(dayAfter(date, days)).toBe(other);
  });

  it.each([
    [0, '0 min'],
    [59.4, '59 min'],
    [59.6, '1 h'],
    [95, '1 h 35'],
    [120, '2 h'],
    [-65, '1 h 05'],
  ])('says a stretch of %s as %s', (minutes, text) => {
    expect(spanText(minutes)).toBe(text);
  });
});

describe('marks of a day', () => {
  const id = (n: number) => `018f0000-0000-7000-8000-${String(n).padStart(12, '0')}`;
  const mark = (n: number, minute: number, task = 'knead'): DayMark => ({
    id: id(n),
    at: `2026-11-27T10:${String(minute).padStart(2, '0')}:00Z`,
    kind: 'begun',
    task,
  });
  const back = (n: number, of: number): DayMark => ({
    id: id(n),
    at: '2026-11-27T11:00:00Z',
    kind: 'takenBack',
    mark: id(of),
  });
  const left = (...marks: DayMark[]) => standingMarks(marks).map((each) => each.id);

  it('stand each once, by their time, in whatever order they came', () => {
    const all = [mark(3, 30), mark(1, 10), mark(2, 20), mark(1, 10)];
    expect(left(...all)).toEqual([id(1), id(2), id(3)]);
    expect(left(...all.reverse())).toEqual([id(1), id(2), id(3)]);
  });

  it('stand no more once they are taken back, though that came first', () => {
    expect(left(mark(1, 10), mark(2, 20), back(3, 1))).toEqual([id(2)]);
    expect(left(back(3, 1), mark(1, 10))).toEqual([]);
    expect(left(back(3, 9))).toEqual([]);
  });

  it('of one moment have an order of their own', () => {
    expect(left(mark(2, 10, 'roll'), mark(1, 10))).toEqual([id(1), id(2)]);
  });

  it('are refused by name where they are no marks', () => {
    const good = mark(1, 10);
    expect(dayMarkSchema.parse(good)).toEqual(good);
    for (const [change, says] of [
      [{ id: 'one' }, 'Mark id must be a UUID'],
      [{ at: '10:00' }, 'Time must be as 2026-11-27T17:05:00Z'],
      [{ task: '' }, 'Task must be text of 1 to 160 characters'],
      [{ by: 'x'.repeat(61) }, 'Cook must be text of 1 to 60 characters'],
    ] as const) {
      expect(() => dayMarkSchema.parse({ ...good, ...change })).toThrow(says);
    }
  });
});
