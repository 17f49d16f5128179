/**
 * Fills an empty database with the demo kitchen, its plans and their history.
 * Run: tsx demo/seed.ts FILE [--typical], the latter to let its plans stand on what is typical.
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { v5 } from 'uuid';
import { allRows, readIngredients } from '../src/core/formats/tablesCsv';
import { kitchenSchema } from '../src/core/kitchen/kitchen';
import { logEntrySchema } from '../src/core/log/logEntry';
import { parsePlan } from '../src/core/plan/document/parsePlan';
import type { EventOf } from '../src/core/run/events';
import { openKitchenFile } from '../src/server/database';
import { plans } from '../src/server/db/schema';
import { demoPractice } from './practice';
import { getKitchen, saveKitchen } from '../src/server/repositories/kitchen';
import { keepAnswers } from '../src/server/repositories/practice';
import { addLogEntry } from '../src/server/repositories/log';
import { addEvents, getRun, openRun } from '../src/server/repositories/runs';
import { getLearnt } from '../src/server/repositories/learnt';
import { HOLD_ALL } from '../src/core/calibrate/learntKeys';
import { basisFrom } from '../src/core/basis/basis';
import { demoEvents, DEMO_RUNS, runId } from './runs';
import { getPantry, saveRows } from '../src/server/repositories/pantry';
import { parseDay } from '../src/core/schedule/document/day';
import { dayAfter } from '../src/core/schedule/document/clock';
import { createDay } from '../src/server/repositories/days';
import { createPlan, getPlan, savePlan } from '../src/server/repositories/plans';

/** Why a batch went wrong, as it was settled afterwards. */
type Traced = Pick<EventOf<'traced'>, 'cause' | 'signs'>;

interface PlanHistory {
  plan: string;
  id: string;
  revisions: { at: string; set: Record<string, unknown> }[];
  log: ({ revision: number; traced?: Traced } & Record<string, unknown>)[];
}

const readText = (path: string): string => readFileSync(join(process.cwd(), 'demo', path), 'utf8');

const readJson = (path: string): unknown => JSON.parse(readText(path));

/** A copy of a plan document with some fields changed, each named by its path. */
function withFields(document: unknown, set: Record<string, unknown>): unknown {
  const copy = structuredClone(document) as Record<string, Record<string, unknown>>;
  for (const [path, value] of Object.entries(set)) {
    const [part = '', field = ''] = path.split('.');
    copy[part] = { ...copy[part], [field]: value };
  }
  return copy;
}

/** When the run that is still open was begun: so that its last sheet went down a few minutes ago. */
const openSince = (now: Date): string => new Date(now.getTime() - OPEN_MIN * 60_000).toISOString();

const OPEN_MIN = 125;

const DEMO_DAYS = ['friday-supper-and-saturday-stall', 'ferry-lunch-with-one-pot'];

/** A day's document so many weeks on that it begins within the week to come. */
function movedTo(text: string, first: string, now: Date): string {
  const days = Math.ceil((now.getTime() - Date.parse(`${first}T00:00:00Z`)) / 86_400_000);
  const by = 7 * Math.max(0, Math.ceil(days / 7));
  return text.replace(/\d{4}-\d{2}-\d{2}/g, (date) => dayAfter(date, by));
}

const [, , file, option] = process.argv;
const typical = option === '--typical';
if (!file) throw new Error('Name the database file to fill');
const db = openKitchenFile(file);
if (db.select().from(plans).limit(1).get()) {
  console.log(`${file} already holds plans; left as it is`);
} else {
  db.transaction(() => {
    saveKitchen(
      db,
      { ...kitchenSchema.parse(readJson('kitchen.json')), held: typical ? [HOLD_ALL] : [] },
      { now: new Date('2026-10-01T09:00:00Z') },
    );
    saveRows(db, 'ingredients', allRows(readIngredients(readText('pantry.csv'))), {
      now: new Date('2026-10-01T09:00:00Z'),
    });
    const pantry = getPantry(db);
    for (const history of readJson('history.json') as PlanHistory[]) {
      const document = readJson(`plans/${history.plan}.json`);
      history.revisions.forEach(({ at, set }, index) => {
        const plan = parsePlan(withFields(document, set), pantry);
        const now = new Date(at);
        if (index === 0) createPlan(db, { id: history.id, plan, now });
        else {
          const baseEdition = getPlan(db, history.id).edition;
          savePlan(db, { id: history.id, plan, baseEdition, sitting: '', now });
        }
      });
      for (const { revision, traced, ...entry } of history.log) {
        addLogEntry(db, {
          planId: history.id,
          revision,
          entry: logEntrySchema.parse(entry),
          now: new Date(`${String(entry.madeOn)}T22:00:00Z`),
        });
        if (!traced) continue;
        const at = `${String(entry.madeOn)}T22:05:00Z`;
        const id = v5('traced', String(entry.id));
        addEvents(db, String(entry.id), [{ id, at, kind: 'traced', ...traced }], new Date(at));
      }
    }
  });
  const seededAt = new Date();
  // In the order they were made: each was planned on what was known by then.
  for (const told of DEMO_RUNS) {
    // What is still at the bench was begun a while ago, whenever that is.
    const run = told.openAfter === undefined ? told : { ...told, at: openSince(seededAt) };
    const id = runId(run);
    const now = new Date(run.at);
    // The hall began to use what its log taught at the end of November; before that it planned by the rules.
    const learnt = run.openAfter === undefined ? [] : getLearnt(db, now);
    openRun(db, { id, planId: run.plan, revision: run.revision, learnt, now });
    const stored = getRun(db, id);
    const events = demoEvents(run, stored.plan, basisFrom(stored));
    addEvents(db, id, events, new Date(events.at(-1)!.at));
  }
  for (const name of DEMO_DAYS) {
    const { plans: _plans, ...document } = readJson(`days/${name}.json`) as {
      date: string;
      plans: unknown;
    };
    const day = parseDay(JSON.parse(movedTo(JSON.stringify(document), document.date, seededAt)));
    createDay(db, { id: name, day, now: seededAt });
  }
  // The hall’s youngest cook has practised for two weeks.
  const [roller] = getKitchen(db).rollers;
  keepAnswers(
    db,
    { cook: 'Sunniva', answers: demoPractice(seededAt, { roller: roller! }) },
    { now: seededAt },
  );
  console.log(`${file} holds the demo`);
}
