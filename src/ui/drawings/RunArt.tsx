import type { StationId } from '@/core/plan/stations';

/** Half-heights of the band of dough where one station meets the next, px in an 84 high drawing. */
const EDGES: Record<StationId, readonly [number, number]> = {
  count: [0, 0],
  dough: [0, 13],
  filling: [13, 11],
  sheet: [11, 3.5],
  shape: [3.5, 3],
  seal: [3, 0],
  boil: [0, 0],
};

const MIDDLE = 50;

/**
 * One station's stretch of the run: a line of dough that thins from ball to sealed piece to pot.
 * The band stretches with the column so that neighbours meet; what stands on it keeps its form.
 */
export function RunArt({
  station,
  colour,
  portions,
}: {
  station: StationId;
  colour: string;
  portions: number;
}) {
  const [from, to] = EDGES[station];
  return (
    <span className="pointer-events-none relative block h-[84px] w-full" aria-hidden>
      {from + to > 0 && station !== 'dough' && station !== 'seal' && (
        <svg
          viewBox="0 0 100 84"
          preserveAspectRatio="none"
          className="absolute inset-0 h-full w-full"
        >
          <path
            d={`M-0.5 ${MIDDLE - from} L100.5 ${MIDDLE - to} V${MIDDLE + to} L-0.5 ${MIDDLE + from} Z`}
            fill="var(--dough)"
          />
        </svg>
      )}
      {(station === 'dough' || station === 'seal') && (
        <svg
          viewBox="0 0 100 84"
          preserveAspectRatio="none"
          className="absolute inset-0 h-full w-full"
        >
          <rect
            x={station === 'dough' ? 40 : -0.5}
            width={station === 'dough' ? 60.5 : 22}
            y={MIDDLE - (from || to)}
            height={2 * (from || to)}
            fill="var(--dough)"
          />
        </svg>
      )}
      <svg
        viewBox="0 0 160 84"
        preserveAspectRatio="xMidYMid meet"
        className="absolute inset-0 h-full w-full"
      >
        {ART[station](colour, portions)}
      </svg>
    </span>
  );
}

const chalk = {
  stroke: 'var(--chalk)',
  strokeWidth: 2.2,
  fill: 'none',
  strokeLinecap: 'round',
} as const;

const ART: Record<StationId, (colour: string, portions: number) => React.ReactNode> = {
  count: (_colour, portions) => tally(portions),
  dough: () => (
    <g>
      <path
        d="M30 50 C28 26 52 16 74 22 C92 27 96 37 120 37 V63 C96 63 90 72 70 74 C46 76 32 68 30 50 Z"
        fill="var(--dough)"
      />
      <path
        d="M42 42 q14 -12 32 -6 M38 56 q18 -6 30 2"
        stroke="var(--dough-edge)"
        strokeWidth={2.2}
        fill="none"
        strokeLinecap="round"
      />
    </g>
  ),
  filling: (colour) => (
    <g>
      <path d="M44 28 Q80 -2 116 28 Z" fill={colour} stroke="var(--chalk)" strokeWidth={2} />
      <path
        d="M36 28 H124 Q120 62 80 62 Q40 62 36 28 Z"
        fill="var(--bench)"
        stroke="var(--chalk)"
        strokeWidth={2.2}
      />
    </g>
  ),
  sheet: () => (
    <g {...chalk} fill="var(--bench)">
      <circle cx={50} cy={24} r={16} />
      <circle cx={50} cy={76} r={16} />
      <circle cx={112} cy={31} r={13} />
      <circle cx={112} cy={69} r={13} />
      <g fill="var(--chalk)" stroke="none">
        <circle cx={50} cy={24} r={2} />
        <circle cx={112} cy={31} r={2} />
        <circle cx={50} cy={76} r={2} />
        <circle cx={112} cy={69} r={2} />
      </g>
    </g>
  ),
  shape: (colour) => (
    <g fill={colour} stroke="var(--bench)" strokeWidth={1}>
      {[14, 47, 80, 113, 146].map((x) => (
        <path key={x} d={`M${x - 12} 47 Q${x} 26 ${x + 12} 47 Z`} />
      ))}
    </g>
  ),
  seal: () => (
    <g>
      <g fill="var(--dough)" stroke="var(--bench)" strokeWidth={1}>
        {[52, 92, 132].map((x) => (
          <path key={x} d={`M${x - 19} 53 h7 Q${x} 27 ${x + 12} 53 h7 v3 h-38 Z`} />
        ))}
      </g>
      <g fill="var(--chalk-dim)">
        {Array.from({ length: 34 }, (_, i) => (
          <circle key={i} cx={26 + i * 3.9} cy={61 + ((i * 5) % 4)} r={0.9} />
        ))}
      </g>
    </g>
  ),
  boil: () => (
    <g>
      <path d="M38 14 V66 Q38 76 48 76 H112 Q122 76 122 66 V14" {...chalk} />
      <path d="M39 30 q10 -6 21 0 t21 0 t21 0 t20 0" {...chalk} strokeWidth={1.8} />
      <g fill="var(--dough)">
        <path d="M48 50 h4 q7 -13 14 0 h4 q-4 7 -11 7 t-11 -7Z" />
        <path d="M80 40 h4 q7 -13 14 0 h4 q-4 7 -11 7 t-11 -7Z" />
        <path d="M88 64 h4 q7 -13 14 0 h4 q-4 7 -11 7 t-11 -7Z" />
      </g>
    </g>
  ),
};

/** Portions as chalk strokes in fives; past twenty-five a few and a brace. */
function tally(portions: number) {
  const shown = Math.min(portions, 25);
  return (
    <g {...chalk} strokeWidth={2.6}>
      {Array.from({ length: shown }, (_, i) => {
        const group = Math.floor(i / 5);
        const inGroup = i % 5;
        const x = 18 + (group % 3) * 44;
        const y = group < 3 ? 18 : 52;
        return inGroup < 4 ? (
          <path key={i} d={`M${x + inGroup * 8} ${y} l${i % 2 ? -1.5 : 1} 24`} />
        ) : (
          <path key={i} d={`M${x - 5} ${y + 19} l34 -14`} />
        );
      })}
      {portions > shown && <path d="M112 64 h6 m6 0 h6 m6 0 h6" />}
    </g>
  );
}
