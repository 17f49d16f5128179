'use client';

import { contours } from 'd3-contour';
import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { WITH_ROOM, type MarginMap } from '@/core/risk/marginMap';
import { MARGIN_IDS } from '@/core/risk/margins';
import { useUnits } from '@/ui/units/UnitsContext';
import type { FigureUnit } from '@/core/working/working';
import { MARGIN_NAMES, spareWords } from '../marginWords';
import { useView } from '@/ui/layout/ViewContext';
import { chartBox } from './chartBox';
import { MAP_AXES, type MapAxis } from './mapAxes';

/** From these margins on a field begins, and how it is filled. */
const FIELDS = [
  { from: 1, fill: 'var(--verdict-edge)' },
  { from: 1.15, fill: 'var(--verdict-holds)' },
  { from: 1.4, fill: 'var(--verdict-room)' },
] as const;

/**
 * The lowest margin over two axes, with the plan's own point: drawn, moved by pointer or by
 * arrow keys. Fields differ by hatching too, not by colour alone.
 */
export function BalanceChart({
  map,
  onMove,
}: {
  map: MarginMap;
  onMove(x: number, y: number, passing: boolean): void;
}) {
  const { text } = useUnits();
  const { box, ...drawn } = chartBox(useView(), { top: 8, height: 210, foot: 44 });
  const svg = useRef<SVGSVGElement>(null);
  const [over, setOver] = useState<{ row: number; column: number } | null>(null);
  const { xs, ys, margin, own } = map;
  const axes = MAP_AXES[map.kind];
  const [rows, columns] = [ys.length, xs.length];
  const [low, high] = [ys[0]!, ys[rows - 1]!];
  const [least, most] = [xs[0]!, xs[columns - 1]!];
  const px = (x: number) => box.left + (box.width * (x - least)) / (most - least);
  const py = (y: number) => box.top + box.height - (box.height * (y - low)) / (high - low);
  const fields = useMemo(
    () =>
      contours()
        .size([columns, rows])
        .thresholds(FIELDS.map(({ from }) => from))(Array.from(margin))
        .map(({ coordinates }) =>
          coordinates
            .flatMap((polygon) =>
              polygon.map(
                (ring) =>
                  `M${ring
                    .map(([i, k]) => {
                      const px = box.left + (box.width * (i! - 0.5)) / (columns - 1);
                      const py = box.top + box.height - (box.height * (k! - 0.5)) / (rows - 1);
                      return `${px.toFixed(1)} ${py.toFixed(1)}`;
                    })
                    .join('L')}Z`,
              ),
            )
            .join(''),
        ),
    [margin, columns, rows, box.left, box.top, box.width, box.height],
  );

  const at = (event: PointerEvent) => {
    const seenAt = svg.current!.getBoundingClientRect();
    const within = (value: number) => Math.min(1, Math.max(0, value));
    const across = within(
      (((event.clientX - seenAt.left) * drawn.width) / seenAt.width - box.left) / box.width,
    );
    const up = within(
      1 - (((event.clientY - seenAt.top) * drawn.height) / seenAt.height - box.top) / box.height,
    );
    return {
      x: least + across * (most - least),
      y: axes.y.set ? low + up * (high - low) : own.y,
      column: Math.round(across * (columns - 1)),
      row: Math.round(up * (rows - 1)),
    };
  };
  const onGrain = (value: number, { grain }: MapAxis) =>
    Number((Math.max(1, Math.round(value / grain)) * grain).toFixed(3));
  const moveTo = (event: PointerEvent, passing: boolean) => {
    const { x, y } = at(event);
    onMove(onGrain(x, axes.x), axes.y.set ? onGrain(y, axes.y) : own.y, passing);
  };
  const nudge = (event: KeyboardEvent) => {
    const steps: Record<string, readonly [x: number, y: number]> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, 1],
      ArrowDown: [0, -1],
    };
    const way = steps[event.key];
    if (!way) return;
    event.preventDefault();
    const fine = event.shiftKey ? 0.2 : 1;
    const to = (value: number, { step }: MapAxis, by: number) =>
      Number(Math.max(step * fine, value + by * step * fine).toFixed(3));
    onMove(to(own.x, axes.x, way[0]), axes.y.set ? to(own.y, axes.y, way[1]) : own.y, false);
  };
  const here = { x: px(own.x), y: py(own.y) };
  const seen = over && margin[over.row * columns + over.column]!;
  const seenId = over && MARGIN_IDS[map.weakest[over.row * columns + over.column]!]!;
  return (
    <div>
      <svg
        ref={svg}
        viewBox={`0 0 ${drawn.width} ${drawn.height}`}
        className="w-full max-w-[640px] touch-pan-y select-none in-aria-busy:opacity-60"
        onPointerMove={(event) => {
          const { row, column } = at(event);
          setOver({ row, column });
          if (event.currentTarget.hasPointerCapture(event.pointerId)) moveTo(event, true);
        }}
        onPointerLeave={() => setOver(null)}
        onPointerUp={(event) => {
          if (event.currentTarget.hasPointerCapture(event.pointerId)) moveTo(event, false);
        }}
      >
        <defs>
          <clipPath id="map-box">
            <rect x={box.left} y={box.top} width={box.width} height={box.height} />
          </clipPath>
          <pattern
            id="fails-hatch"
            width="8"
            height="8"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d="M0 0V8" stroke="var(--verdict-ink)" strokeOpacity="0.22" strokeWidth="2.5" />
          </pattern>
        </defs>
        <rect
          x={box.left}
          y={box.top}
          width={box.width}
          height={box.height}
          fill="var(--verdict-fails)"
        />
        <rect
          x={box.left}
          y={box.top}
          width={box.width}
          height={box.height}
          fill="url(#fails-hatch)"
        />
        <g clipPath="url(#map-box)">
          {' '}
          {fields.map((path, i) => (
            <path
              key={i}
              d={path}
              fill={FIELDS[i]!.fill}
              stroke="var(--verdict-ink)"
              strokeOpacity={0.55}
            />
          ))}
        </g>{' '}
        {(map.lines.length ? map.lines : linesOf(low, high, text, axes.y.unit)).map(
          ({ label, y }) => (
            <g key={label}>
              <path
                d={`M${box.left} ${py(y)}h${box.width}`}
                stroke="var(--verdict-ink)"
                strokeOpacity={0.6}
              />
              <text x={box.left - 6} y={py(y) + 4} textAnchor="end" fontSize={13} fill="var(--ink)">
                {label}
              </text>
            </g>
          ),
        )}
        {ticksOf(least, most).map((x) => (
          <text
            key={x}
            x={px(x)}
            y={box.top + box.height + 18}
            textAnchor="middle"
            fontSize={13}
            fill="var(--ink)"
          >
            {text(x, axes.x.unit)}
          </text>
        ))}
        {map.best && (
          <path
            d={star(px(map.best.x), py(map.best.y), 10)}
            fill="var(--verdict-ink)"
            aria-hidden
          />
        )}
        <g
          tabIndex={0}
          role="slider"
          aria-label={`Your piece on the map: arrows move ${axes.x.name}${axes.y.set ? ` and ${axes.y.name}` : ''}`}
          aria-valuenow={own.x}
          aria-valuemin={least}
          aria-valuemax={most}
          aria-valuetext={`${text(own.x, axes.x.unit)}, ${text(own.y, axes.y.unit)}: ${MARGIN_NAMES[own.weakest]}, ${spareWords(own.weakest, own.margin)}`}
          className="cursor-grab outline-none [&:focus-visible_.halo]:opacity-100"
          onKeyDown={nudge}
          onPointerDown={(event) => {
            svg.current!.setPointerCapture(event.pointerId);
            event.preventDefault();
            event.currentTarget.focus();
          }}
          style={{ touchAction: 'none' }}
        >
          <circle cx={here.x} cy={here.y} r={26} fill="transparent" />
          <circle
            className="halo opacity-0"
            cx={here.x}
            cy={here.y}
            r={16}
            fill="none"
            stroke="#0c5a8a"
            strokeWidth={3.5}
          />
          <circle
            cx={here.x}
            cy={here.y}
            r={9}
            fill="var(--verdict-holds)"
            stroke="var(--verdict-ink)"
            strokeWidth={4}
          />
        </g>
        <text
          x={box.left + box.width}
          y={drawn.height - 6}
          textAnchor="end"
          fontSize={13}
          fill="var(--ink-dim)"
        >
          {axes.x.name}
        </text>
      </svg>
      <p className="min-h-[1.4em] text-small" aria-hidden>
        {over && seen !== null && seenId
          ? `${text(xs[over.column]!, axes.x.unit)} at ${text(ys[over.row]!, axes.y.unit)}: ${MARGIN_NAMES[seenId]}, ${spareWords(seenId, seen)}`
          : ''}
      </p>
      <ul className="flex flex-wrap gap-x-5 gap-y-1 text-small">
        <Key fill="var(--verdict-fails)" hatched>
          something gives
        </Key>
        <Key fill={FIELDS[0].fill}>on the edge</Key>
        <Key fill={FIELDS[1].fill}>holds</Key>
        <Key fill={FIELDS[2].fill}>holds with room</Key>
        <li>○ yours</li>
        {map.best && (
          <li>★ {map.best.margin >= WITH_ROOM ? 'fullest with room' : 'most to spare'}</li>
        )}
      </ul>
    </div>
  );
}

