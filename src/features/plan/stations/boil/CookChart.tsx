'use client';

import type { CorePoint } from '@/core/boil/coreCourse';
import { softAt, type BoilStage, type Cooking } from '@/core/plan/model/boil';
import { useView } from '@/ui/layout/ViewContext';
import { chartBox } from '../../risk/chartBox';
import { useUnits } from '@/ui/units/UnitsContext';

/** A piece in the pot, minute by minute: its middle warms, edge and face soften, it comes up, it is done. */
export function CookChart({
  title,
  cooking,
  course,
  boil,
}: {
  title: string;
  cooking: Cooking;
  course: readonly CorePoint[];
  boil: BoilStage;
}) {
  const { text } = useUnits();
  const { box, ...drawn } = chartBox(useView(), { top: 26, height: 132, foot: 104 });
  const { coreS, floatS, potMin, minutes } = cooking;
  const { edgeMin, faceMin } = softAt(cooking);
  const last = Math.max(1.35 * minutes, 1.1 * potMin + 0.5, 1);
  const tick = [0.5, 1, 2, 5, 10, 20].find((each) => last / each <= 7) ?? 30;
  const x = (minute: number) => box.left + (box.width * Math.min(minute, last)) / last;
  const coldest = Math.min(0, cooking.fromC);
  const y = (tempC: number) =>
    box.top + box.height - (box.height * (tempC - coldest)) / (100 - coldest);
  const stands = Math.min(last, boil.skinStandsMin);
  const lines = [
    ['middle hot', coreS === null ? null : coreS / 60],
    ['edge soft', edgeMin],
    ['face soft', faceMin],
  ] as const;
  return (
    <figure>
      <figcaption className="font-semibold">
        {title}: {text(potMin, 'min')} in the pot
      </figcaption>
      <svg
        viewBox={`0 0 ${drawn.width} ${drawn.height}`}
        className="w-full max-w-[560px]"
        aria-hidden
      >
        {stands > potMin && (
          <>
            <rect
              x={x(potMin)}
              y={box.top}
              width={x(stands) - x(potMin)}
              height={box.height}
              fill="var(--band)"
            />
            <text x={x(potMin) + 5} y={box.top + 16} fontSize={13} fill="var(--ink)">
              lift out
            </text>
          </>
        )}
        <path
          d={`M${box.left} ${box.top}v${box.height}h${box.width}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.5}
        />
        <path
          d={`M${box.left} ${y(boil.targetC)}h${box.width}`}
          stroke="var(--ink-dim)"
          strokeDasharray="5 4"
        />
        <text
          x={box.left - 5}
          y={y(boil.targetC) + 4}
          fontSize={13}
          textAnchor="end"
          fill="var(--ink)"
        >
          {text(boil.targetC, 'C').replace(' ', '')}
        </text>
        <polyline
          points={course
            .filter(({ minute }) => minute <= last)
            .map(({ minute, tempC }) => `${x(minute).toFixed(1)},${y(tempC).toFixed(1)}`)
            .join(' ')}
          fill="none"
          stroke="var(--brick)"
          strokeWidth={3}
        />
        {floatS !== null && (
          <>
            <path
              d={`M${x(floatS / 60)} ${box.top - 6}v${box.height + 6}`}
              stroke="var(--focus)"
              strokeWidth={2}
              strokeDasharray="2 4"
            />
            <text
              x={x(floatS / 60)}
              y={box.top - 10}
              fontSize={13}
              textAnchor="middle"
              fill="var(--ink)"
            >
              floats, not done
            </text>
          </>
        )}
        {lines.map(([name, minute], i) => (
          <g key={name}>
            {minute !== null && (
              <path
                d={`M${box.left} ${box.top + box.height + 34 + i * 22}H${x(minute)}`}
                stroke={i === 0 ? 'var(--brick)' : 'var(--dough-edge)'}
                strokeWidth={9}
              />
            )}
            <text
              x={x(minute ?? 0) + 7}
              y={box.top + box.height + 38 + i * 22}
              fontSize={13}
              fill="var(--ink)"
            >
              {name} {minute === null ? 'never' : text(minute, 'min')}
            </text>
          </g>
        ))}
        {Array.from({ length: Math.floor(last / tick) + 1 }, (_, i) => (
          <text
            key={i}
            x={x(i * tick)}
            y={box.top + box.height + 18}
            fontSize={13}
            textAnchor="middle"
            fill="var(--ink-dim)"
          >
            {i === 0 ? '0' : text(i * tick, 'min')}
          </text>
        ))}
      </svg>
    </figure>
  );
}
