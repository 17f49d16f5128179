import type { Rounds } from '@/core/boil/rounds';

const WIDTH = 220;
const RIM = 92;
/** More are not drawn one by one. */
const MOST = 40;

/** The pot from above with one round in it, pieces as large against it as they are. */
export function PotDrawing({ rounds }: { rounds: Rounds }) {
  const shown = Math.min(rounds.pieces, MOST);
  // Each piece a disc of its share of the surface, in a sunflower's order.
  const radius = Math.sqrt(Math.min(0.9, rounds.layers) / Math.max(1, rounds.pieces)) * RIM * 0.94;
  return (
    <svg viewBox={`0 0 ${WIDTH} 208`} className="w-full max-w-[190px]" aria-hidden>
      <circle cx={110} cy={104} r={RIM + 8} fill="var(--bench-line)" />
      <circle
        cx={110}
        cy={104}
        r={RIM}
        fill="color-mix(in srgb, var(--focus) 24%, var(--board-raised))"
      />
      {Array.from({ length: shown }, (_, i) => {
        const away = (RIM - radius) * Math.sqrt((i + 0.5) / shown);
        const turn = i * 2.399963;
        return (
          <circle
            key={i}
            cx={(110 + away * Math.cos(turn)).toFixed(1)}
            cy={(104 + away * Math.sin(turn)).toFixed(1)}
            r={radius.toFixed(1)}
            fill="var(--dough)"
            stroke="var(--dough-edge)"
            strokeWidth={1.5}
          />
        );
      })}
    </svg>
  );
}
