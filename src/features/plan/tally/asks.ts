import type { State } from '@/core/basis/state';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { STATIONS, type StationId } from '@/core/plan/stations';
import type { WriteFigure } from '@/core/units/format';
import { stationAdvice } from '../words';

/** What a station asks for, in a line. */
export interface Ask {
  readonly station: StationId;
  readonly advice: string;
  readonly state: State;
}

/** What the stations ask for beside the piece: those that fail whatever it is worth, and the others. */
export function asksOf(
  result: PlanResult,
  write: WriteFigure,
): { readonly failures: readonly Ask[]; readonly others: readonly Ask[] } {
  const asks: Ask[] = STATIONS.flatMap((station) => {
    const advice = stationAdvice(station, result, write);
    return advice ? [{ station, advice, state: result.stations[station].state }] : [];
  });
  return {
    failures: asks.filter(({ state }) => state === 'fails'),
    others: asks.filter(({ state }) => state !== 'fails'),
  };
}
