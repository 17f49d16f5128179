/** Many clients on one server: half read plans, half save them. */
import { spawn } from 'node:child_process';
import { seeded } from '../../src/core/testing/kitchens';
import { startingPlans } from '../../src/core/plan/starting/startingPlans';
import { openKitchenFile } from '../../src/server/database';
import { createPlan } from '../../src/server/repositories/plans';
import { quietEnv } from '../setup.mjs';

const PORT = 4189;
const ORIGIN = `http://127.0.0.1:${PORT}`;

/** Between two pages, and between two saves, somebody busy takes so long on average, ms. */
const READING_MS = 2000;
const TYPING_MS = 1000;

/** What the clients met with. */
export interface Load {
  readonly reads: number;
  readonly readP95Ms: number;
  readonly saves: number;
  readonly saveP95Ms: number;
  /** Answers that were none, or of 500 and more. */
  readonly errors: number;
  /** One after the other on a server with nothing else to do. */
  readonly listMs: number;
  readonly listKb: number;
  readonly shoppingMs: number;
}

const p95 = (times: number[]): number =>
  times.sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? 0;

/** Fills a kitchen with so many plans. */
function fill(file: string, plans: number): void {
  const db = openKitchenFile(file);
  const families = Object.values(startingPlans);
  db.transaction(() => {
    for (let n = 0; n < plans; n++) {
      const plan = { ...families[n % families.length]!, name: `Plan ${n}` };
      createPlan(db, { id: `p${n}`, plan, now: new Date(Date.UTC(2026, 0, 1, 0, n)) });
    }
  });
  db.$client.close();
}

async function timed(
  ask: () => Promise<Response>,
): Promise<{ ms: number; bytes: number; ok: boolean }> {
  const from = performance.now();
  try {
    const response = await ask();
    const { byteLength } = await response.arrayBuffer();
    return { ms: performance.now() - from, bytes: byteLength, ok: response.status < 500 };
  } catch {
    return { ms: performance.now() - from, bytes: 0, ok: false };
  }
}

/** Runs them for so long. */
export async function load(
  file: string,
  { plans, clients, seconds }: { plans: number; clients: number; seconds: number },
): Promise<Load> {
  fill(file, plans);
  const server = spawn(process.execPath, ['scripts/serve.mjs'], {
    stdio: 'ignore',
    env: {
      ...quietEnv,
      MORTAR_DB: file,
      MORTAR_LISTEN: `127.0.0.1:${PORT}`,
      MORTAR_PROCESSES: '2',
    },
  });
  try {
    while (
      !(await fetch(`${ORIGIN}/plans/p0`).then(
        ({ ok }) => ok,
        () => false,
      ))
    ) {
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    const alone = async (path: string) => {
      const all = [];
      for (let n = 0; n < 8; n++) all.push(await timed(() => fetch(`${ORIGIN}${path}`)));
      const [, , , , middle] = all.sort((a, b) => a.ms - b.ms);
      return middle!;
    };
    const list = await alone('/');
    const shopping = await alone('/shopping');
    const [reads, saves]: [number[], number[]] = [[], []];
    let errors = 0;
    const end = Date.now() + seconds * 1000;
    // People do not act in step.
    const random = seeded(50);
    const wait = (mean: number) =>
      new Promise((resolve) => setTimeout(resolve, mean * 2 * random()));
    const reader = async (at: number) => {
      await wait(READING_MS);
      for (let n = 0; Date.now() < end; n++) {
        const { ms, ok } = await timed(() => fetch(`${ORIGIN}/plans/p${(at * 37 + n) % plans}`));
        reads.push(ms);
        errors += Number(!ok);
        await wait(READING_MS);
      }
    };
    const saver = async (at: number) => {
      const id = `p${at}`;
      const plan = await (await fetch(`${ORIGIN}/api/plans/${id}`)).json();
      let edition = 1;
      await wait(TYPING_MS);
      for (let n = 0; Date.now() < end; n++) {
        const body = JSON.stringify({
          plan: { ...(plan as object), note: `${n}` },
          baseEdition: edition,
          sitting: `s${at}`,
        });
        const { ms, ok } = await timed(async () => {
          const response = await fetch(`${ORIGIN}/api/plans/${id}`, {
            method: 'PUT',
            headers: { 'content-type': 'application/json' },
            body,
          });
          ({ edition } = (await response.clone().json()) as { edition: number });
          return response;
        });
        saves.push(ms);
        errors += Number(!ok);
        await wait(TYPING_MS);
      }
    };
    await Promise.all(
      Array.from({ length: clients }, (_, at) => (at % 2 ? reader(at) : saver(at))),
    );
    return {
      reads: reads.length,
      readP95Ms: p95(reads),
      saves: saves.length,
      saveP95Ms: p95(saves),
      errors,
      listMs: list.ms,
      listKb: list.bytes / 1000,
      shoppingMs: shopping.ms,
    };
  } finally {
    server.kill();
  }
}
