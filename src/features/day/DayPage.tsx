'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useQueryState } from 'nuqs';
import { useEffect, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import { v4 as uuid } from 'uuid';
import { basisFrom, type BasisParts } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import { dayAfter, momentAt, spanText } from '@/core/schedule/document/clock';
import { parseDay, type Day } from '@/core/schedule/document/day';
import { changesBetween } from '@/core/schedule/live/changes';
import type { Block } from '@/core/schedule/timetable/blocks';
import { lanesOf } from '@/core/schedule/timetable/lanes';
import type { Timetable } from '@/core/schedule/timetable/timetable';
import { breaksWhenMoved } from '@/core/schedule/timetable/solveDay';
import { startServiceRun } from '@/server/actions/days';
import type { PlanChoice } from '@/server/repositories/findPlans';
import { IconButton } from '@/ui/buttons/IconButton';
import { CheckField } from '@/ui/fields/CheckField';
import { BenchBar } from '@/ui/layout/BenchBar';
import { Tabs } from '@/ui/layout/Tabs';
import { say, sayTrouble } from '@/ui/layout/say';
import { KeepOne } from '@/ui/editor/KeepOne';
import { SAVE_WORDS } from '@/ui/editor/saveWords';
import { useDocumentEditor } from '@/ui/editor/useDocumentEditor';
import { useUnits } from '@/ui/units/UnitsContext';
import { BlockPanel } from './BlockPanel';
import { Bowls } from './Bowls';
import { useProgress, minuteOfDay } from './clock/useProgress';
import { useTimetable } from './clock/useTimetable';
import { useUnderWay } from './clock/useUnderWay';
import { DateField } from './edit/DateField';
import { Gear } from './edit/Gear';
import { NameInput } from './edit/NameInput';
import { People } from './edit/People';
import { Served } from './edit/Served';
import { HandsView } from './HandsView';
import { headlineText } from './Headline';
import { daysWorked, scaleOf } from './lanes/laneScale';
import { Lanes } from './lanes/Lanes';
import type { BlockMove } from './lanes/PersonBlock';
import { Lists } from './Lists';
import { Paper } from './Paper';
import { dayName } from './paper/dayName';
import { TroubleList } from './TroubleList';

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
}

