/** Bad requests to every route, page and action of a server that runs: none may be answered by 500. */
import { randomUUID } from 'node:crypto';
import { spawn } from 'node:child_process';
import { startingKitchen } from '../../src/core/kitchen/kitchen';
import { newDay } from '../../src/core/schedule/document/day';
import { startingPlans } from '../../src/core/plan/starting/startingPlans';
import { scribbled, spoilt } from '../../src/server/testing/hardness/badInputs';
import { filledKitchen } from '../../src/server/testing/kitchenFile';
import { quietEnv } from '../setup.mjs';

const PORT = 4188;
const ORIGIN = `http://127.0.0.1:${PORT}`;

/** What came of them. */
export interface BadRequests {
  readonly tried: number;
  readonly refused: number;
  /** Answered by 500 or more, or not at all: how each was asked. */
  readonly failed: readonly string[];
}

type Random = () => number;
type Asked = readonly [method: string, path: string, body?: string, type?: string];

const pick = <T>(random: Random, from: readonly T[]): T =>
  from[Math.floor(random() * from.length)]!;

const JSON_TYPE = 'application/json';
const plan = startingPlans.ravioliSquare;
const day = newDay(startingKitchen, { name: 'A day', date: '2026-11-27' });
const event = () => ({ id: randomUUID(), at: '2026-11-24T09:00:00Z', kind: 'counted', pieces: 4 });

/** Ways to ask, each spoilt anew. */
const ASKED: readonly ((random: Random) => Asked)[] = [
  (random) => ['POST', '/api/plans', JSON.stringify(spoilt(plan, random)), JSON_TYPE],
  (random) => [
    'PUT',
    '/api/plans/a',
    JSON.stringify(spoilt({ plan, baseEdition: 1, sitting: 's' }, random)),
    JSON_TYPE,
  ],
  (random) => [
    'PUT',
    '/api/kitchen',
    JSON.stringify(spoilt({ kitchen: startingKitchen, baseEdition: 1 }, random)),
    JSON_TYPE,
  ],
  (random) => [
    'POST',
    '/api/runs/run-1/events',
    JSON.stringify(spoilt({ events: [event(), event()] }, random)),
    JSON_TYPE,
  ],
  (random) => [
    'PUT',
    '/api/days/day-1',
    JSON.stringify(spoilt({ day, baseEdition: 1 }, random)),
    JSON_TYPE,
  ],
  (random) => [
    'POST',
    '/api/days/day-1/marks',
    JSON.stringify(spoilt({ marks: [{ ...event(), kind: 'done', task: 'a' }] }, random)),
    JSON_TYPE,
  ],
  (random) => [
    'GET',
    `/api/days/day-1/${pick(random, ['sheets', 'card', 'calendar'])}?${scribbled('sheet=people&service=s&person=p1', random)}`,
  ],
  (random) => ['POST', '/api/devices', scribbled('{"lines":["{}"]}', random), JSON_TYPE],
  (random) => ['POST', '/api/door', scribbled('{"name":"a","passphrase":"b"}', random), JSON_TYPE],
  (random) => [
    'POST',
    '/api/archive',
    scribbled('PK\u0003\u0004 nothing', random),
    'application/zip',
  ],
  (random) => [
    'POST',
    '/api/copies',
    scribbled('SQLite format 3', random),
    'application/vnd.sqlite3',
  ],
  (random) => ['GET', `/api/plans/a/template?${scribbled('template=sheet&paper=a4', random)}`],
  (random) => ['GET', `/api/runs/run-1/events?after=${scribbled('12', random)}`],
  (random) => ['GET', `/api/copies/${scribbled('2026-11-24-090000-daily.db', random)}`],
  (random) => [
    'GET',
    pick(random, [
      '/plans/',
      '/runs/',
      '/logbook/',
      '/days/',
      '/shared/',
      '/kitchen/keeping/plan/',
      '/sums/',
    ]) + scribbled('a%20b', random),
  ],
  (random) => ['GET', `/?${scribbled('q=a&tag=b&sort=name&page=2&shelf=current', random)}`],
  (random) => ['GET', `/shopping?${scribbled('plans=a,b&q=c', random)}`],
  (random) => ['GET', `/plans/a/revisions?${scribbled('before=1&after=2', random)}`],
  (random) => [
    pick(random, ['PATCH', 'DELETE', 'PUT', 'OPTIONS']),
    pick(random, ['/', '/api/plans/a', '/api/door']),
    '{}',
    JSON_TYPE,
  ],
];

/** An address as it can be sent: what it cannot hold is left out. */
const sendable = (path: string): string => path.replace(/[^\x21-\x7e]/g, '').slice(0, 4000);

/** Sends so many, some at a time. */
export async function sendBadRequests(
  file: string,
  times: number,
  random: Random,
): Promise<BadRequests> {
  filledKitchen(file).$client.close();
  const server = spawn(process.execPath, ['scripts/serve.mjs'], {
    stdio: 'ignore',
    env: { ...quietEnv, MORTAR_DB: file, MORTAR_LISTEN: `127.0.0.1:${PORT}` },
  });
  try {
    while (
      !(await fetch(`${ORIGIN}/api/plans/a`).then(
        ({ ok }) => ok,
        () => false,
      ))
    ) {
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    const failed: string[] = [];
    let [refused, left] = [0, times];
    const sender = async () => {
      while (left-- > 0) {
        const [method, path, body, type] = pick(random, ASKED)(random);
        const action = method === 'GET' && random() < 0.1;
        try {
          const response = await fetch(`${ORIGIN}${sendable(path)}`, {
            method: action ? 'POST' : method,
            redirect: 'manual',
            headers: {
              ...(type && { 'content-type': type }),
              ...(action && {
                'next-action': scribbled('40a1b2c3', random).replace(/[^\x21-\x7e]/g, ''),
              }),
            },
            ...(action ? { body: scribbled('[{"a":1}]', random) } : body !== undefined && { body }),
          });
          await response.arrayBuffer();
          if (response.status >= 500)
            failed.push(
              `${response.status} ${method} ${path.slice(0, 200)} ${body?.slice(0, 300) ?? ''}`,
            );
          else if (response.status >= 400) refused += 1;
        } catch (error) {
          failed.push(`${String(error)} ${method} ${path.slice(0, 200)}`);
        }
      }
    };
    await Promise.all(Array.from({ length: 8 }, sender));
    return { tried: times, refused, failed };
  } finally {
    server.kill();
  }
}
