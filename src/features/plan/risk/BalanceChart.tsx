'use client';

import { contours } from 'd3-contour';
import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { BalanceMap } from '@/core/risk/balanceMap';
import { MARGIN_IDS } from '@/core/risk/margins';
import { useUnits } from '@/ui/units/UnitsContext';
import { MARGIN_NAMES, spareWords } from '../marginWords';

const BOX = { left: 58, top: 8, width: 470, height: 210 };
const VIEW = { width: 540, height: 262 };

/** From these margins on a field begins, and how it is filled. */
const FIELDS = [
  { from: 1, fill: 'var(--verdict-edge)' },
  { from: 1.15, fill: 'var(--verdict-holds)' },
  { from: 1.4, fill: 'var(--verdict-room)' },
] as const;

/**
 * The lowest margin over thickness and dose, with the plan's own point: drawn, moved by pointer or by
 * arrow keys. Fields differ by hatching too, not by colour alone.
 */
export function BalanceChart({
  map,
  own,
  onMove,
}: {
  map: BalanceMap;
  /** The point as it is set now. */
  own: { doseG: number };
  onMove(thicknessMm: number, doseG: number, passing: boolean): void;
}) {
  const { text } = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const [over, setOver] = useState<{ row: number; column: number } | null>(null);
  const { thicknessMm, doseG, margin } = map;
  const [rows, columns] = [thicknessMm.length, doseG.length];
  const thin = thicknessMm[0]!;
  const thick = thicknessMm[rows - 1]!;
  const least = doseG[0]!;
  const most = doseG[columns - 1]!;
  const x = (g: number) => BOX.left + (BOX.width * (g - least)) / (most - least);
  const y = (mm: number) => BOX.top + BOX.height - (BOX.height * (mm - thin)) / (thick - thin);
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
                      const px = BOX.left + (BOX.width * (i! - 0.5)) / (columns - 1);
                      const py = BOX.top + BOX.height - (BOX.height * (k! - 0.5)) / (rows - 1);
                      return `${px.toFixed(1)} ${py.toFixed(1)}`;
                    })
                    .join('L')}Z`,
              ),
            )
            .join(''),
        ),
    [margin, columns, rows],
  );

  const at = (event: PointerEvent) => {
    const box = svg.current!.getBoundingClientRect();
    const px = ((event.clientX - box.left) * VIEW.width) / box.width;
    const py = ((event.clientY - box.top) * VIEW.height) / box.height;
    const within = (value: number) => Math.min(1, Math.max(0, value));
    const across = within((px - BOX.left) / BOX.width);
    const up = within(1 - (py - BOX.top) / BOX.height);
    return {
      g: least + across * (most - least),
      mm: thin + up * (thick - thin),
      column: Math.round(across * (columns - 1)),
      row: Math.round(up * (rows - 1)),
    };
  };
  const moveTo = (event: PointerEvent, passing: boolean) => {
    const { g, mm } = at(event);
    onMove(Math.round(mm * 50) / 50, Math.max(0.1, Math.round(g * 4) / 4), passing);
  };
  const { own: here } = map;
  const nudge = (event: KeyboardEvent) => {
    const fine = event.shiftKey ? 0.2 : 1;
    const steps: Record<string, readonly [mm: number, g: number]> = {
      ArrowLeft: [0, -0.5 * fine],
      ArrowRight: [0, 0.5 * fine],
      ArrowUp: [0.05 * fine, 0],
      ArrowDown: [-0.05 * fine, 0],
    };
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    const round = (value: number, to: number) => Math.round(value / to) * to;
    onMove(
      Number(round(Math.max(0.2, here.thicknessMm + step[0]), 0.01).toFixed(2)),
      Number(round(Math.max(0.1, own.doseG + step[1]), 0.1).toFixed(1)),
      false,
    );
  };
  const ticks = ticksOf(least, most);
  const seen = over && margin[over.row * columns + over.column]!;
  const seenId = over && MARGIN_IDS[map.weakest[over.row * columns + over.column]!]!;
  return (
    <div>
      <svg
        ref={svg}
        viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
        className="w-full max-w-[640px] touch-pan-y select-none"
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
            <rect x={BOX.left} y={BOX.top} width={BOX.width} height={BOX.height} />
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
          x={BOX.left}
          y={BOX.top}
          width={BOX.width}
          height={BOX.height}
          fill="var(--verdict-fails)"
        />
        <rect
          x={BOX.left}
          y={BOX.top}
          width={BOX.width}
          height={BOX.height}
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
        {map.dial.map(({ label, mm }) => (
          <g key={label}>
            <path
              d={`M${BOX.left} ${y(mm)}h${BOX.width}`}
              stroke="var(--verdict-ink)"
              strokeOpacity={0.6}
            />
            <text x={BOX.left - 6} y={y(mm) + 4} textAnchor="end" fontSize={13} fill="var(--ink)">
              dial {label}
            </text>
          </g>
        ))}
        {ticks.map((g) => (
          <text
            key={g}
            x={x(g)}
            y={BOX.top + BOX.height + 18}
            textAnchor="middle"
            fontSize={13}
            fill="var(--ink)"
          >
            {text(g, 'g')}
          </text>
        ))}
        {map.best && (
          <g aria-hidden>
            <path
              d={star(x(map.best.doseG), y(map.best.thicknessMm), 10)}
              fill="var(--verdict-ink)"
            />
          </g>
        )}
        <g
          tabIndex={0}
          role="slider"
          aria-label="Your piece on the map: arrows move dose and thickness"
          aria-valuenow={here.doseG}
          aria-valuemin={least}
          aria-valuemax={most}
          aria-valuetext={`${text(here.doseG, 'g')}, ${text(here.thicknessMm, 'mm')}: ${MARGIN_NAMES[here.weakest]}, ${spareWords(here.weakest, here.margin)}`}
          className="cursor-grab outline-none [&:focus-visible_.halo]:opacity-100"
          onKeyDown={nudge}
          onPointerDown={(event) => {
            svg.current!.setPointerCapture(event.pointerId);
            event.preventDefault();
            event.currentTarget.focus();
          }}
          style={{ touchAction: 'none' }}
        >
          <circle cx={x(here.doseG)} cy={y(here.thicknessMm)} r={26} fill="transparent" />
          <circle
            className="halo opacity-0"
            cx={x(here.doseG)}
            cy={y(here.thicknessMm)}
            r={16}
            fill="none"
            stroke="#0c5a8a"
            strokeWidth={3.5}
          />
          <circle
            cx={x(here.doseG)}
            cy={y(here.thicknessMm)}
            r={9}
            fill="var(--verdict-holds)"
            stroke="var(--verdict-ink)"
            strokeWidth={4}
          />
        </g>
        <text
          x={BOX.left + BOX.width}
          y={VIEW.height - 6}
          textAnchor="end"
          fontSize={13}
          fill="var(--ink-dim)"
        >
          filling in a piece
        </text>
      </svg>
      <p className="min-h-[1.4em] text-small" aria-hidden>
        {over && seen !== null && seenId
          ? `${text(doseG[over.column]!, 'g')} at ${text(thicknessMm[over.row]!, 'mm')}: ${MARGIN_NAMES[seenId]}, ${spareWords(seenId, seen)}`
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
        {map.best && <li>★ fullest with room</li>}
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

/** Round doses along the foot, five or so. */
function ticksOf(from: number, to: number): number[] {
  const step =
    [0.25, 0.5, 1, 2, 3, 5, 10, 20, 50, 100].find((each) => (to - from) / each <= 6) ?? 100;
  const first = Math.ceil(from / step);
  return Array.from({ length: Math.floor(to / step) - first + 1 }, (_, i) => (first + i) * step);
}

/** A five-pointed star round a point. */
const star = (cx: number, cy: number, r: number): string =>
  `M${Array.from({ length: 10 }, (_, i) => {
    const size = i % 2 ? r * 0.42 : r;
    const turn = (Math.PI * i) / 5 - Math.PI / 2;
    return `${(cx + size * Math.cos(turn)).toFixed(1)} ${(cy + size * Math.sin(turn)).toFixed(1)}`;
  }).join('L')}Z`;
