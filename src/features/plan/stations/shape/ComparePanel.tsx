'use client';

import { useEffect } from 'react';
import { basisPartsFor } from '@/core/plan/model/withLearnt';
import type { ShapeOutcome } from '@/core/plan/questions/compareShapes';
import { familyOf } from '@/core/shapes/families';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { SearchProgress } from '../../search/SearchProgress';
import { useSearch } from '../../search/useSearch';
import { TakeButton } from '@/ui/buttons/TakeButton';

/** A change stands for so long before shapes are compared again. */
const SETTLE_MS = 250;

/** The same dough and filling as every shape, side by side. */
export function ComparePanel() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { basis } = useWorld();
  const { text } = useUnits();
  const { state, start, cancel } = useSearch<ShapeOutcome[]>();
  useEffect(() => {
    // Not while a ruler is still being dragged.
    const timer = setTimeout(
      () =>
        start((search, onProgress) =>
          search.compareShapes(plan, basisPartsFor(plan, basis), onProgress),
        ),
      SETTLE_MS,
    );
    return () => clearTimeout(timer);
  }, [plan, basis, start]);
  return (
    <section aria-label="Compare shapes" className="grid gap-3">
      <p>
        {text(result.dough.totalG, 'g')} of dough and {text(result.filling.totalG, 'g')} of filling,
        each shape as it starts, its dose turned to use both up.
      </p>
      <SearchProgress
        state={state}
        found={(shapes) => `${shapes.length} shapes compared`}
        onCancel={cancel}
      />
      {state.at === 'done' && (
        <div className="overflow-x-auto">
          <table className="w-full border-collapse">
            <thead className="text-left text-small text-ink-dim">
              <tr>
                {['Shape', 'Pieces', 'Portions', 'Dose', 'Bench', 'Trim', 'Left over', ''].map(
                  (name) => (
                    <th key={name} scope="col" className="pr-2 font-normal">
                      {name || <span className="sr-only">Use</span>}
                    </th>
                  ),
                )}
              </tr>
            </thead>
            <tbody>
              {state.result.map((each) => (
                <tr key={each.family} className="h-[53px] border-t border-board-line align-middle">
                  <th scope="row" className="pr-2 text-left font-semibold">
                    <span className="flex items-center gap-2">
                      <FamilyGlyph
                        family={each.family}
                        colour={plan.colour}
                        className="h-8 w-9 shrink-0"
                      />
                      {familyOf(each.family).shortName}
                      <StateMark state={each.state} />
                    </span>
                  </th>
                  <td className="numeral pr-2 text-[1.15rem]">{each.pieces}</td>
                  <td className="numeral pr-2">{each.portions}</td>
                  <td className="pr-2 whitespace-nowrap">{text(each.doseG, 'g')}</td>
                  <td className="pr-2 whitespace-nowrap">
                    {text(Math.max(1, Math.round(each.benchMin)), 'min')}
                  </td>
                  <td className="pr-2 whitespace-nowrap">{text(each.trimG, 'g')}</td>
                  <td className="pr-2 whitespace-nowrap">
                    {text(each.leftDoughG, 'g')} · {text(each.leftFillingG, 'g')}
                  </td>
                  <td className="sticky right-0 bg-board py-1 pl-2 text-right">
                    <TakeButton
                      what={familyOf(each.family).name.toLowerCase()}
                      used={each.family === plan.shape.family}
                      onTake={() => edit(() => each.plan)}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-1 text-small text-ink-dim">
            Bench time is an estimate: every portion through the roller, then every piece, by{' '}
            {plan.sheet.people === 1 ? 'one pair of hands' : `${plan.sheet.people} pairs of hands`}.
            Left over is dough · filling.
          </p>
        </div>
      )}
    </section>
  );
}
