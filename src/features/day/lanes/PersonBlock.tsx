'use client';

import { Check, Pin } from 'lucide-react';
import { useRef, useState, type PointerEvent } from 'react';
import type { Block } from '@/core/schedule/timetable/blocks';
import type { WriteFigure } from '@/core/units/format';
import { useUnits } from '@/ui/units/UnitsContext';
import { barPlace, type LaneScale } from './laneScale';

/** Where a block is being moved to. */
export interface BlockMove {
  readonly block: Block;
  readonly from: string;
  readonly byMin: number;
  /** Whose lane it is over. */
  readonly to: string;
}

export interface BlockMoves {
  readonly selected: string | null;
  /** The block shown as being moved. */
  readonly moving: BlockMove | null;
  onSelect(block: Block, person: string): void;
  /** On its way: what would break is said at once. */
  onMoving(move: BlockMove | null): void;
  onMoved(move: BlockMove): void;
}

/** A block's own words, for those who hear it. */
const blockLabel = (block: Block, name: string, write: WriteFigure): string =>
  `${name}: ${block.name}, ${write(block.fromMin, 'timeOfDay')} to ${write(block.toMin, 'timeOfDay')}${
    block.pinned ? ', kept at its time' : ''
  }${block.done ? ', done' : ''}`;

/** One step of a key, and of a drag, minutes. */
const STEP_MIN = 5;

/** A stretch of somebody's work: chosen by a tap, moved by drag or arrow keys. */
export function PersonBlock({
  block,
  person,
  name,
  colour,
  scale,
  slack,
  selected,
  moving,
  onSelect,
  onMoving,
  onMoved,
}: BlockMoves & {
  block: Block;
  person: string;
  name: string;
  colour: string;
  scale: LaneScale;
  slack: boolean;
}) {
  const { text } = useUnits();
  const grip = useRef<{ x: number; pxPerMin: number } | null>(null);
  const [dragged, setDragged] = useState(false);
  const own = `${person} ${block.id}`;
  const chosen = selected === own;
  const byMin = moving && moving.block.id === block.id && moving.from === person ? moving.byMin : 0;
  const place = barPlace(scale, block.fromMin + byMin, block.toMin + byMin);
  if (!place) return null;

  const moveOf = (event: PointerEvent<HTMLElement>): BlockMove | null => {
    const held = grip.current;
    if (!held) return null;
    const minutes = (event.clientX - held.x) / held.pxPerMin;
    const under = document
      .elementsFromPoint(event.clientX, event.clientY)
      .map((element) => element.closest<HTMLElement>('[data-lane]')?.dataset.lane)
      .find((lane) => lane !== undefined);
    return {
      block,
      from: person,
      byMin: Math.round(minutes / STEP_MIN) * STEP_MIN,
      to: under ?? person,
    };
  };
  const still = ({ byMin: by, to }: BlockMove) => by === 0 && to === person;
  return (
    <>
      {slack && block.slackMin > 0 && !block.done && (
        <span
          aria-hidden
          className="absolute inset-y-4 border-y border-r border-dashed border-verdigris"
          style={barPlace(scale, block.toMin, block.toMin + block.slackMin) ?? { display: 'none' }}
        />
      )}
      <button
        type="button"
        data-block={block.id}
        aria-label={blockLabel(block, name, text)}
        aria-pressed={chosen}
        title={blockLabel(block, name, text)}
        className={`@container absolute inset-y-1.5 flex min-w-[3px] items-center overflow-hidden rounded-sm border-[1.5px] px-1 text-left text-[0.8125rem] leading-tight font-semibold text-[#1c2422] ${
          chosen ? 'z-10 border-ink ring-2 ring-[var(--focus)]' : 'border-board-rule'
        } ${block.pinned ? 'border-ink' : ''} ${block.done ? 'opacity-55' : ''} ${byMin ? 'z-20 shadow-lg' : ''}`}
        style={{
          ...place,
          background: colour,
          // Chosen, a finger moves it; else a finger moves the page.
          touchAction: chosen ? 'none' : 'auto',
          cursor: block.done ? 'default' : 'grab',
        }}
        onClick={() => {
          if (!dragged) onSelect(block, person);
          setDragged(false);
        }}
        onPointerDown={(event) => {
          if (block.done || (event.pointerType === 'touch' && !chosen)) return;
          const box = event.currentTarget.parentElement!.getBoundingClientRect();
          grip.current = {
            x: event.clientX,
            pxPerMin: box.width / (scale.toMin - scale.fromMin),
          };
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={(event) => {
          const move = moveOf(event);
          if (move) onMoving(still(move) ? null : move);
        }}
        onPointerUp={(event) => {
          const move = moveOf(event);
          grip.current = null;
          onMoving(null);
          if (!move || still(move)) return;
          setDragged(true);
          onMoved(move);
        }}
        onPointerCancel={() => {
          grip.current = null;
          onMoving(null);
        }}
        onKeyDown={(event) => {
          if (block.done || (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight')) return;
          event.preventDefault();
          const step = (event.shiftKey ? 1 : STEP_MIN) * (event.key === 'ArrowLeft' ? -1 : 1);
          onMoved({ block, from: person, byMin: step, to: person });
        }}
      >
        {block.done && <Check size={14} aria-hidden className="mr-0.5 shrink-0" />}
        {block.pinned && <Pin size={13} aria-hidden className="mr-0.5 shrink-0" />}
        <BlockWords name={block.name} />
      </button>
    </>
  );
}

/**
 * What a block is, as far as there is room for it: all its words in a wide one, its verb alone in a short one, and
 * that whole or not at all. What is not seen is heard, and seen when it is chosen.
 */
const BlockWords = ({ name }: { name: string }) => (
  <>
    <span className="hidden @min-[3.75rem]:line-clamp-2">{name}</span>
    {/* A word that does not fit beside nothing falls to the next line, which is not seen. */}
    <span className="flex h-[1.25em] min-w-0 grow flex-wrap overflow-hidden @min-[3.75rem]:hidden">
      <span className="h-full w-0" />
      <span className="whitespace-nowrap">{name.split(/[ ,:]/, 1)[0]}</span>
    </span>
  </>
);
