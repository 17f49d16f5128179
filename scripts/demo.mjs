/** npm run demo: all that is needed on a fresh machine, then serves the demo kitchen. */
import { spawn } from 'node:child_process';
import { build, installDependencies, quietEnv, run, tool } from './setup.mjs';

const port = process.env.PORT ?? '4173';
/** A file of its own: a user's data is in data/mortar.db and is not touched. */
const database = 'data/demo.db';

installDependencies();
run(tool('tsx'), ['demo/seed.ts', database]);
build();

const server = spawn(process.execPath, ['scripts/serve.mjs'], {
  stdio: ['ignore', 'pipe', 'inherit'],
  env: { ...quietEnv, MORTAR_DB: database, MORTAR_LISTEN: `127.0.0.1:${port}` },
});
server.stdout.on('data', (chunk) => {
  if (String(chunk).includes('Ready')) {
    console.log(
      `\nTern Island Supper Hall is open: http://127.0.0.1:${port}\nStop it with Ctrl C.`,
    );
  }
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
