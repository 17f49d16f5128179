'use client';

import type { PlanResult } from '@/core/plan/evaluatePlan';
import { useUnits } from '../units/UnitsContext';
import { settled } from './svg';

/** Blanks drawn one by one up to this many; beyond it the grid is only outlined. */
const MOST_DRAWN = 400;

/** One rolled sheet to scale with its cut pattern and mound marks. */
export function SheetStrip({
  result,
  colour,
  width,
}: {
  result: PlanResult;
  colour: string;
  width: number;
}) {
  const { text } = useUnits();
  const { sheet } = result;
  const { blank, grid } = sheet;
  if (sheet.count === 0) return null;
  const scale = Math.min((width - 4) / sheet.lengthMm, 190 / sheet.widthMm);
  const w = sheet.lengthMm * scale;
  const h = sheet.widthMm * scale;
  const usedW = blank.layers === 2 ? w / 2 : w;
  const blankW = blank.alongMm * scale;
  const blankH = blank.acrossMm * scale;
  const offsetY = (h - grid.across * blankH) / 2;
  const cells =
    grid.count > MOST_DRAWN
      ? []
      : Array.from({ length: grid.count }, (_, i) => ({
          column: Math.floor(i / grid.across),
          row: i % grid.across,
        }));
  return (
    <svg
      viewBox={`0 0 ${width} ${h + 4}`}
      role="img"
      aria-label={`One sheet, ${text(sheet.lengthMm, 'mm')} by ${text(sheet.widthMm, 'mm')}: ${grid.count} blanks, ${grid.along} along and ${grid.across} across.`}
      className="block w-full"
    >
      <rect
        x={2}
        y={2}
        width={w}
        height={h}
        rx={3}
        fill="var(--dough)"
        stroke="var(--draw)"
        strokeWidth={1.4}
      />
      {cells.map(({ column, row }) => {
        const x = 2 + column * blankW;
        const y = 2 + offsetY + row * blankH;
        const cx = x + blankW / 2;
        const cy = y + blankH / 2 + blank.moundOffsetMm * scale;
        const mw = settled(blank.moundAlongMm * scale);
        const mh = settled(blank.moundAcrossMm * scale);
        return (
          <g key={`${column}-${row}`}>
            <rect
              x={x}
              y={y}
              width={blankW}
              height={blankH}
              fill="none"
              stroke="#1c2422"
              strokeWidth={0.9}
              strokeDasharray="3 2"
            />
            {blank.roundMound ? (
              <circle cx={cx} cy={cy} r={mw / 2} fill={colour} />
            ) : (
              <rect x={cx - mw / 2} y={cy - mh / 2} width={mw} height={mh} fill={colour} />
            )}
          </g>
        );
      })}
      {blank.layers === 2 && (
        <>
          <line
            x1={2 + usedW}
            x2={2 + usedW}
            y1={0}
            y2={h + 4}
            stroke="#1c2422"
            strokeWidth={1.4}
            strokeDasharray="6 4"
          />
          {usedW > 150 && (
            <text x={usedW + 12} y={h / 2 + 2} fontSize={14} fill="#3f3a26">
              top half, laid over
              <tspan x={usedW + 12} dy={17}>
                from the crease
              </tspan>
            </text>
          )}
        </>
      )}
    </svg>
  );
}
