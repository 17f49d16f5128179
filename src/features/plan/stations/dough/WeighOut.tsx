'use client';

import { writeAt } from '@/core/plan/document/patch';
import { EGG_WHOLE, EGG_YOLK } from '@/core/dough/makeup';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown } from '../../editor/EditorContext';
import { BatchTable } from '../BatchTable';
import { CheckField } from '@/ui/fields/CheckField';

/** What to weigh out for this batch, in whole eggs, and what to hold back. */
export function WeighOut() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const { dough: d, working } = result;
  const { rh } = plan.dough;
  // Left to itself, a small batch is made up.
  const roundUp = plan.dough.roundUp ?? result.layout.madeUpG > 0.5;
  const counts = plan.dough.parts.some(({ id }) => id === EGG_WHOLE || id === EGG_YOLK);
  const made = plan.batch.wayIn === 'portions' || plan.batch.wayIn === 'filling';
  return (
    <div className="grid gap-4">
      <BatchTable
        title="Weigh for this batch"
        scale={working.doughScale}
        wholeEggs={d.whole !== null}
        rows={d.parts}
        total={working.doughWeighed}
      />
      {counts && made && (
        <CheckField
          label={
            <span>
              Make it up to whole eggs
              {!d.whole && !roundUp && (
                <span className="text-ink-dim">
                  {' '}
                  (as it is: beat the eggs together and weigh them)
                </span>
              )}
              {roundUp && result.leftover.doughG > 0.5 && (
                <span className="text-ink-dim">
                  {' '}
                  ({text(result.leftover.doughG, 'g')} more than the pieces need: ribbons)
                </span>
              )}
            </span>
          }
          checked={roundUp}
          onChange={(checked) => edit((p) => writeAt(p, 'dough.roundUp', checked))}
        />
      )}
      <ul className="grid gap-1.5">
        <li>
          Hold back{' '}
          <b>
            <Figure working={working.holdBack}>{text(d.holdBackG, 'g')}</Figure>
          </b>{' '}
          of the flour; work it in only while the dough still sticks.
        </li>
        {rh !== undefined && Math.abs(working.weatherWater.value) >= 0.5 && (
          <li>
            {working.weatherWater.value > 0 ? 'Damp' : 'Dry'} air has{' '}
            {working.weatherWater.value > 0 ? 'put' : 'taken'}{' '}
            <Figure working={working.weatherWater}>
              {text(Math.abs(working.weatherWater.value), 'g')}
            </Figure>{' '}
            of water {working.weatherWater.value > 0 ? 'into' : 'from'} this flour; it is counted
            above.
          </li>
        )}
        {d.whites.count >= 0.5 && (
          <li className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <span>
              <Figure working={working.whites}>
                {Math.round(d.whites.count)} {Math.round(d.whites.count) === 1 ? 'white' : 'whites'}
                , {text(d.whites.g, 'g')}
              </Figure>{' '}
              left over: one, let down with a spoon of water, glues the seal; the rest binds a
              filling or is frozen.
            </span>
            {plan.hold.medium !== 'eggWhite' && (
              <button
                type="button"
                className="btn"
                onClick={() => edit((p) => writeAt(p, 'hold.medium', 'eggWhite'))}
              >
                Seal with white
              </button>
            )}
          </li>
        )}
        <li className="text-small text-ink-dim">
          Raw flour and raw egg are not eaten.{' '}
          {d.hasEgg &&
            'Egg dough is used the same day, chilled till then; later, freeze the pieces.'}
        </li>
      </ul>
    </div>
  );
}
