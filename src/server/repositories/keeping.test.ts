import { planWith } from '@/core/testing/plans';
import type { Database } from '../db/database';
import { openKitchenFile } from '../database';
import { EVENTS, filledKitchen, minute } from '../testing/kitchenFile';
import { listDays } from './days';
import { queryPlans } from './findPlans';
import { findUnreadable, lastReadable, mendDocument, rawDocument, removeDocument } from './keeping';
import { getKitchen, kitchenUnreadable, saveKitchen } from './kitchen';
import { getLearnt } from './learnt';
import { listLog } from './log';
import { getPantry, readRows, saveRows } from './pantry';
import { getPlan, listPlans, savePlan } from './plans';
import { listRevisions } from './revisions';
import { getRun, listRuns, readRuns } from './runs';
import { UnreadableError, type DocumentKind } from './unreadable';

let db: Database;
beforeEach(() => (db = filledKitchen()));
afterEach(() => db.$client.close());

/** Spoils one document of each kind. */
const SPOILT: Readonly<Record<DocumentKind, readonly [sql: string, id: string]>> = {
  plan: ["update plan_revisions set document = ? where plan_id = 'b'", 'b'],
  revision: ["update plan_revisions set document = ? where plan_id = 'a' and number = 1", 'a/1'],
  kitchen: ['update kitchens set document = ?', '1'],
  ingredient: ["update pantry_ingredients set document = ? where id = 'own-curd'", 'own-curd'],
  preparation: [
    "insert into pantry_preparations (id, document, updated_at) values ('own-way', ?, '')",
    'own-way',
  ],
  run: ["update runs set basis = ? where id = 'run-1'", 'run-1'],
  day: ["update days set document = ? where id = 'day-1'", 'day-1'],
  event: [`update run_events set document = ? where id = '${EVENTS[1]}'`, `run-1/${EVENTS[1]}`],
};
const KINDS = Object.keys(SPOILT) as DocumentKind[];
const spoil = (kind: DocumentKind, text: string) => db.$client.prepare(SPOILT[kind][0]).run(text);

describe.each(KINDS)('a %s that cannot be read', (kind) => {
  const [, id] = SPOILT[kind];
  const kept = (): string => {
    try {
      return rawDocument(db, kind, id).text;
    } catch {
      return JSON.stringify([...getPantry(db).preparations.values()][0]).replace(
        /"id":"[^"]*"/,
        '"id":"own-way"',
      );
    }
  };

  it('is found and named, and nothing that is shared falls with it', () => {
    spoil(kind, '{ "name": "Half');
    expect(findUnreadable(db).documents).toEqual([
      expect.objectContaining({ kind, id, reason: 'it is not JSON' }),
    ]);
    queryPlans(db, { shelf: 'current', words: 'a' });
    listPlans(db, 'current');
    listRevisions(db, 'a');
    listRuns(db);
    listLog(db, 'a');
    getLearnt(db);
    getKitchen(db);
    getPantry(db);
    // Nor is the file kept from opening.
    openKitchenFile(db.$client.name).$client.close();
  });

  it('is mended by a text that can be read, and only by one', () => {
    const whole = kept();
    spoil(kind, '{}');
    const mend = (text: string) => mendDocument(db, { kind, id, text, now: minute(30) });
    expect(() => mend('[')).toThrow('document cannot be read yet: it is not JSON');
    expect(() => mend('{}')).toThrow(/document cannot be read yet/);
    mend(whole);
    expect(rawDocument(db, kind, id)).toEqual({ text: whole, why: null });
    expect(findUnreadable(db).documents).toEqual([]);
    expect(() => mend(whole)).toThrow('document can be read as it is');
  });

  it('can be removed, unless others point at it', () => {
    spoil(kind, 'no');
    const remove = () => removeDocument(db, { kind, id, now: minute(30) });
    if (kind === 'revision') {
      expect(remove).toThrow(/its runs point at it/);
      return;
    }
    remove();
    if (kind === 'plan') {
      expect(queryPlans(db, { shelf: 'deleted' }).unreadable).toHaveLength(1);
      remove();
    }
    if (kind === 'day') {
      expect(listDays(db, 'deleted').unreadable).toHaveLength(1);
      remove();
    }
    expect(findUnreadable(db).documents).toEqual([]);
    expect(remove).toThrow(/There is no/);
  });
});

it('what can be read is neither mended nor removed here', () => {
  expect(() => removeDocument(db, { kind: 'plan', id: 'a', now: minute(9) })).toThrow(
    /can be read/,
  );
});

it('a plan goes back to its last revision that can be read', () => {
  expect(lastReadable(db, 'a')).toBe(2);
  db.$client
    .prepare("update plan_revisions set document = '' where plan_id = 'a' and number = 2")
    .run();
  expect(lastReadable(db, 'a')).toBe(1);
  expect(() => getPlan(db, 'a')).toThrow(UnreadableError);
  spoil('plan', '');
  expect(lastReadable(db, 'b')).toBeNull();
});

it('a save over what cannot be read is refused, so that it is not lost', () => {
  spoil('kitchen', '{}');
  expect(kitchenUnreadable(db)).toHaveLength(1);
  expect(() => saveKitchen(db, getKitchen(db), { now: minute(9) })).toThrow(UnreadableError);
  spoil('plan', '{}');
  const save = { id: 'b', plan: planWith(), baseEdition: 1, sitting: '', now: minute(9) };
  expect(() => savePlan(db, save)).toThrow(UnreadableError);
});

it('a plan that cannot be read is no reason to keep the pantry as it is', () => {
  spoil('revision', '{}');
  const [curd] = readRows(db).rows.ingredients;
  saveRows(db, 'ingredients', [{ ...curd!, water: curd!.water / 2 }], { now: minute(9) });
  expect(readRows(db).rows.ingredients[0]!.water).toBeCloseTo(curd!.water / 2);
});

it('a batch is read, and the others with it, whatever one tap of it says', () => {
  spoil('event', '{"kind":"unheardOf"}');
  expect(getRun(db, 'run-1').events).toHaveLength(1);
  spoil('run', '{}');
  db.$client.prepare("update runs set summary = '[' where id = 'run-1'").run();
  expect(readRuns(db).unreadable).toMatchObject([{ kind: 'run', id: 'run-1' }]);
  expect(() => getRun(db, 'run-1')).toThrow(UnreadableError);
});
