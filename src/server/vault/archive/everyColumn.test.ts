import { unzipSync } from 'fflate';
import { writeArchive } from '@/core/formats/archiveFile';
import { startingPantry } from '@/core/composition/pantry';
import { saveRows } from '../../repositories/pantry';
import { filledKitchen, minute } from '../../testing/kitchenFile';
import { readAll } from './readAll';

/** Columns that an archive does without, and why. A new column is in the archive, or here. */
const LEFT_OUT: Readonly<Record<string, string>> = {
  'plans.revision': 'the last one’s number',
  'plans.edition': 'tells open pages of this kitchen apart',
  'plan_revisions.id': 'a revision has a number',
  'plan_revisions.plan_id': 'it stands in its plan',
  'plan_revisions.tally': 'follows from the plan',
  'plan_revisions.tally_of': 'follows from the plan',
  'runs.summary': 'follows from the taps',
  'runs.made_on': 'follows from the taps',
  'runs.status': 'follows from the taps',
  'run_events.seq': 'taps stand in their order',
  'run_events.run_id': 'they stand in their batch',
  'days.edition': 'tells open pages of this kitchen apart',
  'days.date': 'stands in the day',
  'day_marks.seq': 'marks stand in their order',
  'day_marks.day_id': 'they stand in their day',
  'day_runs.id': 'they stand in their order',
  'day_runs.day_id': 'they stand in their day',
  'practice_answers.seq': 'answers stand in their order',
  'kitchens.id': 'there is one',
  'kitchens.edition': 'tells open pages of this kitchen apart',
  'kitchens.updated_at': 'when it is taken in is another time',
  'pantry_ingredients.edition': 'tells open pages of this kitchen apart',
  'pantry_ingredients.updated_at': 'when it is taken in is another time',
  'pantry_preparations.edition': 'tells open pages of this kitchen apart',
  'pantry_preparations.updated_at': 'when it is taken in is another time',
};

/** Tables that an archive does without: who may come in is not data, and the log of before batches is brought forward. */
const TABLES_LEFT_OUT = [
  'doors',
  'door_keys',
  'door_tries',
  'door_ended',
  'shared_links',
  'pantries',
  'log_entries',
  '__drizzle_migrations',
  'sqlite_sequence',
];

test('an archive holds every column of every table', () => {
  const db = filledKitchen();
  const [chopped] = [...startingPantry.preparations.values()];
  saveRows(db, 'preparations', [{ ...chopped!, id: 'own-way' }], { now: minute(7) });
  const client = db.$client;
  const columns = client
    .prepare(
      `select t.name as "table", c.name as "column" from sqlite_master t
       join pragma_table_info(t.name) c where t.type = 'table'`,
    )
    .all() as { table: string; column: string }[];
  const known = new Set(columns.map(({ table, column }) => `${table}.${column}`));
  expect(Object.keys(LEFT_OUT).filter((each) => !known.has(each))).toEqual([]);

  /** Whether what stands in a column is seen in the archive: it changes with it. */
  const isThere = ({ table, column }: { table: string; column: string }): boolean => {
    const before = textOf();
    client.pragma('foreign_keys = OFF');
    client.exec('savepoint before');
    // JSON, a moment and an id alike: all three read back as they were written.
    client.exec(
      `update ${table} set ${column} = '2031-01-01T00:00:00.000Z' where rowid = (select min(rowid) from ${table})`,
    );
    const changed = textOf() !== before;
    client.exec('rollback to before; release before');
    return changed;
  };
  const textOf = () =>
    Object.values(unzipSync(writeArchive(readAll(db))))
      .map((file) => Buffer.from(file).toString())
      .join('\n');
  const missing = columns
    .filter(
      ({ table, column }) =>
        !TABLES_LEFT_OUT.includes(table) && !(`${table}.${column}` in LEFT_OUT),
    )
    .filter((each) => !isThere(each))
    .map(({ table, column }) => `${table}.${column}`);
  expect(missing).toEqual([]);
  client.close();
});
