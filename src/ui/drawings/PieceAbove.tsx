'use client';

import type { Rules } from '@/core/basis/rules';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { stateOfMargin } from '@/core/basis/state';
import { centred, pathOf, place } from './svg';

const STATE_COLOUR = { holds: 'var(--verdigris)', edge: 'var(--ochre)', fails: 'var(--brick)' };

/** The folded piece from above, to scale: sealed edges drawn firm, folds dashed, the narrowest lip marked. */
export function PieceAbove({
  result,
  rules,
  colour,
  size,
}: {
  result: PlanResult;
  /** That the plan was worked out by. */
  rules: Rules;
  colour: string;
  size: number;
}) {
  const { above } = result.shape.drawing;
  const placing = centred(above.outline, { width: size, height: size, margin: 8 });
  const lip = above.lip.map((point) => place(placing, point));
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={`${result.shape.name} from above`}
      className="block w-full"
    >
      <path
        d={pathOf(above.outline, placing)}
        fill="var(--dough)"
        stroke="var(--draw)"
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
      {above.folds.map(([from, to], index) => {
        const [a, b] = [place(placing, from), place(placing, to)];
        return (
          <line
            key={index}
            x1={a[0]}
            y1={a[1]}
            x2={b[0]}
            y2={b[1]}
            stroke="var(--dough)"
            strokeWidth={2.4}
            strokeDasharray="5 4"
          />
        );
      })}
      <path d={pathOf(above.mound, placing)} fill={colour} opacity={0.9} />
      <line
        x1={lip[0]?.[0]}
        y1={lip[0]?.[1]}
        x2={lip[1]?.[0]}
        y2={lip[1]?.[1]}
        stroke={STATE_COLOUR[stateOfMargin(result.margins.lip, rules)]}
        strokeWidth={4}
      />
    </svg>
  );
}
