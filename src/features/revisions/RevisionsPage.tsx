'use client';

import type { MarginId } from '@/core/risk/margins';
import { MARGIN_NAMES, spareWords } from '../plan/marginWords';
import { useAction } from '@/features/actions/useAction';
import { Link } from '@/ui/layout/Link';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import type { PlanDifference } from '@/core/plan/document/comparePlans';
import type { State } from '@/core/basis/state';
import type { FigureUnit } from '@/core/working/working';
import { PlanBar } from '@/features/shell/PlanBar';
import { goBackToRevision } from '@/server/actions/plans';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { fieldValue } from '../plan/fieldNames';
import { Moment } from '@/ui/text/Moment';
import { RevisionName } from './RevisionName';
import { SelectField } from '@/ui/fields/SelectField';
import { DataTable } from '@/ui/lists/DataTable';

export interface ShownRevision {
  readonly number: number;
  readonly savedAt: string;
  /** As the cook called it; empty for none. */
  readonly name: string;
  readonly pieces: number;
  readonly margin: number;
  readonly weakest: MarginId;
  readonly state: State;
  readonly logged: number;
}

/** A figure of both revisions, side by side. */
export interface ComparedFigure {
  readonly label: string;
  readonly unit: FigureUnit;
  readonly before: number;
  readonly after: number;
}

export interface RevisionsPageProps {
  readonly id: string;
  readonly name: string;
  readonly newest: number;
  /** What cannot be read of it. */
  readonly notice: ReactNode;
  readonly revisions: readonly ShownRevision[];
  readonly compared: {
    readonly before: number;
    readonly after: number;
    readonly figures: readonly ComparedFigure[];
    readonly differences: readonly (PlanDifference & { readonly label: string })[];
  } | null;
}

/** Every revision kept of a plan; two of them compared; any of them made the newest again. */
export function RevisionsPage({
  id,
  name,
  newest,
  notice,
  revisions,
  compared,
}: RevisionsPageProps) {
  const router = useRouter();
  const compare = (before: number, after: number) =>
    router.push(`/plans/${id}/revisions?before=${before}&after=${after}`);
  const { run } = useAction();
  const goBack = (number: number) =>
    run(() => goBackToRevision(id, number), {
      done: `Revision ${number} is the newest again; the others stay.`,
      then: () => router.push(`/plans/${id}`),
    });
  return (
    <>
      <PlanBar id={id} name={name} here="revisions" />
      <main
        id="main"
        tabIndex={-1}
        className="mx-auto grid max-w-[1180px] gap-8 p-5 md:py-8 lg:grid-cols-[minmax(0,500px)_minmax(0,1fr)]"
      >
        <section aria-label="Revisions">
          <h1 className="font-display text-[2rem] leading-tight">Revisions</h1>
          <p className="mt-1 text-ink-dim">
            A sitting at the plan makes one; a batch written down keeps the one it was made from.
          </p>
          {notice}
          <ol className="mt-4 grid">
            {revisions.map((revision) => (
              <li
                key={revision.number}
                className="flex flex-wrap items-center justify-between gap-x-3 border-t border-board-line py-2"
              >
                <div>
                  <p>
                    <b className="text-lead">{revision.number}</b>{' '}
                    {revision.number === newest && <span className="text-small">(newest) </span>}
                    <Moment at={revision.savedAt} time className="text-small text-ink-dim" />
                    <RevisionName planId={id} number={revision.number} name={revision.name} />
                  </p>
                  <p className="text-small">
                    <StateMark state={revision.state} /> {revision.pieces} pieces, weakest{' '}
                    {MARGIN_NAMES[revision.weakest]},{' '}
                    {spareWords(revision.weakest, revision.margin)}
                    {revision.logged > 0 &&
                      `, made ${revision.logged === 1 ? 'once' : `${revision.logged} times`}`}
                  </p>
                </div>
                {revision.number !== newest && (
                  <div className="flex gap-2">
                    <Link
                      className="btn"
                      href={`/plans/${id}/revisions?before=${revision.number}&after=${newest}`}
                    >
                      Compare
                    </Link>
                    <button
                      type="button"
                      className="btn"
                      onClick={() => void goBack(revision.number)}
                    >
                      Go back to it
                    </button>
                  </div>
                )}
              </li>
            ))}
          </ol>
        </section>
        <section aria-label="Compared">
          {compared ? (
            <Compared compared={compared} revisions={revisions} onCompare={compare} />
          ) : (
            <p className="text-lead">
              {revisions.length > 1
                ? 'Choose a revision to compare with the newest.'
                : 'Only one revision so far. The next sitting at the plan makes another, and the two can be compared here.'}
            </p>
          )}
        </section>
      </main>
    </>
  );
}

function Compared({
  compared,
  revisions,
  onCompare,
}: {
  compared: NonNullable<RevisionsPageProps['compared']>;
  revisions: readonly ShownRevision[];
  onCompare(before: number, after: number): void;
}) {
  const { text } = useUnits();
  const { before, after, figures, differences } = compared;
  const choose = (label: string, value: number, onChange: (value: number) => void) => (
    <div className="flex items-center gap-2">
      <span aria-hidden className="text-small text-ink-dim">
        {label}
      </span>
      <SelectField
        hideLabel
        label={label}
        className="w-24"
        value={String(value)}
        options={revisions.map(({ number }) => ({
          value: String(number),
          label: String(number),
        }))}
        onChange={(next) => onChange(Number(next))}
      />
    </div>
  );
  return (
    <>
      <div className="flex flex-wrap items-center gap-4">
        <h2 className="font-display text-figure">
          {before} against {after}
        </h2>
        {choose('Before', before, (next) => onCompare(next, after))}
        {choose('After', after, (next) => onCompare(before, next))}
      </div>
      <DataTable
        className="mt-3 w-full"
        rows={figures}
        keyOf={({ label }) => label}
        columns={[
          {
            id: 'figure',
            head: 'What follows',
            names: true,
            className: 'py-1.5',
            cell: ({ label }) => label,
          },
          {
            id: 'before',
            head: `revision ${before}`,
            right: true,
            cell: ({ before: a, unit }) => text(a, unit),
          },
          {
            id: 'after',
            head: `revision ${after}`,
            right: true,
            cell: ({ before: a, after: b, unit }) => (
              <span className={text(a, unit) === text(b, unit) ? '' : 'font-bold'}>
                {text(b, unit)}
              </span>
            ),
          },
        ]}
      />
      <h3 className="mt-6">What was changed</h3>
      {differences.length === 0 ? (
        <p>Nothing: the two are the same.</p>
      ) : (
        <DataTable
          className="mt-1 w-full"
          headUnseen
          rows={differences}
          keyOf={({ path }) => path}
          columns={[
            {
              id: 'field',
              head: 'Field',
              names: true,
              className: 'py-1.5 pr-2',
              cell: ({ label }) => label,
            },
            {
              id: 'before',
              head: `revision ${before}`,
              right: true,
              className: 'break-words',
              cell: ({ path, before: a }) => fieldValue(path, a, text),
            },
            {
              id: 'after',
              head: `revision ${after}`,
              right: true,
              className: 'pl-2 break-words',
              cellClassName: 'font-bold',
              cell: ({ path, after: b }) => fieldValue(path, b, text),
            },
          ]}
        />
      )}
    </>
  );
}
