'use client';

import { parseAsStringLiteral, useQueryState } from 'nuqs';
import { STATIONS } from '@/core/plan/stations';

const STATION = parseAsStringLiteral(STATIONS).withDefault('count');

/** The open station; it stands in the address, so that a link or a reload opens the same. */
export const useStation = () => useQueryState('at', STATION);
