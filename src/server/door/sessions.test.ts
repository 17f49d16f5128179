import { FieldError } from '@/core/range';
import { openDatabase, type Database } from '../db/database';
import {
  endSession,
  findKey,
  getDoor,
  HOUSE,
  isEnded,
  linksTo,
  listKeys,
  putKey,
  removeKey,
  sharedRun,
  shareRun,
  signOutEverywhere,
  triesKept,
  unshareRun,
} from '../repositories/door';
import { destroyPlan } from '../repositories/plans';
import { filledKitchen, freshFile, minute } from '../testing/kitchenFile';
import { entry } from './entry';
import { ForbiddenError } from './forbidden';
import { listensBeyond } from './listening';
import { localPath } from './localPath';
import { hashPassphrase, isPassphrase } from './passphrase';
import { roleAllows, ROLES } from './roles';
import { readSession, sessionCookie, signSession, type Session } from './sessions';
import type { DoorState } from './state';
import { addressOf } from './address';
import { countTries, inMemory } from './tries';

const SECRET = Buffer.alloc(32, 7).toString('base64');
const session: Session = { key: 'k', keyAt: 'then', generation: 3, until: 1000 };
const now = { secret: SECRET, generation: 3, nowS: 999 };

describe('sessions', () => {
  const cookie = signSession(session, SECRET);

  it('are read back until they are over', () => {
    expect(readSession(cookie, now)).toEqual(session);
    expect(readSession(cookie, { ...now, nowS: 1000 })).toBeNull();
    expect(readSession(cookie, { ...now, generation: 4 })).toBeNull();
  });

  it('that were made or changed elsewhere are none', () => {
    const [text = '', signed = ''] = cookie.split('.');
    const other = Buffer.from(JSON.stringify({ ...session, key: 'admin' })).toString('base64url');
    for (const forged of [
      undefined,
      '',
      '.',
      'a.b',
      text,
      `${text}.`,
      `${other}.${signed}`,
      `${cookie}.${signed}`,
      `${text}.${signed.slice(1)}`,
      signSession(session, Buffer.alloc(32, 8).toString('base64')),
    ]) {
      expect(readSession(forged, now)).toBeNull();
    }
  });

  it('stand in a cookie that no script reads and no other site’s form sends', () => {
    expect(sessionCookie('x', { encrypted: false })).toMatch(
      /^mortar-session=x; .*HttpOnly; SameSite=Lax/,
    );
    expect(sessionCookie('x', { encrypted: true })).toMatch(/; Secure$/);
    expect(sessionCookie('', { encrypted: false })).toContain('Max-Age=0');
  });
});

describe('passphrases', () => {
  it('are right or wrong, whatever the keyboard composed', async () => {
    const hash = await hashPassphrase(' crème fraîche ');
    expect(hash).toMatch(/^scrypt\$65536\$8\$1\$/);
    expect(await isPassphrase('crème fraîche'.normalize('NFD'), hash)).toBe(true);
    expect(await isPassphrase('creme fraiche', hash)).toBe(false);
    expect(await isPassphrase('', hash)).toBe(false);
    expect(await isPassphrase('crème fraîche', null)).toBe(false);
    expect(await isPassphrase('x'.repeat(5000), hash)).toBe(false);
    expect(await hashPassphrase('crème fraîche')).not.toBe(hash);
  });

  it.each(['short', '         a', 'x'.repeat(201)])('%j is refused', async (passphrase) => {
    await expect(hashPassphrase(passphrase)).rejects.toThrow(FieldError);
  });
});

