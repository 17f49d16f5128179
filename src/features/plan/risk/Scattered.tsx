'use client';

import { writeAt } from '@/core/plan/document/patch';
import { lostFigure, makeFigure } from '@/core/risk/handsFigures';
import type { MarginId } from '@/core/risk/margins';
import { Button } from '@/ui/buttons/Button';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import type { Balance } from '@/workers/model.worker';
import { useEdit, useShown } from '../editor/EditorContext';
import { MARGIN_NAMES } from '../marginWords';

/** A share this small is not worth naming. */
const LEAST = 0.003;

/** With more than this share lost, making more is no answer. */
const HOPELESS = 0.5;

/** How many a batch made by hands will lose, to what, and how many to make. */
export function Scattered({ balance: { hands, plated, make } }: { balance: Balance }) {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const causes = (Object.entries(hands.byCause) as [MarginId, number][])
    .filter(([, share]) => share >= LEAST)
    .sort(([, a], [, b]) => b - a)
    .map(([id, share]) => `${MARGIN_NAMES[id]} ${text(share, 'share')}`);
  const set = plan.batch.breakageShare;
  const portions = plan.batch.wayIn === 'portions';
  const counted = text(result.breakageShare, 'share');
  const taught = result.working.pieces.learnt?.some(
    ({ quantity }) => quantity === 'burst' || quantity === 'lost',
  );
  const why =
    set !== undefined
      ? `: you allow for ${counted}`
      : taught
        ? `: your batches lost ${counted}`
        : `: spares are for ${counted} lost at most, mend it first`;
  return (
    <div className="mt-2 border-l-4 border-dough-edge pl-3">
      <p>
        {hands.lost > HOPELESS ? (
          <b>Most of them are lost, about {text(hands.lost, 'share')}: mend it first.</b>
        ) : (
          <>
            <b>
              About <Figure working={lostFigure(hands)} /> lost
              {portions && (
                <>
                  ; make{' '}
                  <Figure working={makeFigure(hands, { plated, tasted: result.counts.tasted })}>
                    {make}
                  </Figure>
                </>
              )}
            </b>{' '}
            {portions &&
              `to be 95 % sure of ${plated} on plates. ${make === result.pieces ? 'That’s what you’re making' : `You’re making ${result.pieces}${why}`}.`}
          </>
        )}
      </p>
      <p className="text-small text-ink-dim">
        {causes.length > 0 && `Lost to ${causes.join(', ')}. `}
        Pieces of {text(hands.weightRangeG[0], 'g')} to {text(hands.weightRangeG[1], 'g')}. Worked
        out on {hands.tried.toLocaleString()} pieces with hands as they are; an estimate.
      </p>
      {set !== undefined && (
        <Button
          onClick={() =>
            edit(
              (before) => writeAt(before, 'batch.breakageShare', undefined),
              'batch.breakageShare',
            )
          }
        >
          Count on what hands lose, not on your {text(set, 'share')}
        </Button>
      )}
    </div>
  );
}
