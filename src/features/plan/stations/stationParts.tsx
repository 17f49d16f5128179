import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import type { StationId } from '@/core/plan/stations';
import { steadily } from '@/ui/layout/steadily';

/** What a station opens into: what is set, at the left; what follows, under the piece. */
export interface StationParts {
  readonly Controls: ComponentType;
  readonly Panel: ComponentType;
}

type Load = () => Promise<StationParts>;

const LOADS: Record<StationId, Load> = {
  count: () => import('./Count').then((m) => ({ Controls: m.CountControls, Panel: m.CountPanel })),
  dough: () => import('./dough').then((m) => ({ Controls: m.DoughControls, Panel: m.DoughPanel })),
  filling: () =>
    import('./filling').then((m) => ({ Controls: m.FillingControls, Panel: m.FillingPanel })),
  sheet: () => import('./Sheet').then((m) => ({ Controls: m.SheetControls, Panel: m.SheetPanel })),
  shape: () => import('./Shape').then((m) => ({ Controls: m.ShapeControls, Panel: m.ShapePanel })),
  seal: () => import('./Seal').then((m) => ({ Controls: m.SealControls, Panel: m.SealPanel })),
  boil: () => import('./Boil').then((m) => ({ Controls: m.BoilControls, Panel: m.BoilPanel })),
};

const Fetching = () => <p className="text-ink-dim">Fetching…</p>;

/** The page shows one station: the others come after it, and each is kept trying for. */
const part = (station: StationId, which: keyof StationParts): ComponentType =>
  dynamic(() => steadily(LOADS[station]).then((parts) => parts[which]), { loading: Fetching });

const partsOf = (station: StationId): StationParts => ({
  Controls: part(station, 'Controls'),
  Panel: part(station, 'Panel'),
});

/** The parts of every station. */
export const stationParts: Record<StationId, StationParts> = {
  count: partsOf('count'),
  dough: partsOf('dough'),
  filling: partsOf('filling'),
  sheet: partsOf('sheet'),
  shape: partsOf('shape'),
  seal: partsOf('seal'),
  boil: partsOf('boil'),
};

/** Fetches the stations that are not open, so that they open at once and without a line. */
export const fetchStations = (): void =>
  Object.values(LOADS).forEach((load) => void load().catch(() => {}));
