/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import type { RunEvent } from '@/core/run/events';
import { eventsFrom } from '@/core/testing/kitchens';
import { outbox, type Kept } from './outbox';
import { useRun } from './useRun';

const RUN = '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001';

/** What this device keeps, in a list in place of its database. */
let box: Kept[] = [];
jest.mock('./outbox', () => ({
  outbox: Object.fromEntries(
    ['add', 'seen', 'of', 'waiting', 'sent', 'refuse', 'refused'].map((name) => [name, jest.fn()]),
  ),
}));

/** What the server has, and whether it can be reached. */
let server: RunEvent[] = [];
let answers: 'well' | 'not at all' | 'shut' | 'refuses' = 'well';

beforeEach(() => {
  box = [];
  server = [];
  answers = 'well';
  jest.mocked(outbox.add).mockImplementation(async (run, events) => {
    box.push(...events.map((event) => ({ run, event, sent: 0 as const })));
  });
  jest.mocked(outbox.seen).mockImplementation(async (run, events) => {
    const known = new Set(box.map(({ event }) => event.id));
    for (const event of events.filter(({ id }) => !known.has(id))) {
      box.push({ run, event, sent: 1, elsewhere: true });
    }
  });
  jest.mocked(outbox.of).mockImplementation(async () => box);
  jest.mocked(outbox.waiting).mockImplementation(async () => box.filter(({ sent }) => sent === 0));
  jest.mocked(outbox.sent).mockImplementation(async (kept) => {
    const ids = new Set(kept.map(({ event }) => event.id));
    box = box.map((each) => (ids.has(each.event.id) ? { ...each, sent: 1 } : each));
  });
  jest.mocked(outbox.refuse).mockImplementation(async ({ event }) => {
    box = box.map((each) => (each.event.id === event.id ? { ...each, sent: 2 } : each));
  });
  jest.mocked(outbox.refused).mockImplementation(async () => box.filter(({ sent }) => sent === 2));
  globalThis.fetch = jest.fn(async (url: string, init?: RequestInit) => {
    if (answers === 'not at all') throw new TypeError('Failed to fetch');
    if (answers === 'shut') return { ok: false, status: 401 } as Response;
    if (init?.method === 'POST') {
      if (answers === 'refuses') return { ok: false, status: 400 } as Response;
      const { events } = JSON.parse(init.body as string) as { events: RunEvent[] };
      const known = new Set(server.map(({ id }) => id));
      server.push(...events.filter(({ id }) => !known.has(id)));
      return { ok: true, status: 200 } as Response;
    }
    const after = Number(/after=(\d+)/.exec(url)![1]);
    const body = { events: server.slice(after), last: server.length };
    return { ok: true, status: 200, json: async () => body } as Response;
  }) as unknown as typeof fetch;
});

async function atRun(events: readonly RunEvent[] = []) {
  const view = renderHook(() => useRun(RUN, { events, last: 0 }, 'Runa'));
  await act(() => Promise.resolve());
  return {
    now: () => view.result.current,
    unmount: view.unmount,
    /** Until everything that was under way has answered. */
    settled: () => act(async () => void (await new Promise((done) => setTimeout(done, 0)))),
  };
}

