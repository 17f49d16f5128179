'use client';

import { useMemo, useState } from 'react';
import { dayAfter, momentAt } from '@/core/schedule/document/clock';
import type { Day } from '@/core/schedule/document/day';
import type { Block } from '@/core/schedule/timetable/blocks';
import { lanesOf } from '@/core/schedule/timetable/lanes';
import { breaksWhenMoved } from '@/core/schedule/timetable/solveDay';
import { CheckField } from '@/ui/fields/CheckField';
import { useUnits } from '@/ui/units/UnitsContext';
import { BlockPanel } from './BlockPanel';
import type { OnClock } from './clock/useTimetable';
import { daysWorked, scaleOf } from './lanes/laneScale';
import { Lanes } from './lanes/Lanes';
import type { BlockMove } from './lanes/PersonBlock';
import { dayName } from './paper/dayName';

/** The day's lanes, a date at a time: what is chosen on them, what is moved, and what that breaks. */
export function DayClock({
  day,
  shown,
  nowMin,
  colourOf,
  onPins,
  onDone,
}: {
  day: Day;
  shown: OnClock;
  nowMin: number | null;
  colourOf: (services: readonly string[], kind?: string) => string;
  onPins(pins: Day['pins'], says?: string): void;
  onDone(block: Block, by: string): void;
}) {
  const nameOf = (person: string) => day.people.find((each) => each.id === person)?.name ?? person;
  const { text } = useUnits();
  const [slack, setSlack] = useState(false);
  const [chosen, choose] = useState<{ block: string; person: string } | null>(null);
  const [moving, setMoving] = useState<BlockMove | null>(null);
  const [on, setOn] = useState<number | null>(null);

  const lanes = useMemo(() => lanesOf(shown.work, shown.timetable), [shown]);
  const days = daysWorked(shown.timetable);
  const servedOn = shown.timetable.services[0]
    ? Math.floor(shown.timetable.services[0].atMin / 1440)
    : (days[0] ?? 0);
  const dayShown =
    on !== null && days.includes(on) ? on : days.includes(servedOn) ? servedOn : (days[0] ?? 0);
  const block = lanes
    .flatMap((lane) => (lane.kind === 'person' && lane.id === chosen?.person ? lane.blocks : []))
    .find((each) => each.id === chosen?.block);
  const breaks = useMemo(() => {
    if (!moving) return [];
    return [
      ...new Set(
        moving.block.tasks.flatMap((task) =>
          breaksWhenMoved(
            shown,
            task.id,
            {
              start: task.fromMin + moving.byMin,
              people: task.people.map((each) => (each === moving.from ? moving.to : each)),
            },
            text,
          ),
        ),
      ),
    ];
  }, [moving, shown, text]);

  const pin = ({ block: of, from, byMin, to }: BlockMove) => {
    const moved = new Set(of.tasks.map((task) => task.id));
    const pins = [
      ...day.pins.filter(({ task }) => !moved.has(task)),
      ...of.tasks.map((task) => ({
        task: task.id,
        at: momentAt(Math.max(0, task.fromMin + byMin), day.date),
        people: task.people.map((each) => (each === from ? to : each)),
      })),
    ];
    onPins(pins, 'Kept at its new time; the rest moves round it.');
    choose({ block: of.id, person: to });
  };
  const release = (of: Block) => {
    const freed = new Set(of.tasks.map((task) => task.id));
    onPins(day.pins.filter(({ task }) => !freed.has(task)));
  };
  return (
    <div className="mt-4">
      <div className="flex flex-wrap items-center gap-x-4">
        {days.length > 1 && (
          <div role="group" aria-label="Day shown" className="no-print flex gap-1">
            {days.map((each) => (
              <button
                key={each}
                type="button"
                aria-pressed={each === dayShown}
                className={`min-h-[44px] rounded-md px-3 ${
                  each === dayShown ? 'bg-ink font-semibold text-board' : 'hover:bg-band'
                }`}
                onClick={() => setOn(each)}
              >
                {dayName(dayAfter(day.date, each))}
              </button>
            ))}
          </div>
        )}
        <CheckField
          className="no-print ml-auto"
          label="Show what may slip"
          checked={slack}
          onChange={setSlack}
        />
      </div>
      {/* On paper there is nothing to tap: every date stands there, each under its name. */}
      {days.map((each) => (
        <div
          key={each}
          className={`break-inside-avoid print:mt-6 ${each === dayShown ? '' : 'hidden print:block'}`}
        >
          <h2 className="hidden font-display text-figure print:block">
            {dayName(dayAfter(day.date, each))}
          </h2>
          <Lanes
            lanes={lanes}
            timetable={shown.timetable}
            scale={scaleOf(shown.timetable, each)}
            colourOf={colourOf}
            nowMin={nowMin}
            slack={slack}
            shown={each === dayShown}
            selected={each === dayShown && chosen ? `${chosen.person} ${chosen.block}` : null}
            moving={each === dayShown ? moving : null}
            onSelect={(of, person) => choose({ block: of.id, person })}
            onMoving={setMoving}
            onMoved={pin}
          />
        </div>
      ))}
      <p role="status" className="no-print min-h-6 text-small font-semibold" data-testid="breaks">
        {moving &&
          (breaks.length > 0
            ? breaks.slice(0, 3).join(' ')
            : `${moving.byMin === 0 ? `To ${nameOf(moving.to)}` : `${Math.abs(moving.byMin)} min ${moving.byMin > 0 ? 'later' : 'sooner'}`}: nothing breaks.`)}
      </p>
      {block && chosen && (
        <BlockPanel
          block={block}
          person={chosen.person}
          day={day}
          work={shown.work}
          onMove={pin}
          onRelease={() => release(block)}
          onDone={() => onDone(block, nameOf(chosen.person))}
        />
      )}
    </div>
  );
}
