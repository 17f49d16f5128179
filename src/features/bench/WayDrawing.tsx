import type { WayId } from '@/core/run/ways';

/** What each looks like, drawn over a sealed piece in section. */
const MARKS: Readonly<Record<WayId, React.ReactNode>> = {
  lip: <path d="M70 33 L88 20 M70 33 L90 36" stroke="#ffa28c" strokeWidth={5} fill="none" />,
  popped: (
    <>
      <circle cx={48} cy={15} r={9} fill="none" stroke="#ffa28c" strokeWidth={4} />
      <path d="M48 2 V-6 M34 8 L28 2 M62 8 L68 2" stroke="#ffa28c" strokeWidth={4} />
    </>
  ),
  torn: <path d="M38 12 L46 20 L41 26 L50 32" stroke="#ffa28c" strokeWidth={5} fill="none" />,
  wet: (
    <path
      d="M30 44 q4 8 0 12 q-6 -4 0 -12 M48 44 q4 8 0 12 q-6 -4 0 -12 M66 44 q4 8 0 12 q-6 -4 0 -12"
      fill="#9cd3ff"
    />
  ),
  stuck: (
    <path
      d="M4 44 H92 M20 44 V38 M40 44 V38 M60 44 V38 M78 44 V38"
      stroke="#ffa28c"
      strokeWidth={5}
    />
  ),
  unsaid: (
    <path
      d="M42 18 q6 -12 12 0 q0 6 -6 9 v4 M48 37 v2"
      stroke="#ffa28c"
      strokeWidth={4}
      fill="none"
    />
  ),
  hardEdge: <path d="M4 38 H22 M74 38 H92" stroke="#f2b95f" strokeWidth={9} />,
  coldMiddle: <path d="M48 20 V36 M40 24 L56 32 M56 24 L40 32" stroke="#9cd3ff" strokeWidth={4} />,
  mushy: (
    <path d="M24 20 q6 6 12 0 t12 0 t12 0 t12 0" stroke="#f2b95f" strokeWidth={4} fill="none" />
  ),
};

/** A piece in section, and what went wrong with it. */
export function WayDrawing({ how }: { how: WayId }) {
  return (
    <svg viewBox="-2 -10 100 70" aria-hidden className="mx-auto h-[64px] w-[92px]">
      <path
        d="M4 40 H24 Q28 10 48 10 Q68 10 72 40 H92"
        fill="#f0dca4"
        stroke="#cfae5e"
        strokeWidth={3}
      />
      <path d="M4 41 H92" stroke="#cfae5e" strokeWidth={5} />
      <path d="M28 38 Q31 15 48 15 Q65 15 68 38 Z" fill="#8fa87e" />
      {MARKS[how]}
    </svg>
  );
}
