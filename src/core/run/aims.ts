import { foldRun, type RunState } from './fold';

/** What the hand aims for: a dose, or a thickness by the dial. */
export type Aim = 'doseG' | 'thicknessMm';

/** Pieces made while one aim held. */
export interface Stretch {
  readonly aim: number;
  readonly pieces: number;
  /** Places among the events that it lies between. */
  readonly from: number;
  readonly to: number;
}

/** Pieces made by the events before a place. */
export const piecesBy = ({ events }: Pick<RunState, 'events'>, at: number): number =>
  at >= events.length ? foldRun(events).pieces : foldRun(events.slice(0, at)).pieces;

/**
 * A run in stretches of one aim, from one place among its events to another. Pieces that nobody counted by
 * sheets were made as it went last.
 * @param planned the aim as it was planned
 */
export function stretchesOf(
  aim: Aim,
  planned: number,
  state: Pick<RunState, 'events'>,
  from = 0,
  to = state.events.length,
): Stretch[] {
  const { events } = state;
  let now = planned;
  const cuts: { at: number; aim: number }[] = [{ at: from, aim: planned }];
  events.slice(0, to).forEach((event, at) => {
    const changed = event.kind === 'changed' ? event[aim] : undefined;
    if (changed === undefined) return;
    now = changed;
    if (at <= from) cuts[0] = { at: from, aim: now };
    else cuts.push({ at, aim: now });
  });
  return cuts.map((cut, i): Stretch => {
    const end = cuts[i + 1]?.at ?? to;
    return {
      aim: cut.aim,
      pieces: Math.max(0, piecesBy(state, end) - piecesBy(state, cut.at)),
      from: cut.at,
      to: end,
    };
  });
}

/** Pieces, each counted by its aim: grams, or millimetres, asked of the hand in all. */
export const aimed = (stretches: readonly Stretch[]): number =>
  stretches.reduce((sum, { aim, pieces }) => sum + aim * pieces, 0);

/** Where the aim was last changed; 0 where it never was. */
export const lastChange = (aim: Aim, { events }: Pick<RunState, 'events'>): number =>
  Math.max(
    0,
    events.findLastIndex((event) => event.kind === 'changed' && event[aim] !== undefined),
  );

/**
 * How what was measured came out to what was aimed for, over a stretch of events; null where nothing was.
 * Doses are weighed together and count by how many; strips count once each.
 */
export function overAimed(
  aim: Aim,
  planned: number,
  { events }: Pick<RunState, 'events'>,
  from = 0,
): number | null {
  let meant = planned;
  let [sum, n] = [0, 0];
  events.forEach((event, at) => {
    if (event.kind === 'changed') meant = event[aim] ?? meant;
    if (at < from) return;
    if (aim === 'doseG' && event.kind === 'weighed' && event.what === 'doses') {
      sum += event.g / meant;
      n += event.n ?? 1;
    }
    if (aim === 'thicknessMm' && event.kind === 'measured' && event.test === 'thicknessMm') {
      sum += event.value / meant;
      n += 1;
    }
  });
  return n > 0 ? sum / n : null;
}
