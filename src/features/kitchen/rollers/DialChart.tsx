'use client';

import { cutTo } from '@/core/cutTo';
import type { DialFit } from '@/core/calibrate/fitDial';
import { settled } from '@/ui/drawings/svg';
import { useView } from '@/ui/layout/ViewContext';

const H = 230;
const LEFT = 44;
const RIGHT = 14;
const TOP = 12;
const BOTTOM = 34;

/** The dial as taken before, as fitted with its likely error, and each strip with how far it lies off. */
export function DialChart({ fit }: { fit: DialFit }) {
  const W = useView() === 'phone' ? 290 : 640;
  const { steps, residuals } = fit;
  const all = [
    ...steps.flatMap(({ mm, typicalMm, sdShare }) => [
      mm * (1 + sdShare),
      mm * (1 - sdShare),
      typicalMm,
    ]),
    ...residuals.map(({ gapMm }) => gapMm),
  ];
  const low = Math.log(Math.max(0.15, Math.min(...all) * 0.92));
  const high = Math.log(Math.max(...all) * 1.05);
  const X = (i: number) =>
    settled(LEFT + ((W - LEFT - RIGHT) * (i + 0.5)) / Math.max(1, steps.length));
  // Thickness halves by even steps: a dial is nearly straight so.
  const Y = (mm: number) =>
    settled(TOP + ((H - TOP - BOTTOM) * (high - Math.log(mm))) / (high - low));
  const line = (at: (step: DialFit['steps'][number]) => number) =>
    steps.map((step, i) => `${X(i)} ${Y(at(step))}`).join('L');
  const band = [
    ...steps.map((step, i) => `${X(i)} ${Y(step.mm * (1 + step.sdShare))}`),
    ...steps.map((step, i) => `${X(i)} ${Y(step.mm * (1 - step.sdShare))}`).reverse(),
  ].join('L');
  const ticks = [0.3, 0.5, 0.8, 1, 1.5, 2, 3, 4, 6, 8].filter(
    (mm) => Math.log(mm) >= low && Math.log(mm) <= high,
  );
  const every = Math.ceil(steps.length / (W / 46));
  return (
    <figure>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        role="img"
        aria-label={`Fit of the dial: ${steps.map(({ label, mm }) => `${label}, ${mm} mm`).join('; ')}`}
        className="block w-full"
      >
        {ticks.map((mm) => (
          <g key={mm}>
            <line
              x1={LEFT}
              x2={W - RIGHT}
              y1={Y(mm)}
              y2={Y(mm)}
              stroke="var(--board-line)"
              strokeWidth={1}
            />
            <text x={LEFT - 6} y={Y(mm) + 4} textAnchor="end" fontSize={13} fill="var(--ink-dim)">
              {mm}
            </text>
          </g>
        ))}
        <path d={`M${band}Z`} fill="var(--band)" />
        <path
          d={`M${line(({ typicalMm }) => typicalMm)}`}
          fill="none"
          stroke="var(--dim-line)"
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
        <path d={`M${line(({ mm }) => mm)}`} fill="none" stroke="var(--ink)" strokeWidth={2} />
        {residuals.map(({ index, label, gapMm, fittedMm }) => {
          const x = X(steps.findIndex((step) => step.label === label));
          return (
            <g key={index} stroke="var(--brick)">
              <line x1={x} x2={x} y1={Y(gapMm)} y2={Y(fittedMm)} strokeWidth={2} />
              <circle cx={x} cy={Y(gapMm)} r={5.5} fill="var(--dough)" strokeWidth={2} />
            </g>
          );
        })}
        {steps.map(({ label }, i) =>
          i % every === 0 ? (
            <text
              key={label}
              x={X(i)}
              y={H - 12}
              textAnchor="middle"
              fontSize={14}
              fontWeight={600}
              fill="var(--ink)"
            >
              {label.length > 8 ? `${cutTo(label, 7)}…` : label}
            </text>
          ) : null,
        )}
      </svg>
      <figcaption className="text-small text-ink-dim">
        Gap in mm at each step, on halving scale. Dashed: as taken before. Line: as fitted, in its
        likely error. Rings: your strips, each with how far it lies off.
      </figcaption>
    </figure>
  );
}
