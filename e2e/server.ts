import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { setTimeout } from 'node:timers/promises';
import { quietEnv, tool } from '../scripts/setup.mjs';

const FIRST_PORT = 4174;
const START_MS = 30_000;

/** The built application on a port and a freshly seeded database of its own, for worker `index`. */
export async function startServer(
  index: number,
): Promise<{ url: string; stop: () => Promise<void> }> {
  const database = `.cache/e2e-${index}.db`;
  for (const end of ['', '-wal', '-shm']) rmSync(`${database}${end}`, { force: true });
  // Plans stand on what is typical: what one test logs must not move another's figures.
  const seeded = spawnSync(tool('tsx'), ['demo/seed.ts', database, '--typical'], {
    encoding: 'utf8',
  });
  if (seeded.status !== 0) throw new Error(`The demo data were not written: ${seeded.stderr}`);

  const port = String(FIRST_PORT + index);
  const url = `http://127.0.0.1:${port}`;
  // Connections stay open between a test's own requests: one closed as it is used again would be reset.
  const server = spawn(
    process.execPath,
    [tool('next'), 'start', '-H', '127.0.0.1', '-p', port, '--keepAliveTimeout', '600000'],
    { env: { ...quietEnv, MORTAR_DB: database }, stdio: ['ignore', 'ignore', 'inherit'] },
  );
  const ended = once(server, 'exit');
  const patience = Date.now() + START_MS;
  while (!(await answers(url))) {
    if (server.exitCode !== null) throw new Error(`The server on port ${port} ended at once`);
    if (Date.now() > patience) throw new Error(`The server on port ${port} does not answer`);
    await setTimeout(100);
  }
  return {
    url,
    stop: async () => {
      server.kill();
      await ended;
    },
  };
}

const answers = (url: string) =>
  fetch(`${url}/api/plans/celeriac-friday`).then(
    (response) => response.ok,
    () => false,
  );