describe('tries', () => {
  it('cost nothing at first, then each twice the wait before, to a quarter of an hour', () => {
    const tries = countTries(inMemory());
    const waits = Array.from({ length: 16 }, () => {
      tries.tried('a', 0);
      return tries.wait('a', 0) / 1000;
    });
    expect(waits).toEqual([0, 0, 0, 2, 4, 8, 16, 32, 64, 128, 256, 512, 900, 900, 900, 900]);
    expect(tries.wait('b', 0)).toBe(0);
    expect(tries.wait('a', 900_000)).toBe(0);
    tries.right('a', 0);
    expect(tries.wait('a', 0)).toBe(0);
  });

  it('that are right are no failures, of the address or of all together', () => {
    const tries = countTries(inMemory());
    for (let n = 0; n < 500; n++) {
      expect([n, tries.wait('house', n), tries.wait('new', n)]).toEqual([n, 0, 0]);
      tries.tried('house', n);
      tries.right('house', n);
    }
  });

  it('from one address lock nobody else out, however many', () => {
    const tries = countTries(inMemory());
    for (let n = 0; n < 10_000; n++) tries.tried('one', n);
    expect(tries.wait('other', 10_000)).toBe(0);
  });

  it('from many addresses make strangers wait, never long, and none where somebody came in before', () => {
    const tries = countTries(inMemory());
    tries.tried('known', 0);
    tries.right('known', 0);
    for (let i = 0; i < 20_000; i++) tries.tried(`10.0.${i >> 8}.${i & 255}`, 0);
    expect(tries.wait('new', 0)).toBe(5000);
    expect(tries.wait('known', 0)).toBe(0);
  });

  it('of a crowd of strangers push out nobody who came in', () => {
    const db = openDatabase(':memory:');
    const kept = triesKept(db);
    kept.write('known', { failures: 0, until: 5, rightAt: 5 });
    const add = db.$client.prepare('insert into door_tries values (?, 1, ?, null)');
    db.$client.transaction(() => {
      for (let i = 0; i < 10_005; i++) add.run(`10.${i}`, 100 + i);
    })();
    kept.write('last', { failures: 1, until: 20_000, rightAt: null });
    expect([kept.read('known')?.rightAt, kept.read('10.0'), kept.read('last')?.failures]).toEqual([
      5,
      null,
      1,
    ]);
    db.$client.close();
  });

  it('of a clock that was years ahead keep nobody out once it is right', () => {
    const tries = countTries(inMemory());
    for (let n = 0; n < 20; n++) tries.tried('a', Date.UTC(2030, 0, 1));
    expect(tries.wait('a', Date.UTC(2026, 10, 24))).toBe(0);
  });

  it('are remembered by every process at the door, not past a restart of one', () => {
    const file = freshFile();
    const [one, other] = [openDatabase(file), openDatabase(file)];
    for (let n = 0; n < 5; n++) countTries(triesKept(one)).tried('a', 0);
    expect(countTries(triesKept(other)).wait('a', 0)).toBe(4000);
    one.$client.close();
    other.$client.close();
  });

  it.each([
    ['192.0.2.7', 0, '192.0.2.7'],
    ['spoofed, 192.0.2.7', 1, '192.0.2.7'],
    ['spoofed, 192.0.2.7, 10.0.0.2', 2, '192.0.2.7'],
    ['10.0.0.2', 2, '10.0.0.2'],
    [null, 1, ''],
    ['2001:db8:1:2:3:4:5:6', 1, '2001:db8:1:2::/64'],
    ['2001:db8::1', 1, '2001:db8:0:0::/64'],
    ['::1', 0, '0:0:0:0::/64'],
  ])('%j behind %d proxies are of %s', (forwarded, proxies, address) =>
    expect(addressOf(forwarded, proxies)).toBe(address),
  );
});

describe('where a server listens', () => {
  it.each([
    [{ listen: undefined, args: [] }, true],
    [{ listen: undefined, args: ['next', 'start', '-H', '127.0.0.1'] }, false],
    [{ listen: undefined, args: ['next', 'start', '-H', '0.0.0.0'] }, true],
    [{ listen: '127.0.0.1:4173', args: [] }, false],
    [{ listen: '[::1]:80', args: [] }, false],
    [{ listen: 'localhost:4173', args: [] }, false],
    [{ listen: '0.0.0.0:4173', args: ['-H', '127.0.0.1'] }, true],
    [{ listen: '127.0.0.1.example:1', args: [] }, true],
    [{ listen: 'rubbish here', args: [] }, true],
  ])('%j: beyond its machine %p', (how, beyond) => expect(listensBeyond(how)).toBe(beyond));
});

it.each([
  ['/plans/a?at=count', '/plans/a?at=count'],
  ['/', '/'],
  ['//elsewhere.example', '/'],
  ['/\\elsewhere.example', '/'],
  ['/\t/elsewhere.example', '/'],
  ['/.//elsewhere.example', '/'],
  ['https://elsewhere.example/a', '/'],
  ['javascript:alert(1)', '/'],
  ['/door?to=/door', '/'],
  [undefined, '/'],
  [['/a', '/b'], '/'],
])('signed in, %j leads to %s', (to, path) => expect(localPath(to)).toBe(path));

