/** npm test: sets up, runs every check, and ends with a line `N passed, N failed`. */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { build, installChromium, installDependencies, quietEnv, tool } from './setup.mjs';

installDependencies();
installChromium();

let passed = 0;
let failed = 0;

function check(name, command, args, env = quietEnv) {
  console.log(`\n── ${name}`);
  const { status } = spawnSync(command, args, { stdio: 'inherit', env });
  return status === 0;
}

/** A check that passes or fails as a whole. */
function gate(name, command, ...args) {
  if (check(name, command, args)) passed += 1;
  else failed += 1;
}

/** A runner that counts its own tests and writes them to a file. */
function suite(name, command, args, report, count, env = quietEnv) {
  rmSync(report, { force: true });
  const ok = check(name, command, args, env);
  const counts = existsSync(report)
    ? count(JSON.parse(readFileSync(report, 'utf8')))
    : { passed: 0, failed: 0 };
  passed += counts.passed;
  failed += counts.failed;
  // A runner that fell over, or that ran nothing, is a failure whatever it counted.
  if ((!ok && counts.failed === 0) || counts.passed + counts.failed === 0) failed += 1;
}

mkdirSync('.cache', { recursive: true });
gate('Format', tool('prettier'), '--check', '.');
gate('Lint', tool('eslint'), '.', '--max-warnings', '0');
gate('Types', tool('tsc'), '--noEmit');
gate('Import rules', tool('depcruise'), 'src', '--config', '.dependency-cruiser.cjs');
gate('Unused code', tool('knip'));
suite(
  'Unit tests',
  tool('jest'),
  ['--json', '--outputFile=.cache/jest.json'],
  '.cache/jest.json',
  (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
  }),
);
build();
suite('Browser tests', tool('playwright'), ['test'], '.cache/playwright.json', ({ stats }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected,
}));

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
