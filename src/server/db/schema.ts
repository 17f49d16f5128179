import { index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';

/** A plan's card in the drawer; its content is in its newest revision. */
export const plans = sqliteTable(
  'plans',
  {
    id: text().primaryKey(),
    /** Number of the newest revision. */
    revision: integer().notNull(),
    /** Grows with every save; a save from an older edition is refused. */
    edition: integer().notNull(),
    createdAt: text().notNull(),
    updatedAt: text().notNull(),
    archivedAt: text(),
    /** Put away, not destroyed: deleting can be undone. */
    deletedAt: text(),
  },
  (table) => [index('plans_updated').on(table.updatedAt)],
);

/** What a plan was at one time: a plan document as JSON. */
export const planRevisions = sqliteTable(
  'plan_revisions',
  {
    id: integer().primaryKey({ autoIncrement: true }),
    planId: text()
      .notNull()
      .references(() => plans.id),
    number: integer().notNull(),
    document: text().notNull(),
    /** One stay at the page; its saves fall into one revision. */
    sitting: text().notNull(),
    /** What the cook calls it; most have no name. */
    name: text(),
    createdAt: text().notNull(),
    updatedAt: text().notNull(),
    /** What it comes to, as JSON, kept beside it so that a list need not work it out. */
    tally: text(),
    /** What that was worked out from: the document and all it stands on, as one hash. */
    tallyOf: text(),
  },
  (table) => [uniqueIndex('plan_revisions_number').on(table.planId, table.number)],
);

/** Batches as they were written down before runs were kept; each becomes a run as the file is opened. */
export const logEntries = sqliteTable(
  'log_entries',
  {
    id: text().primaryKey(),
    planId: text()
      .notNull()
      .references(() => plans.id),
    /** The revision it was made from. */
    revision: integer().notNull(),
    madeOn: text().notNull(),
    document: text().notNull(),
    /** Pantry rows the plan used that day, as JSON: a later change of the pantry does not change what was planned. */
    pantry: text(),
    createdAt: text().notNull(),
  },
  (table) => [index('log_entries_plan').on(table.planId, table.madeOn)],
);

/** One making of one plan revision. Results is in its events; the rest is read off them. */
export const runs = sqliteTable(
  'runs',
  {
    /** The client's own, so that opening one twice opens one. */
    id: text().primaryKey(),
    planId: text()
      .notNull()
      .references(() => plans.id),
    /** The revision it is made from. */
    revision: integer().notNull(),
    /** What it was planned on that day, as JSON: pantry rows and what was learnt by then. */
    basis: text().notNull(),
    /** What it comes to, as JSON, kept beside its events so that a list need not read them. */
    summary: text().notNull(),
    /** The day it counts for, and how it stands: for lists to find it by. */
    madeOn: text().notNull(),
    status: text().notNull(),
    createdAt: text().notNull(),
    updatedAt: text().notNull(),
  },
  (table) => [
    index('runs_plan').on(table.planId, table.madeOn),
    index('runs_day').on(table.madeOn),
    // What a page asks of finished batches is read from the index alone.
    index('runs_status').on(table.status, table.madeOn, table.id, table.updatedAt),
    index('runs_status_plan').on(table.status, table.planId, table.madeOn),
  ],
);

/** What happened in a run: only ever added to. */
export const runEvents = sqliteTable(
  'run_events',
  {
    /** In the order of arrival; whoever follows a run asks for what came after. */
    seq: integer().primaryKey({ autoIncrement: true }),
    id: text().notNull(),
    runId: text()
      .notNull()
      .references(() => runs.id),
    /** By the clock at the bench. */
    at: text().notNull(),
    arrivedAt: text().notNull(),
    document: text().notNull(),
  },
  (table) => [
    // Once in its own run: what another run is told is no business of this one's.
    uniqueIndex('run_events_id').on(table.runId, table.id),
    index('run_events_run').on(table.runId, table.seq),
  ],
);

/** Ingredients of the cook's own, and shipped ones changed: a document each. */
export const pantryIngredients = sqliteTable('pantry_ingredients', {
  id: text().primaryKey(),
  document: text().notNull(),
  /** The pantry's when it was last written; a save from an older one is refused. */
  edition: integer().notNull().default(1),
  updatedAt: text().notNull(),
});

/** Preparations, in the same way. */
export const pantryPreparations = sqliteTable('pantry_preparations', {
  id: text().primaryKey(),
  document: text().notNull(),
  edition: integer().notNull().default(1),
  updatedAt: text().notNull(),
});

/**
 * The pantry's own: one row. Its edition grows with every write, so that no two writes give a row the same. Its mark
 * is another whenever a row of it is (the file sees to that itself): pantries of one mark are the same.
 */
export const pantries = sqliteTable('pantries', {
  id: integer().primaryKey(),
  edition: integer().notNull(),
  mark: text(),
});

/** The kitchen: one row, a kitchen document as JSON. */
export const kitchens = sqliteTable('kitchens', {
  id: integer().primaryKey(),
  document: text().notNull(),
  edition: integer().notNull().default(1),
  updatedAt: text().notNull(),
});

/** The door's own: one row. */
export const doors = sqliteTable('doors', {
  id: integer().primaryKey(),
  /** Signs the sessions. */
  secret: text().notNull(),
  /** Grows when everybody is signed out. */
  generation: integer().notNull(),
});

/** Who may come in from beyond this machine, and what for. */
export const doorKeys = sqliteTable(
  'door_keys',
  {
    id: text().primaryKey(),
    /** Small letters, for finding; empty for the house's own. */
    name: text().notNull(),
    role: text().notNull(),
    /** Of the passphrase, made to be slow. */
    hash: text().notNull(),
    createdAt: text().notNull(),
    updatedAt: text().notNull(),
  },
  (table) => [uniqueIndex('door_keys_name').on(table.name)],
);

/** Tries at the door, by where they come from: how many failed, until when the next waits, when one was right. */
export const doorTries = sqliteTable('door_tries', {
  address: text().primaryKey(),
  failures: integer().notNull(),
  /** ms since 1970, as the next. */
  until: integer().notNull(),
  rightAt: integer(),
});

/** Sessions that were signed out before they were over, by what their cookie hashes to. */
export const doorEnded = sqliteTable('door_ended', {
  cookieHash: text().primaryKey(),
  /** When they would have been over, s since 1970: they are forgotten then. */
  until: integer().notNull(),
});

/** Links that let anyone who has one look at one run. Taken back, one is gone. */
export const sharedLinks = sqliteTable('shared_links', {
  /** Of the link's secret part, which is kept nowhere. */
  tokenHash: text().primaryKey(),
  runId: text()
    .notNull()
    .references(() => runs.id),
  createdAt: text().notNull(),
});

/** Plans on one clock: a day document as JSON. */
export const days = sqliteTable(
  'days',
  {
    /** The client's own, so that making one twice makes one. */
    id: text().primaryKey(),
    document: text().notNull(),
    edition: integer().notNull(),
    /** Its first day, for lists to find it by. */
    date: text().notNull(),
    createdAt: text().notNull(),
    updatedAt: text().notNull(),
    /** Put away, not destroyed: deleting can be undone. */
    deletedAt: text(),
  },
  (table) => [index('days_date').on(table.date)],
);

/** What happened to a day's tasks, told at its clock: only ever added to. */
export const dayMarks = sqliteTable(
  'day_marks',
  {
    seq: integer().primaryKey({ autoIncrement: true }),
    id: text().notNull(),
    dayId: text()
      .notNull()
      .references(() => days.id),
    arrivedAt: text().notNull(),
    document: text().notNull(),
  },
  (table) => [
    uniqueIndex('day_marks_id').on(table.dayId, table.id),
    index('day_marks_day').on(table.dayId, table.seq),
  ],
);

/** Runs at the bench that make a day's services. */
export const dayRuns = sqliteTable(
  'day_runs',
  {
    id: integer().primaryKey({ autoIncrement: true }),
    dayId: text()
      .notNull()
      .references(() => days.id),
    service: text().notNull(),
    runId: text()
      .notNull()
      .references(() => runs.id),
  },
  (table) => [uniqueIndex('day_runs_run').on(table.dayId, table.runId)],
);

/** What a cook answered at practice: only ever added to. */
export const practiceAnswers = sqliteTable(
  'practice_answers',
  {
    seq: integer().primaryKey({ autoIncrement: true }),
    /** The device's own, so that one sent twice counts once. */
    id: text().notNull(),
    cook: text().notNull(),
    arrivedAt: text().notNull(),
    document: text().notNull(),
  },
  (table) => [
    uniqueIndex('practice_answers_id').on(table.cook, table.id),
    index('practice_answers_cook').on(table.cook, table.seq),
  ],
);
