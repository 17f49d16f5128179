import { WAY_IDS, WAYS, type WayId } from '../run/ways';
import type { RunSummary } from '../run/summary';

/** One month of runs. */
export interface Month {
  /** As 2026-11. */
  readonly month: string;
  readonly runs: number;
  readonly pieces: number;
  /** Share lost, by what was seen. */
  readonly lost: Readonly<Partial<Record<WayId, number>>>;
  /** How far what a piece took was off from what was predicted, as a share; null where nothing was weighed. */
  readonly doughOff: number | null;
  readonly fillingOff: number | null;
  readonly minutesAPiece: number | null;
}

const mean = (values: readonly number[]): number | null =>
  values.length === 0 ? null : values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * How it went, month by month, the oldest first: share lost by cause, error of the prediction, minutes a
 * piece. Bookkeeping.
 */
export function trends(
  runs: readonly { readonly madeOn: string; readonly summary: RunSummary }[],
): Month[] {
  const months = new Map<string, RunSummary[]>();
  for (const { madeOn, summary } of runs) {
    if (summary.status !== 'finished' || summary.pieces === 0) continue;
    const month = madeOn.slice(0, 7);
    months.set(month, [...(months.get(month) ?? []), summary]);
  }
  return [...months]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([month, own]) => {
      const pieces = own.reduce((sum, each) => sum + each.pieces, 0);
      return {
        month,
        runs: own.length,
        pieces,
        lost: Object.fromEntries(
          WAY_IDS.filter((way) => WAYS[way].lost).map((way) => [
            way,
            own.reduce((sum, { burst }) => sum + burst[way], 0) / pieces,
          ]),
        ),
        doughOff: mean(own.flatMap((each) => offOf(each, 'dough') ?? [])),
        fillingOff: mean(own.flatMap((each) => offOf(each, 'filling') ?? [])),
        minutesAPiece: mean(own.flatMap(({ minutesAPiece }) => minutesAPiece ?? [])),
      };
    });
}

/** How far one bowl's prediction a piece was off, as a share; null where nobody weighed what was left. */
export function offOf(summary: RunSummary, bowl: 'dough' | 'filling'): number | null {
  const { planned, pieces } = summary;
  const [madeG, plannedLeftG, leftG] =
    bowl === 'dough'
      ? [planned.doughG, planned.doughLeftG, summary.doughLeftG]
      : [planned.fillingG, planned.fillingLeftG, summary.fillingLeftG];
  if (leftG === null || pieces === 0 || planned.pieces === 0) return null;
  const meant = (madeG - plannedLeftG) / planned.pieces;
  const took = (madeG - leftG) / pieces;
  return took > 0 && meant > 0 ? Math.abs(meant / took - 1) : null;
}
