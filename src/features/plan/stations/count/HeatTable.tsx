'use client';

import { stateOfMargin } from '@/core/basis/state';
import type { HeatOption } from '@/core/plan/questions/heatSearch';
import { nearestSetting } from '@/core/sheet/setting';
import { TakeButton } from '@/ui/buttons/TakeButton';
import { StateMark } from '@/ui/figure/StateMark';
import { OrderedTable } from '@/ui/lists/OrderedTable';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown, useWorld } from '../../editor/EditorContext';
import { spareWords } from '../../marginWords';

/** Ways to use both up, the best first, or in the order of any of their figures; each a tap from taken. */
export function HeatTable({
  options,
  springBack,
  onAdopt,
}: {
  options: readonly HeatOption[];
  springBack: number;
  onAdopt(option: HeatOption): void;
}) {
  const { plan, result } = useShown();
  const { basis } = useWorld();
  const { text } = useUnits();
  const isNow = ({ doseG, thicknessMm, sizeMm }: HeatOption) =>
    Math.abs(doseG - result.shape.doseG) < 0.05 &&
    thicknessMm === result.sheet.thicknessMm &&
    sizeMm === result.shape.sizeMm;
  const plain = 'pr-3 whitespace-nowrap';
  return (
    <div className="min-w-0">
      <OrderedTable
        rows={options}
        keyOf={({ sizeMm, thicknessMm }) => `${sizeMm}-${thicknessMm}`}
        rowClassName={() => 'h-[53px] align-middle'}
        columns={[
          {
            id: 'pieces',
            head: 'Pieces',
            names: true,
            className: 'pr-3',
            order: ({ pieces }) => pieces,
            cell: ({ pieces }) => <b className="numeral text-[1.15rem]">{pieces}</b>,
          },
          {
            id: 'dose',
            head: 'Dose',
            className: plain,
            order: ({ doseG }) => doseG,
            cell: ({ doseG }) => text(doseG, 'g'),
          },
          {
            id: 'sheet',
            head: 'Sheet',
            className: plain,
            order: ({ thicknessMm }) => thicknessMm,
            cell: ({ thicknessMm }) =>
              `${text(thicknessMm, 'mm')}, dial ${nearestSetting(plan.sheet.roller, thicknessMm, springBack, basis.rules).label}`,
          },
          {
            id: 'blank',
            head: 'Blank',
            className: plain,
            order: ({ sizeMm }) => sizeMm,
            cell: ({ sizeMm }) => text(sizeMm, 'mm'),
          },
          {
            id: 'left',
            head: 'Left over',
            className: plain,
            order: ({ leftoverDoughG, leftoverFillingG }) => leftoverDoughG + leftoverFillingG,
            cell: ({ leftoverDoughG, leftoverFillingG }) =>
              `${text(leftoverDoughG, 'g')} · ${text(leftoverFillingG, 'g')}`,
          },
          {
            id: 'dough',
            head: 'Dough',
            className: plain,
            order: ({ ratio }) => ratio,
            cell: ({ ratio }) => `${Math.round((100 * ratio) / (1 + ratio))} %`,
          },
          {
            id: 'lip',
            head: 'Lip',
            className: plain,
            order: ({ lipMargin }) => lipMargin,
            cell: ({ lipMargin, thinningMargin }) => (
              <span className="inline-flex items-center gap-1">
                <StateMark
                  state={stateOfMargin(Math.min(lipMargin, thinningMargin), basis.rules)}
                />{' '}
                {spareWords('lip', lipMargin)}
              </span>
            ),
          },
          {
            id: 'use',
            head: 'Use',
            unseen: true,
            right: true,
            className: 'sticky right-0 bg-board py-1 pl-2',
            cell: (option) => (
              <TakeButton
                what={`${option.pieces} pieces of ${text(option.doseG, 'g')}, blank ${text(option.sizeMm, 'mm')}`}
                used={isNow(option)}
                onTake={() => onAdopt(option)}
              />
            ),
          },
        ]}
      />
      <p className="mt-1 text-small text-ink-dim">
        Both used up first, then lips that hold with ease, then least left over. Left over is dough
        · filling; a lip of 1 is on the edge.
      </p>
    </div>
  );
}
