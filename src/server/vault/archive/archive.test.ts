import { strToU8, unzipSync, zipSync } from 'fflate';
import type { Archive } from '@/core/formats/archive';
import { readArchive, writeArchive } from '@/core/formats/archiveFile';
import { planWith } from '@/core/testing/plans';
import type { Database } from '../../db/database';
import { openKitchenFile } from '../../database';
import { getKitchen, kitchenEdition, saveKitchen } from '../../repositories/kitchen';
import { readRows } from '../../repositories/pantry';
import { getPlan, savePlan } from '../../repositories/plans';
import { listRevisions } from '../../repositories/revisions';
import { addEvents, getRun, listRuns, openRun } from '../../repositories/runs';
import { filledKitchen, freshFile, minute } from '../../testing/kitchenFile';
import { comingIn } from './comingIn';
import { readAll } from './readAll';
import { takeIn } from './takeIn';

let db: Database;
beforeEach(() => (db = filledKitchen()));
afterEach(() => db.$client.close());

const empty = () => openKitchenFile(freshFile());
const revise = (kitchen: Database, doseG: number, minutes: number) =>
  savePlan(kitchen, {
    id: 'a',
    plan: planWith({ name: 'First', shape: { doseG } }),
    baseEdition: getPlan(kitchen, 'a').edition,
    sitting: '',
    now: minute(minutes),
  });

