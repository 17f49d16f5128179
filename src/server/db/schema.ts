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
  },
  (table) => [uniqueIndex('plan_revisions_number').on(table.planId, table.number)],
);

/** What came of a plan. Ids are the client's own, so a repeated entry is the same entry. */
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

/** Ingredients of the cook's own, and shipped ones changed: a document each. */
export const pantryIngredients = sqliteTable('pantry_ingredients', {
  id: text().primaryKey(),
  document: text().notNull(),
  updatedAt: text().notNull(),
});

/** Preparations, in the same way. */
export const pantryPreparations = sqliteTable('pantry_preparations', {
  id: text().primaryKey(),
  document: text().notNull(),
  updatedAt: text().notNull(),
});

/** The kitchen: one row, a kitchen document as JSON. */
export const kitchens = sqliteTable('kitchens', {
  id: integer().primaryKey(),
  document: text().notNull(),
  updatedAt: text().notNull(),
});
