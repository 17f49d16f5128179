/** The command line over the core. Usage: npm run -s mortar -- plan|calc FILE.json, or schema plan. */
import { refusalOf, runCommand } from './command';
import { machine } from './world';

runCommand(process.argv.slice(2), machine).catch((error: unknown) => {
  const line = refusalOf(error);
  if (line === null) throw error;
  process.stderr.write(`${line}\n`);
  process.exitCode = 2;
});
