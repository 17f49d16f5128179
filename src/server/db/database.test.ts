import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { planWith } from '@/core/testing/plans';
import { createPlan } from '../repositories/plans';
import { openDatabase, write } from './database';
import { plans } from './schema';

const inFolder = () => join(mkdtempSync(join(tmpdir(), 'mortar-')), 'data', 'mortar.db');
const now = new Date('2026-11-01T10:00:00Z');

describe('the database file', () => {
  it('is its owner’s alone, and every answered write is on the disk', () => {
    const file = inFolder();
    const db = openDatabase(file);
    expect(statSync(file).mode & 0o777).toBe(0o600);
    expect(statSync(join(file, '..')).mode & 0o777).toBe(0o700);
    // 2 is FULL.
    expect(db.$client.pragma('synchronous', { simple: true })).toBe(2);
    db.$client.close();
  });

  it('takes a write whole or not at all', () => {
    const db = openDatabase(':memory:');
    expect(() =>
      write(db, () => {
        createPlan(db, { id: 'half', plan: planWith(), now });
        throw new Error('power');
      }),
    ).toThrow('power');
    expect(db.select().from(plans).all()).toEqual([]);
  });

  it('lets two writers by turns: the second waits for the first', () => {
    const file = inFolder();
    const [one, other] = [openDatabase(file), openDatabase(file)];
    createPlan(one, { id: 'a', plan: planWith(), now });
    createPlan(other, { id: 'b', plan: planWith(), now });
    expect(one.$client.prepare('select count(*) n from plans').get()).toEqual({ n: 2 });
    one.$client.close();
    other.$client.close();
  });

  it('is one file again once its server is told to end', async () => {
    const file = inFolder();
    const script = `
      import { database } from './src/server/database';
      import { createPlan } from './src/server/repositories/plans';
      import { startingPlans } from './src/core/plan/starting/startingPlans';
      createPlan(database(), { id: 'kept', plan: startingPlans.ravioliSquare, now: new Date() });
      process.on('SIGTERM', () => process.exit(0));
      setInterval(() => {}, 1000);
      console.log('written');
    `;
    const server = spawn('node_modules/.bin/tsx', ['-e', script], {
      env: { ...process.env, MORTAR_DB: file },
    });
    await new Promise((written) => server.stdout.once('data', written));
    expect(existsSync(`${file}-wal`)).toBe(true);
    server.kill('SIGTERM');
    await new Promise((ended) => server.once('exit', ended));
    expect(existsSync(`${file}-wal`)).toBe(false);
    const db = openDatabase(file);
    expect(db.select({ id: plans.id }).from(plans).all()).toEqual([{ id: 'kept' }]);
    db.$client.close();
  });
});
