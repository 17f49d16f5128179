'use client';

import { parseAsStringLiteral, useQueryState } from 'nuqs';
import { STATIONS } from '@/core/plan/stations';
import type { PageParam } from '@/ui/browser/pageParams';

const STATION = parseAsStringLiteral(STATIONS)
  .withDefault('count')
  .withOptions({ history: 'push' });

/** The open station; it stands in the address, so that a link, a reload or Back opens the same. */
export const useStation = () => useQueryState('at' satisfies PageParam, STATION);
