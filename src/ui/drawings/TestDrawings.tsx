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
        d="M30 60 Q75 30 120 60 Q75 76 30 60 Z"
        fill={colour}
        stroke="var(--draw)"
        strokeWidth={1.5}
      />
      <Dimension from={30} to={120} at={98} text={across} />
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

/** A strip hanging from a hand, torn where its own weight was too much. */
export function HangTestDrawing({ length }: { length: string }) {
  return (
    <svg
      viewBox="0 0 140 190"
      role="img"
      aria-label={`A strip that tore with ${length} hanging`}
      className="block w-full max-w-[140px]"
    >
      <g transform="translate(56 0)">
        <g fill="var(--dough)" stroke="var(--draw)" strokeWidth={1.5} strokeLinejoin="round">
          <path d="M8 20 H50 Q62 20 62 32 V44 L57 48 L53 43 L48 47 L44 44 V36 H8 Z" />
          <path d="M44 56 L48 60 L53 55 L57 60 L62 56 V172 H44 Z" />
        </g>
        <path
          d="M6 40 H38"
          stroke="var(--board-rule)"
          strokeWidth={5}
          strokeLinecap="round"
          fill="none"
        />
      </g>
      <Dimension vertical from={44} to={172} at={88} text={length} />
    </svg>
  );
}

/** A strip laid flat, its length and width to be measured, and the scale it was weighed on. */
export function StripTestDrawing() {
  return (
    <svg
      viewBox="0 0 250 110"
      role="img"
      aria-label="A strip laid flat: measure its length and its width, then weigh it"
      className="block w-full max-w-[250px]"
    >
      <rect
        x={46}
        y={14}
        width={196}
        height={38}
        rx={2}
        fill="var(--dough)"
        stroke="var(--draw)"
        strokeWidth={1.5}
      />
      <Dimension from={46} to={242} at={72} text="length" />
      <Dimension vertical from={14} to={52} at={38} text="wide" />
      <g stroke="var(--draw)" strokeWidth={1.5} fill="var(--board-raised)">
        <path d="M100 92 H188 L194 106 H94 Z" />
      </g>
      <path
        d="M112 92 q12 -14 24 0 q10 -12 20 0 q8 -8 16 0 Z"
        fill="var(--dough)"
        stroke="var(--draw)"
        strokeWidth={1.5}
      />
    </svg>
  );
}
