import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startingKitchen } from '@/core/kitchen/kitchen';
import type { DrillAnswer } from '@/core/drills/skill';
import { startingPantry } from '@/core/composition/pantry';
import { planWith } from '@/core/testing/plans';
import { openKitchenFile } from '../database';
import type { Database } from '../db/database';
import { newDay } from '@/core/schedule/document/day';
import { addMarks, createDay, linkRun } from '../repositories/days';
import { saveKitchen } from '../repositories/kitchen';
import { saveRows } from '../repositories/pantry';
import { createPlan, savePlan } from '../repositories/plans';
import { keepAnswers } from '../repositories/practice';
import { addEvents, openRun } from '../repositories/runs';

/** For tests: a moment of one morning. */
export const minute = (minutes: number): Date => new Date(Date.UTC(2026, 10, 24, 9, minutes));

/** For tests: a name for a file in a folder of its own. */
export const freshFile = (name = 'mortar.db'): string =>
  join(mkdtempSync(join(tmpdir(), 'mortar-')), name);

/** For tests: the ids of the taps of the kitchen's one batch. */
export const EVENTS = [
  '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001',
  '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0002',
] as const;

/** For tests: what its cook answered at practice. */
const ANSWER: DrillAnswer = {
  id: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0003',
  kind: 'light',
  seed: 4,
  given: 0.8,
  right: true,
  sure: 'think',
  at: minute(5).toISOString(),
};

/** For tests: a kitchen with something of every kind in it. */
export function filledKitchen(file = freshFile()): Database {
  const db = openKitchenFile(file);
  saveKitchen(db, { ...startingKitchen, name: 'A hall by the lake' }, { now: minute(0) });
  const curd = {
    ...[...startingPantry.ingredients.values()][0]!,
    id: 'own-curd',
    name: 'Own curd',
  };
  saveRows(db, 'ingredients', [curd], { now: minute(0) });
  createPlan(db, { id: 'a', plan: planWith({ name: 'First' }), now: minute(1), sitting: 's' });
  createPlan(db, { id: 'b', plan: planWith({ name: 'Second' }), now: minute(2) });
  openRun(db, { id: 'run-1', planId: 'a', revision: 1, learnt: [], now: minute(3) });
  addEvents(
    db,
    'run-1',
    [
      { id: EVENTS[0], at: minute(4).toISOString(), kind: 'begun' },
      { id: EVENTS[1], at: minute(5).toISOString(), kind: 'counted', pieces: 12 },
    ],
    minute(5),
  );
  const day = newDay(startingKitchen, { name: 'A supper', date: '2026-11-27' });
  createDay(db, { id: 'day-1', day, now: minute(5) });
  const mark = {
    id: EVENTS[0],
    at: minute(5).toISOString(),
    kind: 'done',
    task: 'a/turn/1',
  } as const;
  addMarks(db, 'day-1', [mark], minute(5));
  db.transaction((tx) => linkRun(tx, { dayId: 'day-1', service: 'supper', runId: 'run-1' }));
  keepAnswers(db, { cook: 'Runa', answers: [ANSWER] }, { now: minute(5) });
  savePlan(db, {
    id: 'a',
    plan: planWith({ name: 'First', shape: { doseG: 9 } }),
    baseEdition: 1,
    sitting: 't',
    now: minute(6),
  });
  return db;
}
