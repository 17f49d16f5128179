'use client';

import { Slider } from 'radix-ui';
import { useState } from 'react';
import { writeAt } from '@/core/plan/document/patch';
import type { Phase, PhasePlace } from '@/core/hold/phases';
import type { HoldResult } from '@/core/plan/model/holdResult';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown } from '../../editor/EditorContext';
import { PLACE_NAMES } from '../../words';

/** Lengths that the bar may show, minutes: it grows by steps, so that a drag does not move under the hand. */
const LENGTHS = [
  30, 60, 120, 180, 300, 480, 720, 1440, 2880, 5760, 10_080, 20_160, 43_200, 129_600,
];
const TICKS = [5, 10, 15, 30, 60, 120, 180, 360, 720, 1440, 2880, 10_080, 43_200];

/** A narrower stretch, share of the bar, has no room for its name: it stands in the list beside. */
const LEAST_NAMED = 0.13;

const FILLS: Readonly<Record<PhasePlace, string>> = {
  bench: 'color-mix(in srgb, var(--dough) 75%, var(--board))',
  drying: 'var(--dough)',
  fridge: 'color-mix(in srgb, var(--verdigris) 22%, var(--board-raised))',
  freezer: 'color-mix(in srgb, var(--focus) 24%, var(--board-raised))',
};

/** What is written on them: dough is light in the dark too. */
const INKS: Readonly<Partial<Record<PhasePlace, string>>> = {
  bench: 'var(--verdict-ink)',
  drying: 'var(--verdict-ink)',
};

/** The hold as a bar of time: every stretch can be drawn longer or shorter by its end. */
export function HoldBar() {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { edit } = useEdit();
  const { phases } = plan.hold;
  const { hold } = result;
  const fits = lengthFor(hold);
  const [held, setHeld] = useState<number | null>(null);
  const length = held ?? fits;
  const step = length <= 120 ? 1 : length <= 720 ? 5 : length <= 2880 ? 15 : 60;
  const tick = TICKS.find((each) => length / each <= 7) ?? 43_200;
  const share = (minute: number) => `${(100 * Math.min(minute, length)) / length}%`;
  const ends = phases.map((_, i) =>
    phases.slice(0, i + 1).reduce((sum, { minutes }) => sum + minutes, 0),
  );
  const set = (index: number, end: number, passing: boolean) =>
    edit(
      (before) => {
        const start = before.hold.phases
          .slice(0, index)
          .reduce((sum, { minutes }) => sum + minutes, 0);
        const next: Phase[] = before.hold.phases.map((phase, i) =>
          i === index ? { ...phase, minutes: Math.max(0, end - start) } : phase,
        );
        return writeAt(before, 'hold.phases', next);
      },
      `hold ${index}`,
      passing,
    );
  return (
    <div
      className="relative mt-8 mb-16 select-none"
      role="group"
      aria-label="The hold, on a line of time"
    >
      <div className="relative flex h-16 border border-ink">
        {phases.map(({ place, minutes }, i) => (
          <div
            key={i}
            className="overflow-hidden border-r border-ink/40 px-1.5 py-1 text-small leading-tight"
            style={{ width: share(minutes), background: FILLS[place], color: INKS[place] }}
          >
            {minutes / length > LEAST_NAMED && (
              <>
                <span className="block font-semibold">{PLACE_NAMES[place]}</span>
                <span className="block whitespace-nowrap">{text(minutes, 'min')}</span>
              </>
            )}
          </div>
        ))}
        <div className="grow bg-board-raised px-2.5 py-1 text-small text-ink-dim">
          {hold.plannedMin < length * 0.92 && 'pot'}
        </div>
        {ends.map((end, i) => (
          <Slider.Root
            key={i}
            className="pointer-events-none absolute inset-0 flex items-center"
            min={0}
            max={length}
            step={step}
            value={[Math.min(end, length)]}
            onValueChange={([to = 0]) => {
              setHeld(length);
              set(i, to, true);
            }}
            onValueCommit={([to = 0]) => {
              setHeld(null);
              set(i, to, false);
            }}
          >
            <Slider.Track className="absolute inset-0" />
            <Slider.Thumb
              aria-label={`End of the time in the ${PLACE_NAMES[phases[i]!.place]}`}
              aria-valuetext={text(end, 'min')}
              // Without a width of its own it stands where it says; what is taken hold of is inside it.
              className="group pointer-events-auto block h-16 w-0 cursor-ew-resize touch-pan-y outline-none"
            >
              <span className="absolute inset-y-0 -left-[22px] flex w-11 items-center justify-center">
                <span className="h-11 w-2 rounded-full bg-ink group-focus-visible:outline-3 group-focus-visible:outline-offset-2 group-focus-visible:outline-(--focus)" />
              </span>
            </Slider.Thumb>
          </Slider.Root>
        ))}
      </div>
      {Array.from({ length: Math.floor(length / tick) + 1 }, (_, i) => (
        <span
          key={i}
          aria-hidden
          className="absolute top-[4.2rem] -translate-x-1/2 text-small whitespace-nowrap text-ink-dim first-of-type:translate-x-0"
          style={{ left: share(i * tick) }}
        >
          {i === 0 ? '0' : text(i * tick, 'min')}
        </span>
      ))}
      <Mark minute={hold.minutesToTacky} length={length} share={share} tone="ochre" row={0}>
        tacky
      </Mark>
      <Mark
        minute={hold.minutesWeak === hold.minutesToTacky ? null : hold.minutesWeak}
        length={length}
        share={share}
        tone="brick"
        row={1}
        dashed
      >
        tears
      </Mark>
      <Mark
        minute={hold.safe?.minute ?? null}
        length={length}
        share={share}
        tone="ink"
        row={1}
        dashed
      >
        safe limit
      </Mark>
    </div>
  );
}

const TONES = {
  ochre: 'border-ochre text-ochre',
  brick: 'border-brick text-brick',
  ink: 'border-ink text-ink',
} as const;

/** A moment on the bar, named; nothing when it lies past its end. */
function Mark({
  minute,
  length,
  share,
  tone,
  row,
  dashed = false,
  children,
}: {
  minute: number | null;
  length: number;
  share(minute: number): string;
  tone: keyof typeof TONES;
  row: 0 | 1;
  dashed?: boolean;
  children: string;
}) {
  const { text } = useUnits();
  if (minute === null || minute > length) return null;
  const late = minute > length * 0.72;
  return (
    <div
      className={`pointer-events-none absolute ${row === 0 ? '-top-6 h-[5.6rem]' : '-top-1 h-[7rem]'} ${late ? 'border-r-2' : 'border-l-2'} ${dashed ? 'border-dashed' : ''} ${TONES[tone]}`}
      style={late ? { right: `calc(100% - ${share(minute)})` } : { left: share(minute) }}
    >
      <span
        className={`absolute ${late ? 'right-1' : 'left-1'} ${row === 0 ? '-top-0.5' : 'bottom-0'} text-small font-semibold whitespace-nowrap`}
      >
        {children} at {text(minute, 'min')}
      </span>
    </div>
  );
}

/** The bar shows the hold, and what it is good for where that is near. */
function lengthFor({ plannedMin, goodFor }: HoldResult): number {
  const near = Math.min(goodFor?.minute ?? 0, 3 * Math.max(30, plannedMin));
  const wanted = 1.12 * Math.max(plannedMin, near, 20);
  return LENGTHS.find((each) => each >= wanted) ?? 129_600;
}
