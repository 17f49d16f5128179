import type { RunEvent } from '@/core/run/events';
import type { Kept, Outbox } from './outbox';

/** How the line stands: up, down, up to a server that does not let this device in, or to one without the batch. */
export type Line = 'up' | 'down' | 'shut' | 'gone';

/** The server answered, and this device may not: its session is over, or its key is for looking. */
class ShutError extends Error {}

/** The server answered, and has no such batch any more. */
class GoneError extends Error {}

/** How the line stands after something over it failed. */
export const lineAfter = (error: unknown): Line =>
  error instanceof ShutError ? 'shut' : error instanceof GoneError ? 'gone' : 'down';

/** @throws ShutError, GoneError, or Error for any other answer that is none */
function checkLet(response: Response): void {
  if (response.status === 401 || response.status === 403) throw new ShutError();
  if (response.status === 404) throw new GoneError();
  if (!response.ok) throw new Error(`The server answers ${response.status}`);
}

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
 * that fails stays and is tried again later: sent twice, it still counts once. One that the server will never take
 * is kept as such.
 * @returns how the line stood, and how many still wait
 */
export async function sendWaiting(
  run: string,
  box: Pick<Outbox, 'waiting' | 'sent' | 'refuse'>,
  server: Server,
): Promise<{ line: Line; waiting: number }> {
  for (;;) {
    const waiting = await box.waiting(run);
    if (waiting.length === 0) return { line: 'up', waiting: 0 };
    const load = nextLoad(waiting);
    let answer: 'taken' | 'refused';
    try {
      answer = await server.send(load.map(({ event }) => event));
    } catch (error) {
      return { line: lineAfter(error), waiting: waiting.length };
    }
    if (answer === 'taken') {
      await box.sent(load);
      continue;
    }
    // A load that is refused goes up one by one, so that one bad event does not hold up the others.
    for (const kept of load) {
      let alone: 'taken' | 'refused';
      try {
        alone = load.length === 1 ? answer : await server.send([kept.event]);
      } catch (error) {
        return { line: lineAfter(error), waiting: (await box.waiting(run)).length };
      }
      if (alone === 'taken') await box.sent([kept]);
      else await box.refuse(kept);
    }
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
      if (response.status === 400 || response.status === 413) return 'refused';
      checkLet(response);
      return 'taken';
    },
    async after(last) {
      const response = await fetch(`${url}?after=${last}`, { cache: 'no-store' });
      checkLet(response);
      return (await response.json()) as { events: RunEvent[]; last: number };
    },
  };
};
