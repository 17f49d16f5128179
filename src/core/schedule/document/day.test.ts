import { startingPantry } from '../../composition/pantry';
import { readDayFile, dayFileOf } from '../../formats/dayFile';
import { dayAfter, minuteOf, momentAt, spanText } from './clock';
import { newDay, parseDay } from './day';
import { startingKitchen } from '../../kitchen/kitchen';
import { DAY_PLANS, supper } from '../testing/days';

describe('the clock', () => {
  it.each([
    ['2026-11-27T19:00', 1140],
    ['2026-11-28T00:05', 1445],
    ['2026-11-26T23:00', -60],
  ])('%s is minute %d of its day, and back', (moment, minute) => {
    expect(minuteOf(moment, '2026-11-27')).toBe(minute);
    expect(momentAt(minute, '2026-11-27')).toBe(moment);
  });

  it('has no days that are not in the calendar', () => {
    expect(minuteOf('2026-02-30T10:00', '2026-02-01')).toBeNaN();
    expect(dayAfter('2026-12-31', 1)).toBe('2027-01-01');
  });

  it('says stretches of time as they are said', () => {
    expect([spanText(40), spanText(60), spanText(95), spanText(-95)]).toEqual([
      '40 min',
      '1 h',
      '1 h 35',
      '1 h 35',
    ]);
  });
});

describe('a day document', () => {
  const document = () =>
    JSON.parse(JSON.stringify(supper())) as Record<string, never> & { services: { at: string }[] };

  it('is read as it was written', () => expect(parseDay(document())).toEqual(supper()));

  it.each([
    [
      'a time of no day',
      { at: '2026-13-01T19:00' },
      /services\[0\]\.at: Time must be a day there is/,
    ],
    ['a time with a zone', { at: '2026-11-27T19:00Z' }, /Time must be a moment as/],
    ['no portions', { portions: 0 }, /Portions must be a whole number from 1 to 5000/],
    ['an unknown kind', { kind: 'buffet' }, /For must be one of: plates, handOver, class/],
    ['a time long after', { at: '2027-11-27T19:00' }, /Time must be from 2026-11-26 to 2026-12-09/],
    ['a field of nothing', { guests: 3 }, /guests/],
  ])('refuses %s, naming the field', (_what, change, says) => {
    const bad = document();
    Object.assign(bad.services[0]!, change);
    expect(() => parseDay(bad)).toThrow(says);
  });

  it('refuses two of one id, and another’s version', () => {
    const bad = document();
    expect(() => parseDay({ ...bad, services: [bad.services[0], bad.services[0]] })).toThrow(
      /Id must be its own/,
    );
    expect(() => parseDay({ ...bad, version: 2 })).toThrow(/newer/);
    expect(() => parseDay(null)).toThrow();
  });

  it('begins with the kitchen’s people and gear', () => {
    const day = newDay(
      { ...startingKitchen, cooks: ['Maren', 'Ivo'] },
      { name: 'Supper', date: '2026-11-27' },
    );
    expect(day.people.map(({ name }) => name)).toEqual(['Maren', 'Ivo']);
    expect(day.gear.pots).toEqual(startingKitchen.pots);
    expect(newDay(startingKitchen, { name: 'x', date: '2026-11-27' }).people).toHaveLength(1);
  });
});

describe('a day file', () => {
  const file = () =>
    dayFileOf({ day: supper(), plans: new Map([['ravioli', DAY_PLANS.get('ravioli')!]]) });

  it('holds all that is needed, and comes back the same', () => {
    const read = readDayFile(JSON.parse(JSON.stringify(file())), { pantry: startingPantry });
    expect(read.day).toEqual(supper());
    expect(read.plans.get('ravioli')).toEqual(DAY_PLANS.get('ravioli'));
  });

  it.each([
    [{ plans: {} }, /services\[0\]\.planId: must be one of the file’s plans, not “ravioli”/],
    [{ plans: { ravioli: 'plan.json' } }, /plans\.ravioli: must be a plan document/],
    [{ plans: { ravioli: { format: 'x' } } }, /plans\.ravioli\.format/],
    [{ plans: [] }, /plans/],
    [[], /day: must be an object/],
  ])('refuses %j with its reason', (change, says) => {
    expect(() =>
      readDayFile(Array.isArray(change) ? change : { ...file(), ...change }, {
        pantry: startingPantry,
      }),
    ).toThrow(says);
  });
});
