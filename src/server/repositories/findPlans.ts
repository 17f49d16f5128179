import { and, count, desc, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { runs, planRevisions, plans } from '../db/schema';
import { getPantry } from './pantry';
import { newest, onShelf, storedPlan, type PlanShelf, type StoredPlan } from './plans';
import { readEach, type Unreadable } from './unreadable';

/** Which plans are wanted, and in what order. */
export interface PlanQuery {
  readonly shelf: PlanShelf;
  /** Words that must all stand in its name, its tags, its shape or its ingredients. */
  readonly words?: string;
  readonly tag?: string;
  readonly sort?: PlanSort;
  /** The first page is 1. */
  readonly page?: number;
}

export const PLAN_SORTS = ['changed', 'name', 'made'] as const;

export type PlanSort = (typeof PLAN_SORTS)[number];

/** Plans on one page of the list. */
export const PLANS_A_PAGE = 30;

/** The document, or an empty one where it is no JSON at all: that is found by its id. */
const document = sql`iif(json_valid(${planRevisions.document}), ${planRevisions.document}, '{}')`;

const field = (path: string) => sql<string>`coalesce(json_extract(${document}, ${path}), '')`;

const ORDERS = {
  changed: [desc(plans.updatedAt), plans.id],
  name: [sql`lower(${field('$.name')})`, plans.id],
  made: [
    sql`(select max(${runs.madeOn}) from ${runs} where ${runs.planId} = ${plans.id} and ${runs.status} = 'finished') desc nulls last`,
    desc(plans.updatedAt),
  ],
} as const satisfies Record<PlanSort, readonly unknown[]>;

function wanted({ shelf, words = '', tag }: PlanQuery) {
  const texts = words.toLowerCase().split(/\s+/).filter(Boolean);
  const all = sql`lower(${plans.id} || ' ' || ${field('$.name')} || ' ' || ${field('$.tags')} || ' ' || ${field('$.shape.family')} || ' ' || ${field('$.filling.parts')} || ' ' || ${field('$.dough.parts')})`;
  return and(
    onShelf(shelf),
    ...texts.map((text) => sql`instr(${all}, ${text}) > 0`),
    tag
      ? sql`exists (select 1 from json_each(${document}, '$.tags') where value = ${tag})`
      : undefined,
  );
}

/** One page of the plans that are asked for, and how many there are in all. */
export function queryPlans(
  db: Database,
  query: PlanQuery,
): {
  readonly plans: StoredPlan[];
  readonly unreadable: Unreadable[];
  readonly total: number;
  readonly page: number;
} {
  const where = wanted(query);
  const total =
    db.select({ n: count() }).from(plans).innerJoin(planRevisions, newest).where(where).get()?.n ??
    0;
  const pages = Math.max(1, Math.ceil(total / PLANS_A_PAGE));
  const page = Math.min(pages, Math.max(1, query.page ?? 1));
  const pantry = getPantry(db);
  const rows = db
    .select({ row: plans, document: planRevisions.document })
    .from(plans)
    .innerJoin(planRevisions, newest)
    .where(where)
    .orderBy(...ORDERS[query.sort ?? 'changed'])
    .limit(PLANS_A_PAGE)
    .offset((page - 1) * PLANS_A_PAGE)
    .all();
  const { read, unreadable } = readEach(rows, ({ row, document }) =>
    storedPlan(row, document, pantry),
  );
  return { plans: read, unreadable, total, page };
}

/** Every tag in use on a shelf, in alphabetical order. */
export function tagsInUse(db: Database, shelf: PlanShelf): string[] {
  // Most plans have no tag: those are not read for one.
  const tagged = sql`iif(instr(${planRevisions.document}, '"tags":["') > 0, ${document}, '{}')`;
  const rows = db.all<{ tag: string }>(
    sql`select distinct t.value as tag from ${plans} inner join ${planRevisions} on ${newest}, json_each(${tagged}, '$.tags') t where ${onShelf(shelf)} order by lower(t.value)`,
  );
  return rows.map(({ tag }) => tag);
}

/** A plan as it is chosen by its name. */
export interface PlanChoice {
  readonly id: string;
  readonly name: string;
  readonly portions: number;
}

/** Plans to choose from by name, those changed last first; nothing of them is worked out, or read whole. */
export const planChoices = (db: Database, most: number): PlanChoice[] =>
  db
    .select({
      id: plans.id,
      name: sql<string>`coalesce(json_extract(${planRevisions.document}, '$.name'), ${plans.id})`,
      portions: sql<number>`coalesce(json_extract(${planRevisions.document}, '$.batch.portions'), 4)`,
    })
    .from(plans)
    .innerJoin(planRevisions, newest)
    .where(and(onShelf('current'), sql`json_valid(${planRevisions.document})`))
    .orderBy(desc(plans.updatedAt))
    .limit(most)
    .all();
