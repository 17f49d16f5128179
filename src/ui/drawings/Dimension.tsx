/** A dimension line with its figure set into it, along x or y. */
export function Dimension({
  from,
  to,
  at,
  text,
  vertical = false,
}: {
  from: number;
  to: number;
  /** The other coordinate. */
  at: number;
  text: string;
  vertical?: boolean;
}) {
  const middle = (from + to) / 2;
  const half = text.length * 3.9 + 5;
  const line = { stroke: 'var(--dim-line)', strokeWidth: 1.2 };
  if (vertical) {
    return (
      <g>
        <line x1={at} x2={at} y1={from} y2={to} {...line} />
        <line x1={at - 4} x2={at + 4} y1={from} y2={from} {...line} />
        <line x1={at - 4} x2={at + 4} y1={to} y2={to} {...line} />
        <text x={at - 7} y={middle + 4.5} textAnchor="end" fontSize={14} fill="var(--ink-dim)">
          {text}
        </text>
      </g>
    );
  }
  const inside = to - from > 2 * half + 12;
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
      <text
        x={inside ? middle : to + 6}
        y={at + 5}
        textAnchor={inside ? 'middle' : 'start'}
        fontSize={14}
        fill="var(--ink-dim)"
      >
        {text}
      </text>
    </g>
  );
}
