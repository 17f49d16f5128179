'use client';

import type { MarginId } from '@/core/risk/margins';
import type { PlanVerdict } from '@/core/plan/stations';
import { STATION_NAMES } from '../plan/stationNames';
import { MARGIN_NAMES, spareWords } from '../plan/marginWords';
import { useAction } from '@/features/actions/useAction';
import { Link } from '@/ui/layout/Link';
import { useRef, useState } from 'react';
import type { State } from '@/core/basis/state';
import type { FamilyId } from '@/core/shapes/families';
import { renamePlan, tagPlan } from '@/server/actions/plans';
import type { Outcome } from '@/server/outcome';
import type { PlanShelf } from '@/server/repositories/plans';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { Moment } from '@/ui/text/Moment';
import { LatePlanMenu } from './LatePlanMenu';

/** A plan as the list shows it: already worked out. */
export interface PlanSummary {
  readonly id: string;
  readonly name: string;
  readonly tags: readonly string[];
  readonly family: FamilyId;
  readonly familyName: string;
  readonly colour: string;
  readonly pieces: number;
  readonly portions: number;
  readonly doughG: number;
  readonly fillingG: number;
  readonly state: State;
  /** A station that fails though the piece itself would hold. */
  readonly failing: PlanVerdict['failing'];
  readonly weakest: MarginId;
  readonly margin: number;
  readonly madeTimes: number;
  readonly madeOn: string | null;
}

/** The plans of one shelf, a line of dough each. */
export function PlanList({ plans, shelf }: { plans: readonly PlanSummary[]; shelf: PlanShelf }) {
  return (
    <ul className="grid gap-2">
      {plans.map((plan) => (
        <PlanRow key={plan.id} plan={plan} shelf={shelf} />
      ))}
    </ul>
  );
}

function PlanRow({ plan, shelf }: { plan: PlanSummary; shelf: PlanShelf }) {
  const { text } = useUnits();
  const [editing, setEditing] = useState<'name' | 'tags' | null>(null);
  const link = useRef<HTMLAnchorElement>(null);
  const done = () => {
    setEditing(null);
    // The field goes; its row keeps the focus.
    requestAnimationFrame(() => link.current?.focus());
  };
  return (
    <li className="grid grid-cols-[56px_minmax(0,1fr)_44px] items-center gap-x-3 border-b border-board-line py-2 md:grid-cols-[64px_minmax(0,1fr)_auto_190px_44px] md:gap-x-5">
      <FamilyGlyph family={plan.family} colour={plan.colour} />
      <div className="min-w-0">
        {editing === 'name' ? (
          <LineField
            label="New name"
            word="Rename"
            value={plan.name}
            onCommit={(name) => renamePlan(plan.id, name)}
            onDone={done}
          />
        ) : (
          <Link
            ref={link}
            href={`/plans/${plan.id}`}
            className="flex min-h-[44px] items-end text-lead font-semibold break-words hover:underline"
          >
            {plan.name}
          </Link>
        )}
        <p className="text-small text-ink-dim">
          {plan.familyName}
          {plan.madeOn && (
            <>
              , made {plan.madeTimes === 1 ? 'once' : `${plan.madeTimes} times`}, last on{' '}
              <Moment at={plan.madeOn} />
            </>
          )}
          {plan.tags.length > 0 && `; ${plan.tags.join(', ')}`}
        </p>
        {editing === 'tags' && (
          <LineField
            label="Tags, with a comma between"
            word="Keep"
            value={plan.tags.join(', ')}
            onCommit={(text) =>
              tagPlan(
                plan.id,
                text
                  .split(',')
                  .map((tag) => tag.trim())
                  .filter(Boolean),
              )
            }
            onDone={done}
          />
        )}
      </div>
      <dl className="col-span-2 col-start-2 flex flex-wrap gap-x-5 md:col-auto md:flex-nowrap md:text-right">
        <Number label="pieces" value={String(plan.pieces)} />
        <Number label="dough" value={text(plan.doughG, 'g')} />
        <Number label="filling" value={text(plan.fillingG, 'g')} />
      </dl>
      <p className="col-span-2 col-start-2 text-small md:col-auto">
        <StateMark state={plan.state} said />{' '}
        {plan.state === 'holds' ? 'Holds' : plan.state === 'edge' ? 'On the edge' : 'Fails'}:{' '}
        {plan.failing
          ? `${STATION_NAMES[plan.failing.station].toLowerCase()}, ${plan.failing.word}`
          : `${MARGIN_NAMES[plan.weakest]}, ${spareWords(plan.weakest, plan.margin)}`}
      </p>
      <div className="col-start-3 row-start-1 md:col-start-5">
        <LatePlanMenu
          id={plan.id}
          name={plan.name}
          shelf={shelf}
          onRename={() => setEditing('name')}
          onTags={() => setEditing('tags')}
        />
      </div>
    </li>
  );
}

function Number({ label, value }: { label: string; value: string }) {
  return (
    <div className="flex items-baseline gap-1.5 md:block md:w-[5.6rem]">
      <dd className="numeral text-lead whitespace-nowrap">{value}</dd>
      <dt className="text-small text-ink-dim">{label}</dt>
    </div>
  );
}

/** One line about a plan, typed in its row. */
function LineField({
  label,
  word,
  value,
  onCommit,
  onDone,
}: {
  label: string;
  word: string;
  value: string;
  onCommit(text: string): Promise<Outcome>;
  onDone(): void;
}) {
  const [text, setText] = useState(value);
  const { trouble, run } = useAction({ tells: 'here' });
  const commit = async () => {
    if (text.trim() === value) return onDone();
    await run(() => onCommit(text), { then: onDone });
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void commit();
      }}
      className="flex flex-wrap items-center gap-2"
    >
      <input
        autoFocus
        aria-label={label}
        placeholder={label}
        aria-invalid={trouble !== null}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && onDone()}
        className="field max-w-[24rem]"
      />
      <button className="btn btn-strong">{word}</button>
      <button type="button" className="btn" onClick={onDone}>
        Cancel
      </button>
      {trouble && (
        <p role="alert" className="w-full text-small font-semibold text-brick">
          {trouble}
        </p>
      )}
    </form>
  );
}
