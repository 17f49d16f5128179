'use client';

import { useUnits } from '@/ui/units/UnitsContext';
import { useEditor } from '../editor/EditorContext';

/** The dial as a stair: what every step leaves, to scale, and where to stop. */
export function DialPanel() {
  const { plan, result } = useEditor();
  const { text } = useUnits();
  const { steps } = plan.sheet.roller;
  const widest = steps[0]?.mm ?? 1;
  const W = 620;
  const each = W / steps.length;
  const every = Math.ceil(steps.length / 13);
  return (
    <section aria-label="The dial">
      <h3>
        The dial{' '}
        <span className="font-normal text-ink-dim">
          what each step leaves; stop at {result.sheet.setting}
        </span>
      </h3>
      <svg
        viewBox={`0 0 ${W} 118`}
        role="img"
        aria-label={`Steps of ${plan.sheet.roller.name}: stop at dial ${result.sheet.setting}, ${text(result.sheet.nearestMm, 'mm')}`}
        className="mt-2 block w-full"
      >
        {steps.map(({ label, mm }, index) => {
          const h = Math.max(2, (mm / widest) * 72);
          const stop = label === result.sheet.setting;
          const x = index * each;
          return (
            <g key={label}>
              <rect
                x={x}
                y={76 - h}
                width={each}
                height={h}
                fill={stop ? 'var(--dough-edge)' : 'var(--dough)'}
                stroke="var(--draw)"
                strokeWidth={stop ? 2.4 : 1}
              />
              {(index % every === 0 || stop) && (
                <text
                  x={x + each / 2}
                  y={94}
                  textAnchor="middle"
                  fontSize={14}
                  fontWeight={stop ? 700 : 400}
                  fill="var(--ink)"
                >
                  {stop ? '▼ ' : ''}
                  {label.length > 7 ? label.slice(0, 6) : label}
                </text>
              )}
              {(index % every === 0 || stop) && (
                <text
                  x={x + each / 2}
                  y={112}
                  textAnchor="middle"
                  fontSize={12.5}
                  fill="var(--ink-dim)"
                >
                  {text(mm, 'mm').replace(/ .*/, '')}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <p className="mt-1 text-small text-ink-dim">
        Letter folds only at the widest step, then every step in turn. These thicknesses are as set
        in your kitchen: weigh a strip to measure your own.
      </p>
    </section>
  );
}
