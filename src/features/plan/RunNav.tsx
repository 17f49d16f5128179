'use client';

import { STATIONS, type StationId } from '@/core/plan/stations';
import { RunArt } from '@/ui/drawings/RunArt';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEffect, useRef } from 'react';
import { useShown } from './editor/EditorContext';
import { keyFigure, STATION_NAMES } from './words';

/** The run: one line of dough from ball to pot, which is the way about the plan. */
export function RunNav({ at, onGo }: { at: StationId; onGo(station: StationId): void }) {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    // On a phone the run is longer than the screen: bring the open station into it.
    const open = list.current?.querySelector<HTMLElement>('[aria-current]');
    if (list.current && open) {
      list.current.scrollTo({
        left: open.offsetLeft - list.current.clientWidth / 2 + open.clientWidth / 2,
      });
    }
  }, [at]);
  return (
    <nav aria-label="Stations" className="slate no-print bg-bench text-chalk">
      <ol ref={list} className="relative flex overflow-x-auto pt-1 [scrollbar-width:none] md:px-3">
        {STATIONS.map((station, index) => {
          const { figure, of } = keyFigure(station, plan, result, text);
          const open = station === at;
          return (
            <li key={station} className="min-w-[170px] flex-1">
              <button
                type="button"
                aria-current={open ? 'step' : undefined}
                onClick={() => onGo(station)}
                className="group block w-full text-left"
              >
                <RunArt station={station} colour={plan.colour} portions={result.portions} />
                <span
                  className={`mt-1 block rounded-t-lg px-3 pt-2 pb-3 ${
                    open ? 'bg-board text-ink' : 'group-hover:bg-bench-raised'
                  }`}
                >
                  <span className="flex items-center gap-1.5 font-semibold whitespace-nowrap">
                    <kbd
                      aria-hidden
                      className={`rounded border px-1 text-[0.75rem] leading-tight font-normal ${open ? 'border-board-rule' : 'border-bench-line text-chalk-dim'} max-md:hidden`}
                    >
                      {index + 1}
                    </kbd>
                    {STATION_NAMES[station]}
                    <StateMark state={result.stations[station].state} slate={!open} />
                  </span>
                  <span className="block truncate whitespace-nowrap">
                    {figure} <span className={open ? 'text-ink-dim' : 'text-chalk-dim'}>{of}</span>
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
