'use client';

import { useState } from 'react';
import { moistureFigures } from '@/core/hold/moistureFigures';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown, useWorld } from '../../editor/EditorContext';

const WIDTH = 300;
const HEIGHT = 132;
const TOP = 30;
const CURVE_X = 330;
const CURVE_W = 110;

/** The sheet cut through at one moment of the hold: how far the filling's water has come. */
export function SheetThrough() {
  const { plan, result } = useShown();
  const { basis } = useWorld();
  const { text } = useUnits();
  const { moments, tackyAt, plannedMin } = result.hold;
  const [at, setAt] = useState<number | null>(null);
  const planned = moments.findIndex(({ minute }) => minute >= plannedMin - 0.5);
  const index = Math.min(moments.length - 1, at ?? (planned < 0 ? moments.length - 1 : planned));
  const { minute, face, profile } = moments[index]!;
  const [driest, wettest] = [0.3, 0.5];
  const share = (moisture: number) =>
    Math.min(1, Math.max(0, (moisture - driest) / (wettest - driest)));
  const y = (i: number) => TOP + ((i + 0.5) * HEIGHT) / profile.length;
  const x = (moisture: number) => CURVE_X + share(moisture) * CURVE_W;
  const tacky = face >= tackyAt;
  const moist = moistureFigures(
    {
      minute,
      profile,
      face,
      thicknessMm: result.sheet.thicknessMm,
      // It is sealed as moist as it was mixed.
      doughMoisture: moments[0]!.face,
      freeWaterShare: result.filling.freeWaterShare,
      surface: plan.hold.surface,
    },
    basis.rules,
  );
  return (
    <section aria-label="Through the sheet">
      <h3>Through the sheet after {text(minute, 'min')}</h3>
      <svg
        viewBox="0 0 460 188"
        className="mt-1 w-full max-w-[560px]"
        role="img"
        aria-label={`Under the filling ${text(profile[0]!, 'share')} moist, at the under-face ${text(face, 'share')}: ${tacky ? 'tacky' : 'dry to the touch'}.`}
      >
        <path
          d={`M4 ${TOP}Q60 4 150 3Q240 4 296 ${TOP}Z`}
          fill={plan.colour}
          stroke="var(--draw)"
          strokeWidth={1.5}
        />
        {profile.map((moisture, i) => (
          <rect
            key={i}
            x={4}
            y={TOP + (i * HEIGHT) / profile.length}
            width={WIDTH - 8}
            height={HEIGHT / profile.length + 0.6}
            fill={`color-mix(in oklab, #6f93a3 ${Math.round(100 * share(moisture))}%, var(--dough))`}
          />
        ))}
        <rect
          x={4}
          y={TOP}
          width={WIDTH - 8}
          height={HEIGHT}
          fill="none"
          stroke="var(--draw)"
          strokeWidth={1.5}
        />
        <path
          d={`M4 ${TOP + HEIGHT + 6}H${WIDTH - 4}`}
          stroke="var(--dough-edge)"
          strokeWidth={4}
          strokeDasharray={plan.hold.surface === 'bare' ? undefined : '2 6'}
        />
        <path
          d={`M${x(tackyAt)} ${TOP - 6}V${TOP + HEIGHT + 2}`}
          stroke="var(--ochre)"
          strokeWidth={2}
          strokeDasharray="5 4"
        />
        <polyline
          points={[
            ...profile.map((moisture, i) => `${x(moisture).toFixed(1)},${y(i).toFixed(1)}`),
            `${x(face).toFixed(1)},${TOP + HEIGHT}`,
          ].join(' ')}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.5}
        />
        <g fontSize={13} fill="var(--ink)">
          <text x={CURVE_X} y={TOP + HEIGHT + 20} fill="var(--ink-dim)">
            dry
          </text>
          <text x={x(tackyAt) - 14} y={TOP + HEIGHT + 20} fill="var(--ochre)" fontWeight={600}>
            tacky
          </text>
        </g>
      </svg>
      <p>
        Against the filling <Figure working={moist.top} /> water, at the under-face{' '}
        <Figure working={moist.under} />; tacky from <Figure working={moist.tacky} />.
      </p>
      <label className="mt-2 block max-w-[560px]">
        <span className="text-small text-ink-dim">Look at another moment</span>
        <input
          type="range"
          className="block h-11 w-full accent-ink"
          min={0}
          max={moments.length - 1}
          step={1}
          value={index}
          aria-valuetext={text(minute, 'min')}
          onChange={(event) => setAt(Number(event.target.value))}
        />
      </label>
    </section>
  );
}