/** A day: what is served, who makes it with what, all on one clock; saved as you go. */
export function DayPage({ id, stored, edition, plans, choices, parts, notice }: DayPageProps) {
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
  useEffect(() => {
    if (restored) void say('What could not be saved last time has been brought back.');
  }, [restored]);
  useEffect(() => {
    if (joined.length > 0) void say('What another window changed came in here; yours stays.');
  }, [joined]);
  const change = (next: Partial<Day>, undo?: string) => {
    editor.edit((now) => ({ ...now, ...next }));
    if (undo && !editor.getSnapshot().refused) void say(undo, { undo: () => editor.undo() });
  };

  const known = usePlans(plans, day);
  const basis = useMemo(() => basisFrom(parts), [parts]);
  const progress = useProgress(id);
  const asPlanned = useTimetable(day, known, { parts, basis });
  const underWay = useUnderWay(asPlanned.busy ? null : asPlanned.shown, progress);
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
  const [slack, setSlack] = useState(false);
  const [chosen, choose] = useState<{ block: string; person: string } | null>(null);
  const [moving, setMoving] = useState<BlockMove | null>(null);
  const [on, setOn] = useState<number | null>(null);

  const lanes = useMemo(() => (shown ? lanesOf(shown.work, shown.timetable) : []), [shown]);
  const days = shown ? daysWorked(shown.timetable) : [];
  const servedOn = shown?.timetable.services[0]
    ? Math.floor(shown.timetable.services[0].atMin / 1440)
    : (days[0] ?? 0);
  const dayShown =
    on !== null && days.includes(on) ? on : days.includes(servedOn) ? servedOn : (days[0] ?? 0);
  const block = lanes
    .flatMap((lane) => (lane.kind === 'person' && lane.id === chosen?.person ? lane.blocks : []))
    .find((each) => each.id === chosen?.block);
  const breaks = useMemo(() => {
    if (!moving || !shown) return [];
    return [
      ...new Set(
        moving.block.tasks.flatMap((task) =>
          breaksWhenMoved(shown, task.id, {
            start: task.fromMin + moving.byMin,
            people: task.people.map((each) => (each === moving.from ? moving.to : each)),
          }),
        ),
      ),
    ];
  }, [moving, shown]);

  const pin = ({ block: of, from, byMin, to }: BlockMove) => {
    const moved = new Set(of.tasks.map((task) => task.id));
    const pins = [
      ...day.pins.filter(({ task }) => !moved.has(task)),
      ...of.tasks.map((task) => ({
        task: task.id,
        at: momentAt(Math.max(0, task.fromMin + byMin), day.date),
        people: task.people.map((each) => (each === from ? to : each)),
      })),
    ];
    change({ pins }, 'Kept at its new time; the rest moves round it.');
    choose({ block: of.id, person: to });
  };
  const release = (of: Block) => {
    const freed = new Set(of.tasks.map((task) => task.id));
    change({ pins: day.pins.filter(({ task }) => !freed.has(task)) });
  };
  const done = (of: Block, by: string) => {
    const marks = of.tasks.map((task) => progress.mark({ kind: 'done', task: task.id }, by));
    void say(`${of.name}: done`, {
      undo: () => marks.forEach((mark) => progress.mark({ kind: 'takenBack', mark })),
    });
  };
  const atBench = async (service: string) => {
    await editor.flush();
    const result = await startServiceRun({ dayId: id, service, runId: uuid() });
    if (result.ok) router.push(`/runs/${result.value}`);
    else void sayTrouble(result.error);
  };

  const headline = shown ? headlineText(shown, underWay !== null) : null;
  const nameOf = (person: string) => day.people.find((each) => each.id === person)?.name ?? person;
  const changes =
    underWay && live.shown && asPlanned.shown
      ? changesBetween(asPlanned.shown.timetable, live.shown.timetable, nameOf)
      : [];
  const colourOf = useColours(day, known);
  const nowMin = progress.now ? minuteOfDay(progress.now, day.date) : null;
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
          className="font-display text-[1.75rem] leading-tight font-semibold md:text-[2rem]"
          aria-live="polite"
        >
          {headline?.title ?? 'Putting it on the clock…'}
        </h1>
        <p className="min-h-6 text-ink-dim" data-testid="says">
          {headline?.says}
          {busy && shown && ' Looking for a better one…'}
        </p>
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
        {shown && shown.timetable.services.length > 0 && (
          <div className="mt-4">
            <div className="flex flex-wrap items-center gap-x-4">
              {days.length > 1 && (
                <div role="group" aria-label="Day shown" className="flex gap-1">
                  {days.map((each) => (
                    <button
                      key={each}
                      type="button"
                      aria-pressed={each === dayShown}
                      className={`min-h-[44px] rounded-md px-3 ${
                        each === dayShown ? 'bg-ink font-semibold text-board' : 'hover:bg-band'
                      }`}
                      onClick={() => setOn(each)}
                    >
                      {dayName(dayAfter(day.date, each))}
                    </button>
                  ))}
                </div>
              )}
              <CheckField
                className="no-print ml-auto"
                label="Show what may slip"
                checked={slack}
                onChange={setSlack}
              />
            </div>
            <Lanes
              lanes={lanes}
              timetable={shown.timetable}
              scale={scaleOf(shown.timetable, dayShown)}
              colourOf={colourOf}
              nowMin={nowMin}
              slack={slack}
              selected={chosen && `${chosen.person} ${chosen.block}`}
              moving={moving}
              onSelect={(of, person) => choose({ block: of.id, person })}
              onMoving={setMoving}
              onMoved={pin}
            />
            <p
              role="status"
              className="no-print min-h-6 text-small font-semibold"
              data-testid="breaks"
            >
              {moving &&
                (breaks.length > 0
                  ? breaks.slice(0, 3).join(' ')
                  : `${moving.byMin === 0 ? `To ${nameOf(moving.to)}` : `${Math.abs(moving.byMin)} min ${moving.byMin > 0 ? 'later' : 'sooner'}`}: nothing breaks.`)}
            </p>
            {block && chosen && (
              <BlockPanel
                block={block}
                person={chosen.person}
                day={day}
                work={shown.work}
                onMove={pin}
                onRelease={() => release(block)}
                onDone={() => done(block, nameOf(chosen.person))}
              />
            )}
          </div>
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
                content: (
                  <People
                    day={day}
                    dates={datesOf(day)}
                    onChange={(people, undo) => change({ people }, undo)}
                  />
                ),
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
      </main>
    </>
  );
}

/** Plans on the day: those that came with the page, and those put on since, fetched once. */
function usePlans(
  given: readonly (readonly [string, Plan])[],
  { services }: Day,
): ReadonlyMap<string, Plan> {
  const [fetched, setFetched] = useState<ReadonlyMap<string, Plan>>(new Map());
  const known = useMemo(() => new Map([...given, ...fetched]), [given, fetched]);
  const missing = [...new Set(services.map(({ planId }) => planId))]
    .filter((planId) => !known.has(planId))
    .join(' ');
  useEffect(() => {
    if (!missing) return;
    let mine = true;
    for (const planId of missing.split(' ')) {
      void fetch(`/api/plans/${encodeURIComponent(planId)}`)
        .then((response) => (response.ok ? (response.json() as Promise<Plan>) : null))
        .then((plan) => {
          if (mine && plan) setFetched((had) => new Map([...had, [planId, plan]]));
        })
        .catch(() => {});
    }
    return () => {
      mine = false;
    };
  }, [missing]);
  return known;
}

/** A plan's own colour for what is made for it alone; dough is dough. */
function useColours({ services }: Day, plans: ReadonlyMap<string, Plan>) {
  return useMemo(() => {
    const colours = new Map(
      services.map(({ id, planId }) => [id, plans.get(planId)?.colour ?? '#cfc4a4']),
    );
    return (of: readonly string[], kind?: string): string =>
      kind === 'mix' || kind === 'knead' || kind === 'ribbons'
        ? '#f0dca4'
        : `color-mix(in srgb, ${colours.get(of[0] ?? '') ?? '#cfc4a4'} 62%, #fbf6ea)`;
  }, [services, plans]);
}

/** Days somebody may be there on: the first to the last anything is served on. */
function datesOf({ date, services, people }: Day): string[] {
  const last = [
    ...services.map(({ at }) => at.slice(0, 10)),
    ...people.flatMap(({ hours }) => hours.map((span) => span.date)),
  ].reduce((a, b) => (a > b ? a : b), date);
  const dates: string[] = [];
  for (let at = date; at <= last && dates.length < 14; at = dayAfter(at, 1)) dates.push(at);
  return dates;
}

/** What is on the day, on the bar. */
function Facts({
  day,
  shown,
}: {
  day: Day;
  shown: { work: { doughs: readonly unknown[] } } | null;
}) {
  const { text } = useUnits();
  const doughs = (shown?.work.doughs ?? []) as readonly {
    totalG: number;
    services: readonly unknown[];
  }[];
  const shared = doughs.find(({ services }) => services.length > 1);
  return (
    <span className="text-ink-dim max-md:hidden">
      {[
        `${day.services.length} ${day.services.length === 1 ? 'plan' : 'plans'}`,
        shared ? `one dough of ${text(shared.totalG, 'g')}` : '',
        `${day.people.length} ${day.people.length === 1 ? 'person' : 'people'}`,
      ]
        .filter(Boolean)
        .join(', ')}
    </span>
  );
}

const MINDS = [
  ['idle', 'People standing about'],
  ['switching', 'Turning to something else'],
  ['late', 'Work before six and after ten at night'],
  ['early', 'Work before it must be'],
] as const;

/** How much there is of what is unwelcome. */
const measured = ({ idleMin, switches, lateMin, earlyMin }: Timetable['disliked']) => ({
  idle: spanText(idleMin),
  switching: `${switches} ${switches === 1 ? 'time' : 'times'}`,
  late: spanText(lateMin),
  early: `${spanText(earlyMin)} on average`,
});

/** The day's first date, its note, and how much is minded what is allowed but unwelcome. */
function About({
  day,
  timetable,
  onChange,
}: {
  day: Day;
  timetable: Timetable | null;
  onChange(next: Partial<Day>): void;
}) {
  const [note, setNote] = useState<string | null>(null);
  return (
    <div className="grid max-w-[46rem] gap-5">
      <div className="max-w-48">
        <DateField
          kind="date"
          label="First day of work"
          value={day.date}
          onChange={(date) => onChange({ date })}
        />
      </div>
      <label className="block">
        <span className="mb-1 block text-small text-ink-dim">Note</span>
        <textarea
          className="field min-h-24"
          maxLength={4000}
          value={note ?? day.note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() => {
            if (note !== null && note !== day.note) onChange({ note });
            setNote(null);
          }}
        />
      </label>
      <fieldset className="grid gap-3">
        <legend className="font-display text-lead font-semibold">How much do you mind</legend>
        {MINDS.map(([key, label]) => (
          <label key={key} className="flex flex-wrap items-center justify-between gap-3">
            <span>
              {label}
              {timetable && (
                <span className="text-ink-dim">: {measured(timetable.disliked)[key]} as it is</span>
              )}
            </span>
            <select
              className="field max-w-44"
              value={String(day.minds[key])}
              onChange={(event) =>
                onChange({ minds: { ...day.minds, [key]: Number(event.target.value) } })
              }
            >
              {[...new Set([0, 1, 3, day.minds[key]])].sort().map((value) => (
                <option key={value} value={String(value)}>
                  {{ 0: 'Not at all', 1: 'As usual', 3: 'Very much' }[value] ?? `× ${value}`}
                </option>
              ))}
            </select>
          </label>
        ))}
      </fieldset>
    </div>
  );
}