describe('an archive', () => {
  it('is the same bytes for the same kitchen, and reads back as it was written', () => {
    const archive = readAll(db);
    expect(readArchive(writeArchive(archive))).toEqual(archive);
    expect(Buffer.from(writeArchive(readAll(db))).equals(Buffer.from(writeArchive(archive)))).toBe(
      true,
    );
  });

  it('taken into an empty kitchen makes the same kitchen, batches counted', () => {
    // What cannot be read goes along to the letter.
    db.$client.prepare("update plan_revisions set document = '{ half' where plan_id = 'b'").run();
    const archive = readArchive(writeArchive(readAll(db)));
    const other = empty();
    expect(comingIn(other, archive)).toEqual({
      kitchen: { fresh: 1, same: 0, different: [] },
      ingredients: { fresh: 1, same: 0, different: [] },
      preparations: { fresh: 0, same: 0, different: [] },
      plans: { fresh: 2, same: 0, different: [] },
      batches: { fresh: 1, same: 0, different: [] },
      days: { fresh: 1, same: 0, different: [] },
      practice: { fresh: 1, same: 0, different: [] },
    });
    takeIn(other, archive, { different: 'keep', now: minute(60) });
    expect(readAll(other)).toEqual(archive);
    expect(listRuns(other)[0]!.summary).toEqual(listRuns(db)[0]!.summary);
    // Once more changes nothing.
    takeIn(other, archive, { different: 'take', now: minute(61) });
    expect(readAll(other)).toEqual(archive);
    other.$client.close();
  });

  it.each(['keep', 'take'] as const)('where both differ: %s', (different) => {
    const archive = readAll(db);
    revise(db, 10, 30);
    addEvents(
      db,
      'run-1',
      [
        {
          id: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0003',
          at: minute(31).toISOString(),
          kind: 'counted',
          pieces: 30,
        },
      ],
      minute(31),
    );
    expect(comingIn(db, archive)).toMatchObject({
      plans: { same: 1, different: ['First'] },
      batches: { different: [expect.stringContaining('run-1')] },
    });
    takeIn(db, archive, { different, now: minute(40) });
    const { revisions } = listRevisions(db, 'a');
    expect(getPlan(db, 'a').plan.shape.doseG).toBe(different === 'take' ? 9 : 10);
    // What was here is still here, and no tap is lost.
    expect(revisions.map(({ plan }) => plan.shape.doseG)).toContain(10);
    expect(getRun(db, 'run-1').events).toHaveLength(3);
  });

  it('brings along the revision a batch was made from, whatever its number is here', () => {
    const other = empty();
    takeIn(other, readAll(db), { different: 'keep', now: minute(20) });
    // Both go on apart: revision 3 is one thing here and another there.
    revise(db, 11, 30);
    openRun(db, { id: 'run-2', planId: 'a', revision: 3, learnt: [], now: minute(31) });
    revise(other, 12, 32);
    takeIn(other, readAll(db), { different: 'keep', now: minute(40) });
    expect(getRun(other, 'run-2').plan.shape.doseG).toBe(11);
    expect(getPlan(other, 'a').plan.shape.doseG).toBe(12);
    other.$client.close();
  });

  it('that takes the place of kitchen and pantry is another edition of them: an open page asks first', () => {
    const archive = readAll(db);
    saveKitchen(db, { ...getKitchen(db), name: 'Quay' }, { now: minute(40) });
    const [kitchen, rows] = [kitchenEdition(db), readRows(db).editions.ingredients];
    takeIn(db, archive, { different: 'take', now: minute(41) });
    expect(kitchenEdition(db)).toBeGreaterThan(kitchen);
    const [id, was] = Object.entries(rows)[0]!;
    expect(readRows(db).editions.ingredients[id]).toBeGreaterThan(was);
  });

  it('with a batch that has no plan is refused whole', () => {
    const { runs } = readAll(db);
    const other = empty();
    const archive: Archive = { ...readAll(other), kitchen: '{"name":"x"}', runs };
    expect(() => takeIn(other, archive, { different: 'take', now: minute(9) })).toThrow(
      /runs\/run-1 was made from revision 1 of “a”, which is missing/,
    );
    expect(readAll(other).kitchen).toBeNull();
    other.$client.close();
  });

  it('that is none is refused by the file and the field', () => {
    const files = unzipSync(writeArchive(readAll(db)));
    const changed = (name: string, change: (text: string) => string) =>
      zipSync({ ...files, [name]: strToU8(change(Buffer.from(files[name] ?? []).toString())) });
    const refusal = (bytes: Uint8Array) => {
      try {
        readArchive(bytes);
      } catch (error) {
        return (error as Error).message;
      }
      return 'was taken';
    };
    expect(refusal(strToU8('no zip'))).toBe('archive is not a zip file that can be unpacked');
    expect(refusal(zipSync({ 'a.txt': strToU8('a') }))).toBe('archive.json is missing');
    expect(
      refusal(changed('archive.json', (text) => text.replace('"version": 1', '"version": 2'))),
    ).toMatch(/archive.json version: .*newer/);
    expect(refusal(changed('pantry.json', () => '{'))).toBe('pantry.json is not JSON');
    expect(
      refusal(changed('plans/a.json', (text) => text.replace('"number": 2', '"number": 1'))),
    ).toMatch(/plans\/a.json revisions: must stand in their order/);
    expect(
      refusal(
        changed('plans/%2E%2E%2Fx.json', () => Buffer.from(files['plans/a.json']!).toString()),
      ),
    ).toMatch(/holds “a”/);
    // Cut short anywhere, it is not taken as far as it came.
    const whole = writeArchive(readAll(db));
    for (const share of [0.3, 0.9, 0.999]) {
      expect(refusal(whole.subarray(0, share * whole.length))).toMatch(/is not a zip file/);
    }
    expect(getKitchen(db).name).toBe('A hall by the lake');
  });

  it('that is small and unpacks to very much is refused before it has', () => {
    const bomb = zipSync({ 'plans/a.json': new Uint8Array(40 * 1024 * 1024) }, { level: 9 });
    expect(bomb.length).toBeLessThan(80_000);
    expect(() => readArchive(bomb)).toThrow('archive unpacks to more than 20 MB');
    // Nor is it believed where it says that it is small.
    const lying = Buffer.from(bomb);
    lying.writeUInt32LE(100, 22);
    lying.writeUInt32LE(100, lying.indexOf(Buffer.from([0x50, 0x4b, 1, 2])) + 24);
    expect(() => readArchive(lying)).toThrow('archive unpacks to more than 20 MB');
    const many = Object.fromEntries(
      Array.from({ length: 50_001 }, (_, i) => [`plans/${i}.json`, new Uint8Array(0)]),
    );
    expect(() => readArchive(zipSync(many, { level: 0 }))).toThrow('holds over 50000 files');
  });
});
