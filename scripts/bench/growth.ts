import { readFileSync } from 'node:fs';
import { openKitchenFile } from '../../src/server/database';
import { saveRows } from '../../src/server/repositories/pantry';
import { getPlan, savePlan } from '../../src/server/repositories/plans';
import { startingPantry } from '../../src/core/composition/pantry';
import { grow, GROWN } from './grown';
import type { Row } from './rows';

const PAGE_MS = 100;
const PAGE_KB = 120;
const ACTION_MS = 30;

/** Asked so often; the first time is not counted. */
const TIMES = 5;

const PAGES = {
  list: '/',
  logbook: '/logbook',
  trends: '/logbook/trends',
  shopping: '/shopping',
  days: '/days',
  pantry: '/kitchen/pantry',
  learned: '/logbook/learnt',
  keeping: '/kitchen/keeping',
} as const;

/** Makes the kitchen of the demo at a path as large as a kitchen of many years. */
export const growFile = (file: string): void => grow(file, GROWN);

/** What pages of a large kitchen cost the server, and how large they are. @param pid of the server */
export async function growthRows(origin: string, pid: number, planId: string): Promise<Row[]> {
  const rows: Row[] = [];
  for (const [name, path] of Object.entries({ ...PAGES, plan: `/plans/${planId}` })) {
    const took: number[] = [];
    let bytes = 0;
    for (let n = 0; n <= TIMES; n++) {
      const before = cpuMs(pid);
      const answer = await fetch(`${origin}${path}`);
      if (!answer.ok) throw new Error(`${path} answers ${answer.status}`);
      bytes = (await answer.arrayBuffer()).byteLength;
      if (n > 0) took.push(cpuMs(pid) - before);
    }
    const ms = took.sort((a, b) => a - b)[Math.floor(TIMES / 2)]!;
    const kB = bytes / 1000;
    rows.push({
      what: `large kitchen, ${name}: CPU, and ${kB.toFixed(0)} kB of at most ${PAGE_KB}`,
      'median ms': ms.toFixed(0),
      budget: `${PAGE_MS} ms`,
      within: ms <= PAGE_MS && kB <= PAGE_KB ? 'yes' : 'NO',
    });
  }
  return rows;
}

/** What saving costs in a large kitchen. */
export function growthSaves(file: string, planId: string): Row[] {
  const db = openKitchenFile(file);
  const now = new Date();
  const row = { ...[...startingPantry.ingredients.values()][0]!, id: 'own-7', name: 'Own 7' };
  let n = 0;
  const saves: Record<string, () => void> = {
    'a plan saved': () => {
      const { plan, edition } = getPlan(db, planId);
      const batch = { ...plan.batch, portions: 4 + ((n += 1) % 7) };
      savePlan(db, {
        id: planId,
        plan: { ...plan, batch },
        baseEdition: edition,
        sitting: 's',
        now,
      });
    },
    'an ingredient saved': () =>
      saveRows(db, 'ingredients', [{ ...row, water: 0.5 + ((n += 1) % 9) / 100 }], { now }),
  };
  const rows = Object.entries(saves).map(([name, save]) => {
    const took = Array.from({ length: TIMES }, () => {
      const from = performance.now();
      save();
      return performance.now() - from;
    }).sort((a, b) => a - b);
    const ms = took[Math.floor(TIMES / 2)]!;
    return {
      what: `large kitchen, ${name}`,
      'median ms': ms.toFixed(1),
      budget: `${ACTION_MS} ms`,
      within: ms <= ACTION_MS ? 'yes' : 'NO',
    } satisfies Row;
  });
  db.$client.close();
  return rows;
}

/** The processor's time that a process and those it began have taken, ms; by the clock where the system does not say. */
function cpuMs(pid: number): number {
  try {
    const began = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim();
    return [pid, ...began.split(' ').filter(Boolean).map(Number)].reduce(
      (sum, each) => sum + ownMs(each),
      0,
    );
  } catch {
    return performance.now();
  }
}

function ownMs(pid: number): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ');
  // utime and stime, in hundredths of a second.
  return 10 * (Number(fields[11]) + Number(fields[12]));
}
