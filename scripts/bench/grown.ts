import { startingPantry } from '../../src/core/composition/pantry';
import { openKitchenFile } from '../../src/server/database';
import type { Database } from '../../src/server/db/database';
import { saveRows } from '../../src/server/repositories/pantry';

/** What a kitchen of many years holds. */
export interface Grown {
  readonly plans: number;
  readonly batches: number;
  readonly taps: number;
  readonly ingredients: number;
  readonly days: number;
}

export const GROWN: Grown = {
  plans: 5000,
  batches: 5000,
  taps: 320_000,
  ingredients: 3000,
  days: 500,
};

/**
 * Makes a kitchen large: plans, batches with their taps, and days are those of the demo under other names and on
 * other days.
 * @param file a kitchen with the demo in it
 */
export function grow(file: string, wanted: Grown): void {
  const db = openKitchenFile(file);
  const rows = [...startingPantry.ingredients.values()];
  const more = Array.from({ length: wanted.ingredients }, (_, i) => ({
    ...rows[i % rows.length]!,
    id: `own-${i}`,
    name: `${rows[i % rows.length]!.name} ${i}`,
  }));
  for (let at = 0; at < more.length; at += 500) {
    saveRows(db, 'ingredients', more.slice(at, at + 500), { now: new Date() });
  }
  db.$client.transaction(() => {
    growPlans(db, wanted.plans);
    growBatches(db, wanted);
    growDays(db, wanted.days);
  })();
  db.$client.close();
}

const count = (db: Database, table: string): number =>
  db.$client.prepare(`select count(*) from ${table}`).pluck().get() as number;

/** Copies of a table's rows until there are so many: the nth copy of each is named and dated after n. */
function copies(
  db: Database,
  table: string,
  wanted: number,
  copy: (id: string, n: number) => void,
) {
  const ids = db.$client.prepare(`select id from ${table} order by id`).pluck().all() as string[];
  for (let n = 1, made = ids.length; made < wanted; n++) {
    for (const id of ids.slice(0, wanted - made)) {
      copy(id, n);
      made += 1;
    }
  }
}

function growPlans(db: Database, wanted: number): void {
  const plan = db.$client.prepare(
    `insert into plans select id || '-' || @n, revision, edition, created_at, updated_at, archived_at, deleted_at
     from plans where id = @id`,
  );
  const revisions = db.$client.prepare(
    `insert into plan_revisions
       (plan_id, number, document, sitting, name, created_at, updated_at, tally, tally_of)
     select plan_id || '-' || @n, number,
       json_set(document, '$.name', json_extract(document, '$.name') || ' ' || @n),
       sitting, name, created_at, updated_at, tally, tally_of
     from plan_revisions where plan_id = @id`,
  );
  copies(db, 'plans', wanted, (id, n) => {
    plan.run({ n: String(n), id });
    revisions.run({ n: String(n), id });
  });
}

function growBatches(db: Database, { batches, taps }: Grown): void {
  const run = db.$client.prepare(
    `insert into runs select id || '-' || @n, plan_id, revision, basis, summary,
       date(made_on, '-' || @n || ' days'), status, created_at, updated_at from runs where id = @id`,
  );
  // Filled up with glances at the clock to the number of taps a busy kitchen's batches have.
  const tap = db.$client.prepare(
    `insert into run_events (id, run_id, at, arrived_at, document)
     select id, run_id || '-' || @n, at, arrived_at, document from run_events where run_id = @id`,
  );
  copies(db, 'runs', batches, (id, n) => {
    run.run({ n: String(n), id });
    tap.run({ n: String(n), id });
  });
  const each = db.$client.prepare(
    `insert into run_events (id, run_id, at, arrived_at, document)
     select id || '-' || @n, run_id, at, arrived_at,
       json_set(document, '$.id', id || '-' || @n) from run_events
     where json_extract(document, '$.kind') = 'note' or seq % 7 = 0 limit @most`,
  );
  for (let n = 1, missing = taps - count(db, 'run_events'); missing > 0; n++) {
    missing -= each.run({ n: String(n), most: missing }).changes || missing;
  }
}

function growDays(db: Database, wanted: number): void {
  const day = db.$client.prepare(
    // Its document stays on its own dates: a day reaches only so far, and its services with it.
    `insert into days select id || '-' || @n, document, edition, date, created_at, updated_at, deleted_at
     from days where id = @id`,
  );
  copies(db, 'days', wanted, (id, n) => void day.run({ n: String(n), id }));
}
