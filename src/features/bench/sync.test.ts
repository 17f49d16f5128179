import fc from 'fast-check';
import { eventsFrom } from '@/core/testing/kitchens';
import type { RunEvent } from '@/core/run/events';
import type { Kept, Outbox } from './outbox';
import { say } from '@/ui/layout/say';
import { sendFromAnywhere } from './sendFromAnywhere';
import { nextLoad, sendWaiting, serverOf, type Server } from './sync';

jest.mock('@/ui/layout/say', () => ({ say: jest.fn() }));

/** An outbox in memory, as the browser's own keeps it. */
function boxOf(): Outbox & { readonly kept: Kept[] } {
  const kept: Kept[] = [];
  const mark = (done: readonly Kept[], sent: Kept['sent']) => {
    for (const each of done) kept[kept.findIndex(({ n }) => n === each.n)] = { ...each, sent };
    return Promise.resolve();
  };
  return {
    kept,
    add(run, events) {
      for (const event of events) kept.push({ n: kept.length + 1, run, event, sent: 0 });
      return Promise.resolve();
    },
    of: (run) => Promise.resolve(kept.filter((each) => each.run === run)),
    waiting: (run) => Promise.resolve(kept.filter((each) => each.run === run && each.sent === 0)),
    sent: (done) => mark(done, 1),
    refuse: (each) => mark([each], 2),
    refused: (run) => Promise.resolve(kept.filter((each) => each.run === run && each.sent === 2)),
    seen: () => Promise.resolve(),
    runsWaiting: () =>
      Promise.resolve([...new Set(kept.filter(({ sent }) => sent === 0).map(({ run }) => run))]),
  };
}

/** A server that takes events once each, behind a line that may fail before or after it took them. */
function serverBehind(fails: () => 'before' | 'after' | false) {
  const taken: RunEvent[] = [];
  const server: Server = {
    send(events) {
      const how = fails();
      if (how === 'before') return Promise.reject(new Error('down'));
      for (const event of events) {
        if (!taken.some(({ id }) => id === event.id)) taken.push(event);
      }
      return how === 'after' ? Promise.reject(new Error('down')) : Promise.resolve('taken');
    },
    after: () => Promise.resolve({ events: [], last: 0 }),
  };
  return { server, taken };
}

const taps = eventsFrom(
  Array.from({ length: 40 }, (_, i) => ({ kind: 'sheetDone' as const, pieces: i, torn: false })),
);

it('over 200 random cuts of the line no tap is lost, none counts twice, and they arrive in order', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.constantFrom('before' as const, 'after' as const, false as const), {
        minLength: 5,
        maxLength: 60,
      }),
      fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 3, maxLength: 12 }),
      async (cuts, groups) => {
        const box = boxOf();
        let at = 0;
        const { server, taken } = serverBehind(() => cuts[at++] ?? false);
        let next = 0;
        for (const size of groups) {
          await box.add('r', taps.slice(next, next + size));
          next += size;
          await sendWaiting('r', box, server);
        }
        // The line comes back at last.
        for (let i = 0; i < cuts.length + 1; i += 1) await sendWaiting('r', box, server);
        const sent = taps.slice(0, next).map(({ id }) => id);
        expect(taken.map(({ id }) => id)).toEqual(sent);
        expect(await box.waiting('r')).toEqual([]);
      },
    ),
    { numRuns: 200 },
  );
});

it('says how the line stands and how many wait', async () => {
  const box = boxOf();
  await box.add('r', taps.slice(0, 3));
  const down = serverBehind(() => 'before');
  expect(await sendWaiting('r', box, down.server)).toEqual({ line: 'down', waiting: 3 });
  const up = serverBehind(() => false);
  expect(await sendWaiting('r', box, up.server)).toEqual({ line: 'up', waiting: 0 });
  expect(up.taken).toHaveLength(3);
});

