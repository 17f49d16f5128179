import { basisFrom, type Basis, type BasisParts } from '@/core/basis/basis';
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

/** What this kitchen's plans are worked out on. */
export const getBasis = (db: Database): Basis => basisFrom(getBasisParts(db));
