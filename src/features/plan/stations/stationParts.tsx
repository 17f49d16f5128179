import type { ComponentType } from 'react';
import type { StationId } from '@/core/plan/stations';
import { loadWorking } from '@/ui/figure/Figure';
import { after } from '@/ui/layout/after';
import { steadily } from '@/ui/layout/steadily';
import { CountControls } from './Count';
import { CountPanel } from './CountPanel';

const LOADS = {
  dough: () => import('./dough'),
  filling: () => import('./filling'),
  sheet: () => import('./sheet'),
  shape: () => import('./shape'),
  seal: () => import('./seal'),
  boil: () => import('./boil'),
};

/**
 * What each station opens into: what is set, at the left; what follows, under the piece. Where a plan
 * opens comes with the page, the others after it.
 */
export const stationParts: Record<StationId, { Controls: ComponentType; Panel: ComponentType }> = {
  count: { Controls: CountControls, Panel: CountPanel },
  dough: {
    Controls: after(() => LOADS.dough().then((m) => m.DoughControls)),
    Panel: after(() => LOADS.dough().then((m) => m.DoughPanel)),
  },
  filling: {
    Controls: after(() => LOADS.filling().then((m) => m.FillingControls)),
    Panel: after(() => LOADS.filling().then((m) => m.FillingPanel)),
  },
  sheet: {
    Controls: after(() => LOADS.sheet().then((m) => m.SheetControls)),
    Panel: after(() => LOADS.sheet().then((m) => m.SheetPanel)),
  },
  shape: {
    Controls: after(() => LOADS.shape().then((m) => m.ShapeControls)),
    Panel: after(() => LOADS.shape().then((m) => m.ShapePanel)),
  },
  seal: {
    Controls: after(() => LOADS.seal().then((m) => m.SealControls)),
    Panel: after(() => LOADS.seal().then((m) => m.SealPanel)),
  },
  boil: {
    Controls: after(() => LOADS.boil().then((m) => m.BoilControls)),
    Panel: after(() => LOADS.boil().then((m) => m.BoilPanel)),
  },
};

/** Fetches the stations that are not open, so that they open at once and without a line. */
export const fetchStations = (): void =>
  [...Object.values(LOADS), loadWorking].forEach((load) => void steadily<unknown>(load));
