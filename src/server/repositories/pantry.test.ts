import { basisWith } from '@/core/basis/basis';
import type { Ingredient } from '@/core/composition/ingredient';
import { startingPantry } from '@/core/composition/pantry';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { planWith } from '@/core/testing/plans';
import { openDatabase, type Database } from '../db/database';
import { addLogEntry, listLog } from './log';
import { getPantry, ownRows, readRows, removeRow, saveRow, saveRows } from './pantry';
import { createPlan, getPlan, savePlan } from './plans';

const now = new Date('2026-11-24T10:00:00Z');
const ricotta = startingPantry.ingredients.get('ricotta-fresh')!;
const mill: Ingredient = {
  ...startingPantry.ingredients.get('flour-00')!,
  id: 'mill-flour',
  name: 'Mill flour',
};
const curd = (weighedG?: number) =>
  planWith({
    filling: {
      parts: [
        {
          id: 'ricotta-fresh',
          g: 500,
          preparation: 'drain-sieve',
          ...(weighedG === undefined ? {} : { weighedG }),
        },
      ],
    },
  });

let db: Database;
beforeEach(() => {
  db = openDatabase(':memory:');
});
afterEach(() => db.$client.close());

describe('the pantry', () => {
  it('is read anew whenever a row of it changes, whoever changes it, and not else', () => {
    saveRows(db, 'ingredients', [mill], { now });
    const before = getPantry(db);
    createPlan(db, { id: 'a', plan: planWith(), now });
    expect(getPantry(db)).toBe(before);
    // Past the product, as a hand in the file would.
    const rename = "update pantry_ingredients set document = replace(document, 'Mill', 'Stone')";
    db.$client.exec(rename);
    expect(getPantry(db).ingredients.get('mill-flour')!.name).toBe('Stone flour');
    // What was begun and taken back is not remembered.
    db.$client.exec('begin');
    db.$client.exec("delete from pantry_ingredients where id = 'mill-flour'");
    expect(getPantry(db).ingredients.has('mill-flour')).toBe(false);
    db.$client.exec('rollback');
    expect(getPantry(db).ingredients.get('mill-flour')!.name).toBe('Stone flour');
  });

  it('is the shipped one until rows of the cook’s own lie over it', () => {
    expect(getPantry(db)).toBe(startingPantry);
    saveRows(db, 'ingredients', [mill, { ...ricotta, water: 0.76 }], { now });
    const pantry = getPantry(db);
    expect(pantry.ingredients.get('mill-flour')).toEqual(mill);
    expect(pantry.ingredients.get('ricotta-fresh')?.water).toBe(0.76);
    expect(pantry.ingredients.size).toBe(startingPantry.ingredients.size + 1);
  });

  describe('one row, as a cook works on it', () => {
    const mine = { ...ricotta, water: 0.76 };
    const theirs = { ...ricotta, water: 0.7 };
    const save = (row: Ingredient, baseEdition: number) =>
      saveRow(db, 'ingredients', row, { now, baseEdition });
    const stands = () => getPantry(db).ingredients.get(ricotta.id);
    const edition = () => readRows(db).editions.ingredients[ricotta.id] ?? 0;

    it('is not written over from an older edition: what stands there comes back', () => {
      expect(save(theirs, 0)).toEqual({ kind: 'saved', edition: edition() });
      expect(save(mine, 0)).toEqual({ kind: 'conflict', theirs, edition: edition() });
      expect(stands()).toEqual(theirs);
      expect(save(mine, edition()).kind).toBe('saved');
      expect(stands()).toEqual(mine);
    });

    it('sent again, its answer lost, is the same', () => {
      const first = save(mine, 0);
      expect(save(mine, 0)).toEqual(first);
    });

    it('of a row that was taken out, or made, meanwhile says so', () => {
      save(mill, 0);
      const was = readRows(db).editions.ingredients[mill.id]!;
      expect(save({ ...mill, name: 'Another' }, 0)).toMatchObject({
        kind: 'conflict',
        theirs: mill,
      });
      removeRow(db, 'ingredients', mill.id);
      const late = save({ ...mill, name: 'Another' }, was);
      expect(late).toEqual({ kind: 'conflict', theirs: null, edition: 0 });
    });

    it('never gets an edition it had before, taken out and put back', () => {
      save(theirs, 0);
      const was = edition();
      removeRow(db, 'ingredients', ricotta.id);
      expect(edition()).toBe(0);
      save(theirs, 0);
      expect(edition()).toBeGreaterThan(was);
      expect(save(mine, was).kind).toBe('conflict');
    });

    it('of a kitchen of before editions is past theirs', () => {
      save(theirs, 0);
      db.$client.exec('update pantry_ingredients set edition = 1; delete from pantries');
      expect(save(mine, 1)).toEqual({ kind: 'saved', edition: 2 });
    });
  });

  it('forgets a row that is the shipped one again', () => {
    saveRows(db, 'ingredients', [{ ...ricotta, water: 0.76 }], { now });
    saveRows(db, 'ingredients', [ricotta], { now });
    expect(ownRows(db).ingredients).toEqual([]);
    saveRows(db, 'ingredients', [{ ...ricotta, water: 0.76 }], { now });
    removeRow(db, 'ingredients', 'ricotta-fresh');
    expect(getPantry(db)).toBe(startingPantry);
  });

  it('works a plan out with the cook’s own rows, and the plan is read by them', () => {
    saveRows(db, 'ingredients', [mill], { now });
    const plan = {
      ...planWith(),
      dough: {
        ...planWith().dough,
        parts: [
          { id: 'mill-flour', g: 400 },
          { id: 'egg-whole', g: 200 },
        ],
      },
    };
    createPlan(db, { id: 'm', plan, now });
    expect(getPlan(db, 'm').plan.dough.parts[0]?.id).toBe('mill-flour');
    expect(
      evaluatePlan(getPlan(db, 'm').plan, basisWith(getPantry(db))).dough.hydration,
    ).toBeCloseTo(0.381, 9);
  });

  it('keeps a new row that a plan uses, even in an older revision, and says so', () => {
    saveRows(db, 'ingredients', [mill], { now });
    const plan = {
      ...planWith(),
      dough: {
        ...planWith().dough,
        parts: [
          { id: 'mill-flour', g: 400 },
          { id: 'egg-whole', g: 200 },
        ],
      },
    };
    createPlan(db, { id: 'm', plan, now });
    savePlan(db, { id: 'm', plan: planWith(), baseEdition: 1, sitting: '', now });
    expect(() => removeRow(db, 'ingredients', 'mill-flour')).toThrow(
      /“mill-flour” is used by 1 plan, older revisions counted/,
    );
    expect(getPantry(db).ingredients.has('mill-flour')).toBe(true);
  });

  it('takes a new row out that nothing uses', () => {
    saveRows(db, 'ingredients', [mill], { now });
    removeRow(db, 'ingredients', 'mill-flour');
    expect(getPantry(db)).toBe(startingPantry);
  });

  it('refuses rows that would make a kept plan unreadable, all of them, and names the plan', () => {
    createPlan(db, { id: 'c', plan: { ...curd(150), name: 'Curd day' }, now });
    expect(() => saveRows(db, 'ingredients', [mill, { ...ricotta, water: 0.6 }], { now })).toThrow(
      /would make “Curd day” unreadable: filling\.parts\[0\]\.weighedG: must be at least/,
    );
    expect(ownRows(db).ingredients).toEqual([]);
    expect(getPlan(db, 'c').plan.name).toBe('Curd day');
  });

  it('refuses a preparation no longer done to what a plan does it to', () => {
    createPlan(db, { id: 'c', plan: curd(), now });
    const sieve = startingPantry.preparations.get('drain-sieve')!;
    expect(() =>
      saveRows(db, 'preparations', [{ ...sieve, appliesTo: ['quark'] }], { now }),
    ).toThrow(/is not done to ricotta-fresh/);
  });
});

describe('a logged batch', () => {
  it('stays as it was planned when the pantry changes', () => {
    createPlan(db, { id: 'c', plan: curd(), now });
    const entry = {
      id: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001',
      madeOn: '2026-11-24',
      pieces: 40,
      burst: 1,
      doughLeftG: 0,
      fillingLeftG: 5,
      note: '',
    };
    addLogEntry(db, { planId: 'c', revision: 1, entry, now });
    const free = (pantry = getPantry(db)) =>
      evaluatePlan(getPlan(db, 'c').plan, basisWith(pantry)).filling.freeWaterShare;
    const planned = free();
    saveRows(db, 'ingredients', [{ ...ricotta, water: 0.78, carbohydrate: 0.02 }], { now });
    expect(free()).toBeGreaterThan(planned);
    expect(free(listLog(db, 'c')[0]!.basis.pantry)).toBe(planned);
  });
});