describe('a tap at the bench', () => {
  it('counts at once, is kept on the device, and goes up with who tapped it', async () => {
    const { now, settled } = await atRun();
    act(() => now().happen({ kind: 'sheetDone', pieces: 16, torn: false }));
    expect(now().state.pieces).toBe(16);
    expect(now().waiting).toBe(1);
    await settled();
    expect(server).toMatchObject([{ kind: 'sheetDone', pieces: 16, by: 'Runa' }]);
    expect([now().waiting, now().line]).toEqual([0, 'up']);
  });

  it('waits while the line is down, and goes up once it is back, in its order', async () => {
    const { now, settled } = await atRun();
    answers = 'not at all';
    act(() => now().happen({ kind: 'counted', pieces: 3 }));
    await settled();
    act(() => now().happen({ kind: 'counted', pieces: 5 }));
    await settled();
    expect([now().line, now().waiting, now().state.pieces]).toEqual(['down', 2, 5]);
    answers = 'well';
    act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(() => expect(now().waiting).toBe(0));
    expect(server.map((event) => event.kind === 'counted' && event.pieces)).toEqual([3, 5]);
  });

  it('is told from one that this device may not make', async () => {
    const { now, settled } = await atRun();
    answers = 'shut';
    act(() => now().happen({ kind: 'begun' }));
    await settled();
    expect(now().line).toBe('shut');
    expect(box).toHaveLength(1);
  });

  it('that the kitchen will not take is counted here, kept, and said', async () => {
    const { now, settled } = await atRun();
    answers = 'refuses';
    act(() => now().happen({ kind: 'counted', pieces: 7 }));
    await settled();
    expect([now().refused, now().waiting, now().state.pieces]).toEqual([1, 0, 7]);
    answers = 'well';
    act(() => now().happen({ kind: 'counted', pieces: 9 }));
    await settled();
    expect([now().refused, now().line, server.length]).toEqual([1, 'up', 1]);
  });

  it('goes up by itself where nothing can be kept here, and the page is told', async () => {
    jest.mocked(outbox.add).mockRejectedValue(new Error('private window'));
    const { now, settled } = await atRun();
    act(() => now().happen({ kind: 'counted', pieces: 7 }));
    await settled();
    expect(now().kept).toBe(false);
    expect(server).toMatchObject([{ kind: 'counted', pieces: 7 }]);
    expect(now().waiting).toBe(0);
  });

  it('is there again after a reload, sent or not', async () => {
    answers = 'not at all';
    const first = await atRun();
    act(() => first.now().happen({ kind: 'counted', pieces: 9 }));
    await first.settled();
    first.unmount();
    const second = await atRun();
    await second.settled();
    expect(second.now().state.pieces).toBe(9);
    expect(second.now().waiting).toBe(1);
  });

  it('is taken back with all that it said', async () => {
    const { now, settled } = await atRun();
    act(() =>
      now().happen(
        { kind: 'weighed', what: 'doughLeft', g: 40 },
        { kind: 'left', what: 'dough', g: 40 },
      ),
    );
    await settled();
    expect(
      now()
        .lastHere.map(({ kind }) => kind)
        .sort(),
    ).toEqual(['left', 'weighed']);
    act(() => now().takeBack());
    await settled();
    expect(now().state.left.doughG).toBeNull();
    expect(now().lastHere).toEqual([]);
  });

  it('leaves alone what others tapped, and sees it', async () => {
    const others = eventsFrom([{ kind: 'counted', pieces: 12 }]);
    const { now, settled } = await atRun(others);
    expect(now().state.pieces).toBe(12);
    expect(now().lastHere).toEqual([]);
    server = [...others, ...eventsFrom([{ kind: 'counted', pieces: 20 }], 2)];
    act(() => void window.dispatchEvent(new Event('online')));
    await settled();
    await waitFor(() => expect(now().state.pieces).toBe(20));
  });

  it('seen of another device still counts after a reload without a line, and is not taken back here', async () => {
    const first = await atRun();
    act(() => first.now().happen({ kind: 'sheetDone', pieces: 16, torn: false }));
    await first.settled();
    server.push(...eventsFrom([{ kind: 'sheetDone', pieces: 24, torn: false }], 2));
    await waitFor(() => expect(first.now().state.pieces).toBe(40), { timeout: 4000 });
    await first.settled();
    first.unmount();
    answers = 'not at all';
    const { now, settled } = await atRun();
    await settled();
    expect(now().state.pieces).toBe(40);
    expect(now().waiting).toBe(0);
    act(() => now().takeBack());
    expect(now().state.pieces).toBe(24);
    expect(now().lastHere).toEqual([]);
  });
});
