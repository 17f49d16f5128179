import { basisFrom, type Basis, type BasisParts } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import { rowsFor } from '@/core/plan/model/withLearnt';
import type { Database } from '../db/database';
import { getKitchen } from './kitchen';
import { getLearnt } from './learnt';
import { ownRows } from './pantry';

/** What this kitchen's plans are worked out on, in the parts that a page is sent. */
export const getBasisParts = (db: Database): BasisParts => ({
  pantry: ownRows(db),
  learnt: getLearnt(db),
  alsoHandles: getKitchen(db).alsoHandles,
});

/** The same for some plans: of the pantry what they are worked out on. A page fetches the rest where it is wanted. */
export function basisPartsOf(db: Database, plans: readonly Plan[]): BasisParts {
  const parts = getBasisParts(db);
  return { ...parts, pantry: rowsFor(plans, parts.pantry) };
}

/** What this kitchen's plans are worked out on. */
export const getBasis = (db: Database): Basis => basisFrom(getBasisParts(db));
