'use client';

import { Slider } from 'radix-ui';
import { useEffect, useId, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import type { FieldRange } from '@/core/range';
import type { QuantityKind } from '@/core/units/parse';
import { nudged } from './nudged';
import { QuantityField } from './QuantityField';
import { RulerScale, type RulerMark } from './RulerScale';
import { RULER_INSET, widened } from './rulerGeometry';

export interface RulerProps {
  readonly label: string;
  readonly kind: QuantityKind;
  readonly range: FieldRange;
  /** The part of the range that is drawn. */
  readonly view: readonly [number, number];
  readonly value: number;
  /** @param passing the hand is still on it: more is to come */
  onChange(value: number, passing?: boolean): void;
  /** The page is still behind the last change: a drag waits for it, so that what is seen keeps up. */
  readonly busy?: boolean;
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

/** A finger has to go this far along before it drags: less is a swipe of the page, or a tap. */
const DRAG_FROM_PX = 6;

/** A drag falls into a mark that is this near, as a share of the ruler. */
const SNAP_SHARE = 0.022;

/** A quantity as a ruler: drag the thumb, type the number, or nudge by arrows. */
export function Ruler(props: RulerProps) {
  const { label, kind, range, value, onChange, step, band, busy = false, snaps = [] } = props;
  const id = useId();
  const [from, to] = widened(props.view, value, step);
  const { held, hold, letGo, drop } = useHeld(value, onChange, busy);
  const root = useRef<HTMLSpanElement>(null);
  const pointer = useRef({ x: 0, fine: false });
  const touch = useRef<{ x: number; y: number; drags: boolean } | null>(null);
  const clamp = (at: number) => Math.min(range.max, Math.max(range.min, at));

  /** What the hand points at. By the drawn scale, which ends half a thumb inside the slider's own. */
  const pointedAt = () => {
    const box = root.current?.getBoundingClientRect();
    if (!box) return value;
    const along = (pointer.current.x - box.left - RULER_INSET) / (box.width - 2 * RULER_INSET);
    const raw = from + Math.min(1, Math.max(0, along)) * (to - from);
    const near = snaps.find((each) => Math.abs(each - raw) < SNAP_SHARE * (to - from));
    const fine = pointer.current.fine ? step / 10 : step;
    return clamp(Number((near ?? Math.round(raw / fine) * fine).toFixed(6)));
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
    const end = { Home: from, End: to }[event.key];
    if (move === undefined && end === undefined) return;
    // Ours reach past what is drawn, and finer than a step.
    event.preventDefault();
    onChange(move !== undefined ? nudged(value, move, range) : clamp(end ?? value));
  };

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
      <Slider.Root
        ref={root}
        className="relative block h-[54px] w-full cursor-ew-resize touch-pan-y select-none"
        min={from}
        max={to}
        step={step / 10}
        value={[held ?? value]}
        onPointerDownCapture={(event) => {
          pointer.current = { x: event.clientX, fine: event.shiftKey };
          touch.current =
            event.pointerType === 'touch'
              ? { x: event.clientX, y: event.clientY, drags: false }
              : null;
        }}
        onPointerMoveCapture={(event) => {
          pointer.current = { x: event.clientX, fine: event.shiftKey };
          const begun = touch.current;
          if (begun && Math.abs(event.clientX - begun.x) > DRAG_FROM_PX) begun.drags = true;
        }}
        // The page has taken the finger for itself: a swipe, and nothing was meant.
        onPointerCancelCapture={() => {
          touch.current = null;
          drop();
        }}
        onValueChange={() => {
          if (touch.current && !touch.current.drags) return;
          hold(pointedAt());
        }}
        onValueCommit={() => letGo(pointedAt())}
        // Brought back to where it began, nothing is committed: it is let go all the same.
        onLostPointerCapture={() => letGo()}
      >
        <Slider.Track className="absolute inset-0">
          <RulerScale
            from={from}
            to={to}
            value={held ?? value}
            band={band}
            bandName={props.bandName}
            marks={props.marks}
          />
        </Slider.Track>
        <Slider.Thumb
          aria-labelledby={id}
          aria-valuetext={`${props.valueText}${band ? `; ${props.bandName}` : ''}`}
          onKeyDown={onKey}
          className="ruler-thumb pointer-events-none block h-[44px]"
          style={{ width: 2 * RULER_INSET }}
        />
      </Slider.Root>
    </div>
  );
}

interface Held {
  /** Where the hand has the thumb; null when it has not. */
  readonly held: number | null;
  hold(value: number): void;
  /** Ends a drag where it stands, or at a value. */
  letGo(at?: number): void;
  /** Ends it as if nothing had been meant. */
  drop(): void;
}

/**
 * Where the hand has the thumb, until it lets go. Handed on once a frame at the most, and only when
 * the page has caught up with the last.
 */
function useHeld(
  value: number,
  onChange: (value: number, passing?: boolean) => void,
  busy: boolean,
): Held {
  const [held, setHeld] = useState<number | null>(null);
  const now = useRef<number | null>(null);
  const sent = useRef<number | null>(null);
  useEffect(() => {
    if (held === null || busy || held === (sent.current ?? value)) return;
    const frame = requestAnimationFrame(() => {
      sent.current = held;
      onChange(held, true);
    });
    return () => cancelAnimationFrame(frame);
  }, [held, busy, value, onChange]);
  const set = (next: number | null) => {
    now.current = next;
    setHeld(next);
  };
  return {
    held,
    hold: set,
    letGo(at) {
      const last = at ?? now.current;
      set(null);
      sent.current = null;
      if (last !== null) onChange(last, false);
    },
    drop() {
      const passed = sent.current;
      set(null);
      sent.current = null;
      // What was handed on already is on the page: it is kept as it stands there.
      if (passed !== null) onChange(passed, false);
    },
  };
}
