/**
 * npm run hardness: kills, power cuts, full disks, bad inputs, two servers, many clients; one table of figures,
 * each beside its goal. All of it from one seed.
 * Usage: npm run hardness -- [--share 0.01]   a share of the whole, for a quick look
 */
import { parseArgs } from 'node:util';
import { badCommand } from '../src/cli/testing/badCommand';
import { planWith } from '../src/core/testing/plans';
import { seeded } from '../src/core/testing/kitchens';
import { databaseProblem } from '../src/server/vault/problem';
import { createPlan } from '../src/server/repositories/plans';
import { tryBadInputs } from '../src/server/testing/hardness/badInputs';
import { killWriters, writeTogether } from '../src/server/testing/hardness/kills';
import { canWatchDisk, cutPower } from '../src/server/testing/hardness/powerCut';
import { filledKitchen, freshFile, minute } from '../src/server/testing/kitchenFile';
import { load } from './hardness/load';
import { sendBadRequests } from './hardness/requests';
import { build } from './setup.mjs';

const { values } = parseArgs({ options: { share: { type: 'string', default: '1' } } });
const share = Number(values.share);
if (!(share > 0 && share <= 1)) throw new Error('--share must be a number over 0, to 1');
const some = (n: number) => Math.max(1, Math.round(n * share));

interface Row {
  readonly what: string;
  readonly figure: string;
  readonly goal: string;
  readonly met: boolean;
}
const rows: Row[] = [];
const row = (what: string, figure: string, goal: string, met: boolean) => {
  rows.push({ what, figure, goal, met });
  console.log(`${met ? '✓' : '✘'} ${what}: ${figure} (${goal})`);
};
const cut = (
  what: string,
  times: number,
  { answered, lost, broken }: { answered: number; lost: number; broken: number },
) =>
  row(
    `${what}, ${times} times`,
    `${answered} answered writes, ${lost} lost, ${broken} files broken`,
    '0 lost, 0 broken',
    lost === 0 && broken === 0,
  );

/** Writes until the disk is full, and looks what is there. */
function fillDisk(): void {
  const db = filledKitchen(freshFile());
  const pages = Number(db.$client.pragma('page_count', { simple: true }));
  db.$client.pragma(`max_page_count = ${pages + 40}`);
  let [kept, said, other] = [0, 0, 0];
  for (let n = 0; n < 400; n++) {
    try {
      createPlan(db, { id: `d${n}`, plan: planWith({ name: `d${n}` }), now: minute(9) });
      kept += 1;
    } catch (error) {
      if (databaseProblem(error)?.trouble === 'full') said += 1;
      else other += 1;
    }
  }
  const found = db.$client.prepare("select count(*) n from plans where id like 'd%'").get() as {
    n: number;
  };
  const whole = db.$client.pragma('integrity_check', { simple: true }) === 'ok';
  db.$client.close();
  row(
    'A full disk',
    `${kept} kept, ${said} refused in words, ${other} otherwise, ${kept - found.n} lost`,
    '0 otherwise, 0 lost',
    other === 0 && kept === found.n && whole,
  );
}

const inputs = await tryBadInputs(some(1_000_000), seeded(20261124), [badCommand]);
for (const crash of inputs.crashes.slice(0, 5)) console.log(crash);
row(
  'Bad inputs to schema, parsers, calculators, command line, door',
  `${inputs.tried} tried, ${inputs.refused} refused in words, ${inputs.crashes.length} crashes`,
  '0 crashes',
  inputs.crashes.length === 0,
);
fillDisk();
if (canWatchDisk()) {
  const writes = some(600);
  cut(
    'Power cut under saves, taps and imports',
    some(200),
    cutPower(some(200), seeded(7), { writes }),
  );
} else console.log('No power was cut: it takes strace to see what is on the disk');
cut('Two processes on one file', 1, await writeTogether(2, 20_000 * share));
cut('kill −9 under saves, taps and imports', some(1000), await killWriters(some(1000), seeded(5)));

build();
const requests = await sendBadRequests(freshFile(), some(20_000), seeded(404));
for (const failed of requests.failed.slice(0, 5)) console.log(failed);
row(
  'Bad requests to routes, pages and actions',
  `${requests.tried} tried, ${requests.refused} refused, ${requests.failed.length} answered by 500`,
  '0 answered by 500',
  requests.failed.length === 0,
);
const seconds = Math.max(20, 60 * share);
const met = await load(freshFile(), { plans: 3000, clients: 50, seconds });
const ms = (value: number) => `${value.toFixed(0)} ms`;
row('List of 3,000 plans', ms(met.listMs), 'under 100 ms', met.listMs < 100);
row('The same, what is sent', `${met.listKb.toFixed(0)} kB`, 'under 200 kB', met.listKb < 200);
row('Shopping with 3,000 plans', ms(met.shoppingMs), 'under 100 ms', met.shoppingMs < 100);
const who = `50 clients, a page each 2 s or a save each 1 s, for ${seconds.toFixed(0)} s`;
row(
  `${who}: a plan page, p95 of ${met.reads}`,
  ms(met.readP95Ms),
  'under 600 ms',
  met.readP95Ms < 600,
);
row(`${who}: a save, p95 of ${met.saves}`, ms(met.saveP95Ms), 'under 150 ms', met.saveP95Ms < 150);
row(`${who}: errors`, String(met.errors), '0', met.errors === 0);

console.log(`\n${rows.filter((each) => each.met).length} of ${rows.length} goals met`);
process.exitCode = rows.every((each) => each.met) ? 0 : 1;
