import { basisWith, type Basis } from '@/core/basis/basis';
import type { Database } from '../db/database';
import { getPantry } from './pantry';

/** What this kitchen's plans are worked out on. */
export const getBasis = (db: Database): Basis => basisWith(getPantry(db));
