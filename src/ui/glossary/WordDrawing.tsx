import type { GlossaryId } from '@/core/glossary';

const DOUGH = { fill: 'var(--dough)', stroke: 'var(--draw)', strokeWidth: 1.6 } as const;
const FILLING = { fill: '#c98f4a', stroke: 'var(--draw)', strokeWidth: 1.2 } as const;
const MARK = { fill: 'none', stroke: 'var(--brick)', strokeWidth: 2.5 } as const;

/** A piece cut through, the part that is meant marked. */
const Cut = ({ children }: { children: React.ReactNode }) => (
  <>
    <path d="M10 52 h120 v6 h-120 z" {...DOUGH} />
    <path d="M42 52 a28 28 0 0 1 56 0 z" {...FILLING} />
    <path
      d="M10 52 h28 a32 32 0 0 1 64 0 h28"
      fill="none"
      stroke="var(--dough-edge)"
      strokeWidth={5}
    />
    {children}
  </>
);

/** What can be shown of a word better than said. */
const DRAWINGS: Partial<Record<GlossaryId, React.ReactNode>> = {
  blank: (
    <>
      <rect x={40} y={8} width={60} height={60} {...DOUGH} />
      <circle cx={70} cy={38} r={16} {...FILLING} />
      <rect x={40} y={8} width={60} height={60} {...MARK} />
    </>
  ),
  lip: (
    <Cut>
      <path d="M102 46 h28 M102 40 v12 M130 40 v12" {...MARK} />
    </Cut>
  ),
  mound: (
    <Cut>
      <path d="M42 66 h56 M42 61 v10 M98 61 v10" {...MARK} />
    </Cut>
  ),
  dose: (
    <Cut>
      <path d="M42 52 a28 28 0 0 1 56 0 z" {...MARK} />
    </Cut>
  ),
  book: (
    <>
      <path d="M10 50 h60 v10 h-60 z" {...DOUGH} />
      <path d="M70 50 q4 -40 54 -36 l2 9 q-42 -2 -46 37 h-10 z" {...DOUGH} />
      <circle cx={26} cy={46} r={7} {...FILLING} />
      <circle cx={48} cy={46} r={7} {...FILLING} />
      <path d="M112 8 q-34 -8 -58 16 m1 -9 v9 h9" {...MARK} />
    </>
  ),
  trim: (
    <>
      <rect x={8} y={16} width={124} height={46} {...DOUGH} />
      {[30, 70, 110].map((x) => (
        <circle key={x} cx={x} cy={39} r={17} fill="var(--board-raised)" stroke="var(--draw)" />
      ))}
      <path d="M50 16 q-8 23 0 46 M90 16 q-8 23 0 46" {...MARK} />
    </>
  ),
  letterFold: (
    <>
      <path d="M14 58 h112 v8 h-112 z" {...DOUGH} />
      <path d="M14 58 q-8 -12 6 -16 h70 v8 h-68" {...DOUGH} />
      <path d="M126 58 q10 -24 -8 -32 h-66 v8 h62" {...DOUGH} />
      <path d="M60 18 q20 -12 40 2 m-9 0 h9 v-9" {...MARK} />
    </>
  ),
};

/** The drawing of a word, where there is one. */
export const WordDrawing = ({ id }: { id: GlossaryId }) =>
  DRAWINGS[id] ? (
    <svg viewBox="0 0 140 76" aria-hidden className="block w-full max-w-[180px]">
      {DRAWINGS[id]}
    </svg>
  ) : null;
