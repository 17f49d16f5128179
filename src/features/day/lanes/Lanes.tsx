'use client';

import { useEffect, useRef, type CSSProperties, type ReactNode } from 'react';
import type { GearBar, Lane } from '@/core/schedule/timetable/lanes';
import type { Timetable } from '@/core/schedule/timetable/timetable';
import { useUnits } from '@/ui/units/UnitsContext';
import { along, barPlace, hoursOf, type LaneScale } from './laneScale';
import { PersonBlock, type BlockMoves } from './PersonBlock';
import { RoomLevels } from './RoomLevels';

export interface LanesProps extends BlockMoves {
  readonly lanes: readonly Lane[];
  readonly timetable: Timetable;
  readonly scale: LaneScale;
  readonly colourOf: (services: readonly string[], kind?: string) => string;
  readonly nowMin: number | null;
  readonly slack: boolean;
  /** On the screen, not on paper alone. */
  readonly shown: boolean;
}

/** People, then gear, on one clock, to scale. */
export function Lanes(props: LanesProps) {
  const { lanes, scale, timetable, nowMin } = props;
  const { text } = useUnits();
  const served = timetable.services.filter(
    ({ atMin }) => atMin >= scale.fromMin && atMin <= scale.toMin,
  );
  const hours = hoursOf(scale);
  const scroller = useRef<HTMLDivElement>(null);
  const clock = useRef<HTMLDivElement>(null);
  const servedMin = served[0]?.atMin ?? null;
  const { fromMin, toMin } = scale;
  useEffect(() => {
    // Where there is no room for all of it, the hour it is all for stands in sight first.
    const box = scroller.current;
    if (!box || servedMin === null) return;
    // The names of the lanes stand before the clock.
    const names = clock.current?.offsetLeft ?? 0;
    const at = ((box.scrollWidth - names) * along({ fromMin, toMin }, servedMin)) / 100;
    box.scrollLeft = at - 0.75 * (box.clientWidth - names);
  }, [servedMin, fromMin, toMin]);
  return (
    <div
      ref={scroller}
      className="overflow-x-auto print:overflow-visible"
      tabIndex={0}
      role="group"
      aria-label="The clock"
    >
      <div
        className="relative min-w-[44rem] [--names:5.5rem] sm:[--names:8.5rem] print:min-w-0 print:[--names:8.5rem]"
        data-testid={props.shown ? 'lanes' : 'lanes-on-paper'}
      >
        <div ref={clock} className="ml-[var(--names)]">
          <div aria-hidden className="relative h-7">
            {hours.map((minute, i) => (
              <span
                key={minute}
                className={`numeral absolute text-small whitespace-nowrap text-ink-dim ${
                  i === 0 ? '' : i === hours.length - 1 ? '-translate-x-full' : '-translate-x-1/2'
                }`}
                style={{ left: `${along(scale, minute)}%` }}
              >
                {text(minute, 'hourOfDay')}
              </span>
            ))}
          </div>
        </div>
        <ul className="relative">
          {lanes.map((lane) => (
            <li
              key={lane.id}
              data-lane={lane.kind === 'person' ? lane.id : undefined}
              className="flex items-stretch border-b border-board-line"
            >
              <span className="sticky left-0 z-30 flex w-[var(--names)] shrink-0 items-center bg-[var(--board)] pr-2 text-small leading-tight font-semibold print:static">
                <span className="line-clamp-2" title={lane.name}>
                  {lane.name}
                </span>
              </span>
              <div className={`relative grow ${lane.kind === 'person' ? 'h-14' : 'h-11'}`}>
                <Hours hours={hours} scale={scale} />
                <LaneContent lane={lane} {...props} />
              </div>
            </li>
          ))}
        </ul>
        <div
          aria-hidden
          className="pointer-events-none absolute inset-y-0 right-0 left-[var(--names)]"
        >
          {served.map(({ id, atMin }) => (
            <span
              key={id}
              className="absolute inset-y-6 w-[3px] -translate-x-1/2 bg-ink"
              style={{ left: `${along(scale, atMin)}%` }}
            />
          ))}
          {nowMin !== null && nowMin >= scale.fromMin && nowMin <= scale.toMin && (
            <span
              data-testid="now"
              className="absolute inset-y-5 w-[2px] -translate-x-1/2 bg-brick before:absolute before:-top-1 before:-left-1 before:h-2.5 before:w-2.5 before:rounded-full before:bg-brick"
              style={{ left: `${along(scale, nowMin)}%` }}
            />
          )}
        </div>
      </div>
    </div>
  );
}

