import { throughSheet } from '@/core/drills/light';
import { clock, type DrawnPiece, type Picture } from '@/core/drills/drill';
import { useUnits } from '@/ui/units/UnitsContext';

const DOUGH = { fill: '#f0dca4', stroke: '#cfae5e' };
const FILLING = '#8fa87e';
const LINE = { fill: 'none', stroke: 'currentColor' };

/** Drawings to scale are so wide, px to a millimetre at most. */
const PX_PER_MM = 4;

/** What an exercise shows; its words stand beside it, so it is hidden from those who hear the page. */
export function DrillPicture({ picture, elapsedS = 0 }: { picture: Picture; elapsedS?: number }) {
  switch (picture.kind) {
    case 'light':
      return <Light {...picture} />;
    case 'mound':
      return <Mound {...picture} />;
    case 'pieces':
      return <Pieces pieces={picture.pieces} />;
    case 'dough':
      return <Dough {...picture} />;
    case 'spread':
      return <Spread {...picture} />;
    case 'bowls':
      return <Bowls {...picture} />;
    case 'pot':
      return <Pot floatS={picture.floatS} elapsedS={elapsedS} />;
    case 'sheet':
      return <Sheet {...picture} />;
  }
}

const DRAWN = 'block h-auto w-full max-w-[560px]';

function Light({ thicknessMm, over }: Extract<Picture, { kind: 'light' }>) {
  const through = throughSheet(thicknessMm);
  return (
    <svg viewBox="0 0 560 220" aria-hidden className={DRAWN}>
      <rect width={560} height={220} fill="#fbf7ea" />
      {over === 'hand' ? (
        <path
          d="M180 220 V110 Q178 84 196 86 V40 Q206 22 218 40 V30 Q230 12 242 30 V36 Q254 20 266 38 V52 Q278 40 288 56 V120 Q310 92 330 104 L290 190 V220 Z"
          fill="#4a3428"
        />
      ) : (
        <g fill="#1c2422">
          {Array.from({ length: 9 }, (_, row) => (
            <rect
              key={row}
              x={40}
              y={18 + 22 * row}
              width={row % 4 === 3 ? 300 : 460 - 24 * (row % 3)}
              height={8}
            />
          ))}
        </g>
      )}
      <rect x={90} y={0} width={380} height={220} fill="#f0dca4" fillOpacity={1 - through} />
      <path d="M90 0 V220 M470 0 V220" stroke="#cfae5e" strokeWidth={2} />
    </svg>
  );
}

function Mound({ radiusMm, heightMm, spoonMl }: Extract<Picture, { kind: 'mound' }>) {
  const { text } = useUnits();
  // A bowl of a spoon as long as it is wide and a half more: its size from what it holds.
  const spoonMm = 2 * Math.cbrt((1000 * spoonMl * 3) / (2 * Math.PI * 0.6));
  const wide = 2 * radiusMm + spoonMm + 90;
  const high = Math.max(heightMm, spoonMm / 3) + 16;
  const base = high - 6;
  const at = 12 + radiusMm;
  const spoon = 24 + 2 * radiusMm + spoonMm / 2;
  return (
    <svg
      viewBox={`0 0 ${wide} ${high}`}
      aria-hidden
      className={DRAWN}
      style={{ maxWidth: Math.min(560, wide * PX_PER_MM) }}
    >
      <path d={`M2 ${base} H${wide - 2}`} {...LINE} strokeWidth={0.6} />
      <path d={capPath(at, base, radiusMm, heightMm)} fill={FILLING} />
      <path
        d={`M${spoon - spoonMm / 2} ${base - spoonMm / 4} H${wide - 6} M${spoon - spoonMm / 2} ${base - spoonMm / 4} Q${spoon} ${base + spoonMm / 6} ${spoon + spoonMm / 2} ${base - spoonMm / 4}`}
        {...LINE}
        strokeWidth={1}
      />
      <text
        x={spoon}
        y={base - spoonMm / 4 - 2}
        textAnchor="middle"
        fontSize={5}
        fill="currentColor"
      >
        {text(spoonMl, 'ml')}
      </text>
    </svg>
  );
}

/** The outline of a cap on a base. */
function capPath(x: number, base: number, r: number, h: number): string {
  const R = (r * r + h * h) / (2 * h);
  return `M${x - r} ${base} A${R} ${R} 0 0 1 ${x + r} ${base} Z`;
}

