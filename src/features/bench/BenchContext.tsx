'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { basisFrom, type Basis } from '@/core/basis/basis';
import type { CauseId } from '@/core/faults/causes';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import type { PlanAtBench } from '@/core/plan/model/atBench';
import type { Plan } from '@/core/plan/document/schema';
import { liveOf } from '@/core/run/live';
import type { Bench } from '@/core/run/steps/step';
import { familyOf } from '@/core/shapes/families';
import { EGG_WHOLE, EGG_YOLK } from '@/core/dough/makeup';
import { useUnits } from '@/ui/units/UnitsContext';
import { useRun, type LiveRun } from './useRun';

/** A run as the server gives it to its bench. */
export interface GivenRun {
  readonly id: string;
  readonly planId: string;
  readonly revision: number;
  readonly plan: Plan;
  readonly pantry: Parameters<typeof basisFrom>[0]['pantry'];
  readonly learnt: Parameters<typeof basisFrom>[0]['learnt'];
  /** Causes found in this kitchen before, how often; left out where that is not told. */
  readonly found?: Readonly<Partial<Record<CauseId, number>>>;
  readonly events: Parameters<typeof useRun>[1]['events'];
  readonly last: number;
}

/** What every part of the bench works on. */
export interface BenchValue extends LiveRun {
  readonly given: GivenRun;
  readonly basis: Basis;
  readonly bench: Bench;
  /** The plan as it now stands at this bench: what was changed and corrected counted. */
  readonly planNow: PlanAtBench;
  readonly resultNow: PlanResult;
}

const Context = createContext<BenchValue | null>(null);

/** What happens at this bench, and what it comes to. */
export function useBench(): BenchValue {
  const value = useContext(Context);
  if (!value) throw new Error('useBench needs a BenchProvider above it');
  return value;
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
  const { text, split } = useUnits();
  const basis = useMemo(() => basisFrom(given), [given]);
  const planned = useMemo(() => evaluatePlan(given.plan, basis), [given.plan, basis]);
  const { state } = run;
  const { doseG, thicknessMm } = state.now;
  const planNow = useMemo(
    () => planAtBench(given.plan, { doseG, thicknessMm, corrections: state.corrections }),
    [given.plan, doseG, thicknessMm, state.corrections],
  );
  const resultNow = useMemo(
    () => (planNow === given.plan ? planned : evaluatePlan(planNow, basis)),
    [planNow, planned, given.plan, basis],
  );
  const bench = useMemo<Bench>(
    () => ({
      plan: given.plan,
      result: planned,
      ladder: resultNow.ladder,
      state,
      live: liveOf(planned, state, {
        roller: given.plan.sheet.roller,
        thicknessBandMm: familyOf(given.plan.shape.family).thicknessBandMm,
        eggsPerG: eggsPerG(given.plan),
        rules: basis.rules,
      }),
      write: text,
      split,
    }),
    [given.plan, planned, resultNow, state, basis, text, split],
  );
  const value = useMemo(
    () => ({ ...run, given, basis, bench, planNow, resultNow }),
    [run, given, basis, bench, planNow, resultNow],
  );
  return <Context value={value}>{children}</Context>;
}

/** Eggs and yolks in a gram of the recipe; 0 without. */
function eggsPerG({ dough }: Plan): number {
  const massG = dough.parts.reduce((sum, { g }) => sum + g, 0);
  const eggs = dough.parts.reduce(
    (sum, { id, g }) =>
      sum + (id === EGG_WHOLE ? g / dough.eggG : id === EGG_YOLK ? g / dough.yolkG : 0),
    0,
  );
  return massG > 0 ? eggs / massG : 0;
}

/** The plan with what this bench changed and corrected; the same one where nothing was. */
function planAtBench(
  plan: Plan,
  {
    doseG,
    thicknessMm,
    corrections,
  }: {
    doseG: number | null;
    thicknessMm: number | null;
    corrections: LiveRun['state']['corrections'];
  },
): PlanAtBench {
  if (doseG === null && thicknessMm === null && corrections.length === 0) return plan;
  return {
    ...plan,
    shape: { ...plan.shape, doseG: doseG ?? plan.shape.doseG },
    sheet: { ...plan.sheet, thicknessMm: thicknessMm ?? plan.sheet.thicknessMm },
    made: corrections.map(({ did, amount }) => ({ kind: did, amount })),
  };
}
