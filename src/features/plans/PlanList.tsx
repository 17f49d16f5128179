'use client';

import type { MarginId } from '@/core/risk/margins';
import { MARGIN_NAMES, spareWords } from '../plan/marginWords';
import {
  Archive,
  ArchiveRestore,
  Copy,
  EllipsisVertical,
  Download,
  Pencil,
  Trash2,
  Undo2,
} from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { State } from '@/core/basis/state';
import type { FamilyId } from '@/core/shapes/families';
import { duplicatePlan, renamePlan, shelvePlan } from '@/server/actions/plans';
import type { PlanShelf } from '@/server/repositories/plans';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { STATE_WORDS, StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { say, sayTrouble } from '@/ui/layout/say';

/** A plan as the list shows it: already worked out. */
export interface PlanSummary {
  readonly id: string;
  readonly name: string;
  readonly family: FamilyId;
  readonly familyName: string;
  readonly colour: string;
  readonly pieces: number;
  readonly portions: number;
  readonly doughG: number;
  readonly fillingG: number;
  readonly state: State;
  /** Its blanks can be cut from its sheet. */
  readonly fits: boolean;
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
  const [renaming, setRenaming] = useState(false);
  return (
    <li className="grid grid-cols-[56px_minmax(0,1fr)_44px] items-center gap-x-3 border-b border-board-line py-2 md:grid-cols-[64px_minmax(0,1fr)_auto_190px_44px] md:gap-x-5">
      <FamilyGlyph family={plan.family} colour={plan.colour} />
      <div className="min-w-0">
        {renaming ? (
          <RenameField plan={plan} onDone={() => setRenaming(false)} />
        ) : (
          <Link
            href={`/plans/${plan.id}`}
            className="block min-h-[28px] text-lead font-semibold break-words hover:underline"
          >
            {plan.name}
          </Link>
        )}
        <p className="text-small text-ink-dim">
          {plan.familyName}
          {plan.madeOn &&
            `, made ${plan.madeTimes === 1 ? 'once' : `${plan.madeTimes} times`}, last on ${plan.madeOn}`}
        </p>
      </div>
      <dl className="col-span-2 col-start-2 flex flex-wrap gap-x-5 md:col-auto md:flex-nowrap md:text-right">
        <Number label="pieces" value={String(plan.pieces)} />
        <Number label="dough" value={text(plan.doughG, 'g')} />
        <Number label="filling" value={text(plan.fillingG, 'g')} />
      </dl>
      <p className="col-span-2 col-start-2 text-small md:col-auto">
        <StateMark state={plan.state} />{' '}
        {plan.state === 'holds' ? 'Holds' : plan.state === 'edge' ? 'On the edge' : 'Fails'}:{' '}
        {plan.fits
          ? `${MARGIN_NAMES[plan.weakest]}, ${spareWords(plan.weakest, plan.margin)}`
          : 'it cannot be cut from its sheet'}
        <span className="sr-only"> ({STATE_WORDS[plan.state].word})</span>
      </p>
      <div className="col-start-3 row-start-1 md:col-start-5">
        <PlanMenu plan={plan} shelf={shelf} onRename={() => setRenaming(true)} />
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

function RenameField({ plan, onDone }: { plan: PlanSummary; onDone(): void }) {
  const [name, setName] = useState(plan.name);
  const [error, setError] = useState<string | null>(null);
  const commit = async () => {
    if (name.trim() === plan.name) return onDone();
    const result = await renamePlan(plan.id, name);
    if (result.ok) onDone();
    else setError(result.error);
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
        aria-label="New name"
        aria-invalid={error !== null}
        value={name}
        onChange={(event) => setName(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && onDone()}
        className="field max-w-[24rem]"
      />
      <button className="btn btn-strong">Rename</button>
      <button type="button" className="btn" onClick={onDone}>
        Cancel
      </button>
      {error && (
        <p role="alert" className="w-full text-small font-semibold text-brick">
          {error}
        </p>
      )}
    </form>
  );
}

function PlanMenu({
  plan,
  shelf,
  onRename,
}: {
  plan: PlanSummary;
  shelf: PlanShelf;
  onRename(): void;
}) {
  const router = useRouter();
  const move = async (to: PlanShelf, done: string) => {
    const result = await shelvePlan(plan.id, to);
    if (!result.ok) return void sayTrouble(result.error);
    void say(`${plan.name}: ${done}`, {
      undo: () => void shelvePlan(plan.id, shelf).then(() => router.refresh()),
    });
  };
  const copy = async () => {
    const result = await duplicatePlan(plan.id);
    if (result.ok) router.push(`/plans/${result.value}`);
    else void sayTrouble(result.error);
  };
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`What to do with ${plan.name}`}
        className="flex h-[44px] w-[44px] items-center justify-center rounded-md hover:bg-band"
      >
        <EllipsisVertical size={20} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          collisionPadding={10}
          className="popover min-w-[12rem] p-1"
        >
          {shelf !== 'deleted' && (
            <>
              <Item onSelect={onRename} icon={<Pencil size={18} aria-hidden />}>
                Rename
              </Item>
              <Item onSelect={() => void copy()} icon={<Copy size={18} aria-hidden />}>
                Duplicate
              </Item>
              <DropdownMenu.Item asChild>
                <a className="menu-item" href={`/api/plans/${plan.id}`} download>
                  <Download size={18} aria-hidden /> Save as a file
                </a>
              </DropdownMenu.Item>
            </>
          )}
          {shelf === 'current' && (
            <Item
              onSelect={() => void move('archived', 'archived')}
              icon={<Archive size={18} aria-hidden />}
            >
              Archive
            </Item>
          )}
          {shelf === 'archived' && (
            <Item
              onSelect={() => void move('current', 'back among the plans')}
              icon={<ArchiveRestore size={18} aria-hidden />}
            >
              Bring back
            </Item>
          )}
          {shelf === 'deleted' ? (
            <Item
              onSelect={() => void move('current', 'back among the plans')}
              icon={<Undo2 size={18} aria-hidden />}
            >
              Bring back
            </Item>
          ) : (
            <Item
              onSelect={() => void move('deleted', 'deleted')}
              icon={<Trash2 size={18} aria-hidden />}
            >
              Delete
            </Item>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function Item({
  icon,
  onSelect,
  children,
}: {
  icon: React.ReactNode;
  onSelect(): void;
  children: React.ReactNode;
}) {
  return (
    <DropdownMenu.Item className="menu-item" onSelect={onSelect}>
      {icon} {children}
    </DropdownMenu.Item>
  );
}
