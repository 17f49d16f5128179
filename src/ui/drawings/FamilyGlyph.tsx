import type { FamilyId } from '@/core/shapes/families';

/** A small drawing of each family, its own. */
export function FamilyGlyph({
  family,
  colour,
  className = 'h-12 w-14',
}: {
  family: FamilyId;
  colour: string;
  className?: string;
}) {
  return (
    <svg viewBox="0 0 56 48" aria-hidden className={className}>
      <g fill="var(--dough)" stroke="var(--draw)" strokeWidth={1.8} strokeLinejoin="round">
        {GLYPHS[family](colour)}
      </g>
    </svg>
  );
}

const crown = Array.from({ length: 32 }, (_, i) => {
  const a = (i / 32) * 2 * Math.PI;
  const r = i % 2 ? 16.5 : 20;
  return `${(28 + r * Math.cos(a)).toFixed(1)} ${(24 + r * Math.sin(a)).toFixed(1)}`;
}).join('L');

const GLYPHS: Record<FamilyId, (colour: string) => React.ReactNode> = {
  ravioliSquare: (colour) => (
    <>
      <rect x={10} y={6} width={36} height={36} rx={1.5} />
      <circle cx={28} cy={24} r={11} fill={colour} />
    </>
  ),
  ravioliRound: (colour) => (
    <>
      <circle cx={28} cy={24} r={19} />
      <circle cx={28} cy={24} r={10.5} fill={colour} />
    </>
  ),
  ravioliRectangle: (colour) => (
    <>
      <rect x={5} y={10} width={46} height={28} rx={1.5} />
      <circle cx={28} cy={24} r={9} fill={colour} />
    </>
  ),
  ravioliTriangle: (colour) => (
    <>
      <path d="M28 4 L51 43 H5 Z" />
      <circle cx={28} cy={31} r={7.5} fill={colour} />
    </>
  ),
  stampedRound: (colour) => (
    <>
      <path d={`M${crown}Z`} />
      <circle cx={28} cy={24} r={9.5} fill={colour} />
    </>
  ),
  mouldedRavioli: (colour) => (
    <>
      <rect x={6} y={5} width={44} height={38} rx={2} />
      <path d="M28 5V43M6 24H50" />
      {[17, 39].flatMap((x) =>
        [14.5, 33.5].map((y) => (
          <rect
            key={`${x}${y}`}
            x={x - 6}
            y={y - 5.5}
            width={12}
            height={11}
            rx={3}
            fill={colour}
          />
        )),
      )}
    </>
  ),
  halfMoon: (colour) => (
    <>
      <path d="M5 36 A23 26 0 0 1 51 36 Z" />
      <path d="M15 36 A13 14 0 0 1 41 36 Z" fill={colour} />
    </>
  ),
  foldedTriangle: (colour) => (
    <>
      <path d="M28 7 L52 40 H4 Z" />
      <ellipse cx={28} cy={32} rx={10} ry={7.5} fill={colour} />
    </>
  ),
  bonnet: (colour) => (
    <>
      <path d="M28 5 L43 25 Q46 36 36 41 L28 36 L20 41 Q10 36 13 25 Z" />
      <ellipse cx={28} cy={24} rx={9} ry={8} fill={colour} />
      <path d="M20 41 L28 33 L36 41" />
    </>
  ),
  tortelloni: (colour) => (
    <>
      <path d="M28 5 L50 27 Q47 40 33 39 L28 34 L23 39 Q9 40 6 27 Z" />
      <ellipse cx={28} cy={23} rx={12} ry={9} fill={colour} />
    </>
  ),
  cappelletti: (colour) => (
    <>
      <path d="M28 10 L40 26 Q48 29 46 36 Q28 43 10 36 Q8 29 16 26 Z" />
      <ellipse cx={28} cy={25} rx={7} ry={6} fill={colour} />
      <path d="M16 26 Q28 36 40 26" fill="none" />
    </>
  ),
  agnolottiPinched: (colour) => (
    <>
      <path d="M7 10 H49 L47 15 Q43 24 47 33 L49 40 H7 L9 33 Q13 24 9 15 Z" />
      <path d="M14 14 Q28 9 42 14 Q38 22 42 29 Q28 33 14 29 Q18 22 14 14 Z" fill={colour} />
    </>
  ),
  agnolottiFlat: (colour) => (
    <>
      <path d="M10 8 Q28 5 46 8 V42 H10 Z" />
      <ellipse cx={28} cy={20} rx={11} ry={9} fill={colour} />
      <path d="M10 35 H46" strokeDasharray="3 2.5" />
    </>
  ),
};
