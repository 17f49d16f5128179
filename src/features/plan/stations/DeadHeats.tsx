'use client';

import { spareWords } from '../marginWords';
import { useState } from 'react';
import { basisPartsFor } from '@/core/plan/model/withLearnt';
import { withHeatOption, type HeatOption } from '@/core/plan/questions/heatSearch';
import { stateOfMargin } from '@/core/basis/state';
import { nearestSetting } from '@/core/sheet/setting';
import { familyOf } from '@/core/shapes/families';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../editor/EditorContext';
import { SearchProgress } from '../search/SearchProgress';
import { useSearch } from '../search/useSearch';
import { cuttersFor } from './shape/tools';
import { CheckField } from '@/ui/fields/CheckField';
import { TakeButton } from '@/ui/buttons/TakeButton';
import { Button } from '@/ui/buttons/Button';

/** Other ways to use both up: every thickness and blank inside its band, ranked, one tap to adopt. */
export function DeadHeats() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { kitchen, basis } = useWorld();
  const { state, start, cancel } = useSearch<HeatOption[]>();
  const [ownTools, setOwnTools] = useState(false);
  const [size] = familyOf(plan.shape.family).dimensions;
  const own = cuttersFor(plan, kitchen.cutters)
    .map(({ mm }) => mm)
    .filter((mm) => size && mm >= size.minMm && mm <= size.maxMm);

  const look = () => {
    const on = basisPartsFor(plan, basis);
    const bands = ownTools ? { sizesMm: own } : {};
    start((search, onProgress) => search.searchHeats(plan, on, bands, onProgress));
  };

  return (
    <section aria-label="Other ways to use both up" className="grid gap-3">
      <h3>Other ways to use both up</h3>
      <div className="flex flex-wrap items-center gap-4">
        <Button strong onClick={look} resting={state.at === 'running'}>
          Search every thickness and blank
        </Button>
        {own.length > 0 && (
          <CheckField
            label="only sizes my own cutters cut"
            checked={ownTools}
            onChange={(checked) => setOwnTools(checked)}
          />
        )}
      </div>
      <SearchProgress
        state={state}
        found={(ways) => (ways.length === 1 ? 'One way found' : `${ways.length} ways found`)}
        onCancel={cancel}
      />
      {state.at === 'done' &&
        (state.result.length ? (
          <HeatTable
            options={state.result}
            springBack={result.dough.springBack}
            onAdopt={(option) => edit((p) => withHeatOption(p, option))}
          />
        ) : (
          <p>Nothing in these bands makes even one piece.</p>
        ))}
    </section>
  );
}

function HeatTable({
  options,
  springBack,
  onAdopt,
}: {
  options: readonly HeatOption[];
  springBack: number;
  onAdopt(option: HeatOption): void;
}) {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const heads = ['Pieces', 'Dose', 'Sheet', 'Blank', 'Left over', 'Dough', 'Lip', ''];
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse">
        <thead className="text-left text-small text-ink-dim">
          <tr>
            {heads.map((name) => (
              <th key={name} scope="col" className="pr-3 font-normal">
                {name || <span className="sr-only">Use</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {options.map((option) => {
            const state = stateOfMargin(Math.min(option.lipMargin, option.thinningMargin));
            const dial = nearestSetting(plan.sheet.roller, option.thicknessMm, springBack);
            const now =
              Math.abs(option.doseG - result.shape.doseG) < 0.05 &&
              option.thicknessMm === result.sheet.thicknessMm &&
              option.sizeMm === result.shape.sizeMm;
            return (
              <tr
                key={`${option.sizeMm}-${option.thicknessMm}`}
                className="h-[53px] border-t border-board-line align-middle"
              >
                <th scope="row" className="numeral pr-3 text-left text-[1.15rem]">
                  {option.pieces}
                </th>
                <td className="pr-3 whitespace-nowrap">{text(option.doseG, 'g')}</td>
                <td className="pr-3 whitespace-nowrap">
                  {text(option.thicknessMm, 'mm')}, dial {dial.label}
                </td>
                <td className="pr-3 whitespace-nowrap">{text(option.sizeMm, 'mm')}</td>
                <td className="pr-3 whitespace-nowrap">
                  {text(option.leftoverDoughG, 'g')} · {text(option.leftoverFillingG, 'g')}
                </td>
                <td className="pr-3 whitespace-nowrap">
                  {Math.round((100 * option.ratio) / (1 + option.ratio))} %
                </td>
                <td className="pr-3 whitespace-nowrap">
                  <span className="inline-flex items-center gap-1">
                    <StateMark state={state} /> {spareWords('lip', option.lipMargin)}
                  </span>
                </td>
                <td className="sticky right-0 bg-board py-1 pl-2 text-right">
                  <TakeButton
                    what={`${option.pieces} pieces of ${text(option.doseG, 'g')}, blank ${text(option.sizeMm, 'mm')}`}
                    used={now}
                    onTake={() => onAdopt(option)}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-1 text-small text-ink-dim">
        Both used up first, then lips that hold with ease, then least left over. Left over is dough
        · filling; a lip of 1 is on the edge.
      </p>
    </div>
  );
}
