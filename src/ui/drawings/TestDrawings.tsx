import { Dimension } from './Dimension';

/** A spoonful spread on a plate, and where to measure it. */
export function SpoonTestDrawing({ colour, across }: { colour: string; across: string }) {
  return (
    <svg
      viewBox="0 0 150 118"
      role="img"
      aria-label={`A spoonful spread ${across} across`}
      className="block w-full max-w-[150px]"
    >
      <ellipse
        cx={75}
        cy={62}
        rx={66}
        ry={22}
        fill="var(--board-raised)"
        stroke="var(--board-rule)"
        strokeWidth={1.5}
      />
      <path
        d="M43 60 Q75 28 107 60 Q75 74 43 60 Z"
        fill={colour}
        stroke="var(--draw)"
        strokeWidth={1.5}
      />
      <Dimension from={43} to={107} at={98} text={across} />
    </svg>
  );
}

/** A spoonful on a folded towel, and the wet ring it leaves. */
export function TowelTestDrawing({ colour, took }: { colour: string; took: string }) {
  return (
    <svg
      viewBox="0 0 150 118"
      role="img"
      aria-label={`A spoonful on a towel that took ${took}`}
      className="block w-full max-w-[150px]"
    >
      {[8, 4, 0].map((lift) => (
        <path
          key={lift}
          d={`M18 ${72 + lift} L56 ${48 + lift} L136 ${56 + lift} L98 ${84 + lift} Z`}
          fill="var(--board-raised)"
          stroke="var(--board-rule)"
          strokeWidth={1.25}
        />
      ))}
      <ellipse cx={77} cy={65} rx={34} ry={13} fill="var(--board-line)" />
      <path
        d="M56 63 Q77 36 98 63 Q77 74 56 63 Z"
        fill={colour}
        stroke="var(--draw)"
        strokeWidth={1.5}
      />
      <text x={75} y={110} textAnchor="middle" fontSize={13} fill="var(--ink)">
        towel + {took}
      </text>
    </svg>
  );
}
