'use client';

import { useId, useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { FieldRange } from '@/core/range';
import type { QuantityKind } from '@/core/units/parse';
import { nudged, QuantityField } from './QuantityField';
import { settled } from '../drawings/svg';

export interface RulerMark {
  readonly at: number;
  readonly label: string;
}

export interface RulerProps {
  readonly label: string;
  readonly kind: QuantityKind;
  readonly range: FieldRange;
  /** The part of the range that is drawn. */
  readonly view: readonly [number, number];
  readonly value: number;
  onChange(value: number): void;
  readonly step: number;
  /** What holds, tinted; null when nothing does. */
  readonly band: readonly [number, number] | null;
  readonly bandName: string;
  /** The cook's own gear: cutters, spoons, dial steps. */
  readonly marks: readonly RulerMark[];
  /** Values that a drag falls into when near. */
  readonly snaps?: readonly number[];
  readonly valueText: string;
  /** Said beside the numeral: `about 2 tsp`, `dial 8`. */
  readonly aside?: ReactNode;
  readonly extraUnits?: Readonly<Record<string, number>>;
}

const WIDTH = 320;
const LEFT = 10;
const SPAN = WIDTH - 2 * LEFT;
const AXIS = 26;

/** A quantity as a ruler: drag the thumb, type the number, or nudge by arrows. */
export function Ruler(props: RulerProps) {
  const { label, kind, range, value, onChange, step, band, marks, snaps = [] } = props;
  const [from, to] = widened(props.view, value);
  const track = useRef<SVGSVGElement>(null);
  const id = useId();
  const x = (at: number) => settled(LEFT + (SPAN * (at - from)) / (to - from));
  const clampView = (at: number) => Math.min(to, Math.max(from, at));

  const drag = (event: PointerEvent<SVGSVGElement>) => {
    const box = track.current?.getBoundingClientRect();
    if (!box) return;
    const along = ((event.clientX - box.left) / box.width) * WIDTH;
    const raw = from + ((along - LEFT) / SPAN) * (to - from);
    const snap = snaps.find((each) => Math.abs(x(each) - along) < 7);
    const fine = event.shiftKey ? step / 10 : step;
    const next = snap ?? Math.round(raw / fine) * fine;
    onChange(Number(Math.min(range.max, Math.max(range.min, clampView(next))).toFixed(6)));
  };

  const onKey = (event: KeyboardEvent) => {
    const by = event.shiftKey && !range.whole ? step / 10 : step;
    const moves: Record<string, number> = {
      ArrowRight: by,
      ArrowUp: by,
      ArrowLeft: -by,
      ArrowDown: -by,
      PageUp: step * 10,
      PageDown: -step * 10,
    };
    const move = moves[event.key];
    if (move !== undefined) {
      event.preventDefault();
      onChange(nudged(value, move, range));
    } else if (event.key === 'Home' || event.key === 'End') {
      event.preventDefault();
      onChange(Math.min(range.max, Math.max(range.min, event.key === 'Home' ? from : to)));
    }
  };

  const labelled = readable(
    marks.filter(({ at }) => at >= from && at <= to).map((mark) => ({ ...mark, x: x(mark.at) })),
  );
  return (
    <div>
      <div className="flex items-end justify-between gap-2">
        <span id={id} className="pb-2.5">
          {label}
        </span>
        <div className="flex min-w-0 items-end gap-2">
          {props.aside && <span className="pb-3 text-small text-ink-dim">{props.aside}</span>}
          <QuantityField
            label={label}
            hideLabel
            size="large"
            kind={kind}
            range={range}
            value={value}
            onChange={onChange}
            step={step}
            {...(props.extraUnits && { extraUnits: props.extraUnits })}
          />
        </div>
      </div>
      <svg
        ref={track}
        viewBox={`0 0 ${WIDTH} 54`}
        className="block w-full cursor-ew-resize touch-none select-none"
        role="slider"
        tabIndex={0}
        aria-labelledby={id}
        aria-valuemin={from}
        aria-valuemax={to}
        aria-valuenow={value}
        aria-valuetext={`${props.valueText}${band ? `; ${props.bandName}` : ''}`}
        onKeyDown={onKey}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          drag(event);
        }}
        onPointerMove={(event) => event.buttons === 1 && drag(event)}
      >
        <rect width={WIDTH} height={54} fill="transparent" />
        {band && (
          <rect
            x={x(clampView(band[0]))}
            width={settled(Math.max(2, x(clampView(band[1])) - x(clampView(band[0]))))}
            y={AXIS - 9}
            height={9}
            fill="var(--band)"
          >
            <title>{props.bandName}</title>
          </rect>
        )}
        <line
          x1={LEFT}
          x2={WIDTH - LEFT}
          y1={AXIS}
          y2={AXIS}
          stroke="var(--ink)"
          strokeWidth={1.25}
        />
        {ticks(from, to).map((at) => (
          <line
            key={at}
            x1={x(at)}
            x2={x(at)}
            y1={AXIS}
            y2={AXIS + 4}
            stroke="var(--ink)"
            strokeWidth={1}
          />
        ))}
        {labelled.map((mark) => (
          <g key={`${mark.at}${mark.label}`}>
            <line
              x1={mark.x}
              x2={mark.x}
              y1={AXIS}
              y2={AXIS + 9}
              stroke="var(--ink)"
              strokeWidth={1.75}
            />
            {mark.show && (
              <text
                x={mark.x}
                y={AXIS + 22}
                textAnchor={mark.anchor}
                fontSize={12.5}
                fill="var(--ink-dim)"
              >
                {mark.label}
              </text>
            )}
          </g>
        ))}
        <path
          d={`M ${x(value) - 8} 4 h 16 v 12 l -8 9 l -8 -9 z`}
          fill="var(--ink)"
          stroke="var(--board)"
          strokeWidth={1.5}
        />
      </svg>
    </div>
  );
}

const widened = ([from, to]: readonly [number, number], value: number): [number, number] => [
  Math.min(from, value),
  Math.max(to, value),
];

/** Ticks on a 1, 2, 5 grid, at most about fifteen. */
function ticks(from: number, to: number): number[] {
  const rough = (to - from) / 14;
  const power = 10 ** Math.floor(Math.log10(rough));
  const gap = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= rough) ?? rough;
  const first = Math.ceil(from / gap - 1e-9);
  const last = Math.floor(to / gap + 1e-9);
  return Array.from({ length: last - first + 1 }, (_, i) => (first + i) * gap);
}

type Placed = RulerMark & { x: number; show: boolean; anchor: 'start' | 'middle' | 'end' };

/** Shows as many labels as do not run into one another. */
function readable(marks: readonly (RulerMark & { x: number })[]): Placed[] {
  let end = -Infinity;
  return [...marks]
    .sort((a, b) => a.x - b.x)
    .map((mark) => {
      const width = mark.label.length * 6.4;
      const anchor =
        mark.x - width / 2 < 0 ? 'start' : mark.x + width / 2 > WIDTH ? 'end' : ('middle' as const);
      const start =
        anchor === 'start' ? mark.x : anchor === 'end' ? mark.x - width : mark.x - width / 2;
      const show = start > end + 5;
      if (show) end = start + width;
      return { ...mark, show, anchor };
    });
}
