'use client';

import { useEffect } from 'react';
import type { ShapeOutcome } from '@/core/plan/questions/compareShapes';
import { familyOf } from '@/core/shapes/families';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown } from '../../editor/EditorContext';
import { SearchProgress } from '../../search/SearchProgress';
import { useSearch } from '../../search/useSearch';
import { TakeButton } from '@/ui/buttons/TakeButton';
import { OrderedTable } from '@/ui/lists/OrderedTable';

/** A change stands for so long before shapes are compared again. */
const SETTLE_MS = 250;

/** The same dough and filling as every shape, side by side. */
export function ComparePanel() {
  const { plan, tested, on, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const { state, start, cancel } = useSearch<ShapeOutcome[]>();
  useEffect(() => {
    // Not while a ruler is still being dragged.
    const timer = setTimeout(
      () => start((search, onProgress) => search.compareShapes(tested, on, onProgress)),
      SETTLE_MS,
    );
    return () => clearTimeout(timer);
  }, [tested, on, start]);
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
        <div className="min-w-0">
          <OrderedTable
            className="w-full text-[0.9375rem]"
            rows={state.result}
            keyOf={({ family }) => family}
            rowClassName={() => 'h-[53px] align-middle'}
            columns={[
              {
                id: 'shape',
                head: 'Shape',
                names: true,
                className: 'pr-2',
                order: ({ family }) => familyOf(family).shortName,
                cell: ({ family, state: standing }) => (
                  <span className="flex items-center gap-2 font-semibold">
                    <FamilyGlyph
                      family={family}
                      colour={plan.colour}
                      className="h-8 w-9 shrink-0"
                    />
                    {familyOf(family).shortName}
                    <StateMark state={standing} />
                  </span>
                ),
              },
              {
                id: 'pieces',
                head: 'Pieces',
                className: 'pr-2',
                order: ({ pieces }) => pieces,
                cell: ({ pieces }) => <span className="numeral text-[1.15rem]">{pieces}</span>,
              },
              {
                id: 'portions',
                head: 'Portions',
                className: 'pr-2',
                cellClassName: 'numeral',
                order: ({ portions }) => portions,
                cell: ({ portions }) => portions,
              },
              {
                id: 'dose',
                head: 'Dose',
                className: 'pr-1.5 whitespace-nowrap',
                order: ({ doseG }) => doseG,
                cell: ({ doseG }) => text(doseG, 'g'),
              },
              {
                id: 'bench',
                head: 'Bench',
                className: 'pr-1.5 whitespace-nowrap',
                order: ({ benchMin }) => benchMin,
                cell: ({ benchMin }) => text(Math.max(1, Math.round(benchMin)), 'min'),
              },
              {
                id: 'trim',
                head: 'Trim',
                className: 'pr-1.5 whitespace-nowrap',
                order: ({ trimG }) => trimG,
                cell: ({ trimG }) => text(trimG, 'g'),
              },
              {
                id: 'left',
                head: 'Left over',
                className: 'pr-1.5 whitespace-nowrap',
                order: ({ leftDoughG, leftFillingG }) => leftDoughG + leftFillingG,
                cell: ({ leftDoughG, leftFillingG }) =>
                  `${text(leftDoughG, 'g')} · ${text(leftFillingG, 'g')}`,
              },
              {
                id: 'use',
                head: 'Use',
                unseen: true,
                right: true,
                className: 'sticky right-0 bg-board py-1 pl-2',
                cell: ({ family, plan: other }) => (
                  <TakeButton
                    what={familyOf(family).name.toLowerCase()}
                    used={family === plan.shape.family}
                    onTake={() =>
                      edit((before) => ({ ...other, dough: before.dough, filling: before.filling }))
                    }
                  />
                ),
              },
            ]}
          />
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