const Hours = ({ hours, scale }: { hours: readonly number[]; scale: LaneScale }) => (
  <span aria-hidden>
    {hours.map((minute) => (
      <span
        key={minute}
        className="absolute inset-y-0 w-px bg-board-line"
        style={{ left: `${along(scale, minute)}%` }}
      />
    ))}
  </span>
);

function LaneContent({ lane, ...props }: LanesProps & { lane: Lane }): ReactNode {
  const { scale, colourOf } = props;
  if (lane.kind === 'room') {
    return <RoomLevels lane={lane} scale={scale} colourOf={colourOf} />;
  }
  if (lane.kind === 'gear') {
    return (
      <>
        {lane.bars.map((bar, i) => (
          <Bar key={`${bar.task} ${i}`} bar={bar} scale={scale} colour={colourOf(bar.services)} />
        ))}
        {lane.says && <Says bars={lane.bars} scale={scale} says={lane.says} />}
      </>
    );
  }
  return (
    <>
      <Away hours={lane.hours} scale={scale} />
      {lane.blocks.map((block) => (
        <PersonBlock
          key={block.id}
          block={block}
          person={lane.id}
          name={lane.name}
          colour={colourOf(block.services, block.kind)}
          {...props}
        />
      ))}
    </>
  );
}

/** When somebody is not there. */
function Away({
  hours,
  scale,
}: {
  hours: readonly { readonly from: number; readonly to: number }[];
  scale: LaneScale;
}) {
  const gaps: [number, number][] = [];
  let at = scale.fromMin;
  for (const { from, to } of hours) {
    if (from > at) gaps.push([at, Math.min(from, scale.toMin)]);
    at = Math.max(at, to);
  }
  if (at < scale.toMin) gaps.push([at, scale.toMin]);
  return gaps.map(([from, to]) => {
    const place = barPlace(scale, from, to);
    return (
      place && (
        <span
          key={from}
          aria-hidden
          className="absolute inset-y-0 bg-[repeating-linear-gradient(135deg,transparent_0_5px,var(--board-line)_5px_6px)]"
          style={place}
        />
      )
    );
  });
}

/** One use of a piece of gear; an open sheet stands as a wedge that dries away. */
function Bar({ bar, scale, colour }: { bar: GearBar; scale: LaneScale; colour: string }) {
  const { text } = useUnits();
  const place = barPlace(scale, bar.fromMin, bar.toMin);
  if (!place) return null;
  const drying = bar.used !== null;
  const style: CSSProperties = {
    ...place,
    background: colour,
    // It loses its freshness as long as it lies: the more of its time is used, the lower it ends.
    ...(drying && {
      clipPath: `polygon(0 0, 100% ${Math.round(85 * Math.min(1, bar.used!))}%, 100% 100%, 0 100%)`,
    }),
  };
  return (
    <span
      title={`${bar.name}, ${text(bar.fromMin, 'timeOfDay')} to ${text(bar.toMin, 'timeOfDay')}`}
      className={`absolute inset-y-2.5 ${drying ? '' : 'border border-board-rule'} ${bar.done ? 'opacity-45' : ''}`}
      style={style}
    />
  );
}

/** What is said of a lane, where its bars leave most room. */
function Says({ bars, scale, says }: { bars: readonly GearBar[]; scale: LaneScale; says: string }) {
  const on = bars
    .filter(({ fromMin, toMin }) => toMin > scale.fromMin && fromMin < scale.toMin)
    .sort((a, b) => a.fromMin - b.fromMin);
  if (on.length === 0) return null;
  const { from, to } = widestGap(
    on.map(({ fromMin, toMin }) => [along(scale, fromMin), along(scale, toMin)] as const),
  );
  return (
    <span
      // It stands by the bars that it speaks of: after those before it, else before the first.
      className={`absolute inset-y-0 flex items-center px-2 text-small text-ink-dim ${from === 0 ? 'justify-end' : ''}`}
      style={{ left: `${from}%`, width: `${to - from}%` }}
    >
      <span className="truncate" title={says}>
        {says}
      </span>
    </span>
  );
}

/** The widest stretch of 0 to 100 that none of the spans covers; spans in the order of their beginnings. */
function widestGap(spans: readonly (readonly [number, number])[]): { from: number; to: number } {
  let best = { from: 0, to: 0 };
  let end = 0;
  for (const [from, to] of [...spans, [100, 100] as const]) {
    if (from - end > best.to - best.from) best = { from: end, to: from };
    end = Math.max(end, to);
  }
  return best;
}