it('one event the server will never take does not hold up the others, and is kept as such', async () => {
  const box = boxOf();
  await box.add('r', taps.slice(0, 5));
  const taken: string[] = [];
  const bad = taps[2]!.id;
  const server: Server = {
    send(events) {
      if (events.some(({ id }) => id === bad)) return Promise.resolve('refused');
      taken.push(...events.map(({ id }) => id));
      return Promise.resolve('taken');
    },
    after: () => Promise.resolve({ events: [], last: 0 }),
  };
  expect(await sendWaiting('r', box, server)).toEqual({ line: 'up', waiting: 0 });
  expect(taken).toEqual(taps.slice(0, 5).flatMap(({ id }) => (id === bad ? [] : id)));
  expect((await box.refused('r')).map(({ event }) => event.id)).toEqual([bad]);
  // Alone in its load as well.
  const alone = boxOf();
  await alone.add('r', [taps[2]!]);
  await sendWaiting('r', alone, server);
  expect(await alone.refused('r')).toHaveLength(1);
});

it('a picture goes nearly alone', () => {
  const picture = (n: number): Kept => ({
    n,
    run: 'r',
    sent: 0,
    event: {
      ...taps[0]!,
      id: `00000000-0000-4000-8000-00000000000${n}`,
      kind: 'pictured',
      image: `data:image/jpeg;base64,${'A'.repeat(159_000)}`,
    } as RunEvent,
  });
  expect(nextLoad([picture(1), picture(2), picture(3)])).toHaveLength(1);
  const many = Array.from({ length: 100 }, (_, n): Kept => ({
    n,
    run: 'r',
    sent: 0,
    event: taps[0]!,
  }));
  expect(nextLoad(many)).toHaveLength(60);
});

it.each([
  [401, 'shut'],
  [403, 'shut'],
  [404, 'gone'],
  [429, 'down'],
  [503, 'down'],
] as const)('a server that answers %i loses no tap, and the line is %s', async (status, line) => {
  const fetched = jest
    .spyOn(globalThis, 'fetch')
    .mockImplementation(() => Promise.resolve(new Response('{}', { status })));
  const box = boxOf();
  await box.add('r', taps.slice(0, 3));
  expect(await sendWaiting('r', box, serverOf('r'))).toEqual({ line, waiting: 3 });
  fetched.mockRestore();
});

describe('taps that wait, from any page', () => {
  const words = () => jest.mocked(say).mock.calls.map(([message]) => message);
  const answering = (answers: Readonly<Record<string, number>>) =>
    jest
      .spyOn(globalThis, 'fetch')
      .mockImplementation((url) =>
        Promise.resolve(
          new Response('{}', { status: answers[/runs\/(\w+)\//.exec(url as string)![1]!]! }),
        ),
      );
  beforeEach(() => jest.mocked(say).mockClear());
  afterEach(() => jest.restoreAllMocks());

  it('are sent, of every batch, and it is said how many', async () => {
    const box = boxOf();
    await box.add('a', taps.slice(0, 2));
    await box.add('b', taps.slice(2, 3));
    answering({ a: 200, b: 200 });
    expect(await sendFromAnywhere(false, box)).toBe(false);
    expect(words()).toEqual(['3 taps from a bench sent.']);
    expect(await box.runsWaiting()).toEqual([]);
  });

  it('are kept where they are not taken, each with what can be done, said once', async () => {
    const box = boxOf();
    for (const [at, run] of ['gone', 'shut', 'down', 'bad'].entries()) {
      await box.add(run, [taps[at]!]);
    }
    answering({ gone: 404, shut: 401, down: 503, bad: 400 });
    expect(await sendFromAnywhere(false, box)).toBe(true);
    expect(words()).toEqual([
      'One tap from a bench: the kitchen no longer has the batch.',
      'One tap from a bench cannot be sent: sign in as someone who may.',
      'One tap from a bench still on this device: no connection.',
      'One tap from a bench: the kitchen did not take it.',
    ]);
    const offers = jest.mocked(say).mock.calls.map(([, { offer } = {}]) => offer?.label);
    expect(offers).toEqual(['Save as a file', undefined, undefined, 'Save as a file']);
    expect(box.kept).toHaveLength(4);
    jest.mocked(say).mockClear();
    expect(await sendFromAnywhere(true, box)).toBe(true);
    expect(words()).toEqual([]);
  });
});
