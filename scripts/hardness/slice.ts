/** A short piece of `npm run hardness` against the built server, from one seed, printed as JSON. Run: tsx … requests|load */
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seeded } from '../../src/core/testing/kitchens';
import { load } from './load';
import { sendBadRequests } from './requests';

const file = join(mkdtempSync(join(tmpdir(), 'mortar-hard-')), 'mortar.db');

const SLICES: Readonly<Record<string, () => Promise<unknown>>> = {
  requests: () => sendBadRequests(file, 400, seeded(11)),
  load: () => load(file, { plans: 40, clients: 12, seconds: 4 }),
};

const slice = SLICES[process.argv[2] ?? ''];
if (!slice) throw new Error(`Name one of: ${Object.keys(SLICES).join(', ')}`);
console.log(JSON.stringify(await slice()));
