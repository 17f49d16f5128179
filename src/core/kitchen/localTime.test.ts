import { eventsFrom } from '../testing/kitchens';
import { foldRun, madeOnOf } from '../run/fold';
import { dayIn, localMomentIn, timeZoneSchema } from './localTime';

describe('a kitchen’s own clock', () => {
  const halfPastSeven = new Date('2026-12-02T00:30:00Z');

  it.each([
    ['America/Bogota', '2026-12-01T19:30'],
    ['UTC', '2026-12-02T00:30'],
    ['Pacific/Auckland', '2026-12-02T13:30'],
    ['Asia/Kolkata', '2026-12-02T06:00'],
  ])('%s', (zone, moment) => {
    expect(localMomentIn(halfPastSeven, zone)).toBe(moment);
    expect(dayIn(halfPastSeven, zone)).toBe(moment.slice(0, 10));
  });

  it('follows summer time', () => {
    expect(localMomentIn(new Date('2026-07-01T12:00:00Z'), 'Europe/Oslo')).toBe('2026-07-01T14:00');
    expect(localMomentIn(new Date('2026-12-01T12:00:00Z'), 'Europe/Oslo')).toBe('2026-12-01T13:00');
  });

  it('takes zones there are, and says what one is', () => {
    expect(timeZoneSchema.safeParse('Europe/Oslo').success).toBe(true);
    expect(timeZoneSchema.safeParse('Nowhere/None').error?.issues[0]?.message).toBe(
      'Time zone must be one such as Europe/Oslo',
    );
  });

  it('logs a supper begun in the evening on its own day, and as it was written down otherwise', () => {
    const [begun] = eventsFrom([{ kind: 'begun' }]);
    const at = { ...begun!, at: halfPastSeven.toISOString() };
    expect(madeOnOf(foldRun([at]), 'America/Bogota')).toBe('2026-12-01');
    expect(madeOnOf(foldRun([at]), 'UTC')).toBe('2026-12-02');
    const [finished] = eventsFrom([{ kind: 'finished', madeOn: '2026-11-30' }]);
    expect(madeOnOf(foldRun([at, { ...finished!, at: '2026-12-02T02:00:00.000Z' }]), 'UTC')).toBe(
      '2026-11-30',
    );
    expect(madeOnOf(foldRun([]), 'UTC')).toBeNull();
  });
});
