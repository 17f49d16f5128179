import { planWith } from '@/core/testing/plans';
import { startingKitchen } from '@/core/kitchen/kitchen';
import { openDatabase } from '../db/database';
import { foundCauses } from './faults';
import { saveKitchen } from './kitchen';
import { createPlan } from './plans';
import { addEvents, openRun } from './runs';

const now = new Date('2026-11-20T10:00:00Z');
const at = now.toISOString();
const id = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;

describe('causes found in this kitchen', () => {
  const db = openDatabase(':memory:');
  createPlan(db, { id: 'p', plan: planWith(), now });
  openRun(db, { id: id(1), planId: 'p', revision: 1, learnt: [], now });

  it('are none before anything went wrong', () => {
    expect(foundCauses(db)).toEqual({});
  });

  it('are those of its batches, each as often as it was found', () => {
    addEvents(
      db,
      id(1),
      [
        { id: id(2), at, kind: 'traced', cause: 'airLeft', signs: ['pops'] },
        { id: id(3), at, kind: 'traced', cause: 'of a later version', signs: [] },
      ],
      now,
    );
    expect(foundCauses(db)).toEqual({ airLeft: 1 });
  });

  it('and those found beside any batch', () => {
    saveKitchen(db, { ...startingKitchen, found: { airLeft: 2, bigEggs: 1 } }, { now });
    expect(foundCauses(db)).toEqual({ airLeft: 3, bigEggs: 1 });
  });

  it('are no more once taken back, or once their batch is out of the logbook', () => {
    addEvents(db, id(1), [{ id: id(4), at, kind: 'struck' }], now);
    expect(foundCauses(db)).toEqual({ airLeft: 2, bigEggs: 1 });
    addEvents(
      db,
      id(1),
      [
        { id: id(5), at, kind: 'takenBack', event: id(4) },
        { id: id(6), at, kind: 'takenBack', event: id(2) },
      ],
      now,
    );
    expect(foundCauses(db)).toEqual({ airLeft: 2, bigEggs: 1 });
  });
});
