'use client';

import { useRouter } from 'next/navigation';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
} from 'react';
import { basisFrom, type BasisParts, type Basis } from '@/core/basis/basis';
import type { CauseId } from '@/core/faults/causes';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import type { PlanAtBench } from '@/core/plan/model/atBench';
import type { Plan } from '@/core/plan/document/schema';
import { dayIn, systemZone } from '@/core/kitchen/localTime';
import { benchOf } from '@/core/run/bench';
import { planAtBench } from '@/core/run/planAtBench';
import type { Bench } from '@/core/run/steps/step';
import { useUnits } from '@/ui/units/UnitsContext';
import { useRun, type LiveRun } from './useRun';

/** A run as the server gives it to its bench. */
export interface GivenRun extends BasisParts {
  readonly id: string;
  readonly planId: string;
  readonly revision: number;
  readonly plan: Plan;
  /** Causes found in this kitchen before, how often; left out where that is not told. */
  readonly found?: Readonly<Partial<Record<CauseId, number>>>;
  /** Whose calendar its day is on; that of the device when left out. */
  readonly timeZone?: string | undefined;
  readonly events: Parameters<typeof useRun>[1]['events'];
  readonly last: number;
}

/** How a run ends: made to its end, or given up. */
type Ending = 'finished' | 'abandoned';

/** What every part of the bench works on. */
export interface BenchValue extends LiveRun {
  readonly given: GivenRun;
  readonly basis: Basis;
  readonly bench: Bench;
  /** The plan as it now stands at this bench: what was changed, corrected and tested counted. */
  readonly planNow: PlanAtBench;
  readonly resultNow: PlanResult;
  /**
   * Ends the run; the page goes on to what came of it as soon as the server has that too.
   * @param madeOn the day it counts for; the one it began on when left out
   */
  end(how: Ending, madeOn?: string): void;
}

const Context = createContext<BenchValue | null>(null);

/** What happens at this bench, and what it comes to. */
export function useBench(): BenchValue {
  const value = useContext(Context);
  if (!value) throw new Error('useBench needs a BenchProvider above it');
  return value;
}

/** Ends a run. Without a line there is nowhere to go: the bench says that it is over. */
function useEnding(
  { happen, line, state, waiting }: LiveRun,
  { id, timeZone = systemZone() }: Pick<GivenRun, 'id' | 'timeZone'>,
): BenchValue['end'] {
  const router = useRouter();
  const [next, setNext] = useState<string | null>(null);
  const over = state.status !== 'open' && waiting === 0 && line === 'up';
  useEffect(() => {
    if (over && next) router.push(next);
  }, [over, next, router]);
  return useCallback(
    (how, said) => {
      const madeOn = said ?? dayIn(state.beganAt ? new Date(state.beganAt) : new Date(), timeZone);
      happen(how === 'finished' ? { kind: how, madeOn } : { kind: how, why: '' });
      if (line === 'up') setNext(how === 'finished' ? `/logbook/${id}` : '/logbook');
    },
    [happen, id, line, state.beganAt, timeZone],
  );
}

/** Gives a run, its plan and what both come to, to the whole bench. */
export function BenchProvider({
  given,
  cook,
  children,
}: {
  given: GivenRun;
  cook: string;
  children: ReactNode;
}) {
  const run = useRun(given.id, given, cook);
  const end = useEnding(run, given);
  const { text, split } = useUnits();
  const basis = useMemo(() => basisFrom(given), [given]);
  const planned = useMemo(() => evaluatePlan(given.plan, basis), [given.plan, basis]);
  const { state } = run;
  const planNow = useMemo(
    () => planAtBench(given.plan, state, { pantry: basis.pantry, planned }),
    [given.plan, state, basis.pantry, planned],
  );
  const resultNow = useMemo(
    () => (planNow === given.plan ? planned : evaluatePlan(planNow, basis)),
    [planNow, planned, given.plan, basis],
  );
  const bench = useMemo<Bench>(
    () =>
      benchOf(given.plan, planned, {
        state,
        ladder: resultNow.ladder,
        rules: basis.rules,
        write: text,
        split,
      }),
    [given.plan, planned, resultNow, state, basis, text, split],
  );
  const value = useMemo(
    () => ({ ...run, given, basis, bench, planNow, resultNow, end }),
    [run, given, basis, bench, planNow, resultNow, end],
  );
  return <Context value={value}>{children}</Context>;
}
