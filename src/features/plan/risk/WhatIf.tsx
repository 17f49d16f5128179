'use client';

import { useMemo, useState } from 'react';
import { modelOf } from '@/core/risk/modelOf';
import { variant, variantsOf, type Variant } from '@/core/plan/questions/variants';
import { applyChange } from '@/core/risk/remedies';
import { MARGIN_IDS } from '@/core/risk/margins';
import { TakeButton } from '@/ui/buttons/TakeButton';
import { StateMark } from '@/ui/figure/StateMark';
import type { Rules } from '@/core/basis/rules';
import { stateOfMargin, type State } from '@/core/basis/state';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../editor/EditorContext';
import { MARGIN_NAMES, spareWords } from '../marginWords';
import { capital, changeText } from '../words';
import { DataTable } from '@/ui/lists/DataTable';

/** So many stand side by side, beside the plan as it is. */
const MOST = 3;

/** The plan beside two or three ways it might be made; what differs stands out, one can be taken. */
export function WhatIf() {
  const { tested, result } = useShown();
  const { basis, pantry } = useWorld();
  const { edit } = useEdit();
  const { text } = useUnits();
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const offered = useMemo(
    () =>
      open
        ? variantsOf(modelOf(tested, basis)).map((change) => ({
            change,
            name: changeText(change, text, { pantry, scale: result.filling.scale }),
          }))
        : [],
    [open, tested, basis, text, pantry, result.filling.scale],
  );
  const taken = offered.filter(({ change }) => chosen.includes(change.kind)).slice(0, MOST);
  const columns = taken.length ? [null, ...taken.map(({ change }) => change)] : [];
  const made = columns.map((change) => variant(tested, change, basis));
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
        <DataTable
          className="mt-3 w-full text-small"
          rows={LINES}
          keyOf={({ name }) => name}
          rowClassName={() => 'align-top'}
          columns={[
            {
              id: 'figure',
              head: 'Figure',
              unseen: true,
              names: true,
              className: 'py-1 pr-3',
              cellClassName: 'text-ink-dim',
              cell: ({ name }) => name,
            },
            ...made.map((each, i) => ({
              id: String(i),
              head: <b className="text-ink">{names[i]}</b>,
              headClassName: 'min-w-[8rem] align-bottom',
              className: 'py-1 pr-3',
              cell: ({ of, state }: Line) => {
                const says = of(each, text);
                const mark = state?.(each, basis.rules) ?? 'holds';
                return (
                  <span className={says === of(made[0]!, text) ? '' : 'font-semibold'}>
                    {mark !== 'holds' && <StateMark state={mark} />} {says}
                  </span>
                );
              },
            })),
          ]}
          foot={
            <tr>
              <td />
              {made.map(({ change }, i) => (
                <td key={i} className="pt-2 pr-3">
                  {change && (
                    <TakeButton
                      word="Make it so"
                      what={names[i]!}
                      onTake={() => {
                        edit((before) => applyChange(before, change));
                        setChosen(chosen.filter((each) => each !== change.kind));
                      }}
                    />
                  )}
                </td>
              ))}
            </tr>
          }
        />
      )}
    </details>
  );
}

type Write = ReturnType<typeof useUnits>['text'];

/** What is set side by side; a margin has a state too. */
interface Line {
  readonly name: string;
  of(variant: Variant, write: Write): string;
  state?(variant: Variant, rules: Rules): State;
}

const LINES: readonly Line[] = [
  { name: 'Pieces', of: ({ pieces }) => String(pieces) },
  { name: 'Dough', of: ({ doughG }, write) => write(doughG, 'g') },
  { name: 'Filling', of: ({ fillingG }, write) => write(fillingG, 'g') },
  { name: 'At the bench', of: ({ benchMin }, write) => write(benchMin, 'min') },
  {
    name: 'Keeps',
    of: ({ goodForMin }, write) =>
      goodForMin === null ? 'as long as frozen' : write(goodForMin, 'min'),
  },
  { name: 'In the pot', of: ({ potMin }, write) => write(potMin, 'min') },
  ...MARGIN_IDS.map((id): Line => ({
    name: capital(MARGIN_NAMES[id]),
    of: ({ margins }) => (margins[id] === null ? '–' : spareWords(id, margins[id])),
    state: ({ margins }, rules) => stateOfMargin(margins[id] ?? 9, rules),
  })),
];
