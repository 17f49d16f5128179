import type { ComponentType } from 'react';
import type { StationId } from '@/core/plan/stations';
import { BoilControls, BoilPanel } from './Boil';
import { CountControls, CountPanel } from './Count';
import { DoughControls } from './dough/DoughControls';
import { DoughPanel } from './dough/DoughPanel';
import { FillingControls } from './filling/FillingControls';
import { FillingPanel } from './filling/FillingPanel';
import { SealControls, SealPanel } from './Seal';
import { ShapeControls, ShapePanel } from './Shape';
import { SheetControls, SheetPanel } from './Sheet';

/** What each station opens into: what is set, at the left; what follows, under the piece. */
export const stationParts: Record<StationId, { Controls: ComponentType; Panel: ComponentType }> = {
  count: { Controls: CountControls, Panel: CountPanel },
  dough: { Controls: DoughControls, Panel: DoughPanel },
  filling: { Controls: FillingControls, Panel: FillingPanel },
  sheet: { Controls: SheetControls, Panel: SheetPanel },
  shape: { Controls: ShapeControls, Panel: ShapePanel },
  seal: { Controls: SealControls, Panel: SealPanel },
  boil: { Controls: BoilControls, Panel: BoilPanel },
};
