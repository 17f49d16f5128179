import { textWidth } from './svg';

/** Of its figure, px. */
const SIZE = 14;

/** A dimension line with its figure set into it, along x or y. */
export function Dimension({
  from,
  to,
  at,
  text,
  within = Infinity,
  vertical = false,
}: {
  from: number;
  to: number;
  /** The other coordinate. */
  at: number;
  text: string;
  /** Where the drawing ends: words that would run over it stand at the other side. */
  within?: number;
  vertical?: boolean;
}) {
  const middle = (from + to) / 2;
  const wide = textWidth(text, SIZE);
  const half = wide / 2 + 6;
  const line = { stroke: 'var(--dim-line)', strokeWidth: 1.2 };
  if (vertical) {
    return (
      <g>
        <line x1={at} x2={at} y1={from} y2={to} {...line} />
        <line x1={at - 4} x2={at + 4} y1={from} y2={from} {...line} />
        <line x1={at - 4} x2={at + 4} y1={to} y2={to} {...line} />
        <text x={at - 7} y={middle + 4.5} textAnchor="end" fontSize={SIZE} fill="var(--ink-dim)">
          {text}
        </text>
      </g>
    );
  }
  const inside = to - from > 2 * half + 12;
  const after = to + 6 + wide <= within;
  const words = inside
    ? { x: Math.min(middle, within - wide / 2), textAnchor: 'middle' as const }
    : after
      ? { x: to + 6, textAnchor: 'start' as const }
      : { x: Math.max(from - 6, wide), textAnchor: 'end' as const };
  return (
    <g>
      {inside ? (
        <>
          <line x1={from} x2={middle - half} y1={at} y2={at} {...line} />
          <line x1={middle + half} x2={to} y1={at} y2={at} {...line} />
        </>
      ) : (
        <line x1={from} x2={to} y1={at} y2={at} {...line} />
      )}
      <line x1={from} x2={from} y1={at - 5} y2={at + 5} {...line} />
      <line x1={to} x2={to} y1={at - 5} y2={at + 5} {...line} />
      <text {...words} y={at + 5} fontSize={SIZE} fill="var(--ink-dim)">
        {text}
      </text>
    </g>
  );
}
