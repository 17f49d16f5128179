import type { RunEvent } from '@/core/run/events';
import type { Kept, Outbox } from './outbox';

/** How the line stands. */
export type Line = 'up' | 'down';

/** What the server answers. */
export interface Server {
  /** @throws when the line is down; `refused` when the server will never take them */
  send(events: readonly RunEvent[]): Promise<'taken' | 'refused'>;
  after(last: number): Promise<{ events: readonly RunEvent[]; last: number }>;
}

/** Events that go up in one request: a picture goes nearly alone. */
const TOGETHER = 60;
const MOST_CHARACTERS = 300_000;

/** The first of what waits that fit one request, in their order. */
export function nextLoad(waiting: readonly Kept[]): readonly Kept[] {
  let size = 0;
  const load: Kept[] = [];
  for (const kept of waiting) {
    size += JSON.stringify(kept.event).length;
    if (load.length > 0 && (size > MOST_CHARACTERS || load.length >= TOGETHER)) break;
    load.push(kept);
  }
  return load;
}

/**
 * Sends what waits in the order it was tapped, a load at a time, each marked once the server has it. One
 * that fails stays and is tried again later: sent twice, it still counts once.
 * @returns how the line stood, and how many still wait
 */
export async function sendWaiting(
  run: string,
  box: Outbox,
  server: Server,
): Promise<{ line: Line; waiting: number }> {
  for (;;) {
    const waiting = await box.waiting(run);
    if (waiting.length === 0) return { line: 'up', waiting: 0 };
    const load = nextLoad(waiting);
    let answer: 'taken' | 'refused';
    try {
      answer = await server.send(load.map(({ event }) => event));
    } catch {
      return { line: 'down', waiting: waiting.length };
    }
    // A load that is refused goes up one by one, so that one bad event does not hold up the others.
    if (answer === 'refused' && load.length > 1) {
      for (const kept of load) {
        try {
          await server.send([kept.event]);
        } catch {
          return { line: 'down', waiting: (await box.waiting(run)).length };
        }
        await box.sent([kept]);
      }
    } else await box.sent(load);
  }
}

/** The server of this product, over its routes. */
export const serverOf = (run: string): Server => {
  const url = `/api/runs/${encodeURIComponent(run)}/events`;
  return {
    async send(events) {
      const response = await fetch(url, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ events }),
      });
      if (response.ok) return 'taken';
      if (response.status === 400 || response.status === 413) return 'refused';
      throw new Error(`The server answers ${response.status}`);
    },
    async after(last) {
      const response = await fetch(`${url}?after=${last}`, { cache: 'no-store' });
      if (!response.ok) throw new Error(`The server answers ${response.status}`);
      return (await response.json()) as { events: RunEvent[]; last: number };
    },
  };
};
