/** Builds the application: what runs beside its pages, the pages, and their parts compressed. */
import { packBuild } from './packed.mjs';
import { run, tool } from './setup.mjs';

run(process.execPath, ['scripts/worker.mjs']);
run(tool('next'), ['build']);
await packBuild();
