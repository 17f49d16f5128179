import fc from 'fast-check';
import type { LogEntry } from '@/core/log/logEntry';
import { planWith } from '@/core/testing/plans';
import { openDatabase, type Database } from '../db/database';
import { addLogEntry, listLog, removeLogEntry } from './log';
import {
  countShelves,
  createPlan,
  getPlan,
  listPlans,
  movePlan,
  savePlan,
  type PlanShelf,
} from './plans';
import { getRevision, listRevisions } from './revisions';

const start = planWith();
const dosed = (g: number) => ({ ...start, shape: { ...start.shape, doseG: g } });
const entry = (n: number): LogEntry => ({
  id: `5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d00${String(n).padStart(2, '0')}`,
  madeOn: '2026-11-21',
  pieces: 40,
  burst: 1,
  doughLeftG: 0,
  fillingLeftG: 5,
  note: '',
});

/** What two windows, a log and a shelf may do to one plan, in any order. */
type Act =
  | { readonly do: 'save'; readonly window: 0 | 1; readonly g: number; readonly minutes: number }
  | { readonly do: 'reload'; readonly window: 0 | 1 }
  | { readonly do: 'log' | 'unlog'; readonly n: number }
  | { readonly do: 'move'; readonly to: PlanShelf };

const window = fc.constantFrom(0 as const, 1 as const);
const anyAct: fc.Arbitrary<Act> = fc.oneof(
  {
    weight: 5,
    arbitrary: fc.record({
      do: fc.constant('save' as const),
      window,
      g: fc.integer({ min: 1, max: 12 }),
      minutes: fc.integer({ min: 0, max: 40 }),
    }),
  },
  { weight: 2, arbitrary: fc.record({ do: fc.constant('reload' as const), window }) },
  {
    weight: 2,
    arbitrary: fc.record({
      do: fc.constantFrom('log' as const, 'unlog' as const),
      n: fc.integer({ min: 0, max: 3 }),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      do: fc.constant('move' as const),
      to: fc.constantFrom<PlanShelf>('current', 'archived', 'deleted'),
    }),
  },
);

/** The same, kept by hand: what the store should hold after each act. */
function model() {
  return {
    newest: 8,
    edition: 1,
    /** Doses of revisions that a log entry has pointed at: they never change again. */
    fixed: new Map<number, number>(),
    logged: new Map<number, number>(),
    windows: [1, 1] as [number, number],
    minutes: 0,
  };
}

type Model = ReturnType<typeof model>;

function act(db: Database, kept: Model, what: Act): void {
  switch (what.do) {
    case 'save': {
      kept.minutes += what.minutes;
      const outcome = savePlan(db, {
        id: 'a',
        plan: dosed(what.g),
        baseEdition: kept.windows[what.window],
        sitting: `s${what.window}`,
        now: new Date(Date.UTC(2026, 10, 24, 9, kept.minutes)),
      });
      if (what.g === kept.newest) {
        expect(outcome).toMatchObject({ kind: 'saved', edition: kept.edition });
      } else if (kept.windows[what.window] === kept.edition) {
        expect(outcome).toMatchObject({ kind: 'saved', edition: kept.edition + 1 });
        kept.newest = what.g;
        kept.edition += 1;
      } else {
        expect(outcome).toMatchObject({ kind: 'conflict', theirs: { edition: kept.edition } });
      }
      if (outcome.kind === 'saved') kept.windows[what.window] = outcome.edition;
      return;
    }
    case 'reload':
      kept.windows[what.window] = getPlan(db, 'a').edition;
      return;
    case 'log': {
      const { revision } = getPlan(db, 'a');
      const now = new Date(Date.UTC(2026, 10, 24, 9, kept.minutes));
      addLogEntry(db, { planId: 'a', revision, entry: entry(what.n), now });
      // The first entry of an id stands, however often it comes.
      if (!kept.logged.has(what.n)) {
        kept.logged.set(what.n, revision);
        kept.fixed.set(revision, kept.newest);
      }
      return;
    }
    case 'unlog':
      removeLogEntry(db, 'a', entry(what.n).id);
      kept.fixed.delete(kept.logged.get(what.n) ?? -1);
      kept.logged.delete(what.n);
      for (const revision of kept.logged.values()) {
        kept.fixed.set(revision, getRevision(db, 'a', revision).plan.shape.doseG);
      }
      return;
    case 'move':
      movePlan(db, { id: 'a', to: what.to, now: new Date(Date.UTC(2026, 10, 24, 10)) });
  }
}

describe('a plan in the store, whatever two windows do', () => {
  it('keeps what was saved last, every edition counted, no logged revision changed', () => {
    fc.assert(
      fc.property(fc.array(anyAct, { maxLength: 30 }), (acts) => {
        const db = openDatabase(':memory:');
        try {
          createPlan(db, {
            id: 'a',
            plan: dosed(8),
            now: new Date(Date.UTC(2026, 10, 24, 9)),
            sitting: 's0',
          });
          const kept = model();
          for (const each of acts) {
            act(db, kept, each);
            const stored = getPlan(db, 'a');
            expect(stored.edition).toBe(kept.edition);
            expect(stored.plan.shape.doseG).toBe(kept.newest);
            for (const [revision, doseG] of kept.fixed) {
              expect(getRevision(db, 'a', revision).plan.shape.doseG).toBe(doseG);
            }
          }
          const revisions = listRevisions(db, 'a').revisions.map(({ number }) => number);
          expect(revisions).toEqual(revisions.map((_, i) => revisions.length - i));
          expect(revisions[0]).toBe(getPlan(db, 'a').revision);
          expect(
            listLog(db, 'a')
              .map((each) => each.entry.id)
              .sort(),
          ).toEqual([...kept.logged.keys()].map((n) => entry(n).id).sort());
          // It stands on one shelf, and one only.
          const shelves = Object.entries(countShelves(db)).filter(([, n]) => n > 0);
          expect(shelves).toHaveLength(1);
          expect(listPlans(db, shelves[0]![0] as PlanShelf).plans.map(({ id }) => id)).toEqual([
            'a',
          ]);
        } finally {
          db.$client.close();
        }
      }),
      { numRuns: 60 },
    );
  });
});
