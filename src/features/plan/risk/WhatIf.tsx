'use client';

import { useMemo, useState } from 'react';
import { modelOf } from '@/core/plan/model/model';
import { variant, variantsOf, type Variant } from '@/core/plan/questions/variants';
import { MARGIN_IDS } from '@/core/risk/margins';
import { TakeButton } from '@/ui/buttons/TakeButton';
import { StateMark } from '@/ui/figure/StateMark';
import { stateOfMargin } from '@/core/basis/state';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../editor/EditorContext';
import { MARGIN_NAMES, spareWords } from '../marginWords';
import { capital, changeText } from '../words';

/** So many stand side by side, beside the plan as it is. */
const MOST = 3;

/** The plan beside two or three ways it might be made; what differs stands out, one can be taken. */
export function WhatIf() {
  const { plan, result } = useShown();
  const { basis, pantry } = useWorld();
  const { edit } = useEdit();
  const { text } = useUnits();
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const offered = useMemo(
    () =>
      open
        ? variantsOf(modelOf(plan, basis)).map((change) => ({
            change,
            name: changeText(change, text, { pantry, scale: result.filling.scale }),
          }))
        : [],
    [open, plan, basis, text, pantry, result.filling.scale],
  );
  const taken = offered.filter(({ change }) => chosen.includes(change.kind)).slice(0, MOST);
  const columns = taken.length ? [null, ...taken.map(({ change }) => change)] : [];
  const made = columns.map((change) => variant(plan, change, basis));
  const names = ['As it is', ...taken.map(({ name }) => name)];
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-[44px] py-2 font-semibold">What if</summary>
      <fieldset>
        <legend className="text-small text-ink-dim">Set up to three beside the plan</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          {offered.map(({ change, name }) => {
            const on = chosen.includes(change.kind);
            return (
              <button
                key={change.kind}
                type="button"
                aria-pressed={on}
                aria-disabled={!on && taken.length >= MOST}
                className="btn aria-pressed:bg-ink aria-pressed:text-board"
                onClick={() => {
                  if (!on && taken.length >= MOST) return;
                  setChosen(
                    on ? chosen.filter((each) => each !== change.kind) : [...chosen, change.kind],
                  );
                }}
              >
                {name}
              </button>
            );
          })}
        </div>
      </fieldset>
      {made.length > 0 && (
        <div className="mt-3 overflow-x-auto">
          <table className="w-full border-collapse text-small">
            <thead>
              <tr>
                <td />
                {names.map((name) => (
                  <th
                    key={name}
                    scope="col"
                    className="min-w-[8rem] pr-3 pb-1 text-left align-bottom"
                  >
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {ROWS.map(({ name, of }) => (
                <Row key={name} name={name} cells={made.map((each) => of(each, text))} />
              ))}
              {MARGIN_IDS.map((id) => (
                <Row
                  key={id}
                  name={capital(MARGIN_NAMES[id])}
                  cells={made.map(({ margins }) =>
                    margins[id] === null ? '–' : spareWords(id, margins[id]),
                  )}
                  marks={made.map(({ margins }) => stateOfMargin(margins[id] ?? 9, basis.rules))}
                />
              ))}
              <tr>
                <td />
                {made.map(({ change }, i) => (
                  <td key={i} className="pt-2 pr-3">
                    {change && (
                      <TakeButton
                        word="Make it so"
                        what={names[i]!}
                        onTake={() => {
                          edit(() => made[i]!.plan);
                          setChosen(chosen.filter((each) => each !== change.kind));
                        }}
                      />
                    )}
                  </td>
                ))}
              </tr>
            </tbody>
          </table>
        </div>
      )}
    </details>
  );
}

type Write = ReturnType<typeof useUnits>['text'];

const ROWS: readonly { name: string; of(variant: Variant, write: Write): string }[] = [
  { name: 'Pieces', of: ({ pieces }) => String(pieces) },
  { name: 'Dough', of: ({ doughG }, write) => write(doughG, 'g') },
  { name: 'Filling', of: ({ fillingG }, write) => write(fillingG, 'g') },
  { name: 'At the bench', of: ({ benchMin }, write) => write(benchMin, 'min') },
  {
    name: 'Good for',
    of: ({ goodForMin }, write) =>
      goodForMin === null ? 'as long as frozen' : write(goodForMin, 'min'),
  },
  { name: 'In the pot', of: ({ potMin }, write) => write(potMin, 'min') },
];

/** A row of the comparison; what is not as in the plan is set in bold. */
function Row({
  name,
  cells,
  marks,
}: {
  name: string;
  cells: readonly string[];
  marks?: readonly ('holds' | 'edge' | 'fails')[];
}) {
  return (
    <tr className="border-t border-board-line align-top">
      <th scope="row" className="py-1 pr-3 text-left font-normal text-ink-dim">
        {name}
      </th>
      {cells.map((cell, i) => (
        <td key={i} className={`py-1 pr-3 ${cell !== cells[0] ? 'font-semibold' : ''}`}>
          {marks && marks[i] !== 'holds' && (
            <>
              <StateMark state={marks[i]!} />{' '}
            </>
          )}
          {cell}
        </td>
      ))}
    </tr>
  );
}
