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

const GLYPHS: Record<FamilyId, (colour: string) => React.ReactNode> = {
  ravioliSquare: (colour) => (
    <>
      <rect x={10} y={6} width={36} height={36} rx={1.5} />
      <circle cx={28} cy={24} r={11} fill={colour} />
    </>
  ),
  tortelloni: (colour) => (
    <>
      <path d="M28 5 L50 27 Q47 40 33 39 L28 34 L23 39 Q9 40 6 27 Z" />
      <ellipse cx={28} cy={23} rx={12} ry={9} fill={colour} />
    </>
  ),
  agnolottiPinched: (colour) => (
    <>
      <path d="M7 10 H49 L47 15 Q43 24 47 33 L49 40 H7 L9 33 Q13 24 9 15 Z" />
      <path d="M14 14 Q28 9 42 14 Q38 22 42 29 Q28 33 14 29 Q18 22 14 14 Z" fill={colour} />
    </>
  ),
  cappelletti: (colour) => (
    <>
      <path d="M28 10 L40 26 Q48 29 46 36 Q28 43 10 36 Q8 29 16 26 Z" />
      <ellipse cx={28} cy={25} rx={7} ry={6} fill={colour} />
      <path d="M16 26 Q28 36 40 26" fill="none" />
    </>
  ),
};
