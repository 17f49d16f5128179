'use client';

import { useId, useMemo } from 'react';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { placesOf, type Place } from '@/core/layout/places';
import { useUnits } from '../units/UnitsContext';
import { Dimension } from './Dimension';
import { pathOf, settled } from './svg';

/** Blanks drawn one by one up to this many; beyond it the pattern is only outlined. */
const MOST_DRAWN = 700;

const INK = '#1c2422';

/** One rolled sheet to scale with its cut pattern, mound marks, crease and dimensions. */
export function LayoutDrawing({
  result,
  colour,
  width,
  tallest = 190,
  dimensions = false,
  letters = 14,
  picked = null,
  onPick,
}: {
  result: PlanResult;
  colour: string;
  width: number;
  tallest?: number;
  /** Width, length and the way from mound to mound, as dimension lines. */
  dimensions?: boolean;
  /** How large what is written on the sheet is, in the drawing's own units; 0 for nothing. */
  letters?: number;
  picked?: Place | null;
  onPick?(place: Place): void;
}) {
  const { text } = useUnits();
  const ids = useId();
  const { sheet, layout } = result;
  const { laying, blank } = layout;
  const places = useMemo(() => placesOf(laying), [laying]);
  if (sheet.count === 0) return null;
  const left = dimensions ? 78 : 2;
  const scale = Math.min((width - left - 2) / sheet.lengthMm, tallest / sheet.widthMm);
  const w = settled(sheet.lengthMm * scale);
  const h = settled(sheet.widthMm * scale);
  const at = { scale, x0: 0, y0: 0 };
  const [first] = places;
  const next = first && places.find(({ x, y }) => x > first.x && Math.abs(y - first.y) < 0.5);
  const drawn = places.length <= MOST_DRAWN;
  const crease =
    laying.way === 'book'
      ? { x1: w / 2, x2: w / 2, y1: -2, y2: h + 2 }
      : laying.way === 'foldLong'
        ? { x1: -2, x2: w + 2, y1: h / 2, y2: h / 2 }
        : null;
  return (
    <svg
      viewBox={`${-left} -2 ${width} ${h + (dimensions ? 44 : 4)}`}
      role={onPick ? 'group' : 'img'}
      aria-label={`One sheet, ${text(sheet.lengthMm, 'mm')} by ${text(sheet.widthMm, 'mm')}: ${places.length} blanks in ${laying.stacks} stacks.`}
      className="block w-full"
    >
      <defs>
        <path id={`${ids}blank`} d={pathOf(blank.outline, at)} />
        <path id={`${ids}mound`} d={pathOf(blank.mound, at)} />
      </defs>
      <rect
        width={w}
        height={h}
        rx={2}
        fill="var(--dough)"
        stroke="var(--draw)"
        strokeWidth={1.4}
      />
      {drawn ? (
        places.map((place) => {
          const isPicked =
            picked !== null && picked.along === place.along && picked.across === place.across;
          return (
            <g
              key={`${place.along}-${place.across}`}
              transform={`translate(${settled(place.x * scale)} ${settled(h - place.y * scale)}) rotate(${-place.turn})`}
              {...(onPick && { onPointerEnter: () => onPick(place), onClick: () => onPick(place) })}
            >
              <use
                href={`#${ids}blank`}
                fill={isPicked ? '#fffbea' : 'transparent'}
                stroke={INK}
                strokeWidth={isPicked ? 2 : 0.9}
                strokeDasharray={isPicked ? undefined : '3 2'}
              />
              <use href={`#${ids}mound`} fill={colour} />
            </g>
          );
        })
      ) : (
        <rect
          x={settled(laying.field.fromX * scale)}
          y={settled(h - (laying.field.firstY + (laying.arrangement?.acrossMm ?? 0)) * scale)}
          width={settled(laying.field.lengthMm * scale)}
          height={settled((laying.arrangement?.acrossMm ?? 0) * scale)}
          fill={colour}
          fillOpacity={0.45}
          stroke={INK}
          strokeDasharray="3 2"
        />
      )}
      {crease && <line {...crease} stroke={INK} strokeWidth={1.4} strokeDasharray="6 4" />}
      {laying.way === 'book' && w > 300 && letters > 0 && (
        <text x={w / 2 + 12} y={h / 2} fontSize={letters} fill="#3f3a26">
          far half, folded back
          <tspan x={w / 2 + 12} dy={letters * 1.2}>
            from the crease
          </tspan>
        </text>
      )}
      {laying.way === 'foldLong' && h > 40 && letters > 0 && (
        <text x={10} y={h / 4 + 5} fontSize={letters} fill="#3f3a26">
          far side, folded down over the filling
        </text>
      )}
      {dimensions && (
        <>
          <Dimension vertical from={0} to={h} at={-9} text={text(sheet.widthMm, 'mm')} />
          {first && next && (
            <Dimension
              from={settled(first.x * scale)}
              to={settled(next.x * scale)}
              at={h + 13}
              text={`${text(next.x - first.x, 'mm')}, mound to mound`}
            />
          )}
          <Dimension from={0} to={w} at={h + 33} text={text(sheet.lengthMm, 'mm')} />
        </>
      )}
    </svg>
  );
}
