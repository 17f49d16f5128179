/**
 * A process that writes to a kitchen's file without end and says each thing once it was answered: one line a
 * write, `plan ID`, `event ID`, or `import ID`. To be killed.
 * Usage: tsx writer.ts FILE NAME [WRITES] [SYNCHRONOUS]: so many and no more, synced as said
 */
import { writeSync } from 'node:fs';
import { v5 } from 'uuid';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { openKitchenFile } from '../../database';
import { createPlan, savePlan } from '../../repositories/plans';
import { addEvents, openRun } from '../../repositories/runs';
import { readAll } from '../../vault/archive/readAll';
import { takeIn } from '../../vault/archive/takeIn';

const [file = '', name = '', writes = 'Infinity', synchronous] = process.argv.slice(2);
const db = openKitchenFile(file);
if (synchronous !== undefined) db.$client.pragma(`synchronous = ${synchronous}`);
const now = new Date('2026-11-24T09:00:00Z');
const plan = startingPlans.ravioliSquare;
const idOf = (n: number) => v5(`${name} ${n}`, '8a3b1c9e-54d7-4f6e-9a0b-2f1d7c3e6b58');
/** Straight to the pipe: what was said is said, whatever becomes of this process. */
const say = (line: string) => writeSync(1, `${line}\n`);

const first = `${name}-run`;
createPlan(db, { id: first, plan, now });
openRun(db, { id: first, planId: first, revision: 1, learnt: [], now });
say('ready');
for (let n = 0; n < Number(writes); n++) {
  const id = idOf(n);
  if (n % 3 === 0) {
    createPlan(db, { id, plan: { ...plan, name: id }, now });
    const changed = { ...plan, name: id, note: 'saved' };
    savePlan(db, { id, plan: changed, baseEdition: 1, sitting: '', now });
    say(`plan ${id}`);
  } else if (n % 3 === 1) {
    addEvents(db, first, [{ id, at: now.toISOString(), kind: 'counted', pieces: n }], now);
    say(`event ${id}`);
  } else {
    const empty = { ...readAll(db), kitchen: null, ingredients: [], preparations: [], runs: [] };
    const [one] = empty.plans;
    takeIn(db, { ...empty, plans: [{ ...one!, id }] }, { different: 'keep', now });
    say(`import ${id}`);
  }
}
