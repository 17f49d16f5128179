/**
 * The server: the built application on one address. Listening beyond this machine, it starts only once
 * somebody was given a key.
 *
 * MORTAR_LISTEN  host:port, 127.0.0.1:4173 when left out
 * MORTAR_PROXY   set, what a proxy in front says of whom it speaks for is believed
 * MORTAR_PROCESSES  processes that answer side by side, one when left out: for a house with many at once
 */
import { spawnSync } from 'node:child_process';
import cluster from 'node:cluster';
import { createServer } from 'node:http';
import { fileURLToPath } from 'node:url';
import next from 'next';
import { packedParts } from './packed.mjs';
import { quietEnv, tool } from './setup.mjs';

/** What a proxy in front writes; from anybody else it is not believed. */
const FORWARDED = [
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-forwarded-port',
  'forwarded',
];

/** A connection that nobody asks over is kept for so long, ms. */
const IDLE_MS = 75_000;
/** Told to end, it lets what it is at be finished for so long, ms. */
const PATIENCE_MS = 3000;

const listen = process.env.MORTAR_LISTEN ?? `127.0.0.1:${process.env.PORT ?? 4173}`;
const [, host, port] = /^(?:\[([^\]]+)\]|([^:]+)):(\d{1,5})$/.exec(listen)?.filter(Boolean) ?? [];
if (!host || Number(port) > 65535) {
  console.error(`MORTAR_LISTEN must be host:port, as 0.0.0.0:4173; it is ${listen}`);
  process.exit(2);
}
process.env.MORTAR_LISTEN = listen;
process.env.NODE_ENV = 'production';
Object.assign(process.env, { NEXT_TELEMETRY_DISABLED: quietEnv.NEXT_TELEMETRY_DISABLED });

// A proxy in front stands for whoever comes from beyond.
const beyond =
  Boolean(process.env.MORTAR_PROXY) || !/^(localhost|127(\.\d{1,3}){3}|::1)$/.test(host);
if (beyond && cluster.isPrimary) {
  const { status, stdout } = spawnSync(tool('tsx'), ['src/cli/mortar.ts', 'keys'], {
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  if (status !== 0) process.exit(status ?? 1);
  if (JSON.parse(stdout).length === 0) {
    console.error(
      'To listen beyond this machine, somebody must be able to sign in: npm run -s mortar -- passphrase',
    );
    process.exit(2);
  }
}

const processes = Number(process.env.MORTAR_PROCESSES ?? 1);
if (!(Number.isInteger(processes) && processes >= 1 && processes <= 64)) {
  console.error('MORTAR_PROCESSES must be a whole number from 1 to 64');
  process.exit(2);
}

/** Said once it listens. */
function sayReady() {
  console.log(`Ready on http://${listen}`);
  if (!beyond) return;
  console.log(
    'Whoever comes is asked for a passphrase. The line is not encrypted: TLS belongs to a proxy in front.',
  );
  if (!process.env.MORTAR_HOSTS) {
    console.log('Names it may be asked by, besides localhost, go into MORTAR_HOSTS.');
  }
}

/** One process that answers. */
async function serve() {
  const app = next({ dev: false, hostname: host, port: Number(port) });
  const handle = app.getRequestHandler();
  await app.prepare();
  const packed = packedParts();
  const server = createServer((request, response) => {
    packed(request, response);
    if (!process.env.MORTAR_PROXY) for (const name of FORWARDED) delete request.headers[name];
    void handle(request, response);
  });
  server.keepAliveTimeout = IDLE_MS;
  server.on('error', (error) => {
    console.error(`Cannot listen on ${listen}: ${error.message}`);
    process.exit(1);
  });
  server.listen(Number(port), host);

  // Ctrl C is heard by all: the one that began them then ends them in turn.
  process.on('SIGINT', () => {});
  process.once('SIGTERM', () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    // The kitchen's file is closed as the process ends.
    setTimeout(() => process.exit(0), PATIENCE_MS).unref();
  });
}

/** One or several that answer side by side, on one kitchen's file. One that falls over is begun again. */
function serveTogether() {
  cluster.setupPrimary({ exec: fileURLToPath(import.meta.url), args: [] });
  let ending = false;
  let code = 0;
  let lastLine = 0;
  /** One after the other, so that the last finds the kitchen's file its own and leaves it whole. */
  const endNext = () => {
    const [worker] = Object.values(cluster.workers);
    if (worker) worker.kill('SIGTERM');
    else process.exit(code);
  };
  const begin = (first) => {
    // One of them looks after the kitchen's file.
    const worker = cluster.fork({ MORTAR_KEEPER: first ? 'yes' : 'no' });
    let listened = false;
    worker.once('listening', () => (listened = true));
    worker.on('exit', (exited) => {
      if (!ending && listened) {
        console.error('A process fell over and is begun again');
        return begin(first);
      }
      // One that never came as far as to listen would not the next time.
      if (!ending) [ending, code] = [true, exited || 1];
      endNext();
    });
    // What a device posts to one of them, all of them hear, under one number.
    worker.on('message', ({ deviceLines } = {}) => {
      if (!Array.isArray(deviceLines)) return;
      const numbered = deviceLines.map((line) => [(lastLine += 1), line]);
      for (const each of Object.values(cluster.workers)) each.send({ deviceLines: numbered });
    });
    return worker;
  };
  const workers = Array.from({ length: processes }, (_, i) => begin(i === 0));
  workers[0].once('listening', sayReady);
  for (const signal of ['SIGINT', 'SIGTERM']) {
    process.once(signal, () => {
      ending = true;
      endNext();
    });
  }
}

if (cluster.isPrimary) serveTogether();
else await serve();
