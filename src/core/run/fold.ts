import type { EventKind, EventOf, RunEvent, StepId, TimerId } from './events';
import { dayIn } from '../kitchen/localTime';
import { WAYS, WAY_IDS, type WayId } from './ways';

/** A sheet that was filled, closed and cut. */
export interface SheetDone {
  readonly id: string;
  readonly at: string;
  readonly by: string | null;
  readonly pieces: number;
  readonly torn: boolean;
  readonly seconds: number | null;
  readonly people: number;
}

/** A clock that runs. */
export interface RunningTimer {
  readonly id: string;
  readonly timer: TimerId;
  readonly startedAt: string;
  readonly minutes: number;
  readonly endsAt: string;
}

/** Weights of several together. */
export interface Mean {
  readonly n: number;
  readonly g: number;
}

/** What a run has come to. */
export interface RunState {
  readonly status: 'open' | 'finished' | 'abandoned';
  readonly struck: boolean;
  readonly leftOut: boolean;
  readonly beganAt: string | null;
  readonly endedAt: string | null;
  /** The day it counts for where that was said, as 2026-11-24; {@link madeOnOf} where not. */
  readonly madeOn: string | null;
  readonly cooks: readonly string[];
  readonly begun: ReadonlySet<StepId>;
  readonly done: ReadonlySet<StepId>;
  /** Lines ticked, as `step/item`. */
  readonly ticked: ReadonlySet<string>;
  readonly sheets: readonly SheetDone[];
  /** Pieces made: of the sheets, or as counted in all when that is more. */
  readonly pieces: number;
  readonly rounds: readonly { readonly pieces: number; readonly minutes: number | null }[];
  readonly boiled: number;
  readonly burst: Readonly<Record<WayId, number>>;
  /** Pieces lost for the plate. */
  readonly lost: number;
  /** The last weight of the bowls, g, where they were weighed. */
  readonly doughG: number | null;
  readonly fillingG: number | null;
  readonly left: {
    readonly doughG: number | null;
    readonly fillingG: number | null;
    readonly trimG: number | null;
  };
  /** Ingredients as they were weighed in, g, by their item. */
  readonly ingredients: ReadonlyMap<string, number>;
  readonly doses: Mean | null;
  readonly weighedPieces: Mean | null;
  /** The last value of every test. */
  readonly measured: Readonly<Partial<Record<EventOf<'measured'>['test'], number>>>;
  /** What the last of every test was of, where that was said. */
  readonly measuredOf: Readonly<Partial<Record<EventOf<'measured'>['test'], number>>>;
  readonly thickness: readonly number[];
  /** What the rest is made by, where that was changed. */
  readonly now: {
    readonly doseG: number | null;
    readonly thicknessMm: number | null;
    readonly moreDoughG: number;
    readonly moreFillingG: number;
    readonly rest: 'ribbons' | 'kept' | null;
  };
  readonly corrections: readonly EventOf<'corrected'>[];
  readonly timers: readonly RunningTimer[];
  readonly edge: EventOf<'edgeAte'>['edge'] | null;
  /** How many ate, and how many pieces; null where nobody said. */
  readonly ate: { readonly people: number; readonly pieces: number } | null;
  /** Causes that were found for what went wrong. */
  readonly traced: readonly EventOf<'traced'>[];
  readonly notes: readonly EventOf<'noted'>[];
  readonly pictures: readonly EventOf<'pictured'>[];
  /** Every event that stands, in the order of the bench. */
  readonly events: readonly RunEvent[];
}

/**
 * What a run has come to, from its events. They may come in any order and more than once: each counts
 * once, in the order of its time at the bench, and what was taken back does not count at all.
 * @example foldRun([begun, sheetDone]).pieces // 16
 */
