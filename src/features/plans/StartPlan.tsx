'use client';

import { useRouter } from 'next/navigation';
import { useAction } from '@/features/actions/useAction';
import type { FamilyId } from '@/core/shapes/families';
import { startPlan } from '@/server/actions/plans';
import type { PieceDrawing } from '@/core/shapes/drawing';
import { PieceOutline } from '@/ui/drawings/PieceOutline';
import { useUnits } from '@/ui/units/UnitsContext';
import { useIdFor } from './useIdFor';

export interface StartingChoice {
  readonly family: FamilyId;
  readonly name: string;
  readonly summary: string;
  readonly colour: string;
  readonly portions: number;
  readonly pieces: number;
  readonly doughG: number;
  readonly fillingG: number;
  readonly section: PieceDrawing['section'];
}

/** Of a drawing, px. */
const WIDTH = 300;

/** A good plan to start from for each shape; a tap opens it. */
export function StartPlan({ choices }: { choices: readonly StartingChoice[] }) {
  const router = useRouter();
  const idFor = useIdFor();
  const { text } = useUnits();
  const { busy, trouble, run } = useAction({ tells: 'here' });
  const widest = Math.max(...choices.map(({ section: { piece } }) => piece.toX - piece.fromX));
  // One scale for all, at which the widest fits.
  const pxPerMm = Math.min(4.6, (WIDTH - 8) / widest);
  return (
    <>
      {trouble && (
        <p role="alert" className="mb-3 font-semibold text-brick">
          {trouble}
        </p>
      )}
      <ul className="grid border-t-[1.5px] border-board-rule" aria-busy={busy}>
        {choices.map((choice) => (
          <li key={choice.family} className="border-b-[1.5px] border-board-rule">
            <button
              type="button"
              disabled={busy}
              onClick={() =>
                void run(() => startPlan(choice.family, idFor(choice.family)), {
                  then: (id) => router.push(`/plans/${id}`),
                })
              }
              className="grid w-full items-center gap-x-6 gap-y-1 py-3 text-left hover:bg-band sm:grid-cols-[300px_minmax(0,1fr)_auto] sm:px-3"
            >
              <span className="max-sm:max-w-[300px]">
                <PieceOutline
                  section={choice.section}
                  colour={choice.colour}
                  pxPerMm={pxPerMm}
                  width={WIDTH}
                  height={84}
                />
              </span>
              <span>
                <span className="block font-display text-figure leading-tight font-semibold">
                  {choice.name}
                </span>
                <span className="block">{choice.summary}</span>
              </span>
              <span className="text-ink-dim sm:text-right">
                <span className="numeral block text-lead text-ink">{choice.pieces} pieces</span>
                {choice.portions} portions, {text(choice.doughG, 'g')} dough,{' '}
                {text(choice.fillingG, 'g')} filling
              </span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
