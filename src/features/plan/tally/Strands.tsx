'use client';

import { stateOfMargin } from '@/core/basis/state';
import { MARGIN_IDS } from '@/core/risk/margins';
import { Figure } from '@/ui/figure/Figure';
import { STATE_WORDS } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown, useWorld } from '../editor/EditorContext';
import { capital } from '../words';
import { MARGIN_FIGURES, MARGIN_NAMES, spareWords } from '../marginWords';

const WIDTH = 230;
const MIDDLE = 7;
/** Half the thickest strand, px, and the margin it stands for; more is drawn no thicker. */
const THICKEST = 6;
const FULL = 3;

/** Every link as a strand of dough, as thick as what it has to spare, the weakest first. */
export function Strands() {
  const { result } = useShown();
  const { basis } = useWorld();
  const { text } = useUnits();
  const { fill } = result.sheet;
  // How much of a sheet is open at a time is up to the hands: it is said apart.
  const links = MARGIN_IDS.filter((id) => id !== 'open')
    .flatMap((id) => {
      const margin = result.margins[id];
      return margin === null ? [] : [{ id, margin }];
    })
    .sort((a, b) => a.margin - b.margin);
  return (
    <section aria-label="Weak points, thinnest first" className="px-5 py-4">
      <h3 className="text-small font-normal text-chalk-dim">Weak points, thinnest first</h3>
      <ul className="mt-1 grid gap-1.5">
        {links.map(({ id, margin }) => {
          const state = stateOfMargin(margin, basis.rules);
          return (
            <li key={id}>
              <p className="flex items-baseline justify-between gap-3 text-small">
                <span className="font-semibold whitespace-nowrap">{capital(MARGIN_NAMES[id])}</span>
                <Figure
                  working={result.working[MARGIN_FIGURES[id]]}
                  className="text-right no-underline"
                >
                  <span className="text-chalk-dim">
                    {state !== 'holds' && <span aria-hidden>{STATE_WORDS[state].mark} </span>}
                    {spareWords(id, margin)}
                  </span>
                </Figure>
              </p>
              <Strand margin={margin} />
            </li>
          );
        })}
      </ul>
      {fill.piecesAtATime < result.layout.pieces && (
        <p className="mt-2 text-small">
          A sheet stays open {text(fill.openMin, 'min')}: fill {fill.piecesAtATime} at a time.
        </p>
      )}
    </section>
  );
}

/** A strand drawn out: thin where little is spare, parted where it gives. */
function Strand({ margin }: { margin: number }) {
  const half = 0.8 + (THICKEST - 0.8) * Math.min(1, Math.max(0, margin - 1) / (FULL - 1));
  const parted = margin < 1;
  const piece = (from: number, to: number) => {
    const centre = (from + to) / 2;
    return `M${from} ${MIDDLE}Q${centre} ${MIDDLE - 2 * half} ${to} ${MIDDLE}Q${centre} ${MIDDLE + 2 * half} ${from} ${MIDDLE}Z`;
  };
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 14`}
      className="h-3.5 w-full"
      preserveAspectRatio="none"
      aria-hidden
    >
      {parted ? (
        <path
          d={`${piece(0, WIDTH / 2 - 8)}${piece(WIDTH / 2 + 8, WIDTH)}`}
          fill="var(--brick-slate)"
          stroke="var(--brick-slate)"
        />
      ) : (
        <path d={piece(0, WIDTH)} fill={margin < 1.15 ? 'var(--ochre-slate)' : 'var(--dough)'} />
      )}
    </svg>
  );
}
