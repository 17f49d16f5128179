import fc from 'fast-check';
import { seeded } from '../testing/kitchens';
import { readLine } from './lines';
import { NO_FAULTS, simulatedLines, STARTING_BENCH } from './simulated';
import { takeStep, WAITING, type Taking } from './take';
import { NOTHING_SEEN, readingOf, watchLine, type Watch } from './watch';

const scale = (n: number, g: number) => JSON.stringify({ v: 1, device: 'scale', id: 'a', n, g });

const steady = (g: number, { from = 1, atMs = 0, watch = NOTHING_SEEN as Watch } = {}) =>
  Array.from({ length: 8 }, (_, i) => i).reduce(
    (seen, i) => watchLine(seen, scale(from + i, g), atMs + 200 * i),
    watch,
  );

describe('a line', () => {
  it('is read', () => {
    expect(readLine(scale(3, 412.4)).line).toMatchObject({ device: 'scale', g: 412.4, n: 3 });
  });

  it.each([
    ['', 'not JSON'],
    ['{"v":1,"device":"scale","id":"a","n":1,"g":41', 'not JSON'],
    ['{"v":2,"device":"scale","id":"a","n":1,"g":4}', 'v must be 1'],
    [
      '{"v":1,"device":"scale","id":"a","n":1,"g":1e9}',
      'g must be a number from -5000 to 200000 g',
    ],
    [`"${'x'.repeat(500)}"`, 'longer than a line is'],
  ])('%j is none: %s', (text, error) => expect(readLine(text).error).toContain(error));

  it('whatever comes never throws', () => {
    fc.assert(fc.property(fc.string(), (text) => void readLine(text)));
    fc.assert(fc.property(fc.json(), (text) => void readLine(text)));
  });
});

describe('what came in', () => {
  it('is steady when it holds still, and gone when it falls silent', () => {
    const watch = steady(400);
    expect(readingOf(watch, 'scale', 1400)).toEqual({ value: 400, steady: true });
    expect(readingOf(watch, 'scale', 6000)).toBeNull();
    expect(readingOf(watchLine(watch, scale(9, 430), 1600), 'scale', 1600)?.steady).toBe(false);
    expect(readingOf(watchLine(NOTHING_SEEN, scale(1, 400), 0), 'scale', 0)?.steady).toBe(false);
  });

  it('counts bad, late and repeated lines, and trusts none of them', () => {
    const watch = [scale(4, 999), scale(8, 999), 'rubbish', '{}'].reduce(
      (seen, line) => watchLine(seen, line, 1500),
      steady(400),
    );
    expect(watch).toMatchObject({ good: 8, stale: 2, bad: 2 });
    expect(readingOf(watch, 'scale', 1500)?.value).toBe(400);
  });

  it('a device that was gone may begin again', () => {
    const watch = watchLine(steady(400), scale(1, 50), 20_000);
    expect(watch).toMatchObject({ good: 9, stale: 0 });
  });
});

describe('taking a weight', () => {
  it('takes it once when it is steady in the band, and again only after the pan was changed', () => {
    const readings = [
      { value: 100, steady: true },
      { value: 398, steady: false },
      { value: 401, steady: true },
      { value: 401, steady: true },
      { value: 400, steady: true },
      null,
      { value: 401, steady: true },
      { value: 0, steady: true },
      { value: 399, steady: true },
    ];
    let taking: Taking = WAITING;
    const taken = readings.flatMap((reading) => {
      const step = takeStep(taking, reading, 400);
      taking = step.taking;
      return step.take ?? [];
    });
    expect(taken).toEqual([401, 399]);
  });

  it('never takes twice in a row, whatever the pan does', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ value: fc.integer({ min: 380, max: 420 }), steady: fc.boolean() })),
        (readings) => {
          let taking: Taking = WAITING;
          let outside = true;
          for (const reading of readings) {
            const step = takeStep(taking, reading, 400);
            if (step.take !== null) {
              expect(outside).toBe(true);
              outside = false;
            }
            if (Math.abs(reading.value - 400) > 8) outside = true;
            taking = step.taking;
          }
        },
      ),
    );
  });
});

describe('simulated devices', () => {
  const play = (faults: Partial<typeof NO_FAULTS>, moments = 300) => {
    const next = seeded(5);
    let watch = NOTHING_SEEN;
    for (let n = 1; n <= moments; n += 1) {
      const bench = { ...STARTING_BENCH, panG: 400 };
      const lines = simulatedLines(
        bench,
        { ...NO_FAULTS, ...faults },
        { n, elapsedS: n / 5, next },
      );
      for (const line of lines) watch = watchLine(watch, line, 200 * n);
    }
    return { watch, reading: readingOf(watch, 'scale', 200 * moments) };
  };

  it('say that they are simulated', () => {
    expect(play({}, 1).watch.devices.scale?.id).toBe('simulated-scale');
  });

  it('a steady pan is read through noise, drops, repeats and rubbish', () => {
    const { watch, reading } = play({ noise: true, drops: true, garbage: true, repeats: true });
    expect(reading!.value).toBeGreaterThan(398);
    expect(reading!.value).toBeLessThan(402);
    expect(watch.bad).toBeGreaterThan(20);
    expect(watch.stale).toBeGreaterThan(20);
  });

  it('a filling cools toward the room', () => {
    const at = (cooledS: number) =>
      simulatedLines({ ...STARTING_BENCH, cooledS }, NO_FAULTS, {
        n: 1,
        elapsedS: 0,
        next: () => 0.5,
      })
        .map((line) => readLine(line).line)
        .find((line) => line?.device === 'probe');
    expect(at(0)).toMatchObject({ c: 80 });
    expect(at(900)).toMatchObject({ c: 43.3 });
  });

  it('unplugged, they say nothing', () => {
    expect(play({ unplugged: true }).reading).toBeNull();
  });
});