function Pieces({ pieces }: { pieces: readonly DrawnPiece[] }) {
  const half = Math.max(...pieces.map(({ halfMm }) => halfMm));
  const cell = 2 * half + 14;
  const high = Math.max(...pieces.map(({ heightMm }) => heightMm)) + 22;
  return (
    <svg viewBox={`0 0 ${2 * cell} ${2 * high}`} aria-hidden className={DRAWN}>
      {pieces.map(({ name, halfMm, moundMm, heightMm, thicknessMm }, i) => {
        const [x, y] = [cell * (i % 2) + cell / 2, high * Math.floor(i / 2) + high - 8] as const;
        return (
          <g key={name}>
            <path
              d={capPath(x, y, moundMm + thicknessMm, heightMm + thicknessMm)}
              {...DOUGH}
              strokeWidth={0.4}
            />
            <path d={capPath(x, y, moundMm, heightMm)} fill={FILLING} />
            <rect
              x={x - halfMm}
              y={y}
              width={2 * halfMm}
              height={2 * thicknessMm}
              {...DOUGH}
              strokeWidth={0.4}
            />
            <text x={x - halfMm} y={y - heightMm} fontSize={8} fontWeight={700} fill="currentColor">
              {name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function Dough({ dent, fold, streaks }: Extract<Picture, { kind: 'dough' }>) {
  const deep = { jumps: 3, creeps: 14, stays: 26 }[dent];
  return (
    <svg viewBox="0 0 560 200" aria-hidden className={DRAWN}>
      <path
        d={`M40 110 Q40 40 130 40 Q150 40 ${150} ${40 + deep} Q160 ${40 + deep} 170 40 Q260 44 260 112 Q250 170 150 170 Q46 168 40 110 Z`}
        {...DOUGH}
        strokeWidth={3}
      />
      {streaks && (
        <path
          d="M70 90 Q120 70 180 92 T240 96 M64 120 Q130 104 190 126 T246 124 M90 146 Q150 134 210 150"
          stroke="#fffaf0"
          strokeWidth={6}
          fill="none"
        />
      )}
      <path d="M150 4 V26 M143 20 L150 30 L157 20" {...LINE} strokeWidth={3} />
      <path
        d="M320 140 H440 Q500 140 500 104 Q500 70 440 70 H350"
        stroke="#cfae5e"
        strokeWidth={24}
        fill="none"
      />
      <path
        d="M320 140 H440 Q500 140 500 104 Q500 70 440 70 H350"
        stroke="#f0dca4"
        strokeWidth={18}
        fill="none"
      />
      {fold === 'cracks' && (
        <path
          d="M500 82 L520 74 M504 104 H526 M500 126 L520 136"
          stroke="var(--brick)"
          strokeWidth={5}
        />
      )}
      {fold === 'tacks' && (
        <path d="M360 86 V124 M400 86 V124 M440 86 V124" stroke="#cfae5e" strokeWidth={5} />
      )}
    </svg>
  );
}

function Spread({ diameterMm, meantMm, wet }: Extract<Picture, { kind: 'spread' }>) {
  const px = 2.6;
  return (
    <svg viewBox="0 0 560 180" aria-hidden className={DRAWN}>
      <circle cx={280} cy={90} r={86} {...LINE} strokeWidth={3} />
      {wet && (
        <circle cx={280} cy={90} r={(diameterMm * px) / 2 + 9} fill="#7ab4dd" opacity={0.5} />
      )}
      <circle cx={280} cy={90} r={(diameterMm * px) / 2} fill={FILLING} />
      <circle
        cx={280}
        cy={90}
        r={(meantMm * px) / 2}
        {...LINE}
        strokeWidth={2}
        strokeDasharray="5 5"
      />
    </svg>
  );
}

function Bowls({ doughG, fillingG }: Extract<Picture, { kind: 'bowls' }>) {
  const { text } = useUnits();
  const size = (g: number) => 34 * Math.cbrt(g / 300);
  return (
    <svg viewBox="0 0 560 180" aria-hidden className={DRAWN}>
      <ellipse
        cx={150}
        cy={150 - size(doughG) * 0.8}
        rx={size(doughG) * 1.2}
        ry={size(doughG) * 0.8}
        {...DOUGH}
        strokeWidth={3}
      />
      <path d="M60 152 H240" {...LINE} strokeWidth={3} />
      <path
        d={`M330 ${152 - size(fillingG)} Q410 ${120 - 1.5 * size(fillingG)} 490 ${152 - size(fillingG)} Q480 150 410 150 Q340 150 330 ${152 - size(fillingG)} Z`}
        fill={FILLING}
      />
      <path d="M322 76 Q330 152 410 152 Q490 152 498 76" {...LINE} strokeWidth={3} />
      <text x={150} y={174} textAnchor="middle" fontSize={18} fill="currentColor">
        {text(doughG, 'g')} dough
      </text>
      <text x={410} y={174} textAnchor="middle" fontSize={18} fill="currentColor">
        {text(fillingG, 'g')} filling
      </text>
    </svg>
  );
}

function Pot({ floatS, elapsedS }: { floatS: number; elapsedS: number }) {
  const y = elapsedS >= floatS ? 62 : 128;
  return (
    <svg viewBox="0 0 560 180" aria-hidden className={DRAWN}>
      <path
        d="M120 30 H440 V140 Q440 160 420 160 H140 Q120 160 120 140 Z"
        {...LINE}
        strokeWidth={4}
      />
      <path
        d="M124 62 q20 -8 40 0 t40 0 t40 0 t40 0 t40 0 t40 0 t40 0 t32 0"
        stroke="#7ab4dd"
        strokeWidth={3}
        fill="none"
      />
      <path
        d={`M240 ${y + 14} H320 Q314 ${y - 14} 280 ${y - 14} Q246 ${y - 14} 240 ${y + 14} Z`}
        {...DOUGH}
        strokeWidth={3}
      />
      <text x={500} y={100} textAnchor="middle" fontSize={30} fill="currentColor">
        {clock(elapsedS)}
      </text>
    </svg>
  );
}

function Sheet({ pieces, ofPieces }: Extract<Picture, { kind: 'sheet' }>) {
  const across = Math.ceil(Math.max(pieces, ofPieces) / 2);
  const cell = 520 / across;
  return (
    <svg viewBox="0 0 560 150" aria-hidden className={DRAWN}>
      <rect x={16} y={14} width={528} height={112} {...DOUGH} strokeWidth={2} />
      {Array.from({ length: Math.max(pieces, ofPieces) }, (_, i) => (
        <rect
          key={i}
          x={20 + cell * Math.floor(i / 2) + 2}
          y={i % 2 === 0 ? 20 : 72}
          width={cell - 4}
          height={48}
          fill={i < pieces ? '#fff6da' : 'none'}
          stroke="#8d8672"
          strokeDasharray={i < pieces ? undefined : '4 4'}
        />
      ))}
    </svg>
  );
}