export function foldRun(given: readonly RunEvent[]): RunState {
  const events = standing(given);
  const kinds = new Map<EventKind, RunEvent[]>();
  for (const event of events) {
    const own = kinds.get(event.kind);
    if (own) own.push(event);
    else kinds.set(event.kind, [event]);
  }
  const of = <K extends EventKind>(kind: K) =>
    (kinds.get(kind) ?? []) as unknown as readonly EventOf<K>[];
  const last = <K extends EventKind>(kind: K) => of(kind).at(-1);
  const ended = [last('finished'), last('abandoned')]
    .filter((event) => event !== undefined)
    .sort(byTime)
    .at(-1);
  const sheets = of('sheetDone').map(
    ({ id, at, by, pieces, torn, seconds, people }): SheetDone => ({
      id,
      at,
      by: by ?? null,
      pieces,
      torn,
      seconds: seconds ?? null,
      people: people ?? 1,
    }),
  );
  const rounds = of('roundDone').map(({ pieces, minutes }) => ({
    pieces,
    minutes: minutes ?? null,
  }));
  const burst = Object.fromEntries(WAY_IDS.map((way) => [way, 0])) as Record<WayId, number>;
  for (const { how, pieces } of of('burst')) burst[how] += pieces;
  const weighed = of('weighed');
  const lastWeight = (what: EventOf<'weighed'>['what']) =>
    weighed.findLast((event) => event.what === what)?.g ?? null;
  // Weighed in the middle, with sheets still to come, it is not what was left at the end.
  const lastSheet = events.findLastIndex(({ kind }) => kind === 'sheetDone');
  const lastLeft = (what: EventOf<'left'>['what']) =>
    events
      .slice(lastSheet + 1)
      .flatMap((event) => (event.kind === 'left' && event.what === what ? event.g : []))
      .at(-1) ?? null;
  const changes = of('changed');
  const lastOf = <K extends 'doseG' | 'thicknessMm' | 'rest'>(key: K) =>
    changes.findLast((change) => change[key] !== undefined)?.[key] ?? null;
  const stopped = new Set(of('timerStopped').map(({ timerEvent }) => timerEvent));
  const measured = of('measured');
  const beganAt = events[0]?.at ?? null;
  const endedAt = ended?.at ?? null;
  return {
    status: ended ? ended.kind : 'open',
    struck: of('struck').length > 0,
    leftOut: of('leftOut').length > 0,
    beganAt,
    endedAt,
    madeOn: last('finished')?.madeOn ?? null,
    cooks: [...new Set(events.flatMap(({ by }) => by ?? []))],
    begun: new Set(of('stepBegun').map(({ step }) => step)),
    done: new Set(of('stepDone').map(({ step }) => step)),
    ticked: new Set(of('ticked').map(({ step, item }) => `${step}/${item}`)),
    sheets,
    pieces: Math.max(
      sheets.reduce((sum, sheet) => sum + sheet.pieces, 0),
      last('counted')?.pieces ?? 0,
    ),
    rounds,
    boiled: rounds.reduce((sum, round) => sum + round.pieces, 0),
    burst,
    lost: WAY_IDS.reduce((sum, way) => sum + (WAYS[way].lost ? burst[way] : 0), 0),
    doughG: lastWeight('dough'),
    fillingG: lastWeight('filling'),
    left: {
      doughG: lastLeft('dough'),
      fillingG: lastLeft('filling'),
      trimG: lastLeft('trim'),
    },
    ingredients: new Map(
      weighed.flatMap(({ what, item, g }) => (what === 'ingredient' && item ? [[item, g]] : [])),
    ),
    doses: meanOf(weighed.filter(({ what }) => what === 'doses')),
    weighedPieces: meanOf(weighed.filter(({ what }) => what === 'pieces')),
    measured: Object.fromEntries(measured.map(({ test, value }) => [test, value])),
    measuredOf: Object.fromEntries(measured.map(({ test, of: amount }) => [test, amount])),
    thickness: measured.flatMap(({ test, value }) => (test === 'thicknessMm' ? value : [])),
    now: {
      doseG: lastOf('doseG'),
      thicknessMm: lastOf('thicknessMm'),
      moreDoughG: changes.reduce((sum, { moreDoughG }) => sum + (moreDoughG ?? 0), 0),
      moreFillingG: changes.reduce((sum, { moreFillingG }) => sum + (moreFillingG ?? 0), 0),
      rest: lastOf('rest'),
    },
    corrections: of('corrected'),
    timers: of('timerSet')
      .filter(({ id }) => !stopped.has(id))
      .map(({ id, timer, at, minutes }) => ({
        id,
        timer,
        startedAt: at,
        minutes,
        endsAt: new Date(Date.parse(at) + minutes * 60_000).toISOString(),
      })),
    edge: last('edgeAte')?.edge ?? null,
    ate: ateOf(last('ate')),
    traced: of('traced'),
    notes: of('noted'),
    pictures: of('pictured'),
    events,
  };
}

/** The day a run counts for: as it was said, else the one it began on by the kitchen's own calendar. */
export const madeOnOf = (
  { madeOn, beganAt }: Pick<RunState, 'madeOn' | 'beganAt'>,
  timeZone: string,
): string | null => madeOn ?? (beganAt === null ? null : dayIn(new Date(beganAt), timeZone));

const byId = (a: RunEvent, b: RunEvent): number => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

const byTime = (a: RunEvent, b: RunEvent): number =>
  Date.parse(a.at) - Date.parse(b.at) || byId(a, b);

/**
 * The events that stand, each once, by their time. Taking back a taking back lets the first stand again;
 * what takes each other back in a ring does not count.
 */
function standing(given: readonly RunEvent[]): RunEvent[] {
  const once = [...new Map(given.map((event) => [event.id, event])).values()];
  // Times are read once each, not at every comparison.
  const all = once
    .map((event) => ({ event, atMs: Date.parse(event.at) }))
    .sort((a, b) => a.atMs - b.atMs || byId(a.event, b.event))
    .map(({ event }) => event);
  const target = new Map(
    all.flatMap((event) => (event.kind === 'takenBack' ? [[event.id, event.event]] : [])),
  );
  if (target.size === 0) return all;
  const takers = new Map<string, number>();
  for (const id of target.values()) takers.set(id, (takers.get(id) ?? 0) + 1);
  const stands = new Map<string, boolean>();
  const told = all.flatMap(({ id }) => (takers.has(id) ? [] : [id]));
  for (const id of told) stands.set(id, true);
  for (let id = told.pop(); id !== undefined; id = told.pop()) {
    const of = target.get(id);
    if (of === undefined || stands.has(of)) continue;
    const left = takers.get(of)! - 1;
    takers.set(of, left);
    if (!stands.get(id) && left > 0) continue;
    stands.set(of, !stands.get(id));
    told.push(of);
  }
  return all.filter(({ id, kind }) => stands.get(id) && kind !== 'takenBack');
}

const ateOf = (event: EventOf<'ate'> | undefined) =>
  event ? { people: event.people, pieces: event.pieces } : null;

/** The mean of weights of several together; null when there are none. */
function meanOf(weights: readonly EventOf<'weighed'>[]): Mean | null {
  const n = weights.reduce((sum, weight) => sum + (weight.n ?? 1), 0);
  if (n === 0) return null;
  return { n, g: weights.reduce((sum, { g }) => sum + g, 0) / n };
}
