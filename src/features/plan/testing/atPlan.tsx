import { startingPantry } from '@/core/composition/pantry';
import { act, render } from '@testing-library/react';
import { useEffect, type ReactNode } from 'react';
import { startingBasis, type Basis } from '@/core/basis/basis';
import { startingKitchen, type Kitchen } from '@/core/kitchen/kitchen';
import { parsePlan } from '@/core/plan/document/parsePlan';
import type { Plan } from '@/core/plan/document/schema';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import { planWith } from '@/core/testing/plans';
import { createDocumentEditor } from '@/ui/editor/documentEditor';
import { testWorld } from '@/ui/editor/testWorld';
import type { TestedBatch } from '@/server/repositories/batch';
import { EditorProvider, useShown } from '../editor/EditorContext';

/** A part of the plan page, as a test has it before it. */
export interface AtPlan {
  /** The plan as it now stands. */
  plan(): Plan;
  /** What the page shows it to come to. */
  result(): PlanResult;
  undo(): void;
}

/** For tests: draws parts of the plan page on a plan of their own, with everything behind them but a server. */
export async function atPlan(
  parts: ReactNode,
  {
    plan: start = planWith(),
    basis = startingBasis,
    kitchen = startingKitchen,
    batch = null,
  }: { plan?: Plan; basis?: Basis; kitchen?: Kitchen; batch?: TestedBatch | null } = {},
): Promise<AtPlan> {
  const { world } = testWorld<Plan>({
    send: (save) => Promise.resolve({ kind: 'saved', edition: save.baseEdition + 1, revision: 1 }),
    loadReader: () => Promise.resolve((document) => parsePlan(document, startingPantry)),
  });
  const editor = createDocumentEditor(
    {
      ...world,
      check: (changed) => {
        evaluatePlan(changed, basis);
        return changed;
      },
    },
    { document: start, edition: 1, revision: 1 },
  );
  let shown: PlanResult | null = null;
  function Look() {
    const { result } = useShown();
    useEffect(() => {
      shown = result;
    }, [result]);
    return null;
  }
  render(
    <EditorProvider editor={editor} planId="plan" kitchen={kitchen} basis={basis} batch={batch}>
      <Look />
      {parts}
    </EditorProvider>,
  );
  await act(() => Promise.resolve());
  return {
    plan: () => editor.getSnapshot().document,
    result: () => shown!,
    undo: () => act(() => editor.undo()),
  };
}
