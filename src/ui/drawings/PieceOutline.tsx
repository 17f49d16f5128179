import type { PieceDrawing } from '@/core/shapes/drawing';
import { pathOf } from './svg';

/** A piece cut through, without dimensions, at a scale of the caller's: to set several side by side. */
export function PieceOutline({
  section,
  colour,
  pxPerMm,
  width,
  height,
}: {
  section: PieceDrawing['section'];
  colour: string;
  pxPerMm: number;
  width: number;
  height: number;
}) {
  const middle = (section.piece.fromX + section.piece.toX) / 2;
  const placing = {
    scale: pxPerMm,
    x0: width / 2 - middle * pxPerMm,
    y0: height - 4 + section.bottomY * pxPerMm,
  };
  return (
    <svg viewBox={`0 0 ${width} ${height}`} aria-hidden className="block w-full">
      <g stroke="var(--draw)" strokeWidth={1.4} strokeLinejoin="round">
        {section.dough.map((outline, index) => (
          <path key={index} d={pathOf(outline, placing)} fill="var(--dough)" />
        ))}
        <path d={pathOf(section.filling, placing)} fill={colour} />
      </g>
    </svg>
  );
}