function Key({
  fill,
  hatched = false,
  children,
}: {
  fill: string;
  hatched?: boolean;
  children: string;
}) {
  return (
    <li className="flex items-center gap-1.5">
      <svg width={18} height={14} aria-hidden>
        <rect width={18} height={14} fill={fill} stroke="var(--ink)" />
        {hatched && <rect width={18} height={14} fill="url(#fails-hatch)" />}
      </svg>
      {children}
    </li>
  );
}

const STEPS = [
  0.01, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2, 3, 5, 10, 20, 30, 60, 120, 180, 240, 360, 720, 1440, 4320,
];

/** Round values along an axis, five or so. */
function ticksOf(from: number, to: number): number[] {
  const step = STEPS.find((each) => (to - from) / each <= 6) ?? 14_400;
  const first = Math.ceil(from / step - 1e-9);
  return Array.from({ length: Math.floor(to / step) - first + 1 }, (_, i) => (first + i) * step);
}

/** Lines up an axis that no gear marks. */
const linesOf = (
  from: number,
  to: number,
  text: (value: number, unit: FigureUnit) => string,
  unit: FigureUnit,
): { label: string; y: number }[] => ticksOf(from, to).map((y) => ({ label: text(y, unit), y }));

/** A five-pointed star round a point. */
const star = (cx: number, cy: number, r: number): string =>
  `M${Array.from({ length: 10 }, (_, i) => {
    const size = i % 2 ? r * 0.42 : r;
    const turn = (Math.PI * i) / 5 - Math.PI / 2;
    return `${(cx + size * Math.cos(turn)).toFixed(1)} ${(cy + size * Math.sin(turn)).toFixed(1)}`;
  }).join('L')}Z`;
