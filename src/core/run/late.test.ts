import { startingBasis } from '../basis/basis';
import { evaluatePlan } from '../plan/evaluatePlan';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import { figureText } from '../units/format';
import { METRIC } from '../units/units';
import type { Happening } from './events';
import { foldRun } from './fold';
import { lateAt } from './late';

const plan = planWith({ batch: { ...planWith().batch, portions: 24 } });
const result = evaluatePlan(plan, startingBasis);
const write = (value: number, unit: 'min') => figureText(value, unit, METRIC);

/** What is late so many minutes after the first thing happened. */
const late = (minutes: number, ...happenings: Happening[]) => {
  const events = eventsFrom(happenings);
  const nowMs = Date.parse(events[0]!.at) + minutes * 60_000;
  return lateAt(result, foldRun(events), nowMs, write as never);
};
const ids = (minutes: number, ...happenings: Happening[]) =>
  late(minutes, ...happenings).map(({ id }) => id);

const clock = (timer: 'open' | 'cool' | 'boil' | 'hold' | 'rest', minutes: number): Happening => ({
  kind: 'timerSet',
  timer,
  minutes,
});
const sheet: Happening = { kind: 'sheetDone', pieces: 12, torn: false };

describe('what runs late', () => {
  it('is an open sheet once its clock is over, and not before', () => {
    expect(ids(9, clock('open', 10))).toEqual([]);
    expect(ids(10, clock('open', 10))).toEqual(['sheet']);
    const [said] = late(12, clock('open', 10));
    expect(said!.says).toMatch(/Damp the edges/);
  });

  it('is the first tray as its hour on the bench nears, said in minutes', () => {
    expect(ids(47, sheet)).toEqual([]);
    expect(ids(48, sheet)).toEqual(['trays']);
    expect(late(55, sheet)[0]!.says).toContain('has stood 55 min');
    // In the cold, or in the pot, it stands no longer on the bench.
    expect(ids(55, sheet, clock('hold', 240))).toEqual([]);
    expect(ids(55, sheet, { kind: 'stepDone', step: 'hold' })).toEqual([]);
    expect(ids(55, sheet, { kind: 'roundDone', pieces: 12 })).toEqual([]);
  });

  it('is no tray of a sheet that tore, or that gave nothing', () => {
    expect(ids(90, { ...sheet, torn: true } as Happening)).toEqual([]);
    expect(ids(90, { ...sheet, pieces: 0 } as Happening)).toEqual([]);
  });

  it('is a filling that should be cold, until it is said to be', () => {
    expect(ids(31, clock('cool', 30))).toEqual(['filling']);
    expect(late(31, clock('cool', 30))[0]!.says).toContain('local food codes come first');
    expect(ids(31, clock('cool', 30), { kind: 'stepDone', step: 'cool' })).toEqual([]);
  });

  it('is a round in the pot half a minute after its time', () => {
    expect(ids(3.4, clock('boil', 3))).toEqual([]);
    expect(ids(3.6, clock('boil', 3))).toEqual(['pot']);
  });

  it('is all of it at once, in the order of the work, and nothing of a clock that is no limit', () => {
    const all = [clock('open', 10), sheet, clock('cool', 30), clock('boil', 3)];
    expect(ids(90, ...all)).toEqual(['sheet', 'trays', 'filling', 'pot']);
    expect(ids(90, clock('rest', 30))).toEqual([]);
  });

  it('is nothing once the batch is closed or given up', () => {
    expect(ids(90, clock('open', 10), sheet, { kind: 'finished' })).toEqual([]);
    expect(ids(90, clock('open', 10), { kind: 'abandoned', why: '' })).toEqual([]);
  });
});
