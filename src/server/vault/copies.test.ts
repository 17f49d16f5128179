import { chmodSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Sqlite from 'better-sqlite3';
import { planWith } from '@/core/testing/plans';
import { isReadOnly, openKitchenFile } from '../database';
import { openDatabase, openToRead } from '../db/database';
import { outcome } from '../outcome';
import {
  findKey,
  getDoor,
  listKeys,
  putKey,
  removeKey,
  sharedRun,
  shareRun,
  unshareRun,
} from '../repositories/door';
import { findUnreadable } from '../repositories/keeping';
import { createPlan, getPlan, listPlans } from '../repositories/plans';
import { filledKitchen, freshFile, minute } from '../testing/kitchenFile';
import { readAll } from './archive/readAll';
import { checkCopy, copiesFolder, copyTo, keepCopies, listCopies, restoreFrom } from './copies';
import { copiesToRemove, copyName, newestFirst, readCopyName } from './copyNames';
import { VaultProblem, vaultProblem } from './problem';
import { problemAnswer } from './problemPage';
import { restoreFile } from './restoreFile';

const troubleOf = (run: () => unknown): string | undefined => {
  try {
    run();
  } catch (error) {
    return vaultProblem(error)?.trouble;
  }
  return undefined;
};
const bringForward = openKitchenFile;
const check = checkCopy;

describe('a kitchen’s file', () => {
  it('of a newer product is refused by both versions, and not a byte of it changes', () => {
    const file = freshFile();
    const db = filledKitchen(file);
    db.$client
      .prepare('insert into __drizzle_migrations (hash, created_at) values (?, ?)')
      .run('later', 9_000_000_000_000);
    db.$client.close();
    const before = readFileSync(file);
    expect(() => openDatabase(file)).toThrow(/its version is \d+, this product reads up to \d+/);
    expect(troubleOf(() => openDatabase(file))).toBe('newer');
    expect(readFileSync(file).equals(before)).toBe(true);
  });

  it('that is something else is refused, and left as it is', () => {
    const text = freshFile();
    writeFileSync(text, 'Not a database at all, but long enough to look like one. '.repeat(40));
    expect(troubleOf(() => openDatabase(text))).toBe('notAKitchen');
    expect(readFileSync(text, 'utf8')).toMatch(/^Not a database/);

    const other = freshFile();
    new Sqlite(other).exec('create table songs (id)').close();
    expect(troubleOf(() => openDatabase(other))).toBe('notAKitchen');
    expect(troubleOf(() => openDatabase(dirname(other)))).toBe('notAKitchen');
    expect(troubleOf(() => openDatabase(join(other, 'within', 'a.db')))).toBe('noFolder');
  });

  it('that may only be read is read, and every write refused in words', async () => {
    const file = freshFile();
    filledKitchen(file).$client.close();
    const db = openToRead(file);
    expect(isReadOnly(db)).toBe(true);
    expect(getPlan(db, 'a').plan.name).toBe('First');
    const result = await outcome(() =>
      createPlan(db, { id: 'c', plan: planWith(), now: minute(9) }),
    );
    expect(result).toMatchObject({ ok: false, error: expect.stringContaining('read-only') });
    db.$client.close();
  });

  it('on a full disk keeps what it has, and says so', async () => {
    const db = filledKitchen();
    db.$client.pragma(
      `max_page_count = ${String(db.$client.pragma('page_count', { simple: true }))}`,
    );
    const many = Array.from({ length: 40 }, (_, i) => `${i}`);
    const results = await Promise.all(
      many.map((id) =>
        outcome(() => createPlan(db, { id, plan: planWith({ name: id }), now: minute(9) })),
      ),
    );
    const kept = results.filter(({ ok }) => ok).length;
    expect(results.at(-1)).toMatchObject({
      ok: false,
      error: expect.stringContaining('disk is full'),
    });
    expect(listPlans(db, 'current').plans).toHaveLength(2 + kept);
    expect(db.$client.pragma('integrity_check', { simple: true })).toBe('ok');
    db.$client.close();
  });

  it('that cannot be opened answers a page or a line, never its insides', async () => {
    const problem = new VaultProblem('newer', 'its version is <9>');
    const page = problemAnswer(problem, {
      path: '/plans/a',
      headers: { 'x-frame-options': 'DENY' },
    });
    expect(page.status).toBe(503);
    expect(page.headers.get('x-frame-options')).toBe('DENY');
    expect(await page.text()).toContain('Its version is &lt;9&gt;.');
    const line = problemAnswer(problem, { path: '/api/plans', headers: {} });
    expect(await line.json()).toEqual({ error: problem.message });
  });
});

describe('copies', () => {
  it('are one file alone, their owner’s, and hold everything', async () => {
    const db = filledKitchen();
    const copy = freshFile('copy.db');
    await copyTo(db, copy, check);
    checkCopy(copy);
    expect(statSync(copy).mode & 0o777).toBe(0o600);
    // 1 is a file without a log beside it.
    expect([...readFileSync(copy).subarray(18, 20)]).toEqual([1, 1]);
    const read = openDatabase(copy);
    expect(readAll(read)).toEqual(readAll(db));
    read.$client.close();
    db.$client.close();
  });

  it('are made once a day, and the day after again', async () => {
    const db = filledKitchen();
    const file = db.$client.name;
    expect(await keepCopies(db, { now: minute(0), check })).toBe('2026-11-24-090000-daily.db');
    expect(await keepCopies(db, { now: minute(50), check })).toBeNull();
    await keepCopies(db, { now: new Date('2026-11-25T00:00:01Z'), check });
    expect(listCopies(file).map(({ at }) => at.slice(0, 10))).toEqual(['2026-11-25', '2026-11-24']);
    db.$client.close();
  });

  it('of seven days and four weeks stay, the newest of each week', () => {
    const day = (n: number) => new Date(Date.UTC(2026, 8, 1 + n, 5));
    let kept: string[] = [];
    for (let n = 0; n < 80; n++) {
      kept.push(copyName('daily', day(n)));
      const gone = copiesToRemove(
        kept.map((name) => readCopyName(name)!),
        day(n),
      );
      kept = kept.filter((name) => !gone.includes(name));
    }
    const days = kept.map((name) => name.slice(0, 10)).sort();
    expect(days.slice(-7)).toEqual(
      [73, 74, 75, 76, 77, 78, 79].map((n) => day(n).toISOString().slice(0, 10)),
    );
    // Sundays, but for the week that is still going by.
    expect(days.slice(0, -7)).toEqual(['2026-10-25', '2026-11-01', '2026-11-08', '2026-11-12']);
    // A clock that was years ahead for a while pushes out none of them, and is not the last copy.
    const ahead = Array.from({ length: 30 }, (_, n) =>
      copyName('daily', new Date(Date.UTC(2030, 0, 1 + n))),
    );
    const all = [...kept, ...ahead].map((name) => readCopyName(name)!);
    const removed = copiesToRemove(all, day(79));
    expect(removed.filter((name) => kept.includes(name))).toEqual([]);
    expect(removed).toHaveLength(20);
    expect(newestFirst(all, day(79))[0]!.name).toBe(copyName('daily', day(79)));
    expect(readCopyName('songs.db')).toBeNull();
    expect(readCopyName('2026-13-24-990000-daily.db')).toBeNull();
  });

  it('are put back whole, and what stood there is kept', async () => {
    const db = filledKitchen();
    const copy = freshFile('copy.db');
    await copyTo(db, copy, check);
    const before = readAll(db);
    createPlan(db, { id: 'later', plan: planWith(), now: minute(20) });
    const kept = await restoreFrom(db, copy, { now: minute(30), bringForward, check });
    expect(readAll(db)).toEqual(before);
    const stood = openDatabase(join(copiesFolder(db.$client.name), kept));
    expect(getPlan(stood, 'later').id).toBe('later');
    // And goes on being written to.
    createPlan(db, { id: 'after', plan: planWith(), now: minute(31) });
    expect(getPlan(db, 'after').id).toBe('after');
    stood.$client.close();
    db.$client.close();
  });

  it('bring back no key, session or link that was taken away, and take none that was given', async () => {
    const db = filledKitchen();
    const give = (name: string) => putKey(db, { name, role: 'plan', hash: name, now: minute(6) });
    give('gone');
    const old = shareRun(db, 'run-1', minute(6));
    const session = getDoor(db);
    const copy = freshFile('copy.db');
    await copyTo(db, copy, check);
    removeKey(db, findKey(db, { name: 'gone' })!.id);
    unshareRun(db, 'run-1');
    give('new');
    const link = shareRun(db, 'run-1', minute(7));
    await restoreFrom(db, copy, { now: minute(30), bringForward, check });
    expect(listKeys(db).map(({ name }) => name)).toEqual(['new']);
    expect([sharedRun(db, old), sharedRun(db, link)]).toEqual([null, 'run-1']);
    expect(getDoor(db).secret).not.toBe(session.secret);
    db.$client.close();
  });

  it('lose no write that was answered while they come in: it is refused, or in what stood there', async () => {
    const db = filledKitchen();
    const copy = freshFile('copy.db');
    await copyTo(db, copy, check);
    const answered: string[] = [];
    let [over, refused] = [false, 0];
    const writes = async () => {
      for (let n = 0; !over; n += 1) {
        try {
          createPlan(db, { id: `w${n}`, plan: planWith(), now: minute(20) });
          answered.push(`w${n}`);
        } catch (error) {
          expect(vaultProblem(error)?.trouble).toBe('busy');
          refused += 1;
        }
        await new Promise((resolve) => setImmediate(resolve));
      }
    };
    const writing = writes();
    const kept = await restoreFrom(db, copy, { now: minute(30), bringForward, check });
    over = true;
    await writing;
    const ids = (of: typeof db) => listPlans(of, 'current').plans.map(({ id }) => id);
    const stood = openDatabase(join(copiesFolder(db.$client.name), kept));
    const there = new Set([...ids(stood), ...ids(db)]);
    expect(answered.filter((id) => !there.has(id))).toEqual([]);
    expect([answered.length > 0, refused > 0]).toEqual([true, true]);
    stood.$client.close();
    db.$client.close();
  });

  it('that are damaged or no kitchen are refused before anything changes', async () => {
    const db = filledKitchen();
    const copy = freshFile('copy.db');
    await copyTo(db, copy, check);
    const bytes = readFileSync(copy);
    bytes.fill(0xff, 4096, 3 * 4096);
    writeFileSync(copy, bytes);
    const before = readAll(db);
    await expect(restoreFrom(db, copy, { now: minute(30), bringForward, check })).rejects.toThrow(
      VaultProblem,
    );
    const empty = freshFile('empty.db');
    writeFileSync(empty, '');
    await expect(restoreFrom(db, empty, { now: minute(30), bringForward, check })).rejects.toThrow(
      /it is empty/,
    );
    expect(readAll(db)).toEqual(before);
    expect(listCopies(db.$client.name)).toEqual([]);
    db.$client.close();
  });

  const DAMAGED: Readonly<Record<string, string[]>> = {
    plan_revisions: ['plan', 'revision'],
    run_events: ['event'],
    days: ['day'],
    door_keys: [],
  };

  it('take the place of a kitchen damaged in a table, which is set aside as it is', async () => {
    const db = filledKitchen();
    for (let n = 0; n < 40; n++) createPlan(db, { id: `p${n}`, plan: planWith(), now: minute(6) });
    putKey(db, { name: '', role: 'plan', hash: 'house', now: minute(6) });
    putKey(db, { name: 'mia', role: 'bench', hash: 'mia', now: minute(6) });
    const copy = freshFile('copy.db');
    await copyTo(db, copy, check);
    const file = db.$client.name;
    const whole = readAll(db);
    const tables = db.$client
      .prepare("select name, rootpage as page from sqlite_master where type = 'table' order by 2")
      .all() as { name: string; page: number }[];
    db.$client.close();
    const bytes = readFileSync(file);
    for (const { name, page } of tables) {
      if (page === 1 || name.startsWith('__drizzle')) continue;
      const ruined = Buffer.from(bytes);
      ruined.fill(0xff, (page - 1) * 4096, page * 4096);
      const other = freshFile();
      writeFileSync(other, ruined);
      // It opens, and the page from which a copy is restored says what is damaged.
      const opened = openKitchenFile(other);
      const { damaged } = findUnreadable(opened);
      if (name in DAMAGED) expect([name, damaged]).toEqual([name, DAMAGED[name]]);
      opened.$client.close();
      const { before } = await restoreFile(other, copy, minute(40));
      expect(before).toContain('set-aside');
      const aside = readFileSync(join(dirname(other), basename(before!)));
      expect([name, aside.length]).toEqual([name, ruined.length]);
      const read = openDatabase(other);
      expect([name, readAll(read)]).toEqual([name, whole]);
      // Who may come in is carried over, or, where just that is damaged, the house alone.
      const keys = listKeys(read).map((key) => key.name);
      expect([name, keys]).toEqual([
        name,
        /^(door_keys|shared_links)$/.test(name) ? [''] : ['', 'mia'],
      ]);
      read.$client.close();
    }
  });

  it('take the place of a file that cannot be opened, which is set aside', async () => {
    const db = filledKitchen();
    const copy = freshFile('copy.db');
    await copyTo(db, copy, check);
    db.$client.close();
    const file = freshFile();
    writeFileSync(file, 'ruined '.repeat(1000));
    const { before } = await restoreFile(file, copy, minute(40));
    expect(readFileSync(before!, 'utf8')).toMatch(/^ruined/);
    const read = openDatabase(file);
    expect(listPlans(read, 'current').plans).toHaveLength(2);
    read.$client.close();
    expect(await restoreFile(freshFile(), copy, minute(41))).toEqual({ before: null });
  });

  it('are not made on a disk that will not have them, and leave nothing half made', async () => {
    const db = filledKitchen();
    const folder = freshFile('closed');
    writeFileSync(folder, '');
    chmodSync(folder, 0o600);
    await expect(copyTo(db, join(folder, 'copy.db'), check)).rejects.toThrow(
      /folder cannot be reached/,
    );
    db.$client.close();
  });
});
