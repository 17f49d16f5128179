/** What the commands share: dependencies when they are missing, a build when the sources changed. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

export const CHROMIUM = '/usr/bin/chromium';

/** How it is started: as any user, without a screen, asking nothing of the network. */
export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Environment for every child: nothing is reported anywhere. */
export const quietEnv = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };

/** Runs a command, its output shown; ends this process when it fails. */
export function run(command, args, env = quietEnv) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', env });
  if (status !== 0) {
    console.error(`${command} ${args.join(' ')} failed`);
    process.exit(status ?? 1);
  }
}

/** The path of a tool among the dependencies. */
export const tool = (name) => join('node_modules', '.bin', name);

function hashOf(paths) {
  const hash = createHash('sha256');
  const add = (path) => {
    if (!existsSync(path)) return;
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) add(join(path, name));
    } else {
      hash.update(path).update(readFileSync(path));
    }
  };
  paths.forEach(add);
  return hash.digest('hex');
}

const stampPath = (name) => join('.cache', `${name}.stamp`);

/** Does a step only when what it depends on has changed since it last went well. */
function whenChanged(name, paths, result, step) {
  const hash = hashOf(paths);
  const stamp = stampPath(name);
  if (existsSync(result) && existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return;
  step();
  mkdirSync('.cache', { recursive: true });
  writeFileSync(stamp, hash);
}

/** Installs the dependencies as locked. */
export const installDependencies = () =>
  whenChanged('dependencies', ['package-lock.json'], tool('next'), () => {
    console.log('Installing dependencies; one of them is compiled, which takes a few minutes …');
    // Not `npm ci`: it stops when a registry lacks the optional builds for other systems.
    run('npm', ['install', '--no-save', '--no-audit', '--no-fund']);
  });

/** Builds the application. */
export const build = () =>
  whenChanged(
    'build',
    [
      'src',
      'scripts/build.mjs',
      'scripts/packed.mjs',
      'scripts/worker.mjs',
      'package-lock.json',
      'next.config.ts',
      'postcss.config.mjs',
      'tsconfig.json',
    ],
    join('.next', 'BUILD_ID'),
    () => {
      console.log('Building …');
      run(process.execPath, ['scripts/build.mjs']);
    },
  );

/** Installs Debian's Chromium when there is none. */
export function installChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium for the browser tests …');
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => {
    const [command, ...rest] = [...asRoot, 'apt-get', ...args];
    run(command, rest, { ...quietEnv, DEBIAN_FRONTEND: 'noninteractive' });
  };
  apt('update', '-qq');
  apt('install', '-y', '-qq', 'chromium');
}
