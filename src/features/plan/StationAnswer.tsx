'use client';

import type { StationId } from '@/core/plan/stations';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from './editor/EditorContext';
import { keyFigure } from './words';

/** On a narrow screen: the open station's own figure and how it stands, before anything else. */
export function StationAnswer({ at }: { at: StationId }) {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { figure, of } = keyFigure(at, plan, result, text);
  const { state, word } = result.stations[at];
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 px-5 pt-4 lg:hidden">
      <span className="numeral text-figure">{figure}</span>
      <span>{of}</span>
      <span className="ml-auto">
        <StateMark state={state} /> {word}
      </span>
    </p>
  );
}
