import type { DrillAnswer } from '@/core/drills/skill';
import { openKitchenFile } from '../database';
import type { Database } from '../db/database';
import { practiceAnswers } from '../db/schema';
import { freshFile, minute } from '../testing/kitchenFile';
import { answersOf, keepAnswers, practiceSchema } from './practice';

let db: Database;
beforeEach(() => (db = openKitchenFile(freshFile())));
afterEach(() => db.$client.close());

const answer = (i: number): DrillAnswer => ({
  id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
  kind: 'light',
  seed: i,
  given: 0.8,
  right: true,
  sure: 'think',
  at: new Date(Date.UTC(2026, 10, 1, 9, i)).toISOString(),
});

describe('practice in the kitchen', () => {
  it('keeps each cook’s own, once, in the order it was given', () => {
    keepAnswers(db, { cook: 'Runa', answers: [answer(2), answer(1)] }, { now: minute(1) });
    keepAnswers(db, { cook: 'Runa', answers: [answer(2), answer(3)] }, { now: minute(2) });
    keepAnswers(db, { cook: 'Ivo', answers: [answer(2)] }, { now: minute(3) });
    expect(answersOf(db, 'Runa').map(({ seed }) => seed)).toEqual([1, 2, 3]);
    expect(answersOf(db, 'Ivo')).toEqual([answer(2)]);
    expect(answersOf(db, 'Nobody')).toEqual([]);
  });

  it('leaves out what cannot be read', () => {
    keepAnswers(db, { cook: 'Runa', answers: [answer(1), answer(2)] }, { now: minute(1) });
    db.$client.prepare("update practice_answers set document = '{ half' where seq = 1").run();
    expect(answersOf(db, 'Runa')).toEqual([answer(2)]);
  });

  it('keeps all of a load or nothing of it', () => {
    const row = { cook: 'Runa', arrivedAt: minute(0).toISOString(), document: '{}' };
    db.$client.transaction(() => {
      for (let i = 0; i < 20_000; i += 1) {
        db.insert(practiceAnswers)
          .values({ ...row, id: `old ${i}` })
          .run();
      }
    })();
    expect(() =>
      keepAnswers(db, { cook: 'Runa', answers: [answer(1)] }, { now: minute(1) }),
    ).toThrow('answers of one cook must be at most 20000');
    expect(answersOf(db, 'Runa')).toEqual([]);
  });

  it('takes answers alone that are some', () => {
    expect(practiceSchema.safeParse({ cook: '', answers: [] }).success).toBe(false);
    expect(practiceSchema.safeParse({ cook: 'Runa', answers: [{}] }).success).toBe(false);
    expect(
      practiceSchema.safeParse({ cook: 'Runa', answers: [{ ...answer(1), seed: 1.5 }] }).success,
    ).toBe(false);
  });
});
