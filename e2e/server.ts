import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { setTimeout } from 'node:timers/promises';
import { quietEnv, tool } from '../scripts/setup.mjs';
import { copiesFolder } from '../src/server/vault/copies';

const FIRST_PORT = 4174;
const START_MS = 120_000;

const BEYOND_PORT = 4274;

/** A name in a kitchen's network, asked over a line that is not encrypted. */
export const PLAIN_NAME = 'kitchen.test';

/** The built application on a port and a freshly seeded database of its own. */
export interface Served {
  readonly url: string;
  /** Its database's file. */
  readonly database: string;
  stop(): Promise<void>;
}

/**
 * Starts one for worker `index`.
 * @param beyond listening beyond this machine; called with its database before it starts
 */
export async function startServer(
  index: number,
  { beyond }: { beyond?: (database: string) => void } = {},
): Promise<Served> {
  const database = `.cache/e2e-${index}${beyond ? '-beyond' : ''}.db`;
  for (const end of ['', '-wal', '-shm']) rmSync(`${database}${end}`, { force: true });
  rmSync(copiesFolder(database), { recursive: true, force: true });
  // Plans stand on what is typical: what one test logs must not move another's figures.
  const seeded = spawnSync(tool('tsx'), ['demo/seed.ts', database, '--typical'], {
    encoding: 'utf8',
  });
  if (seeded.status !== 0) throw new Error(`The demo data were not written: ${seeded.stderr}`);

  beyond?.(database);
  const port = String((beyond ? BEYOND_PORT : FIRST_PORT) + index);
  const url = `http://127.0.0.1:${port}`;
  const server = spawn(process.execPath, ['scripts/serve.mjs'], {
    env: {
      ...quietEnv,
      MORTAR_HOSTS: PLAIN_NAME,
      MORTAR_DB: database,
      MORTAR_LISTEN: `${beyond ? '0.0.0.0' : '127.0.0.1'}:${port}`,
    },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const ended = once(server, 'exit');
  const patience = Date.now() + START_MS;
  while (!(await answers(url))) {
    if (server.exitCode !== null) throw new Error(`The server on port ${port} ended at once`);
    if (Date.now() > patience) throw new Error(`The server on port ${port} does not answer`);
    await setTimeout(100);
  }
  return {
    url,
    database,
    stop: async () => {
      server.kill();
      await ended;
    },
  };
}

const answers = (url: string) =>
  fetch(`${url}/api/plans/celeriac-friday`).then(
    // One that asks who comes answers too.
    (response) => response.ok || response.status === 401,
    () => false,
  );