describe('who comes in', () => {
  const door: DoorState = {
    hasKeys: true,
    whoIs: (cookie) => (cookie === 'right' ? { name: 'ines', role: 'bench' } : null),
    leadsTo: (token) => token === 'abc',
  };
  const asks = (path: string, cookie?: string) => entry(door, { path, cookie });

  it('is everybody on this machine, and nobody before there is a key', () => {
    expect(entry(null, { path: '/', cookie: undefined })).toMatchObject({ role: 'plan' });
    expect(entry({ ...door, hasKeys: false }, { path: '/door', cookie: 'right' }).kind).toBe(
      'noKeys',
    );
  });

  it('is whoever has a session, in their role; others see the door alone', () => {
    expect(asks('/kitchen', 'right')).toEqual({ kind: 'in', name: 'ines', role: 'bench' });
    for (const path of [
      '/',
      '/plans/a',
      '/api/plans',
      '/doors',
      '/door/x',
      '/api/door/x',
      '/shared/abd',
      '/shared/abc/x',
      '/_next/image',
    ]) {
      expect(asks(path).kind).toBe('stranger');
      expect(asks(path, 'wrong').kind).toBe('stranger');
    }
    for (const path of [
      '/door',
      '/api/door',
      '/_next/static/a.js',
      '/shared/abc',
      '/favicon.ico',
    ]) {
      expect(asks(path)).toEqual({ kind: 'in', name: '', role: null });
    }
  });

  it('may do what their role is for, and what the roles before it are for', () => {
    const table = ROLES.map((has) => ROLES.map((needs) => roleAllows(has, needs)));
    expect(table).toEqual([
      [true, false, false],
      [true, true, false],
      [true, true, true],
    ]);
    expect(roleAllows(null, 'look')).toBe(false);
    expect(new ForbiddenError('look').message).toMatch(/look, not change/);
    expect(new ForbiddenError('bench').message).toMatch(/for the bench/);
    expect(new ForbiddenError(null).message).toMatch(/not signed in/);
  });
});

describe('keys and links', () => {
  let db: Database;
  beforeEach(() => (db = filledKitchen(':memory:')));
  afterEach(() => db.$client.close());

  it('are found by name however it is written, changed in place, and taken away', () => {
    putKey(db, { name: 'Ines ', role: 'bench', hash: 'one', now: minute(1) });
    putKey(db, { name: HOUSE, role: 'plan', hash: 'two', now: minute(1) });
    const key = findKey(db, { name: ' INES' })!;
    putKey(db, { name: 'ines', role: 'look', hash: 'three', now: minute(2) });
    expect(findKey(db, { id: key.id })).toMatchObject({ role: 'look', hash: 'three' });
    expect(findKey(db, { id: key.id })!.updatedAt).not.toBe(key.updatedAt);
    expect(listKeys(db)).toHaveLength(2);
    removeKey(db, key.id);
    expect(findKey(db, { name: 'ines' })).toBeNull();
    expect(() => removeKey(db, key.id)).toThrow(/no key/);
  });

  it('signing everybody out ends what was signed before', () => {
    const before = getDoor(db);
    expect(getDoor(db)).toEqual(before);
    signOutEverywhere(db);
    expect(getDoor(db)).toEqual({ ...before, generation: before.generation + 1 });
    expect(getDoor(openDatabase(':memory:')).secret).not.toBe(before.secret);
  });

  it('a session that was signed out is over, and no other of the same key', () => {
    endSession(db, { cookie: 'mine', until: 2e9, now: minute(1) });
    expect([isEnded(db, 'mine'), isEnded(db, 'other')]).toEqual([true, false]);
    // Past its time it is not remembered: it would be over by itself.
    endSession(db, { cookie: 'later', until: 3e9, now: new Date(2.1e12) });
    expect([isEnded(db, 'mine'), isEnded(db, 'later')]).toEqual([false, true]);
  });

  it('lead to one run until they are taken back, and are kept nowhere', () => {
    const token = shareRun(db, 'run-1', minute(1));
    shareRun(db, 'run-1', minute(2));
    expect(sharedRun(db, token)).toBe('run-1');
    expect(linksTo(db, 'run-1')).toBe(2);
    expect(JSON.stringify(db.$client.prepare('select * from shared_links').all())).not.toContain(
      token,
    );
    expect(sharedRun(db, token.slice(1))).toBeNull();
    expect(() => shareRun(db, 'none', minute(1))).toThrow(/no run/);
    unshareRun(db, 'run-1');
    expect(sharedRun(db, token)).toBeNull();
    // A run goes with its links.
    shareRun(db, 'run-1', minute(3));
    destroyPlan(db, 'a');
    expect(linksTo(db, 'run-1')).toBe(0);
  });
});
