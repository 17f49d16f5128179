'use client';

import { STATIONS, type StationId } from '@/core/plan/stations';
import { RunArt } from '@/ui/drawings/RunArt';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useShown } from './editor/EditorContext';
import { STATION_NAMES } from './stationNames';
import { keyFigure } from './words';

/** The run: one line of dough from ball to pot, which is the way about the plan. */
export function RunNav({ at, onGo }: { at: StationId; onGo(station: StationId): void }) {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const list = useRef<HTMLOListElement>(null);
  const [more, setMore] = useState<readonly [boolean, boolean]>([false, true]);
  const scrollBy = (way: 1 | -1) =>
    list.current?.scrollBy({ left: way * 0.8 * list.current.clientWidth, behavior: 'smooth' });
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
    <nav aria-label="Stations" className="slate no-print relative bg-bench text-chalk">
      <ol
        ref={list}
        className="relative grid grid-cols-[repeat(7,minmax(170px,1fr))] overflow-x-auto pt-1 [scrollbar-width:none] md:px-3"
        onScroll={({ currentTarget: at }) =>
          setMore([at.scrollLeft > 8, at.scrollLeft < at.scrollWidth - at.clientWidth - 8])
        }
      >
        {STATIONS.map((station, index) => {
          const { figure, of } = keyFigure(station, plan, result, text);
          const open = station === at;
          return (
            <li key={station}>
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
      {/* The run goes on past the side: said by where it fades, and by a sign to take it on. */}
      <MoreOfIt side="left" shown={more[0]} onGo={() => scrollBy(-1)} />
      <MoreOfIt side="right" shown={more[1]} onGo={() => scrollBy(1)} />
    </nav>
  );
}

/** On a narrow page: the run goes on to this side. It adds nothing for those who hear the page. */
function MoreOfIt({ side, shown, onGo }: { side: 'left' | 'right'; shown: boolean; onGo(): void }) {
  if (!shown) return null;
  const Sign = side === 'left' ? ChevronLeft : ChevronRight;
  return (
    <button
      type="button"
      aria-hidden
      tabIndex={-1}
      onClick={onGo}
      className={`absolute top-0 flex h-[4.5rem] w-11 items-center from-bench from-40% to-transparent lg:hidden ${
        side === 'left'
          ? 'left-0 justify-start bg-linear-to-r pl-1'
          : 'right-0 justify-end bg-linear-to-l pr-1'
      }`}
    >
      <Sign size={22} aria-hidden />
    </button>
  );
}
