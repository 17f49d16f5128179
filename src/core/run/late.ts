import type { PlanResult } from '../plan/evaluatePlan';
import type { WriteFigure } from '../units/format';
import type { RunState } from './fold';

/** Something that waits too long, and what to do about it now. */
export interface Late {
  readonly id: 'sheet' | 'trays' | 'filling' | 'pot';
  readonly says: string;
}

/** So near its limit, a tray is moved before it is too late. */
const NEAR = 0.8;
const MINUTE_MS = 60_000;

/**
 * What runs late at a moment, and what to cover, chill or take out. Rules read off the plan: the open time
 * of a sheet, the time a tray is good for, the clock of a round.
 * @param nowMs the bench's clock
 */
export function lateAt(
  result: PlanResult,
  state: RunState,
  nowMs: number,
  write: WriteFigure,
): Late[] {
  if (state.status !== 'open') return [];
  const { hold } = result;
  const late: Late[] = [];
  const over = (timer: string) =>
    state.timers
      .filter((each) => each.timer === timer && Date.parse(each.endsAt) <= nowMs)
      .map(({ endsAt }) => (nowMs - Date.parse(endsAt)) / MINUTE_MS)
      .sort((a, b) => b - a)[0];
  if (over('open') !== undefined) {
    late.push({
      id: 'sheet',
      says: 'The open sheet is drying. Damp the edges before you close them; cover what waits with a damp cloth.',
    });
  }
  const first = state.sheets.find(({ torn, pieces }) => !torn && pieces > 0);
  const kept = state.timers.some(({ timer }) => timer === 'hold') || state.done.has('hold');
  if (first && !kept && hold.goodFor && state.boiled < state.pieces) {
    const stood = (nowMs - Date.parse(first.at)) / MINUTE_MS;
    // A tray waits on the bench while the next is filled: there it is good for less than in the cold.
    const good = Math.min(hold.goodFor.minute, BENCH_MIN);
    if (stood >= NEAR * good) {
      late.push({
        id: 'trays',
        says: `The first tray has stood ${write(Math.round(stood), 'min')}. Chill it now, or onto fresh semolina; the rest follows.`,
      });
    }
  }
  if (over('cool') !== undefined && !state.done.has('cool')) {
    late.push({
      id: 'filling',
      says: 'The filling should be cold by now. If it is not, spread it thinner and into the fridge; local food codes come first.',
    });
  }
  const potOver = over('boil');
  if (potOver !== undefined && potOver > 0.5) {
    late.push({ id: 'pot', says: `Lift them out: ${write(result.boil.potMin, 'min')} are over.` });
  }
  return late;
}

/** A tray on the bench is moved into the cold after so long, min. Rule: within the two hours in all that food stands warm. */
const BENCH_MIN = 60;
