import type { StationId } from '@/core/plan/stations';

/** The stations of a plan, as their tabs say them. */
export const STATION_NAMES: Record<StationId, string> = {
  count: 'How many',
  dough: 'Dough',
  filling: 'Filling',
  sheet: 'Sheet',
  shape: 'Shape',
  seal: 'Seal and hold',
  boil: 'Boil',
};
