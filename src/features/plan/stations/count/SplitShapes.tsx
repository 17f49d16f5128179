'use client';

import { useState } from 'react';
import { useIdFor } from '@/features/plans/useIdFor';
import { useAction } from '@/features/actions/useAction';
import { MOST_SHAPES, type Split } from '@/core/plan/questions/splitShapes';
import { FAMILY_IDS, familyOf, type FamilyId } from '@/core/shapes/families';
import { importPlans } from '@/server/actions/plans';
import { Button } from '@/ui/buttons/Button';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { StateMark } from '@/ui/figure/StateMark';
import { CheckField } from '@/ui/fields/CheckField';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { Folded } from '../Folded';
import { SearchProgress } from '../../search/SearchProgress';
import { useSearch } from '../../search/useSearch';

/** What the even share is of, by what the batch starts from. */
const SHARED = {
  portions: 'Portions are shared out evenly.',
  dough: 'The dough is shared out evenly.',
  filling: 'The filling is shared out evenly.',
  both: 'Two shapes share dough and filling so that both are used up; three or four share evenly.',
} as const;

/** The batch as several shapes: each with its verdict, adopted in one tap. */
export function SplitShapes() {
  const { plan, tested, on } = useShown();
  const { state, start, cancel } = useSearch<Split[]>();
  const [others, setOthers] = useState<readonly FamilyId[]>([]);
  const own = plan.shape.family;
  return (
    <Folded title="Split among shapes">
      <div className="grid gap-3">
        <p>{SHARED[plan.batch.wayIn]}</p>
        <fieldset className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-x-3">
          <legend className="mb-1 text-small text-ink-dim">
            With {familyOf(own).shortName.toLowerCase()}
          </legend>
          {FAMILY_IDS.filter((family) => family !== own).map((family) => (
            <CheckField
              key={family}
              label={familyOf(family).shortName}
              checked={others.includes(family)}
              onChange={(checked) =>
                setOthers(
                  checked
                    ? [...others, family].slice(1 - MOST_SHAPES)
                    : others.filter((each) => each !== family),
                )
              }
            />
          ))}
        </fieldset>
        <div className="flex flex-wrap gap-3">
          <Button
            strong
            resting={others.length === 0 || state.at === 'running'}
            onClick={() => start((search) => search.splitAmong(tested, on, others))}
          >
            Split among these
          </Button>
          <Button
            resting={state.at === 'running'}
            onClick={() =>
              start((search, onProgress) => search.bestPartners(tested, on, onProgress))
            }
          >
            Find the best second shape
          </Button>
        </div>
        <SearchProgress
          state={state}
          found={(splits) =>
            splits.length === 1 ? 'One way found' : `${splits.length} ways found`
          }
          onCancel={cancel}
        />
        {state.at === 'done' &&
          (state.result.length > 0 ? (
            <ul className="grid gap-4">
              {state.result.map((split) => (
                <li key={split.parts.map(({ family }) => family).join()}>
                  <SplitRow split={split} />
                </li>
              ))}
            </ul>
          ) : (
            <p>There is too little for that: a share would make not one piece.</p>
          ))}
      </div>
    </Folded>
  );
}

function SplitRow({ split }: { split: Split }) {
  const { plan } = useShown();
  const { planId } = useWorld();
  const { edit } = useEdit();
  const { text } = useUnits();
  const { busy, run } = useAction();
  const idFor = useIdFor();
  const { parts, leftDoughG, leftFillingG } = split;
  const [first, ...rest] = parts.map((part) => part.plan);
  const take = () =>
    run(
      () =>
        importPlans(
          rest,
          rest.map((each, i) => idFor([planId, i, each])),
        ),
      {
        done: `Now ${parts.length} plans. The others are in your list of plans.`,
        then: () => edit((before) => ({ ...before, batch: first!.batch })),
      },
    );
  return (
    <div className="border-l-4 border-board-line pl-3">
      <ul className="grid gap-1">
        {parts.map((part) => (
          <li key={part.family} className="flex flex-wrap items-center gap-x-3">
            <FamilyGlyph family={part.family} colour={plan.colour} className="h-7 w-8 shrink-0" />
            <b>
              {part.pieces} {familyOf(part.family).shortName.toLowerCase()}
            </b>
            <StateMark state={part.state} />
            <span>
              {text(part.doughG, 'g')} of dough, {text(part.fillingG, 'g')} of filling,{' '}
              {text(part.doseG, 'g')} in each
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-1 flex flex-wrap items-center gap-3">
        <span className="text-ink-dim">
          {leftDoughG < 0.5 && leftFillingG < 0.5
            ? 'Nothing left over'
            : `Left over: ${text(leftDoughG, 'g')} of dough, ${text(leftFillingG, 'g')} of filling`}
        </span>
        <Button onClick={take} resting={busy}>
          Make these {parts.length} plans
        </Button>
      </p>
    </div>
  );
}
