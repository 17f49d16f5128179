'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useQueryState } from 'nuqs';
import { useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { v4 as uuid } from 'uuid';
import { nightBeforeLines } from '@/core/schedule/paper';
import { basisFrom, type BasisParts } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import { parseDay, type Day } from '@/core/schedule/document/day';
import { changesBetween } from '@/core/schedule/live/changes';
import type { Block } from '@/core/schedule/timetable/blocks';
import { useAction } from '@/features/actions/useAction';
import { useWholePantry } from '@/features/pantry/useWholePantry';
import { startServiceRun } from '@/server/actions/days';
import type { PlanChoice } from '@/server/repositories/findPlans';
import { useCommands, type Command } from '@/ui/commands/commands';
import { IconButton } from '@/ui/buttons/IconButton';
import { BenchBar } from '@/ui/layout/BenchBar';
import { Tabs } from '@/ui/layout/Tabs';
import { say } from '@/ui/layout/say';
import { KeepOne } from '@/ui/editor/KeepOne';
import { SAVE_WORDS } from '@/ui/editor/saveWords';
import { useDocumentEditor } from '@/ui/editor/useDocumentEditor';
import { useEditorNews } from '@/ui/editor/useEditorNews';
import { Bowls } from './Bowls';
import { DayClock } from './DayClock';
import { Facts } from './Facts';
import { useColours, useDayPlans } from './useDayPlans';
import { About } from './edit/About';
import { useOthersDay } from './clock/useOthersDay';
import { useProgress, minuteOfDay } from './clock/useProgress';
import { useTimetable } from './clock/useTimetable';
import { useUnderWay } from './clock/useUnderWay';
import { Gear } from './edit/Gear';
import { NameInput } from './edit/NameInput';
import { People } from './edit/People';
import { Served } from './edit/Served';
import { HandsView } from './HandsView';
import { headlineText } from './Headline';
import { Lists } from './Lists';
import { Paper } from './Paper';
import { TroubleList } from './TroubleList';
import { WordsHere } from '@/ui/glossary/WordsHere';
import { useUnits } from '@/ui/units/UnitsContext';

/** Leaves that say something on paper. */
const PRINTED = ['lists', 'bowls'];

export interface DayPageProps {
  readonly id: string;
  readonly stored: Day;
  readonly edition: number;
  /** Plans that are on the day, as they now are. */
  readonly plans: readonly (readonly [string, Plan])[];
  readonly choices: readonly PlanChoice[];
  readonly parts: BasisParts;
  readonly notice: ReactNode;
  /** Whose clock the day is on; that of the device when left out. */
  readonly timeZone?: string | undefined;
}

/** A day: what is served, who makes it with what, all on one clock; saved as you go. */
export function DayPage({
  id,
  stored,
  edition,
  plans,
  choices,
  parts: given,
  notice,
  timeZone,
}: DayPageProps) {
  const router = useRouter();
  const editor = useDocumentEditor<Day>(
    {
      key: `day-${id}`,
      url: `/api/days/${encodeURIComponent(id)}`,
      name: 'day',
      check: parseDay,
      loadReader: () => Promise.resolve(parseDay),
    },
    { document: stored, edition, revision: 1 },
  );
  const {
    document: day,
    save,
    refused,
    restored,
    joined,
    canUndo,
    canRedo,
  } = useSyncExternalStore(editor.subscribe, editor.getSnapshot, editor.getSnapshot);
  useEditorNews({ restored, joined });
  const change = (next: Partial<Day>, undo?: string) => {
    editor.edit((now) => ({ ...now, ...next }));
    if (undo && !editor.getSnapshot().refused) void say(undo, { undo: () => editor.undo() });
  };

  useCommands(
    useMemo<Command[]>(
      () => [
        {
          id: 'undo',
          label: 'Undo',
          group: 'This day',
          keys: 'mod+z',
          anywhere: true,
          disabled: !canUndo,
          run: () => editor.undo(),
        },
        {
          id: 'redo',
          label: 'Redo',
          group: 'This day',
          keys: 'shift+mod+z|mod+y',
          anywhere: true,
          disabled: !canRedo,
          run: () => editor.redo(),
        },
      ],
      [editor, canUndo, canRedo],
    ),
  );

  const known = useDayPlans(plans, day, choices);
  // A plan put on since may use rows that the page did not come with.
  const { rows } = useWholePantry(given.pantry, known.size > plans.length);
  const parts = useMemo(() => ({ ...given, pantry: rows }), [given, rows]);
  const basis = useMemo(() => basisFrom(parts), [parts]);
  const progress = useProgress(id);
  useOthersDay(id, editor, {
    edition: progress.edition,
    saved: save.kind === 'saved',
    own: edition,
  });
  const asPlanned = useTimetable(day, known, { parts, basis });
  const underWay = useUnderWay(asPlanned.busy ? null : asPlanned.shown, progress, timeZone);
  const live = useTimetable(day, known, {
    parts,
    basis,
    ...(underWay && { progress: underWay }),
    wanted: underWay !== null,
  });
  const { shown, busy, failed } = underWay && live.shown ? live : asPlanned;
  const question = useMemo(
    () => ({ day, plans: [...known], basis: parts, progress: underWay ?? {} }),
    [day, known, parts, underWay],
  );

  const [leaf] = useQueryState('at');
  const done = (of: Block, by: string) => {
    const marks = of.tasks.map((task) => progress.mark({ kind: 'done', task: task.id }, by));
    void say(`${of.name}: done`, {
      undo: () => marks.forEach((mark) => progress.mark({ kind: 'takenBack', mark })),
    });
  };
  const { run } = useAction();
  const atBench = async (service: string) => {
    await editor.flush();
    const runId = uuid();
    await run(() => startServiceRun({ dayId: id, service, runId }), {
      then: (to) => router.push(`/runs/${to}`),
    });
  };

  const { text } = useUnits();
  const headline = shown ? headlineText(shown, { underWay: underWay !== null, write: text }) : null;
  const nameOf = (person: string) => day.people.find((each) => each.id === person)?.name ?? person;
  const changes =
    underWay && live.shown && asPlanned.shown
      ? changesBetween(asPlanned.shown.timetable, live.shown.timetable, { nameOf, write: text })
      : [];
  const colourOf = useColours(day, known);
  const nowMin = progress.now ? minuteOfDay(progress.now, day.date, timeZone) : null;
  const trouble =
    refused ??
    failed ??
    progress.trouble ??
    (save.kind === 'failed'
      ? `Cannot save: ${save.why}. Your changes are kept on this device, and sent when it works again.`
      : null);
  return (
    <>
      <BenchBar
        actions={
          <>
            <IconButton label="Undo" on="slate" resting={!canUndo} onClick={() => editor.undo()}>
              <Undo2 size={20} aria-hidden />
            </IconButton>
            <IconButton label="Redo" on="slate" resting={!canRedo} onClick={() => editor.redo()}>
              <Redo2 size={20} aria-hidden />
            </IconButton>
            <span
              data-testid="save-state"
              className={`px-2 ${
                save.kind === 'failed' || save.kind === 'conflict'
                  ? 'font-semibold text-[var(--ochre-slate)]'
                  : 'text-chalk-dim'
              }`}
            >
              {SAVE_WORDS[save.kind]}
            </span>
          </>
        }
      />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1280px] px-4 py-5 md:px-6">
        {notice}
        <div className="flex flex-wrap items-center gap-x-4">
          <NameInput
            label="Name of the day"
            value={day.name}
            max={120}
            className="-ml-1 min-h-[44px] min-w-0 grow rounded-md bg-transparent px-1 text-ink-dim hover:bg-board-raised"
            onChange={(name) => change({ name })}
          />
          <Facts day={day} shown={shown} />
        </div>
        <h1
          className="min-h-[2.5em] font-display text-[1.75rem] leading-tight font-semibold sm:min-h-0 md:text-[2rem]"
          aria-live="polite"
        >
          {headline?.title ?? 'Putting it on the clock…'}
        </h1>
        {/* What is said grows and shrinks while a better day is looked for: on a phone its room is kept. */}
        <p className="min-h-[4.7em] text-ink-dim sm:min-h-12" data-testid="says">
          {headline?.says}
          {busy && shown && ' Looking for a better one…'}
        </p>
        {shown &&
          nightBeforeLines(shown.work).map((line) => (
            <p key={line} className="font-semibold">
              {line}
            </p>
          ))}
        {trouble && (
          <p role="alert" className="mt-3 font-semibold text-brick">
            {trouble}
          </p>
        )}
        {save.kind === 'conflict' && (
          <div role="alert" className="mt-3 border-l-4 border-ochre pl-4">
            <p className="font-semibold">
              The day was changed in another window, and the same was changed here. All else is
              joined: keep one of the two.
            </p>
            <p className="mt-2">
              <KeepOne editor={editor} />
            </p>
          </div>
        )}
        {changes.length > 0 && (
          <section
            aria-label="What changes for whom"
            aria-live="polite"
            className="mt-3 rounded-md bg-[var(--verdict-edge)] px-4 py-2 text-[var(--verdict-ink)]"
          >
            <ul>
              {changes.slice(0, 6).map(({ says }) => (
                <li key={says}>{says}</li>
              ))}
            </ul>
          </section>
        )}
        {shown && (
          <TroubleList
            timetable={shown.timetable}
            question={question}
            settled={!busy}
            underWay={underWay !== null}
            onTake={(next, says) => {
              editor.edit(() => next);
              void say(says, { undo: () => editor.undo() });
            }}
          />
        )}
        {/* Its place is kept until it is there. */}
        {!shown && !failed && day.services.length > 0 && <div className="min-h-dvh" />}
        {shown && shown.timetable.services.length > 0 && (
          <DayClock
            day={day}
            shown={shown}
            nowMin={nowMin}
            colourOf={colourOf}
            onPins={(pins, says) => change({ pins }, says)}
            onDone={done}
          />
        )}
        <div
          className={`mt-8 [&_[role=tablist]]:print:hidden ${PRINTED.includes(leaf ?? '') ? '' : 'no-print'}`}
        >
          <Tabs
            name="at"
            label="The day"
            tabs={[
              {
                id: 'served',
                label: 'Served',
                content: (
                  <Served
                    day={day}
                    choices={choices}
                    timetable={shown?.timetable ?? null}
                    onChange={(services, undo) => change({ services }, undo)}
                    onBench={(service) => void atBench(service)}
                  />
                ),
              },
              {
                id: 'people',
                label: 'People',
                content: <People day={day} onChange={(people, undo) => change({ people }, undo)} />,
              },
              {
                id: 'gear',
                label: 'Gear',
                content: <Gear day={day} onChange={(gear, undo) => change({ gear }, undo)} />,
              },
              {
                id: 'bowls',
                label: 'Bowls',
                content: shown ? <Bowls work={shown.work} basis={basis} /> : null,
              },
              {
                id: 'lists',
                label: 'Lists',
                content: shown ? (
                  <Lists day={day} work={shown.work} timetable={shown.timetable} onDone={done} />
                ) : null,
              },
              { id: 'hands', label: 'How many hands', content: <HandsView question={question} /> },
              {
                id: 'paper',
                label: 'Paper',
                content: <Paper dayId={id} day={day} choices={choices} />,
              },
              {
                id: 'about',
                label: 'About',
                content: <About day={day} timetable={shown?.timetable ?? null} onChange={change} />,
              },
            ]}
          />
        </div>
        <div className="mt-6">
          <WordsHere words={['openTime', 'trim', 'dose']} />
        </div>
      </main>
    </>
  );
}
